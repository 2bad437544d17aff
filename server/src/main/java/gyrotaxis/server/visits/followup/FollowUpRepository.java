package gyrotaxis.server.visits.followup;

import gyrotaxis.core.care.FollowUp;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What is looked after once installs are worn. */
public interface FollowUpRepository {
    /**
     * One of them.
     *
     * @param outcome what was told of it; empty as long as nothing was
     * @param toldOn the day it was told of
     * @param words more of it; may be empty
     */
    record Kept(
            UUID id,
            UUID client,
            UUID visit,
            FollowUp what,
            LocalDate due,
            Optional<FollowUp.Outcome> outcome,
            Optional<LocalDate> toldOn,
            String words) {}

    /** One of them. */
    Optional<Kept> find(UUID id);

    /** Those of a visit, in order of their days. */
    List<Kept> ofVisit(UUID visit);

    /** Those of a client, in order of their days. */
    List<Kept> ofClient(UUID client);

    /** Those of which nothing was told yet and that fall due until a day, the oldest first, at most so many. */
    List<Kept> dueUntil(LocalDate day, int most);

    /** Keeps new ones; those a visit has already are passed over. */
    void add(List<Kept> followUps);

    /** Puts one on another day. */
    void due(UUID id, LocalDate day);

    /** Says what was told of one. */
    void tell(Kept followUp);
}
