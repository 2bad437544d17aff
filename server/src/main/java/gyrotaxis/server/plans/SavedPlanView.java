package gyrotaxis.server.plans;

import gyrotaxis.server.book.Client;
import gyrotaxis.server.language.BriefBody;
import java.time.Instant;
import java.util.UUID;

/** A kept plan as it is shown. */
record SavedPlanView(
        UUID id,
        UUID clientId,
        String clientName,
        UUID headId,
        String name,
        BriefBody brief,
        int version,
        Instant updatedAt) {

    static SavedPlanView of(SavedPlan p, Client client) {
        return new SavedPlanView(
                p.id(), p.clientId(), client.name(), p.headId(), p.name(), p.brief(), p.version(), p.updatedAt());
    }
}
