package gyrotaxis.core.geometry;

import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * A curve on a charted surface, as points that lie dense enough to be joined by straight chords.
 *
 * <p>Immutable. Each point is kept twice, on the map and in space; lengths are always those in space.
 */
public final class Path {
    private final List<Vec2> chart;
    private final List<Vec3> space;
    /** Distance from the start to each point, mm: asked for again and again, so kept. */
    private final double[] at;

    /** A path of points on the map and the same points in space, as many. */
    public Path(List<Vec2> chart, List<Vec3> space) {
        this.chart = List.copyOf(chart);
        this.space = List.copyOf(space);
        Require.inRange(this.chart.size(), 2, Integer.MAX_VALUE, "points of a path", "");
        if (this.chart.size() != this.space.size()) {
            throw new IllegalArgumentException("chart has " + this.chart.size() + " points but space has "
                    + this.space.size() + "; give each point twice");
        }
        at = new double[this.space.size()];
        for (int i = 1; i < at.length; i++) {
            at[i] = at[i - 1] + this.space.get(i).distance(this.space.get(i - 1));
        }
    }

    /** A path through map points, lifted onto the surface. */
    public static Path lifted(List<Vec2> chartPoints, EqualAreaChart chart) {
        return new Path(chartPoints, chartPoints.stream().map(chart::lift).toList());
    }

    /** The points on the map, mm, at least 2. */
    public List<Vec2> chart() {
        return chart;
    }

    /** The same points in space, mm, as many. */
    public List<Vec3> space() {
        return space;
    }

    /** True length along the surface, mm. */
    public double lengthMm() {
        return at[at.length - 1];
    }

    /** Distance from the start to each point, mm; the first is 0, the last the whole length. */
    public double[] distancesMm() {
        return at.clone();
    }

    /** The part between two distances from the start, both clamped to the path; at least one chord is left. */
    public Path between(double fromMm, double toMm) {
        double end = lengthMm();
        double lo = Math.max(0, Math.min(fromMm, end));
        double hi = Math.max(lo, Math.min(toMm, end));
        List<Vec2> flat = new ArrayList<>();
        List<Vec3> solid = new ArrayList<>();
        addAt(lo, flat, solid);
        for (int i = 0; i < at.length; i++) {
            if (at[i] > lo && at[i] < hi) {
                flat.add(chart.get(i));
                solid.add(space.get(i));
            }
        }
        addAt(hi, flat, solid);
        return new Path(flat, solid);
    }

    /** The same points the other way. */
    public Path reversed() {
        List<Vec2> flat = new ArrayList<>(chart);
        List<Vec3> solid = new ArrayList<>(space);
        Collections.reverse(flat);
        Collections.reverse(solid);
        return new Path(flat, solid);
    }

    /** The map point at a distance from the start, clamped to the path. */
    public Vec2 chartAt(double alongMm) {
        int i = chordAt(alongMm);
        return chart.get(i - 1).lerp(chart.get(i), within(i, alongMm));
    }

    /** The point in space at a distance from the start, clamped to the path. */
    public Vec3 spaceAt(double alongMm) {
        int i = chordAt(alongMm);
        return space.get(i - 1).lerp(space.get(i), within(i, alongMm));
    }

    /** The last point in space. */
    public Vec3 end() {
        return space.get(space.size() - 1);
    }

    /** The first point in space. */
    public Vec3 start() {
        return space.get(0);
    }

    /** Where along the path it comes nearest to a map point, as a part of its length, in [0, 1]; on the map. */
    public double nearest(Vec2 p) {
        int best = 0;
        for (int i = 1; i < chart.size(); i++) {
            if (chart.get(i).distance(p) < chart.get(best).distance(p)) {
                best = i;
            }
        }
        double along = at[best];
        double least = chart.get(best).distance(p);
        // The nearest point of a line this smooth lies on a piece that ends in its nearest corner.
        for (int i = Math.max(1, best); i <= Math.min(best + 1, chart.size() - 1); i++) {
            Vec2 a = chart.get(i - 1);
            Vec2 piece = chart.get(i).minus(a);
            double length2 = piece.dot(piece);
            double t = length2 > 0 ? Math.max(0, Math.min(1, p.minus(a).dot(piece) / length2)) : 0;
            double mm = a.lerp(chart.get(i), t).distance(p);
            if (mm < least) {
                least = mm;
                along = at[i - 1] + (at[i] - at[i - 1]) * t;
            }
        }
        return along / at[at.length - 1];
    }

    /** The mirror image in the midline. */
    public Path mirrored() {
        return new Path(
                chart.stream().map(Vec2::mirrored).toList(),
                space.stream().map(Vec3::mirrored).toList());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Path p && chart.equals(p.chart) && space.equals(p.space);
    }

    @Override
    public int hashCode() {
        return 31 * chart.hashCode() + space.hashCode();
    }

    @Override
    public String toString() {
        return "path of " + chart.size() + " points from " + chart.get(0) + " to " + chart.get(chart.size() - 1);
    }

    private void addAt(double alongMm, List<Vec2> flat, List<Vec3> solid) {
        flat.add(chartAt(alongMm));
        solid.add(spaceAt(alongMm));
    }

    /** The chord, by its later point, on which a distance from the start lies. */
    private int chordAt(double alongMm) {
        int found = Arrays.binarySearch(at, 1, at.length - 1, alongMm);
        return found >= 0 ? found : -found - 1;
    }

    /** How far along a chord, in [0, 1]. */
    private double within(int chord, double alongMm) {
        double step = at[chord] - at[chord - 1];
        return step > 0 ? Math.max(0, Math.min(1, (alongMm - at[chord - 1]) / step)) : 0;
    }
}
