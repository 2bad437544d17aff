package gyrotaxis.server.practice;

import static gyrotaxis.server.db.Tables.EXERCISE;

import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.server.db.tables.records.ExerciseRecord;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.documents.StoredPlan;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqExerciseRepository implements ExerciseRepository {
    private final DSLContext db;
    private final StoredDocument kept;

    JooqExerciseRepository(DSLContext db, StoredDocument kept) {
        this.db = db;
        this.kept = kept;
    }

    @Override
    public List<Exercise> all() {
        return db.selectFrom(EXERCISE)
                .orderBy(EXERCISE.MADE_AT.desc(), EXERCISE.ID)
                .fetch(this::exercise);
    }

    @Override
    public Optional<Exercise> find(UUID id) {
        return db.selectFrom(EXERCISE).where(EXERCISE.ID.eq(id)).fetchOptional(this::exercise);
    }

    private Exercise exercise(ExerciseRecord r) {
        return new Exercise(
                r.getId(),
                r.getName(),
                DrillKind.valueOf(r.getKind()),
                r.getLevel(),
                r.getSeed(),
                kept.read(Form.PLAN, r.getPlan(), StoredPlan.class),
                r.getMadeAt().toInstant());
    }

    @Override
    public void add(Exercise e) {
        db.executeInsert(new ExerciseRecord(
                e.id(),
                e.name(),
                e.kind().name(),
                e.level(),
                e.seed(),
                kept.write(Form.PLAN, e.plan()),
                e.madeAt().atOffset(ZoneOffset.UTC)));
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(EXERCISE).where(EXERCISE.ID.eq(id)).execute() == 1;
    }
}
