package gyrotaxis.core.hooking;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Station;
import java.util.List;
import java.util.function.DoubleFunction;

/** Where the first station of a row lies, so that all of them sit opposite the gaps of the row beside, as bricks are laid. */
final class Stagger {
    /** Where the first station may lie, in parts of the local spacing behind the edge. */
    private static final double[] PHASES = {0.15, 0.25, 0.35, 0.45, 0.55, 0.65, 0.75};

    private Stagger() {}

    /**
     * A place on a row's path.
     *
     * @param seg number of the point that its piece of the path ends at, from 1
     * @param t how far along that piece, in [0, 1]
     * @param space where that is on the head, mm
     */
    record Spot(int seg, double t, Vec3 space) {}

    /**
     * The stations that lie most nearly midway between those of the row beside.
     *
     * @param row where the stations of a row lie that starts at a phase, in parts of the local spacing
     * @param neighbours those of the row beside; without any, the row starts as close to the edge as any
     */
    static List<Spot> best(DoubleFunction<List<Spot>> row, List<Station> neighbours) {
        List<Spot> best = row.apply(PHASES[0]);
        if (neighbours.isEmpty()) {
            return best;
        }
        double least = Double.POSITIVE_INFINITY;
        for (double phase : PHASES) {
            List<Spot> tried = row.apply(phase);
            double unevenness = unevenness(tried, neighbours);
            if (unevenness < least) {
                least = unevenness;
                best = tried;
            }
        }
        return best;
    }

    /** 0 where every station is midway between its two nearest neighbours in the other row; toward 1 as it lies level with one. */
    static double unevenness(List<Spot> row, List<Station> neighbours) {
        if (neighbours.size() < 2) {
            return 0;
        }
        double sum = 0;
        for (Spot s : row) {
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
