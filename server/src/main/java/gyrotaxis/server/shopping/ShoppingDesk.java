package gyrotaxis.server.shopping;

import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.stock.Instead;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Need;
import gyrotaxis.core.stock.Shopping;
import gyrotaxis.core.stock.Sold;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.server.book.Book;
import gyrotaxis.server.diary.Ahead;
import gyrotaxis.server.people.People;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanDesk;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.Shelf;
import gyrotaxis.server.shelf.StockedLine;
import gyrotaxis.server.shopping.ShoppingViews.BuyView;
import gyrotaxis.server.shopping.ShoppingViews.ForView;
import gyrotaxis.server.shopping.ShoppingViews.InsteadView;
import gyrotaxis.server.shopping.ShoppingViews.MetView;
import gyrotaxis.server.shopping.ShoppingViews.PacksView;
import gyrotaxis.server.shopping.ShoppingViews.ShoppingView;
import gyrotaxis.server.shopping.ShoppingViews.SupplierList;
import gyrotaxis.server.stock.Ledger;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Puts together what is to be bought. Plans are computed, so nothing here runs in a transaction. */
@Service
class ShoppingDesk {
    private static final Interval DAYS = new Interval(1, 60);
    private static final int MOST_INSTEAD = 3;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE", Locale.UK);

    private final Ahead ahead;
    private final PlanDesk plans;
    private final Planning planning;
    private final Shelf shelf;
    private final Ledger ledger;
    private final Book book;
    private final People people;
    private final StudioDay day;

    ShoppingDesk(
            Ahead ahead,
            PlanDesk plans,
            Planning planning,
            Shelf shelf,
            Ledger ledger,
            Book book,
            People people,
            StudioDay day) {
        this.ahead = ahead;
        this.plans = plans;
        this.planning = planning;
        this.shelf = shelf;
        this.ledger = ledger;
        this.book = book;
        this.people = people;
        this.day = day;
    }

    /** One install, what it needs of which line, and whose it is. */
    private record Wanted(Ahead.Install install, Planned plan, List<Need> needs) {}

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
        List<Wanted> wanted =
                ahead.installs(days).stream().flatMap(i -> wanted(i).stream()).toList();
        LocalDate today = day.today();
        Map<String, Integer> lead = ledger.leadDays();
        List<Sold> sold = shelf.all().stream().map(l -> sold(l, lead)).toList();
        Stock stock = ledger.stock();
        Shopping list = Shopping.of(
                stock,
                ledger.setAside(),
                wanted.stream().flatMap(w -> w.needs().stream()).toList(),
                sold,
                today);
        Map<UUID, String> clients =
                book.names(wanted.stream().map(w -> w.install().client()).collect(Collectors.toSet()));
        Map<UUID, Wanted> byPlan =
                wanted.stream().collect(Collectors.toMap(w -> w.plan().id(), Function.identity(), (a, b) -> a));
        Map<UUID, String> lines = sold.stream()
                .collect(Collectors.toMap(s -> s.id().value(), s -> s.line().name()));
        Map<Bill, List<Shopping.Buy>> bills =
                list.buys().stream().collect(Collectors.groupingBy(Bill::of, LinkedHashMap::new, Collectors.toList()));
        List<SupplierList> suppliers = new ArrayList<>();
        bills.forEach((bill, buys) -> suppliers.add(new SupplierList(
                bill.supplier(),
                lead.getOrDefault(bill.supplier(), Shelf.USUAL_LEAD_DAYS),
                buys.stream()
                        .map(b -> view(b, list, clients, byPlan, lines, sold, stock, today))
                        .toList(),
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

    private static Sold sold(StockedLine l, Map<String, Integer> lead) {
        return new Sold(
                new LineId(l.id()), l.hair(), l.supplier(), lead.getOrDefault(l.supplier(), Shelf.USUAL_LEAD_DAYS));
    }

    /** What one install needs; a plan that cannot be made any more needs nothing that could be told. */
    private Optional<Wanted> wanted(Ahead.Install i) {
        return plans.planned(i.plan()).flatMap(p -> {
            try {
                InstallPlan plan = planning.plan(p.brief(), Optional.of(p.id()));
                List<UUID> ids = new ArrayList<>();
                ids.add(p.brief().mainHair().orElseThrow());
                if (p.brief().hooking() != null && p.brief().hooking().mix() != null) {
                    p.brief().hooking().mix().lineIds().forEach(ids::add);
                }
                List<Need> needs = new ArrayList<>();
                for (int k = 0; k < plan.packs().lines().size() && k < ids.size(); k++) {
                    PackCount c = plan.packs().lines().get(k);
                    needs.add(new Need(
                            p.id(),
                            i.ready(),
                            new LineId(ids.get(k)),
                            plan.hooked().hairs().get(k).colour(),
                            c.neededLoops()));
                }
                return Optional.of(new Wanted(i, p, needs));
            } catch (FieldProblems cannotBePlanned) {
                return Optional.empty();
            }
        });
    }

    private static BuyView view(
            Shopping.Buy b,
            Shopping list,
            Map<UUID, String> clients,
            Map<UUID, Wanted> byPlan,
            Map<UUID, String> lines,
            List<Sold> sold,
            Stock stock,
            LocalDate today) {
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
                late(b, clients, byPlan, today),
                b.forWhom().stream()
                        .map(n -> new ForView(n.forWhom(), client(n, clients, byPlan), n.by(), missing(list, n)))
                        .toList(),
                Instead.of(b.what(), b.colour(), sold, stock, MOST_INSTEAD).stream()
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
                m.missing());
    }
}
