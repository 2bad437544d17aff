package gyrotaxis.core.chair;

import gyrotaxis.core.quantity.Require;
import java.time.Instant;
import java.util.Comparator;

/**
 * Something that happened, as a device told it.
 *
 * <p>Events are ordered by a logical clock, which every device sets beyond all it has heard of; of what devices did without
 * hearing of each other the order is settled by their names, so that it is the same everywhere. Wall clocks jump and differ: they
 * tell how long something took, never what came first.
 *
 * @param id names it for good
 * @param clock the logical clock, from 1
 * @param at when, by the device's own clock
 */
public record RecordedEvent(EventId id, long clock, Instant at, VisitEvent what) implements Comparable<RecordedEvent> {
    private static final Comparator<RecordedEvent> ORDER =
            Comparator.comparingLong(RecordedEvent::clock).thenComparing(RecordedEvent::id);

    public RecordedEvent {
        Require.atLeast(1, clock, "clock", "");
    }

    @Override
    public int compareTo(RecordedEvent o) {
        return ORDER.compare(this, o);
    }
}
