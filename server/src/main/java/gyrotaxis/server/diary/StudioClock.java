package gyrotaxis.server.diary;

import gyrotaxis.server.shared.Fields;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Between moments and what a clock on the studio's wall shows; the one place that does. */
record StudioClock(ZoneId zone) {
    static final int DAY_MINUTES = 24 * 60;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.UK);
    private static final DateTimeFormatter WEEK_DAY = DateTimeFormatter.ofPattern("EEEE", Locale.UK);
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);

    /** Days that are named by their day of the week alone. */
    private static final int NEAR_DAYS = 6;

    /** The moment at which it shows a time of a day; a time that it skips is refused, of one that it shows twice the first is meant. */
    Instant at(Fields f, String field, LocalDate day, int minute) {
        LocalDateTime local = day.atStartOfDay().plusMinutes(minute);
        if (zone.getRules().getValidOffsets(local).isEmpty()) {
            f.problem(
                    field,
                    "The clocks go forward that night: " + TIME.format(local) + " does not come on "
                            + DATE.format(local) + ".");
        }
        return local.atZone(zone).toInstant();
    }

    LocalDate day(Instant at) {
        return at.atZone(zone).toLocalDate();
    }

    /** Minutes after midnight of a day, as it shows them. */
    int minute(LocalDate day, Instant at) {
        ZonedDateTime local = at.atZone(zone);
        int days = (int) ChronoUnit.DAYS.between(day, local.toLocalDate());
        LocalTime time = local.toLocalTime();
        return days * DAY_MINUTES + time.getHour() * 60 + time.getMinute();
    }

    Instant dayBegins(LocalDate day) {
        return day.atStartOfDay(zone).toInstant();
    }

    String time(Instant at) {
        return TIME.format(at.atZone(zone));
    }

    /** A day as one says it from another. */
    String say(LocalDate day, LocalDate today) {
        long off = ChronoUnit.DAYS.between(today, day);
        if (off == 0) {
            return "today";
        }
        if (off == 1) {
            return "tomorrow";
        }
        return (off > 0 && off <= NEAR_DAYS ? WEEK_DAY : DATE).format(day);
    }
}
