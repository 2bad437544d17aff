package gyrotaxis.core.foundation;

/** The families of patterns: what each is good for, and what it can carry. */
public enum Family {
    STRAIGHT("straight back", "Quick, and several parts are possible.", true, true, false),
    SWITCHBACK("switchback", "The flattest back, no hump at the nape; can be done on oneself.", true, false, true),
    CROSS_TIED(
            "cross-tied",
            "Left, right and middle parts, and it relieves the nape; the cross needs fill.",
            true,
            false,
            false),
    SPIRAL("spiral", "Flat, one tail; few parts, and hard on oneself.", false, false, false),
    CAPPED("cap-backed", "For very short hair; the mesh carries the back and can come off.", true, true, false),
    WEFTED(
            "weft-backed",
            "Very full and quick behind; heavy, and the line to the front wants care.",
            true,
            false,
            true);

    private final String words;
    private final String goodFor;
    private final boolean hasFront;
    private final boolean hasRowsBehind;
    private final boolean hasLevels;

    Family(String words, String goodFor, boolean hasFront, boolean hasRowsBehind, boolean hasLevels) {
        this.words = words;
        this.goodFor = goodFor;
        this.hasFront = hasFront;
        this.hasRowsBehind = hasRowsBehind;
        this.hasLevels = hasLevels;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** What it is good for and what to watch, in one line. */
    public String goodFor() {
        return goodFor;
    }

    /** Whether it has a front of its own; one without winds across parts and has no row ends for an overlay to cover. */
    public boolean hasFront() {
        return hasFront;
    }

    /** Whether rows run on behind, so that their number is to be said. */
    public boolean hasRowsBehind() {
        return hasRowsBehind;
    }

    /** Whether it has level rows, so that their number is to be said. */
    public boolean hasLevels() {
        return hasLevels;
    }
}
