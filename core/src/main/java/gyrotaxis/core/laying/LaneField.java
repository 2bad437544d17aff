package gyrotaxis.core.laying;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;

/**
 * Lanes side by side in a section, between borders that no lane crosses.
 *
 * <p>Between two borders lanes share the width by their weights. A lane that ends early narrows to nothing there, and its
 * neighbours take over its scalp, so that lanes always cover the section. A lane that is moved takes its edges along as far
 * as its neighbours keep {@link #MIN_PART} of their width.
 */
final class LaneField {
    /** Fraction along over which a lane narrows before it ends. */
    static final double NARROWING = 0.18;

    /** What a neighbour keeps of its width when a lane is moved. */
    private static final double MIN_PART = 0.3;

    /** How near to the edge of its lane a moved row may run, in parts of the lane's width. */
    private static final double MARGIN = 0.2;

    private final List<DoubleUnaryOperator> borders;
    private final List<List<Lane.Spec>> intervals;
    private final List<Map<Double, double[]>> known;

    /**
     * Lanes between borders.
     *
     * @param borders at least 2 fractions across as functions of the fraction along, growing
     * @param intervals the lanes of each interval between neighbouring borders; none may be empty, and in each at least
     *     one lane runs through
     */
    LaneField(List<DoubleUnaryOperator> borders, List<List<Lane.Spec>> intervals) {
        this.borders = borders;
        this.intervals = intervals;
        this.known = intervals.stream()
                .<Map<Double, double[]>>map(x -> new HashMap<>())
                .toList();
    }

    /** Lanes over the whole width. */
    static LaneField across(List<Lane.Spec> lanes) {
        return new LaneField(List.of(u -> 0, u -> 1), List.of(lanes));
    }

    /** The lanes in order. */
    List<Lane> lanes() {
        List<Lane> lanes = new ArrayList<>();
        for (int i = 0; i < intervals.size(); i++) {
            for (int j = 0; j < intervals.get(i).size(); j++) {
                lanes.add(lane(i, j));
            }
        }
        return lanes;
    }

    private Lane lane(int i, int j) {
        Lane.Spec spec = intervals.get(i).get(j);
        return new Lane(u -> edges(i, u)[j], u -> middle(i, j, spec, u), u -> edges(i, u)[j + 1], spec);
    }

    private double middle(int i, int j, Lane.Spec spec, double u) {
        double[] edges = edges(i, u);
        double width = edges[j + 1] - edges[j];
        double plain = edges[j] + width * (0.5 + spec.lean());
        if (spec.shift() == 0) {
            return plain;
        }
        double[] unmoved = unmoved(i, u);
        double wanted = unmoved[j] + (unmoved[j + 1] - unmoved[j]) * (0.5 + spec.lean()) + spec.shift();
        return Math.max(edges[j] + MARGIN * width, Math.min(edges[j + 1] - MARGIN * width, wanted));
    }

    /** Rows of one section are made of the same fractions along, lane by lane, and each asks for all edges. */
    private double[] edges(int i, double u) {
        return known.get(i).computeIfAbsent(u, v -> computed(i, v));
    }

    private double[] computed(int i, double u) {
        double[] edges = unmoved(i, u);
        List<Lane.Spec> lanes = intervals.get(i);
        double[] moved = edges.clone();
        for (int k = 1; k < lanes.size(); k++) {
            double by = lanes.get(k - 1).shift() + lanes.get(k).shift();
            if (by != 0) {
                double left = edges[k] - edges[k - 1];
                double right = edges[k + 1] - edges[k];
                moved[k] += Math.max(-(1 - MIN_PART) / 2 * left, Math.min((1 - MIN_PART) / 2 * right, by));
            }
        }
        return moved;
    }

    private double[] unmoved(int i, double u) {
        List<Lane.Spec> lanes = intervals.get(i);
        double from = borders.get(i).applyAsDouble(u);
        double width = borders.get(i + 1).applyAsDouble(u) - from;
        double[] edges = new double[lanes.size() + 1];
        for (int k = 0; k < lanes.size(); k++) {
            edges[k + 1] = edges[k] + weight(lanes.get(k), u);
        }
        double total = edges[lanes.size()];
        for (int k = 0; k <= lanes.size(); k++) {
            edges[k] = from + width * edges[k] / total;
        }
        return edges;
    }

    private static double weight(Lane.Spec s, double u) {
        double full = s.startWeight() + (s.endWeight() - s.startWeight()) * u;
        return s.runsThrough() ? full : full * Math.max(0, Math.min(1, (s.endsAt() - u) / NARROWING));
    }
}
