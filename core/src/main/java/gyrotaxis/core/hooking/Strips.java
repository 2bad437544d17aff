package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import java.util.List;

/**
 * How wide the strip of scalp is that a row gathers, place by place: what its hair has to cover there.
 *
 * <p>Method: at every point of the path the chord straight across it through the strip, on the map, times the map's length of
 * a step against its true length; then all of them scaled, so that widths times steps make up the strip's area.
 */
final class Strips {
    /** A strip that narrows to nothing is taken as so wide, mm: no share sits on less than its knot. */
    static final double MIN_MM = 6;

    private static final double NOWHERE = 1e-9;

    private Strips() {}

    /** The width at every point of a row's path, mm. */
    static double[] widthsMm(Row row) {
        Path path = row.path();
        double areaMm2 = row.stripAreaMm2();
        double mean = areaMm2 / row.lengthMm();
        int n = path.chart().size();
        double[] widths = new double[n];
        for (int i = 0; i < n; i++) {
            int a = Math.max(0, i - 1);
            int b = Math.min(n - 1, i + 1);
            Vec2 along = path.chart().get(b).minus(path.chart().get(a));
            double step = path.space().get(b).distance(path.space().get(a));
            double chord = along.norm() < NOWHERE
                    ? 0
                    : chord(row.strips(), path.chart().get(i), along.times(1 / along.norm()));
            double width = chord > 0 && step > NOWHERE ? chord * along.norm() / step : mean;
            widths[i] = Math.max(MIN_MM, width);
        }
        return scaled(widths, path, areaMm2);
    }

    /** Chords overstate a strip that bends: all of them together are to make up its area. */
    private static double[] scaled(double[] widths, Path path, double areaMm2) {
        double[] at = path.distancesMm();
        double sum = 0;
        for (int i = 1; i < at.length; i++) {
            sum += (at[i] - at[i - 1]) * (widths[i] + widths[i - 1]) / 2;
        }
        for (int i = 0; i < widths.length && sum > NOWHERE; i++) {
            widths[i] = Math.max(MIN_MM, widths[i] * areaMm2 / sum);
        }
        return widths;
    }

    /** The chord across the strip in which the place lies, or 0 where it lies in none. */
    private static double chord(List<List<Vec2>> strips, Vec2 at, Vec2 along) {
        Vec2 across = new Vec2(-along.y(), along.x());
        double widest = 0;
        for (List<Vec2> rim : strips) {
            double left = Double.NEGATIVE_INFINITY;
            double right = Double.POSITIVE_INFINITY;
            boolean isInside = false;
            for (int i = 0, j = rim.size() - 1; i < rim.size(); j = i++) {
                Vec2 a = rim.get(j).minus(at);
                Vec2 b = rim.get(i).minus(at);
                double da = a.dot(along);
                double db = b.dot(along);
                if (da > 0 != db > 0) {
                    double s = a.dot(across) + (b.dot(across) - a.dot(across)) * da / (da - db);
                    if (s < 0) {
                        left = Math.max(left, s);
                    } else {
                        right = Math.min(right, s);
                        isInside = !isInside;
                    }
                }
            }
            if (isInside && Double.isFinite(left)) {
                widest = Math.max(widest, right - left);
            }
        }
        return widest;
    }
}
