package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;

/**
 * Which way hair that is worn down is combed from its root: away from the nearest worn part, to the side it is to fall, and
 * back.
 */
public final class Lie {
    /** Strength with which hair combed to a side also lies back. ASSUMPTION. */
    private static final double BACK_TOO = 0.7;

    /** Beyond this from a part hair goes by it no more than by the midline, mm on the map. ASSUMPTION: half a head. */
    private static final double PART_REACH_MM = 110;

    private static final Vec3 BACK = new Vec3(0, -1, 0);
    private static final Vec3 RIGHT = new Vec3(1, 0, 0);
    private static final double NOWHERE = 1e-6;

    private final Scalp scalp;
    private final List<LaidPart> parts;
    private final double side;

    /**
     * How hair lies on a head.
     *
     * @param parts the parts that are worn
     * @param side to which side it is drawn besides: −1 her left, 1 her right, 0 neither
     */
    public Lie(Scalp scalp, List<LaidPart> parts, double side) {
        this.scalp = scalp;
        this.parts = List.copyOf(parts);
        this.side = side;
    }

    /** The way it is combed at its root: a unit tangent, or nothing where it is combed straight off the head. */
    public Vec3 combed(Vec3 root) {
        Vec3 way = BACK.times(BACK_TOO).plus(RIGHT.times(acrossPart(root) + side));
        Vec3 along = tangent(way, scalp.surface().normal(root));
        return along.norm() < NOWHERE ? new Vec3(0, 0, 0) : along.unit();
    }

    /** The part of a vector that lies along the scalp. */
    public static Vec3 tangent(Vec3 v, Vec3 normal) {
        return v.minus(normal.times(v.dot(normal)));
    }

    /** To the side of the nearest part on which the root lies, less with distance: in [−1, 1]. */
    private double acrossPart(Vec3 root) {
        Vec2 here = scalp.chart().project(root);
        double nearest = PART_REACH_MM;
        double across = 0;
        for (LaidPart part : parts) {
            for (Vec2 q : part.path().chart()) {
                double mm = q.distance(here);
                if (mm < nearest) {
                    nearest = mm;
                    across = Math.signum(here.x() - q.x());
                }
            }
        }
        return across * (1 - nearest / PART_REACH_MM);
    }
}
