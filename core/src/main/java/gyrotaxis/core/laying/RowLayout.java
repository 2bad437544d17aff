package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Cap;
import gyrotaxis.core.foundation.Cap.Mesh;
import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.MeshPiece;
import gyrotaxis.core.foundation.PartGap;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.ChordCurve;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Lays the foundation that a brief asks for.
 *
 * <p>From the hairline inward: the bands of the rim with individuals and perimeter braid; inside them the field, which
 * section lines over the top divide into four-sided patches; in each patch lanes side by side, every lane a row. The patches
 * cover the field, so every hair belongs to one row. Where rows above join rows behind, they bend together over the last
 * part of their way. Regions that keep rows out are cut out at the end. Deterministic; linear in the number of rows but for
 * the lanes of one section, which each look at all others.
 *
 * <p>Does not say what becomes of the tails, but for those that the pattern itself leads somewhere.
 */
public final class RowLayout {
    /** How far the ends of a line over the top move back for every millimetre at the midline. */
    private static final double ENDS_FOLLOW = 0.3;

    /** A section line must keep this from the nape corners, mm. */
    private static final double CORNER_CLEARANCE_MM = 2;

    private final Scalp scalp;
    private final FoundationBrief brief;
    private final OwnHair ownHair;
    private final List<Region> regions;
    private final Rim rim;
    private final RowMaker maker;
    private final LaneEdits edits;
    private final Draft draft = new Draft();

    private RowLayout(Scalp scalp, FoundationBrief brief, OwnHair ownHair, List<Region> regions) {
        this.scalp = scalp;
        this.brief = brief;
        this.ownHair = ownHair;
        this.regions = regions;
        this.rim = new Rim(scalp, brief.rim());
        this.maker = new RowMaker(scalp, ownHair);
        this.edits = new LaneEdits(brief.edits());
    }

    /** The foundation on a scalp without regions. */
    public static Foundation lay(Scalp scalp, FoundationBrief brief, OwnHair ownHair) {
        return lay(scalp, brief, ownHair, List.of());
    }

    /**
     * The foundation that the brief asks for.
     *
     * @param ownHair decides how thick the plaits become
     * @param regions what was drawn on the scalp
     * @throws FoundationException if a wish cannot be laid on this head
     */
    public static Foundation lay(Scalp scalp, FoundationBrief brief, OwnHair ownHair, List<Region> regions) {
        return new RowLayout(scalp, brief, ownHair, regions).lay();
    }

    /**
     * Whether a brief could be laid on this head, without laying it: rim, section lines, parts and their room are tried, single
     * rows and regions are not. An order of magnitude cheaper than {@link #lay}.
     */
    public static boolean fits(Scalp scalp, FoundationBrief brief, OwnHair ownHair) {
        try {
            RowLayout layout = new RowLayout(scalp, brief, ownHair, List.of());
            if (brief.back() instanceof Back.Spiral) {
                return brief.parts().isEmpty() && brief.overlaysMm().isEmpty();
            }
            layout.requireRoomBetweenOverlays();
            layout.division(layout.sectionLine());
            layout.cap(layout.lastLine());
            return true;
        } catch (FoundationException e) {
            return false;
        }
    }

    private Foundation lay() {
        new RimRows(scalp, rim, brief.rim(), maker, brief.frontRows(), FoundationBrief.rowsOf(brief.back()))
                .addTo(draft);
        return brief.back() instanceof Back.Spiral spiral ? spiral(spiral) : sections();
    }

    private Foundation spiral(Back.Spiral spiral) {
        if (!brief.parts().isEmpty()) {
            throw new FoundationException(
                    Wish.PART,
                    0,
                    "A spiral winds across every part. Take the part out, or braid straight back in front.");
        }
        if (!brief.overlaysMm().isEmpty()) {
            throw new FoundationException(
                    Wish.OVERLAY, 0, "A spiral has no row ends for an overlay to cover. Take the overlay out.");
        }
        new SpiralLayout(scalp, rim, spiral.pitchMm()).addTo(draft, maker);
        return finish(line(0), false, List.of(), List.of(), Optional.empty());
    }

    private Foundation sections() {
        List<Double> overlays = brief.overlaysMm();
        requireRoomBetweenOverlays();
        CrossLine first = sectionLine();
        FrontDivision division = division(first);
        CoonsPatch front = division.patch();
        List<List<Lane.Spec>> specs = edits.apply(Section.FRONT, division.specs(), division.hairlineMm());
        List<Lane> whole = division.field(specs).lanes();
        List<Lane> through = new ArrayList<>();
        List<RowId> above = new ArrayList<>();
        for (int i = 0; i < whole.size(); i++) {
            if (whole.get(i).spec().runsThrough()) {
                through.add(whole.get(i));
                above.add(new RowId(Section.FRONT, i + 1));
            }
        }
        CrossLine last = overlays.isEmpty() ? first : lastLine();
        BackLayout behind = new BackLayout(
                scalp,
                draft,
                maker,
                edits,
                backPatch(last),
                above,
                through,
                !overlays.isEmpty(),
                brief.back(),
                brief.joins());
        List<Optional<Double>> meetings = behind.meetings(brief.back());
        PartSingles singles = new PartSingles(
                scalp,
                maker,
                division,
                brief.rim().individuals(),
                whole,
                specs.stream().map(List::size).toList(),
                meetings.stream().anyMatch(Optional::isPresent));
        List<Lane> lanes = singles.carved(whole);
        double[] bends = division.bendsFrom(specs);
        int next = 0;
        for (int i = 0; i < lanes.size(); i++) {
            Lane lane = lanes.get(i);
            Optional<Double> meeting = Optional.empty();
            if (lane.spec().runsThrough() && next < meetings.size()) {
                meeting = meetings.get(next++);
            }
            draft.rows.add(
                    maker.row(new RowId(Section.FRONT, i + 1), front::at, lane, RowEnds.bent(lane, meeting, bends[i])));
        }
        RowEnds ends = new RowEnds(maker, draft, front, lanes);
        ends.endHalfRows(division, specs);
        new OverlayLayout(brief, rim, maker, edits, this::line).addTo(draft, overlays);
        behind.lay(brief.back());
        ends.enterAlong(bends);
        ends.endTurnedRows();
        singles.addTo(draft);

        if (brief.back() instanceof Back.Capped c && c.coversFront()) {
            coverFront();
        }
        boolean isMirrored = scalp.hairline().isMirrored()
                && brief.edits().isEmpty()
                && brief.rim().individuals().isSymmetric()
                && !singles.areAny()
                && division.isSymmetric()
                && behind.isSymmetric();
        if (isMirrored) {
            MirrorImage.imposeOn(draft);
        }
        List<PartGap> gaps = singles.between(PartGaps.between(draft.of(Section.FRONT), draft, bends), draft);
        List<LaidPart> parts = division.laid(gaps, specs);
        return finish(first, isMirrored, gaps, parts, cap(last));
    }

    /** Under a cap from the hairline no row is hooked, and no part shows. */
    private void coverFront() {
        if (!brief.parts().isEmpty()) {
            throw new FoundationException(
                    Wish.PART,
                    0,
                    "A cap from the hairline covers every part. Take the part out, or begin the cap behind.");
        }
        List.copyOf(draft.rows).stream()
                .filter(r -> r.use() == RowUse.HOOKED && r.id().section() != Section.PERIMETER)
                .forEach(r -> draft.replace(r.used(RowUse.UNDER_CAP)));
    }

    private void requireRoomBetweenOverlays() {
        List<Double> overlays = brief.overlaysMm();
        if (overlays.size() == 2 && overlays.get(1) - overlays.get(0) < OverlayLayout.APART_MM) {
            throw new FoundationException(
                    Wish.OVERLAY,
                    1,
                    Sentence.of(
                            "Two overlay rows need ",
                            Quantity.mm(OverlayLayout.APART_MM),
                            " between them, or no row fits there. Move one of them."));
        }
    }

    /** Where the rows in front end: the ear line, or the first overlay. */
    private CrossLine sectionLine() {
        List<Double> overlays = brief.overlaysMm();
        return line(overlays.isEmpty() ? 0 : overlays.get(0) - OverlayLayout.HALF_MM);
    }

    /** Where the section behind begins. */
    private CrossLine lastLine() {
        List<Double> overlays = brief.overlaysMm();
        return line(overlays.isEmpty() ? 0 : overlays.get(overlays.size() - 1) + OverlayLayout.HALF_MM);
    }

    private FrontDivision division(CrossLine sectionLine) {
        ChordCurve start = new ChordCurve(rim.between(rim.field, -rim.templeRad(), rim.templeRad()));
        CoonsPatch front = new CoonsPatch(
                start,
                new ChordCurve(sectionLine.path()),
                rim.side(-rim.templeRad(), sectionLine.leftEndRad()),
                rim.side(rim.templeRad(), sectionLine.rightEndRad()));
        return new FrontDivision(scalp, front, start, brief);
    }

    private Foundation finish(
            CrossLine sectionLine, boolean isMirrored, List<PartGap> gaps, List<LaidPart> parts, Optional<Cap> cap) {
        edits.applyToRows(draft);
        Map<RowId, Row> whole = draft.rows.stream().collect(Collectors.toMap(Row::id, r -> r));
        RegionCut cut = new RegionCut(scalp, regions, maker);
        boolean wasCut = cut.cut(draft);
        List<LaidPart> left = parts.stream()
                .map(p -> new LaidPart(p.asked(), p.path(), PartGaps.cut(p.gap(), whole, draft), p.unended()))
                .toList();
        return new Foundation(
                draft.rows,
                sectionLine.path(),
                isMirrored && !wasCut,
                PartGaps.left(gaps, whole, draft),
                left,
                draft.crossings,
                cap,
                mesh(left),
                edits.lost(),
                rim.outline(rim.braided),
                cut.openAreaMm2(rim.outline(rim.braided)),
                brief.rim().setBackMm());
    }

    /** The section line a way behind the ear line over the top. */
    private CrossLine line(double behindMm) {
        return line(behindMm, brief.overlaysMm().isEmpty() ? Wish.EAR_LINE : Wish.OVERLAY);
    }

    private CrossLine line(double behindMm, Wish wish) {
        double end = brief.earLineBehindMm() + ENDS_FOLLOW * behindMm;
        double top = brief.earLineBehindMm() + brief.earLineLeanMm() + behindMm;
        double corner = scalp.chart().lift(rim.at(rim.field, rim.cornerRad())).y();
        if (-end < corner + CORNER_CLEARANCE_MM || top > scalp.surface().a() * 0.93) {
            throw new FoundationException(
                    wish,
                    wish == Wish.OVERLAY ? brief.overlaysMm().size() - 1 : 0,
                    "This line comes too near the nape on this head. Move it forward.");
        }
        return CrossLine.of(scalp, rim, end, top);
    }

    private CoonsPatch backPatch(CrossLine last) {
        return behind(last.path(), last.leftEndRad(), last.rightEndRad());
    }

    /** All between a line from side to side and the nape. */
    private CoonsPatch behind(Path line, double leftRad, double rightRad) {
        double corner = rim.cornerRad();
        return new CoonsPatch(
                new ChordCurve(line),
                new ChordCurve(rim.between(rim.field, 2 * Math.PI - corner, corner)),
                rim.side(leftRad, -corner),
                rim.side(rightRad, corner));
    }

    private Optional<Cap> cap(CrossLine last) {
        if (!(brief.back() instanceof Back.Capped c)) {
            return Optional.empty();
        }
        Mesh mesh = c.isWideMesh() ? Mesh.WIDE : Mesh.FINE;
        if (c.coversFront()) {
            double temple = rim.templeRad();
            Path front = rim.between(rim.field, -temple, temple);
            return Optional.of(cap(c, mesh, front, -temple, temple, rim.outline(rim.field)));
        }
        double behind = brief.overlaysMm().isEmpty()
                ? c.edgeMm()
                : brief.overlaysMm().get(brief.overlaysMm().size() - 1) + OverlayLayout.HALF_MM + c.edgeMm();
        CrossLine edge = c.edgeMm() == 0 ? last : line(behind, Wish.BACK);
        List<Vec2> area = new ArrayList<>(edge.path().chart());
        double left = edge.leftEndRad() + 2 * Math.PI;
        List<Vec2> round = rim.between(rim.field, edge.rightEndRad(), left).chart();
        area.addAll(round.subList(1, round.size() - 1));
        return Optional.of(cap(c, mesh, edge.path(), edge.leftEndRad(), edge.rightEndRad(), area));
    }

    private Cap cap(Back.Capped c, Mesh mesh, Path edge, double leftRad, double rightRad, List<Vec2> area) {
        List<Row> lines = new MeshLines(scalp).of(behind(edge, leftRad, rightRad), mesh);
        return new Cap(edge, area, lines, mesh, c.isHookedOff(), c.isOnCombs());
    }

    private List<MeshPiece> mesh(List<LaidPart> parts) {
        if (!brief.meshesGaps()) {
            return List.of();
        }
        List<Vec2> gaps = new ArrayList<>();
        for (Crossing c : draft.crossings) {
            if (c.over().section() != Section.OVERLAY) {
                gaps.add(c.chart());
            }
        }
        for (LaidPart p : parts) {
            List<Vec2> line = p.path().chart();
            if (p.asked().lengthMm().isPresent()) {
                gaps.add(line.get(line.size() - 1));
            }
        }
        MeshLines lines = new MeshLines(scalp);
        List<MeshPiece> pieces = new ArrayList<>();
        gaps.forEach(gap -> pieces.add(lines.over(gap, pieces.size() + 1)));
        for (Section section : List.of(Section.MIDDLE, Section.BACK, Section.LEVEL)) {
            List<Row> rows = draft.of(section).stream()
                    .filter(r -> r.use() == RowUse.HOOKED)
                    .toList();
            pieces.addAll(lines.between(rows, pieces.size() + 1));
        }
        return pieces;
    }
}
