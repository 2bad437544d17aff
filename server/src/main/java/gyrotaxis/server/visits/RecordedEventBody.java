package gyrotaxis.server.visits;

import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.server.language.VisitEventBody;
import java.time.Instant;

/**
 * An event as a device tells it.
 *
 * @param device what the device calls itself
 * @param count the how manyth of its own, from 1 without gaps
 * @param clock its logical clock
 * @param at when, by its own clock
 * @param what what happened
 */
public record RecordedEventBody(String device, long count, long clock, Instant at, VisitEventBody what) {
    /**
     * The event.
     *
     * @throws IllegalArgumentException with what is missing or cannot be
     */
    RecordedEvent event() {
        return new RecordedEvent(new EventId(device, count), clock, at, what.event());
    }
}
