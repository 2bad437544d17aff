package gyrotaxis.server.practice;

import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.server.documents.StoredPlan;
import java.time.Instant;
import java.util.UUID;

/**
 * A drill that a trainer made of a plan, for learners to answer.
 *
 * @param plan what it is asked about, as it was then; whose it is is not known here
 */
record Exercise(UUID id, String name, DrillKind kind, int level, int seed, StoredPlan plan, Instant madeAt) {}
