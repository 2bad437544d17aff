package gyrotaxis.server.planning;

import gyrotaxis.server.language.BriefBody;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** A brief, and how it is worn. */
record WearBody(
        @Nullable BriefBody brief,
        @Nullable WornAsBody worn,
        @Nullable @Schema(nullable = true) Boolean withHair) {}
