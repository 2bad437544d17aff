package gyrotaxis.server.stock;

import gyrotaxis.core.stock.Movement;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * A movement as it is kept: what, when, and for whom.
 *
 * @param id made by whoever tells it, so that telling it twice moves once
 * @param by who did it; empty if nobody said
 * @param visit the visit it happened in; empty if in none
 * @param note may be empty
 */
public record Moved(UUID id, Movement what, Instant at, Optional<UUID> by, Optional<UUID> visit, String note) {
    public static final int MAX_NOTE_LENGTH = 200;

    /** A movement of now, under a new name. */
    public static Moved now(Movement what, Instant at, Optional<UUID> by, Optional<UUID> visit, String note) {
        return new Moved(UUID.randomUUID(), what, at, by, visit, note);
    }
}
