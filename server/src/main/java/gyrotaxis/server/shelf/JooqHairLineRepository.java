package gyrotaxis.server.shelf;

import static gyrotaxis.server.db.Tables.HAIR_LINE;

import gyrotaxis.core.hair.Fibre;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.PackGuess.Guessed;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.SetAside;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.db.tables.records.HairLineRecord;
import gyrotaxis.server.language.HairInHand;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import gyrotaxis.server.text.FoldedText;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class JooqHairLineRepository implements HairLineRepository {
    /** Separates colours in their column; no colour has a line break. */
    private static final String BETWEEN_COLOURS = "\n";

    private static final String BETWEEN_GUESSES = ",";

    private final DSLContext db;
    private final JsonMapper json;
    private final StockLedger ledger;
    private final Clock clock;

    JooqHairLineRepository(DSLContext db, JsonMapper json, StockLedger ledger, Clock clock) {
        this.db = db;
        this.json = json;
        this.ledger = ledger;
        this.clock = clock;
    }

    @Override
    public List<StockedLine> all() {
        Map<UUID, Map<String, Integer>> loops = ledger.newLoops();
        return db.selectFrom(HAIR_LINE)
                .orderBy(HAIR_LINE.NAME, HAIR_LINE.ID)
                .fetch(r -> line(r, loops.getOrDefault(r.getId(), Map.of())));
    }

    @Override
    public Optional<StockedLine> find(UUID id) {
        return db.selectFrom(HAIR_LINE)
                .where(HAIR_LINE.ID.eq(id))
                .fetchOptional(r -> line(
                        r,
                        StockLedger.newLoops(ledger.stock(Set.of(new LineId(id))))
                                .getOrDefault(id, Map.of())));
    }

    @Override
    public HairInHand freeFor(Optional<UUID> plan) {
        List<SetAside> others = others(ledger.setAside(), plan);
        return id -> find(id).map(line -> line.without(others));
    }

    @Override
    public Map<UUID, Free> freeFor(Set<UUID> plans) {
        Map<UUID, StockedLine> lines = all().stream().collect(Collectors.toMap(StockedLine::id, Function.identity()));
        List<SetAside> aside = ledger.setAside();
        return plans.stream().collect(Collectors.toMap(Function.identity(), plan -> {
            List<SetAside> others = others(aside, Optional.of(plan));
            return id -> Optional.ofNullable(lines.get(id)).map(line -> line.without(others));
        }));
    }

    private static List<SetAside> others(List<SetAside> aside, Optional<UUID> plan) {
        return aside.stream()
                .filter(s -> !plan.equals(Optional.of(s.forWhom())))
                .toList();
    }

    @Override
    public void add(StockedLine line) {
        db.insertInto(HAIR_LINE).set(record(line)).execute();
        ledger.add(begun(line).stream()
                .map(m -> Moved.now(m, clock.instant(), Optional.empty(), Optional.empty(), ""))
                .toList());
    }

    @Override
    public Optional<StockedLine> change(StockedLine line) {
        StockedLine next = new StockedLine(
                line.id(),
                line.supplier(),
                line.hair(),
                line.loopsByColour(),
                line.guessed(),
                line.isStarter(),
                line.version() + 1);
        int changed = db.update(HAIR_LINE)
                .set(record(next))
                .where(HAIR_LINE.ID.eq(line.id()).and(HAIR_LINE.VERSION.eq(line.version())))
                .execute();
        return changed == 1 ? Optional.of(next) : Optional.empty();
    }

    @Override
    public int removeStarters(Set<UUID> inUse) {
        return db.deleteFrom(HAIR_LINE)
                .where(HAIR_LINE.IS_STARTER.isTrue().and(HAIR_LINE.ID.notIn(inUse)))
                .execute();
    }

    /** What is there when a line is put on the shelf: as many whole packs as there can be, and loops. */
    private static List<Movement> begun(StockedLine line) {
        LineId id = new LineId(line.id());
        int pack = line.hair().loopsPerPack();
        List<Movement> all = new ArrayList<>();
        new TreeMap<>(line.loopsByColour()).forEach((colour, loops) -> {
            if (loops >= pack) {
                all.add(new Movement(new StockItem.Packs(id, colour, "", pack), MovementReason.BEGUN, loops / pack));
            }
            if (loops % pack > 0) {
                all.add(new Movement(
                        new StockItem.Loops(id, colour, "", StockItem.Grade.NEW),
                        MovementReason.BEGUN,
                        (long) (loops % pack) * StockItem.PARTS));
            }
        });
        return all;
    }

    private HairLineRecord record(StockedLine line) {
        HairLine h = line.hair();
        return new HairLineRecord(
                line.id(),
                h.name(),
                line.supplier(),
                h.texture().name(),
                h.lengthMm(),
                h.hasBead(),
                h.loopsPerBundle(),
                h.bundlesPerPack(),
                h.gramsPerLoop(),
                h.packPrice().minor(),
                h.packPrice().currency().getCurrencyCode(),
                h.isCoated(),
                String.join(BETWEEN_COLOURS, h.colours()),
                line.version(),
                h.fibre().curlMm(),
                h.fibre().slip().name(),
                h.fibre().isLooped(),
                h.fibre().heatC().isPresent() ? h.fibre().heatC().getAsInt() : null,
                json.writeValueAsString(h.otherPacks().stream()
                        .map(p -> new Size(p.loops(), p.price().minor()))
                        .toList()),
                h.goesInWhole(),
                line.guessed().stream().map(Guessed::name).sorted().collect(Collectors.joining(BETWEEN_GUESSES)),
                line.isStarter(),
                FoldedText.of(h.name()));
    }

    /** A size as it is kept; its currency is that of the line. */
    private record Size(int loops, long priceMinor) {}

    private static Fibre fibre(HairLineRecord r) {
        Fibre usual = Fibre.usual(Texture.valueOf(r.getTexture()));
        return new Fibre(
                r.getCurlMm() == null ? usual.curlMm() : r.getCurlMm(),
                r.getSlip() == null ? usual.slip() : Slip.valueOf(r.getSlip()),
                r.getIsLooped(),
                r.getGoesInWhole() == null ? usual.goesInWhole() : r.getGoesInWhole(),
                r.getHeatC() == null ? OptionalInt.empty() : OptionalInt.of(r.getHeatC()));
    }

    private StockedLine line(HairLineRecord r, Map<String, Integer> loopsByColour) {
        HairLine hair = new HairLine(
                r.getName(),
                Texture.valueOf(r.getTexture()),
                r.getLengthMm(),
                r.getHasBead(),
                r.getLoopsPerBundle(),
                r.getBundlesPerPack(),
                r.getGramsPerLoop(),
                Money.of(r.getPriceMinor(), r.getCurrency()),
                r.getIsCoated(),
                List.of(r.getColours().split(BETWEEN_COLOURS)),
                fibre(r),
                Arrays.stream(json.readValue(r.getOtherPacks(), Size[].class))
                        .map(p -> new PackSize(p.loops(), Money.of(p.priceMinor(), r.getCurrency())))
                        .toList());
        Set<Guessed> guessed = Arrays.stream(r.getGuessed().split(BETWEEN_GUESSES))
                .filter(g -> !g.isEmpty())
                .map(Guessed::valueOf)
                .collect(Collectors.toSet());
        return new StockedLine(
                r.getId(), r.getSupplier(), hair, loopsByColour, guessed, r.getIsStarter(), r.getVersion());
    }
}
