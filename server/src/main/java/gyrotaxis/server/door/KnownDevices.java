package gyrotaxis.server.door;

import static gyrotaxis.server.db.Tables.DEVICE;
import static gyrotaxis.server.db.Tables.KNOWN_ON_DEVICE;
import static gyrotaxis.server.db.Tables.MEMBER;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Browsers in which somebody signed in, and who is known in each. */
@Repository
class KnownDevices {
    /** So many misses of the four digits, and only a full sign-in lets her in again. */
    static final int MAX_MISSES = 5;

    private final DSLContext db;
    private final Clock clock;

    KnownDevices(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** A browser by the secret that it shows. */
    record Device(UUID id, String name) {}

    /**
     * Somebody who signed in on a device once.
     *
     * @param digits the slow hash of her four digits there; empty if she has none, or missed them too often
     * @param isLocked whether she missed them too often
     */
    record Known(UUID member, String name, Optional<String> digits, boolean isLocked) {}

    Optional<Device> find(@Nullable String secret) {
        return secret == null
                ? Optional.empty()
                : db.selectFrom(DEVICE)
                        .where(DEVICE.SECRET.eq(Passphrases.quickHash(secret)))
                        .fetchOptional(r -> new Device(r.getId(), r.getName()));
    }

    Device add(String secret, String name) {
        Device d = new Device(UUID.randomUUID(), name);
        db.insertInto(DEVICE)
                .set(DEVICE.ID, d.id())
                .set(DEVICE.SECRET, Passphrases.quickHash(secret))
                .set(DEVICE.NAME, name)
                .set(DEVICE.CREATED_AT, clock.instant().atOffset(ZoneOffset.UTC))
                .execute();
        return d;
    }

    void rename(Device d, String name) {
        db.update(DEVICE).set(DEVICE.NAME, name).where(DEVICE.ID.eq(d.id())).execute();
    }

    /** Who is known there, and still may sign in. */
    List<Known> known(Device d) {
        return db.select(MEMBER.ID, MEMBER.NAME, KNOWN_ON_DEVICE.DIGITS, KNOWN_ON_DEVICE.MISSES)
                .from(KNOWN_ON_DEVICE)
                .join(MEMBER)
                .on(MEMBER.ID.eq(KNOWN_ON_DEVICE.MEMBER_ID))
                .where(KNOWN_ON_DEVICE.DEVICE_ID.eq(d.id()).and(MEMBER.IS_GONE.isFalse()))
                .orderBy(MEMBER.NAME)
                .fetch(r -> {
                    boolean isLocked = r.get(KNOWN_ON_DEVICE.MISSES) >= MAX_MISSES;
                    return new Known(
                            r.get(MEMBER.ID),
                            r.get(MEMBER.NAME),
                            Optional.ofNullable(r.get(KNOWN_ON_DEVICE.DIGITS)).filter(x -> !isLocked),
                            isLocked);
                });
    }

    /** She signed in there with her passphrase: she is known from now on, and misses are forgotten. */
    void signedIn(Device d, UUID member) {
        db.insertInto(KNOWN_ON_DEVICE)
                .set(KNOWN_ON_DEVICE.DEVICE_ID, d.id())
                .set(KNOWN_ON_DEVICE.MEMBER_ID, member)
                .set(KNOWN_ON_DEVICE.MISSES, (short) 0)
                .set(KNOWN_ON_DEVICE.SIGNED_IN_AT, clock.instant().atOffset(ZoneOffset.UTC))
                .onDuplicateKeyUpdate()
                .set(KNOWN_ON_DEVICE.MISSES, (short) 0)
                .set(KNOWN_ON_DEVICE.SIGNED_IN_AT, clock.instant().atOffset(ZoneOffset.UTC))
                .execute();
    }

    /** Sets the hash of her four digits there, or takes them away. */
    void digits(Device d, UUID member, @Nullable String hash) {
        db.update(KNOWN_ON_DEVICE)
                .set(KNOWN_ON_DEVICE.DIGITS, hash)
                .set(KNOWN_ON_DEVICE.MISSES, (short) 0)
                .where(KNOWN_ON_DEVICE.DEVICE_ID.eq(d.id()).and(KNOWN_ON_DEVICE.MEMBER_ID.eq(member)))
                .execute();
    }

    /** Her four digits end on every device: from now on her passphrase lets her in there. */
    void endDigits(UUID member) {
        db.update(KNOWN_ON_DEVICE)
                .setNull(KNOWN_ON_DEVICE.DIGITS)
                .where(KNOWN_ON_DEVICE.MEMBER_ID.eq(member))
                .execute();
    }

    /** A device on which somebody signed in once. */
    record OfMember(UUID device, String name, Instant signedInAt, boolean hasDigits) {}

    /** Where she is known, the latest first. */
    List<OfMember> of(UUID member) {
        return db.select(DEVICE.ID, DEVICE.NAME, KNOWN_ON_DEVICE.SIGNED_IN_AT, KNOWN_ON_DEVICE.DIGITS)
                .from(KNOWN_ON_DEVICE)
                .join(DEVICE)
                .on(DEVICE.ID.eq(KNOWN_ON_DEVICE.DEVICE_ID))
                .where(KNOWN_ON_DEVICE.MEMBER_ID.eq(member))
                .orderBy(KNOWN_ON_DEVICE.SIGNED_IN_AT.desc())
                .fetch(r -> new OfMember(
                        r.get(DEVICE.ID),
                        r.get(DEVICE.NAME),
                        r.get(KNOWN_ON_DEVICE.SIGNED_IN_AT).toInstant(),
                        r.get(KNOWN_ON_DEVICE.DIGITS) != null));
    }

    /** One device knows her no more; false if it did not. */
    boolean forget(UUID device, UUID member) {
        return db.deleteFrom(KNOWN_ON_DEVICE)
                        .where(KNOWN_ON_DEVICE.DEVICE_ID.eq(device).and(KNOWN_ON_DEVICE.MEMBER_ID.eq(member)))
                        .execute()
                == 1;
    }

    /** Counts a try before it is looked at, so that many at once are counted too; false if there were too many. */
    boolean take(Device d, UUID member) {
        return db.update(KNOWN_ON_DEVICE)
                        .set(KNOWN_ON_DEVICE.MISSES, KNOWN_ON_DEVICE.MISSES.plus(DSL.inline((short) 1)))
                        .where(KNOWN_ON_DEVICE
                                .DEVICE_ID
                                .eq(d.id())
                                .and(KNOWN_ON_DEVICE.MEMBER_ID.eq(member))
                                .and(KNOWN_ON_DEVICE.MISSES.lt((short) MAX_MISSES)))
                        .execute()
                == 1;
    }

    /** The digits were right: misses are forgotten. */
    void met(Device d, UUID member) {
        db.update(KNOWN_ON_DEVICE)
                .set(KNOWN_ON_DEVICE.MISSES, (short) 0)
                .where(KNOWN_ON_DEVICE.DEVICE_ID.eq(d.id()).and(KNOWN_ON_DEVICE.MEMBER_ID.eq(member)))
                .execute();
    }

    /** She is known nowhere any more, as if she had signed in nowhere. */
    void forget(UUID member) {
        db.deleteFrom(KNOWN_ON_DEVICE)
                .where(KNOWN_ON_DEVICE.MEMBER_ID.eq(member))
                .execute();
    }
}
