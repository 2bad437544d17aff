package gyrotaxis.core.wear;

import gyrotaxis.core.install.Zone;
import gyrotaxis.core.quantity.Sentence;
import java.util.Arrays;
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
    public static final double KAPPA = 0.7;

    /**
     * Mean depth of a full head, footprints.
     *
     * @see "ASSUMPTION: what the usual method gives on a medium head, between textures"
     */
    public static final double FULL_DEPTH = 4.35;

    /** Where more than this of the skin is bare it is plainly seen. ASSUMPTION. */
    public static final double PLAINLY_BARE = 0.3;

    private final CoverGrid grid;
    private final Worn worn;
    private final double[] depth;
    private final boolean[] isBareOnPurpose;
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

    /**
     * @param isBareOnPurpose cells that are meant to show, and are never complained of
     */
    Cover(CoverGrid grid, boolean[] isBareOnPurpose, Worn worn, double[] depth) {
        this.grid = grid;
        this.isBareOnPurpose = isBareOnPurpose;
        this.worn = worn;
        this.depth = depth;
        double[] shown = new double[Zone.values().length];
        double[] deep = new double[Zone.values().length];
        int[] judged = new int[shown.length];
        int[] inside = new int[shown.length];
        for (int i = 0; i < depth.length; i++) {
            int z = grid.zone(i);
            if (z >= 0) {
                deep[z] += depth[i];
                inside[z]++;
                if (!isBareOnPurpose[i]) {
                    shown[z] += exposedAt(i);
                    judged[z]++;
                }
            }
        }
        exposedByZone = byZone(shown, judged);
        depthByZone = byZone(deep, inside);
        exposed = mean(shown, judged);
        meanDepth = mean(deep, inside);
        gaps = GapFinder.find(grid, this);
    }

    private static Map<Zone, Double> byZone(double[] sums, int[] counts) {
        EnumMap<Zone, Double> map = new EnumMap<>(Zone.class);
        for (Zone z : Zone.values()) {
            int count = counts[z.ordinal()];
            map.put(z, count == 0 ? 0 : sums[z.ordinal()] / count);
        }
        return Collections.unmodifiableMap(map);
    }

    private static double mean(double[] sums, int[] counts) {
        return Arrays.stream(sums).sum() / Math.max(1, Arrays.stream(counts).sum());
    }

    /** Whether a cell is meant to show: beside a worn part, before first shares that are set back, where rows are shown. */
    public boolean isBareOnPurpose(int cell) {
        return isBareOnPurpose[cell];
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

    /** Whether skin is plainly bare in a cell in which it should be hidden. */
    public boolean isPlainlyBare(int cell) {
        return grid.isInside(cell) && !isBareOnPurpose[cell] && exposedAt(cell) > PLAINLY_BARE;
    }

    /** Mean exposed fraction of every zone, of what is not bare on purpose. */
    public Map<Zone, Double> exposedByZone() {
        return exposedByZone;
    }

    /** Mean depth over every zone. */
    public Map<Zone, Double> depthByZone() {
        return depthByZone;
    }

    /** Exposed fraction of the whole scalp, of what is not bare on purpose. */
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
