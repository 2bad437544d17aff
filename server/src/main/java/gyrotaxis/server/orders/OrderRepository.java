package gyrotaxis.server.orders;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** The orders a studio keeps. */
interface OrderRepository {
    /** Those of which something is still expected, the oldest first. */
    List<Order> open();

    /** Those of which nothing is, the newest first, at most so many. */
    List<Order> closed(int most);

    Optional<Order> find(UUID id);

    void add(Order order);

    /**
     * Says that a parcel was looked through; false if it was already.
     *
     * @param came packs that were kept as they were ordered, by the places of the order's lines
     */
    boolean look(UUID order, int parcel, Instant at, String sentBack, Map<Integer, Integer> came);

    void close(UUID order);
}
