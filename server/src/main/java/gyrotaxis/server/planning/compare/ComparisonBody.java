package gyrotaxis.server.planning.compare;

import gyrotaxis.core.foundation.Family;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.planning.WornAsBody;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Two or three briefs to be compared, and how they are worn if that is to be compared too.
 *
 * @param planId the plan that is kept of one of them, for which hair may be set aside; null if none is
 */
public record ComparisonBody(
        @Nullable List<ComparedBody> briefs,
        @Nullable @Schema(nullable = true) WornAsBody worn,
        @Nullable @Schema(nullable = true) String planId) {

    /**
     * A brief to be compared.
     *
     * @param family another family it is to be braided after, with what that cannot carry left away; null for its own
     */
    public record ComparedBody(
            @Nullable BriefBody brief,
            @Nullable @Schema(nullable = true) Family family) {}
}
