package gyrotaxis.server.orders;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked and answered of orders. */
final class OrderBodies {
    private OrderBodies() {}

    /** Packs that are wanted. */
    record OrderItemBody(
            @Nullable String lineId,
            @Nullable String colour,
            @Nullable Integer packs,
            @Nullable Integer loops) {}

    /** An order; {@code id} is made by whoever orders, so that ordering twice orders once. */
    record OrderBody(
            @Nullable String id,
            @Nullable String supplier,
            @Nullable List<OrderItemBody> items) {}

    /** What of a parcel goes on the shelf, by the places in it; the rest goes back. */
    record ParcelBody(@Nullable List<Integer> kept) {}

    /** Packs of something. @param came how many of those that were ordered are on the shelf */
    record OrderedView(UUID lineId, String lineName, String colour, int packs, int loops, int came) {}

    /** What is in a parcel. @param otherwise what is not as it was ordered; empty if it is */
    record PackedView(UUID lineId, String lineName, String colour, int packs, int loops, String otherwise) {}

    /**
     * A parcel.
     *
     * @param isHere whether its day has come
     * @param isLooked whether it was looked through
     */
    record ParcelView(
            int number, LocalDate comes, boolean isHere, boolean isLooked, String lot, List<PackedView> items) {}

    /**
     * An order.
     *
     * @param due the day that was promised
     * @param late what is to be said where it comes later; empty if it does not
     * @param missing what did not come though nothing more is expected; empty if nothing is
     */
    record OrderView(
            UUID id,
            String supplier,
            LocalDate orderedOn,
            LocalDate due,
            String late,
            String missing,
            boolean isClosed,
            List<OrderedView> items,
            List<ParcelView> parcels) {}

    /** Packs of a line and colour that were ordered and are not here. */
    record OnTheWayView(UUID lineId, String colour, int packs, int loops, LocalDate due) {}

    record OrdersView(List<OrderView> open, List<OrderView> closed, List<OnTheWayView> onTheWay) {}

    /** What a supplier has. */
    record PackOfferView(
            UUID lineId, String lineName, String colour, int packs, int loops, long priceMinor, String currency) {}
}
