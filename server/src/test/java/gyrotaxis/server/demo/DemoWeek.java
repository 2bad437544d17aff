package gyrotaxis.server.demo;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.diary.DiaryService;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shopping.ShoppingNeeds;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** The week before the regatta, with today in the middle of it: who sits, who comes, what is made ready. */
class DemoWeek {
    private static final Duration FIVE = Duration.ofMinutes(5);
    private static final int SINCE_BEGUN = 110;

    /** Nobody of today or tomorrow is without hair; further on, something is always still to be bought. */
    private static final int SHOPPED_DAYS = 2;

    private final DiaryService diary;
    private final PlanService plans;
    private final ShoppingNeeds errands;
    private final StockLedger ledger;
    private final Clock clock;

    DemoWeek(DiaryService diary, PlanService plans, ShoppingNeeds errands, StockLedger ledger, Clock clock) {
        this.diary = diary;
        this.plans = plans;
        this.errands = errands;
        this.ledger = ledger;
        this.clock = clock;
    }

    /** What is worked today. */
    record Today(UUID halfWay, UUID halfWayPlan, UUID finished, UUID finishedPlan, UUID notBegunPlan) {}

    void add(DemoPeople.Crew crew, Today today, List<UUID> otherPlans, List<DemoYear.Regular> regulars) {
        Instant now = rounded(clock.instant());
        Instant begun = now.minus(Duration.ofMinutes(SINCE_BEGUN));
        book(Occasion.INSTALL, crew, crew.orla(), begun, today.halfWayPlan(), Optional.of(today.halfWay()), false, "");
        Duration took = diary.length(Occasion.INSTALL, today.finishedPlan());
        Instant earlier = now.minus(Duration.ofMinutes(65)).minus(took);
        book(
                Occasion.INSTALL,
                crew,
                crew.bethan(),
                earlier,
                today.finishedPlan(),
                Optional.of(today.finished()),
                true,
                "");
        // The cox is next, by the door; her hair is prepared before.
        UUID cox = book(
                Occasion.INSTALL,
                crew,
                crew.bethan(),
                now.plus(Duration.ofMinutes(40)),
                today.notBegunPlan(),
                Optional.empty(),
                false,
                "with her mother");
        prepare(crew, crew.bethan(), now.minus(Duration.ofMinutes(20)), today.notBegunPlan(), cox);
        ahead(crew, otherPlans);
        behind(crew, regulars);
        for (int k = 0; k < regulars.size(); k++) {
            DemoYear.Regular who = regulars.get(k);
            Occasion what = List.of(Occasion.SLIP_CHECK, Occasion.TAKEDOWN, Occasion.INSTALL, Occasion.REFRESH)
                    .get(k % 4);
            Instant at = on(LocalDate.now(clock).plusDays(1 + k / 2), 11 + 3 * (k % 3), 0);
            UUID id = book(what, crew, who.by(), at, who.plan(), Optional.empty(), false, "");
            if (what == Occasion.INSTALL) {
                prepare(crew, who.by(), on(LocalDate.now(clock).plusDays(k / 2), 9 + k % 2, 0), who.plan(), id);
            }
        }
    }

    /** What was fetched the evening before. */
    void shop() {
        Instant evening = on(LocalDate.now(clock).minusDays(1), 18, 30);
        errands.ahead(SHOPPED_DAYS)
                .forEach(b -> ledger.add(b.packs().stream()
                        .map(p -> new Movement(
                                new StockItem.Packs(
                                        b.what().id(),
                                        b.colour(),
                                        "lot 47",
                                        p.size().loops()),
                                MovementReason.BOUGHT,
                                p.count()))
                        .map(m -> Moved.now(m, evening, Optional.empty(), Optional.empty(), "for the regatta"))
                        .toList()));
    }

    /** What was done since the week began. */
    private void behind(DemoPeople.Crew crew, List<DemoYear.Regular> regulars) {
        for (int k = 0; k < regulars.size(); k++) {
            DemoYear.Regular who = regulars.get(k);
            Occasion what = List.of(Occasion.TAKEDOWN, Occasion.SLIP_CHECK, Occasion.REFRESH)
                    .get(k % 3);
            book(
                    what,
                    crew,
                    who.by(),
                    on(LocalDate.now(clock).minusDays(1 + k % 5), 10 + 2 * (k / 5 % 4), 30 * (k % 2)),
                    who.plan(),
                    Optional.empty(),
                    true,
                    "");
        }
    }

    /** The other heads of the regatta, one a day for each of the two. */
    private void ahead(DemoPeople.Crew crew, List<UUID> otherPlans) {
        LocalDate today = LocalDate.now(clock);
        for (int k = 0; k < otherPlans.size(); k++) {
            StylistId by = k % 2 == 0 ? crew.orla() : crew.bethan();
            LocalDate day = today.plusDays(1 + k / 2);
            UUID id = book(
                    Occasion.INSTALL,
                    crew,
                    by,
                    on(day, k % 2 == 0 ? 9 : 14, 30),
                    otherPlans.get(k),
                    Optional.empty(),
                    false,
                    "");
            prepare(crew, by, on(day.minusDays(1), 17, 30 * (k % 2)), otherPlans.get(k), id);
        }
    }

    private void prepare(DemoPeople.Crew crew, StylistId by, Instant at, UUID plan, UUID install) {
        Planned p = plans.planned(plan).orElseThrow();
        diary.keep(new DiaryService.Entry(
                UUID.randomUUID(),
                Occasion.PREPARE,
                at,
                diary.length(Occasion.PREPARE, plan),
                Optional.of(crew.chairOf(by)),
                by,
                Optional.of(p.clientId()),
                Optional.of(plan),
                Optional.empty(),
                Optional.of(install),
                false,
                ""));
    }

    private UUID book(
            Occasion what,
            DemoPeople.Crew crew,
            StylistId by,
            Instant at,
            UUID plan,
            Optional<UUID> visit,
            boolean isDone,
            String note) {
        UUID id = UUID.randomUUID();
        Planned p = plans.planned(plan).orElseThrow();
        diary.keep(new DiaryService.Entry(
                id,
                what,
                at,
                diary.length(what, plan),
                Optional.of(crew.chairOf(by)),
                by,
                Optional.of(p.clientId()),
                Optional.of(plan),
                visit,
                Optional.empty(),
                isDone,
                note));
        return id;
    }

    private Instant on(LocalDate day, int hour, int minute) {
        return day.atTime(LocalTime.of(hour, minute)).atZone(clock.getZone()).toInstant();
    }

    private static Instant rounded(Instant at) {
        return Instant.ofEpochMilli(at.toEpochMilli() / FIVE.toMillis() * FIVE.toMillis());
    }
}
