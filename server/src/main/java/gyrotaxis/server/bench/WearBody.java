package gyrotaxis.server.bench;

import gyrotaxis.core.wear.Way;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** A brief, and how it is worn: {@code part} is counted from 0 and from the client's left, {@code day} from the install. */
record WearBody(
        @Nullable BriefBody brief,
        @Nullable Way way,
        @Nullable @Schema(nullable = true) Integer part,
        @Nullable @Schema(nullable = true) Double day,
        @Nullable @Schema(nullable = true) Boolean withHair) {}
