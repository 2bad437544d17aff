package gyrotaxis.core.knot;

/** What holds a share to the row. */
public enum Knot {
    /** Both legs go through the loop and are drawn down. */
    REGULAR("regular", false),
    /** Only one leg goes through; the other is laid over the knot. */
    INVISIBLE("invisible", true),
    /** The loop is drawn under the row and one leg brought through right beside it: no knot at all. */
    DOUBLE_ENTRY("double-entry", true),
    /** Twisted before the first pass and between passes; holds small shares of sliding fibre. */
    TWIST_FIRST("twist-first", false),
    /** Locked by the bead that the loop carries. */
    BEAD("bead", false);

    private final String words;
    private final boolean isHidden;

    Knot(String words, boolean isHidden) {
        this.words = words;
        this.isHidden = isHidden;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Whether nothing of it shows when it is hooked toward what is seen. */
    public boolean isHidden() {
        return isHidden;
    }
}
