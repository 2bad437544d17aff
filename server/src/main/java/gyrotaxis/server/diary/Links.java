package gyrotaxis.server.diary;

import gyrotaxis.core.diary.StylistId;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/** Ties appointments to what becomes of them at the chair. */
public interface Links {
    /**
     * A visit is begun with a plan on a day: the appointment it was made for, if there is one, is its own from now on.
     *
     * @return who does it; empty if there was no appointment
     */
    Optional<StylistId> begun(UUID visit, UUID plan, LocalDate day);

    /** The work of a visit is done; what is left of its time is free again. */
    void done(UUID visit, Instant at);
}
