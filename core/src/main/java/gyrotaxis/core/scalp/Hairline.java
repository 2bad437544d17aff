package gyrotaxis.core.scalp;

import gyrotaxis.core.geometry.EqualAreaChart;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * The closed line round the hair, as an angle from the map's axis for every azimuth about it.
 *
 * <p>Passes through front centre, temples, the bays round the ears, nape corners and nape centre, joined by an Akima
 * spline, which does not overshoot between unevenly spaced knots. Because it is a function of azimuth, a point is inside
 * exactly when its own angle is smaller.
 */
public final class Hairline {
    /**
     * Where the hairline passes the ears: (forward, up) from the notch, in parts of half-axis a. Above the ear about
     * 3.7 cm over the notch; behind it about 3.5 cm back and a little below.
     *
     * @see "ASSUMPTION: read off the usual proportions of an outer ear, some 6 cm high with its notch at mid height"
     */
    private static final double ABOVE_EAR_Y = -0.06;

    /** The same place upward. */
    private static final double ABOVE_EAR_Z = 0.38;

    /** The place behind the ear, forward. */
    private static final double BEHIND_EAR_Y = -0.36;

    /** The same place upward. */
    private static final double BEHIND_EAR_Z = -0.10;

    /** The corner of the front hairline: its part of the way to the temple in λ, and how far it recedes in φ. */
    private static final double CORNER_OF_TEMPLE = 0.62;

    /** How far that corner recedes. ASSUMPTION: a slight one; the drawn hairline says more. */
    private static final double CORNER_RECESS_RAD = Math.toRadians(3);

    private static final int SAMPLES_PER_SIDE = 90;
    private static final int WRAP = 3;

    private final EqualAreaChart chart;
    private final PolynomialSplineFunction alphaOfTheta;
    private final boolean isMirrored;
    private final List<Bump> bumps;
    private final double cornerRad;
    private final OptionalDouble peakRad;

    /**
     * A place where the line leaves the spline, as a raised cosine.
     *
     * @param thetaRad azimuth of its middle, in [−π, π]
     * @param halfWidthRad azimuth over which it dies away
     * @param alphaRad how far the line moves outward at its middle
     */
    private record Bump(double thetaRad, double halfWidthRad, double alphaRad) {
        double at(double theta) {
            double d = Math.abs(Math.IEEEremainder(theta - thetaRad, 2 * Math.PI));
            return d >= halfWidthRad ? 0 : alphaRad * 0.5 * (1 + Math.cos(Math.PI * d / halfWidthRad));
        }
    }

    Hairline(HeadShape head, HairlineShape shape, EqualAreaChart chart) {
        this.chart = chart;
        this.isMirrored = shape.isMirrored();
        SuperEllipsoid s = head.surface();
        double templeLambda = s.lambdaOf(head.temple());
        double a = s.a();
        this.alphaOfTheta = spline(List.of(
                s.point(0, head.frontPhiRad()),
                s.point(CORNER_OF_TEMPLE * templeLambda, head.frontPhiRad() + CORNER_RECESS_RAD),
                head.temple(),
                s.onRightSide(ABOVE_EAR_Y * a, ABOVE_EAR_Z * a),
                s.onRightSide(BEHIND_EAR_Y * a, BEHIND_EAR_Z * a),
                head.napeCorner(),
                s.point(0, head.napePhiRad())));
        this.cornerRad = Math.abs(
                chart.thetaOf(s.point(CORNER_OF_TEMPLE * templeLambda, head.frontPhiRad() + CORNER_RECESS_RAD)));
        // A millimetre along the hairline in front, as azimuth about the map's axis.
        Vec3 front = s.point(0, head.frontPhiRad());
        double radius = front.norm() * Math.sin(chart.alphaOf(front));
        this.peakRad =
                shape.peak().map(p -> OptionalDouble.of(p.placeMm() / radius)).orElse(OptionalDouble.empty());
        this.bumps = bumps(head, shape, radius);
    }

    /** Azimuth of the corner of the front hairline on the client's right, where a temple recedes most. */
    public double cornerRad() {
        return cornerRad;
    }

    /** Azimuth of the peak's tip, if there is a peak. */
    public OptionalDouble peakRad() {
        return peakRad;
    }

    private List<Bump> bumps(HeadShape head, HairlineShape shape, double radius) {
        SuperEllipsoid s = head.surface();
        double templeTheta = Math.abs(chart.thetaOf(head.temple()));
        double napeCorner = Math.abs(chart.thetaOf(head.napeCorner()));
        double frontMm = s.point(0, head.frontPhiRad()).norm();
        List<Bump> list = new ArrayList<>();
        // A temple recedes most at the corner of the front and not at all where the tape lies.
        double reach = templeTheta - cornerRad;
        addBump(list, -cornerRad, reach, -shape.leftTempleMm() / frontMm);
        addBump(list, cornerRad, reach, -shape.rightTempleMm() / frontMm);
        double napeMm = s.point(0, head.napePhiRad()).norm();
        double half = (Math.PI - napeCorner) / 2;
        addBump(list, -(napeCorner + half), half, shape.nape().dropMm() / napeMm);
        addBump(list, napeCorner + half, half, shape.nape().dropMm() / napeMm);
        shape.peak()
                .ifPresent(p -> addBump(
                        list, p.placeMm() / radius, HairlineShape.Peak.HALF_WIDTH_MM / radius, p.dropMm() / frontMm));
        return List.copyOf(list);
    }

    private static void addBump(List<Bump> list, double thetaRad, double halfWidthRad, double alphaRad) {
        if (alphaRad != 0) {
            list.add(new Bump(thetaRad, halfWidthRad, alphaRad));
        }
    }

    /** Whether the left half is the mirror image of the right. */
    public boolean isMirrored() {
        return isMirrored;
    }

    /** A spline through knots on the right side, first and last on the midline, and their mirror images. */
    private PolynomialSplineFunction spline(List<Vec3> rightSide) {
        int k = rightSide.size();
        List<Double> theta = new ArrayList<>();
        List<Double> alpha = new ArrayList<>();
        for (int i = -WRAP; i <= 2 * (k - 1) + WRAP; i++) {
            int turn = Math.floorDiv(i, 2 * (k - 1));
            int at = Math.floorMod(i, 2 * (k - 1));
            boolean isRight = at < k;
            Vec3 p = rightSide.get(isRight ? at : 2 * (k - 1) - at);
            double t = at == k - 1 ? Math.PI : Math.abs(chart.thetaOf(p));
            theta.add((isRight ? t : 2 * Math.PI - t) + turn * 2 * Math.PI);
            alpha.add(chart.alphaOf(p));
        }
        return new AkimaSplineInterpolator().interpolate(array(theta), array(alpha));
    }

    /** The hairline point at an azimuth about the map's axis, any value; 0 is the front centre, +π/2 toward the right. */
    public Vec3 at(double thetaRad) {
        return chart.lift(chartAt(thetaRad));
    }

    /** The same on the map. */
    public Vec2 chartAt(double thetaRad) {
        return chart.project(chart.direction(thetaRad, alphaAt(thetaRad)));
    }

    /** Whether a surface point lies within the hairline (on it counts as within). */
    public boolean encloses(Vec3 p) {
        return chart.alphaOf(p) <= alphaAt(chart.thetaOf(p));
    }

    /** The piece between two azimuths, in either direction, as a path with points at most about 2° apart. */
    public Path between(double fromThetaRad, double toThetaRad) {
        int n = Math.max(4, (int) Math.ceil(Math.abs(toThetaRad - fromThetaRad) / Math.PI * SAMPLES_PER_SIDE));
        List<Vec2> points = new ArrayList<>(n + 1);
        for (int i = 0; i <= n; i++) {
            points.add(chartAt(fromThetaRad + (toThetaRad - fromThetaRad) * i / n));
        }
        return Path.lifted(points, chart);
    }

    /** The whole line, from the front centre by way of the client's right, nape and left; first and last point agree. */
    public Path whole() {
        return between(0, 2 * Math.PI);
    }

    /** Angle from the map's axis at an azimuth, radians. */
    public double alphaAt(double thetaRad) {
        double t = thetaRad - 2 * Math.PI * Math.floor(thetaRad / (2 * Math.PI));
        // Mirror the left half onto the right, so that both sides agree to the last bit.
        double folded = Math.min(t, 2 * Math.PI - t);
        double alpha = alphaOfTheta.value(folded);
        for (Bump b : bumps) {
            alpha += b.at(isMirrored ? folded : t);
        }
        return alpha;
    }

    private static double[] array(List<Double> list) {
        return list.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
