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
    /**
     * Strength of the way hair is hooked and combed against that of gravity on an upright wall, at its root. ASSUMPTION: a knot
     * throws its hair for three fingers.
     */
    public static final double THROWN = 1.4;

    /** Strength with which hair combed to a side also lies back. ASSUMPTION. */
    private static final double BACK_TOO = 0.7;

    /** Beyond this from a part hair goes by it no more than by the midline, mm on the map. ASSUMPTION: half a head. */
    private static final double PART_REACH_MM = 110;

    /** Behind the end of a part hair is combed aside no more after this, mm: it closes within a finger or so. */
    private static final double CLOSES_MM = 20;

    /** So far before its end the comb begins to turn from the side to the back, mm. ASSUMPTION: three fingers. */
    private static final double TURNS_MM = 50;

    private static final Vec3 RIGHT = new Vec3(1, 0, 0);
    private static final double NOWHERE = 1e-6;

    private final Scalp scalp;
    private final List<LaidPart> parts;
    private final double side;

    /**
     * How hair lies on a head.
     *
     * @param parts the parts that are worn
     * @param side to which side it is drawn besides, and how strongly: below 0 her left, above 0 her right, 0 neither
     */
    public Lie(Scalp scalp, List<LaidPart> parts, double side) {
        this.scalp = scalp;
        this.parts = List.copyOf(parts);
        this.side = side;
    }

    /**
     * The way it is combed at its root: a unit tangent, or nothing where it is combed straight off the head.
     *
     * <p>Back is meant along the scalp, as a comb goes: up from the forehead, level over the top, down behind and in toward the
     * neck at the nape.
     */
    public Vec3 combed(Vec3 root) {
        return combed(scalp.chart().project(root), scalp.surface().normal(root));
    }

    /**
     * The same of a place of which these are known.
     *
     * @param at where it is on the map
     * @param normal the unit normal there
     */
    public Vec3 combed(Vec2 at, Vec3 normal) {
        Vec3 back = RIGHT.cross(normal);
        Vec3 asked = back.times(BACK_TOO).plus(RIGHT.times(acrossPart(at))).plus(toSide(normal));
        Vec3 along = tangent(asked, normal);
        return along.norm() < NOWHERE ? new Vec3(0, 0, 0) : along.unit();
    }

    /** To its side along the scalp, less the more that would be toward the face: from the far temple it is combed up and over. */
    private Vec3 toSide(Vec3 normal) {
        Vec3 way = tangent(RIGHT.times(side), normal);
        double ahead = way.norm() < NOWHERE ? 0 : Math.max(0, way.y() / way.norm());
        return way.times(1 - ahead);
    }

    /** The part of a vector that lies along the scalp. */
    public static Vec3 tangent(Vec3 v, Vec3 normal) {
        return v.minus(normal.times(v.dot(normal)));
    }

    /** Away from every part, less with distance; between two of them it evens out: in [−1, 1]. */
    private double acrossPart(Vec2 here) {
        double sum = 0;
        for (LaidPart part : parts) {
            sum += across(part.path().chart(), here);
        }
        return Math.max(-1, Math.min(1, sum));
    }

    /** Beside a part hair is combed away from it; behind its end, where nothing parts it any more, it closes. */
    private static double across(List<Vec2> line, Vec2 here) {
        int nearest = 0;
        for (int i = 1; i < line.size(); i++) {
            nearest = line.get(i).distance(here) < line.get(nearest).distance(here) ? i : nearest;
        }
        Vec2 at = line.get(nearest);
        Vec2 end = line.get(line.size() - 1);
        double beside = Math.max(0, 1 - at.distance(here) / PART_REACH_MM);
        // Toward its end the comb turns from the side to the back: how far before that, or behind it.
        Vec2 on = end.minus(line.get(line.size() - 2));
        double before = nearest < line.size() - 1
                ? at.distance(end)
                : -Math.max(0, here.minus(end).dot(on) / on.norm());
        double turned = Math.max(0, Math.min(1, (before + CLOSES_MM) / (TURNS_MM + CLOSES_MM)));
        return Math.signum(here.x() - at.x()) * beside * turned;
    }
}
