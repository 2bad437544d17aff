package gyrotaxis.server.shopping;

import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Need;
import gyrotaxis.core.stock.Shopping;
import gyrotaxis.core.stock.Sold;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.server.diary.Ahead;
import gyrotaxis.server.orders.OrderService;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import gyrotaxis.server.stock.StockLedger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Finds what is missing for the installs in the book. Plans are computed, so nothing here runs in a transaction. */
@Service
public class ShoppingNeeds {
    private final Ahead ahead;
    private final PlanService plans;
    private final Planning planning;
    private final HairLineRepository shelf;
    private final StockLedger ledger;
    private final OrderService orders;
    private final StudioDay day;

    ShoppingNeeds(
            Ahead ahead,
            PlanService plans,
            Planning planning,
            HairLineRepository shelf,
            StockLedger ledger,
            OrderService orders,
            StudioDay day) {
        this.orders = orders;
        this.ahead = ahead;
        this.plans = plans;
        this.planning = planning;
        this.shelf = shelf;
        this.ledger = ledger;
        this.day = day;
    }

    /** One install, what it needs of which line, and whose it is. */
    record Wanted(Ahead.Install install, Planned plan, List<Need> needs) {}

    /**
     * What is wanted, what there is, and what follows.
     *
     * @param lead days from the order until it comes, by supplier, where that was told
     */
    record Found(
            List<Wanted> wanted,
            List<Sold> sold,
            Map<String, Integer> lead,
            Stock stock,
            LocalDate today,
            Shopping list) {}

    /** What to buy for the installs of so many days, today's among them. */
    public List<Shopping.Buy> ahead(int days) {
        return found(days).list().buys();
    }

    Found found(int days) {
        List<Wanted> wanted =
                ahead.installs(days).stream().flatMap(i -> wanted(i).stream()).toList();
        LocalDate today = day.today();
        Map<String, Integer> lead = ledger.leadDays();
        List<Sold> sold = shelf.all().stream().map(l -> sold(l, lead)).toList();
        Stock stock = ledger.stock();
        Shopping list = Shopping.of(
                stock,
                ledger.setAside(),
                orders.coming(),
                wanted.stream().flatMap(w -> w.needs().stream()).toList(),
                sold,
                today);
        return new Found(wanted, sold, lead, stock, today, list);
    }

    private static Sold sold(StockedLine l, Map<String, Integer> lead) {
        return new Sold(
                new LineId(l.id()),
                l.hair(),
                l.supplier(),
                lead.getOrDefault(l.supplier(), HairLineRepository.USUAL_LEAD_DAYS));
    }

    /** What one install needs; a plan that cannot be made any more needs nothing that could be told. */
    private Optional<Wanted> wanted(Ahead.Install i) {
        return plans.planned(i.plan()).flatMap(p -> {
            try {
                InstallPlan plan = planning.plan(p.brief(), Optional.of(p.id()));
                List<UUID> hairs = p.brief().hairs();
                List<Need> needs = new ArrayList<>();
                for (int k = 0; k < plan.packs().lines().size() && k < hairs.size(); k++) {
                    PackCount c = plan.packs().lines().get(k);
                    needs.add(new Need(
                            p.id(),
                            i.ready(),
                            new LineId(hairs.get(k)),
                            plan.hooked().hairs().get(k).colour(),
                            c.neededLoops()));
                }
                return Optional.of(new Wanted(i, p, needs));
            } catch (FieldProblems cannotBePlanned) {
                return Optional.empty();
            }
        });
    }
}
