package gyrotaxis.server.orders;

import static gyrotaxis.server.db.Tables.PURCHASE;
import static gyrotaxis.server.db.Tables.PURCHASE_ITEM;
import static gyrotaxis.server.db.Tables.PURCHASE_PARCEL;

import gyrotaxis.server.db.tables.records.PurchaseRecord;
import gyrotaxis.server.orders.Supplier.Promise;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Result;
import org.springframework.stereotype.Repository;

@Repository
class JooqOrderRepository implements OrderRepository {
    private final DSLContext db;

    JooqOrderRepository(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<Order> open() {
        return read(db.selectFrom(PURCHASE)
                .where(PURCHASE.IS_CLOSED.eq(false))
                .orderBy(PURCHASE.ORDERED_AT, PURCHASE.ID)
                .fetch());
    }

    @Override
    public List<Order> closed(int most) {
        return read(db.selectFrom(PURCHASE)
                .where(PURCHASE.IS_CLOSED.eq(true))
                .orderBy(PURCHASE.ORDERED_AT.desc(), PURCHASE.ID)
                .limit(most)
                .fetch());
    }

    @Override
    public Optional<Order> find(UUID id) {
        return read(db.selectFrom(PURCHASE).where(PURCHASE.ID.eq(id)).fetch()).stream()
                .findFirst();
    }

    private List<Order> read(Result<PurchaseRecord> rows) {
        List<UUID> ids = rows.getValues(PURCHASE.ID);
        Map<UUID, List<Order.Line>> lines = db.selectFrom(PURCHASE_ITEM)
                .where(PURCHASE_ITEM.PURCHASE_ID.in(ids))
                .orderBy(PURCHASE_ITEM.PURCHASE_ID, PURCHASE_ITEM.PLACE)
                .fetchGroups(
                        PURCHASE_ITEM.PURCHASE_ID,
                        r -> new Order.Line(
                                new Item(r.getLineId(), r.getColour(), r.getPacks(), r.getLoops()), r.getCame()));
        Map<UUID, List<Integer>> looked = db.selectFrom(PURCHASE_PARCEL)
                .where(PURCHASE_PARCEL.PURCHASE_ID.in(ids))
                .orderBy(PURCHASE_PARCEL.NUMBER)
                .fetchGroups(PURCHASE_PARCEL.PURCHASE_ID, PURCHASE_PARCEL.NUMBER);
        return rows.map(r -> new Order(
                r.getId(),
                r.getSupplier(),
                r.getOrderedAt().toInstant(),
                new Promise(r.getReference(), r.getDue()),
                lines.getOrDefault(r.getId(), List.of()),
                looked.getOrDefault(r.getId(), List.of()),
                r.getIsClosed()));
    }

    @Override
    public void add(Order o) {
        db.insertInto(PURCHASE)
                .set(PURCHASE.ID, o.id())
                .set(PURCHASE.SUPPLIER, o.supplier())
                .set(PURCHASE.ORDERED_AT, o.orderedAt().atOffset(ZoneOffset.UTC))
                .set(PURCHASE.DUE, o.promised().due())
                .set(PURCHASE.REFERENCE, o.promised().reference())
                .set(PURCHASE.IS_CLOSED, o.isClosed())
                .execute();
        for (int i = 0; i < o.items().size(); i++) {
            Item item = o.items().get(i);
            db.insertInto(PURCHASE_ITEM)
                    .set(PURCHASE_ITEM.PURCHASE_ID, o.id())
                    .set(PURCHASE_ITEM.PLACE, i)
                    .set(PURCHASE_ITEM.LINE_ID, item.line())
                    .set(PURCHASE_ITEM.COLOUR, item.colour())
                    .set(PURCHASE_ITEM.PACKS, item.packs())
                    .set(PURCHASE_ITEM.LOOPS, item.loops())
                    .execute();
        }
    }

    @Override
    public boolean look(UUID order, int parcel, Instant at, String sentBack, Map<Integer, Integer> came) {
        boolean isNew = db.insertInto(PURCHASE_PARCEL)
                        .set(PURCHASE_PARCEL.PURCHASE_ID, order)
                        .set(PURCHASE_PARCEL.NUMBER, parcel)
                        .set(PURCHASE_PARCEL.LOOKED_AT, at.atOffset(ZoneOffset.UTC))
                        .set(PURCHASE_PARCEL.SENT_BACK, sentBack)
                        .onDuplicateKeyIgnore()
                        .execute()
                > 0;
        if (isNew) {
            came.forEach((place, packs) -> db.update(PURCHASE_ITEM)
                    .set(PURCHASE_ITEM.CAME, PURCHASE_ITEM.CAME.plus(packs))
                    .where(PURCHASE_ITEM.PURCHASE_ID.eq(order))
                    .and(PURCHASE_ITEM.PLACE.eq(place))
                    .execute());
        }
        return isNew;
    }

    @Override
    public void close(UUID order) {
        db.update(PURCHASE)
                .set(PURCHASE.IS_CLOSED, true)
                .where(PURCHASE.ID.eq(order))
                .execute();
    }
}
