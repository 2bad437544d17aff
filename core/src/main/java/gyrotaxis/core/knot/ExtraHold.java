package gyrotaxis.core.knot;

import gyrotaxis.core.quantity.Estimate;

/**
 * What can be done for a knot of sliding fibre beyond its passes, in the order in which it is tried.
 *
 * <p>What each adds and takes is ASSUMPTION: stylists agree which hold better, nobody has measured how much.
 */
public enum ExtraHold {
    FINGER_TURN("turn the last pass round a finger before drawing it down", "finger turn", 1.15, 3, 4, 6, "unwind it"),
    COMBED_DOWN("comb down on the knot to set it", "set by combing", 1.06, 2, 3, 4, "nothing"),
    TIED_SLIVER(
            "tie a sliver of each leg together over the knot", "tied sliver", 1.25, 8, 12, 16, "cut the sliver first"),
    CARRIED_BACK(
            "carry the hidden leg back under the row, in and out",
            "carried back",
            1.18,
            10,
            15,
            20,
            "snip it in the middle, clear of the row");

    private final String words;
    private final String shortWords;
    private final double factor;
    private final Estimate seconds;
    private final String undone;

    ExtraHold(String words, String shortWords, double factor, double low, double likely, double high, String undone) {
        this.words = words;
        this.shortWords = shortWords;
        this.factor = factor;
        this.seconds = new Estimate(low, likely, high);
        this.undone = undone;
    }

    /** Whether a knot can have it: the leg that is carried back is the one that lies free. */
    public boolean fits(Knot knot) {
        return this != CARRIED_BACK || knot == Knot.INVISIBLE;
    }

    /** What is done. */
    public String words() {
        return words;
    }

    /** What it is called in a list. */
    public String shortWords() {
        return shortWords;
    }

    /** How much better a knot holds with it, as a factor greater than 1. */
    public double factor() {
        return factor;
    }

    /** How long it takes a stylist, s. */
    public Estimate seconds() {
        return seconds;
    }

    /** What is to be done about it at takedown. */
    public String undone() {
        return undone;
    }
}
