package gyrotaxis.server.practice;

import java.time.Instant;
import java.util.UUID;

/** Somebody who practises. */
record Learner(UUID id, String name, Instant since) {}
