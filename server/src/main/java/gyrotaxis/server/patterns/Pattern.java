package gyrotaxis.server.patterns;

import gyrotaxis.server.language.FoundationBody;
import java.time.Instant;
import java.util.UUID;

/**
 * A foundation that a stylist keeps as a pattern of her own; laid on another head, it fits itself to it.
 *
 * @param id never changes
 * @param name what she calls it
 * @param foundation as it was written down
 * @param createdAt when it was kept
 */
public record Pattern(UUID id, String name, FoundationBody foundation, Instant createdAt) {}
