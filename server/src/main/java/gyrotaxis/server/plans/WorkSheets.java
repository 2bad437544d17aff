package gyrotaxis.server.plans;

import java.util.Optional;
import java.util.UUID;

/** The worksheets a studio keeps. There is no changing one. */
interface WorkSheets {
    /** One sheet. */
    Optional<KeptSheet> find(UUID id);

    /** Keeps a new sheet. */
    void add(KeptSheet sheet);
}
