package gyrotaxis.server.plans;

import static gyrotaxis.server.db.Tables.WORK_SHEET;

import gyrotaxis.server.db.tables.records.WorkSheetRecord;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.storage.DataMigration;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Repository;

@Repository
class JooqWorksheetRepository implements WorksheetRepository, SmartInitializingSingleton {
    private static final int PACKED_AT_ONCE = 100;

    private final DSLContext db;
    private final StoredDocument kept;
    private final DataMigration once;

    JooqWorksheetRepository(DSLContext db, StoredDocument kept, DataMigration once) {
        this.db = db;
        this.kept = kept;
        this.once = once;
    }

    @Override
    public Optional<KeptSheet> find(UUID id) {
        return db.selectFrom(WORK_SHEET).where(WORK_SHEET.ID.eq(id)).fetchOptional(this::sheet);
    }

    @Override
    public Optional<StoredPlan> basis(UUID id) {
        return db.select(WORK_SHEET.PACKED_BASIS)
                .from(WORK_SHEET)
                .where(WORK_SHEET.ID.eq(id))
                .fetchOptional(WORK_SHEET.PACKED_BASIS)
                .map(packed -> kept.unpack(Form.PLAN, packed, StoredPlan.class));
    }

    @Override
    public Map<UUID, PlanService.OfSheet> plans(Set<UUID> ids) {
        return db.select(WORK_SHEET.ID, WORK_SHEET.PLAN_NAME, WORK_SHEET.PLAN_ID)
                .from(WORK_SHEET)
                .where(WORK_SHEET.ID.in(ids))
                .fetchMap(WORK_SHEET.ID, r -> new PlanService.OfSheet(r.value2(), Optional.ofNullable(r.value3())));
    }

    @Override
    public void add(KeptSheet s, StoredPlan basis) {
        db.insertInto(WORK_SHEET)
                .set(new WorkSheetRecord(
                        s.id(),
                        s.clientId(),
                        s.planId(),
                        s.planName(),
                        s.planVersion(),
                        s.madeAt().atOffset(ZoneOffset.UTC),
                        null,
                        null,
                        kept.pack(Form.WORK_SHEET, s.sheet()),
                        kept.pack(Form.PLAN, basis)))
                .execute();
    }

    private KeptSheet sheet(WorkSheetRecord r) {
        return new KeptSheet(
                r.getId(),
                r.getClientId(),
                r.getPlanId(),
                r.getPlanName(),
                r.getPlanVersion(),
                r.getMadeAt().toInstant(),
                kept.unpack(Form.WORK_SHEET, r.getPackedSheet(), StoredWorksheet.class));
    }

    /** Sheets that were kept before they were packed are packed once, as they are. */
    @Override
    public void afterSingletonsInstantiated() {
        once.only("pack worksheets", this::pack);
    }

    private void pack() {
        boolean isMore = true;
        while (isMore) {
            var some = db.select(WORK_SHEET.ID, WORK_SHEET.SHEET, WORK_SHEET.BASIS)
                    .from(WORK_SHEET)
                    .where(WORK_SHEET.SHEET.isNotNull())
                    .limit(PACKED_AT_ONCE)
                    .fetch();
            some.forEach(r -> db.update(WORK_SHEET)
                    .set(WORK_SHEET.PACKED_SHEET, StoredDocument.packed(r.value2()))
                    .set(WORK_SHEET.PACKED_BASIS, r.value3() == null ? null : StoredDocument.packed(r.value3()))
                    .setNull(WORK_SHEET.SHEET)
                    .setNull(WORK_SHEET.BASIS)
                    .where(WORK_SHEET.ID.eq(r.value1()))
                    .execute());
            isMore = some.size() == PACKED_AT_ONCE;
        }
    }
}
