package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Appointment;
import gyrotaxis.core.diary.AppointmentId;
import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.diary.Span;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.diary.Bodies.AppointmentBody;
import gyrotaxis.server.shared.Fields;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Checks what was written down of an appointment.
 *
 * @param wall the studio's clock
 * @param now this moment
 */
record AppointmentCheck(ClientRepository book, StudioClock wall, Instant now) {
    private static final Interval MINUTE = new Interval(0, StudioClock.DAY_MINUTES - 1);
    static final Interval MINUTES = new Interval(5, 720);
    private static final int MAX_NOTE_LENGTH = 400;

    /**
     * The appointment, or null if what names it is missing.
     *
     * @param at where in the request it stands
     * @param stored as it is kept; empty for a new one
     */
    @Nullable
    Booked of(Fields f, String at, AppointmentBody body, Optional<Booked> stored) {
        LocalDate today = wall.day(now);
        UUID id = stored.map(Booked::id).orElseGet(() -> f.id(at + "id", "The appointment", body.id()));
        Occasion occasion = f.present(at + "occasion", "What it is for", body.occasion(), Occasion.INSTALL);
        LocalDate day = f.day(at + "day", "The day", body.day(), today);
        int minute = f.whole(at + "minute", "When it begins, in minutes of the day,", body.minute(), MINUTE);
        int minutes = f.whole(at + "minutes", "How long it takes, in minutes,", body.minutes(), MINUTES);
        Instant begins = wall.at(f, at + "minute", day, minute);
        UUID stylist = f.id(at + "stylistId", "Who does it", body.stylistId());
        Optional<UUID> chair = occasion.takesChair()
                ? Optional.ofNullable(f.id(at + "chairId", "The chair", body.chairId()))
                : Optional.empty();
        Optional<UUID> plan = f.idIfAny(at + "planId", "The plan", body.planId());
        Optional<UUID> belongsTo = f.idIfAny(at + "belongsTo", "What it belongs to", body.belongsTo());
        String note = f.lines(at + "note", "The note", body.note(), MAX_NOTE_LENGTH);
        Optional<UUID> client = client(f, at, body, occasion);
        if (id == null || stylist == null || (occasion.takesChair() && chair.isEmpty())) {
            return null;
        }
        return new Booked(
                new Appointment(
                        new AppointmentId(id),
                        occasion,
                        Span.of(begins, Duration.ofMinutes(minutes)),
                        chair.map(ChairId::new),
                        new StylistId(stylist)),
                client,
                plan,
                stored.flatMap(Booked::visit),
                belongsTo.or(() -> stored.flatMap(Booked::belongsTo)),
                stored.map(Booked::state).orElse(Booked.State.PLANNED),
                note,
                stored.isPresent() ? body.version() : 1,
                stored.map(Booked::createdAt).orElse(now));
    }

    private Optional<UUID> client(Fields f, String at, AppointmentBody body, Occasion occasion) {
        Optional<UUID> client = f.idIfAny(at + "clientId", "The client", body.clientId());
        if (client.isEmpty() && occasion != Occasion.PREPARE) {
            f.problem(at + "clientId", "Who comes? Choose a client, or write her down first.");
        }
        client.filter(c -> book.names(Set.of(c)).isEmpty())
                .ifPresent(c -> f.problem(at + "clientId", "This client is no longer in the book."));
        return client;
    }
}
