package gyrotaxis.server.visits.followup;

import static gyrotaxis.server.db.Tables.FOLLOW_UP;

import gyrotaxis.core.care.FollowUp;
import gyrotaxis.server.db.tables.records.FollowUpRecord;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqFollowUpRepository implements FollowUpRepository {
    private final DSLContext db;

    JooqFollowUpRepository(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<Kept> find(UUID id) {
        return db.selectFrom(FOLLOW_UP).where(FOLLOW_UP.ID.eq(id)).fetchOptional(JooqFollowUpRepository::kept);
    }

    @Override
    public List<Kept> ofVisit(UUID visit) {
        return inOrder(FOLLOW_UP.VISIT_ID.eq(visit), Integer.MAX_VALUE);
    }

    @Override
    public List<Kept> ofClient(UUID client) {
        return inOrder(FOLLOW_UP.CLIENT_ID.eq(client), Integer.MAX_VALUE);
    }

    @Override
    public List<Kept> dueUntil(LocalDate day, int most) {
        return inOrder(FOLLOW_UP.OUTCOME.isNull().and(FOLLOW_UP.DUE.le(day)), most);
    }

    private List<Kept> inOrder(Condition which, int most) {
        return db.selectFrom(FOLLOW_UP)
                .where(which)
                .orderBy(FOLLOW_UP.DUE, FOLLOW_UP.WHAT, FOLLOW_UP.ID)
                .limit(most)
                .fetch(JooqFollowUpRepository::kept);
    }

    @Override
    public void add(List<Kept> all) {
        if (all.isEmpty()) {
            return;
        }
        Set<FollowUp> known =
                ofVisit(all.get(0).visit()).stream().map(Kept::what).collect(Collectors.toSet());
        db.batchInsert(all.stream()
                        .filter(k -> !known.contains(k.what()))
                        .map(k -> new FollowUpRecord(
                                k.id(), k.client(), k.visit(), k.what().name(), k.due(), null, null, k.words()))
                        .toList())
                .execute();
    }

    @Override
    public void due(UUID id, LocalDate day) {
        db.update(FOLLOW_UP).set(FOLLOW_UP.DUE, day).where(FOLLOW_UP.ID.eq(id)).execute();
    }

    @Override
    public void tell(Kept k) {
        db.update(FOLLOW_UP)
                .set(FOLLOW_UP.OUTCOME, k.outcome().map(Enum::name).orElse(null))
                .set(FOLLOW_UP.TOLD_ON, k.toldOn().orElse(null))
                .set(FOLLOW_UP.WORDS, k.words())
                .where(FOLLOW_UP.ID.eq(k.id()))
                .execute();
    }

    private static Kept kept(FollowUpRecord r) {
        return new Kept(
                r.getId(),
                r.getClientId(),
                r.getVisitId(),
                FollowUp.valueOf(r.getWhat()),
                r.getDue(),
                Optional.ofNullable(r.getOutcome()).map(FollowUp.Outcome::valueOf),
                Optional.ofNullable(r.getToldOn()),
                r.getWords());
    }
}
