package gyrotaxis.core.scalp;

import gyrotaxis.core.geometry.Arcs;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

/**
 * A head: a closed surface, and where the hairline crosses the midline and turns at temples and nape.
 *
 * @param surface the head's surface in the scalp frame
 * @param frontPhiRad angle φ of the front hairline centre, in (0, π/2)
 * @param napePhiRad angle φ of the nape hairline centre, in (π, 3π/2)
 * @param templeTurnRad where the temple lies on its level section, as the turn from the back midline, in (π/2, π)
 * @param napeTurnRad where a nape corner lies on the nape's level section, likewise, in (0, π/2)
 */
public record HeadShape(
        SuperEllipsoid surface, double frontPhiRad, double napePhiRad, double templeTurnRad, double napeTurnRad) {
    /**
     * Height of the temple's level above the ear notches, as a part of the half-axis c.
     *
     * @see "ASSUMPTION: about 3 cm on a medium head, where a tape laid round the back clears the ears; photographs of
     *     heads with a tape on would settle it"
     */
    static final double TEMPLE_HEIGHT = 0.25;

    /** The turns at which a temple may lie: in front of the ear, clear of the forehead's middle. */
    static final Interval TEMPLE_TURNS_RAD = new Interval(Math.toRadians(97), Math.toRadians(150));

    /** The turns at which a nape corner may lie. */
    static final Interval NAPE_TURNS_RAD = new Interval(Math.toRadians(18), Math.toRadians(72));

    public HeadShape {
        Require.inRange(frontPhiRad, 0, Math.PI / 2, "frontPhiRad", "rad");
        Require.inRange(napePhiRad, Math.PI, 1.5 * Math.PI, "napePhiRad", "rad");
        Require.inRange(templeTurnRad, TEMPLE_TURNS_RAD.min(), TEMPLE_TURNS_RAD.max(), "templeTurnRad", "rad");
        Require.inRange(napeTurnRad, NAPE_TURNS_RAD.min(), NAPE_TURNS_RAD.max(), "napeTurnRad", "rad");
    }

    /** The temple on the client's right. */
    Vec3 temple() {
        return onLevel(surface, templeHeightMm(surface), templeTurnRad);
    }

    /** The nape corner on the client's right. */
    Vec3 napeCorner() {
        return onLevel(surface, napeHeightMm(surface, napePhiRad), napeTurnRad);
    }

    /** What a tape laid on this head shows, mm. */
    public double tapeMm(Measure measure) {
        return switch (measure) {
            case ROUND -> roundMm(surface);
            case FRONT_TO_NAPE -> midlineMm(surface, frontPhiRad, napePhiRad);
            case OVER_TOP -> poleToPoleMm(surface, Math.PI / 2);
            case ALONG_FRONT -> poleToPoleMm(surface, frontPhiRad);
            case ROUND_BACK -> levelMm(surface, templeHeightMm(surface), templeTurnRad);
            case NAPE_WIDTH -> levelMm(surface, napeHeightMm(surface, napePhiRad), napeTurnRad);
        };
    }

    static double roundMm(SuperEllipsoid s) {
        return 4 * Arcs.length(turn -> onLevel(s, 0, turn), 0, Math.PI / 2);
    }

    static double midlineMm(SuperEllipsoid s, double fromPhi, double toPhi) {
        // Split where the curve crosses an axis: the second derivative jumps there when n is not 2.
        return Arcs.length(phi -> s.point(0, phi), fromPhi, Math.PI / 2)
                + Arcs.length(phi -> s.point(0, phi), Math.PI / 2, Math.PI)
                + Arcs.length(phi -> s.point(0, phi), Math.PI, toPhi);
    }

    static double poleToPoleMm(SuperEllipsoid s, double phi) {
        return 2 * Arcs.length(lambda -> s.point(lambda, phi), 0, Math.PI / 2);
    }

    /** Length along a level section from a turn on the left, round the back, to the same turn on the right, mm. */
    static double levelMm(SuperEllipsoid s, double heightMm, double turn) {
        double toSide = Arcs.length(t -> onLevel(s, heightMm, t), 0, Math.min(turn, Math.PI / 2));
        double beyond = turn > Math.PI / 2 ? Arcs.length(t -> onLevel(s, heightMm, t), Math.PI / 2, turn) : 0;
        return 2 * (toSide + beyond);
    }

    static double templeHeightMm(SuperEllipsoid s) {
        return TEMPLE_HEIGHT * s.c();
    }

    static double napeHeightMm(SuperEllipsoid s, double napePhi) {
        return s.point(0, napePhi).z();
    }

    /** The surface point at a height above the ear notches and a turn from the back midline toward the right. */
    private static Vec3 onLevel(SuperEllipsoid s, double heightMm, double turn) {
        double k = Math.pow(1 - Math.pow(Math.abs(heightMm / s.c()), s.n()), 1 / s.n());
        double ex = Math.sin(turn);
        double ey = -Math.cos(turn);
        double scale = k * Math.pow(Math.pow(Math.abs(ex), s.n()) + Math.pow(Math.abs(ey), s.n()), -1 / s.n());
        return new Vec3(s.b() * ex * scale, s.a() * ey * scale, heightMm);
    }
}
