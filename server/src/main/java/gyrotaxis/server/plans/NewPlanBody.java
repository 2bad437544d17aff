package gyrotaxis.server.plans;

import org.jspecify.annotations.Nullable;

/** A plan to be begun for a client from her newest head. */
record NewPlanBody(@Nullable String clientId, @Nullable String name) {}
