package gyrotaxis.server.plans;

import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** A plan to be begun for a client from her newest head, by the method and with what is known of whoever will hook it. */
record NewPlanBody(
        @Nullable String clientId,
        @Nullable String name,
        @Nullable @Schema(nullable = true) String stylistId) {}
