package gyrotaxis.core.wear;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.scalp.Scalp;
import java.util.Arrays;

/**
 * The cells into which a scalp is divided to ask what shows: squares of the equal-area map, so all of one size. Takes longer to
 * make than to use; made once for a scalp. Immutable.
 */
public final class CoverGrid {
    /** How many cells within the hairline may be wished for. */
    public static final Interval SAMPLES = new Interval(500, 50_000);

    /** Hair is followed so far beyond the hairline, where it still hangs over what lies behind it, mm. */
    static final double BEYOND_MM = 25;

    private static final double MARGIN_MM = BEYOND_MM + HairBody.WIDEST_MM / 2 + 5;

    private final Scalp scalp;
    private final double cell;
    private final double left;
    private final double front;
    private final int columns;
    private final int lines;
    private final byte[] zone;
    /** Distance of the hairline from the middle of the map by azimuth, mm. */
    private final double[] reach = new double[720];

    private CoverGrid(Scalp scalp, int samples) {
        Require.inRange(samples, (int) SAMPLES.min(), (int) SAMPLES.max(), "samples", "");
        this.scalp = scalp;
        this.cell = Math.sqrt(scalp.areaMm2() / samples);
        double x = 0;
        double top = Double.NEGATIVE_INFINITY;
        double bottom = Double.POSITIVE_INFINITY;
        for (Vec2 p : scalp.outline().chart()) {
            x = Math.max(x, Math.abs(p.x()));
            top = Math.max(top, p.y());
            bottom = Math.min(bottom, p.y());
        }
        for (int i = 0; i < reach.length; i++) {
            reach[i] = scalp.hairline()
                    .chartAt((i + 0.5) / reach.length * 2 * Math.PI - Math.PI)
                    .norm();
        }
        // An even number of columns about the midline, so that both sides are sampled alike.
        int half = (int) Math.ceil((x + MARGIN_MM) / cell);
        this.columns = 2 * half;
        this.left = -half * cell;
        this.front = top + MARGIN_MM;
        this.lines = (int) Math.ceil((front - bottom + MARGIN_MM) / cell);
        this.zone = new byte[columns * lines];
        Arrays.fill(zone, (byte) -1);
        for (int i = 0; i < zone.length; i++) {
            Vec2 p = middle(i);
            if (p.norm() <= reachMm(p)) {
                Zone z = Zone.at(scalp.frontToNape(scalp.chart().lift(p)));
                zone[i] = (byte) z.ordinal();
            }
        }
    }

    /**
     * The grid of a scalp.
     *
     * @param samples how many cells it is divided into, about; in {@link #SAMPLES}
     */
    public static CoverGrid of(Scalp scalp, int samples) {
        return new CoverGrid(scalp, samples);
    }

    /** The scalp it divides. */
    public Scalp scalp() {
        return scalp;
    }

    /** Side of a cell, mm. */
    public double cellMm() {
        return cell;
    }

    /** Cells across, from the client's left to her right; even. */
    public int columns() {
        return columns;
    }

    /** Lines of cells, from the front back. */
    public int lines() {
        return lines;
    }

    /** Map x of the left edge of the first column, mm. */
    public double left() {
        return left;
    }

    /** Map y of the front edge of the first line, mm. */
    public double front() {
        return front;
    }

    /** Cells in all, within the hairline and round it. */
    public int size() {
        return zone.length;
    }

    /** Whether a cell lies within the hairline. */
    public boolean isInside(int i) {
        return zone[i] >= 0;
    }

    /** The zone of a cell within the hairline, by its place in {@link Zone}; −1 outside. */
    public int zone(int i) {
        return zone[i];
    }

    /** The middle of a cell on the map, mm. */
    public Vec2 middle(int i) {
        return new Vec2(left + (i % columns + 0.5) * cell, front - (i / columns + 0.5) * cell);
    }

    /** The cell of a place on the map, or −1 beyond the grid. */
    public int cellAt(Vec2 p) {
        int column = (int) Math.floor((p.x() - left) / cell);
        int line = (int) Math.floor((front - p.y()) / cell);
        return column < 0 || column >= columns || line < 0 || line >= lines ? -1 : line * columns + column;
    }

    /** How far the hairline lies from the middle of the map in the direction of a place, mm. */
    double reachMm(Vec2 p) {
        double turn = (Math.atan2(p.x(), p.y()) + Math.PI) / (2 * Math.PI) * reach.length;
        return reach[Math.min(reach.length - 1, (int) turn)];
    }
}
