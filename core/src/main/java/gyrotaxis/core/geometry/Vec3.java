package gyrotaxis.core.geometry;

/**
 * A point or direction in space.
 *
 * <p>Hipparchus has a vector too, but not as a record: this one prints and compares by value, which plans rely on.
 */
public record Vec3(double x, double y, double z) {

    public Vec3 plus(Vec3 o) {
        return new Vec3(x + o.x, y + o.y, z + o.z);
    }

    public Vec3 minus(Vec3 o) {
        return new Vec3(x - o.x, y - o.y, z - o.z);
    }

    public Vec3 times(double k) {
        return new Vec3(x * k, y * k, z * k);
    }

    public double dot(Vec3 o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vec3 cross(Vec3 o) {
        return new Vec3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double norm() {
        return Math.sqrt(dot(this));
    }

    public double distance(Vec3 o) {
        double dx = x - o.x;
        double dy = y - o.y;
        double dz = z - o.z;
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }

    /**
     * The direction of this vector.
     *
     * @throws IllegalStateException for the zero vector, which has none
     */
    public Vec3 unit() {
        double n = norm();
        if (!(n > 0)) {
            throw new IllegalStateException("the zero vector has no direction");
        }
        return times(1 / n);
    }

    /** The mirror image in the plane x = 0. */
    public Vec3 mirrored() {
        return new Vec3(-x, y, z);
    }

    /** The point a fraction {@code t} of the way to {@code o}. */
    public Vec3 lerp(Vec3 o, double t) {
        return new Vec3(x + (o.x - x) * t, y + (o.y - y) * t, z + (o.z - z) * t);
    }
}
