package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.quantity.Require;
import java.util.Optional;

/**
 * Where the free end of a row goes.
 *
 * @param row whose end
 * @param kind how it ends
 * @param into the row that takes it; present exactly when it is fed
 * @param entryMm where it enters that row, from its start, mm; 0 when it enters none
 * @param thread the way from the row's end to where it enters; empty when it enters none
 * @param bulk cross-section where it enters, relative to the receiving row alone, at least 1; 1 when it enters none
 */
public record Tail(RowId row, Kind kind, Optional<RowId> into, double entryMm, Optional<Path> thread, double bulk) {

    /** How a tail ends. */
    public enum Kind {
        /** Fed into another row while that is braided: nothing loose, and takedown runs row by row. */
        FED,
        /** Loose, to be secured. */
        LOOSE,
        /** Loose, because the own hair is too short to reach another row. */
        TOO_SHORT
    }

    public Tail {
        Require.atLeast(0, entryMm, "entryMm", "mm");
        Require.atLeast(1, bulk, "bulk", "");
        if (into.isPresent() != (kind == Kind.FED)) {
            throw new IllegalArgumentException("into is " + into + " but a tail enters a row exactly when it is FED");
        }
    }

    /** A tail that enters no row. */
    static Tail loose(RowId row, Kind kind) {
        return new Tail(row, kind, Optional.empty(), 0, Optional.empty(), 1);
    }
}
