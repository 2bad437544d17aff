package gyrotaxis.core.hooking;

import gyrotaxis.core.install.Station;
import java.util.List;
import java.util.function.DoubleFunction;

/** Where the first station of a row lies, so that all of them sit opposite the gaps of the row beside, as bricks are laid. */
final class Stagger {
    /** Where the first station may lie, in parts of the local spacing behind the edge. */
    private static final double[] PHASES = {0.15, 0.25, 0.35, 0.45, 0.55, 0.65, 0.75};

    private Stagger() {}

    /**
     * The stations that lie most nearly midway between those of the row beside.
     *
     * @param stations the stations of a row that starts at a phase, in parts of the local spacing
     * @param neighbours those of the row beside; without any, the row starts as close to the edge as any
     */
    static List<Station> best(DoubleFunction<List<Station>> stations, List<Station> neighbours) {
        List<Station> best = stations.apply(PHASES[0]);
        if (neighbours.isEmpty()) {
            return best;
        }
        double least = Double.POSITIVE_INFINITY;
        for (double phase : PHASES) {
            List<Station> tried = stations.apply(phase);
            double unevenness = unevenness(tried, neighbours);
            if (unevenness < least) {
                least = unevenness;
                best = tried;
            }
        }
        return best;
    }

    /** 0 where every station is midway between its two nearest neighbours in the other row; toward 1 as it lies level with one. */
    static double unevenness(List<Station> row, List<Station> neighbours) {
        if (neighbours.size() < 2) {
            return 0;
        }
        double sum = 0;
        for (Station s : row) {
            double nearest = Double.POSITIVE_INFINITY;
            double second = Double.POSITIVE_INFINITY;
            for (Station n : neighbours) {
                double d = n.space().distance(s.space());
                if (d < nearest) {
                    second = nearest;
                    nearest = d;
                } else if (d < second) {
                    second = d;
                }
            }
            sum += (second - nearest) / second;
        }
        return sum / row.size();
    }
}
