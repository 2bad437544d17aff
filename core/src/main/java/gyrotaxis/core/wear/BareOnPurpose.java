package gyrotaxis.core.wear;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowUse;
import java.util.function.Predicate;

/** Which cells are meant to show: what a stylist chose is never complained of. */
final class BareOnPurpose {
    /** So far to both sides of a worn part skin is meant to show, mm. ASSUMPTION: half a finger. */
    private static final double PART_MM = 8;

    /** The first share sits so far behind where it may begin, and covers little before itself, mm. ASSUMPTION: half a finger. */
    private static final double FIRST_MM = 9;

    private BareOnPurpose() {}

    static boolean[] of(CoverGrid grid, Foundation foundation, Worn worn) {
        boolean[] is = new boolean[grid.size()];
        for (LaidPart part : worn.partsOf(foundation)) {
            part.path().chart().forEach(at -> round(grid, is, at));
        }
        for (Row row : foundation.rows()) {
            if (row.use() == RowUse.SHOWN) {
                within(grid, is, row, at -> true);
            } else if (foundation.setBackMm() > 0 && row.id().startsInFront()) {
                double part = (foundation.setBackMm() + FIRST_MM) / row.lengthMm();
                within(grid, is, row, at -> row.path().nearest(at) < part);
            }
        }
        return is;
    }

    private static void round(CoverGrid grid, boolean[] is, Vec2 at) {
        double cell = grid.cellMm();
        for (double dy = -PART_MM; dy <= PART_MM; dy += cell / 2) {
            for (double dx = -PART_MM; dx <= PART_MM; dx += cell / 2) {
                int i = grid.cellAt(at.plus(new Vec2(dx, dy)));
                if (i >= 0 && grid.middle(i).distance(at) < PART_MM) {
                    is[i] = true;
                }
            }
        }
    }

    private static void within(CoverGrid grid, boolean[] is, Row row, Predicate<Vec2> isMeant) {
        for (int i = 0; i < is.length; i++) {
            Vec2 at = grid.middle(i);
            if (grid.isInside(i)
                    && !is[i]
                    && row.strips().stream().anyMatch(rim -> Polygons.contains(rim, at))
                    && isMeant.test(at)) {
                is[i] = true;
            }
        }
    }
}
