package gyrotaxis.server.practice.learner;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * Somebody who practises.
 *
 * @param member who she is among those who may sign in, if she wrote herself down as a learner there; nobody but she and those who work
 *     here see her then
 */
record Learner(UUID id, String name, Instant since, Optional<UUID> member) {}
