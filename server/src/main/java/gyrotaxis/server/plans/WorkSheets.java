package gyrotaxis.server.plans;

import gyrotaxis.server.language.PlanForm;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** The worksheets a studio keeps. There is no changing one. */
interface WorkSheets {
    /** One sheet. */
    Optional<KeptSheet> find(UUID id);

    /** The brief and the hair that a sheet was made of; empty for those that were kept without. */
    Optional<PlanForm> basis(UUID id);

    /** The plans of sheets, by the sheets' ids. */
    Map<UUID, PlanDesk.OfSheet> plans(Set<UUID> ids);

    /** Keeps a new sheet, with what it was made of. */
    void add(KeptSheet sheet, PlanForm basis);
}
