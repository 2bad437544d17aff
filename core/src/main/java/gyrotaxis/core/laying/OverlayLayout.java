package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.ChordCurve;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.DoubleFunction;

/** Rows laid over the ends of others, from side to side, and the rows between two of them. */
final class OverlayLayout {
    /** Half of the width that an overlay row gathers, mm. ASSUMPTION: a fingernail and a half in all. */
    static final double HALF_MM = 7;

    /** Nearer than this two overlays leave no rows between them, mm. */
    static final double APART_MM = 26;

    private final FoundationBrief brief;
    private final Rim rim;
    private final RowMaker maker;
    private final LaneEdits edits;
    private final DoubleFunction<CrossLine> line;

    /** Overlays of a brief; {@code line} gives the section line so many mm behind the ear line. */
    OverlayLayout(FoundationBrief brief, Rim rim, RowMaker maker, LaneEdits edits, DoubleFunction<CrossLine> line) {
        this.brief = brief;
        this.rim = rim;
        this.maker = maker;
        this.edits = edits;
        this.line = line;
    }

    /** Lays the overlays, the rows before each under it, and the rows between two. */
    void addTo(Draft draft, List<Double> at) {
        for (int k = 0; k < at.size(); k++) {
            RowId id = new RowId(Section.OVERLAY, k + 1);
            CrossLine before = line.apply(at.get(k) - HALF_MM);
            CrossLine after = line.apply(at.get(k) + HALF_MM);
            List<Vec2> strip = new ArrayList<>(before.path().chart());
            strip.addAll(rim.between(rim.field, before.rightEndRad(), after.rightEndRad())
                    .chart());
            List<Vec2> back = new ArrayList<>(after.path().chart());
            Collections.reverse(back);
            strip.addAll(back);
            strip.addAll(rim.between(rim.field, after.leftEndRad(), before.leftEndRad())
                    .chart());
            Row overlay = maker.of(id, line.apply(at.get(k)).path(), strip);
            draft.rows.add(overlay);
            layUnder(draft, overlay, k == 0 ? Section.FRONT : Section.MIDDLE);
            if (k + 1 < at.size()) {
                middleRows(draft, after, line.apply(at.get(k + 1) - HALF_MM));
            }
        }
    }

    private static void layUnder(Draft draft, Row overlay, Section section) {
        for (Row row : draft.of(section)) {
            if (row.lead().isEmpty()) {
                List<Vec2> line = row.path().chart();
                double at = overlay.path().nearest(line.get(line.size() - 1));
                draft.replace(row.led(new Row.Lead(overlay.id(), at, true)));
                draft.crossings.add(new Crossing(overlay.id(), row.id(), line.get(line.size() - 1)));
            }
        }
    }

    /** Between two overlays: fewer rows than in front, more than behind. */
    private void middleRows(Draft draft, CrossLine from, CrossLine to) {
        int behind = Math.max(Back.MIN_ROWS, FoundationBrief.rowsOf(brief.back()));
        int count = Math.max(Back.MIN_ROWS, (brief.frontRows() + behind) / 2);
        CoonsPatch patch = new CoonsPatch(
                new ChordCurve(from.path()),
                new ChordCurve(to.path()),
                rim.side(from.leftEndRad(), to.leftEndRad()),
                rim.side(from.rightEndRad(), to.rightEndRad()));
        List<Lane.Spec> even = Collections.nCopies(count, Lane.Spec.even());
        List<Lane> lanes = LaneField.across(
                        edits.apply(Section.MIDDLE, List.of(even), from.path().lengthMm())
                                .get(0))
                .lanes();
        for (int i = 0; i < lanes.size(); i++) {
            draft.rows.add(maker.row(new RowId(Section.MIDDLE, i + 1), patch::at, lanes.get(i)));
        }
    }
}
