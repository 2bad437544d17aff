package gyrotaxis.core.geometry;

import java.util.function.DoubleFunction;

/**
 * A four-sided piece of a plane, with coordinates (u, v) that blend its sides (a bilinearly blended Coons patch).
 *
 * <p>u runs from {@code start} (0) to {@code end} (1), v from {@code left} (0) to {@code right} (1). The sides must meet
 * in the corners; if they do so only nearly, the patch follows start and end. Coordinates outside [0, 1] extrapolate.
 * Where two opposite sides bend strongly toward each other the map may fold; callers that need one-to-one must test it.
 */
public final class CoonsPatch {
    private final DoubleFunction<Vec2> start;
    private final DoubleFunction<Vec2> end;
    private final DoubleFunction<Vec2> left;
    private final DoubleFunction<Vec2> right;
    private final Vec2 startLeft;
    private final Vec2 startRight;
    private final Vec2 endLeft;
    private final Vec2 endRight;

    /**
     * The patch between four sides.
     *
     * @param start side u = 0, a function of v
     * @param end side u = 1, a function of v
     * @param left side v = 0, a function of u
     * @param right side v = 1, a function of u
     */
    public CoonsPatch(
            DoubleFunction<Vec2> start,
            DoubleFunction<Vec2> end,
            DoubleFunction<Vec2> left,
            DoubleFunction<Vec2> right) {
        this.start = start;
        this.end = end;
        this.left = left;
        this.right = right;
        startLeft = start.apply(0);
        startRight = start.apply(1);
        endLeft = end.apply(0);
        endRight = end.apply(1);
    }

    /** The point with coordinates (u, v). */
    public Vec2 at(double u, double v) {
        Vec2 alongU = start.apply(v).lerp(end.apply(v), u);
        Vec2 alongV = left.apply(u).lerp(right.apply(u), v);
        Vec2 corners = startLeft.lerp(startRight, v).lerp(endLeft.lerp(endRight, v), u);
        return alongU.plus(alongV).minus(corners);
    }
}
