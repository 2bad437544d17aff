package gyrotaxis.core.braiding;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.List;

/**
 * A place on a receiving row that can take one tail. Places lie {@link Reach#GRIP_MM} apart.
 *
 * @param row the receiving row
 * @param alongMm how far from its start, in [0, its length]
 * @param isFine whether only the tail of an individual goes there
 * @param chart the place on the map
 * @param space the place on the head
 */
record TailPlace(Row row, double alongMm, boolean isFine, Vec2 chart, Vec3 space) {
    /** Places for individuals within one grip: their tails are thin and lie closer. ASSUMPTION: three. */
    private static final int FINE_PLACES = 3;

    /** All places on the rows of a foundation that can take a tail. */
    static List<TailPlace> all(Foundation foundation) {
        boolean hasPlaits = !foundation.rowsOf(Section.INDIVIDUAL).isEmpty();
        List<TailPlace> places = new ArrayList<>();
        for (Row row : foundation.rows()) {
            if (row.use() == RowUse.PLAITED || row.use() == RowUse.SHOWN) {
                continue;
            }
            double length = row.lengthMm();
            int fine = finePlaces(length);
            for (int k = 0; k < fine; k++) {
                int fromEnd = fine - 1 - k;
                boolean isCoarse = isCoarse(length, fromEnd);
                double along = placeMm(length, fromEnd);
                if (isCoarse || fine == 1 || hasPlaits) {
                    places.add(new TailPlace(
                            row,
                            along,
                            !isCoarse && fine > 1,
                            row.path().chartAt(along),
                            row.path().spaceAt(along)));
                }
            }
        }
        return places;
    }

    /** How many places a row of a length has, at least 1. */
    static int finePlaces(double lengthMm) {
        return (int) Math.max(1, Math.floor(lengthMm * FINE_PLACES / Reach.GRIP_MM));
    }

    /** How many grips lie on it one after the other, at least 1. */
    private static int grips(double lengthMm) {
        return (int) Math.max(1, Math.floor(lengthMm / Reach.GRIP_MM));
    }

    private static boolean isCoarse(double lengthMm, int fromEnd) {
        return fromEnd % FINE_PLACES == FINE_PLACES / 2 && fromEnd / FINE_PLACES < grips(lengthMm);
    }

    /**
     * Where one of the places lies, mm from the start of the row, in [0, length]. Counted from its end; the one place on a short row lies
     * three quarters along.
     *
     * @param fromEnd which, from 0 at the end
     */
    static double placeMm(double lengthMm, int fromEnd) {
        boolean isOnly = finePlaces(lengthMm) == 1 || grips(lengthMm) == 1 && isCoarse(lengthMm, fromEnd);
        return isOnly ? Reach.USUAL_ENTRY * lengthMm : lengthMm - Reach.GRIP_MM / FINE_PLACES * (fromEnd + 0.5);
    }
}
