package gyrotaxis.core.hair;

/** The kinds of curl and wave that install alike, from the most body to the least. */
public enum Texture {
    COARSE_KINKY("coarse kinky", 18.5),
    TIGHT_CURL("tight curl", 14.8),
    SPRINGY_CURL("large springy curl", 10.3),
    SHORT_TWIST("short twist", 14.4),
    DEEP_WAVE("deep wave", 8.4),
    LOOSE_WAVE("loose wave", 8),
    SILKY_WAVE("silky loose wave", 7.6);

    private final String words;
    private final double usualGramsPerM;

    Texture(String words, double usualGramsPerM) {
        this.words = words;
        this.usualGramsPerM = usualGramsPerM;
    }

    /**
     * What a loop of it usually weighs for each metre that it hangs, g: what the usual spacings are meant for.
     *
     * @see "ASSUMPTION: of loops as they are sold, by a kitchen scale; the more body, the heavier"
     */
    public double usualGramsPerM() {
        return usualGramsPerM;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Whether it usually comes ready twisted, and so comes undone when it is split; a line may differ. */
    public boolean goesInWhole() {
        return this == SHORT_TWIST;
    }
}
