package gyrotaxis.core.knot;

/** What holds a share to the row. */
public enum Knot {
    /** Both legs go through the loop and are drawn down. */
    REGULAR("regular", false, true),
    /** Only one leg goes through; the other is laid over the knot. */
    INVISIBLE("invisible", true, true),
    /** The loop is drawn under the row and one leg brought through right beside it: no knot at all, and no passes. */
    DOUBLE_ENTRY("double-entry", true, false),
    /** Twisted before the first pass and between passes; holds small shares of sliding fibre. */
    TWIST_FIRST("twist-first", false, true),
    /** Locked by the bead that the loop carries. */
    BEAD("bead", false, false);

    private final String words;
    private final boolean isHidden;
    private final boolean hasPasses;

    Knot(String words, boolean isHidden, boolean hasPasses) {
        this.words = words;
        this.isHidden = isHidden;
        this.hasPasses = hasPasses;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Whether nothing of it shows when it is hooked toward what is seen. */
    public boolean isHidden() {
        return isHidden;
    }

    /** Whether it can be passed more than once: a bead locks by itself, a double-entry by the row between its legs. */
    public boolean hasPasses() {
        return hasPasses;
    }
}
