package gyrotaxis.server.visits;

import gyrotaxis.core.chair.EventId;
import gyrotaxis.server.pictures.Picture;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** The visits a studio keeps. There is no changing what happened. */
interface VisitRepository {
    /** One visit. */
    Optional<Visit> find(UUID id);

    /** Visits of a day and of the days before, the newest first, at most so many. */
    List<Visit> until(LocalDate day, int most);

    /** Those that are begun and not finished, whatever day they are of, the newest first, at most so many. */
    List<Visit> open(int most);

    /** Those of a client, the newest first. */
    List<Visit> ofClient(UUID client);

    /** How far a visit is; empty if nobody worked it out yet. */
    Optional<VisitSummary> told(UUID visit);

    /** Keeps how far it is. */
    void tell(UUID visit, VisitSummary told);

    /** Says who works it. */
    void by(UUID visit, UUID stylist);

    /** Keeps a new visit. */
    void add(Visit visit);

    /** Everything that happened in a visit and arrived after something, in the order of arrival, at most so many. */
    List<KeptEvent> events(UUID visit, long after, int most);

    /** Adds events; those that are known already are passed over. */
    void add(UUID visit, List<KeptEvent> events);

    /** The names of all events of a visit: by device, then by number. */
    List<EventId> names(UUID visit);

    /** Up to where something arrived in a visit; 0 if nothing did. */
    long arrived(UUID visit);

    /** The events of a visit that make no sense. */
    List<KeptEvent> unfit(UUID visit);

    /** Keeps a picture, unless it is known already. */
    void add(UUID visit, UUID id, Picture picture);

    /** A picture of a visit. */
    Optional<Picture> picture(UUID visit, UUID id);
}
