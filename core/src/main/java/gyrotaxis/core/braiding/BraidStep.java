package gyrotaxis.core.braiding;

import gyrotaxis.core.row.RowId;
import java.util.List;

/**
 * One thing to do while the foundation is braided.
 *
 * @param number from 1
 * @param kind what sort of work
 * @param rows the rows it is about; may be empty
 * @param words what to do, as a stylist would say it, without lengths
 * @param lengthMm how much is braided, mm; 0 where nothing is
 */
public record BraidStep(int number, Kind kind, List<RowId> rows, String words, double lengthMm) {

    /** Sorts of work. */
    public enum Kind {
        PART,
        BRAID,
        THREAD,
        SECURE,
        MESH
    }

    public BraidStep {
        rows = List.copyOf(rows);
    }
}
