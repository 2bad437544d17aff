package gyrotaxis.server.visits;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * A worksheet as it is worked.
 *
 * @param id made by whoever began it
 * @param clientId whose
 * @param sheetId what is worked from
 * @param stylist who works it; empty if nobody said
 * @param day on which it is
 * @param createdAt when it was put down
 */
record Visit(UUID id, UUID clientId, UUID sheetId, Optional<UUID> stylist, LocalDate day, Instant createdAt) {}
