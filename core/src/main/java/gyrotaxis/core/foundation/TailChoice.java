package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.TailEnd;
import java.util.Optional;

/**
 * Where one tail goes by choice, instead of where it would be suggested to go.
 *
 * @param row whose tail
 * @param end how it ends
 * @param into the row that takes it; present exactly when {@code end} goes into one
 * @param at where it enters, as a part of that row's length, in [0, 1]
 */
public record TailChoice(RowId row, TailEnd end, Optional<RowId> into, double at) {
    public TailChoice {
        Require.inRange(at, 0, 1, "at", "");
        if (into.isPresent() != end.entersRow()) {
            throw new IllegalArgumentException("into is " + into + " but a tail that is " + end.words()
                    + (end.entersRow() ? " enters" : " enters no") + " row");
        }
    }

    /** A tail that is fed or threaded into a row three quarters along. */
    public static TailChoice into(RowId row, TailEnd end, RowId into) {
        return new TailChoice(row, end, Optional.of(into), 0.75);
    }

    /** A tail that is secured where it is. */
    public static TailChoice secured(RowId row, TailEnd end) {
        return new TailChoice(row, end, Optional.empty(), 0);
    }
}
