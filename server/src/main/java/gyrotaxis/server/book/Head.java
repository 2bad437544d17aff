package gyrotaxis.server.book;

import gyrotaxis.core.scalp.HeadMeasures;
import java.time.Instant;
import java.util.UUID;

/**
 * A head as it was measured one day.
 *
 * @param id never changes
 * @param clientId whose
 * @param takenAt when
 * @param measures what the tape said
 */
public record Head(UUID id, UUID clientId, Instant takenAt, HeadMeasures measures) {}
