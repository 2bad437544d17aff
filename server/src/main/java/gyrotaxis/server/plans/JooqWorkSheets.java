package gyrotaxis.server.plans;

import static gyrotaxis.server.db.Tables.WORK_SHEET;

import gyrotaxis.server.db.tables.records.WorkSheetRecord;
import gyrotaxis.server.language.Kept;
import gyrotaxis.server.language.Kept.Form;
import gyrotaxis.server.language.PlanForm;
import gyrotaxis.server.language.WorkSheetForm;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqWorkSheets implements WorkSheets {
    private final DSLContext db;
    private final Kept kept;

    JooqWorkSheets(DSLContext db, Kept kept) {
        this.db = db;
        this.kept = kept;
    }

    @Override
    public Optional<KeptSheet> find(UUID id) {
        return db.selectFrom(WORK_SHEET).where(WORK_SHEET.ID.eq(id)).fetchOptional(this::sheet);
    }

    @Override
    public Optional<PlanForm> basis(UUID id) {
        return db.select(WORK_SHEET.BASIS)
                .from(WORK_SHEET)
                .where(WORK_SHEET.ID.eq(id))
                .fetchOptional(WORK_SHEET.BASIS)
                .map(document -> kept.read(Form.PLAN, document, PlanForm.class));
    }

    @Override
    public Map<UUID, String> names(Set<UUID> ids) {
        return db.select(WORK_SHEET.ID, WORK_SHEET.PLAN_NAME)
                .from(WORK_SHEET)
                .where(WORK_SHEET.ID.in(ids))
                .fetchMap(WORK_SHEET.ID, WORK_SHEET.PLAN_NAME);
    }

    @Override
    public void add(KeptSheet s, PlanForm basis) {
        db.insertInto(WORK_SHEET)
                .set(new WorkSheetRecord(
                        s.id(),
                        s.clientId(),
                        s.planId(),
                        s.planName(),
                        s.planVersion(),
                        s.madeAt().atOffset(ZoneOffset.UTC),
                        kept.write(Form.WORK_SHEET, s.sheet()),
                        kept.write(Form.PLAN, basis)))
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
                kept.read(Form.WORK_SHEET, r.getSheet(), WorkSheetForm.class));
    }
}
