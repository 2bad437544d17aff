package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;

/**
 * The section line from ear to ear over the top: where the upright plane a given way behind the ear notches cuts the
 * scalp.
 *
 * @param path from the client's left to her right, both ends on the hairline
 * @param rightEndThetaRad azimuth of its right end about the map's axis; the left end's is the negative
 */
record EarLine(Path path, double rightEndThetaRad) {
    private static final int STEPS = 48;
    private static final int BISECTIONS = 40;

    /**
     * The ear line of a scalp.
     *
     * @param behindMm how far behind the ear notches, mm, in {@link FoundationBrief#EAR_LINE_MM}
     */
    static EarLine of(Scalp scalp, double behindMm) {
        // Along the hairline from temple to nape corner y only falls, so the plane meets it once.
        double lo = scalp.chart().thetaOf(scalp.at(Landmark.RIGHT_TEMPLE));
        double hi = scalp.chart().thetaOf(scalp.at(Landmark.RIGHT_NAPE_CORNER));
        for (int i = 0; i < BISECTIONS; i++) {
            double mid = (lo + hi) / 2;
            if (scalp.hairline().at(mid).y() > -behindMm) {
                lo = mid;
            } else {
                hi = mid;
            }
        }
        double theta = (lo + hi) / 2;
        return new EarLine(section(scalp, scalp.hairline().at(theta)), theta);
    }

    /** The upright section through {@code end}, from its mirror image over the top to itself. */
    private static Path section(Scalp scalp, Vec3 end) {
        SuperEllipsoid s = scalp.surface();
        double reach = Math.atan2(end.x() / s.b(), end.z() / s.c());
        double k = Math.pow(1 - Math.pow(Math.abs(end.y() / s.a()), s.n()), 1 / s.n());
        List<Vec2> points = new ArrayList<>(STEPS + 1);
        for (int i = 0; i <= STEPS; i++) {
            double t = reach * (2.0 * i / STEPS - 1);
            double ex = Math.sin(t);
            double ez = Math.cos(t);
            double r = k * Math.pow(Math.pow(Math.abs(ex), s.n()) + Math.pow(Math.abs(ez), s.n()), -1 / s.n());
            points.add(scalp.chart().project(new Vec3(s.b() * ex * r, end.y(), s.c() * ez * r)));
        }
        return Path.lifted(points, scalp.chart());
    }
}
