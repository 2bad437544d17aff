package gyrotaxis.core.wear;

import gyrotaxis.core.row.RowId;
import java.util.List;

/**
 * What the edge of an updo would show, before any loop is hooked.
 *
 * @param way the updo
 * @param coveredMm length of hairline behind which a perimeter braid, individuals, a level row or left-out hair lies, mm
 * @param hairMm length along which hair hooked right behind the edge and drawn away from it hides what lies there, mm
 * @param rowsMm length along which single rows run off the edge and are seen as braids, mm
 * @param bareMm length along which scalp shows between rows, mm
 * @param rowsShowing the rows seen end-on
 * @param tailsShowing rows whose tails lie near the edge
 */
public record UpdoView(
        Way way,
        double coveredMm,
        double hairMm,
        double rowsMm,
        double bareMm,
        List<RowId> rowsShowing,
        List<RowId> tailsShowing) {
    /** More than this part of bare edge shows. ASSUMPTION: a sixth; what is combed over it hides that. */
    public static final double MAX_BARE = 1.0 / 6;

    public UpdoView {
        rowsShowing = List.copyOf(rowsShowing);
        tailsShowing = List.copyOf(tailsShowing);
    }

    /** Length of the edge that this updo shows, mm. */
    public double edgeMm() {
        return coveredMm + hairMm + rowsMm + bareMm;
    }

    /** The part of the edge that is bare, in [0, 1]. */
    public double bareShare() {
        double all = edgeMm();
        return all == 0 ? 0 : bareMm / all;
    }

    /** Whether the head as it is hooked carries it. */
    public boolean works() {
        return bareShare() <= MAX_BARE && tailsShowing.isEmpty();
    }
}
