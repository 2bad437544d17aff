package gyrotaxis.core.wear;

/** A way of wearing an install. */
public enum Way {
    DOWN("down", false),
    SWEPT_LEFT("swept to her left", false),
    SWEPT_RIGHT("swept to her right", false),
    HALF_UP("half up", true),
    HIGH_PONYTAIL("high ponytail", true),
    LOW_PONYTAIL("low ponytail", true),
    BUN("bun", true),
    WIND("in the wind", false);

    private final String words;
    private final boolean isUp;

    Way(String words, boolean isUp) {
        this.words = words;
        this.isUp = isUp;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Whether hair is drawn up from the hairline, so that its edge shows. */
    public boolean isUp() {
        return isUp;
    }
}
