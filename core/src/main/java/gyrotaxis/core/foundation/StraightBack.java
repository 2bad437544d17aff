package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.ChordCurve;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.scalp.Hairline;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * Lays rows from the front hairline straight back to the ear line, where groups of neighbours join into fewer, larger
 * rows that run on to the nape.
 *
 * <p>The ear line parts the scalp into two four-sided patches. In front the rows spread evenly along the hairline from
 * temple to temple and along the ear line; behind, evenly along the nape. The patches cover the whole scalp, so every
 * hair belongs to one row. Deterministic; linear in the number of rows.
 *
 * <p>Does not look at regions of the scalp, nor at what becomes of the tails.
 */
public final class StraightBack {
    /**
     * Thickness of a plait of medium hair from a strip 1 mm wide, mm. It grows with the root of the width, since the hair
     * it gathers fills its cross-section.
     *
     * @see "ASSUMPTION: set so that a strip of one and a half fingers makes a plait of half a finger; to be measured"
     */
    private static final double BRAID_ROOT_MM = 1.75;

    private static final Interval BRAID_MM = new Interval(3, 20);

    /** The part of a front row's length after which it bends toward the row it joins. */
    static final double BEND_FROM = 0.7;

    private static final int STEPS = 32;
    private static final int END_STEPS = 8;

    private final Scalp scalp;
    private final FoundationBrief brief;
    private final double thickness;
    private final EarLine earLine;
    private final int[] groups;
    private final CoonsPatch front;
    private final CoonsPatch back;
    private final FrontLanes division;
    private final List<Lane> lanes;

    private StraightBack(Scalp scalp, FoundationBrief brief, OwnHair ownHair) {
        this.scalp = scalp;
        this.brief = brief;
        this.thickness = ownHair.density().thicknessFactor();
        this.earLine = EarLine.of(scalp, brief.earLineBehindMm());
        this.groups = JoinGroups.sizes(brief.frontRows(), brief.backRows());
        Hairline hairline = scalp.hairline();
        double temple = scalp.chart().thetaOf(scalp.at(Landmark.RIGHT_TEMPLE));
        double corner = scalp.chart().thetaOf(scalp.at(Landmark.RIGHT_NAPE_CORNER));
        double ear = earLine.rightEndThetaRad();
        ChordCurve overTop = new ChordCurve(earLine.path());
        ChordCurve frontHairline = new ChordCurve(hairline.between(-temple, temple));
        this.front = new CoonsPatch(
                frontHairline,
                overTop,
                new ChordCurve(hairline.between(-temple, -ear)),
                new ChordCurve(hairline.between(temple, ear)));
        this.back = new CoonsPatch(
                overTop,
                new ChordCurve(hairline.between(2 * Math.PI - corner, corner)),
                new ChordCurve(hairline.between(-ear, -corner)),
                new ChordCurve(hairline.between(ear, corner)));
        this.division = new FrontLanes(scalp, front, frontHairline, brief);
        this.lanes = division.lanes();
    }

    /**
     * The foundation that the brief asks for.
     *
     * @param ownHair decides how thick the plaits become
     */
    public static Foundation lay(Scalp scalp, FoundationBrief brief, OwnHair ownHair) {
        return new StraightBack(scalp, brief, ownHair).lay();
    }

    private Foundation lay() {
        boolean isMirrored = JoinGroups.isSymmetric(groups) && division.isSymmetric();
        List<Row> rows = new ArrayList<>();
        int first = 0;
        for (int g = 0; g < groups.length; g++) {
            RowId behind = new RowId(Section.BACK, g + 1);
            Lane group = group(g, first);
            for (int lane = first; lane < first + groups[g]; lane++) {
                rows.add(row(
                        new RowId(Section.FRONT, lane + 1), front, bent(lanes.get(lane), group), Optional.of(behind)));
            }
            rows.add(row(behind, back, group, Optional.empty()));
            first += groups[g];
        }
        List<Row> laid = isMirrored ? mirrored(rows) : rows;
        List<PartGap> gaps = PartGap.between(laid.stream()
                .filter(r -> r.id().section() == Section.FRONT)
                .sorted(Comparator.comparing(Row::id))
                .toList());
        return new Foundation(laid, earLine.path(), isMirrored, gaps, division.laid(gaps));
    }

    /** The lane of a back row: as wide as its group at the ear line, an even part of the nape at its end. */
    private Lane group(int group, int first) {
        double m = brief.backRows();
        double from = lanes.get(first).left().applyAsDouble(1);
        double to = lanes.get(first + groups[group] - 1).right().applyAsDouble(1);
        DoubleUnaryOperator left = u -> from * (1 - u) + group / m * u;
        DoubleUnaryOperator right = u -> to * (1 - u) + (group + 1) / m * u;
        return new Lane(left, u -> (left.applyAsDouble(u) + right.applyAsDouble(u)) / 2, right);
    }

    /** A front lane whose row bends at its end to where its back row begins. */
    private static Lane bent(Lane lane, Lane behind) {
        double meeting = behind.middle().applyAsDouble(0);
        return new Lane(
                lane.left(),
                u -> lane.middle().applyAsDouble(u) + (meeting - lane.middle().applyAsDouble(u)) * bend(u),
                lane.right());
    }

    private Row row(RowId id, CoonsPatch patch, Lane lane, Optional<RowId> joins) {
        List<Vec2> line = new ArrayList<>(STEPS + 1);
        for (int k = 0; k <= STEPS; k++) {
            double u = (double) k / STEPS;
            line.add(patch.at(u, lane.middle().applyAsDouble(u)));
        }
        List<Vec2> strip = strip(patch, lane.left(), lane.right());
        Path path = Path.lifted(line, scalp.chart());
        double stripWidth = Scalp.areaMm2(strip) / path.lengthMm();
        return new Row(id, path, strip, BRAID_MM.clamp(BRAID_ROOT_MM * Math.sqrt(stripWidth) * thickness), joins);
    }

    /** Down the left side, across the end, up the right side and back across the start. */
    private static List<Vec2> strip(CoonsPatch patch, DoubleUnaryOperator left, DoubleUnaryOperator right) {
        List<Vec2> rim = new ArrayList<>(2 * (STEPS + END_STEPS));
        for (int k = 0; k < STEPS; k++) {
            double u = (double) k / STEPS;
            rim.add(patch.at(u, left.applyAsDouble(u)));
        }
        for (int k = 0; k < END_STEPS; k++) {
            double t = (double) k / END_STEPS;
            rim.add(patch.at(1, left.applyAsDouble(1) * (1 - t) + right.applyAsDouble(1) * t));
        }
        for (int k = STEPS; k > 0; k--) {
            double u = (double) k / STEPS;
            rim.add(patch.at(u, right.applyAsDouble(u)));
        }
        for (int k = 0; k < END_STEPS; k++) {
            double t = (double) k / END_STEPS;
            rim.add(patch.at(0, right.applyAsDouble(0) * (1 - t) + left.applyAsDouble(0) * t));
        }
        return rim;
    }

    /** The same rows, the left half replaced by the mirror image of the right so that both agree to the last bit. */
    private List<Row> mirrored(List<Row> rows) {
        return rows.stream()
                .map(row -> {
                    int count = row.id().section() == Section.FRONT ? brief.frontRows() : brief.backRows();
                    int opposite = count + 1 - row.id().number();
                    if (row.id().number() >= opposite) {
                        return row;
                    }
                    RowId right = new RowId(row.id().section(), opposite);
                    Row model = rows.stream()
                            .filter(r -> r.id().equals(right))
                            .findFirst()
                            .orElseThrow();
                    return new Row(
                            row.id(),
                            model.path().mirrored(),
                            mirrorOf(model.strip()),
                            model.braidWidthMm(),
                            row.joins());
                })
                .toList();
    }

    private static List<Vec2> mirrorOf(List<Vec2> points) {
        return points.stream().map(Vec2::mirrored).toList();
    }

    private static double bend(double u) {
        double t = Math.max(0, (u - BEND_FROM) / (1 - BEND_FROM));
        return t * t * (3 - 2 * t);
    }
}
