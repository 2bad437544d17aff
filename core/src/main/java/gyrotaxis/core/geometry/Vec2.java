package gyrotaxis.core.geometry;

/** A point or direction in a plane. */
public record Vec2(double x, double y) {

    public Vec2 plus(Vec2 o) {
        return new Vec2(x + o.x, y + o.y);
    }

    public Vec2 minus(Vec2 o) {
        return new Vec2(x - o.x, y - o.y);
    }

    public Vec2 times(double k) {
        return new Vec2(x * k, y * k);
    }

    public double dot(Vec2 o) {
        return x * o.x + y * o.y;
    }

    public double norm() {
        return Math.sqrt(x * x + y * y);
    }

    public double distance(Vec2 o) {
        double dx = x - o.x;
        double dy = y - o.y;
        // Not hypot: map points neither overflow nor underflow, and it is many times as slow.
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** The mirror image in the line x = 0. */
    public Vec2 mirrored() {
        return new Vec2(-x, y);
    }

    /** The point a fraction {@code t} of the way to {@code o}. */
    public Vec2 lerp(Vec2 o, double t) {
        return new Vec2(x + (o.x - x) * t, y + (o.y - y) * t);
    }
}
