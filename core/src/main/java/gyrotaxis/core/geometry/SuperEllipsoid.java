package gyrotaxis.core.geometry;

import gyrotaxis.core.quantity.Require;

/**
 * The closed surface |x/b|ⁿ + |y/a|ⁿ + |z/c|ⁿ = 1: an ellipsoid for n = 2, boxier above.
 *
 * <p>Points are named by two angles: λ from the midline plane x = 0 (positive toward +x, ±π/2 at the poles on the x
 * axis) and φ round the x axis, from +y (0) over +z (π/2) to −y (π) and on. For n = 2 this is the usual
 * parametrisation (b sinλ, a cosλ cosφ, c cosλ sinφ); for other exponents that point is drawn out or in along its ray.
 * The surface is convex, symmetric in all three coordinate planes, and starlike about its centre.
 *
 * @param a half-axis along y, greater than 0
 * @param b half-axis along x, greater than 0
 * @param c half-axis along z, greater than 0
 * @param n exponent in [2, 4]
 */
public record SuperEllipsoid(double a, double b, double c, double n) {
    private static final double MIN_AXIS = 1e-6;

    public SuperEllipsoid {
        Require.atLeast(MIN_AXIS, a, "a", "mm");
        Require.atLeast(MIN_AXIS, b, "b", "mm");
        Require.atLeast(MIN_AXIS, c, "c", "mm");
        Require.inRange(n, 2, 4, "n", "");
    }

    /** The surface point with angles λ and φ, radians, any value. */
    public Vec3 point(double lambdaRad, double phiRad) {
        double cosLambda = Math.cos(lambdaRad);
        double ex = Math.sin(lambdaRad);
        double ey = cosLambda * Math.cos(phiRad);
        double ez = cosLambda * Math.sin(phiRad);
        double s = Math.pow(power(ex) + power(ey) + power(ez), -1 / n);
        return new Vec3(s * b * ex, s * a * ey, s * c * ez);
    }

    /** The surface point on the ray from the centre in a direction, which need not be a unit vector but not zero. */
    public Vec3 inDirection(Vec3 d) {
        double s = Math.pow(power(d.x() / b) + power(d.y() / a) + power(d.z() / c), -1 / n);
        return d.times(s);
    }

    /**
     * Area of the surface per unit of solid angle about the centre, in a direction that is a unit vector.
     *
     * <p>R² / (d · normal) in general; since the equation is homogeneous of degree n, its gradient g at the surface point
     * has g · p = n, which makes it R³ |g| / n without computing the normal.
     */
    public double solidAngleArea(Vec3 d) {
        double px = power(d.x() / b);
        double py = power(d.y() / a);
        double pz = power(d.z() / c);
        double sum = px + py + pz;
        double r = Math.pow(sum, -1 / n);
        // Each component of the gradient is n |x|ⁿ / x, and |x|ⁿ is known up to the factor rⁿ = 1 / sum.
        double gx = px == 0 ? 0 : px / (sum * r * d.x());
        double gy = py == 0 ? 0 : py / (sum * r * d.y());
        double gz = pz == 0 ? 0 : pz / (sum * r * d.z());
        return r * r * r * Math.sqrt(gx * gx + gy * gy + gz * gz);
    }

    /** The outward unit normal at a point of the surface. */
    public Vec3 normal(Vec3 p) {
        return new Vec3(slope(p.x() / b) / b, slope(p.y() / a) / a, slope(p.z() / c) / c).unit();
    }

    /** The angle λ of a surface point, in [−π/2, π/2]. */
    public double lambdaOf(Vec3 p) {
        double qx = p.x() / b;
        double qy = p.y() / a;
        double qz = p.z() / c;
        return Math.asin(Math.max(-1, Math.min(1, qx / Math.sqrt(qx * qx + qy * qy + qz * qz))));
    }

    /** The angle φ of a surface point, normalised to [−π/2, 3π/2) so that the whole top runs without a jump. */
    public double phiOf(Vec3 p) {
        double phi = Math.atan2(p.z() / c, p.y() / a);
        return phi < -Math.PI / 2 ? phi + 2 * Math.PI : phi;
    }

    /**
     * The surface point with given y and z on the side of positive x.
     *
     * @throws IllegalArgumentException if the surface does not reach that far from the x axis
     */
    public Vec3 onRightSide(double y, double z) {
        double rest = 1 - power(y / a) - power(z / c);
        if (!(rest >= 0)) {
            throw new IllegalArgumentException(
                    "no surface point has y = " + y + " and z = " + z + "; come nearer to the x axis");
        }
        return new Vec3(b * Math.pow(rest, 1 / n), y, z);
    }

    private double power(double v) {
        return Math.pow(Math.abs(v), n);
    }

    private double slope(double v) {
        return Math.copySign(Math.pow(Math.abs(v), n - 1), v);
    }
}
