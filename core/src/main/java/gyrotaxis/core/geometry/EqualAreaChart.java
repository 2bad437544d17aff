package gyrotaxis.core.geometry;

import gyrotaxis.core.quantity.Require;

/**
 * A flat map of a surface on which equal areas are equal areas of the surface.
 *
 * <p>The azimuthal equal-area projection, carried over from the sphere to a super-ellipsoid. The map's middle is where
 * an axis through the centre leaves the surface. A point whose ray makes the angle α with the axis, in the half-plane of
 * azimuth θ, lies on the map at the same azimuth and at the distance r with r²/2 = ∫₀^α f dα, where f dα dθ is the
 * surface's element of area. Since r dr dθ = f dα dθ, area is kept exactly; on a sphere of radius R it gives the
 * familiar r = 2R sin(α/2).
 *
 * <p>The axis must lie in the mirror plane x = 0, so that the map is symmetric; +x of the map is +x of the surface, +y
 * of the map leads the way {@code up} points. Not defined on the ray opposite to the axis, and tabulated only up to
 * {@link #MAX_ALPHA_RAD}; points beyond are clamped to that rim.
 *
 * <p>Method: Simpson's rule on a grid of azimuths × angles, linear between grid lines. Making one costs some 5,000
 * surface points; each use a few look-ups. Length and area errors stay below 0.2 % (tested).
 */
public final class EqualAreaChart {
    /** Greatest angle from the axis that the map holds: 140°. */
    public static final double MAX_ALPHA_RAD = Math.toRadians(140);

    private static final int AZIMUTHS = 48;
    private static final int RINGS = 48;

    private final SuperEllipsoid surface;
    private final Vec3 axis;
    private final Vec3 up;
    /** Map radius by azimuth in [0, π] and ring; the other side is its mirror image. */
    private final double[][] radius = new double[AZIMUTHS + 1][RINGS + 1];

    /**
     * A map about the point that {@code middle} is.
     *
     * @param surface what is mapped
     * @param middle point whose ray is the axis; its x must be 0
     * @throws IllegalArgumentException if the middle is off the mirror plane
     */
    public EqualAreaChart(SuperEllipsoid surface, Vec3 middle) {
        Require.inRange(middle.x(), -1e-9, 1e-9, "x of the middle", "mm");
        this.surface = surface;
        this.axis = new Vec3(0, middle.y(), middle.z()).unit();
        // A quarter turn from the axis toward +y; for a head, toward the forehead.
        this.up = new Vec3(0, axis.z(), -axis.y());
        for (int i = 0; i <= AZIMUTHS; i++) {
            tabulate(i);
        }
    }

    /** The map point of a surface point (or of any point on its ray). */
    public Vec2 project(Vec3 p) {
        double alpha = alphaOf(p);
        double theta = thetaOf(p);
        double r = radiusAt(theta, alpha);
        return new Vec2(r * Math.sin(theta), r * Math.cos(theta));
    }

    /** The surface point of a map point. */
    public Vec3 lift(Vec2 m) {
        double theta = Math.atan2(m.x(), m.y());
        return surface.inDirection(direction(theta, alphaAt(theta, m.norm())));
    }

    /** Angle between a point's ray and the map's axis, in [0, π]. */
    public double alphaOf(Vec3 p) {
        return Math.atan2(p.minus(axis.times(p.dot(axis))).norm(), p.dot(axis));
    }

    /** Azimuth of a point's ray about the axis, from +y of the map toward +x, in (−π, π]. */
    public double thetaOf(Vec3 p) {
        return Math.atan2(p.x(), p.dot(up));
    }

    /** The unit direction from the centre with given azimuth and angle from the axis. */
    public Vec3 direction(double thetaRad, double alphaRad) {
        double s = Math.sin(alphaRad);
        return axis.times(Math.cos(alphaRad))
                .plus(up.times(s * Math.cos(thetaRad)))
                .plus(new Vec3(s * Math.sin(thetaRad), 0, 0));
    }

    private void tabulate(int azimuth) {
        double theta = Math.PI * azimuth / AZIMUTHS;
        double step = MAX_ALPHA_RAD / RINGS;
        double area = 0;
        double last = 0;
        for (int k = 1; k <= RINGS; k++) {
            double alpha = k * step;
            double here = areaDensity(theta, alpha);
            area += step / 6 * (last + 4 * areaDensity(theta, alpha - step / 2) + here);
            radius[azimuth][k] = Math.sqrt(2 * area);
            last = here;
        }
    }

    private double areaDensity(double theta, double alpha) {
        return surface.solidAngleArea(direction(theta, alpha)) * Math.sin(alpha);
    }

    private double radiusAt(double theta, double alpha) {
        double column = Math.abs(theta) / Math.PI * AZIMUTHS;
        int i = Math.min(AZIMUTHS - 1, (int) column);
        double ring = Math.max(0, Math.min(RINGS, alpha / MAX_ALPHA_RAD * RINGS));
        int k = Math.min(RINGS - 1, (int) ring);
        double t = ring - k;
        double near = blend(i, column - i, k);
        double far = blend(i, column - i, k + 1);
        return near + (far - near) * t;
    }

    private double alphaAt(double theta, double r) {
        double column = Math.abs(theta) / Math.PI * AZIMUTHS;
        int i = Math.min(AZIMUTHS - 1, (int) column);
        double w = column - i;
        int lo = 0;
        int hi = RINGS;
        while (hi - lo > 1) {
            int mid = (lo + hi) >>> 1;
            if (blend(i, w, mid) <= r) {
                lo = mid;
            } else {
                hi = mid;
            }
        }
        double near = blend(i, w, lo);
        double t = Math.max(0, Math.min(1, (r - near) / (blend(i, w, hi) - near)));
        return (lo + t) * MAX_ALPHA_RAD / RINGS;
    }

    private double blend(int azimuth, double w, int ring) {
        return radius[azimuth][ring] * (1 - w) + radius[azimuth + 1][ring] * w;
    }
}
