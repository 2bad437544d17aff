package gyrotaxis.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Two or three briefs to be compared, and how they are worn if that is to be compared too. */
record ComparisonBody(
        @Nullable List<BriefBody> briefs,
        @Nullable @Schema(nullable = true) WornAsBody worn) {}
