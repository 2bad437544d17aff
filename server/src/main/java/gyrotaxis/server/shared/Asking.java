package gyrotaxis.server.shared;

import java.util.Optional;
import java.util.UUID;

/** Whoever asks, as far as the door knows her. */
@FunctionalInterface
public interface Asking {
    /** Who she is among those who work at the chairs; empty on this machine alone, and for who works at none. */
    Optional<UUID> stylist();
}
