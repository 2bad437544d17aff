package gyrotaxis.server.book;

import gyrotaxis.core.scalp.HeadRecord;
import java.time.Instant;
import java.util.UUID;

/**
 * A head as it was measured one day.
 *
 * @param id never changes
 * @param clientId whose
 * @param takenAt when
 * @param record what was taken down
 */
public record Head(UUID id, UUID clientId, Instant takenAt, HeadRecord record) {}
