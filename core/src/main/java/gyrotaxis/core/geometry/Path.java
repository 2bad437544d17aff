package gyrotaxis.core.geometry;

import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A curve on a charted surface, as points that lie dense enough to be joined by straight chords.
 *
 * <p>Immutable. Each point is kept twice, on the map and in space; lengths are always those in space.
 *
 * @param chart points on the map, mm, at least 2
 * @param space the same points in space, mm, as many
 */
public record Path(List<Vec2> chart, List<Vec3> space) {
    public Path {
        chart = List.copyOf(chart);
        space = List.copyOf(space);
        Require.inRange(chart.size(), 2, Integer.MAX_VALUE, "points of a path", "");
        if (chart.size() != space.size()) {
            throw new IllegalArgumentException(
                    "chart has " + chart.size() + " points but space has " + space.size() + "; give each point twice");
        }
    }

    /** A path through map points, lifted onto the surface. */
    public static Path lifted(List<Vec2> chartPoints, EqualAreaChart chart) {
        return new Path(chartPoints, chartPoints.stream().map(chart::lift).toList());
    }

    /** True length along the surface, mm. */
    public double lengthMm() {
        double sum = 0;
        for (int i = 1; i < space.size(); i++) {
            sum += space.get(i).distance(space.get(i - 1));
        }
        return sum;
    }

    /** Distance from the start to each point, mm; the first is 0, the last the whole length. */
    public double[] distancesMm() {
        double[] d = new double[space.size()];
        for (int i = 1; i < d.length; i++) {
            d[i] = d[i - 1] + space.get(i).distance(space.get(i - 1));
        }
        return d;
    }

    /** The part between two distances from the start, both clamped to the path; at least one chord is left. */
    public Path between(double fromMm, double toMm) {
        double[] at = distancesMm();
        double end = at[at.length - 1];
        double lo = Math.max(0, Math.min(fromMm, end));
        double hi = Math.max(lo, Math.min(toMm, end));
        List<Vec2> flat = new ArrayList<>();
        List<Vec3> solid = new ArrayList<>();
        addAt(lo, at, flat, solid);
        for (int i = 0; i < at.length; i++) {
            if (at[i] > lo && at[i] < hi) {
                flat.add(chart.get(i));
                solid.add(space.get(i));
            }
        }
        addAt(hi, at, flat, solid);
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
        List<Vec2> upTo = between(0, alongMm).chart();
        return upTo.get(upTo.size() - 1);
    }

    /** The point in space at a distance from the start, clamped to the path. */
    public Vec3 spaceAt(double alongMm) {
        return between(0, alongMm).end();
    }

    /** The last point in space. */
    public Vec3 end() {
        return space.get(space.size() - 1);
    }

    /** The first point in space. */
    public Vec3 start() {
        return space.get(0);
    }

    /** Where along the path it comes nearest to a map point, as a part of its length, in [0, 1]; by its points. */
    public double nearest(Vec2 p) {
        double[] at = distancesMm();
        int best = 0;
        for (int i = 1; i < chart.size(); i++) {
            if (chart.get(i).distance(p) < chart.get(best).distance(p)) {
                best = i;
            }
        }
        return at[best] / at[at.length - 1];
    }

    /** The mirror image in the midline. */
    public Path mirrored() {
        return new Path(
                chart.stream().map(Vec2::mirrored).toList(),
                space.stream().map(Vec3::mirrored).toList());
    }

    private void addAt(double alongMm, double[] at, List<Vec2> flat, List<Vec3> solid) {
        int i = 1;
        while (i < at.length - 1 && at[i] < alongMm) {
            i++;
        }
        double step = at[i] - at[i - 1];
        double t = step > 0 ? Math.max(0, Math.min(1, (alongMm - at[i - 1]) / step)) : 0;
        flat.add(chart.get(i - 1).lerp(chart.get(i), t));
        solid.add(space.get(i - 1).lerp(space.get(i), t));
    }
}
