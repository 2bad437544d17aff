package gyrotaxis.server.practice.learner;

import static gyrotaxis.server.db.Tables.DRILL_TRIED;
import static gyrotaxis.server.db.Tables.HANDS_TRIED;
import static gyrotaxis.server.db.Tables.LEARNER;

import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.core.training.Hands;
import gyrotaxis.core.training.Tried;
import gyrotaxis.server.db.tables.records.DrillTriedRecord;
import gyrotaxis.server.db.tables.records.HandsTriedRecord;
import gyrotaxis.server.db.tables.records.LearnerRecord;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqLearnerRepository implements LearnerRepository {
    private final DSLContext db;

    JooqLearnerRepository(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<Learner> all() {
        return db.selectFrom(LEARNER).orderBy(LEARNER.NAME, LEARNER.SINCE).fetch(JooqLearnerRepository::learner);
    }

    @Override
    public Optional<Learner> find(UUID id) {
        return db.selectFrom(LEARNER).where(LEARNER.ID.eq(id)).fetchOptional(JooqLearnerRepository::learner);
    }

    private static Learner learner(LearnerRecord r) {
        return new Learner(r.getId(), r.getName(), r.getSince().toInstant(), Optional.ofNullable(r.getMemberId()));
    }

    @Override
    public void add(Learner l) {
        db.executeInsert(
                new LearnerRecord(l.id(), l.name(), at(l.since()), l.member().orElse(null)));
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(LEARNER).where(LEARNER.ID.eq(id)).execute() == 1;
    }

    @Override
    public List<Tried> tried(UUID id) {
        return db.selectFrom(DRILL_TRIED)
                .where(DRILL_TRIED.LEARNER_ID.eq(id))
                .orderBy(DRILL_TRIED.TRIED_AT)
                .fetch(JooqLearnerRepository::tried);
    }

    private static Tried tried(DrillTriedRecord r) {
        return new Tried(
                DrillKind.valueOf(r.getKind()),
                r.getLevel(),
                r.getSeed(),
                r.getIsRight(),
                r.getScore(),
                r.getSeconds(),
                Optional.ofNullable(r.getSaid()).map(said -> new Tried.Guess(said, r.getIsSo())),
                r.getTriedAt().toInstant());
    }

    @Override
    public void keep(UUID id, Tried t) {
        db.insertInto(DRILL_TRIED)
                .set(new DrillTriedRecord(
                        id,
                        t.kind().name(),
                        t.level(),
                        t.seed(),
                        t.isRight(),
                        t.score(),
                        t.seconds(),
                        t.guess().map(Tried.Guess::said).orElse(null),
                        t.guess().map(Tried.Guess::isSo).orElse(null),
                        at(t.at())))
                .onDuplicateKeyIgnore()
                .execute();
    }

    @Override
    public List<Hands> hands(UUID id) {
        return db.selectFrom(HANDS_TRIED)
                .where(HANDS_TRIED.LEARNER_ID.eq(id))
                .orderBy(HANDS_TRIED.TRIED_AT)
                .fetch(r -> new Hands(
                        Optional.ofNullable(r.getKnot()).map(Knot::valueOf),
                        r.getPasses(),
                        r.getPieces(),
                        r.getSlipped(),
                        r.getSeconds(),
                        r.getTriedAt().toInstant()));
    }

    @Override
    public void keep(UUID id, Hands h) {
        db.executeInsert(new HandsTriedRecord(
                UUID.randomUUID(),
                id,
                h.knot().map(Knot::name).orElse(null),
                h.passes(),
                h.pieces(),
                h.slipped(),
                h.seconds(),
                at(h.at())));
    }

    private static OffsetDateTime at(Instant t) {
        return t.atOffset(ZoneOffset.UTC);
    }
}
