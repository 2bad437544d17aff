package gyrotaxis.core.install;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

/**
 * How a zone is hooked for a full look.
 *
 * @param spacingMm centre to centre along the row in the middle of the zone, mm, in {@link #SPACING_MM}
 * @param share what each station takes
 */
public record ZoneSetting(double spacingMm, Share share) {
    /** Closer than 3 mm knots sit on each other; wider than 120 mm a row shows. */
    public static final Interval SPACING_MM = new Interval(3, 120);

    public ZoneSetting {
        Require.inRange(spacingMm, SPACING_MM.min(), SPACING_MM.max(), "spacingMm", "mm");
    }

    /** The same hair in other shares, which sit as much closer or wider. */
    ZoneSetting taking(Share other) {
        return new ZoneSetting(SPACING_MM.clamp(spacingMm * other.ofLoop() / share.ofLoop()), other);
    }
}
