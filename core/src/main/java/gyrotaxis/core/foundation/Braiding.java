package gyrotaxis.core.foundation;

import gyrotaxis.core.scalp.OwnHair;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import org.jgrapht.traverse.TopologicalOrderIterator;

/**
 * Where the tails of a foundation end, and the order of braiding that follows.
 *
 * <p>A row that is fed into another, or joins it, has to be braided first: a directed graph without cycle. Its topological
 * order is the braiding order, ties going to front rows first and from the client's left to her right; its reverse is the
 * order of takedown.
 *
 * @param tails the tail of every row that joins no other, in the order of the rows
 * @param order all rows, in the order in which they are braided
 */
public record Braiding(List<Tail> tails, List<RowId> order) {
    public Braiding {
        tails = List.copyOf(tails);
        order = List.copyOf(order);
    }

    /**
     * The usual way for rows that end side by side: from both sides inward each is fed into the next, so that one end
     * stays loose in the middle; no two enter at one spot.
     *
     * @param ownHair its length decides which tails reach
     */
    public static Braiding of(Foundation foundation, OwnHair ownHair) {
        List<Row> ending =
                foundation.rows().stream().filter(r -> r.joins().isEmpty()).toList();
        int last = ending.size() - 1;
        int middle = ending.size() / 2;
        List<Tail> tails = new ArrayList<>();
        for (int i = 0; i <= last; i++) {
            Row row = ending.get(i);
            if (i == middle) {
                tails.add(Tail.loose(row.id(), Tail.Kind.LOOSE));
            } else {
                tails.add(Feed.of(row, ending.get(i < middle ? i + 1 : i - 1), ownHair, tails));
            }
        }
        return new Braiding(tails, order(foundation, tails));
    }

    /** The tails that enter no row. */
    public List<Tail> looseEnds() {
        return tails.stream().filter(t -> t.kind() != Tail.Kind.FED).toList();
    }

    /** The order in which rows are undone. */
    public List<RowId> takedown() {
        List<RowId> reverse = new ArrayList<>(order);
        Collections.reverse(reverse);
        return List.copyOf(reverse);
    }

    /** The greatest bulk of any place where a tail enters, relative to the row alone; at least 1. */
    public double greatestBulk() {
        return tails.stream().mapToDouble(Tail::bulk).max().orElse(1);
    }

    private static List<RowId> order(Foundation foundation, List<Tail> tails) {
        DirectedAcyclicGraph<RowId, DefaultEdge> before = new DirectedAcyclicGraph<>(DefaultEdge.class);
        foundation.rows().forEach(r -> before.addVertex(r.id()));
        foundation.rows().forEach(r -> r.joins().ifPresent(to -> before.addEdge(r.id(), to)));
        tails.forEach(t -> t.into().ifPresent(to -> before.addEdge(t.row(), to)));
        List<RowId> order = new ArrayList<>();
        new TopologicalOrderIterator<>(before, Comparator.<RowId>naturalOrder()).forEachRemaining(order::add);
        return order;
    }
}
