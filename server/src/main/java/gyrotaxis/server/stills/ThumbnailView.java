package gyrotaxis.server.stills;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a plan's picture.
 *
 * @param now the fingerprint of what its picture would be drawn from today
 * @param kept the one that is kept; null before the first
 */
record ThumbnailView(
        UUID plan,
        String now,
        @Nullable @Schema(nullable = true) KeptStill kept) {

    /**
     * @param of the fingerprint of what it was drawn from: another one than that of today, and it is out of date
     * @param keptAt when, in milliseconds: part of its address, so that a browser asks for each but once
     */
    record KeptStill(String of, long keptAt, Sight seen, boolean isPinned) {}
}
