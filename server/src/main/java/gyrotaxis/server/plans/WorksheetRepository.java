package gyrotaxis.server.plans;

import gyrotaxis.server.documents.StoredPlan;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** The worksheets a studio keeps. There is no changing one. */
interface WorksheetRepository {
    /** One sheet. */
    Optional<KeptSheet> find(UUID id);

    /** The brief and the hair that a sheet was made of; empty for those that were kept without. */
    Optional<StoredPlan> basis(UUID id);

    /** The plans of sheets, by the sheets' ids. */
    Map<UUID, PlanService.OfSheet> plans(Set<UUID> ids);

    /** Keeps a new sheet, with what it was made of. */
    void add(KeptSheet sheet, StoredPlan basis);
}
