package gyrotaxis.server.door;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * Somebody who may sign in.
 *
 * @param stylist who she is among those who work at the chairs; empty if she does not
 * @param passphrase its slow hash; empty until she took her invitation
 * @param invitedUntil until when an invitation of hers may be taken; empty if none is open
 */
record Member(
        UUID id,
        String name,
        Role role,
        Optional<UUID> stylist,
        Optional<String> passphrase,
        Optional<Instant> invitedUntil,
        Instant since) {}
