package gyrotaxis.core.diary;

import java.util.Optional;

/**
 * Why an appointment cannot be.
 *
 * @param kind what is in the way
 * @param with the appointment that is; empty if none is
 */
public record Clash(Kind kind, Optional<Appointment> with) {
    /** What can be in the way of an appointment. */
    public enum Kind {
        /** Somebody sits there. */
        CHAIR_TAKEN,
        /** She is with somebody else. */
        STYLIST_TAKEN,
        /** No such chair is here. */
        NO_CHAIR,
        /** Nobody of that name works here. */
        NO_STYLIST
    }
}
