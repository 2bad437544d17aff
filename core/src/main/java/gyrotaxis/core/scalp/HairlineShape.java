package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.Optional;

/**
 * How a hairline differs from the usual one through the same tape measures.
 *
 * @param leftTempleMm how much further back the temple recedes on the client's left, mm, in {@link #TEMPLE_MM};
 *     negative comes forward
 * @param rightTempleMm the same on her right
 * @param peak where the front hairline comes down in a point, if it does
 * @param nape how the hairline runs between the nape corners
 */
public record HairlineShape(double leftTempleMm, double rightTempleMm, Optional<Peak> peak, Nape nape) {
    public static final Interval TEMPLE_MM = new Interval(-10, 25);

    /** Where a peak may be, from the midline toward the client's right, mm. */
    public static final Interval PEAK_PLACE_MM = new Interval(-40, 40);

    /** How far a peak may come down, mm. */
    public static final Interval PEAK_DROP_MM = new Interval(2, 25);

    /**
     * A point in the front hairline. The tape is laid beside it, as if it were not there.
     *
     * @param placeMm from the midline toward the client's right, mm, in {@link #PEAK_PLACE_MM}
     * @param dropMm how far it comes down, mm, in {@link #PEAK_DROP_MM}
     */
    public record Peak(double placeMm, double dropMm) {
        /**
         * How far to either side a peak reaches, mm.
         *
         * @see "ASSUMPTION: a fingernail and a half; to be read off photographs"
         */
        public static final double HALF_WIDTH_MM = 14;

        public Peak {
            Require.inRange(placeMm, PEAK_PLACE_MM.min(), PEAK_PLACE_MM.max(), "placeMm", "mm");
            Require.inRange(dropMm, PEAK_DROP_MM.min(), PEAK_DROP_MM.max(), "dropMm", "mm");
        }
    }

    /** How the nape hairline runs; the drop is at halfway between centre and corner. ASSUMPTION: both drops. */
    public enum Nape {
        ROUND("round", 0),
        SQUARE("square", 6),
        POINTED("pointed", -8);

        private final String words;
        private final double dropMm;

        Nape(String words, double dropMm) {
            this.words = words;
            this.dropMm = dropMm;
        }

        /** What a stylist calls it. */
        public String words() {
            return words;
        }

        double dropMm() {
            return dropMm;
        }
    }

    public HairlineShape {
        Require.inRange(leftTempleMm, TEMPLE_MM.min(), TEMPLE_MM.max(), "leftTempleMm", "mm");
        Require.inRange(rightTempleMm, TEMPLE_MM.min(), TEMPLE_MM.max(), "rightTempleMm", "mm");
    }

    /** The usual hairline. */
    public static HairlineShape usual() {
        return new HairlineShape(0, 0, Optional.empty(), Nape.ROUND);
    }

    /** Whether both sides are alike. */
    public boolean isMirrored() {
        return leftTempleMm == rightTempleMm && peak.map(p -> p.placeMm() == 0).orElse(true);
    }
}
