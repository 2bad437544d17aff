package gyrotaxis.server.plans;

import gyrotaxis.server.planning.PlanSummary;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A plan as a tile in the book.
 *
 * @param summary its small map and figures; null if it comes to no plan any more, or they were never worked out
 * @param problem why it does not
 * @param isFresh whether they are of today; those that are not are being worked out, and worth asking for again
 */
record PlanTileView(
        UUID id,
        UUID clientId,
        String name,
        @Nullable @Schema(nullable = true) PlanSummary summary,
        @Nullable @Schema(nullable = true) String problem,
        boolean isFresh) {}
