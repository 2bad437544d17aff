package gyrotaxis.server.visits;

import gyrotaxis.core.chair.VisitEvent;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import tools.jackson.databind.JsonNode;

/**
 * An event as a device sends it. What happened is read later: what makes no sense is kept too.
 *
 * @param device what the device calls itself
 * @param count the how manyth of its own, from 1 without gaps
 * @param clock its logical clock
 * @param at when, by its own clock
 * @param what what happened
 */
record RecordedEventRequest(
        String device,
        long count,
        long clock,
        Instant at,
        @Schema(implementation = VisitEvent.class) JsonNode what) {}
