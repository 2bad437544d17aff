package gyrotaxis.core.install;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Require;
import java.util.Optional;

/**
 * One place on a row where one share is hooked.
 *
 * <p>Immutable. Placed along its row first; what it takes and how it is tied is settled once all are placed.
 *
 * @param id unique in its plan, stable when the plan is computed again from the same brief
 * @param alongRowMm distance from the row's start, mm, at least 0
 * @param chart where it lies on the map, mm
 * @param space where it lies on the head, scalp frame, mm
 * @param zone the belt it lies in
 * @param role why it is there
 * @param part the wearing part it lies beside, from 0 and from the client's left; -1 if none
 * @param share what is hooked
 * @param strand which hair, 0 for the main one, then those mixed in, then what is cut of the main one
 * @param tie how it is held
 * @param bearing which way the hook goes in
 * @param byHand whether it was put there, or changed, by hand
 * @param drawnTo where on the map its hair is drawn to, over a gap that is drawn shut, mm; empty if it falls from its knot
 */
public record Station(
        StationId id,
        double alongRowMm,
        Vec2 chart,
        Vec3 space,
        Zone zone,
        Role role,
        int part,
        Share share,
        int strand,
        Tie tie,
        Bearing bearing,
        boolean byHand,
        Optional<Vec2> drawnTo) {
    /** No wearing part is near. */
    public static final int NO_PART = -1;

    private static final Tie PLAIN = Tie.of(Knot.REGULAR, 1);
    private static final Bearing BACK = new Bearing(new Vec3(0, -1, 0), Bearing.Rule.FALL, false, "from the front");

    public Station {
        Require.atLeast(0, alongRowMm, "alongRowMm", "mm");
        Require.inRange(strand, 0, HairMix.MAX_OTHERS + 1, "strand", "");
    }

    /** A share that nothing more is known of. */
    public static Station placed(
            StationId id, double alongRowMm, Vec2 chart, Vec3 space, Zone zone, Role role, int part, Share share) {
        return new Station(
                id, alongRowMm, chart, space, zone, role, part, share, 0, PLAIN, BACK, false, Optional.empty());
    }

    /** The same under another name. */
    public Station named(StationId other) {
        return new Station(
                other, alongRowMm, chart, space, zone, role, part, share, strand, tie, bearing, byHand, drawnTo);
    }

    /** The same with another share. */
    public Station taking(Share other) {
        return new Station(
                id, alongRowMm, chart, space, zone, role, part, other, strand, tie, bearing, byHand, drawnTo);
    }

    /** The same of another hair of the mix. */
    public Station of(int otherStrand) {
        return new Station(
                id, alongRowMm, chart, space, zone, role, part, share, otherStrand, tie, bearing, byHand, drawnTo);
    }

    /** The same beside a part, or {@link #NO_PART}. */
    public Station beside(int otherPart) {
        return new Station(
                id, alongRowMm, chart, space, zone, role, otherPart, share, strand, tie, bearing, byHand, drawnTo);
    }

    /** The same tied otherwise. */
    public Station tied(Tie other) {
        return new Station(
                id, alongRowMm, chart, space, zone, role, part, share, strand, other, bearing, byHand, drawnTo);
    }

    /** The same hooked another way. */
    public Station hooked(Bearing other) {
        return new Station(id, alongRowMm, chart, space, zone, role, part, share, strand, tie, other, byHand, drawnTo);
    }

    /** The same at another place of its row. */
    public Station at(double otherAlongMm, Vec2 otherChart, Vec3 otherSpace, Zone otherZone) {
        return new Station(
                id,
                otherAlongMm,
                otherChart,
                otherSpace,
                otherZone,
                role,
                part,
                share,
                strand,
                tie,
                bearing,
                byHand,
                drawnTo);
    }

    /** The same, marked as put or changed by hand. */
    public Station madeByHand() {
        return new Station(id, alongRowMm, chart, space, zone, role, part, share, strand, tie, bearing, true, drawnTo);
    }

    /** Whether a gap beside it can be drawn shut through its knot: it has one, and its hair is not drawn to a side yet. */
    public boolean canBeDrawn() {
        return tie.knot() != Knot.DOUBLE_ENTRY && drawnTo.isEmpty();
    }

    /** The same with its hair drawn to a place on the map, mm. */
    public Station drawn(Vec2 to) {
        return new Station(
                id, alongRowMm, chart, space, zone, role, part, share, strand, tie, bearing, byHand, Optional.of(to));
    }

    /** The mirror image in the midline, on another row and beside another part; its bearing is settled later. */
    public Station mirrored(StationId other, int otherPart) {
        return new Station(
                other,
                alongRowMm,
                chart.mirrored(),
                space.mirrored(),
                zone,
                role,
                otherPart,
                share,
                strand,
                tie,
                bearing,
                byHand,
                Optional.empty());
    }

    /** Where along its row it lies, as edits say it: in [0, 1]. */
    public double partOf(Row row) {
        return Math.max(0, Math.min(1, alongRowMm / row.lengthMm()));
    }
}
