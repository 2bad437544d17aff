package gyrotaxis.server.orders;

import gyrotaxis.server.orders.Supplier.Promise;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * What was ordered.
 *
 * @param items as it was ordered
 * @param looked numbers of the parcels that were looked through
 * @param isClosed whether nothing more is expected of it
 */
record Order(
        UUID id,
        String supplier,
        Instant orderedAt,
        Promise promised,
        List<Item> items,
        List<Integer> looked,
        boolean isClosed) {
    Order {
        items = List.copyOf(items);
        looked = List.copyOf(looked);
    }
}
