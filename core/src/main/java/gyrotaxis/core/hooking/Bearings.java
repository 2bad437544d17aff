package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Bearing.Rule;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;

/**
 * Settles which way the hook goes in: toward the line that will be seen.
 *
 * <p>Beside a part, toward it; on the perimeter of an updo, upward; everywhere else the way the hair is to fall. A method may
 * put the fall before the updo and the part. A row that flanks two parts goes by the one that is worn more: the earlier in
 * the brief.
 */
final class Bearings {
    private static final double STEEP = 0.6;

    /** A step on the map that gives a direction on the scalp, mm. */
    private static final double ACROSS_STEP_MM = 3;

    private final Scalp scalp;
    private final List<LaidPart> parts;
    private final Flanks flanks;
    private final Method method;
    private final Demand demand;
    private final Lie lie;

    Bearings(Scalp scalp, List<LaidPart> parts, Method method, Demand demand) {
        this.scalp = scalp;
        this.parts = parts;
        this.flanks = new Flanks(parts);
        this.method = method;
        this.demand = demand;
        this.lie = new Lie(scalp, parts, demand.side());
    }

    Bearing of(Station s) {
        if (s.bearing().rule() == Rule.ACROSS || s.bearing().rule() == Rule.SHUT) {
            return s.bearing();
        }
        Vec3 normal = scalp.surface().normal(s.space());
        Vec3 fall = fall(s.space(), normal);
        boolean isEdge = demand.goesUp() && (s.role() == Role.PERIMETER || s.role() == Role.PLAIT);
        if (s.part() != Station.NO_PART
                && (method.bearing() == Method.BearingFirst.WHAT_SHOWS
                        || s.tie().knot().isHidden())) {
            // A hidden knot is only hidden when it is hooked toward the part, whatever a method says of the others.
            Vec3 toward = toPart(s, parts.get(s.part()), normal);
            boolean isContested = flanks.count(s.id().row()) > 1 || (isEdge && toward.dot(up(s.space(), normal)) < 0);
            // Along a whole row it is one motion, whichever way the head slopes there.
            return new Bearing(toward, Rule.PART, isContested, from(s, parts.get(s.part())) + ", toward the part");
        }
        if (isEdge && method.bearing() == Method.BearingFirst.WHAT_SHOWS) {
            Vec3 up = up(s.space(), normal);
            return new Bearing(up, Rule.UPDO, false, from(up) + ", up and away from the edge");
        }
        return new Bearing(fall, Rule.FALL, isEdge, from(fall) + ", " + toward(fall));
    }

    /**
     * Thrown across a gap, whatever falls otherwise there.
     *
     * @param towardRad on the map, from straight to the face round by her right, rad
     */
    static Bearing across(Scalp scalp, Station s, double towardRad) {
        Vec2 on = s.chart().plus(new Vec2(Math.sin(towardRad), Math.cos(towardRad)).times(ACROSS_STEP_MM));
        Vec3 normal = scalp.surface().normal(s.space());
        Vec3 way = Lie.tangent(scalp.chart().lift(on).minus(s.space()), normal).unit();
        return new Bearing(way, Rule.ACROSS, false, from(way) + ", across the gap, " + toward(way));
    }

    /** Through a knot and on through one beyond a gap. */
    static Bearing shut(Scalp scalp, Station near, Station far) {
        Vec3 normal = scalp.surface().normal(near.space());
        Vec3 way = Lie.tangent(far.space().minus(near.space()), normal);
        Vec3 entry = way.norm() < 1e-9 ? Lie.tangent(new Vec3(0, 1, 0), normal).unit() : way.unit();
        String words = from(entry) + ", through the knot there and the one beyond the gap on "
                + far.id().row().words() + ", and both drawn together";
        return new Bearing(entry, Rule.SHUT, false, words);
    }

    private Vec3 fall(Vec3 p, Vec3 normal) {
        Vec3 way = Lie.tangent(new Vec3(0, 0, -1), normal).plus(lie.combed(p).times(Lie.THROWN));
        return way.unit();
    }

    /** Straight across to the part, from the side the row lies on. */
    private Vec3 toPart(Station s, LaidPart part, Vec3 normal) {
        Vec3 at = part.path().space().get(nearest(s, part));
        return Lie.tangent(at.minus(s.space()), normal).unit();
    }

    private static int nearest(Station s, LaidPart part) {
        List<Vec2> line = part.path().chart();
        int nearest = 0;
        for (int i = 1; i < line.size(); i++) {
            if (line.get(i).distance(s.chart()) < line.get(nearest).distance(s.chart())) {
                nearest = i;
            }
        }
        return nearest;
    }

    /** From which side of the part a flank is hooked. */
    private static String from(Station s, LaidPart part) {
        double across =
                part.path().chart().get(nearest(s, part)).x() - s.chart().x();
        return across > 0 ? "from her left" : "from her right";
    }

    private Vec3 up(Vec3 p, Vec3 normal) {
        return Lie.tangent(scalp.at(Landmark.CROWN).minus(p), normal).unit();
    }

    /** Where the hook comes from. */
    private static String from(Vec3 way) {
        if (Math.abs(way.z()) > STEEP) {
            return way.z() > 0 ? "from below" : "from above";
        }
        if (Math.abs(way.x()) > Math.abs(way.y())) {
            return way.x() > 0 ? "from her left" : "from her right";
        }
        return way.y() > 0 ? "from behind" : "from the front";
    }

    private static String toward(Vec3 way) {
        double side = Math.abs(way.x());
        if (way.z() < -STEEP) {
            return side > 0.45 ? "down toward the ear" : "downward";
        }
        if (side > Math.abs(way.y())) {
            return way.x() > 0 ? "toward her right" : "toward her left";
        }
        return way.y() > 0 ? "toward the face" : "toward the back";
    }
}
