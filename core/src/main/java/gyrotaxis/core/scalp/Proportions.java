package gyrotaxis.core.scalp;

import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.quantity.Interval;

/**
 * What heads have in common, where tape measures do not say.
 *
 * <p>Each proportion has an interval that no head leaves; the fit takes the middle when nothing speaks against it.
 * Breadth to length follows the cephalic index, whose everyday range is 0.70 to 0.88 with a mean near 0.79. The other
 * intervals are ASSUMPTION, set so that small, medium and large everyday heads fall well inside; scanned heads with known
 * tape measures would replace them.
 */
final class Proportions {
    /**
     * Boxiness of the surface.
     *
     * @see "ASSUMPTION: ear to ear over the top runs longer than an ellipsoid of the right breadth and height gives;
     *     2.2 to 2.4 both fit everyday heads"
     */
    static final double EXPONENT = 2.3;

    /** Half-axis a, mm. */
    static final Interval LENGTH_MM = new Interval(72, 128);

    /** b/a. */
    static final Interval BREADTH = new Interval(0.70, 0.88);

    /** c/a, c being measured from the ear notches up as if the head went on below as it does above. */
    static final Interval HEIGHT = new Interval(1.10, 1.46);

    /** Angle φ of the front hairline centre. */
    static final Interval FRONT_PHI_RAD = new Interval(Math.toRadians(22), Math.toRadians(56));

    /** Angle φ of the nape hairline centre. */
    static final Interval NAPE_PHI_RAD = new Interval(Math.toRadians(200), Math.toRadians(236));

    /** Temple to temple round the back, as a part of round the head. */
    static final double ROUND_BACK_OF_ROUND = 0.655;

    /** Nape width as a part of round the head. */
    static final double NAPE_WIDTH_OF_ROUND = 0.222;

    private Proportions() {}

    /** A free number for each proportion, mapped smoothly into its interval: 0 is the middle. */
    static double within(Interval interval, double free) {
        return interval.middle() + interval.halfLength() * Math.tanh(free);
    }

    static SuperEllipsoid surface(double freeLength, double freeBreadth, double freeHeight) {
        double a = within(LENGTH_MM, freeLength);
        return new SuperEllipsoid(a, a * within(BREADTH, freeBreadth), a * within(HEIGHT, freeHeight), EXPONENT);
    }
}
