package gyrotaxis.core.knot;

/** What can be done for a knot of sliding fibre beyond its passes. */
public enum ExtraHold {
    FINGER_TURN("turn the last pass round a finger before drawing it down"),
    TIED_SLIVER("tie a sliver of each leg together over the knot"),
    COMBED_DOWN("comb down on the knot to set it"),
    CARRIED_BACK("carry the hidden leg back under the row, in and out");

    private final String words;

    ExtraHold(String words) {
        this.words = words;
    }

    /** What is done. */
    public String words() {
        return words;
    }
}
