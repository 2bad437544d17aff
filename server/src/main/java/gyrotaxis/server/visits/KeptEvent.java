package gyrotaxis.server.visits;

import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import java.time.Instant;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/**
 * An event that is kept.
 *
 * @param arrived its place among all that ever arrived; 0 if it is only about to
 * @param clock the logical clock of the device that made it
 * @param at when, by that device
 */
record KeptEvent(long arrived, EventId id, long clock, Instant at, Content content) {
    /** What was told. */
    sealed interface Content {}

    /** Something that can be worked with. */
    record Fit(VisitEvent what) implements Content {}

    /**
     * Something that makes no sense: kept, but not worked with.
     *
     * @param problem what is wrong with it
     */
    record Unfit(JsonNode told, String problem) implements Content {}

    /** The event; empty if it makes no sense. */
    Optional<RecordedEvent> event() {
        return content instanceof Fit r ? Optional.of(new RecordedEvent(id, clock, at, r.what())) : Optional.empty();
    }
}
