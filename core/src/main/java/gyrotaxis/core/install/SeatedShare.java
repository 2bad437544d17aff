package gyrotaxis.core.install;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;

/** How much room a share takes on its row once it is drawn down. */
public final class SeatedShare {
    /** Width of the knot of 1 g of hair, mm; it grows with the root of the weight. ASSUMPTION. */
    private static final double ROOT_MM = 1.9;

    /** However little hair, a knot takes so much, mm. ASSUMPTION: the loop of a hook. */
    private static final double MIN_MM = 1.5;

    private SeatedShare() {}

    /** Width along the row, mm, at least 1.5. */
    public static double widthMm(HairLine hair, Share share) {
        return Math.max(MIN_MM, ROOT_MM * Math.sqrt(hair.gramsPerLoop() * share.ofLoop()));
    }
}
