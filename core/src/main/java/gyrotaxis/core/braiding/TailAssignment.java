package gyrotaxis.core.braiding;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Gives every tail a place of its own so that, first, as many as can be find one; second, the greatest bulk is least; third,
 * the way to go is shortest in all.
 *
 * <p>Method: a bottleneck assignment. The number that can be placed is found with every allowed pair open; then the lowest
 * limit on bulk that still places as many, by bisection over the bulks that occur; then the cheapest assignment within it.
 * Each is one run of the Hungarian method. Cost: with t tails and p places, t²(t + p) times the logarithm of tp.
 */
final class TailAssignment {
    /** A way longer than any on a head, so that one more tail placed always counts for more. */
    private static final double APART = 1e6;

    private final double[][] bulk;
    private final double[][] way;
    private final int tails;
    /** Places that any tail can go to, by their number in the problem: of many, each tail reaches few. */
    private final int[] open;

    private final int places;

    /**
     * A problem.
     *
     * @param bulk what a tail in a place makes of it, by tail and place; infinite where it cannot go
     * @param way how far a tail has to go, not negative, by tail and place
     */
    TailAssignment(double[][] bulk, double[][] way) {
        this.tails = bulk.length;
        this.open = IntStream.range(0, tails == 0 ? 0 : bulk[0].length)
                .filter(j -> Arrays.stream(bulk).anyMatch(b -> Double.isFinite(b[j])))
                .toArray();
        this.places = open.length;
        this.bulk = ofOpen(bulk);
        this.way = ofOpen(way);
    }

    private double[][] ofOpen(double[][] byPlace) {
        return Arrays.stream(byPlace)
                .map(row -> Arrays.stream(open).mapToDouble(j -> row[j]).toArray())
                .toArray(double[][]::new);
    }

    /** For every tail its place, or −1 where it finds none. */
    int[] solve() {
        if (tails == 0) {
            return new int[0];
        }
        double[] bulks = Arrays.stream(bulk)
                .flatMapToDouble(Arrays::stream)
                .filter(Double::isFinite)
                .distinct()
                .sorted()
                .toArray();
        if (bulks.length == 0) {
            int[] none = new int[tails];
            Arrays.fill(none, -1);
            return none;
        }
        int most = placed(assign(Double.POSITIVE_INFINITY));
        int lo = 0;
        int hi = bulks.length - 1;
        while (lo < hi) {
            int mid = (lo + hi) >>> 1;
            if (placed(assign(bulks[mid])) == most) {
                hi = mid;
            } else {
                lo = mid + 1;
            }
        }
        return assign(bulks[lo]);
    }

    private static int placed(int[] place) {
        return (int) Arrays.stream(place).filter(p -> p >= 0).count();
    }

    /** The cheapest assignment with no bulk above a limit; every tail also has a place apart that costs {@link #APART}. */
    private int[] assign(double limit) {
        int columns = places + tails;
        double[] u = new double[tails + 1];
        double[] v = new double[columns + 1];
        int[] rowOf = new int[columns + 1];
        int[] cameFrom = new int[columns + 1];
        for (int i = 1; i <= tails; i++) {
            rowOf[0] = i;
            int column = 0;
            double[] least = new double[columns + 1];
            Arrays.fill(least, Double.POSITIVE_INFINITY);
            boolean[] isDone = new boolean[columns + 1];
            do {
                isDone[column] = true;
                int row = rowOf[column];
                double delta = Double.POSITIVE_INFINITY;
                int next = 0;
                for (int j = 1; j <= columns; j++) {
                    if (isDone[j]) {
                        continue;
                    }
                    double reduced = cost(row - 1, j - 1, limit) - u[row] - v[j];
                    if (reduced < least[j]) {
                        least[j] = reduced;
                        cameFrom[j] = column;
                    }
                    if (least[j] < delta) {
                        delta = least[j];
                        next = j;
                    }
                }
                for (int j = 0; j <= columns; j++) {
                    if (isDone[j]) {
                        u[rowOf[j]] += delta;
                        v[j] -= delta;
                    } else {
                        least[j] -= delta;
                    }
                }
                column = next;
            } while (rowOf[column] != 0);
            while (column != 0) {
                rowOf[column] = rowOf[cameFrom[column]];
                column = cameFrom[column];
            }
        }
        int[] place = new int[tails];
        Arrays.fill(place, -1);
        for (int j = 1; j <= places; j++) {
            if (rowOf[j] != 0) {
                place[rowOf[j] - 1] = open[j - 1];
            }
        }
        return place;
    }

    private double cost(int tail, int column, double limit) {
        if (column >= places) {
            // The place apart of another tail is never better than its own; keeping them open keeps the method simple.
            return APART;
        }
        double b = bulk[tail][column];
        return Double.isFinite(b) && b <= limit ? way[tail][column] : 2 * APART;
    }
}
