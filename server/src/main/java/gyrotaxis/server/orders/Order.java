package gyrotaxis.server.orders;

import gyrotaxis.server.orders.Supplier.Promise;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * What was ordered.
 *
 * @param lines as it was ordered, and what of it came
 * @param looked numbers of the parcels that were looked through
 * @param isClosed whether nothing more is expected of it
 */
record Order(
        UUID id,
        String supplier,
        Instant orderedAt,
        Promise promised,
        List<Line> lines,
        List<Integer> looked,
        boolean isClosed) {
    Order {
        lines = List.copyOf(lines);
        looked = List.copyOf(looked);
    }

    /** Packs that were ordered. @param came packs that came so and were kept, at least 0 */
    record Line(Item item, int came) {
        /** Packs that are still expected. */
        int left() {
            return Math.max(0, item.packs() - came);
        }
    }

    /** What the supplier was asked for. */
    List<Item> items() {
        return lines.stream().map(Line::item).toList();
    }
}
