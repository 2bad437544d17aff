package gyrotaxis.core.balance;

import gyrotaxis.core.wear.Cover;
import java.util.Comparator;

/**
 * How well a head serves a goal. The least is the best: less missed comes first, then cheaper.
 *
 * @param miss by how much the wish is missed; 0 if it is met
 * @param cost what is to be as little as possible once the wish is met: scalp that shows, or loops
 */
record Score(double miss, double cost) implements Comparable<Score> {
    /** A head as full as wished is at least so full. */
    private static final double AS_FULL = 0.85;

    /** Costs that differ by less are the same: sums of the same numbers in another order. */
    private static final double SAME_COST = 1e-9;

    private static final Comparator<Score> ORDER =
            Comparator.comparingDouble(Score::miss).thenComparingDouble(Score::cost);

    /**
     * The score of a head.
     *
     * @param fullness how full it is to be, against the usual
     * @param exposed scalp that shows, of each zone, in [0, 1]
     * @param all the same of the whole head
     * @param depth mean depth of hair over it, footprints
     * @param loops loops that it takes, with its reserve
     */
    static Score of(BalanceGoal goal, double fullness, double[] exposed, double all, double depth, int loops) {
        if (goal instanceof BalanceGoal.BestFor b) {
            return new Score(Math.max(0, loops - b.loops()), all);
        }
        double miss = 0;
        if (goal instanceof BalanceGoal.Fewest f) {
            for (double e : exposed) {
                miss += Math.max(0, e - f.greatestExposed());
            }
            miss += Math.max(0, fullness * AS_FULL - depth / Cover.FULL_DEPTH);
        }
        return new Score(miss, loops + all);
    }

    /** Whether it is better by more than the order of a sum makes. */
    boolean isBetterThan(Score other) {
        return miss < other.miss || (miss == other.miss && cost < other.cost - SAME_COST);
    }

    @Override
    public int compareTo(Score o) {
        return ORDER.compare(this, o);
    }
}
