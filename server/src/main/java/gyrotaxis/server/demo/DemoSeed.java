package gyrotaxis.server.demo;

import gyrotaxis.server.book.Book;
import gyrotaxis.server.book.Client;
import gyrotaxis.server.book.Head;
import gyrotaxis.server.plans.PlanDesk;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.Settings;
import gyrotaxis.server.shelf.Shelf;
import gyrotaxis.server.shelf.StockedLine;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty demo database with the made-up studio, once, before the first request can come. */
@Component
class DemoSeed implements SmartInitializingSingleton {
    private final Settings settings;
    private final MadeUpPlans madeUp;
    private final Shelf shelf;
    private final Book book;
    private final PlanDesk desk;
    private final DemoVisits visits;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final DemoPeople people;
    private final DemoYear year;
    private final DemoWeek week;
    private final Map<String, UUID> plans = new HashMap<>();
    private final Map<String, UUID> lines = new HashMap<>();

    DemoSeed(
            Settings settings,
            MadeUpPlans madeUp,
            Shelf shelf,
            Book book,
            PlanDesk desk,
            DemoVisits visits,
            Clock clock,
            TransactionTemplate transaction,
            DemoPeople people,
            DemoYear year,
            DemoWeek week) {
        this.settings = settings;
        this.madeUp = madeUp;
        this.shelf = shelf;
        this.book = book;
        this.desk = desk;
        this.visits = visits;
        this.clock = clock;
        this.transaction = transaction;
        this.people = people;
        this.year = year;
        this.week = week;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (settings.demo() && shelf.all().isEmpty() && book.isEmpty()) {
            DemoStudio studio = madeUp.studio();
            DemoPeople.Crew crew = transaction.execute(t -> people.add());
            transaction.executeWithoutResult(t -> shelve(studio));
            List<StockedLine> before = shelf.all();
            List<DemoYear.Regular> regulars = year.add(settings.demoVisits(), crew, studio, lines);
            transaction.executeWithoutResult(t -> before.forEach(year::counted));
            transaction.executeWithoutResult(t -> fill(studio));
            begin(crew, regulars);
        }
    }

    private void begin(DemoPeople.Crew crew, List<DemoYear.Regular> regulars) {
        visits.notBegun(named("Cox coils"));
        UUID finished = visits.finished(named("Big and quick"));
        UUID halfWay = visits.halfWay(named("Regatta deep wave"));
        week.add(
                crew,
                new DemoWeek.Today(
                        halfWay, named("Regatta deep wave"), finished, named("Big and quick"), named("Cox coils")),
                List.of(named("Ball curls"), named("Shoulder wave"), named("Prize giving silk"), named("Light twist")),
                regulars);
        week.shop();
    }

    private void shelve(DemoStudio studio) {
        studio.hairLines().forEach(body -> {
            StockedLine line = body.toLine(UUID.randomUUID());
            shelf.add(line);
            lines.put(line.hair().name(), line.id());
        });
    }

    private UUID named(String plan) {
        return Objects.requireNonNull(plans.get(plan), plan);
    }

    private void fill(DemoStudio studio) {
        for (DemoStudio.DemoClient c : studio.clients()) {
            Fields f = new Fields();
            UUID id = UUID.randomUUID();
            book.add(new Client(id, c.name(), c.wishes(), c.notes(), c.ownHair().check(f, ""), 1, clock.instant()));
            book.add(new Head(UUID.randomUUID(), id, clock.instant(), c.head().check(f, "")));
            for (DemoStudio.DemoPlan p : c.plans()) {
                UUID plan = desk.keep(
                        id,
                        p.name(),
                        p.brief(c.head(), c.ownHair()).withLines(name -> String.valueOf(lines.get(name))));
                plans.put(p.name(), plan);
            }
            f.orRefuse(() -> id);
        }
    }
}
