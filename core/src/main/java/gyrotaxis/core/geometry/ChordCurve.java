package gyrotaxis.core.geometry;

import java.util.List;
import java.util.function.DoubleFunction;

/**
 * A curve through given map points, run through evenly by true length: parameter 0 is the first point, 1 the last, 1/2
 * the middle of its length.
 */
public final class ChordCurve implements DoubleFunction<Vec2> {
    private final Path path;
    private final double[] at;

    /** The curve along {@code path}. */
    public ChordCurve(Path path) {
        this.path = path;
        this.at = path.distancesMm();
    }

    /** The map point at a fraction of the length; fractions outside [0, 1] are clamped. */
    @Override
    public Vec2 apply(double fraction) {
        List<Vec2> points = path.chart();
        double want = Math.max(0, Math.min(1, fraction)) * at[at.length - 1];
        int lo = 0;
        int hi = at.length - 1;
        while (hi - lo > 1) {
            int mid = (lo + hi) >>> 1;
            if (at[mid] <= want) {
                lo = mid;
            } else {
                hi = mid;
            }
        }
        double step = at[hi] - at[lo];
        double t = step > 0 ? (want - at[lo]) / step : 0;
        return points.get(lo).lerp(points.get(hi), t);
    }

    /** True length of the whole curve, mm. */
    public double lengthMm() {
        return at[at.length - 1];
    }
}
