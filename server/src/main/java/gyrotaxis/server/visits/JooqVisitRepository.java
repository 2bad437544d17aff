package gyrotaxis.server.visits;

import static gyrotaxis.server.db.Tables.VISIT;
import static gyrotaxis.server.db.Tables.VISIT_EVENT;
import static gyrotaxis.server.db.Tables.VISIT_PICTURE;

import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.server.db.tables.records.VisitEventRecord;
import gyrotaxis.server.db.tables.records.VisitPictureRecord;
import gyrotaxis.server.db.tables.records.VisitRecord;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.pictures.Picture;
import gyrotaxis.server.visits.KeptEvent.Fit;
import gyrotaxis.server.visits.KeptEvent.Unfit;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.node.ObjectNode;

@Repository
class JooqVisitRepository implements VisitRepository {
    private final DSLContext db;
    private final StoredDocument kept;
    private final Clock clock;

    JooqVisitRepository(DSLContext db, StoredDocument kept, Clock clock) {
        this.db = db;
        this.kept = kept;
        this.clock = clock;
    }

    @Override
    public Optional<Visit> find(UUID id) {
        return db.selectFrom(VISIT).where(VISIT.ID.eq(id)).fetchOptional(JooqVisitRepository::visit);
    }

    @Override
    public List<Visit> until(LocalDate day, int most) {
        return db.selectFrom(VISIT)
                .where(VISIT.VISIT_DAY.le(day))
                .orderBy(VISIT.VISIT_DAY.desc(), VISIT.CREATED_AT.desc(), VISIT.ID)
                .limit(most)
                .fetch(JooqVisitRepository::visit);
    }

    @Override
    public List<Visit> open(int most) {
        return db.selectFrom(VISIT)
                .where(VISIT.IS_FINISHED.isFalse().and(VISIT.IS_BEGUN.isTrue().or(VISIT.IS_TOLD.isFalse())))
                .orderBy(VISIT.VISIT_DAY.desc(), VISIT.ID)
                .limit(most)
                .fetch(JooqVisitRepository::visit);
    }

    @Override
    public List<Visit> ofClient(UUID client) {
        return db.selectFrom(VISIT)
                .where(VISIT.CLIENT_ID.eq(client))
                .orderBy(VISIT.VISIT_DAY.desc(), VISIT.CREATED_AT.desc(), VISIT.ID)
                .fetch(JooqVisitRepository::visit);
    }

    @Override
    public Optional<VisitSummary> told(UUID visit) {
        return db.selectFrom(VISIT)
                .where(VISIT.ID.eq(visit).and(VISIT.IS_TOLD.isTrue()))
                .fetchOptional(r -> new VisitSummary(
                        r.getShares(),
                        r.getHooked(),
                        r.getStage() == null ? null : Stage.valueOf(r.getStage()),
                        r.getIsBegun(),
                        r.getIsFinished(),
                        r.getIsDown(),
                        r.getPictures(),
                        r.getUsedLoops(),
                        r.getMinutes(),
                        r.getLastTime()));
    }

    @Override
    public void tell(UUID visit, VisitSummary t) {
        db.update(VISIT)
                .set(VISIT.IS_TOLD, true)
                .set(VISIT.SHARES, t.shares())
                .set(VISIT.HOOKED, t.hooked())
                .set(VISIT.STAGE, t.stage() == null ? null : t.stage().name())
                .set(VISIT.IS_BEGUN, t.isBegun())
                .set(VISIT.IS_FINISHED, t.isFinished())
                .set(VISIT.IS_DOWN, t.isDown())
                .set(VISIT.PICTURES, t.pictures())
                .set(VISIT.USED_LOOPS, t.usedLoops())
                .set(VISIT.MINUTES, t.minutes())
                .set(VISIT.LAST_TIME, t.lastTime())
                .where(VISIT.ID.eq(visit))
                .execute();
    }

    @Override
    public void by(UUID visit, UUID stylist) {
        db.update(VISIT)
                .set(VISIT.STYLIST_ID, stylist)
                .where(VISIT.ID.eq(visit))
                .execute();
    }

    @Override
    public void add(Visit v) {
        db.insertInto(VISIT)
                .set(VISIT.ID, v.id())
                .set(VISIT.CLIENT_ID, v.clientId())
                .set(VISIT.SHEET_ID, v.sheetId())
                .set(VISIT.STYLIST_ID, v.stylist().orElse(null))
                .set(VISIT.VISIT_DAY, v.day())
                .set(VISIT.CREATED_AT, v.createdAt().atOffset(ZoneOffset.UTC))
                .execute();
    }

    @Override
    public List<KeptEvent> events(UUID visit, long after, int most) {
        return db.selectFrom(VISIT_EVENT)
                .where(VISIT_EVENT.VISIT_ID.eq(visit).and(VISIT_EVENT.ARRIVED.gt(after)))
                .orderBy(VISIT_EVENT.ARRIVED)
                .limit(most)
                .fetch(this::event);
    }

    @Override
    public void add(UUID visit, List<KeptEvent> events) {
        db.batchInsert(events.stream().map(e -> record(visit, e)).toList()).execute();
    }

    private VisitEventRecord record(UUID visit, KeptEvent e) {
        VisitEventRecord r = new VisitEventRecord();
        r.setVisitId(visit);
        r.setDevice(e.id().device());
        r.setNumber(e.id().count());
        r.setClock(e.clock());
        r.setHappenedAt(e.at().atOffset(ZoneOffset.UTC));
        if (e.content() instanceof Unfit u) {
            r.setWhat(kept.write(Form.VISIT_EVENT, u.told()));
            r.setProblem(u.problem());
        } else if (e.content() instanceof Fit event) {
            r.setWhat(kept.write(Form.VISIT_EVENT, event.what()));
        }
        return r;
    }

    private KeptEvent event(VisitEventRecord r) {
        return new KeptEvent(
                r.getArrived(),
                new EventId(r.getDevice(), r.getNumber()),
                r.getClock(),
                r.getHappenedAt().toInstant(),
                r.getProblem() == null
                        ? new Fit(kept.read(Form.VISIT_EVENT, r.getWhat(), VisitEvent.class))
                        : new Unfit(kept.read(Form.VISIT_EVENT, r.getWhat(), ObjectNode.class), r.getProblem()));
    }

    @Override
    public List<EventId> names(UUID visit) {
        return db.select(VISIT_EVENT.DEVICE, VISIT_EVENT.NUMBER)
                .from(VISIT_EVENT)
                .where(VISIT_EVENT.VISIT_ID.eq(visit))
                .orderBy(VISIT_EVENT.DEVICE, VISIT_EVENT.NUMBER)
                .fetch(r -> new EventId(r.value1(), r.value2()));
    }

    @Override
    public long arrived(UUID visit) {
        Long last = db.select(DSL.max(VISIT_EVENT.ARRIVED))
                .from(VISIT_EVENT)
                .where(VISIT_EVENT.VISIT_ID.eq(visit))
                .fetchOne(r -> r.value1());
        return last == null ? 0 : last;
    }

    @Override
    public List<KeptEvent> unfit(UUID visit) {
        return db.selectFrom(VISIT_EVENT)
                .where(VISIT_EVENT.VISIT_ID.eq(visit).and(VISIT_EVENT.PROBLEM.isNotNull()))
                .orderBy(VISIT_EVENT.ARRIVED)
                .fetch(this::event);
    }

    @Override
    public void add(UUID visit, UUID id, Picture p) {
        if (picture(visit, id).isEmpty()) {
            db.insertInto(VISIT_PICTURE)
                    .set(new VisitPictureRecord(
                            id,
                            visit,
                            p.jpeg(),
                            p.width(),
                            p.height(),
                            clock.instant().atOffset(ZoneOffset.UTC)))
                    .execute();
        }
    }

    @Override
    public Optional<Picture> picture(UUID visit, UUID id) {
        return db.selectFrom(VISIT_PICTURE)
                .where(VISIT_PICTURE.ID.eq(id).and(VISIT_PICTURE.VISIT_ID.eq(visit)))
                .fetchOptional(r -> new Picture(r.getJpeg(), r.getWidth(), r.getHeight()));
    }

    private static Visit visit(VisitRecord r) {
        return new Visit(
                r.getId(),
                r.getClientId(),
                r.getSheetId(),
                Optional.ofNullable(r.getStylistId()),
                r.getVisitDay(),
                r.getCreatedAt().toInstant());
    }
}
