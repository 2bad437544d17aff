package gyrotaxis.server.stills;

import gyrotaxis.server.pictures.Picture;
import java.time.Instant;
import java.util.UUID;

/**
 * A picture of a plan as it is worn.
 *
 * @param of the fingerprint of what it was drawn from
 * @param isPinned whether somebody chose to look at it so; else it is drawn as anything is that nobody chose for
 */
record Thumbnail(UUID plan, String of, Sight seen, boolean isPinned, Picture picture, Instant keptAt) {}
