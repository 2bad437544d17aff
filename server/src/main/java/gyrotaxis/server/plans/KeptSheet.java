package gyrotaxis.server.plans;

import gyrotaxis.server.documents.StoredWorksheet;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A plan as it was frozen for the chair.
 *
 * @param id never changes
 * @param clientId whose
 * @param planId the plan it was made of; null once that is gone
 * @param planName what that was called then
 * @param planVersion the version it had then
 * @param madeAt when
 * @param sheet what is worked from
 */
record KeptSheet(
        UUID id,
        UUID clientId,
        @Nullable @Schema(nullable = true) UUID planId,
        String planName,
        int planVersion,
        Instant madeAt,
        StoredWorksheet sheet) {}
