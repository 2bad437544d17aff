package gyrotaxis.core.diary;

import gyrotaxis.core.quantity.Require;

/**
 * When on a day of the week somebody works, by the clock on the wall.
 *
 * @param fromMinute minutes after midnight, in [0, 1440]
 * @param untilMinute likewise, after {@code fromMinute}
 */
public record DayHours(int fromMinute, int untilMinute) {
    /** Minutes of a day on which the clocks do not change. */
    public static final int DAY = 24 * 60;

    public DayHours {
        Require.inRange(fromMinute, 0, DAY, "fromMinute", "min");
        Require.inRange(untilMinute, fromMinute + 1, DAY, "untilMinute", "min");
    }
}
