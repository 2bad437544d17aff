package gyrotaxis.core.install;

import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;

/**
 * Names one station: its row, and its number from the row's start.
 *
 * @param row the row it is hooked to
 * @param number from 1
 */
public record StationId(RowId row, int number) {
    public StationId {
        Require.atLeast(1, number, "number", "");
    }

    /** Short form, unique in a plan: F3/12. */
    @Override
    public String toString() {
        return row + "/" + number;
    }
}
