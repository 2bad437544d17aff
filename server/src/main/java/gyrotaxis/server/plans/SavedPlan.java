package gyrotaxis.server.plans;

import gyrotaxis.server.language.BriefBody;
import java.time.Instant;
import java.util.UUID;

/**
 * A plan that is kept: its brief, from which everything else follows.
 *
 * @param id never changes
 * @param clientId whose
 * @param headId the head it was begun from
 * @param name what it is called
 * @param brief what is asked
 * @param version grows by one with every change
 * @param updatedAt when it was last changed
 */
record SavedPlan(UUID id, UUID clientId, UUID headId, String name, BriefBody brief, int version, Instant updatedAt) {}
