package gyrotaxis.core.wear;

import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hooking.Lie;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Optional;

/**
 * Which way hair lies at every place of the scalp for a way of wearing.
 *
 * <p>Worn down, it falls: gravity's tangent, as strong as the scalp is steep there, blended with the way it is combed at its
 * root, which dies away along it. Swept, it is combed to one side. Up, it is drawn to where it is tied. There is no direction
 * at the tie itself; hair hangs from there. Wind lifts it back and to one side.
 */
final class FallField {
    /** How strongly the way it was combed lasts in the end: curls keep a memory of the way they were laid. ASSUMPTION. */
    private static final double COMBED = 0.35;

    /**
     * The same of hair that is swept: it is drawn across and held, behind an ear, by a pin or by its own weight on the shoulder,
     * and lies where it is drawn even on an upright forehead. ASSUMPTION: twice as strongly.
     */
    private static final double HELD = 2 * COMBED;

    /** Over what length {@link Lie#THROWN} dies away, mm. ASSUMPTION: a knot throws its hair for three fingers. */
    private static final double DIES_AWAY_MM = 60;

    /** How strongly swept hair is drawn to its side. */
    private static final double SWEPT = 1.1;

    /** Drawn hair is tied within this, mm. */
    private static final double TIED_MM = 14;

    private static final Vec3 DOWN = new Vec3(0, 0, -1);
    private static final Vec3 NOWHERE = new Vec3(0, 0, 0);
    /** From in front and from her left. */
    private static final Vec3 WIND = new Vec3(0.5, -0.9, 0.25);

    /** Where wind and weight together lead so nearly straight off the head, hair hangs from it freely. ASSUMPTION. */
    private static final double IN_LEE = Math.cos(Math.toRadians(22));

    private final Scalp scalp;
    private final Lie lie;
    private final Way way;
    private final Vec3 tie;
    private final double lasts;

    FallField(Scalp scalp, List<LaidPart> parts, Way way) {
        this.scalp = scalp;
        this.way = way;
        double side = way == Way.SWEPT_LEFT ? -SWEPT : way == Way.SWEPT_RIGHT ? SWEPT : 0;
        this.lasts = side == 0 ? COMBED : HELD;
        this.lie = new Lie(scalp, parts, side);
        this.tie = scalp.at(way == Way.LOW_PONYTAIL ? Landmark.OCCIPITAL_BONE : Landmark.CROWN);
    }

    /** The way a root is combed, worked out once for all of its hair. */
    Vec3 combed(Vec3 root) {
        return lie.combed(root);
    }

    /** Where the hair of a root is tied, if it is. */
    Optional<Vec3> tieOf(Vec3 root) {
        boolean isTied = switch (way) {
            case HIGH_PONYTAIL, LOW_PONYTAIL, BUN -> true;
            case HALF_UP -> root.y() > scalp.at(Landmark.CROWN).y() && root.z() > 0;
            default -> false;
        };
        return isTied ? Optional.of(tie) : Optional.empty();
    }

    /**
     * The unit direction in which falling hair lies at {@code p}, {@code runMm} from its root.
     *
     * @param at where that is on the map
     * @param combed the way it is thrown at its root
     */
    Vec3 falling(Vec3 p, Vec2 at, Vec3 combed, double runMm) {
        Vec3 normal = scalp.surface().normal(p);
        Vec3 gravity = Lie.tangent(DOWN, normal);
        double thrown = Lie.THROWN * Math.exp(-runMm / DIES_AWAY_MM);
        Vec3 sum = gravity.plus(lie.combed(at, normal).times(lasts))
                .plus(Lie.tangent(combed, normal).times(thrown));
        if (way == Way.WIND) {
            sum = sum.plus(Lie.tangent(WIND, normal));
        }
        return sum.norm() < 1e-9 ? gravity : sum.unit();
    }

    /** Whether hair flies off the head there: the wind carries it over the head as far as its lee, and no further. */
    boolean fliesOff(Vec3 p) {
        return way == Way.WIND && WIND.plus(DOWN).unit().dot(scalp.surface().normal(p)) > IN_LEE;
    }

    /** Which way hair that has left the head is driven, against its own weight of 1. */
    Vec3 driven() {
        return way == Way.WIND ? WIND : NOWHERE;
    }

    /** The unit direction of drawn hair; empty where it has come to its tie. */
    Optional<Vec3> drawn(Vec3 p, Vec3 to) {
        Vec3 rest = to.minus(p);
        if (rest.norm() < TIED_MM) {
            return Optional.empty();
        }
        Vec3 along = Lie.tangent(rest, scalp.surface().normal(p));
        return along.norm() < 1e-9 ? Optional.empty() : Optional.of(along.unit());
    }
}
