package gyrotaxis.core.wear;

import gyrotaxis.core.install.Zone;
import gyrotaxis.core.quantity.Sentence;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What shows of a scalp for one way of wearing. Immutable. */
public final class Cover {
    /**
     * Depth at which a third and a bit of the skin still shows.
     *
     * @see "ASSUMPTION: with the footprints, set so that a usual head shows a few per cent"
     */
    public static final double KAPPA = 0.62;

    /**
     * Mean depth of a full head, footprints.
     *
     * @see "ASSUMPTION: what the usual method gives on a medium head, between textures"
     */
    public static final double FULL_DEPTH = 4.5;

    /** Where more than this of the skin is bare it is plainly seen. ASSUMPTION. */
    public static final double PLAINLY_BARE = 0.3;

    private final CoverGrid grid;
    private final Worn worn;
    private final double[] depth;
    private final Map<Zone, Double> exposedByZone;
    private final Map<Zone, Double> depthByZone;
    private final double exposed;
    private final double meanDepth;
    private final List<Gap> gaps;

    /**
     * A place where skin shows.
     *
     * @param place what a stylist calls it
     * @param areaMm2 how large it is, mm²
     * @param exposed mean exposed fraction there
     * @param x map x of its middle, or of the place in it nearest to that, mm
     * @param y the same y, mm
     * @param zone the zone most of it lies in
     */
    public record Gap(Sentence place, double areaMm2, double exposed, double x, double y, Zone zone) {}

    Cover(CoverGrid grid, Worn worn, double[] depth) {
        this.grid = grid;
        this.worn = worn;
        this.depth = depth;
        double[] shown = new double[Zone.values().length];
        double[] deep = new double[Zone.values().length];
        double sum = 0;
        double all = 0;
        int inside = 0;
        for (int i = 0; i < depth.length; i++) {
            int z = grid.zone(i);
            if (z >= 0) {
                double e = exposedAt(i);
                shown[z] += e;
                deep[z] += depth[i];
                sum += e;
                all += depth[i];
                inside++;
            }
        }
        exposedByZone = byZone(shown);
        depthByZone = byZone(deep);
        exposed = sum / inside;
        meanDepth = all / inside;
        gaps = GapFinder.find(grid, this);
    }

    private Map<Zone, Double> byZone(double[] sums) {
        EnumMap<Zone, Double> map = new EnumMap<>(Zone.class);
        for (Zone z : Zone.values()) {
            map.put(z, grid.count(z) == 0 ? 0 : sums[z.ordinal()] / grid.count(z));
        }
        return Collections.unmodifiableMap(map);
    }

    /** The grid it is laid out on. */
    public CoverGrid grid() {
        return grid;
    }

    /** The way of wearing. */
    public Worn worn() {
        return worn;
    }

    /** How many footprints of hair lie over a cell. */
    public double depthAt(int cell) {
        return depth[cell];
    }

    /** The fraction of skin that shows in a cell, in [0, 1]. */
    public double exposedAt(int cell) {
        return exposedUnder(depth[cell]);
    }

    /** The fraction of skin that shows under so many footprints of hair, in [0, 1]. */
    public static double exposedUnder(double depth) {
        return Math.exp(-depth / KAPPA);
    }

    /** Mean exposed fraction of every zone. */
    public Map<Zone, Double> exposedByZone() {
        return exposedByZone;
    }

    /** Mean depth over every zone. */
    public Map<Zone, Double> depthByZone() {
        return depthByZone;
    }

    /** Exposed fraction of the whole scalp. */
    public double exposed() {
        return exposed;
    }

    /** How many times the scalp is covered on average. */
    public double meanDepth() {
        return meanDepth;
    }

    /** Places where skin shows, largest first. */
    public List<Gap> gaps() {
        return gaps;
    }

    /** Depth summed over all of the grid, mm²: what lies just outside the hairline is included. */
    public double depthAreaMm2() {
        double sum = 0;
        for (double d : depth) {
            sum += d;
        }
        return sum * grid.cellMm() * grid.cellMm();
    }

    /** How full it is, against a full head; 1 is full. */
    public double fullness() {
        return meanDepth / FULL_DEPTH;
    }
}
