package gyrotaxis.server.audit;

import static gyrotaxis.server.db.Tables.DEED;

import gyrotaxis.server.shared.Settings;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Who did what, kept for so many days. */
@Repository
public class AuditLog {
    private final DSLContext db;
    private final Clock clock;
    private final Settings settings;

    AuditLog(DSLContext db, Clock clock, Settings settings) {
        this.db = db;
        this.clock = clock;
        this.settings = settings;
    }

    /**
     * Something that was done.
     *
     * @param member who; empty if nobody was signed in
     * @param subject of what or whom, by its name among the tables
     * @param address from where
     */
    public record Done(
            long id, Instant at, Optional<UUID> member, AuditAction what, Optional<UUID> subject, String address) {}

    @Transactional
    public void note(Optional<UUID> member, AuditAction what, Optional<UUID> subject, String address) {
        db.insertInto(DEED)
                .set(DEED.DONE_AT, clock.instant().atOffset(ZoneOffset.UTC))
                .set(DEED.MEMBER_ID, member.orElse(null))
                .set(DEED.WHAT, what.name())
                .set(DEED.SUBJECT, subject.orElse(null))
                .set(DEED.ADDRESS, address)
                .execute();
    }

    /** The latest first, those before one of them. */
    @Transactional(readOnly = true)
    public List<Done> before(long id, int most) {
        return db.selectFrom(DEED)
                .where(DEED.ID.lt(id))
                .orderBy(DEED.ID.desc())
                .limit(most)
                .fetch(r -> new Done(
                        r.getId(),
                        r.getDoneAt().toInstant(),
                        Optional.ofNullable(r.getMemberId()),
                        AuditAction.valueOf(r.getWhat()),
                        Optional.ofNullable(r.getSubject()),
                        r.getAddress()));
    }

    /** Forgets what is older than it is kept. */
    @Scheduled(fixedDelayString = "PT6H", initialDelayString = "PT10M")
    @Transactional
    public void forget() {
        db.deleteFrom(DEED)
                .where(DEED.DONE_AT.lt(
                        clock.instant().minus(settings.deedsKept()).atOffset(ZoneOffset.UTC)))
                .execute();
    }
}
