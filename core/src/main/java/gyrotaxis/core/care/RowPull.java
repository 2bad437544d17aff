package gyrotaxis.core.care;

import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;

/**
 * What pulls on one row.
 *
 * @param row which
 * @param gramsPerCm weight hooked to it, g for every cm of its length, at least 0
 * @param limitGramsPerCm what hair of this density should carry there, g/cm; an estimate
 * @param edgeAngleRad how far its start leans from straight across the hairline, radians, in [0, π/2]; 0 where it does not
 *     start at the hairline
 * @param isAtEdge whether it starts at the hairline
 * @param loadsNape whether it runs down into the nape and so hangs on it
 */
public record RowPull(
        RowId row,
        double gramsPerCm,
        double limitGramsPerCm,
        double edgeAngleRad,
        boolean isAtEdge,
        boolean loadsNape) {
    public RowPull {
        Require.atLeast(0, gramsPerCm, "gramsPerCm", "g/cm");
        Require.atLeast(0.1, limitGramsPerCm, "limitGramsPerCm", "g/cm");
    }

    /** The weight as a part of the limit; above 1 it is too much. */
    public double share() {
        return gramsPerCm / limitGramsPerCm;
    }
}
