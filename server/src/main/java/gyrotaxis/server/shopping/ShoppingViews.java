package gyrotaxis.server.shopping;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What is answered about what to buy. */
final class ShoppingViews {
    private ShoppingViews() {}

    /** What is to be bought, by supplier, and how far the shelf meets what is planned. */
    record ShoppingView(int days, List<SupplierList> suppliers, List<MetView> met) {}

    /** What is to be bought of one supplier; {@code costMinor} of all. */
    record SupplierList(String supplier, int leadDays, List<BuyView> buys, long costMinor, String currency) {}

    /**
     * One line in one colour.
     *
     * @param sizes how many packs of which size
     * @param late what happens if it comes late, in a sentence
     * @param isLate whether it comes too late even if it is ordered today
     * @param instead what could be taken in its place, the nearest first
     */
    record BuyView(
            UUID lineId,
            String lineName,
            String colour,
            int missingLoops,
            int packs,
            String packWords,
            List<PacksView> sizes,
            long costMinor,
            LocalDate orderBy,
            boolean isLate,
            String late,
            List<ForView> forWhom,
            List<InsteadView> instead) {}

    /** So many packs of as many loops. */
    record PacksView(int count, int loops) {}

    /** Whom it is for. */
    record ForView(UUID planId, String clientName, LocalDate ready, int missingLoops) {}

    /** What could be taken in its place. */
    record InsteadView(UUID lineId, String lineName, String colour, int loops, boolean isSameLine) {}

    /** How far the shelf meets what one plan needs. */
    record MetView(
            UUID planId,
            String planName,
            UUID clientId,
            String clientName,
            LocalDate day,
            LocalDate ready,
            UUID lineId,
            String lineName,
            String colour,
            int neededLoops,
            int fromShelf,
            int coming,
            int missing) {}
}
