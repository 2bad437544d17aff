package gyrotaxis.core.braiding;

import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.TailEnd;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.quantity.Require;
import java.util.Optional;

/**
 * Where the free end of a row goes.
 *
 * @param row whose end
 * @param end how it ends
 * @param into the row that takes it; present exactly when it enters one
 * @param entryMm where it enters that row, from its start, mm; 0 when it enters none
 * @param thread the way from the row's end to where it enters; empty when it enters none
 * @param bulk cross-section where it enters, relative to the receiving row alone, at least 1; 1 when it enters none
 * @param origin who sent it there
 */
public record Tail(
        RowId row,
        TailEnd end,
        Optional<RowId> into,
        double entryMm,
        Optional<Path> thread,
        double bulk,
        Origin origin) {

    /** Who decides where a tail goes. */
    public enum Origin {
        PATTERN,
        SUGGESTED,
        CHOSEN
    }

    public Tail {
        Require.atLeast(0, entryMm, "entryMm", "mm");
        Require.atLeast(1, bulk, "bulk", "");
        if (into.isPresent() != end.entersRow()) {
            throw new IllegalArgumentException("into is " + into + " but the tail is " + end.words());
        }
    }

    /** A tail that enters no row. */
    static Tail apart(RowId row, TailEnd end, Origin origin) {
        return new Tail(row, end, Optional.empty(), 0, Optional.empty(), 1, origin);
    }

    Tail withBulk(double other) {
        return new Tail(row, end, into, entryMm, thread, other, origin);
    }
}
