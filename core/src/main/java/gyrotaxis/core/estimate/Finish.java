package gyrotaxis.core.estimate;

import gyrotaxis.core.quantity.Estimate;

/** What is asked for once all is hooked, with the minutes a stylist takes for it. All of them estimates of the trade. */
public enum Finish {
    TRIM("trim to shape", new Estimate(5, 8, 12)),
    LAYERS("layers round the face", new Estimate(8, 14, 22)),
    RAZOR("thin softly with a razor", new Estimate(5, 10, 15)),
    SET("set on rods", new Estimate(20, 30, 50));

    private final String words;
    private final Estimate minutes;

    Finish(String words, Estimate minutes) {
        this.words = words;
        this.minutes = minutes;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Minutes a stylist takes. */
    public Estimate minutes() {
        return minutes;
    }
}
