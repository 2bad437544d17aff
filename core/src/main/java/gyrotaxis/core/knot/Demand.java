package gyrotaxis.core.knot;

import gyrotaxis.core.quantity.Require;

/**
 * What an install has to stand.
 *
 * @param weeks how long it is worn, weeks, at least 1
 * @param sports whether she does sport in it
 * @param swims whether she swims in it
 * @param isWindy whether she is out in the wind
 * @param goesUp whether it is drawn up
 * @param side to which side it is to fall: −1 her left, 1 her right, 0 neither
 * @param morePasses how many passes more than usual the fibre was seen to need; less than 0 if it needs fewer
 */
public record Demand(
        int weeks, boolean sports, boolean swims, boolean isWindy, boolean goesUp, int side, int morePasses) {
    private static final int MAX_WEEKS = 16;
    private static final int MAX_MORE = 5;

    public Demand {
        Require.inRange(weeks, 1, MAX_WEEKS, "weeks", "");
        Require.inRange(side, -1, 1, "side", "");
        Require.inRange(morePasses, -MAX_MORE, MAX_MORE, "morePasses", "");
    }

    /** Of fibre of which nothing is known but what is usual. */
    public Demand(int weeks, boolean sports, boolean swims, boolean isWindy, boolean goesUp, int side) {
        this(weeks, sports, swims, isWindy, goesUp, side, 0);
    }

    /** Five quiet weeks, worn down. */
    public static Demand ordinary() {
        return new Demand(5, false, false, false, false, 0);
    }
}
