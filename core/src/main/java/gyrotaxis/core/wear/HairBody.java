package gyrotaxis.core.wear;

import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Require;

/**
 * How much scalp hair of a texture hides where it lies.
 *
 * @param footprintMm width of scalp that one whole loop covers once over, mm, at least 1
 * @param spread how much wider the band that its hair lies in gets for every millimetre that it runs, no unit, in [0, 1]
 * @param riseMm how much of its length stands up and springs about its root before it falls, mm, at least 0
 */
public record HairBody(double footprintMm, double spread, double riseMm) {
    /** The two legs leave to both sides of the row: the band begins so many footprints wide. ASSUMPTION. */
    private static final double LEGS = 2;

    /** However long it runs, one share's hair stays together within this, mm. ASSUMPTION: a hand's breadth. */
    public static final double WIDEST_MM = 80;

    /** How deep own hair lies over the scalp that it grows on. ASSUMPTION: hardly any skin is seen through grown hair. */
    public static final double OWN_ROOTS = 2;

    public HairBody {
        Require.atLeast(1, footprintMm, "footprintMm", "mm");
        Require.inRange(spread, 0, 1, "spread", "");
        Require.atLeast(0, riseMm, "riseMm", "mm");
    }

    /**
     * The usual body of a texture.
     *
     * @see "ASSUMPTION: set so that a head hooked in the usual way counts as covered and one with half the hair does not;
     *     to be measured on photographs of finished heads"
     */
    public static HairBody of(Texture texture) {
        return switch (texture) {
            case COARSE_KINKY -> new HairBody(24, 0.5, 60);
            case TIGHT_CURL -> new HairBody(24, 0.5, 60);
            case SPRINGY_CURL -> new HairBody(22, 0.48, 60);
            case SHORT_TWIST -> new HairBody(22, 0.42, 55);
            case DEEP_WAVE -> new HairBody(16, 0.42, 55);
            case LOOSE_WAVE -> new HairBody(15.5, 0.4, 55);
            case SILKY_WAVE -> new HairBody(13, 0.36, 50);
        };
    }

    /**
     * The body of own hair that is laid back: it lies as flat as it was grown.
     *
     * @param widthMm width that it covers once over, mm, at least 1
     * @see "ASSUMPTION: it spreads little and does not stand up"
     */
    public static HairBody own(double widthMm) {
        return new HairBody(widthMm, 0.2, 0);
    }

    /**
     * The same after its volume has changed; what a loop covers goes by the root of its volume.
     *
     * @param loft factor, at least 0.1
     */
    public HairBody lofted(double loft) {
        Require.atLeast(0.1, loft, "loft", "");
        return new HairBody(footprintMm * Math.sqrt(loft), spread, riseMm);
    }

    /**
     * Width of the band after hair has run a way, mm, at most {@link #WIDEST_MM}.
     *
     * @param runMm how far the hair has run from where it is hooked, mm, at least 0
     */
    public double widthMm(double runMm) {
        return Math.min(WIDEST_MM, LEGS * footprintMm + spread * runMm);
    }
}
