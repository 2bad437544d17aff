package gyrotaxis.server.people;

import static gyrotaxis.server.db.Tables.CHAIR;
import static gyrotaxis.server.db.Tables.STUDIO;
import static gyrotaxis.server.db.Tables.STYLIST;
import static gyrotaxis.server.db.Tables.STYLIST_HOURS;
import static gyrotaxis.server.db.Tables.STYLIST_OFF;

import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.DayHours;
import gyrotaxis.core.diary.DaysOff;
import gyrotaxis.core.diary.Hours;
import gyrotaxis.core.diary.Stylist;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.server.db.tables.records.StudioRecord;
import gyrotaxis.server.db.tables.records.StylistHoursRecord;
import gyrotaxis.server.db.tables.records.StylistOffRecord;
import gyrotaxis.server.db.tables.records.StylistRecord;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

@Repository
class JooqPeopleRepository implements PeopleRepository {
    private static final int THE_STUDIO = 1;

    private final DSLContext db;

    JooqPeopleRepository(DSLContext db) {
        this.db = db;
    }

    @Override
    public Studio studio() {
        return studio(db.selectFrom(STUDIO).where(STUDIO.ID.eq(THE_STUDIO)).fetchSingle());
    }

    /** Until somebody says otherwise its clock is that of this machine. */
    private static Studio studio(StudioRecord r) {
        return new Studio(
                r.getName(),
                r.getZone() == null ? ZoneId.systemDefault() : ZoneId.of(r.getZone()),
                Duration.ofMinutes(r.getGapMinutes()),
                r.getVersion());
    }

    @Override
    public Optional<Studio> change(Studio s) {
        int changed = db.update(STUDIO)
                .set(STUDIO.NAME, s.name())
                .set(STUDIO.ZONE, s.zone().getId())
                .set(STUDIO.GAP_MINUTES, (int) s.gap().toMinutes())
                .set(STUDIO.VERSION, s.version() + 1)
                .where(STUDIO.ID.eq(THE_STUDIO).and(STUDIO.VERSION.eq(s.version())))
                .execute();
        return changed == 1 ? Optional.of(studio()) : Optional.empty();
    }

    @Override
    public List<Chair> chairs() {
        return db.selectFrom(CHAIR)
                .where(CHAIR.IS_GONE.isFalse())
                .orderBy(CHAIR.PLACE, CHAIR.ID)
                .fetch(r -> new Chair(new ChairId(r.getId()), r.getName()));
    }

    @Override
    public void add(Chair chair) {
        db.insertInto(CHAIR, CHAIR.ID, CHAIR.NAME, CHAIR.PLACE)
                .values(chair.id().value(), chair.name(), db.fetchCount(CHAIR))
                .execute();
    }

    @Override
    public boolean rename(Chair chair) {
        return db.update(CHAIR)
                        .set(CHAIR.NAME, chair.name())
                        .where(CHAIR.ID.eq(chair.id().value()).and(CHAIR.IS_GONE.isFalse()))
                        .execute()
                == 1;
    }

    @Override
    public boolean remove(ChairId chair) {
        return db.update(CHAIR)
                        .set(CHAIR.IS_GONE, true)
                        .where(CHAIR.ID.eq(chair.value()).and(CHAIR.IS_GONE.isFalse()))
                        .execute()
                == 1;
    }

    @Override
    public List<Person> everybody() {
        Map<UUID, List<StylistHoursRecord>> hours =
                db.selectFrom(STYLIST_HOURS).fetchGroups(STYLIST_HOURS.STYLIST_ID, r -> r);
        Map<UUID, List<StylistOffRecord>> off =
                db.selectFrom(STYLIST_OFF).orderBy(STYLIST_OFF.FIRST_DAY).fetchGroups(STYLIST_OFF.STYLIST_ID, r -> r);
        return db.selectFrom(STYLIST)
                .orderBy(STYLIST.PLACE, STYLIST.ID)
                .fetch(r ->
                        person(r, hours.getOrDefault(r.getId(), List.of()), off.getOrDefault(r.getId(), List.of())));
    }

    private static Person person(StylistRecord r, List<StylistHoursRecord> hours, List<StylistOffRecord> off) {
        EnumMap<DayOfWeek, DayHours> week = new EnumMap<>(DayOfWeek.class);
        hours.forEach(h -> week.put(DayOfWeek.of(h.getWeekDay()), new DayHours(h.getFromMinute(), h.getUntilMinute())));
        return new Person(
                new Stylist(
                        new StylistId(r.getId()),
                        r.getName(),
                        new Hours(
                                week,
                                off.stream()
                                        .map(o -> new DaysOff(o.getFirstDay(), o.getLastDay(), o.getWhy()))
                                        .toList())),
                Optional.ofNullable(r.getMethodId()),
                r.getIsGone(),
                r.getVersion());
    }

    @Override
    public void add(Person p) {
        db.insertInto(STYLIST)
                .set(new StylistRecord(
                        p.stylist().id().value(),
                        p.stylist().name(),
                        p.method().orElse(null),
                        db.fetchCount(STYLIST),
                        false,
                        p.version()))
                .execute();
        addHours(p.stylist());
    }

    private void addHours(Stylist s) {
        s.hours()
                .week()
                .forEach((day, h) -> db.insertInto(STYLIST_HOURS)
                        .set(new StylistHoursRecord(
                                s.id().value(), (short) day.getValue(), h.fromMinute(), h.untilMinute()))
                        .execute());
        s.hours()
                .off()
                .forEach(o -> db.insertInto(STYLIST_OFF)
                        .set(new StylistOffRecord(UUID.randomUUID(), s.id().value(), o.first(), o.last(), o.why()))
                        .execute());
    }

    @Override
    public Optional<Person> change(Person p) {
        UUID id = p.stylist().id().value();
        int changed = db.update(STYLIST)
                .set(STYLIST.NAME, p.stylist().name())
                .set(STYLIST.METHOD_ID, p.method().orElse(null))
                .set(STYLIST.VERSION, p.version() + 1)
                .where(STYLIST.ID.eq(id).and(STYLIST.VERSION.eq(p.version())).and(STYLIST.IS_GONE.isFalse()))
                .execute();
        if (changed == 0) {
            return Optional.empty();
        }
        db.deleteFrom(STYLIST_HOURS).where(STYLIST_HOURS.STYLIST_ID.eq(id)).execute();
        db.deleteFrom(STYLIST_OFF).where(STYLIST_OFF.STYLIST_ID.eq(id)).execute();
        addHours(p.stylist());
        return Optional.of(new Person(p.stylist(), p.method(), p.isGone(), p.version() + 1));
    }

    @Override
    public boolean leave(StylistId who) {
        return db.update(STYLIST)
                        .set(STYLIST.IS_GONE, true)
                        .where(STYLIST.ID.eq(who.value()).and(STYLIST.IS_GONE.isFalse()))
                        .execute()
                == 1;
    }

    @Override
    public void hold() {
        // One row stands for everybody's time: who wants to speak for some waits until whoever has it is done.
        db.select(DSL.one())
                .from(STUDIO)
                .where(STUDIO.ID.eq(THE_STUDIO))
                .forUpdate()
                .fetchOne();
    }
}
