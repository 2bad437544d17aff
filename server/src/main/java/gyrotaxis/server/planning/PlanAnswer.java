package gyrotaxis.server.planning;

import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/**
 * A plan as two answers, and how it is worn.
 *
 * @param drawn what changes at every move of a handle
 * @param read words and figures; null where they were not asked for
 * @param worn how it looks as it is worn; null where that was not asked for
 */
record PlanAnswer(
        DrawnView drawn,
        @Nullable @Schema(nullable = true) ReadView read,
        @Nullable @Schema(nullable = true) WornView worn) {}
