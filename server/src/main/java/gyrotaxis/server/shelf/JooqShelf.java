package gyrotaxis.server.shelf;

import static gyrotaxis.server.db.Tables.HAIR_LINE;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.server.db.tables.records.HairLineRecord;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqShelf implements Shelf {
    /** Separates colours in their column; no colour has a line break. */
    private static final String BETWEEN_COLOURS = "\n";

    private final DSLContext db;

    JooqShelf(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<StockedLine> all() {
        return db.selectFrom(HAIR_LINE).orderBy(HAIR_LINE.NAME, HAIR_LINE.ID).fetch(JooqShelf::line);
    }

    @Override
    public Optional<StockedLine> find(UUID id) {
        return db.selectFrom(HAIR_LINE).where(HAIR_LINE.ID.eq(id)).fetchOptional(JooqShelf::line);
    }

    @Override
    public void add(StockedLine line) {
        db.insertInto(HAIR_LINE).set(record(line)).execute();
    }

    @Override
    public Optional<StockedLine> change(StockedLine line) {
        StockedLine next =
                new StockedLine(line.id(), line.supplier(), line.hair(), line.loopsOnShelf(), line.version() + 1);
        int changed = db.update(HAIR_LINE)
                .set(record(next))
                .where(HAIR_LINE.ID.eq(line.id()).and(HAIR_LINE.VERSION.eq(line.version())))
                .execute();
        return changed == 1 ? Optional.of(next) : Optional.empty();
    }

    private static HairLineRecord record(StockedLine line) {
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
                line.version());
    }

    private static StockedLine line(HairLineRecord r) {
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
                List.of(r.getColours().split(BETWEEN_COLOURS)));
        return new StockedLine(r.getId(), r.getSupplier(), hair, r.getLoopsOnShelf(), r.getVersion());
    }
}
