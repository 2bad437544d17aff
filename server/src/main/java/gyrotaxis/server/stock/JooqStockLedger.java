package gyrotaxis.server.stock;

import static gyrotaxis.server.db.Tables.SET_ASIDE;
import static gyrotaxis.server.db.Tables.STOCK_GOOD;
import static gyrotaxis.server.db.Tables.STOCK_MOVEMENT;
import static gyrotaxis.server.db.Tables.STUDIO;
import static gyrotaxis.server.db.Tables.SUPPLIER;

import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.SetAside;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.db.tables.records.SetAsideRecord;
import gyrotaxis.server.db.tables.records.StockGoodRecord;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class JooqStockLedger implements StockLedger {
    private static final int THE_STUDIO = 1;

    private final DSLContext db;

    JooqStockLedger(DSLContext db) {
        this.db = db;
    }

    @Override
    public Stock stock() {
        return stock(DSL.noCondition());
    }

    @Override
    public Stock stock(Set<LineId> lines) {
        return stock(STOCK_GOOD.LINE_ID.in(lines.stream().map(LineId::value).toList()));
    }

    private Stock stock(Condition which) {
        Map<StockItem, Long> amounts = new LinkedHashMap<>();
        db.selectFrom(STOCK_GOOD)
                .where(which.and(STOCK_GOOD.AMOUNT.ne(0L)))
                .orderBy(STOCK_GOOD.ID)
                .forEach(r -> amounts.put(good(r), r.getAmount()));
        return new Stock(amounts);
    }

    @Override
    public void add(List<Moved> movements) {
        for (Moved m : movements) {
            if (!isKnown(m.id())) {
                long good = goodId(m.what().good());
                db.insertInto(STOCK_MOVEMENT)
                        .set(STOCK_MOVEMENT.ID, m.id())
                        .set(STOCK_MOVEMENT.GOOD_ID, good)
                        .set(STOCK_MOVEMENT.WHY, m.what().why().name())
                        .set(STOCK_MOVEMENT.AMOUNT, m.what().amount())
                        .set(STOCK_MOVEMENT.MOVED_AT, m.at().atOffset(ZoneOffset.UTC))
                        .set(STOCK_MOVEMENT.STYLIST_ID, m.by().orElse(null))
                        .set(STOCK_MOVEMENT.VISIT_ID, m.visit().orElse(null))
                        .set(STOCK_MOVEMENT.NOTE, m.note())
                        .execute();
                db.update(STOCK_GOOD)
                        .set(STOCK_GOOD.AMOUNT, STOCK_GOOD.AMOUNT.plus(m.what().amount()))
                        .where(STOCK_GOOD.ID.eq(good))
                        .execute();
            }
        }
    }

    @Override
    public boolean isKnown(UUID id) {
        return db.fetchExists(STOCK_MOVEMENT, STOCK_MOVEMENT.ID.eq(id));
    }

    private long goodId(StockItem good) {
        StockGoodRecord r = record(good);
        Long known = db.select(STOCK_GOOD.ID)
                .from(STOCK_GOOD)
                .where(STOCK_GOOD.NAME.eq(r.getName()))
                .fetchOne(STOCK_GOOD.ID);
        return known != null ? known : insert(r);
    }

    private long insert(StockGoodRecord r) {
        return db.insertInto(STOCK_GOOD)
                .set(STOCK_GOOD.NAME, r.getName())
                .set(STOCK_GOOD.KIND, r.getKind())
                .set(STOCK_GOOD.LINE_ID, r.getLineId())
                .set(STOCK_GOOD.COLOUR, r.getColour())
                .set(STOCK_GOOD.LOT, r.getLot())
                .set(STOCK_GOOD.DETAIL, r.getDetail())
                .set(STOCK_GOOD.AMOUNT, 0L)
                .returningResult(STOCK_GOOD.ID)
                .fetchSingle()
                .value1();
    }

    @Override
    public List<Moved> latest(LineFilter of, long before, int most) {
        return moved(
                STOCK_MOVEMENT
                        .ARRIVED
                        .lt(before)
                        .and(of.line() == null ? DSL.noCondition() : STOCK_GOOD.LINE_ID.eq(of.line())),
                true,
                most);
    }

    @Override
    public List<Moved> ofVisit(UUID visit) {
        return moved(STOCK_MOVEMENT.VISIT_ID.eq(visit), false, Integer.MAX_VALUE);
    }

    private List<Moved> moved(Condition which, boolean newestFirst, int most) {
        return db.select(STOCK_MOVEMENT.fields())
                .select(STOCK_GOOD.fields())
                .from(STOCK_MOVEMENT)
                .join(STOCK_GOOD)
                .on(STOCK_GOOD.ID.eq(STOCK_MOVEMENT.GOOD_ID))
                .where(which)
                .orderBy(newestFirst ? STOCK_MOVEMENT.ARRIVED.desc() : STOCK_MOVEMENT.ARRIVED.asc())
                .limit(most)
                .fetch(JooqStockLedger::moved);
    }

    private static Moved moved(Record r) {
        return new Moved(
                r.get(STOCK_MOVEMENT.ID),
                new Movement(
                        good(r.into(STOCK_GOOD)),
                        MovementReason.valueOf(r.get(STOCK_MOVEMENT.WHY)),
                        r.get(STOCK_MOVEMENT.AMOUNT)),
                r.get(STOCK_MOVEMENT.MOVED_AT).toInstant(),
                Optional.ofNullable(r.get(STOCK_MOVEMENT.STYLIST_ID)),
                Optional.ofNullable(r.get(STOCK_MOVEMENT.VISIT_ID)),
                r.get(STOCK_MOVEMENT.NOTE));
    }

    @Override
    public Stock addedUp() {
        Map<StockItem, Long> amounts = new LinkedHashMap<>();
        var sum = DSL.sum(STOCK_MOVEMENT.AMOUNT);
        Map<Long, BigDecimal> sums = db.select(STOCK_MOVEMENT.GOOD_ID, sum)
                .from(STOCK_MOVEMENT)
                .groupBy(STOCK_MOVEMENT.GOOD_ID)
                .fetchMap(STOCK_MOVEMENT.GOOD_ID, sum);
        db.selectFrom(STOCK_GOOD)
                .orderBy(STOCK_GOOD.ID)
                .forEach(r -> amounts.put(
                        good(r), sums.getOrDefault(r.getId(), BigDecimal.ZERO).longValueExact()));
        return new Stock(amounts);
    }

    @Override
    public List<SetAside> setAside() {
        return db.selectFrom(SET_ASIDE)
                .orderBy(SET_ASIDE.PLAN_ID, SET_ASIDE.LINE_ID, SET_ASIDE.COLOUR)
                .fetch(r -> new SetAside(r.getPlanId(), new LineId(r.getLineId()), r.getColour(), r.getLoops()));
    }

    @Override
    public void setAside(UUID plan, LineId line, String colour, int loops) {
        db.deleteFrom(SET_ASIDE)
                .where(SET_ASIDE
                        .PLAN_ID
                        .eq(plan)
                        .and(SET_ASIDE.LINE_ID.eq(line.value()))
                        .and(SET_ASIDE.COLOUR.eq(colour)))
                .execute();
        if (loops > 0) {
            db.insertInto(SET_ASIDE)
                    .set(new SetAsideRecord(plan, line.value(), colour, loops))
                    .execute();
        }
    }

    @Override
    public Map<String, Integer> leadDays() {
        return db.selectFrom(SUPPLIER).fetchMap(SUPPLIER.NAME, SUPPLIER.LEAD_DAYS);
    }

    @Override
    public void leadDays(String supplier, int days) {
        db.mergeInto(SUPPLIER, SUPPLIER.NAME, SUPPLIER.LEAD_DAYS)
                .key(SUPPLIER.NAME)
                .values(supplier, days)
                .execute();
    }

    @Override
    public void hold() {
        db.select(DSL.one())
                .from(STUDIO)
                .where(STUDIO.ID.eq(THE_STUDIO))
                .forUpdate()
                .fetchOne();
    }

    /** How goods are kept: the name alone tells two apart. */
    private static StockGoodRecord record(StockItem good) {
        StockGoodRecord r = new StockGoodRecord();
        if (good instanceof StockItem.Packs p) {
            fill(r, "PACKS", p.line().value(), p.colour(), p.lot(), String.valueOf(p.loops()));
        } else if (good instanceof StockItem.Loops l) {
            fill(r, "LOOPS", l.line().value(), l.colour(), l.lot(), l.grade().name());
        } else if (good instanceof StockItem.Weft w) {
            fill(r, "WEFT", w.line().value(), w.colour(), w.lot(), "");
        } else if (good instanceof StockItem.Thing t) {
            fill(r, t.kind().name(), null, "", "", t.what());
        }
        return r;
    }

    private static void fill(
            StockGoodRecord r, String kind, @Nullable UUID line, String colour, String lot, String detail) {
        r.setName(String.join("|", kind, line == null ? "" : line.toString(), colour, lot, detail));
        r.setKind(kind);
        r.setLineId(line);
        r.setColour(colour);
        r.setLot(lot);
        r.setDetail(detail);
    }

    private static StockItem good(StockGoodRecord r) {
        return switch (r.getKind()) {
            case "PACKS" ->
                new StockItem.Packs(
                        new LineId(r.getLineId()), r.getColour(), r.getLot(), Integer.parseInt(r.getDetail()));
            case "LOOPS" ->
                new StockItem.Loops(
                        new LineId(r.getLineId()), r.getColour(), r.getLot(), StockItem.Grade.valueOf(r.getDetail()));
            case "WEFT" -> new StockItem.Weft(new LineId(r.getLineId()), r.getColour(), r.getLot());
            default -> new StockItem.Thing(StockItem.Kind.valueOf(r.getKind()), r.getDetail());
        };
    }
}
