package gyrotaxis.core.diary;

import java.time.Instant;
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

    /** The same, over at a moment if that lies within it, at the next time that can be said: what is left of it is free again. */
    public Appointment overAt(Instant at) {
        Instant ends = Late.rounded(at);
        return ends.isAfter(span.from()) && ends.isBefore(span.until()) ? during(new Span(span.from(), ends)) : this;
    }

    /** Whether both need the same hands or the same chair. */
    boolean sharesWith(Appointment o) {
        return stylist.equals(o.stylist) || (chair.isPresent() && chair.equals(o.chair));
    }
}
