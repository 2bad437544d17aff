package gyrotaxis.server.shopping;

import gyrotaxis.core.quantity.Money;
import gyrotaxis.server.paper.Papers;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.shopping.ShoppingViews.BuyView;
import gyrotaxis.server.shopping.ShoppingViews.ForView;
import gyrotaxis.server.shopping.ShoppingViews.ShoppingView;
import gyrotaxis.server.shopping.ShoppingViews.SupplierList;
import gyrotaxis.server.tables.Table;
import gyrotaxis.server.tables.Tables;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The shopping list to take along: on paper, and as a table. */
@Component
class ShoppingPaper {
    static final List<String> COLUMNS = List.of(
            "supplier",
            "hair",
            "colour",
            "packs",
            "pack sizes",
            "loops missing",
            "cost",
            "currency",
            "order by",
            "for");

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.UK);

    private static final DateTimeFormatter SHORT_DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    private final Papers papers;
    private final StudioDay studioDay;

    ShoppingPaper(Papers papers, StudioDay studioDay) {
        this.papers = papers;
        this.studioDay = studioDay;
    }

    byte[] table(ShoppingView list) {
        List<List<String>> rows = new ArrayList<>();
        for (SupplierList supplier : list.suppliers()) {
            for (BuyView b : supplier.buys()) {
                rows.add(List.of(
                        supplier.supplier(),
                        b.lineName(),
                        b.colour(),
                        String.valueOf(b.packs()),
                        b.packWords(),
                        String.valueOf(b.missingLoops()),
                        Money.of(b.costMinor(), supplier.currency()).amount(),
                        supplier.currency(),
                        b.orderBy().toString(),
                        whom(b)));
            }
        }
        return Tables.write(new Table(COLUMNS, rows));
    }

    /** One line of the list, as it is written. */
    record BuyLine(String packs, String hair, String cost, String orderBy, boolean isLate, String whom) {}

    /** What is bought of one supplier, as it is written. */
    record SupplierLines(String supplier, String total, List<BuyLine> lines) {}

    byte[] paper(ShoppingView list) {
        Map<String, Object> values = new HashMap<>();
        values.put("day", DAY.format(studioDay.today()));
        values.put("days", list.days());
        values.put(
                "suppliers", list.suppliers().stream().map(ShoppingPaper::lines).toList());
        return papers.pdf("shopping", values);
    }

    private static SupplierLines lines(SupplierList s) {
        return new SupplierLines(
                s.supplier(),
                Money.of(s.costMinor(), s.currency()).words(),
                s.buys().stream()
                        .map(b -> new BuyLine(
                                b.sizes().stream()
                                        .map(p -> p.count() + (p.count() == 1 ? " pack of " : " packs of ") + p.loops())
                                        .collect(Collectors.joining(", ")),
                                b.lineName() + ", " + b.colour(),
                                Money.of(b.costMinor(), s.currency()).amount(),
                                SHORT_DAY.format(b.orderBy()),
                                b.isLate(),
                                whom(b)))
                        .toList());
    }

    private static String whom(BuyView b) {
        return b.forWhom().stream()
                .map(ForView::clientName)
                .filter(n -> !n.isEmpty())
                .distinct()
                .collect(Collectors.joining(", "));
    }
}
