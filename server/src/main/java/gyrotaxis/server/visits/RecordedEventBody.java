package gyrotaxis.server.visits;

import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import tools.jackson.databind.JsonNode;

/**
 * An event as devices hear of it. The core names it by an id of two parts; here they stand beside the rest, as devices
 * keep them.
 *
 * @param device what the device calls itself
 * @param count the how manyth of its own, from 1 without gaps
 * @param clock its logical clock
 * @param at when, by its own clock
 * @param what what happened
 */
record RecordedEventBody(String device, long count, long clock, Instant at, VisitEvent what) {
    static RecordedEventBody of(RecordedEvent e) {
        return new RecordedEventBody(e.id().device(), e.id().count(), e.clock(), e.at(), e.what());
    }

    /** The same as a device tells it: what makes no sense is kept too, so it is read later. */
    record Told(
            String device,
            long count,
            long clock,
            Instant at,

            @Schema(implementation = VisitEvent.class) JsonNode what) {}
}
