package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.row.LostEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Makes the changes to single stations that were made by hand, one after the other, on stations that are placed and tied but
 * not yet numbered anew. What no longer makes sense is told, not guessed.
 */
final class HandEdits {
    /** Until all stations of a row are numbered anew. */
    private static final int NOT_NUMBERED = 1;

    /** A share that goes through a knot sits so far behind it, so that it has a place of its own in the row, mm. */
    private static final double ON_TOP_MM = 0.5;

    /** One station while it is changed. Two added on one row share a name until they are numbered, but are not one. */
    private static final class Slot {
        private Station station;
        private boolean isTiedByHand;

        Slot(Station station) {
            this.station = station;
        }

        void tie(Tie tie) {
            station = station.tied(tie).madeByHand();
            isTiedByHand = true;
        }
    }

    private final Scalp scalp;
    private final Foundation foundation;
    private final KnotChooser chooser;
    private final List<Hooked.Strand> hairs;
    private final List<Slot> slots = new ArrayList<>();
    private final List<LostEdit> lost = new ArrayList<>();
    private final List<Draw> draws = new ArrayList<>();

    /** Two knots that a third share draws together; by which change. */
    private record Draw(int index, Slot near, Slot far, Slot share) {}

    HandEdits(
            Scalp scalp,
            Foundation foundation,
            KnotChooser chooser,
            List<Hooked.Strand> hairs,
            List<Station> stations) {
        this.scalp = scalp;
        this.foundation = foundation;
        this.chooser = chooser;
        this.hairs = hairs;
        stations.forEach(s -> slots.add(new Slot(s)));
    }

    /** Makes them, in turn; gaps are drawn shut last, between knots as they are by then. */
    void make(List<StationEdit> edits) {
        for (int i = 0; i < edits.size(); i++) {
            make(i, edits.get(i));
        }
        draws.forEach(this::drawTogether);
    }

    /** All stations as they are now, in no order. */
    List<Station> stations() {
        return slots.stream().map(s -> s.station).toList();
    }

    /** The changes that make no sense any more. */
    List<LostEdit> lost() {
        return List.copyOf(lost);
    }

    /**
     * A share put on a row by hand, before it is tied.
     *
     * @param along how far from the row's start, mm
     * @param towardRad which way it is thrown, on the map; empty if as it falls
     */
    static Station added(Scalp scalp, Row row, double along, Share share, OptionalDouble towardRad) {
        Vec3 space = row.path().spaceAt(along);
        Station s = Station.placed(
                new StationId(row.id(), NOT_NUMBERED),
                along,
                row.path().chartAt(along),
                space,
                Zone.at(scalp.frontToNape(space)),
                Role.HAND,
                Station.NO_PART,
                share);
        return towardRad.isPresent() ? s.hooked(Bearings.across(scalp, s, towardRad.getAsDouble())) : s;
    }

    private void make(int index, StationEdit edit) {
        Optional<Row> row = foundation.row(edit.row());
        if (row.isEmpty()) {
            lose(index, "There is no " + edit.row().words() + " any more to hook as you did by hand.");
            return;
        }
        double along = edit.at() * row.get().lengthMm();
        if (edit instanceof StationEdit.DrawShut draw) {
            drawShut(index, draw, row.get(), along);
            return;
        }
        if (edit instanceof StationEdit.Add add
                && splitsWhole(add.share(), hairs.get(0).line())) {
            lose(index, undone(hairs.get(0).line(), edit));
            return;
        }
        if (edit instanceof StationEdit.Add add) {
            Station s = added(scalp, row.get(), along, add.share(), add.towardRad());
            slots.add(new Slot(s.tied(chooser.choose(s.id().row(), Role.HAND, add.share(), hairOf(s)))
                    .madeByHand()));
            return;
        }
        meant(edit.row(), along)
                .ifPresentOrElse(
                        slot -> change(index, slot, row.get(), edit),
                        () -> lose(
                                index,
                                "Nothing is hooked any more where you changed a share on "
                                        + edit.row().words() + "."));
    }

    private void drawShut(int index, StationEdit.DrawShut edit, Row row, double along) {
        Optional<Slot> near = meant(edit.row(), along);
        Optional<Slot> far = foundation.row(edit.otherRow()).flatMap(r -> meant(r.id(), edit.otherAt() * r.lengthMm()));
        if (near.isEmpty() || far.isEmpty() || near.equals(far)) {
            lose(
                    index,
                    "One of the two knots is not there any more that were drawn together between "
                            + edit.row().words() + " and " + edit.otherRow().words() + ".");
            return;
        }
        HairLine main = hairs.get(0).line();
        if (splitsWhole(edit.share(), main)) {
            lose(index, undone(main, edit));
            return;
        }
        Station s = through(scalp, row, near.get().station, far.get().station, edit.share());
        Slot share = new Slot(s.tied(chooser.choose(s.id().row(), Role.HAND, edit.share(), main))
                .madeByHand());
        slots.add(share);
        draws.add(new Draw(index, near.get(), far.get(), share));
    }

    /**
     * A share that is hooked through two knots, before it is tied and before their hair is drawn together.
     *
     * @param row the row that the first of them is on
     */
    static Station through(Scalp scalp, Row row, Station near, Station far, Share share) {
        double along = Math.min(row.lengthMm(), near.alongRowMm() + ON_TOP_MM);
        return added(scalp, row, along, share, OptionalDouble.empty()).hooked(Bearings.shut(scalp, near, far));
    }

    /** Where the hair of two knots is drawn to: half-way, on the map. */
    static Vec2 between(Station near, Station far) {
        return near.chart().lerp(far.chart(), 0.5);
    }

    private void drawTogether(Draw d) {
        Optional<String> against = against(d);
        if (against.isPresent()) {
            slots.remove(d.share);
            lose(d.index, against.get());
            return;
        }
        Vec2 to = between(d.near.station, d.far.station);
        for (Slot s : List.of(d.near, d.far, d.share)) {
            s.station = s.station.drawn(to);
        }
    }

    /** What keeps two knots from being drawn together, if anything does. */
    private Optional<String> against(Draw d) {
        Station near = d.near.station;
        Station far = d.far.station;
        String rows = near.id().row().words() + " and " + far.id().row().words();
        if (!slots.containsAll(List.of(d.near, d.far, d.share))) {
            return Optional.of(
                    "A knot or share is taken out again with which a gap was drawn shut between " + rows + ".");
        }
        if (near.drawnTo().isPresent() || far.drawnTo().isPresent()) {
            return Optional.of("A knot can be drawn to one side only; that is done already between " + rows + ".");
        }
        if (!near.canBeDrawn() || !far.canBeDrawn()) {
            return Optional.of("What is tied without a knot has nothing to hook through, between " + rows + ".");
        }
        return near.space().distance(far.space()) > StationEdit.DrawShut.FURTHEST_MM
                ? Optional.of("The knots on " + rows + " lie too far apart to be drawn together.")
                : Optional.empty();
    }

    /** The station nearest to a place, if one is near enough to be the one that was meant. */
    private Optional<Slot> meant(RowId row, double along) {
        return slots.stream()
                .filter(s -> s.station.id().row().equals(row)
                        && Math.abs(s.station.alongRowMm() - along) <= StationEdit.REACH_MM)
                .min(Comparator.comparingDouble(s -> Math.abs(s.station.alongRowMm() - along)));
    }

    private void change(int index, Slot slot, Row row, StationEdit edit) {
        Tie tie = slot.station.tie();
        if (edit instanceof StationEdit.Remove) {
            slots.remove(slot);
        } else if (edit instanceof StationEdit.Move move) {
            slot.station = moved(slot.station, row, move.mm());
        } else if (edit instanceof StationEdit.Resize resize) {
            if (splitsWhole(resize.share(), hairOf(slot.station))) {
                lose(index, undone(hairOf(slot.station), edit));
            } else {
                resize(slot, resize.share());
            }
        } else if (edit instanceof StationEdit.Retie retie) {
            slot.tie(Tie.of(retie.knot(), tie.passes()));
        } else if (edit instanceof StationEdit.Pass pass) {
            pass(index, slot, pass);
        } else if (edit instanceof StationEdit.Hold hold) {
            slot.tie(tie.alsoHolding(hold.hold()));
        } else if (edit instanceof StationEdit.PartLeg leg && tie.knot() == Knot.INVISIBLE) {
            slot.tie(tie.through(leg.part()));
        } else {
            lose(
                    index,
                    "Only a single leg can be parted; on " + edit.row().words() + " that share is tied "
                            + tie.knot().words() + " now.");
        }
    }

    private void pass(int index, Slot slot, StationEdit.Pass pass) {
        Tie tie = slot.station.tie();
        if (tie.knot().hasPasses()) {
            slot.tie(tie.passing(pass.passes()));
        } else {
            lose(
                    index,
                    "A " + tie.knot().words() + " knot has no passes; on "
                            + pass.row().words() + " that share is tied so now.");
        }
    }

    private static boolean splitsWhole(Share share, HairLine hair) {
        return hair.goesInWhole() && share.parts() > 1;
    }

    private static String undone(HairLine hair, StationEdit edit) {
        return hair.name() + " comes undone when it is split: on " + edit.row().words() + " it goes in whole.";
    }

    /** Another share wants another knot, unless that was chosen by hand. */
    private void resize(Slot slot, Share share) {
        Station s = slot.station;
        Tie tie = slot.isTiedByHand ? s.tie() : chooser.choose(s.id().row(), s.role(), share, hairOf(s));
        slot.station = s.taking(share).tied(tie).madeByHand();
    }

    private Station moved(Station s, Row row, double mm) {
        double along = Math.max(0, Math.min(row.lengthMm(), s.alongRowMm() + mm));
        Vec3 space = row.path().spaceAt(along);
        return s.at(along, row.path().chartAt(along), space, Zone.at(scalp.frontToNape(space)))
                .madeByHand();
    }

    private HairLine hairOf(Station s) {
        return hairs.get(s.strand()).line();
    }

    private void lose(int index, String reason) {
        lost.add(new LostEdit(index, false, reason));
    }
}
