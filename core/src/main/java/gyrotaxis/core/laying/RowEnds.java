package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;

/** How the rows in front end where they do not simply run on: bent together, fed into a neighbour, crossed, or turned. */
final class RowEnds {
    /** The part of a front row's length after which it bends toward the row it joins. */
    static final double BEND_FROM = 0.7;

    /** A half row runs over to the row that takes it in by so much of the way; its tail is the rest. */
    private static final double REACHES = 0.75;

    /** A row no further to the side than this, mm, joins where the other begins. ASSUMPTION: a finger. */
    private static final double ASIDE_MM = 18;

    /** Each mm further out enters so many mm later. */
    private static final double SLANT = 0.8;

    /** And none later than after this part of the other. */
    private static final double LATEST_JOIN = 0.3;

    private final RowMaker maker;
    private final Draft draft;
    private final CoonsPatch front;
    private final List<Lane> lanes;

    /** The ends of the rows of {@code lanes} in the patch {@code front}, which lie in {@code draft} already. */
    RowEnds(RowMaker maker, Draft draft, CoonsPatch front, List<Lane> lanes) {
        this.maker = maker;
        this.draft = draft;
        this.front = front;
        this.lanes = lanes;
    }

    /** The middle of a lane that bends from some place on toward where it meets another, if it meets one. */
    static DoubleUnaryOperator bent(Lane lane, Optional<Double> meeting, double from) {
        if (meeting.isEmpty()) {
            return lane.middle();
        }
        double to = meeting.get();
        return u -> lane.middle().applyAsDouble(u) + (to - lane.middle().applyAsDouble(u)) * bend(u, from, 1);
    }

    private static double bend(double u, double from, double to) {
        double t = Math.max(0, Math.min(1, (u - from) / (to - from)));
        return t * t * (3 - 2 * t);
    }

    /** Feeds rows that end with a part, or were ended by hand, into their neighbours; crosses those that are to cross. */
    void endHalfRows(FrontDivision division, List<List<Lane.Spec>> specs) {
        int index = 0;
        for (int i = 0; i < specs.size(); i++) {
            int n = specs.get(i).size();
            for (int j = 0; j < n; j++, index++) {
                Lane lane = lanes.get(index);
                RowId id = new RowId(Section.FRONT, index + 1);
                Optional<FrontDivision.Crossing> crossing =
                        j == n - 1 && i < division.parts() ? division.crossing(i) : Optional.empty();
                if (lane.spec().runsThrough() || lane.spec().isReversed()) {
                    continue;
                }
                if (crossing.isPresent()) {
                    cross(id, lane, lanes.get(index + 1), crossing.get());
                    continue;
                }
                // Away from the part it flanks, or else to whichever side another row runs on.
                int outward = j == 0 && i > 0 ? index + 1 : index - 1;
                int into = outward >= index - j && outward < index - j + n ? outward : 2 * index - outward;
                boolean isInside = into >= index - j && into < index - j + n;
                if (isInside && lanes.get(into).spec().runsThrough()) {
                    feedOver(id, lane, new RowId(Section.FRONT, into + 1));
                }
            }
        }
    }

    /**
     * Its lane narrows to nothing where the part stops, but the row does not follow it onto the part: it runs over to the one that
     * takes it in, away from the scalp that is to show.
     */
    private void feedOver(RowId id, Lane lane, RowId into) {
        double end = lane.spec().endsAt();
        double from = end - LaneField.NARROWING;
        Path taking = draft.get(into).path();
        DoubleFunction<Vec2> over = u -> {
            Vec2 own = front.at(u, lane.middle().applyAsDouble(u));
            double t = Math.max(0, (u - from) / (end - from));
            // Between its own lane and the row that takes it in, so that the two never cross.
            return t == 0 ? own : own.lerp(at(taking, u), REACHES * t * (2 - t));
        };
        Row row = maker.row(id, over, front::at, lane);
        Row receiver = draft.get(into);
        List<Vec2> line = row.path().chart();
        draft.replace(row.led(Row.Lead.fed(into, receiver.path().nearest(line.get(line.size() - 1)))));
    }

    /** Where a row that runs through lies, by the part of the section: its points are evenly spread over that. */
    private static Vec2 at(Path path, double u) {
        List<Vec2> line = path.chart();
        double k = u * (line.size() - 1);
        int i = Math.min(line.size() - 2, (int) k);
        return line.get(i).lerp(line.get(i + 1), k - i);
    }

    /**
     * A row that lies far to the side of the one it joins would have to run straight across to where that begins; it is braided on
     * slantwise instead, and enters that one along its way: the further out, the later.
     *
     * @param bends where each row bends, as parts of its length
     */
    void enterAlong(double[] bends) {
        for (int i = 0; i < lanes.size(); i++) {
            Lane lane = lanes.get(i);
            Row row = draft.get(new RowId(Section.FRONT, i + 1));
            if (row.joins().isEmpty()
                    || lane.spec().isReversed()
                    || !lane.spec().runsThrough()) {
                continue;
            }
            Path into = draft.get(row.joins().get()).path();
            Vec2 own = front.at(1, lane.middle().applyAsDouble(1));
            double asideMm = maker.scalp().chart().lift(own).distance(into.start());
            if (asideMm > ASIDE_MM) {
                double along = Math.min(LATEST_JOIN * into.lengthMm(), SLANT * (asideMm - ASIDE_MM));
                draft.replace(row.along(slanting(lane, bends[i], own, into.chartAt(along))));
            }
        }
    }

    /** Along the lane up to its bend, then in one curve past the end of the lane to where it enters. */
    private Path slanting(Lane lane, double from, Vec2 own, Vec2 entry) {
        Vec2 start = front.at(from, lane.middle().applyAsDouble(from));
        List<Vec2> line = new ArrayList<>();
        for (int k = 0; k <= RowMaker.STEPS; k++) {
            double u = (double) k / RowMaker.STEPS;
            double t = Math.max(0, (u - from) / (1 - from));
            line.add(
                    t == 0
                            ? front.at(u, lane.middle().applyAsDouble(u))
                            : start.lerp(own, t).lerp(own.lerp(entry, t), t));
        }
        return Path.lifted(line, maker.scalp().chart());
    }

    /** A row braided toward the hairline ends there and joins nothing. */
    void endTurnedRows() {
        for (int i = 0; i < lanes.size(); i++) {
            if (lanes.get(i).spec().isReversed()) {
                RowId id = new RowId(Section.FRONT, i + 1);
                draft.replace(draft.get(id).ending());
            }
        }
    }

    private void cross(RowId id, Lane lane, Lane other, FrontDivision.Crossing crossing) {
        double end = lane.spec().endsAt();
        double to = other.middle().applyAsDouble(end);
        DoubleUnaryOperator over = u ->
                lane.middle().applyAsDouble(u) + (to - lane.middle().applyAsDouble(u)) * bend(u, crossing.from(), end);
        RowId under = new RowId(Section.FRONT, id.number() + 1);
        Row receiver = draft.get(under);
        Row crossed = maker.row(id, front::at, lane, over);
        List<Vec2> line = crossed.path().chart();
        draft.replace(crossed.led(Row.Lead.fed(under, receiver.path().nearest(line.get(line.size() - 1)))));
        draft.crossings.add(new Crossing(id, under, front.at(crossing.along(), crossing.across())));
    }
}
