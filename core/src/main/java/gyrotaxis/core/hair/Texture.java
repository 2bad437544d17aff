package gyrotaxis.core.hair;

/** The kinds of curl and wave that install alike, from the most body to the least. */
public enum Texture {
    COARSE_KINKY("coarse kinky"),
    TIGHT_CURL("tight curl"),
    SPRINGY_CURL("large springy curl"),
    SHORT_TWIST("short twist"),
    DEEP_WAVE("deep wave"),
    LOOSE_WAVE("loose wave"),
    SILKY_WAVE("silky loose wave");

    private final String words;

    Texture(String words) {
        this.words = words;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Whether it comes ready twisted, and so comes undone when it is split: it goes in whole. */
    public boolean goesInWhole() {
        return this == SHORT_TWIST;
    }
}
