package gyrotaxis.server.shopping;

import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.stock.Need;
import gyrotaxis.core.stock.Shopping;
import gyrotaxis.core.stock.Substitution;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shopping.ShoppingNeeds.Wanted;
import gyrotaxis.server.shopping.ShoppingViews.BuyView;
import gyrotaxis.server.shopping.ShoppingViews.ForView;
import gyrotaxis.server.shopping.ShoppingViews.InsteadView;
import gyrotaxis.server.shopping.ShoppingViews.MetView;
import gyrotaxis.server.shopping.ShoppingViews.PacksView;
import gyrotaxis.server.shopping.ShoppingViews.ShoppingView;
import gyrotaxis.server.shopping.ShoppingViews.SupplierList;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Says what is to be bought, of whom and for whom. */
@Service
class ShoppingService {
    private static final Interval DAYS = new Interval(1, 60);
    private static final int MAX_INSTEAD = 3;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE", Locale.UK);

    private final ShoppingNeeds errands;
    private final ClientRepository book;

    ShoppingService(ShoppingNeeds errands, ClientRepository book) {
        this.errands = errands;
        this.book = book;
    }

    /** What is paid to one supplier in one currency. */
    private record Bill(String supplier, Currency currency) {
        static Bill of(Shopping.Buy b) {
            return new Bill(b.what().supplier(), b.cost().currency());
        }
    }

    ShoppingView list(int asked) {
        Fields f = new Fields();
        int days = f.whole("days", "How many days ahead", asked, DAYS);
        return f.orRefuse(() -> listed(days));
    }

    private ShoppingView listed(int days) {
        ShoppingNeeds.Found found = errands.found(days);
        List<Wanted> wanted = found.wanted();
        Shopping list = found.list();
        Map<UUID, String> clients =
                book.names(wanted.stream().map(w -> w.install().client()).collect(Collectors.toSet()));
        Map<UUID, Wanted> byPlan =
                wanted.stream().collect(Collectors.toMap(w -> w.plan().id(), Function.identity(), (a, b) -> a));
        Map<UUID, String> lines = found.sold().stream()
                .collect(Collectors.toMap(s -> s.id().value(), s -> s.line().name()));
        Map<Bill, List<Shopping.Buy>> bills =
                list.buys().stream().collect(Collectors.groupingBy(Bill::of, LinkedHashMap::new, Collectors.toList()));
        List<SupplierList> suppliers = new ArrayList<>();
        bills.forEach((bill, buys) -> suppliers.add(new SupplierList(
                bill.supplier(),
                found.lead().getOrDefault(bill.supplier(), HairLineRepository.USUAL_LEAD_DAYS),
                buys.stream().map(b -> view(b, found, clients, byPlan, lines)).toList(),
                buys.stream()
                        .map(Shopping.Buy::cost)
                        .reduce(new Money(0, bill.currency()), Money::plus)
                        .minor(),
                bill.currency().getCurrencyCode())));
        return new ShoppingView(
                days,
                suppliers,
                list.met().stream().map(m -> met(m, clients, byPlan, lines)).toList());
    }

    private static BuyView view(
            Shopping.Buy b,
            ShoppingNeeds.Found found,
            Map<UUID, String> clients,
            Map<UUID, Wanted> byPlan,
            Map<UUID, String> lines) {
        return new BuyView(
                b.what().id().value(),
                b.what().line().name(),
                b.colour(),
                b.missing(),
                b.packs().stream().mapToInt(PackCount.Bought::count).sum(),
                b.packs().stream()
                        .map(p -> p.count() + " of " + p.size().loops())
                        .collect(Collectors.joining(" and ")),
                b.packs().stream()
                        .map(p -> new PacksView(p.count(), p.size().loops()))
                        .toList(),
                b.cost().minor(),
                b.orderBy(),
                b.spareDays() < 0,
                late(b, clients, byPlan, found.today()),
                b.forWhom().stream()
                        .map(n ->
                                new ForView(n.forWhom(), client(n, clients, byPlan), n.by(), missing(found.list(), n)))
                        .toList(),
                Substitution.of(b.what(), b.colour(), found.sold(), found.stock(), MAX_INSTEAD).stream()
                        .map(i -> new InsteadView(
                                i.line().value(),
                                lines.getOrDefault(i.line().value(), ""),
                                i.colour(),
                                i.loops(),
                                i.isSameLine()))
                        .toList());
    }

    private static int missing(Shopping list, Need n) {
        return list.met().stream()
                .filter(m -> m.need().equals(n))
                .mapToInt(Shopping.Met::missing)
                .sum();
    }

    private static String client(Need n, Map<UUID, String> clients, Map<UUID, Wanted> byPlan) {
        Wanted w = byPlan.get(n.forWhom());
        return w == null ? "" : clients.getOrDefault(w.install().client(), "");
    }

    /** "Ordered today it may come 2 days late; later, Wen Ashdown has none on Thursday." */
    private static String late(Shopping.Buy b, Map<UUID, String> clients, Map<UUID, Wanted> byPlan, LocalDate today) {
        Need first = b.lateFor().isEmpty() ? b.forWhom().get(0) : b.lateFor().get(0);
        String who = client(first, clients, byPlan)
                + (first.by().equals(today) ? " today" : " on " + DAY.format(first.by()));
        if (b.spareDays() < 0) {
            int days = -b.spareDays();
            return "Ordered today it comes " + days + (days == 1 ? " day" : " days") + " too late for " + who + ".";
        }
        return b.spareDays() == 0
                ? "Ordered today it comes just in time; a day late, and it is not there for " + who + "."
                : "Ordered today it may come " + b.spareDays() + (b.spareDays() == 1 ? " day" : " days")
                        + " late; later, and it is not there for " + who + ".";
    }

    private static MetView met(
            Shopping.Met m, Map<UUID, String> clients, Map<UUID, Wanted> byPlan, Map<UUID, String> lines) {
        Wanted w = Objects.requireNonNull(byPlan.get(m.need().forWhom()));
        return new MetView(
                w.plan().id(),
                w.plan().name(),
                w.install().client(),
                clients.getOrDefault(w.install().client(), ""),
                w.install().day(),
                w.install().ready(),
                m.need().line().value(),
                lines.getOrDefault(m.need().line().value(), ""),
                m.need().colour(),
                m.need().loops(),
                m.fromShelf(),
                m.coming(),
                m.missing());
    }
}
