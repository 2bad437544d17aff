package gyrotaxis.core.learn;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.Known.Scale;
import java.util.Arrays;
import java.util.List;

/**
 * A usual value, drawn toward what was seen: as a weighed mean in which the usual value weighs as much as {@link #STRENGTH} visits.
 *
 * <p>Method: the middle of all that was seen, found by reweighing from the median (the usual value counted in once, so that of two that
 * disagree the more usual is believed); each visit weighs {@code (1 − (d / 3σ)²)²} by its distance d from there, and nothing beyond 3σ
 * (Tukey's biweight). Factors are weighed as logarithms, so that twice as long and half as long are equally odd. A single visit
 * teaches nothing: it may be the odd one. Deterministic; order does not matter.
 *
 * @param value what is believed
 * @param weights how much each of what was seen weighs, in [0, 1], in its order
 * @see "J. W. Tukey's biweight, as in F. R. Hampel et al., Robust Statistics, 1986, ch. 2.6; the strength and the spreads are ASSUMPTIONS"
 */
record Shrinkage(double value, List<Double> weights) {
    /** As many visits as the usual value is worth. ASSUMPTION: two heads before a stylist believes that it was no accident. */
    static final double STRENGTH = 2;

    /** As many must agree before anything is believed. */
    static final int MIN_VISITS = 2;

    private static final double CUT = 3;
    private static final int MAX_ROUNDS = 30;
    private static final double SETTLED = 1e-9;

    Shrinkage {
        weights = List.copyOf(weights);
    }

    /** What is believed of something, seen so and so often. */
    static Shrinkage of(Known what, double usual, List<Double> seen) {
        Scale scale = what.scale();
        double from = scaled(scale, usual);
        double[] x = seen.stream()
                .mapToDouble(v -> scaled(scale, what.range().clamp(v)))
                .toArray();
        double cut = CUT * spread(scale);
        double middle = middle(x, from, cut);
        double sum = STRENGTH * from;
        double weight = STRENGTH;
        Double[] weights = new Double[x.length];
        for (int i = 0; i < x.length; i++) {
            weights[i] = x.length < MIN_VISITS ? 0 : weight(x[i] - middle, cut);
            sum += weights[i] * x[i];
            weight += weights[i];
        }
        double value = sum / weight;
        return new Shrinkage(
                what.range().clamp(scale == Scale.FACTOR ? Math.exp(value) : value), Arrays.asList(weights));
    }

    private static double middle(double[] x, double from, double cut) {
        double[] all = Arrays.copyOf(x, x.length + 1);
        all[x.length] = from;
        double middle = median(all);
        for (int round = 0; round < MAX_ROUNDS; round++) {
            double sum = 0;
            double weight = 0;
            for (double v : x) {
                double w = weight(v - middle, cut);
                sum += w * v;
                weight += w;
            }
            if (weight == 0 || Math.abs(sum / weight - middle) < SETTLED) {
                return middle;
            }
            middle = sum / weight;
        }
        return middle;
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }

    private static double weight(double off, double cut) {
        double t = off / cut;
        return Math.abs(t) >= 1 ? 0 : (1 - t * t) * (1 - t * t);
    }

    private static double scaled(Scale scale, double v) {
        return scale == Scale.FACTOR ? Math.log(v) : v;
    }

    /** How much visits differ that nothing odd happened in. ASSUMPTIONS, to be held against the visits of a studio. */
    private static double spread(Scale scale) {
        return switch (scale) {
            // A sixth quicker or slower from one head to the next.
            case FACTOR -> 0.18;
            case PERCENT -> 4;
            case PASSES -> 0.7;
            case WEEKS -> 1.3;
        };
    }
}
