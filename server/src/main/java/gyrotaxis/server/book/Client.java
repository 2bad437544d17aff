package gyrotaxis.server.book;

import gyrotaxis.core.ownhair.OwnHair;
import java.time.Instant;
import java.util.UUID;

/**
 * Somebody who comes to the chair.
 *
 * @param id never changes
 * @param name as she wants to be called
 * @param wishes what she said she wants
 * @param notes what the stylist wants to remember
 * @param ownHair her own hair and scalp
 * @param version grows by one with every change
 * @param createdAt when she was first written down
 */
public record Client(
        UUID id, String name, String wishes, String notes, OwnHair ownHair, int version, Instant createdAt) {
    /** Letters of a name. */
    public static final int MAX_NAME_LENGTH = 120;

    public static final int MAX_WISHES_LENGTH = 2000;
    public static final int MAX_NOTES_LENGTH = 4000;
}
