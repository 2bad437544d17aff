package gyrotaxis.server.demo;

import gyrotaxis.core.care.FollowUp;
import gyrotaxis.core.care.FollowUp.Outcome;
import gyrotaxis.core.chair.Verdict;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.book.Client;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.book.Head;
import gyrotaxis.server.diary.DiaryService;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.plans.Frozen;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.StockedLine;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import gyrotaxis.server.visits.VisitService;
import gyrotaxis.server.visits.followup.FollowUpService;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;

/** The past year of the made-up studio: who came, what was worked by whom, how it wore. The same seed gives the same year. */
class DemoYear {
    private static final long SEED = 20_261_127;
    private static final int VISITS_EACH = 5;
    private static final int YEAR_DAYS = 365;

    /** Made up; nobody is called so. */
    private static final List<String> NAMES = List.of(
            "Zoë Lanternby",
            "Ingrith Løvsund",
            "Marisol Quayle",
            "Aoibhe Brackwater",
            "Dorrit Mainsel",
            "Elspeth Coaming",
            "Fenella Groyne",
            "Gwendal Tidewell",
            "Hesper Rollock",
            "Imelda Stanchion",
            "Jorunn Skäret",
            "Kezia Brekwater",
            "Lisbet Oarlock",
            "Myrtle Thwaite-Sound",
            "Nerys Cutwater",
            "Ottoline Bowsprit",
            "Perrine Dunnage",
            "Quenby Hawser",
            "Rosalba Capstan",
            "Sunniva Fairlead",
            "Thirza Gunnel",
            "Ursuline Painter");

    /** The plans of the studio that others are like, and what each of these heads wants. */
    private static final List<String> LIKE = List.of(
            "Regatta deep wave", "Shoulder wave", "Ball curls", "Prize giving silk", "Big and quick", "Light twist");

    private static final Map<String, String> CALLED = Map.of(
            "Regatta deep wave", "Deep wave, up for rowing",
            "Shoulder wave", "Loose, middle part",
            "Ball curls", "Full spring",
            "Prize giving silk", "Silk, left part",
            "Big and quick", "Before the shift",
            "Light twist", "Lasting twists");

    private static final List<String> WISHES = List.of(
            "Deep wave for the summer, must go up for rowing.",
            "Loose wave, middle part, nothing heavy.",
            "Full springy curl, off the face.",
            "Silky and long, parted on her left.",
            "Big, quick, before the shift starts.",
            "Light twists that last.");

    private final ClientRepository book;
    private final PlanService plans;
    private final VisitService visits;
    private final FollowUpService after;
    private final DiaryService diary;
    private final StockLedger ledger;
    private final Clock clock;

    DemoYear(
            ClientRepository book,
            PlanService plans,
            VisitService visits,
            FollowUpService after,
            DiaryService diary,
            StockLedger ledger,
            Clock clock) {
        this.book = book;
        this.plans = plans;
        this.visits = visits;
        this.after = after;
        this.diary = diary;
        this.ledger = ledger;
        this.clock = clock;
    }

    /** Somebody of that year: who does her, and the plan and sheet she is worked by. */
    record Regular(UUID client, UUID plan, StylistId by, String like) {}

    /** Adds so many visits, about; answers who came. */
    List<Regular> add(int many, DemoPeople.Crew crew, DemoStudio studio, Map<String, UUID> lines) {
        SplittableRandom r = new SplittableRandom(SEED);
        List<Regular> all = new ArrayList<>();
        int left = many;
        for (int n = 0; n < NAMES.size() && left > 0; n++) {
            DemoStudio.DemoPlan like = like(studio, LIKE.get(n % LIKE.size()));
            Regular who = regular(n, like, crew, r, lines);
            int visitsOfHers = Math.min(left, VISITS_EACH - 1 + r.nextInt(3));
            work(who, visitsOfHers, crew, r);
            left -= visitsOfHers;
            all.add(who);
        }
        return all;
    }

    /** A counting day at the end of it: of each line as much is there as the studio tells. */
    void counted(StockedLine line) {
        LineId id = new LineId(line.id());
        line.hair()
                .colours()
                .forEach(colour -> ledger.add(ledger
                        .stock(Set.of(id))
                        .counted(
                                id,
                                colour,
                                (long) line.loopsOnShelf(colour) * StockItem.PARTS,
                                line.hair().loopsPerPack())
                        .stream()
                        .map(m -> Moved.now(m, clock.instant(), Optional.empty(), Optional.empty(), "counting day"))
                        .toList()));
    }

    private static DemoStudio.DemoPlan like(DemoStudio studio, String name) {
        return studio.clients().stream()
                .flatMap(c -> c.plans().stream())
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private Regular regular(
            int n, DemoStudio.DemoPlan like, DemoPeople.Crew crew, SplittableRandom r, Map<String, UUID> lines) {
        double round = 548 + r.nextInt(8) * 5;
        HeadBody head = new HeadBody(
                round, Math.rint(round * 0.1272) * 5, Math.rint(round * 0.1166) * 5, null, null, null, null, null);
        Fields f = new Fields();
        Client client = new Client(
                UUID.randomUUID(),
                NAMES.get(n),
                WISHES.get(n % WISHES.size()),
                "",
                OwnHair.ordinary(),
                1,
                clock.instant().minus(Duration.ofDays(YEAR_DAYS)));
        book.add(client);
        book.add(new Head(
                UUID.randomUUID(),
                client.id(),
                clock.instant().minus(Duration.ofDays(YEAR_DAYS)),
                f.orRefuse(() -> head.check(f, ""))));
        UUID plan = plans.keep(
                client.id(),
                CALLED.getOrDefault(like.name(), like.name()),
                like.brief(head, null).withLines(name -> String.valueOf(lines.get(name))));
        return new Regular(client.id(), plan, n % 2 == 0 ? crew.orla() : crew.bethan(), like.name());
    }

    /** Some time before a visit, as many packs as it is planned to take. */
    private void bought(Frozen sheet, LocalDate day) {
        StoredWorksheet.SupplyForm main = sheet.sheet().supplies().get(0);
        UUID line = sheet.basis().orElseThrow().hairs() == null
                ? null
                : UUID.fromString(
                        String.valueOf(sheet.basis().orElseThrow().brief().hairLineId()));
        if (line == null) {
            return;
        }
        int pack = main.hair().loopsPerBundle() * main.hair().bundlesPerPack();
        StockItem.Packs packs = new StockItem.Packs(new LineId(line), main.colour(), "lot 41", pack);
        int many = (int) Math.ceil((double) (main.placedLoops() + main.reserveLoops()) / pack);
        ledger.add(List.of(Moved.now(
                new Movement(packs, MovementReason.BOUGHT, many),
                day.minusDays(5).atTime(11, 0).atZone(clock.getZone()).toInstant(),
                Optional.empty(),
                Optional.empty(),
                "")));
    }

    private void work(Regular who, int many, DemoPeople.Crew crew, SplittableRandom r) {
        Frozen frozen = plans.frozen(who.plan());
        UUID sheet = frozen.id();
        StoredWorksheet form = frozen.sheet();
        boolean isOrla = who.by().equals(crew.orla());
        LocalDate today = LocalDate.now(clock);
        LocalDate day = today.minusDays(8 + r.nextInt(25));
        for (int k = 0; k < many; k++) {
            UUID visit = UUID.randomUUID();
            bought(frozen, day);
            visits.beginFrom(visit, sheet, Optional.of(who.by().value()), day);
            // Not the last: whoever opens her page for the first time would take it for the rule.
            boolean isOdd = r.nextInt(14) == 0 && k > 0;
            double pace = (isOrla ? 1.12 : 0.9) * Math.exp(0.1 * r.nextGaussian()) * (isOdd ? 2.1 : 1);
            double waste = (isOrla ? 1.13 : 1.02) * Math.exp(0.06 * r.nextGaussian());
            boolean isSilky = who.like().equals("Prize giving silk");
            DemoWalk walk = new DemoWalk(
                    form,
                    1,
                    new DemoWalk.Way(
                            pace,
                            waste,
                            8 + r.nextInt(10),
                            isSilky ? r.nextInt(7) : r.nextInt(2),
                            isOrla ? "Orla" : "Bethan"));
            walk.finish();
            Instant end = day.atTime(12 + r.nextInt(5), 5 * r.nextInt(12))
                    .atZone(clock.getZone())
                    .toInstant();
            visits.tell(visit, walk.until(end));
            wear(visit, who, day, today, form, walk, r);
            diary.keep(new DiaryService.Entry(
                    UUID.randomUUID(),
                    Occasion.INSTALL,
                    end.minus(walk.inChair()),
                    walk.inChair().plusMinutes(5),
                    Optional.of(crew.chairOf(who.by())),
                    who.by(),
                    Optional.of(who.client()),
                    Optional.of(who.plan()),
                    Optional.of(visit),
                    Optional.empty(),
                    true,
                    ""));
            day = day.minusDays(49 + r.nextInt(28));
        }
    }

    /** How it wore until today, as far as it was told. */
    private void wear(
            UUID visit,
            Regular who,
            LocalDate day,
            LocalDate today,
            StoredWorksheet form,
            DemoWalk walk,
            SplittableRandom r) {
        boolean isSilky = who.like().equals("Prize giving silk");
        tell(
                visit,
                FollowUp.NEXT_DAY_FILL,
                r.nextInt(3) == 0 ? Outcome.DONE : Outcome.NOT_NEEDED,
                day.plusDays(1),
                today);
        tell(
                visit,
                FollowUp.SLIP_CHECK,
                isSilky && r.nextBoolean() ? Outcome.FEW_SLID : Outcome.HELD,
                day.plusDays(6 + r.nextInt(3)),
                today);
        tell(
                visit,
                FollowUp.LOOK,
                isSilky ? Outcome.FLATTER : r.nextInt(3) == 0 ? Outcome.FLATTER : Outcome.AS_ON_THE_DAY,
                day.plusDays(7),
                today);
        tell(
                visit,
                FollowUp.OIL,
                r.nextInt(9) == 0 ? Outcome.ITCHED : Outcome.WELL,
                day.plusDays(10 + r.nextInt(3)),
                today);
        tell(visit, FollowUp.FRIZZ_TRIM, Outcome.DONE, day.plusDays(11 + r.nextInt(7)), today);
        LocalDate down = day.plusDays(35 + r.nextInt(10));
        if (down.isBefore(today)) {
            tell(visit, FollowUp.REFRESH, Outcome.NOT_NEEDED, day.plusDays(28), today);
            List<VisitEvent> seen = new ArrayList<>();
            if (r.nextInt(4) == 0) {
                seen.add(new VisitEvent.LoopsKept(0, 10 + r.nextInt(30), StockItem.Grade.FAIR));
            }
            seen.add(new VisitEvent.SkinSeen(r.nextInt(8) == 0 ? Set.of(ScalpCondition.TENDER) : Set.of(), ""));
            seen.add(new VisitEvent.Judged(
                    isSilky ? Set.of(Verdict.MORE_PASSES) : r.nextInt(3) == 0 ? Set.of(Verdict.LESS_HAIR) : Set.of(),
                    ""));
            Instant at =
                    down.atTime(15, 5 * r.nextInt(12)).atZone(clock.getZone()).toInstant();
            visits.tell(visit, walk.takenDown(at, 55 + r.nextInt(40), seen));
            tell(visit, FollowUp.REST, Outcome.DONE, down.plusDays(9), today);
        }
    }

    private void tell(UUID visit, FollowUp what, Outcome outcome, LocalDate on, LocalDate today) {
        if (on.isBefore(today)) {
            after.tell(visit, what, outcome, on);
        }
    }
}
