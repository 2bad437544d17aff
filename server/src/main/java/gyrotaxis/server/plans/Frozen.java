package gyrotaxis.server.plans;

import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.documents.StoredWorksheet;
import java.util.Optional;
import java.util.UUID;

/**
 * A worksheet with what it was made of.
 *
 * @param id the sheet's
 * @param clientId whose
 * @param planName what the plan was called then
 * @param sheet what is worked from
 * @param basis the brief and the hair it was made of; empty if they were not kept with it
 */
public record Frozen(UUID id, UUID clientId, String planName, StoredWorksheet sheet, Optional<StoredPlan> basis) {}
