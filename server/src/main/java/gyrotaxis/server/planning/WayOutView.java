package gyrotaxis.server.planning;

import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A change after which a brief comes to a plan.
 *
 * @param change what of the brief becomes otherwise, see {@link gyrotaxis.server.language.Change}
 */
record WayOutView(
        List<Piece> words,
        @Schema(implementation = Object.class) JsonNode change) {}
