package gyrotaxis.core.chair;

import gyrotaxis.core.quantity.Require;
import java.util.Comparator;

/**
 * Names an event for good: which device made it, and the how manyth of its own it was.
 *
 * @param device what the device calls itself; up to {@link #MAX_DEVICE_LENGTH} letters, not blank
 * @param count from 1, without gaps on one device
 */
public record EventId(String device, long count) implements Comparable<EventId> {
    public static final int MAX_DEVICE_LENGTH = 64;

    private static final Comparator<EventId> ORDER =
            Comparator.comparing(EventId::device).thenComparingLong(EventId::count);

    public EventId {
        if (device.isBlank() || device.length() > MAX_DEVICE_LENGTH) {
            throw new IllegalArgumentException(
                    "device is \"" + device + "\" but must have 1 to " + MAX_DEVICE_LENGTH + " letters");
        }
        Require.atLeast(1, count, "count", "");
    }

    @Override
    public int compareTo(EventId o) {
        return ORDER.compare(this, o);
    }
}
