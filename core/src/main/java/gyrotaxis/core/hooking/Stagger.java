package gyrotaxis.core.hooking;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * Lays the shares of a row as bricks are laid: each opposite the gap between two of the row beside, as nearly as its own spacing
 * allows.
 *
 * <p>Places are told as counts: how many shares a row would take up to there if they need not be whole. Evenly laid, shares are 1
 * apart. Each gap may be a little wider or narrower than that, each share lie a little off the middle of the gap beside it; what is
 * taken is the sequence in which the sum of the squares of both is least, out of all on a grid of {@link #STEPS} to a share. Dynamic
 * programming; the time is linear in the number of shares squared.
 */
final class Stagger {
    /** Places that are tried for each share. */
    private static final int STEPS = 12;

    /** Gaps between shares of a row stay within these parts of even ones. ASSUMPTION: what nobody sees once it has fallen. */
    private static final double NARROWEST = 0.7;

    private static final double WIDEST = 1.36;

    /** The first share lies at least so far behind the edge, and the last before the end, in parts of a gap. */
    private static final double NEAREST_END = 0.1;

    /** And no further: nothing else covers the edge. */
    private static final double FURTHEST_START = 0.6;

    private static final double FURTHEST_END = 0.8;

    /** Where the first would rather lie, in parts of a gap. ASSUMPTION: near the edge, with room to give way to the row beside. */
    private static final double START = 0.3;

    /** Where the first lies if nothing lies beside, in parts of a gap. */
    static final double ALONE = 0.15;

    /** What lying off the middle counts for against an uneven gap. ASSUMPTION: set by looking at maps. */
    private static final double BRICK = 4;

    /** What lying quite level counts for besides: it is seen as a line across rows. */
    private static final double LEVEL = 10;

    private Stagger() {}

    /**
     * Where the shares of a row lie.
     *
     * @param m how many, at least 1
     * @param off how far a place lies off the middle of the gap beside it, in parts of that gap, in [0, 0.5]; NaN where nothing lies
     *     beside
     * @return counts, ascending, in [0, m]
     */
    static double[] lay(int m, DoubleUnaryOperator off) {
        int places = m * STEPS;
        double[] brick = new double[places + 1];
        boolean isAlone = true;
        for (int p = 0; p <= places; p++) {
            double o = off.applyAsDouble((double) p / STEPS);
            isAlone &= Double.isNaN(o);
            brick[p] = cost(o);
        }
        if (isAlone) {
            double[] even = new double[m];
            Arrays.setAll(even, k -> k + ALONE);
            return even;
        }
        return best(m, places, brick);
    }

    private static double cost(double off) {
        if (Double.isNaN(off)) {
            return 0;
        }
        double level = Math.max(0, off - Bricks.LEVEL / 2);
        return BRICK * off * off + LEVEL * level * level;
    }

    /** Gaps from one share to the next that are tried, ascending. */
    static double[] gaps() {
        return IntStream.rangeClosed((int) Math.ceil(NARROWEST * STEPS), (int) Math.floor(WIDEST * STEPS))
                .mapToDouble(d -> (double) d / STEPS)
                .toArray();
    }

    /** What one more place costs after the one before, in a greedy sequence. */
    static double stepCost(double gap, double off) {
        return (gap - 1) * (gap - 1) + cost(off);
    }

    private static double[] best(int m, int places, double[] brick) {
        double[] now = new double[places + 1];
        int[][] from = new int[m][places + 1];
        for (int p = 0; p <= places; p++) {
            double c = (double) p / STEPS;
            boolean fits = c >= NEAREST_END && c <= FURTHEST_START;
            now[p] = fits ? (c - START) * (c - START) / 2 + brick[p] : Double.POSITIVE_INFINITY;
        }
        int least = (int) Math.ceil(NARROWEST * STEPS);
        int most = (int) Math.floor(WIDEST * STEPS);
        for (int k = 1; k < m; k++) {
            double[] next = new double[places + 1];
            Arrays.fill(next, Double.POSITIVE_INFINITY);
            for (int p = least; p <= places; p++) {
                for (int d = least; d <= Math.min(most, p); d++) {
                    double gap = (double) d / STEPS;
                    double sum = now[p - d] + (gap - 1) * (gap - 1) + brick[p];
                    if (sum < next[p]) {
                        next[p] = sum;
                        from[k][p] = p - d;
                    }
                }
            }
            now = next;
        }
        int end = -1;
        double cheapest = Double.POSITIVE_INFINITY;
        for (int p = 0; p <= places; p++) {
            double left = m - (double) p / STEPS;
            if (left >= NEAREST_END && left <= FURTHEST_END || m == 1) {
                double sum = now[p] + (left - 0.5) * (left - 0.5) / 2;
                if (sum < cheapest) {
                    cheapest = sum;
                    end = p;
                }
            }
        }
        double[] at = new double[m];
        for (int k = m - 1; k >= 0; k--) {
            at[k] = (double) end / STEPS;
            end = from[k][end];
        }
        return at;
    }
}
