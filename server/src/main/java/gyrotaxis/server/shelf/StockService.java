package gyrotaxis.server.shelf;

import gyrotaxis.core.hair.Tint;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.SetAside;
import gyrotaxis.core.stock.Sold;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.StockViews.AsideBody;
import gyrotaxis.server.shelf.StockViews.AsideView;
import gyrotaxis.server.shelf.StockViews.ColourStock;
import gyrotaxis.server.shelf.StockViews.CountBody;
import gyrotaxis.server.shelf.StockViews.GradeWords;
import gyrotaxis.server.shelf.StockViews.LeadBody;
import gyrotaxis.server.shelf.StockViews.LoopStock;
import gyrotaxis.server.shelf.StockViews.MoveBody;
import gyrotaxis.server.shelf.StockViews.MoveView;
import gyrotaxis.server.shelf.StockViews.PackStock;
import gyrotaxis.server.shelf.StockViews.StockView;
import gyrotaxis.server.shelf.StockViews.SupplierView;
import gyrotaxis.server.shelf.StockViews.ThingKind;
import gyrotaxis.server.shelf.StockViews.ThingStock;
import gyrotaxis.server.shelf.StockViews.WashedStock;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows what is on the shelf, and keeps what comes and goes. */
@Retryable(includes = ConcurrencyFailureException.class, maxRetries = 5, delay = 20, jitter = 20, multiplier = 2)
@Service
@Transactional
class StockService {
    private static final int PAGE = 60;
    private static final int MAX_NAME_LENGTH = 80;
    private static final Interval DAYS = new Interval(0, Sold.MAX_DAYS);
    private static final Interval LOOPS = new Interval(0, 10_000);

    private final StockLedger ledger;
    private final HairLineRepository shelf;
    private final ForWhom forWhom;
    private final PeopleRepository people;
    private final StockItems goods;
    private final Clock clock;

    StockService(StockLedger ledger, HairLineRepository shelf, ForWhom forWhom, PeopleRepository people, Clock clock) {
        this.ledger = ledger;
        this.shelf = shelf;
        this.forWhom = forWhom;
        this.people = people;
        this.goods = new StockItems(shelf::find);
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    StockView all() {
        Stock stock = ledger.stock();
        List<SetAside> aside = ledger.setAside();
        Map<UUID, ForWhom.Named> names =
                forWhom.named(aside.stream().map(SetAside::forWhom).collect(Collectors.toSet()));
        List<ColourStock> hair = new ArrayList<>();
        for (StockedLine line : shelf.all()) {
            Set<String> colours = new TreeSet<>(line.hair().colours());
            stock.amounts().keySet().forEach(g -> {
                if (g instanceof StockItem.OfHair h && h.line().value().equals(line.id())) {
                    colours.add(h.colour());
                }
            });
            colours.forEach(c -> hair.add(colour(line, c, stock, aside, names)));
        }
        List<ThingStock> things = new ArrayList<>();
        stock.amounts().forEach((good, amount) -> {
            if (good instanceof StockItem.Thing t) {
                things.add(new ThingStock(
                        t.kind(), t.kind().words(), t.what(), t.unit().words(), StockItems.said(amount, t)));
            }
        });
        Map<String, Integer> lead = ledger.leadDays();
        return new StockView(
                hair,
                things,
                Arrays.stream(StockItem.Kind.values())
                        .map(k -> new ThingKind(k, k.words(), k.unit().words()))
                        .toList(),
                Arrays.stream(StockItem.Grade.values())
                        .filter(g -> g != StockItem.Grade.NEW)
                        .map(g -> new GradeWords(g, g.words()))
                        .toList(),
                shelf.all().stream()
                        .map(StockedLine::supplier)
                        .filter(s -> !s.isEmpty())
                        .distinct()
                        .sorted()
                        .map(s -> new SupplierView(s, lead.getOrDefault(s, HairLineRepository.USUAL_LEAD_DAYS)))
                        .toList());
    }

    private static ColourStock colour(
            StockedLine line, String colour, Stock stock, List<SetAside> aside, Map<UUID, ForWhom.Named> names) {
        LineId id = new LineId(line.id());
        List<PackStock> packs = new ArrayList<>();
        List<LoopStock> open = new ArrayList<>();
        List<WashedStock> washed = new ArrayList<>();
        double weft = 0;
        for (Map.Entry<StockItem, Long> e : stock.amounts().entrySet()) {
            if (!(e.getKey() instanceof StockItem.OfHair h)
                    || !h.line().equals(id)
                    || !h.colour().equals(colour)) {
                continue;
            }
            double amount = StockItems.said(e.getValue(), h);
            if (h instanceof StockItem.Packs p) {
                packs.add(new PackStock(p.lot(), p.loops(), (int) amount));
            } else if (h instanceof StockItem.Loops l && l.grade() == StockItem.Grade.NEW) {
                open.add(new LoopStock(l.lot(), amount, amount * line.hair().gramsPerLoop()));
            } else if (h instanceof StockItem.Loops l) {
                washed.add(new WashedStock(l.grade(), l.grade().words(), amount));
            } else {
                weft += amount;
            }
        }
        List<AsideView> lies = aside.stream()
                .filter(s -> s.line().equals(id) && s.colour().equals(colour))
                .map(s -> new AsideView(
                        s.forWhom(),
                        names.getOrDefault(s.forWhom(), ForWhom.Named.NOBODY).plan(),
                        names.getOrDefault(s.forWhom(), ForWhom.Named.NOBODY).client(),
                        s.loops()))
                .toList();
        double loops = (double) stock.newParts(id, colour) / StockItem.PARTS;
        return new ColourStock(
                line.id(),
                colour,
                Tint.of(colour).map(Tint::hex).orElse(null),
                loops,
                Math.max(0, loops - lies.stream().mapToInt(AsideView::loops).sum()),
                packs,
                open,
                washed,
                weft,
                lies);
    }

    /** Keeps something that came or went; told twice it is moved once. */
    StockView move(MoveBody body) {
        ledger.hold();
        Fields f = new Fields();
        UUID id = f.id("id", "The movement", body.id());
        Optional<StockItem> good = goods.checked(f, "good.", body.good());
        MovementReason why = f.present("why", "Why it is moved", body.why(), MovementReason.BOUGHT);
        Optional<UUID> by = f.idIfAny("stylistId", "Who did it", body.stylistId());
        String note = f.textOrEmpty("note", "The note", body.note(), Moved.MAX_NOTE_LENGTH);
        if (why == MovementReason.COUNTED || why == MovementReason.BEGUN) {
            f.problem("why", "What was counted is told as a count.");
        }
        List<Movement> moves = new ArrayList<>();
        good.ifPresent(g -> {
            long parts = StockItems.parts(f, "amount", "How much", body.amount(), g);
            if (parts == 0) {
                f.problem("amount", "How much? More than nothing must come or go.");
            } else if (why == MovementReason.OPENED) {
                opened(f, g, parts, moves);
            } else {
                moves.add(new Movement(
                        g, why, why == MovementReason.USED || why == MovementReason.LOST ? -parts : parts));
            }
        });
        refuseLack(f, moves);
        return f.orRefuse(() -> {
            if (id != null && !ledger.isKnown(id)) {
                ledger.add(named(id, moves, by, note));
            }
            return all();
        });
    }

    private static void opened(Fields f, StockItem good, long parts, List<Movement> moves) {
        if (good instanceof StockItem.Packs packs) {
            for (long k = 0; k < parts; k++) {
                moves.addAll(Stock.opening(packs));
            }
        } else {
            f.problem("good.kind", "Only a pack can be opened.");
        }
    }

    /** The first of them under the name that was told, so that it is known again. */
    private List<Moved> named(UUID id, List<Movement> moves, Optional<UUID> by, String note) {
        List<Moved> all = new ArrayList<>();
        for (Movement m : moves) {
            all.add(new Moved(all.isEmpty() ? id : UUID.randomUUID(), m, clock.instant(), by, Optional.empty(), note));
        }
        return all;
    }

    private void refuseLack(Fields f, List<Movement> moves) {
        Stock stock = ledger.stock();
        stock.lacking(moves).ifPresent(g -> {
            double there = StockItems.said(stock.of(g), g);
            f.problem(
                    "amount",
                    "Only " + plain(there) + " " + g.unit().words(there) + " of " + StockItems.words(g)
                            + " are on the shelf. Count them if there are more.");
        });
    }

    private static String plain(double n) {
        return n == Math.rint(n) ? String.valueOf((long) n) : String.valueOf(Math.round(n * 10) / 10.0);
    }

    /** Keeps what was counted: what differs from the book is moved. */
    StockView count(CountBody body) {
        ledger.hold();
        Fields f = new Fields();
        UUID id = f.id("id", "The count", body.id());
        Optional<StockItem> good = goods.checked(f, "good.", body.good());
        Optional<UUID> by = f.idIfAny("stylistId", "Who counted", body.stylistId());
        List<Movement> moves = new ArrayList<>();
        good.ifPresent(g -> {
            long differs = StockItems.parts(f, "counted", "What was counted", body.counted(), g)
                    - ledger.stock().of(g);
            if (differs != 0) {
                moves.add(new Movement(g, MovementReason.COUNTED, differs));
            }
        });
        return f.orRefuse(() -> {
            if (id != null && !ledger.isKnown(id)) {
                ledger.add(named(id, moves, by, ""));
            }
            return all();
        });
    }

    /** Lets hair lie there for a plan. More than is free is refused. */
    StockView setAside(UUID planId, AsideBody body) {
        ledger.hold();
        Fields f = new Fields();
        UUID line = f.id("lineId", "The hair", body.lineId());
        String colour = f.text("colour", "The colour", body.colour(), MAX_NAME_LENGTH);
        int loops = f.whole("loops", "How many loops", body.loops(), LOOPS);
        f.orRefuse(() -> colour);
        LineId id = new LineId(Objects.requireNonNull(line));
        int free = ledger.stock(Set.of(id)).freeLoops(id, colour, ledger.setAside(), planId);
        if (loops > free) {
            f.problem("loops", "Only " + free + " loops of it are free.");
        }
        return f.orRefuse(() -> {
            ledger.setAside(planId, id, colour, loops);
            return all();
        });
    }

    StockView lead(LeadBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The supplier", body.name(), MAX_NAME_LENGTH);
        int days = f.whole("leadDays", "Days from the order to the door", body.leadDays(), DAYS);
        return f.orRefuse(() -> {
            ledger.leadDays(name, days);
            return all();
        });
    }

    /** The newest movements, of all or of one line. */
    @Transactional(readOnly = true)
    List<MoveView> latest(@Nullable UUID line) {
        Map<UUID, String> names = people.names();
        return ledger.latest(new StockLedger.LineFilter(line), Long.MAX_VALUE, PAGE).stream()
                .map(m -> new MoveView(
                        m.id(),
                        m.at(),
                        StockItems.kind(m.what().good()),
                        m.what().good() instanceof StockItem.OfHair h ? h.line().value() : null,
                        StockItems.words(m.what().good()),
                        m.what().good().unit().words(),
                        StockItems.said(m.what().amount(), m.what().good()),
                        m.what().why(),
                        m.what().why().words(),
                        m.by().map(b -> names.getOrDefault(b, "")).orElse(""),
                        m.visit().orElse(null),
                        m.note()))
                .toList();
    }
}
