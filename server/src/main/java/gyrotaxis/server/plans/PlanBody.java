package gyrotaxis.server.plans;

import gyrotaxis.server.language.BriefBody;
import org.jspecify.annotations.Nullable;

/** A change to a kept plan; {@code version} is the one it was read with. */
record PlanBody(@Nullable String name, @Nullable BriefBody brief, int version) {}
