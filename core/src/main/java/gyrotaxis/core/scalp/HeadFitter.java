package gyrotaxis.core.scalp;

import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.quantity.Interval;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.FastMath;
import org.hipparchus.util.Pair;

/**
 * Finds the head that a set of tape measures describes.
 *
 * <p>Method: least squares (Levenberg–Marquardt) over length, breadth, height and the two ends of the midline, with the
 * entered measures weighted by how exactly a tape can be read and every proportion drawn weakly to the middle of its
 * interval, which it cannot leave. Measures that no head can have together therefore stay unmet instead of producing an
 * absurd head that fits. Temples and nape corners follow from their own measures afterwards. Deterministic; about a
 * millisecond.
 *
 * <p>Does not find a mistake that still describes a plausible head, such as a round measure read 1 cm too long.
 */
public final class HeadFitter {
    /** A measure that the fitted head gives back within this, mm, counts as met. */
    public static final double TOLERANCE_MM = 3;

    /** How exactly a tape is read, mm, against a pull of one unit on a proportion. ASSUMPTION: half of the 5 mm step. */
    private static final double READING_MM = 0.5;

    /**
     * A measure that differs by more than this part from what the others expect is remarked.
     *
     * @see "ASSUMPTION: everyday sets stay within 5 %, a tape that slipped by two fingers does not"
     */
    private static final double UNLIKELY = 0.08;

    private static final int UNKNOWNS = 5;
    private static final int MAX_STEPS = 200;
    private static final double STEP = 1e-5;

    /** Relative change of cost or unknowns below which the fit has settled: less than a hundredth of a millimetre. */
    private static final double CONVERGED = 1e-6;

    private static final double AT_END = 0.999;
    private static final double TURN_ACCURACY_RAD = 1e-9;
    private static final List<Measure> FITTED =
            List.of(Measure.ROUND, Measure.FRONT_TO_NAPE, Measure.OVER_TOP, Measure.ALONG_FRONT);

    private HeadFitter() {}

    /**
     * The head that fits best, with every measure read back from it, and what did not fit.
     *
     * @param measures at least the required three
     */
    public static FittedHead fit(HeadMeasures measures) {
        Map<Measure, Double> entered = measures.byMeasure();
        HeadShape shape = shapeOf(entered);
        Map<Measure, FittedHead.Reading> readings = new EnumMap<>(Measure.class);
        for (Measure m : Measure.values()) {
            double fitted = shape.tapeMm(m);
            readings.put(m, new FittedHead.Reading(entered.getOrDefault(m, fitted), fitted, !entered.containsKey(m)));
        }
        boolean isMet = readings.values().stream().allMatch(FittedHead.Reading::isMet);
        return new FittedHead(shape, readings, isMet ? Optional.empty() : Optional.of(blame(entered)));
    }

    /**
     * A measure that would make an unlikely head of the others, though all of them can be met: proportions may bend so far. Each is left
     * out in turn; the one that differs most from what the others expect of an ordinary head is named, if it differs by
     * {@link #UNLIKELY}. Costs one more fit for each measure: ask {@link Scalp#unlikelyMeasure()}, which remembers the answer.
     */
    static Optional<Misfit> unlikely(FittedHead head) {
        Map<Measure, Double> entered = head.entered();
        return FITTED.stream()
                .filter(entered::containsKey)
                .map(m -> {
                    Map<Measure, Double> others = new EnumMap<>(entered);
                    others.remove(m);
                    double expected = shapeOf(others).tapeMm(m);
                    return new Misfit(m, entered.getOrDefault(m, expected), expected);
                })
                .filter(m -> Math.abs(m.excessMm()) > UNLIKELY * m.expectedMm())
                .max(Comparator.comparingDouble(m -> Math.abs(m.excessMm()) / m.expectedMm()));
    }

    private static HeadShape shapeOf(Map<Measure, Double> entered) {
        return shapeOf(entered, solve(entered));
    }

    private static HeadShape shapeOf(Map<Measure, Double> entered, double[] p) {
        SuperEllipsoid s = Proportions.surface(p[0], p[1], p[2]);
        double front = Proportions.within(Proportions.FRONT_PHI_RAD, p[3]);
        double nape = Proportions.within(Proportions.NAPE_PHI_RAD, p[4]);
        double round = HeadShape.roundMm(s);
        double back = entered.getOrDefault(Measure.ROUND_BACK, round * Proportions.ROUND_BACK_OF_ROUND);
        double width = entered.getOrDefault(Measure.NAPE_WIDTH, round * Proportions.NAPE_WIDTH_OF_ROUND);
        double temple =
                turnFor(back, HeadShape.TEMPLE_TURNS_RAD, t -> HeadShape.levelMm(s, HeadShape.templeHeightMm(s), t));
        double corner =
                turnFor(width, HeadShape.NAPE_TURNS_RAD, t -> HeadShape.levelMm(s, HeadShape.napeHeightMm(s, nape), t));
        return new HeadShape(s, front, nape, temple, corner);
    }

    private static double[] solve(Map<Measure, Double> entered) {
        List<Measure> used = FITTED.stream().filter(entered::containsKey).toList();
        Optimum best = new LevenbergMarquardtOptimizer()
                .withCostRelativeTolerance(CONVERGED)
                .withParameterRelativeTolerance(CONVERGED)
                .optimize(new LeastSquaresBuilder()
                        .start(new double[UNKNOWNS])
                        .target(new double[used.size() + UNKNOWNS])
                        .model(point -> valueAndJacobian(point, used, entered))
                        .maxEvaluations(MAX_STEPS)
                        .maxIterations(MAX_STEPS)
                        .build());
        return best.getPoint().toArray();
    }

    private static Pair<RealVector, RealMatrix> valueAndJacobian(
            RealVector point, List<Measure> used, Map<Measure, Double> entered) {
        double[] p = point.toArray();
        double[] value = residuals(p, used, entered);
        RealMatrix jacobian = MatrixUtils.createRealMatrix(value.length, UNKNOWNS);
        for (int j = 0; j < UNKNOWNS; j++) {
            double[] moved = p.clone();
            moved[j] += STEP;
            double[] there = residuals(moved, used, entered);
            for (int i = 0; i < value.length; i++) {
                jacobian.setEntry(i, j, (there[i] - value[i]) / STEP);
            }
        }
        return new Pair<>(new ArrayRealVector(value, false), jacobian);
    }

    private static double[] residuals(double[] p, List<Measure> used, Map<Measure, Double> entered) {
        SuperEllipsoid s = Proportions.surface(p[0], p[1], p[2]);
        double front = Proportions.within(Proportions.FRONT_PHI_RAD, p[3]);
        double nape = Proportions.within(Proportions.NAPE_PHI_RAD, p[4]);
        double[] r = Arrays.copyOf(p, used.size() + UNKNOWNS);
        for (int i = 0; i < used.size(); i++) {
            double mm = switch (used.get(i)) {
                case ROUND -> HeadShape.roundMm(s);
                case FRONT_TO_NAPE -> HeadShape.midlineMm(s, front, nape);
                case OVER_TOP -> HeadShape.poleToPoleMm(s, Math.PI / 2);
                case ALONG_FRONT -> HeadShape.poleToPoleMm(s, front);
                default -> throw new IllegalStateException(used.get(i) + " has no part in this fit");
            };
            r[UNKNOWNS + i] = (mm - entered.getOrDefault(used.get(i), mm)) / READING_MM;
        }
        return r;
    }

    /** The turn in its interval at which an increasing length is reached, or the nearer end. */
    private static double turnFor(double lengthMm, Interval turns, DoubleUnaryOperator lengthAt) {
        double lo = turns.min();
        double hi = turns.max();
        while (hi - lo > TURN_ACCURACY_RAD) {
            double mid = (lo + hi) / 2;
            if (lengthAt.applyAsDouble(mid) < lengthMm) {
                lo = mid;
            } else {
                hi = mid;
            }
        }
        return (lo + hi) / 2;
    }

    /** The measure without which the others agree best, and what they would make of it. */
    private static Misfit blame(Map<Measure, Double> entered) {
        List<Suspect> suspects = new ArrayList<>();
        for (Map.Entry<Measure, Double> suspect : entered.entrySet()) {
            Map<Measure, Double> others = new EnumMap<>(entered);
            others.remove(suspect.getKey());
            double[] proportions = solve(others);
            HeadShape without = shapeOf(others, proportions);
            double unrest = others.entrySet().stream()
                    .mapToDouble(o -> Math.abs(without.tapeMm(o.getKey()) - o.getValue()))
                    .max()
                    .orElse(0);
            double expected = without.tapeMm(suspect.getKey());
            suspects.add(new Suspect(
                    new Misfit(suspect.getKey(), suspect.getValue(), expected), unrest, oddity(proportions, without)));
        }
        // Where several would restore peace, the one whose absence leaves the most ordinary head is to blame.
        return suspects.stream()
                .min(Comparator.comparingDouble((Suspect s) -> Math.max(TOLERANCE_MM, s.unrestMm))
                        .thenComparingDouble(s -> s.oddity))
                .orElseThrow()
                .misfit;
    }

    /** How far a head is from the middle of all proportions, temples and nape corners among them; no unit. */
    private static double oddity(double[] proportions, HeadShape shape) {
        return new ArrayRealVector(proportions).getNorm()
                + offMiddle(HeadShape.TEMPLE_TURNS_RAD, shape.templeTurnRad())
                + offMiddle(HeadShape.NAPE_TURNS_RAD, shape.napeTurnRad());
    }

    /** 0 in the middle of an interval, without bound toward its ends, as the free number behind a proportion. */
    private static double offMiddle(Interval interval, double value) {
        double part = (value - interval.middle()) / interval.halfLength();
        return Math.abs(FastMath.atanh(Math.max(-AT_END, Math.min(AT_END, part))));
    }

    /**
     * A measure on trial.
     *
     * @param unrestMm how far the others still disagree when it is left out, mm
     * @param oddity how far the head without it is from the middle of all proportions, no unit
     */
    private record Suspect(Misfit misfit, double unrestMm, double oddity) {}
}
