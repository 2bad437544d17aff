package gyrotaxis.server.diary;

import static gyrotaxis.server.db.Tables.APPOINTMENT;

import gyrotaxis.core.diary.Appointment;
import gyrotaxis.core.diary.AppointmentId;
import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.diary.Span;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.server.db.tables.records.AppointmentRecord;
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
class JooqAppointmentRepository implements AppointmentRepository {
    private final DSLContext db;

    JooqAppointmentRepository(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<Booked> find(UUID id) {
        return db.selectFrom(APPOINTMENT).where(APPOINTMENT.ID.eq(id)).fetchOptional(JooqAppointmentRepository::booked);
    }

    @Override
    public Map<UUID, Booked> find(Set<UUID> ids) {
        return db.selectFrom(APPOINTMENT)
                .where(APPOINTMENT.ID.in(ids))
                .fetchMap(APPOINTMENT.ID, JooqAppointmentRepository::booked);
    }

    @Override
    public List<Booked> between(Instant from, Instant until) {
        return inOrder(APPOINTMENT
                .ENDS_AT
                .gt(utc(from))
                .and(APPOINTMENT.STARTS_AT.lt(utc(until)))
                // What is over began no longer ago than a day: so the index on the beginning serves.
                .and(APPOINTMENT.STARTS_AT.gt(utc(from).minusDays(1))));
    }

    @Override
    public List<Booked> of(UUID client) {
        return db.selectFrom(APPOINTMENT)
                .where(APPOINTMENT.CLIENT_ID.eq(client))
                .orderBy(APPOINTMENT.STARTS_AT.desc(), APPOINTMENT.ID)
                .fetch(JooqAppointmentRepository::booked);
    }

    @Override
    public List<Booked> ofVisit(UUID visit) {
        return inOrder(APPOINTMENT.VISIT_ID.eq(visit));
    }

    @Override
    public List<Booked> belongingTo(UUID id) {
        return inOrder(APPOINTMENT.BELONGS_TO.eq(id));
    }

    @Override
    public void add(Booked b) {
        db.insertInto(APPOINTMENT).set(record(b)).execute();
    }

    @Override
    public Optional<Booked> change(Booked b) {
        Booked next = new Booked(
                b.what(),
                b.client(),
                b.plan(),
                b.visit(),
                b.belongsTo(),
                b.state(),
                b.note(),
                b.version() + 1,
                b.createdAt());
        int changed = db.update(APPOINTMENT)
                .set(record(next))
                .where(APPOINTMENT.ID.eq(b.id()).and(APPOINTMENT.VERSION.eq(b.version())))
                .execute();
        return changed == 1 ? Optional.of(next) : Optional.empty();
    }

    @Override
    public List<Booked> ahead(Instant at, StylistId who) {
        return inOrder(APPOINTMENT.STYLIST_ID.eq(who.value()).and(isAhead(at)));
    }

    @Override
    public List<Booked> ahead(Instant at, ChairId chair) {
        return inOrder(APPOINTMENT.CHAIR_ID.eq(chair.value()).and(isAhead(at)));
    }

    private static Condition isAhead(Instant at) {
        return APPOINTMENT.ENDS_AT.gt(utc(at)).and(APPOINTMENT.STATE.eq(Booked.State.PLANNED.name()));
    }

    private List<Booked> inOrder(Condition which) {
        return db.selectFrom(APPOINTMENT)
                .where(which)
                .orderBy(APPOINTMENT.STARTS_AT, APPOINTMENT.ID)
                .fetch(JooqAppointmentRepository::booked);
    }

    private static OffsetDateTime utc(Instant at) {
        return at.atOffset(ZoneOffset.UTC);
    }

    private static AppointmentRecord record(Booked b) {
        Appointment a = b.what();
        return new AppointmentRecord(
                b.id(),
                b.client().orElse(null),
                b.plan().orElse(null),
                b.visit().orElse(null),
                a.occasion().name(),
                utc(a.span().from()),
                utc(a.span().until()),
                a.chair().map(ChairId::value).orElse(null),
                a.stylist().value(),
                b.belongsTo().orElse(null),
                b.state().name(),
                b.note(),
                b.version(),
                utc(b.createdAt()));
    }

    private static Booked booked(AppointmentRecord r) {
        return new Booked(
                new Appointment(
                        new AppointmentId(r.getId()),
                        Occasion.valueOf(r.getOccasion()),
                        new Span(r.getStartsAt().toInstant(), r.getEndsAt().toInstant()),
                        Optional.ofNullable(r.getChairId()).map(ChairId::new),
                        new StylistId(r.getStylistId())),
                Optional.ofNullable(r.getClientId()),
                Optional.ofNullable(r.getPlanId()),
                Optional.ofNullable(r.getVisitId()),
                Optional.ofNullable(r.getBelongsTo()),
                Booked.State.valueOf(r.getState()),
                r.getNote(),
                r.getVersion(),
                r.getCreatedAt().toInstant());
    }
}
