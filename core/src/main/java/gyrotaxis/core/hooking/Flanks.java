package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.row.RowId;
import java.util.List;

/** Which rows lie beside which worn part, and how far. */
final class Flanks {
    /** A flanking row lies beside its part as far as this part of the part's length. */
    private static final double BESIDE = 0.995;

    private final List<LaidPart> parts;

    Flanks(List<LaidPart> parts) {
        this.parts = parts;
    }

    /** The worn part that a place on a row lies beside, or {@link Station#NO_PART}. */
    int beside(RowId row, Vec2 at) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).isFlankedBy(row) && parts.get(i).path().nearest(at) < BESIDE) {
                return i;
            }
        }
        return Station.NO_PART;
    }

    /** Whether a part runs between two rows: they are hooked toward it, level with each other. */
    boolean isBetween(RowId a, RowId b) {
        return parts.stream().anyMatch(p -> p.isFlankedBy(a) && p.isFlankedBy(b));
    }

    /** How many parts a row lies beside. */
    long count(RowId row) {
        return parts.stream().filter(p -> p.isFlankedBy(row)).count();
    }
}
