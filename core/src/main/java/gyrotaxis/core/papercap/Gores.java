package gyrotaxis.core.papercap;

import gyrotaxis.core.geometry.Arcs;
import gyrotaxis.core.geometry.EqualAreaChart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;

/**
 * The scalp cut from its hairline to the middle of the map into gores that lie flat.
 *
 * <p>Method: seams run from the middle of the map straight to the hairline, at equal turns. Between two of them the surface is spanned by
 * a strip of triangles from seam to seam, which is laid out flat one after the other. So along both seams paper is as long as the head,
 * and neighbours fit; between seams paper runs below the bulge and is a little short, which {@link #strain} says. Cost: linear in
 * gores and steps along a seam.
 *
 * @see "The strip of triangles is the usual way to lay out what is nearly developable; Meyer et al., Discrete Differential-Geometry
 *     Operators for Triangulated 2-Manifolds, 2003, for lengths on triangles"
 */
public final class Gores {
    /** How many there may be. */
    public static final Interval COUNT = new Interval(8, 24);

    /** Enough for a bulge of less than 2 %. */
    public static final int USUAL = 16;

    /** Steps along a seam: chords of it are shorter than it by less than 0.1 mm in all. */
    private static final int STEPS = 64;

    /** Beyond the hairline gores go on by so much, so that what lies on it is in them, rad. */
    private static final double BEYOND_RAD = Math.toRadians(3);

    private final Scalp scalp;
    private final int count;
    private final double most;
    private final List<Flat> flats = new ArrayList<>();

    private Gores(Scalp scalp, int count) {
        this.scalp = scalp;
        this.count = count;
        double far = scalp.outline().space().stream()
                .mapToDouble(scalp.chart()::alphaOf)
                .max()
                .orElseThrow();
        this.most = far + BEYOND_RAD;
        for (int k = 0; k < count; k++) {
            flats.add(flat(k));
        }
    }

    /**
     * A scalp's gores.
     *
     * @param count in {@link #COUNT}
     */
    public static Gores of(Scalp scalp, int count) {
        Require.inRange(count, (int) COUNT.min(), (int) COUNT.max(), "count", "");
        return new Gores(scalp, count);
    }

    /** How many there are. */
    public int count() {
        return count;
    }

    /** A place within a gore. */
    record In(int gore, double across, double alpha) {}

    /** In which gore a point of the surface lies, how far across in [0, 1), and its angle from the middle, rad. */
    In in(Vec3 p) {
        EqualAreaChart chart = scalp.chart();
        double turns = chart.thetaOf(p) / (2 * Math.PI) * count + count;
        int gore = (int) Math.floor(turns);
        return new In(gore % count, turns - gore, chart.alphaOf(p));
    }

    /** Where a place lies on its paper, mm; the middle of the map is at the origin, and the gore goes down from there, along −y. */
    Vec2 onPaper(In at) {
        return onPaper(at.gore, at.across, at.alpha);
    }

    /** The same of a place that may lie on the seam to the next. */
    Vec2 onPaper(int gore, double across, double alpha) {
        Flat flat = flats.get(gore);
        double step = Math.max(0, Math.min(STEPS, alpha / most * STEPS));
        int i = Math.min(STEPS - 1, (int) step);
        Vec2 before = flat.before[i].lerp(flat.before[i + 1], step - i);
        Vec2 after = flat.after[i].lerp(flat.after[i + 1], step - i);
        return before.lerp(after, across);
    }

    /** The point of the head that is there. */
    Vec3 onHead(int gore, double across, double alpha) {
        return scalp.surface().inDirection(scalp.chart().direction(turnAt(gore, across), alpha));
    }

    /** The point of the head over or under a point near it. */
    Vec3 raised(Vec3 p) {
        return scalp.surface().inDirection(p);
    }

    /** How far from the middle of the map the hairline lies there, rad. */
    double rimAt(int gore, double across) {
        return scalp.hairline().alphaAt(turnAt(gore, across));
    }

    private double turnAt(int gore, double across) {
        return 2 * Math.PI * (gore + across) / count;
    }

    /** The seam before a gore, from the middle of the map to the hairline on the head, mm. */
    public double seamMm(int gore) {
        return lengthOnHead(gore, 0, rimAt(gore, 0));
    }

    /** The same on the paper of that gore, and on that of the one before it, mm. */
    public double[] seamOnPaperMm(int gore) {
        double alpha = rimAt(gore, 0);
        return new double[] {lengthOnPaper(gore, 0, alpha), lengthOnPaper(Math.floorMod(gore - 1, count), 1, alpha)};
    }

    /**
     * How much paper differs from the head.
     *
     * @param alongMiddle paper against head along the middle of a gore, in parts, below 0 where it is short: the worst of all
     * @param across the same from seam to seam
     */
    public record Strain(double alongMiddle, double across) {}

    /** The strain where it is greatest, further than a finger from the tips. */
    public Strain strain() {
        double along = 0;
        double across = 0;
        for (int k = 0; k < count; k++) {
            double end = rimAt(k, 0.5);
            double middle = lengthOnPaper(k, 0.5, end) / lengthOnHead(k, 0.5, end) - 1;
            along = Math.abs(middle) > Math.abs(along) ? middle : along;
            for (double part = 0.2; part <= 1; part += 0.2) {
                double alpha = part * end;
                double here = widthOnPaper(k, alpha) / widthOnHead(k, alpha) - 1;
                across = Math.abs(here) > Math.abs(across) ? here : across;
            }
        }
        return new Strain(along, across);
    }

    private double widthOnPaper(int gore, double alpha) {
        return onPaper(gore, 0, alpha).distance(onPaper(gore, 1, alpha));
    }

    private double widthOnHead(int gore, double alpha) {
        return Arcs.length(across -> onHead(gore, across, alpha), 0, 1);
    }

    private double lengthOnHead(int gore, double across, double to) {
        return Arcs.length(alpha -> onHead(gore, across, alpha), 0, to);
    }

    private double lengthOnPaper(int gore, double across, double to) {
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            sum += onPaper(gore, across, to * i / STEPS).distance(onPaper(gore, across, to * (i + 1) / STEPS));
        }
        return sum;
    }

    /**
     * The corners of a gore's strip on paper, step by step from the middle of the map, along the seam before it and that after it.
     * Seen from outside, tip above, one goes round over her right toward the left.
     */
    private record Flat(Vec2[] before, Vec2[] after) {}

    private Flat flat(int gore) {
        Vec2[] before = new Vec2[STEPS + 1];
        Vec2[] after = new Vec2[STEPS + 1];
        before[0] = after[0] = new Vec2(0, 0);
        Vec3 tip = onHead(gore, 0, 0);
        Vec3 l = onHead(gore, 0, most / STEPS);
        Vec3 r = onHead(gore, 1, most / STEPS);
        // The first triangle lies evenly about the way down.
        double a = tip.distance(l);
        double b = tip.distance(r);
        double between = Math.acos((a * a + b * b - l.distance(r) * l.distance(r)) / (2 * a * b));
        before[1] = new Vec2(Math.sin(between / 2), -Math.cos(between / 2)).times(a);
        after[1] = new Vec2(-Math.sin(between / 2), -Math.cos(between / 2)).times(b);
        for (int i = 1; i < STEPS; i++) {
            Vec3 nextL = onHead(gore, 0, most * (i + 1) / STEPS);
            Vec3 nextR = onHead(gore, 1, most * (i + 1) / STEPS);
            // From either diagonal: two strips of triangles are possible, and taking the one, then the other, turns
            // neither way.
            if (i % 2 == 0) {
                after[i + 1] = beyond(before[i], after[i], l.distance(nextR), r.distance(nextR));
                before[i + 1] = beyond(before[i], after[i + 1], l.distance(nextL), nextR.distance(nextL));
            } else {
                before[i + 1] = beyond(before[i], after[i], l.distance(nextL), r.distance(nextL));
                after[i + 1] = beyond(before[i + 1], after[i], nextL.distance(nextR), r.distance(nextR));
            }
            l = nextL;
            r = nextR;
        }
        return new Flat(before, after);
    }

    /** The point that is so far from two others, on the side away from the middle of the map: to the left of the way from one to the other. */
    private static Vec2 beyond(Vec2 a, Vec2 b, double fromA, double fromB) {
        Vec2 way = b.minus(a);
        double d = way.norm();
        double along = (fromA * fromA - fromB * fromB + d * d) / (2 * d);
        double off = Math.sqrt(Math.max(0, fromA * fromA - along * along));
        Vec2 on = way.times(1 / d);
        return a.plus(on.times(along)).plus(new Vec2(-on.y(), on.x()).times(off));
    }
}
