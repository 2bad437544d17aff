package gyrotaxis.core.braiding;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.TailEnd;
import java.util.List;
import java.util.Optional;

/**
 * Where the free end of a row goes.
 *
 * @param row whose end
 * @param end how it ends
 * @param into the row that takes it; present exactly when it enters one
 * @param entryMm where it enters that row, from its start, mm; 0 when it enters none
 * @param thread the way from the row's end to where it enters; empty when it enters none
 * @param halves where its halves go if it is banded and split in two; empty otherwise, or where no row is within reach
 * @param bulk cross-section where it enters, relative to the receiving row alone, at least 1; 1 when it enters none
 * @param origin who sent it there
 */
public record Tail(
        RowId row,
        TailEnd end,
        Optional<RowId> into,
        double entryMm,
        Optional<Path> thread,
        List<Half> halves,
        double bulk,
        Origin origin) {

    /**
     * Half of a tail that was split in two.
     *
     * @param under the row that it is threaded under
     * @param alongMm where, from that row's start, mm
     * @param thread the way there
     */
    public record Half(RowId under, double alongMm, Path thread) {}

    /** Who decides where a tail goes. */
    public enum Origin {
        PATTERN,
        SUGGESTED,
        CHOSEN
    }

    public Tail {
        halves = List.copyOf(halves);
        Require.atLeast(0, entryMm, "entryMm", "mm");
        Require.atLeast(1, bulk, "bulk", "");
        if (into.isPresent() != end.entersRow()) {
            throw new IllegalArgumentException("into is " + into + " but the tail is " + end.words());
        }
    }

    /** A tail that enters no row. */
    static Tail apart(RowId row, TailEnd end, Origin origin) {
        return new Tail(row, end, Optional.empty(), 0, Optional.empty(), List.of(), 1, origin);
    }

    Tail split(List<Half> into) {
        return new Tail(row, end, this.into, entryMm, thread, into, bulk, origin);
    }

    Tail withBulk(double other) {
        return new Tail(row, end, into, entryMm, thread, halves, other, origin);
    }
}
