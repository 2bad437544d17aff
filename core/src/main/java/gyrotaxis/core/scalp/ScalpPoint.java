package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Require;

/**
 * A place on a scalp that keeps its meaning when the head is measured again.
 *
 * @param thetaRad azimuth about the map's axis, radians, normalised to (−π, π]; 0 is the front, positive toward the
 *     client's right
 * @param out how far out from the middle of the map, as a part of the way to the hairline, in [0, 1]
 */
public record ScalpPoint(double thetaRad, double out) {
    public ScalpPoint {
        Require.finite(thetaRad, "thetaRad", "rad");
        thetaRad = Math.IEEEremainder(thetaRad, 2 * Math.PI);
        Require.inRange(out, 0, 1, "out", "");
    }

    /** The mirror image in the midline. */
    public ScalpPoint mirrored() {
        return new ScalpPoint(-thetaRad, out);
    }
}
