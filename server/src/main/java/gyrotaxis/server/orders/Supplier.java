package gyrotaxis.server.orders;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** Whoever sells hair: asked what there is, and for packs. Every call may take its time and may not be answered. */
interface Supplier {
    /** What is sold: as many packs are there as {@code item} says, 0 is told by leaving it out. */
    record Offer(Item item, long priceMinor, String currency) {}

    /**
     * What was promised.
     *
     * @param reference by which the supplier knows the order; at most {@link #MAX_REFERENCE_LENGTH} characters
     * @param due the day on which it is to come
     */
    record Promise(String reference, LocalDate due) {}

    /**
     * What came, or is on its way.
     *
     * @param number the how manyth of its order, from 1
     * @param comes the day
     * @param items what is in it, which need not be what was ordered
     * @param lot as the packs say
     */
    record Parcel(int number, LocalDate comes, List<Item> items, String lot) {
        public Parcel {
            items = List.copyOf(items);
        }
    }

    int MAX_REFERENCE_LENGTH = 200;

    /** What one of them sells. */
    List<Offer> catalogue(String supplier);

    /**
     * Orders.
     *
     * @param order the studio's own name for it: the same order twice is one order
     * @throws NotSold if something of it cannot be had
     */
    Promise order(String supplier, UUID order, List<Item> items);

    /** All parcels of an order, in order; those to come too. */
    List<Parcel> parcels(String supplier, UUID order, Promise promised, List<Item> items);

    /** Something cannot be had. The message says what, and what could be done. */
    final class NotSold extends RuntimeException {
        private static final long serialVersionUID = 1L;

        NotSold(String message) {
            super(message);
        }
    }
}
