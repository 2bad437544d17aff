package gyrotaxis.server.visits;

import org.jspecify.annotations.Nullable;

/**
 * An event that is kept.
 *
 * @param arrived its place among all that ever arrived
 * @param event what the device told
 * @param problem what of it makes no sense, so that it is kept but not worked with; null if nothing
 */
record KeptEvent(
        long arrived, RecordedEventBody event, @Nullable String problem) {}
