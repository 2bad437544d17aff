package gyrotaxis.server.demo;

import static gyrotaxis.server.db.Tables.STUDIO;

import gyrotaxis.server.book.Client;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.book.Head;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.beans.factory.config.AutowireCapableBeanFactory;
import org.springframework.context.ApplicationContext;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Fills an empty database with the made-up studio: plans its heads, works its visits, gives its times.
 *
 * <p>That takes a minute; the product starts with the book that came of it.
 */
final class DemoStudioWriter {
    private final MadeUpPlans madeUp;
    private final HairLineRepository shelf;
    private final ClientRepository book;
    private final PlanService service;
    private final DemoVisits visits;
    private final Clock clock;
    private final DSLContext db;
    private final TransactionTemplate transaction;
    private final DemoPeople people;
    private final DemoYear year;
    private final DemoWeek week;
    private final Map<String, UUID> plans = new HashMap<>();
    private final Map<String, UUID> lines = new HashMap<>();

    /** @param server an application on an empty database */
    DemoStudioWriter(ApplicationContext server) {
        AutowireCapableBeanFactory beans = server.getAutowireCapableBeanFactory();
        this.madeUp = server.getBean(MadeUpPlans.class);
        this.shelf = server.getBean(HairLineRepository.class);
        this.book = server.getBean(ClientRepository.class);
        this.service = server.getBean(PlanService.class);
        this.clock = server.getBean(Clock.class);
        this.db = server.getBean(DSLContext.class);
        this.transaction = server.getBean(TransactionTemplate.class);
        this.visits = beans.createBean(DemoVisits.class);
        this.people = beans.createBean(DemoPeople.class);
        this.year = beans.createBean(DemoYear.class);
        this.week = beans.createBean(DemoWeek.class);
    }

    /** @param visitsOfTheYear how many visits of its past year are made up, about */
    void write(int visitsOfTheYear) {
        DemoStudio studio = madeUp.studio();
        DemoPeople.Crew crew = transaction.execute(t -> people.add());
        transaction.executeWithoutResult(t -> shelve(studio));
        List<StockedLine> before = shelf.all();
        List<DemoYear.Regular> regulars = year.add(visitsOfTheYear, crew, studio, lines);
        transaction.executeWithoutResult(t -> before.forEach(year::counted));
        transaction.executeWithoutResult(t -> fill(studio));
        begin(crew, regulars);
        transaction.executeWithoutResult(t -> liveWhereItIsOpened());
    }

    /** It keeps no zone of the machine on which it was written: its clock is that of the machine on which it is opened. */
    private void liveWhereItIsOpened() {
        db.update(STUDIO).setNull(STUDIO.ZONE).execute();
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
                UUID plan = service.keep(
                        id,
                        p.name(),
                        p.brief(c.head(), c.ownHair()).withLines(name -> String.valueOf(lines.get(name))));
                plans.put(p.name(), plan);
            }
            f.orRefuse(() -> id);
        }
    }
}
