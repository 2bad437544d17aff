package gyrotaxis.core.diary;

import gyrotaxis.core.quantity.Require;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A time that is looked for.
 *
 * @param length how long it takes; longer than 0
 * @param stylist by whom; empty if by anybody
 * @param near about when
 * @param notBefore the earliest it may begin
 * @param preparedFrom the earliest at which what is to be done beforehand can begin
 * @param prepare how long what is to be done beforehand takes; 0 if nothing is
 * @param days how many days to look through, in [1, {@link #MAX_DAYS}]
 */
public record Wanted(
        Occasion occasion,
        Duration length,
        Optional<StylistId> stylist,
        Instant near,
        Instant notBefore,
        Instant preparedFrom,
        Duration prepare,
        int days) {
    public static final int MAX_DAYS = 60;

    public Wanted {
        Require.atLeast(1, length.toMinutes(), "length", "min");
        Require.atLeast(0, prepare.toMinutes(), "prepare", "min");
        Require.inRange(days, 1, MAX_DAYS, "days", "d");
    }
}
