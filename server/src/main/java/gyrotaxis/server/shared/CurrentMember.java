package gyrotaxis.server.shared;

import java.util.Optional;
import java.util.UUID;

/** Whoever asks, as far as the door knows her. */
public interface CurrentMember {
    /** Who she is among those who may sign in; empty on this machine alone, where nobody signs in. */
    Optional<UUID> member();

    /** Who she is among those who work at the chairs; empty on this machine alone, and for who works at none. */
    Optional<UUID> stylist();

    /** Whether she may only learn: nothing of a client, and of learners only herself. */
    boolean isLearner();
}
