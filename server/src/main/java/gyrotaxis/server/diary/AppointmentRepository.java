package gyrotaxis.server.diary;

import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.StylistId;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** The appointments a studio keeps. */
interface AppointmentRepository {
    /** One of them. */
    Optional<Booked> find(UUID id);

    /** Some of them, by their ids. */
    Map<UUID, Booked> find(Set<UUID> ids);

    /** Those that are not over at {@code from} and have begun before {@code until}, in order; called off ones too. */
    List<Booked> between(Instant from, Instant until);

    /** Those of a client, the newest first. */
    List<Booked> of(UUID client);

    /** Those that became a visit. */
    List<Booked> ofVisit(UUID visit);

    /** Those that belong to another. */
    List<Booked> belongingTo(UUID id);

    /** Keeps a new one. */
    void add(Booked appointment);

    /** Changes one, if nobody has since its version; empty if a newer one is kept. */
    Optional<Booked> change(Booked appointment);

    /** Planned ones of somebody that end after a moment, in order. */
    List<Booked> ahead(Instant at, StylistId who);

    /** Planned ones on a chair that end after a moment, in order. */
    List<Booked> ahead(Instant at, ChairId chair);
}
