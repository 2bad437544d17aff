package gyrotaxis.server.shelf;

import static gyrotaxis.server.db.Tables.HAIR_LINE;

import gyrotaxis.core.hair.Fibre;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.PackGuess.Guessed;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.server.db.tables.records.HairLineRecord;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class JooqShelf implements Shelf {
    /** Separates colours in their column; no colour has a line break. */
    private static final String BETWEEN_COLOURS = "\n";

    private static final String BETWEEN_GUESSES = ",";

    private final DSLContext db;
    private final JsonMapper json;

    JooqShelf(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    @Override
    public List<StockedLine> all() {
        return db.selectFrom(HAIR_LINE).orderBy(HAIR_LINE.NAME, HAIR_LINE.ID).fetch(this::line);
    }

    @Override
    public Optional<StockedLine> find(UUID id) {
        return db.selectFrom(HAIR_LINE).where(HAIR_LINE.ID.eq(id)).fetchOptional(this::line);
    }

    @Override
    public void add(StockedLine line) {
        db.insertInto(HAIR_LINE).set(record(line)).execute();
    }

    @Override
    public Optional<StockedLine> change(StockedLine line) {
        StockedLine next = new StockedLine(
                line.id(),
                line.supplier(),
                line.hair(),
                line.loopsOnShelf(),
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
                line.loopsOnShelf(),
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
                line.isStarter());
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

    private StockedLine line(HairLineRecord r) {
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
                r.getId(), r.getSupplier(), hair, r.getLoopsOnShelf(), guessed, r.getIsStarter(), r.getVersion());
    }
}
