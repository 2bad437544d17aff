package gyrotaxis.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.function.UnaryOperator;

/**
 * Moves the days of a book so that the day on which it was made becomes today.
 *
 * <p>What lies round the moment at which it was made moves with the clock: work that was going on then is going on now, whatever the hour.
 * All else moves by whole days and keeps its time of day, also over a change of the clock.
 */
final class DayShift implements UnaryOperator<Object> {
    /** Appointments begin at full five minutes. */
    private static final Duration GRID = Duration.ofMinutes(5);

    /** What was worked that day, and who is next; what was to be done in the evening stays in the evening. */
    private static final Duration LIVE_BEFORE = Duration.ofHours(5);

    private static final Duration LIVE_AFTER = Duration.ofMinutes(150);

    private final LocalDateTime madeAt;
    private final Instant now;
    private final ZoneId zone;
    private final long days;

    /**
     * @param madeAt when the book was made, by a clock that showed UTC
     * @param now by the clock of the studio that the book becomes
     */
    DayShift(Instant madeAt, ZonedDateTime now) {
        this.madeAt = LocalDateTime.ofInstant(madeAt, ZoneOffset.UTC);
        this.now = Instant.ofEpochMilli(now.toInstant().toEpochMilli() / GRID.toMillis() * GRID.toMillis());
        this.zone = now.getZone();
        this.days = ChronoUnit.DAYS.between(this.madeAt.toLocalDate(), now.toLocalDate());
    }

    @Override
    public Object apply(Object value) {
        if (value instanceof LocalDate day) {
            return day.plusDays(days);
        }
        if (value instanceof java.sql.Date day) {
            return java.sql.Date.valueOf(day.toLocalDate().plusDays(days));
        }
        if (value instanceof OffsetDateTime moment) {
            return OffsetDateTime.ofInstant(moved(moment.toInstant()), ZoneOffset.UTC);
        }
        return value;
    }

    private Instant moved(Instant moment) {
        LocalDateTime then = LocalDateTime.ofInstant(moment, ZoneOffset.UTC);
        boolean isLive = then.isAfter(madeAt.minus(LIVE_BEFORE)) && then.isBefore(madeAt.plus(LIVE_AFTER));
        return isLive
                ? now.plus(Duration.between(madeAt, then))
                : then.plusDays(days).atZone(zone).toInstant();
    }
}
