package gyrotaxis.core.wear;

import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.PartGap;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Segments;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.row.RowId;
import java.util.List;
import java.util.Optional;

/**
 * A gap between neighbouring rows in which a part could be worn.
 *
 * @param gap which
 * @param openMm how far a part can run there before a row or a tail crosses it, mm
 * @param stoppedBy the row whose tail crosses it, if one does
 * @param readsAsSkin whether its channel is wide enough, by the school of the rows beside parts
 */
public record PartChoice(PartGap gap, double openMm, Optional<RowId> stoppedBy, boolean readsAsSkin) {
    /** All gaps of a foundation, from the client's left to her right. */
    public static List<PartChoice> of(Foundation foundation, Braiding braiding, FlankSchool school) {
        return foundation.gaps().stream()
                .map(g -> of(g, foundation, braiding, school))
                .toList();
    }

    private static PartChoice of(PartGap gap, Foundation foundation, Braiding braiding, FlankSchool school) {
        double open = gap.wholeMm();
        Optional<RowId> stoppedBy = Optional.empty();
        if (gap.behind().isPresent()) {
            PartGap.Behind b = gap.behind().get();
            Row left = foundation.row(b.left()).orElseThrow();
            Row right = foundation.row(b.right()).orElseThrow();
            for (Tail t : braiding.tails()) {
                double at = crossing(left, right, t);
                if (gap.openMm() + at < open) {
                    open = gap.openMm() + at;
                    stoppedBy = Optional.of(t.row());
                }
            }
        }
        return new PartChoice(gap, open, stoppedBy, gap.narrowestMm() >= school.readsAsSkinMm());
    }

    /** How far along the middle of two rows a tail's thread crosses it, mm; infinite if it does not. */
    private static double crossing(Row left, Row right, Tail tail) {
        if (tail.thread().isEmpty()) {
            return Double.POSITIVE_INFINITY;
        }
        Vec2 from = tail.thread().get().chart().get(0);
        Vec2 to = tail.thread().get().chart().get(1);
        List<Vec2> l = left.path().chart();
        List<Vec2> r = right.path().chart();
        double length = 0;
        for (int i = 1; i < Math.min(l.size(), r.size()); i++) {
            Vec2 a = l.get(i - 1).lerp(r.get(i - 1), 0.5);
            Vec2 b = l.get(i).lerp(r.get(i), 0.5);
            if (Segments.cross(a, b, from, to)) {
                return length;
            }
            Vec3 p = left.path().space().get(i - 1).lerp(right.path().space().get(i - 1), 0.5);
            Vec3 q = left.path().space().get(i).lerp(right.path().space().get(i), 0.5);
            length += p.distance(q);
        }
        return Double.POSITIVE_INFINITY;
    }
}
