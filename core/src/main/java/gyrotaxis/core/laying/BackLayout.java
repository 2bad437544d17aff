package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** Lays the section behind the last section line, whichever family it is, and leads the rows above into it. */
final class BackLayout {
    /** Width of the band that a collector row gathers, mm. ASSUMPTION: three quarters of a finger. */
    private static final double COLLECTOR_MM = 14;

    /** Width of an upright row of a cross-tied back, as a part of the section's. */
    private static final double UPRIGHT = 0.18;

    /** How far down the two crossed rows of a cross-tied back reach, as a part of the section. */
    private static final double CROSS_DEPTH = 0.34;

    /** Where crossed rows start and end, as a part of the width between the uprights. */
    private static final double CROSS_FROM = 0.24;

    private static final int CROSS_STEPS = 24;

    /** How far under an upright's strip a cross-tie reaches, as a part of its width: up to the plait itself. */
    private static final double UNDER = 0.45;

    /** Where a row that no other joins begins, as a part of the width: it takes a little from both sides. */
    private static final double NO_WIDTH = 0.06;

    /** The latest place in a row where a tail of the row before enters, as a part of its length. ASSUMPTION: so that something is left to hold it. */
    private static final double LATE_ENTRY = 0.9;

    private final Scalp scalp;
    private final Draft draft;
    private final RowMaker maker;
    private final LaneEdits edits;
    private final CoonsPatch patch;
    private final double depthMm;
    private final double widthMm;
    /** Edges of the groups of rows that come from above, in order; empty where rows above end at an overlay. */
    private final List<double[]> groups;

    private final int[] groupSizes;
    private final List<RowId> above;

    /**
     * The section behind.
     *
     * @param above rows that run through to it, from the client's left to her right; in the draft once {@link #lay} is
     *     called
     * @param lanes their lanes
     * @param areLaid whether they end under an overlay instead of running on
     * @param joins how many of them are to join each row behind; empty if as usual
     */
    BackLayout(
            Scalp scalp,
            Draft draft,
            RowMaker maker,
            LaneEdits edits,
            CoonsPatch patch,
            List<RowId> above,
            List<Lane> lanes,
            boolean areLaid,
            Back back,
            List<Integer> joins) {
        this.scalp = scalp;
        this.draft = draft;
        this.maker = maker;
        this.edits = edits;
        this.patch = patch;
        this.above = areLaid ? List.of() : above;
        this.depthMm = path((t, c) -> patch.at(t, 0.5)).lengthMm();
        this.widthMm = path((t, c) -> patch.at(0.5, t)).lengthMm();
        this.groupSizes = this.above.isEmpty() ? new int[0] : sizes(back, joins);
        this.groups = groups(lanes);
    }

    /** As asked where that comes to the rows there are, and then as rows behind were left out, taken together or parted by hand. */
    private int[] sizes(Back back, List<Integer> joins) {
        int n = groupsOf(back, above.size());
        int[] usual = JoinGroups.sizes(above.size(), n);
        if (FoundationBrief.rowsOf(back) == 0) {
            return usual;
        }
        Optional<int[]> asked = JoinGroups.asked(joins, above.size(), n);
        if (!joins.isEmpty() && asked.isEmpty()) {
            edits.lose(
                    "As many front rows as were to join each row behind are not there any more; they join as usual.");
        }
        return edits.regroup(asked.orElse(usual));
    }

    private static int groupsOf(Back back, int above) {
        int wanted = back instanceof Back.CrossTied ? 4 : Math.max(1, FoundationBrief.rowsOf(back));
        return Math.min(wanted, above);
    }

    private List<double[]> groups(List<Lane> lanes) {
        List<double[]> edges = new ArrayList<>();
        int first = 0;
        for (int size : groupSizes) {
            // A row that no other joins begins on its own between the groups beside it.
            edges.add(
                    size == 0
                            ? new double[] {0, NO_WIDTH}
                            : new double[] {
                                lanes.get(first).left().applyAsDouble(1),
                                lanes.get(first + size - 1).right().applyAsDouble(1)
                            });
            first += size;
        }
        return edges;
    }

    /** Whether rows above join alike on both sides. */
    boolean isSymmetric() {
        return JoinGroups.isSymmetric(groupSizes);
    }

    /** Lays the family; the rows above are bent to where they join by the caller, at {@link #meetings}. */
    void lay(Back back) {
        if (back instanceof Back.Straight || back instanceof Back.Capped) {
            straight(back);
        } else if (back instanceof Back.Switchback s) {
            switchback(s);
        } else if (back instanceof Back.CrossTied) {
            crossTied();
        } else if (back instanceof Back.Wefted w) {
            List<Row> rows = levels(w.rows(), true, true, 0);
            rows.forEach(r -> draft.replace(r.used(RowUse.WEFTED)));
        }
    }

    /** For every row above, the fraction across at which it meets the row that it joins; empty where it joins none. */
    List<Optional<Double>> meetings(Back back) {
        List<Optional<Double>> meetings = new ArrayList<>();
        for (int g = 0; g < groupSizes.length; g++) {
            Optional<Double> at = meeting(back, g);
            for (int k = 0; k < groupSizes[g]; k++) {
                meetings.add(at);
            }
        }
        return meetings;
    }

    private Optional<Double> meeting(Back back, int group) {
        if (back instanceof Back.CrossTied) {
            double inner = 1 - 2 * UPRIGHT;
            return Optional.of(
                    switch (group) {
                        case 0 -> UPRIGHT / 2;
                        case 1 -> UPRIGHT + inner * CROSS_FROM;
                        case 2 -> UPRIGHT + inner * (1 - CROSS_FROM);
                        default -> 1 - UPRIGHT / 2;
                    });
        }
        if (FoundationBrief.rowsOf(back) > 0) {
            return Optional.of(straightLanes(back).get(group).middle().applyAsDouble(0));
        }
        return Optional.empty();
    }

    private void straight(Back back) {
        List<Lane> lanes = straightLanes(back);
        for (int g = 0; g < lanes.size(); g++) {
            RowId id = new RowId(Section.BACK, g + 1);
            Row row = maker.row(id, patch::at, lanes.get(g));
            draft.rows.add(back instanceof Back.Capped ? row.used(RowUse.UNDER_CAP) : row);
        }
        joinAbove(g -> new RowId(Section.BACK, g + 1));
    }

    private List<Lane> straightLanes(Back back) {
        List<Lane.Spec> specs = new ArrayList<>();
        int n = groups.isEmpty() ? FoundationBrief.rowsOf(back) : groups.size();
        for (int g = 0; g < n; g++) {
            double start = groups.isEmpty() ? 1 : (groups.get(g)[1] - groups.get(g)[0]) * n;
            specs.add(Lane.Spec.of(start, 1));
        }
        List<Lane.Spec> edited =
                edits.apply(Section.BACK, List.of(specs), widthMm).get(0);
        // Splitting or joining would leave the rows above without the row that they join.
        List<Lane.Spec> kept = edited.size() == specs.size() ? edited : specs;
        return LaneField.across(kept).lanes();
    }

    private void joinAbove(IntFunction<RowId> into) {
        int next = 0;
        for (int g = 0; g < groupSizes.length; g++) {
            for (int k = 0; k < groupSizes[g]; k++) {
                RowId id = above.get(next++);
                draft.replace(draft.get(id).joining(into.apply(g)));
            }
        }
    }

    private void switchback(Back.Switchback s) {
        if (s.frontTails() == Back.FrontTails.THREADED || above.isEmpty()) {
            levels(s.levels(), true, s.startsOnRight(), 0);
            return;
        }
        double band = Math.min(0.3, COLLECTOR_MM / depthMm);
        List<Row> rows = levels(s.levels(), false, s.startsOnRight(), band);
        RowId left = new RowId(Section.COLLECTOR, 1);
        RowId right = new RowId(Section.COLLECTOR, 2);
        draft.rows.add(collector(left, band, 0));
        draft.rows.add(collector(right, band, 1));
        // A collector runs on into the first level row that starts on its side.
        RowId first = rows.get(0).id();
        RowId second = rows.get(1).id();
        draft.replace(draft.get(right).led(Row.Lead.fed(s.startsOnRight() ? first : second, 0)));
        draft.replace(draft.get(left).led(Row.Lead.fed(s.startsOnRight() ? second : first, 0)));
        for (RowId id : above) {
            Row row = draft.get(id);
            List<Vec2> line = row.path().chart();
            Vec2 end = line.get(line.size() - 1);
            boolean isRight = end.x() > 1e-9 || (Math.abs(end.x()) <= 1e-9 && s.startsOnRight());
            Row into = draft.get(isRight ? right : left);
            draft.replace(row.led(Row.Lead.fed(into.id(), into.path().nearest(end))));
        }
    }

    /** Behind the section line from the midline down to one side. */
    private Row collector(RowId id, double band, double toSide) {
        Lane lane = new Lane(t -> 0, t -> band / 2, t -> band, Lane.Spec.even());
        return maker.row(id, (t, c) -> patch.at(c, 0.5 + (toSide - 0.5) * t), lane);
    }

    /**
     * Level rows, numbered in the order of braiding, each fed into the next.
     *
     * @param isUpward whether the first lies at the nape
     * @param startsOnRight whether the first runs from the client's right to her left
     * @param from the part of the section above them that is taken
     */
    private List<Row> levels(int n, boolean isUpward, boolean startsOnRight, double from) {
        List<Lane.Spec> specs = new ArrayList<>();
        IntStream.range(0, n).forEach(i -> specs.add(Lane.Spec.even()));
        // Lanes are counted from the front, level rows in the order of braiding: edits follow the rows.
        List<List<Lane.Spec>> edited = edits.apply(Section.LEVEL, List.of(specs), isUpward ? -depthMm : depthMm);
        List<Lane.Spec> inOrder = new ArrayList<>(edited.get(0));
        if (isUpward) {
            Collections.reverse(inOrder);
        }
        List<Lane> lanes = LaneField.across(inOrder).lanes();
        int count = lanes.size();
        List<Row> rows = new ArrayList<>();
        for (int k = 1; k <= count; k++) {
            Lane lane = lanes.get(isUpward ? count - k : k - 1);
            boolean toLeft = startsOnRight == (k % 2 == 1);
            Row row = maker.row(
                    new RowId(Section.LEVEL, k), (t, c) -> patch.at(from + (1 - from) * c, toLeft ? 1 - t : t), lane);
            rows.add(k == count ? row : row.led(Row.Lead.fed(new RowId(Section.LEVEL, k + 1), 0)));
        }
        draft.rows.addAll(rows);
        return rows;
    }

    private void crossTied() {
        RowId leftUpright = new RowId(Section.UPRIGHT, 1);
        RowId rightUpright = new RowId(Section.UPRIGHT, 2);
        RowId upperTie = new RowId(Section.TIE, 1);
        RowId lowerTie = new RowId(Section.TIE, 2);
        draft.rows.add(maker.row(leftUpright, patch::at, lane(0, UPRIGHT)).led(Row.Lead.fed(lowerTie, LATE_ENTRY)));
        draft.rows.add(maker.row(rightUpright, patch::at, lane(1 - UPRIGHT, 1)).led(Row.Lead.fed(lowerTie, 0)));
        double inner = 1 - 2 * UPRIGHT;
        RowMaker.Place between = (u, v) -> patch.at(u, UPRIGHT + inner * v);
        double half = (1 - CROSS_DEPTH) / 2;
        Row upper = maker.row(
                upperTie,
                (t, c) -> between.at(CROSS_DEPTH + half * c, t),
                new Lane(t -> 0, t -> 0.5, t -> 1, Lane.Spec.even()));
        Row lower = maker.row(
                lowerTie,
                (t, c) -> between.at(CROSS_DEPTH + half * (1 + c), 1 - t),
                new Lane(t -> 0, t -> 0.5, t -> 1, Lane.Spec.even()));
        draft.rows.add(reaching(upper, between, CROSS_DEPTH + half / 2, false).led(Row.Lead.fed(rightUpright, 0.6)));
        draft.rows.add(reaching(lower, between, CROSS_DEPTH + half * 1.5, true));
        RowId left = new RowId(Section.CROSSED, 1);
        RowId right = new RowId(Section.CROSSED, 2);
        draft.rows.add(crossed(left, between, false).led(Row.Lead.fed(upperTie, 1 - CROSS_FROM)));
        draft.rows.add(crossed(right, between, true).led(Row.Lead.fed(upperTie, CROSS_FROM)));
        draft.crossings.add(new Crossing(left, right, between.at(CROSS_DEPTH / 2, 0.5)));
        RowId[] groupsInto = {leftUpright, left, right, rightUpright};
        joinAbove(g -> groupsInto[g]);
    }

    /** A cross-tie begins and ends under the uprights, though it gathers only what lies between their strips. */
    private Row reaching(Row tie, RowMaker.Place between, double depth, boolean fromRight) {
        double under = UNDER * UPRIGHT / (1 - 2 * UPRIGHT);
        List<Vec2> line = new ArrayList<>();
        for (int k = 0; k <= RowMaker.STEPS; k++) {
            double t = -under + (1 + 2 * under) * k / RowMaker.STEPS;
            line.add(between.at(depth, fromRight ? 1 - t : t));
        }
        return tie.along(Path.lifted(line, scalp.chart()));
    }

    private static Lane lane(double from, double to) {
        return new Lane(u -> from, u -> (from + to) / 2, u -> to, Lane.Spec.even());
    }

    /** A row that gathers one half of the top and runs over to the other side. */
    private Row crossed(RowId id, RowMaker.Place between, boolean isRight) {
        DoubleUnaryOperator across =
                t -> isRight ? 1 - CROSS_FROM + (2 * CROSS_FROM - 1) * t : CROSS_FROM + (1 - 2 * CROSS_FROM) * t;
        List<Vec2> line = new ArrayList<>();
        List<Vec2> strip = new ArrayList<>();
        for (int k = 0; k <= CROSS_STEPS; k++) {
            double t = (double) k / CROSS_STEPS;
            line.add(between.at(CROSS_DEPTH * t, across.applyAsDouble(t)));
        }
        double near = isRight ? 0.5 : 0;
        double far = isRight ? 1 : 0.5;
        addSide(strip, between, near, true);
        addEnd(strip, between, CROSS_DEPTH, near, far);
        addSide(strip, between, far, false);
        addEnd(strip, between, 0, far, near);
        return maker.of(id, Path.lifted(line, scalp.chart()), strip);
    }

    private static void addSide(List<Vec2> rim, RowMaker.Place place, double across, boolean isDown) {
        for (int k = 0; k < CROSS_STEPS; k++) {
            double t = (double) k / CROSS_STEPS;
            rim.add(place.at(CROSS_DEPTH * (isDown ? t : 1 - t), across));
        }
    }

    private static void addEnd(List<Vec2> rim, RowMaker.Place place, double along, double from, double to) {
        for (int k = 0; k < CROSS_STEPS; k++) {
            rim.add(place.at(along, from + (to - from) * k / CROSS_STEPS));
        }
    }

    private Path path(RowMaker.Place place) {
        List<Vec2> line = new ArrayList<>();
        for (int k = 0; k <= RowMaker.STEPS; k++) {
            line.add(place.at((double) k / RowMaker.STEPS, 0));
        }
        return Path.lifted(line, scalp.chart());
    }
}
