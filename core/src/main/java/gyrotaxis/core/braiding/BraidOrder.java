package gyrotaxis.core.braiding;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import org.jgrapht.traverse.TopologicalOrderIterator;

/**
 * Which rows have to be braided before which, and the order that follows.
 *
 * <p>Where nothing binds them, level rows come first (the back is usually braided first), then rows from the front back,
 * from the sides to the middle, left and right in turn; what takes others in comes last.
 */
final class BraidOrder {
    private static final double SAME_SIDE_MM = 4;

    private final DirectedAcyclicGraph<RowId, DefaultEdge> before = new DirectedAcyclicGraph<>(DefaultEdge.class);
    private final Comparator<RowId> preference;

    BraidOrder(Foundation foundation) {
        Map<RowId, Double> outward = new HashMap<>();
        for (Row row : foundation.rows()) {
            double x = row.path().chart().get(0).x();
            // Twins differ in their last bits where a foundation is not mirrored exactly.
            outward.put(row.id(), Math.rint(Math.abs(x) / SAME_SIDE_MM));
            before.addVertex(row.id());
        }
        this.preference = Comparator.comparingInt((RowId id) -> rank(id.section()))
                .thenComparing(Comparator.comparingDouble(
                                (RowId id) -> id.section().isLateral() ? outward.getOrDefault(id, 0.0) : -id.number())
                        .reversed())
                .thenComparing(Comparator.naturalOrder());
        foundation.rows().forEach(r -> r.joins().ifPresent(to -> before.addEdge(r.id(), to)));
    }

    /** Binds one row to be braided before another; false, and nothing bound, if that would run in a circle. */
    boolean add(RowId first, RowId then) {
        if (first.equals(then)) {
            return false;
        }
        try {
            before.addEdge(first, then);
            return true;
        } catch (IllegalArgumentException e) {
            // JGraphT's way to say that the edge closes a cycle.
            return false;
        }
    }

    /** All rows in order. */
    List<RowId> order() {
        List<RowId> order = new ArrayList<>();
        new TopologicalOrderIterator<>(before, preference).forEachRemaining(order::add);
        return order;
    }

    private static int rank(Section section) {
        return switch (section) {
            case INDIVIDUAL -> 0;
            case LEVEL -> 1;
            case FRONT -> 2;
            case OVERLAY -> 3;
            case MIDDLE -> 4;
            case COLLECTOR -> 5;
            case CROSSED -> 6;
            case TIE -> 7;
            case UPRIGHT -> 8;
            case BACK -> 9;
            case SPIRAL -> 10;
            case PERIMETER -> 11;
            case CAP, PATCH -> throw new IllegalArgumentException(section + " is not braided");
        };
    }
}
