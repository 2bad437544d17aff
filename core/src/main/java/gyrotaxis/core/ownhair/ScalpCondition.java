package gyrotaxis.core.ownhair;

/** What was found when the scalp was looked at. */
public enum ScalpCondition {
    THIN_EDGES("thin edges"),
    THIN_CROWN("thin crown"),
    TENDER("tender spots"),
    ITCHES("itched in earlier installs"),
    REACTS_TO_COATING("reacts to coated fibre"),
    SUDDEN_LOSS("sudden hair loss"),
    BROKEN_SKIN("broken skin or infection");

    private final String words;

    ScalpCondition(String words) {
        this.words = words;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }
}
