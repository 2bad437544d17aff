package gyrotaxis.server.planning;

import gyrotaxis.server.language.BriefBody;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/**
 * What is asked about a brief.
 *
 * @param worn how it is to be looked at as it is worn; null if it is not
 * @param withRead whether words and figures are wanted too; usually they are
 * @param withSides whether the head from its sides is wanted too; usually it is
 * @param planId the plan that is kept of it, for which hair may be set aside; null if none is
 */
record PlanQuestion(
        @Nullable BriefBody brief,
        @Nullable @Schema(nullable = true) WornAsBody worn,
        @Nullable @Schema(nullable = true) Boolean withRead,
        @Nullable @Schema(nullable = true) Boolean withSides,
        @Nullable @Schema(nullable = true) String planId) {}
