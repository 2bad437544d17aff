package gyrotaxis.core.braiding;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.row.LostEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.TailEnd;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Where the tails of a foundation end, and the order of braiding that follows.
 *
 * <p>A row that is fed into another, joins it or is laid under it has to be braided first: a directed graph without cycle.
 * Its topological order is the braiding order, its reverse that of takedown. Threading comes after all braiding and binds
 * no order.
 *
 * @param tails the tail of every row that joins no other, in the order of the rows
 * @param order all rows, in the order in which they are braided
 * @param lostChoices tails chosen by hand that make no sense any more
 */
public record Braiding(List<Tail> tails, List<RowId> order, List<LostEdit> lostChoices) {
    public Braiding {
        tails = List.copyOf(tails);
        order = List.copyOf(order);
        lostChoices = List.copyOf(lostChoices);
    }

    /** The tail of a row, if it has one of its own. */
    public Optional<Tail> tailOf(RowId row) {
        return tails.stream().filter(t -> t.row().equals(row)).findFirst();
    }

    /** The tails that nothing holds. */
    public List<Tail> looseEnds() {
        return tails.stream().filter(t -> !t.end().isSecured()).toList();
    }

    /** The order in which rows are undone. */
    public List<RowId> takedown() {
        List<RowId> reverse = new ArrayList<>(order);
        Collections.reverse(reverse);
        return List.copyOf(reverse);
    }

    /**
     * One row that has to be braided before another.
     *
     * @param first the one that ends in the other
     * @param then the one that takes it in
     */
    public record Bind(RowId first, RowId then) {}

    /** What binds the order of braiding: a row that joins another, is fed into it or laid under it comes first; threading binds nothing. */
    public List<Bind> binds(Foundation foundation) {
        List<Bind> binds = new ArrayList<>();
        foundation.rows().forEach(r -> r.joins().ifPresent(to -> binds.add(new Bind(r.id(), to))));
        for (Tail t : tails) {
            if (t.end() != TailEnd.THREADED) {
                t.into().ifPresent(to -> binds.add(new Bind(t.row(), to)));
            }
        }
        return List.copyOf(binds);
    }

    /** The greatest bulk of any place where a tail enters, relative to the row alone; at least 1. */
    public double greatestBulk() {
        return tails.stream().mapToDouble(Tail::bulk).max().orElse(1);
    }
}
