package gyrotaxis.core.laying;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;

/**
 * A section line from side to side over the top: where a plane through two points on the edge of the field and one on the
 * midline cuts the scalp.
 *
 * @param path from the client's left to her right, both ends on the edge of the field
 * @param rightEndRad azimuth of its right end about the map's axis
 * @param leftEndRad azimuth of its left end, negative
 */
record CrossLine(Path path, double rightEndRad, double leftEndRad) {
    private static final int STEPS = 48;
    private static final int BISECTIONS = 40;
    private static final int NEWTON_STEPS = 30;
    private static final double SETTLED = 1e-12;

    /**
     * The section line of a field.
     *
     * @param endBehindMm how far behind the ear notches it ends at both sides, mm
     * @param topBehindMm how far behind them it crosses the midline, mm
     */
    static CrossLine of(Scalp scalp, Rim rim, double endBehindMm, double topBehindMm) {
        double right = endAzimuth(scalp, rim, endBehindMm, 1);
        double left = scalp.hairline().isMirrored() ? -right : endAzimuth(scalp, rim, endBehindMm, -1);
        Vec2 rightEnd = rim.at(rim.field, right);
        Vec2 leftEnd = rim.at(rim.field, left);
        List<Vec2> points = new ArrayList<>(
                section(scalp, scalp.chart().lift(leftEnd), scalp.chart().lift(rightEnd), topBehindMm));
        points.set(0, leftEnd);
        points.set(points.size() - 1, rightEnd);
        return new CrossLine(Path.lifted(points, scalp.chart()), right, left);
    }

    /** Along the edge from temple to nape corner y only falls, so a plane meets it once. */
    private static double endAzimuth(Scalp scalp, Rim rim, double behindMm, int side) {
        double lo = rim.templeRad();
        double hi = rim.cornerRad();
        for (int i = 0; i < BISECTIONS; i++) {
            double mid = (lo + hi) / 2;
            if (scalp.chart().lift(rim.at(rim.field, side * mid)).y() > -behindMm) {
                lo = mid;
            } else {
                hi = mid;
            }
        }
        return side * (lo + hi) / 2;
    }

    private static List<Vec2> section(Scalp scalp, Vec3 left, Vec3 right, double topBehindMm) {
        SuperEllipsoid s = scalp.surface();
        Vec3 centre = left.lerp(right, 0.5);
        Vec3 top = new Vec3(
                0, -topBehindMm, s.c() * Math.pow(1 - Math.pow(Math.abs(topBehindMm / s.a()), s.n()), 1 / s.n()));
        Vec3 up = top.minus(centre).unit();
        Vec3 out = right.minus(centre).unit();
        List<Vec2> points = new ArrayList<>(STEPS + 1);
        for (int i = 0; i <= STEPS; i++) {
            double t = Math.PI * i / STEPS - Math.PI / 2;
            Vec3 direction = up.times(Math.cos(t)).plus(out.times(Math.sin(t)));
            points.add(scalp.chart().project(surfaceFrom(s, centre, direction)));
        }
        return points;
    }

    /** Where a ray from inside leaves the surface; Newton from outside, where the function is convex and rising. */
    private static Vec3 surfaceFrom(SuperEllipsoid s, Vec3 from, Vec3 direction) {
        double at = 2 * (s.a() + s.b() + s.c());
        for (int i = 0; i < NEWTON_STEPS; i++) {
            Vec3 p = from.plus(direction.times(at));
            double qx = Math.pow(Math.abs(p.x() / s.b()), s.n());
            double qy = Math.pow(Math.abs(p.y() / s.a()), s.n());
            double qz = Math.pow(Math.abs(p.z() / s.c()), s.n());
            double excess = qx + qy + qz - 1;
            double slope = s.n()
                    * (part(qx, p.x()) * direction.x()
                            + part(qy, p.y()) * direction.y()
                            + part(qz, p.z()) * direction.z());
            at -= excess / slope;
            if (Math.abs(excess) < SETTLED) {
                break;
            }
        }
        return from.plus(direction.times(at));
    }

    private static double part(double power, double coordinate) {
        return coordinate == 0 ? 0 : power / coordinate;
    }
}
