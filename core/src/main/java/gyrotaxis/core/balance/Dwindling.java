package gyrotaxis.core.balance;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * Things to choose from, best first, whose worth only becomes less as others are chosen: what was worth less than the best is now when it
 * was last looked at need not be looked at again.
 */
final class Dwindling<T> {
    private final ToDoubleFunction<T> worth;
    private final PriorityQueue<Ranked<T>> open = new PriorityQueue<>(
            Comparator.comparingDouble((Ranked<T> r) -> r.worth()).reversed());

    /** One of them, and what it was worth when it was last looked at. */
    record Ranked<T>(T what, double worth) {}

    /**
     * All that there is to choose from.
     *
     * @param worth what one is worth now; must not grow while others are taken
     */
    Dwindling(Collection<T> all, ToDoubleFunction<T> worth) {
        this.worth = worth;
        all.forEach(t -> open.add(new Ranked<>(t, worth.applyAsDouble(t))));
    }

    /** Takes out the best as things are now; empty once nothing is left. */
    Optional<Ranked<T>> takeBest() {
        while (!open.isEmpty()) {
            T first = open.remove().what();
            Ranked<T> now = new Ranked<>(first, worth.applyAsDouble(first));
            Ranked<T> next = open.peek();
            if (next == null || now.worth() >= next.worth()) {
                return Optional.of(now);
            }
            open.add(now);
        }
        return Optional.empty();
    }

    /** Takes out all that are of no use any more. */
    void drop(Predicate<T> useless) {
        open.removeIf(r -> useless.test(r.what()));
    }
}
