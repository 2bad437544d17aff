package gyrotaxis.core.hair;

/** How easily a fibre slides out of a knot. */
public enum Slip {
    /** Kinks hold each other; some hardly need a knot. */
    GRIPPY("grippy"),
    MIDDLING("middling"),
    /** Smooth; knots work out with brushing. */
    SLIDING("sliding");

    private final String words;

    Slip(String words) {
        this.words = words;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** What a texture usually has. */
    public static Slip usual(Texture texture) {
        return switch (texture) {
            case COARSE_KINKY, TIGHT_CURL -> GRIPPY;
            case SPRINGY_CURL, SHORT_TWIST, DEEP_WAVE, LOOSE_WAVE -> MIDDLING;
            case SILKY_WAVE -> SLIDING;
        };
    }
}
