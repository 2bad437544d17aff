package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Appointment;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * An appointment with all that is kept of it.
 *
 * @param what when, where and by whom
 * @param client who comes; empty if nobody does
 * @param plan what is worked; empty if nothing is planned yet
 * @param visit what became of it at the chair
 * @param belongsTo the install that hair is prepared for, or the first of two sittings
 * @param note what is to be remembered; may be empty
 * @param version grows by one with every change
 */
record Booked(
        Appointment what,
        Optional<UUID> client,
        Optional<UUID> plan,
        Optional<UUID> visit,
        Optional<UUID> belongsTo,
        State state,
        String note,
        int version,
        Instant createdAt) {

    /** What becomes of an appointment. */
    enum State {
        PLANNED,
        DONE,
        /** She did not come. */
        MISSED,
        /** It was called off; its time is free again. */
        CALLED_OFF
    }

    Booked during(Appointment other) {
        return new Booked(other, client, plan, visit, belongsTo, state, note, version, createdAt);
    }

    Booked became(UUID aVisit) {
        return new Booked(what, client, plan, Optional.of(aVisit), belongsTo, state, note, version, createdAt);
    }

    Booked is(State other) {
        return new Booked(what, client, plan, visit, belongsTo, other, note, version, createdAt);
    }

    UUID id() {
        return what.id().value();
    }
}
