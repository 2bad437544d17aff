package gyrotaxis.server.visits;

import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import java.time.Instant;

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
record RecordedEventResponse(String device, long count, long clock, Instant at, VisitEvent what) {
    static RecordedEventResponse of(RecordedEvent e) {
        return new RecordedEventResponse(e.id().device(), e.id().count(), e.clock(), e.at(), e.what());
    }
}
