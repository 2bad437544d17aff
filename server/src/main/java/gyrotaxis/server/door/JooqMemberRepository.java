package gyrotaxis.server.door;

import static gyrotaxis.server.db.Tables.MEMBER;
import static gyrotaxis.server.db.Tables.STUDIO;

import gyrotaxis.server.db.tables.records.MemberRecord;
import gyrotaxis.server.text.FoldedText;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqMemberRepository implements MemberRepository {
    private final DSLContext db;

    JooqMemberRepository(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<Member> all() {
        return db.selectFrom(MEMBER)
                .where(MEMBER.IS_GONE.isFalse())
                .orderBy(MEMBER.CREATED_AT, MEMBER.ID)
                .fetch(JooqMemberRepository::member);
    }

    @Override
    public Optional<Member> find(UUID id) {
        return one(MEMBER.ID.eq(id));
    }

    @Override
    public Optional<Member> called(String name) {
        return one(MEMBER.FOLDED.eq(folded(name)));
    }

    @Override
    public Optional<Member> invited(String secretHash, Instant now) {
        return one(MEMBER.INVITATION.eq(secretHash).and(MEMBER.INVITED_UNTIL.gt(at(now))));
    }

    private Optional<Member> one(Condition which) {
        return db.selectFrom(MEMBER)
                .where(which.and(MEMBER.IS_GONE.isFalse()))
                .fetchOptional(JooqMemberRepository::member);
    }

    private static Member member(MemberRecord r) {
        return new Member(
                r.getId(),
                r.getName(),
                Role.valueOf(r.getRole()),
                Optional.ofNullable(r.getStylistId()),
                Optional.ofNullable(r.getPassphrase()),
                Optional.ofNullable(r.getInvitedUntil()).map(OffsetDateTime::toInstant),
                r.getCreatedAt().toInstant());
    }

    @Override
    public void add(Member m) {
        db.insertInto(MEMBER)
                .set(MEMBER.ID, m.id())
                .set(MEMBER.NAME, m.name())
                .set(MEMBER.FOLDED, folded(m.name()))
                .set(MEMBER.ROLE, m.role().name())
                .set(MEMBER.STYLIST_ID, m.stylist().orElse(null))
                .set(MEMBER.PASSPHRASE, m.passphrase().orElse(null))
                .set(MEMBER.IS_GONE, false)
                .set(MEMBER.CREATED_AT, at(m.since()))
                .execute();
    }

    @Override
    public void invite(UUID id, String secretHash, Instant until) {
        db.update(MEMBER)
                .set(MEMBER.INVITATION, secretHash)
                .set(MEMBER.INVITED_UNTIL, at(until))
                .where(MEMBER.ID.eq(id))
                .execute();
    }

    @Override
    public void passphrase(UUID id, String hash) {
        db.update(MEMBER)
                .set(MEMBER.PASSPHRASE, hash)
                .setNull(MEMBER.INVITATION)
                .setNull(MEMBER.INVITED_UNTIL)
                .where(MEMBER.ID.eq(id))
                .execute();
    }

    @Override
    public boolean take(String secretHash, Instant now, String hash) {
        return db.update(MEMBER)
                        .set(MEMBER.PASSPHRASE, hash)
                        .setNull(MEMBER.INVITATION)
                        .setNull(MEMBER.INVITED_UNTIL)
                        .where(MEMBER.INVITATION
                                .eq(secretHash)
                                .and(MEMBER.INVITED_UNTIL.gt(at(now)))
                                .and(MEMBER.IS_GONE.isFalse()))
                        .execute()
                == 1;
    }

    @Override
    public void change(UUID id, Role role, Optional<UUID> stylist) {
        db.update(MEMBER)
                .set(MEMBER.ROLE, role.name())
                .set(MEMBER.STYLIST_ID, stylist.orElse(null))
                .where(MEMBER.ID.eq(id))
                .execute();
    }

    @Override
    public void leave(UUID id) {
        db.update(MEMBER)
                .set(MEMBER.IS_GONE, true)
                .setNull(MEMBER.PASSPHRASE)
                .setNull(MEMBER.INVITATION)
                .setNull(MEMBER.INVITED_UNTIL)
                .where(MEMBER.ID.eq(id))
                .execute();
    }

    @Override
    public Map<UUID, String> names(Set<UUID> ids) {
        return db.select(MEMBER.ID, MEMBER.NAME)
                .from(MEMBER)
                .where(MEMBER.ID.in(ids))
                .fetchMap(MEMBER.ID, MEMBER.NAME);
    }

    @Override
    public void hold() {
        db.selectFrom(STUDIO).forUpdate().fetch();
    }

    /** However many spaces a thumb puts between words. */
    private static String folded(String name) {
        return FoldedText.of(name).replaceAll("\\s+", " ");
    }

    private static OffsetDateTime at(Instant i) {
        return i.atOffset(ZoneOffset.UTC);
    }
}
