package gyrotaxis.core.geometry;

/** Straight pieces of a plane, and whether they cross. */
public final class Segments {
    private Segments() {}

    /** Whether the piece from {@code a} to {@code b} and that from {@code c} to {@code d} cross; touching is not crossing. */
    public static boolean cross(Vec2 a, Vec2 b, Vec2 c, Vec2 d) {
        return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
    }

    /** Twice the area of a triangle, positive where it runs left round. */
    private static double turn(Vec2 a, Vec2 b, Vec2 c) {
        return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
    }
}
