package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;

/**
 * A wearing part on a head.
 *
 * @param asked what was asked for
 * @param path from the hairline back, as long as asked or as the section allows
 * @param gap the gap it runs in, with its channel
 */
public record LaidPart(WearingPart asked, Path path, PartGap gap) {
    /** Ends nearer than this to where the gap closes count as open, mm. */
    private static final double OPEN_TOLERANCE_MM = 3;

    /** Whether its flanking rows stay apart along all of it. */
    public boolean isOpen() {
        return path.lengthMm() <= gap.openMm() + OPEN_TOLERANCE_MM;
    }

    /** Whether a row lies right beside it. */
    public boolean isFlankedBy(RowId row) {
        return gap.left().equals(row) || gap.right().equals(row);
    }
}
