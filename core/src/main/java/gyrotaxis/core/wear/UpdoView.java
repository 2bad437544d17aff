package gyrotaxis.core.wear;

import gyrotaxis.core.foundation.RowId;
import java.util.List;

/**
 * What the edge of an updo would show, before any loop is hooked.
 *
 * @param way the updo
 * @param coveredMm length of hairline behind which a perimeter braid, individuals, a level row or left-out hair lies, mm
 * @param rowsMm length along which single rows run off the edge and are seen as braids, mm
 * @param bareMm length along which scalp shows between rows, mm
 * @param rowsShowing the rows seen end-on
 * @param tailsShowing rows whose tails lie near the edge
 */
public record UpdoView(
        Way way, double coveredMm, double rowsMm, double bareMm, List<RowId> rowsShowing, List<RowId> tailsShowing) {
    /** More than this part of bare edge shows. ASSUMPTION: a sixth, what loops hooked upward can still hide. */
    private static final double MOST_BARE = 1.0 / 6;

    public UpdoView {
        rowsShowing = List.copyOf(rowsShowing);
        tailsShowing = List.copyOf(tailsShowing);
    }

    /** The part of the edge that is bare, in [0, 1]. */
    public double bareShare() {
        double all = coveredMm + rowsMm + bareMm;
        return all == 0 ? 0 : bareMm / all;
    }

    /** Whether this foundation carries it. */
    public boolean works() {
        return bareShare() <= MOST_BARE && tailsShowing.isEmpty();
    }
}
