package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import java.util.Optional;

/**
 * A wearing part on a head.
 *
 * @param asked what was asked for
 * @param path from the hairline back, as long as asked or as the section allows
 * @param gap the gap it runs in, with its channel
 * @param unended why its flanking rows run on though they were to end with it; empty if they end as asked
 */
public record LaidPart(WearingPart asked, Path path, PartGap gap, Optional<Unended> unended) {
    /** Ends nearer than this to where the gap closes count as open, mm. */
    private static final double OPEN_TOLERANCE_MM = 3;

    /**
     * Flanking rows that cannot end as they were asked to.
     *
     * @param why what keeps them from it
     * @param longestMm how long the part may be for rows to end with it, mm, at least 0
     */
    public record Unended(Why why, double longestMm) {
        /** What keeps rows from ending. */
        public enum Why {
            /** The part runs so far back that nothing can come behind its end. */
            RUNS_TOO_FAR,
            /** Beside them there is no other row that runs on and could take over. */
            NO_ROW_BESIDE
        }

        public Unended {
            Require.atLeast(0, longestMm, "longestMm", "mm");
        }
    }

    /** Whether its flanking rows stay apart along all of it. */
    public boolean isOpen() {
        return path.lengthMm() <= gap.openMm() + OPEN_TOLERANCE_MM;
    }

    /** Clear scalp where its own length is narrowest, mm: behind its end rows may meet and cross. */
    public double narrowestMm() {
        return gap.channel().stream()
                .filter(w -> w.atMm() <= path.lengthMm())
                .mapToDouble(PartGap.Width::clearMm)
                .min()
                .orElse(gap.channel().get(0).clearMm());
    }

    /** Whether a row lies right beside it. */
    public boolean isFlankedBy(RowId row) {
        return gap.left().equals(row) || gap.right().equals(row);
    }
}
