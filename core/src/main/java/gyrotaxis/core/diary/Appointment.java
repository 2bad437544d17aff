package gyrotaxis.core.diary;

import java.util.Optional;

/**
 * Somebody's time, and perhaps a chair's, spoken for.
 *
 * @param chair where somebody sits; empty exactly where the occasion takes none
 * @param stylist who does it
 */
public record Appointment(AppointmentId id, Occasion occasion, Span span, Optional<ChairId> chair, StylistId stylist) {
    public Appointment {
        if (chair.isPresent() != occasion.takesChair()) {
            throw new IllegalArgumentException(
                    "chair is " + chair + " but " + occasion + (occasion.takesChair() ? " takes one" : " takes none"));
        }
    }

    /** The same at another time. */
    public Appointment during(Span other) {
        return new Appointment(id, occasion, other, chair, stylist);
    }

    /** Whether both need the same hands or the same chair. */
    boolean sharesWith(Appointment o) {
        return stylist.equals(o.stylist) || (chair.isPresent() && chair.equals(o.chair));
    }
}
