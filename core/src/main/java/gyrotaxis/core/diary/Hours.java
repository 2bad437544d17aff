package gyrotaxis.core.diary;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * When somebody works.
 *
 * @param week by day of the week; days that are missing are free
 * @param off days on which she does not, whatever the week says
 */
public record Hours(Map<DayOfWeek, DayHours> week, List<DaysOff> off) {
    /** ASSUMPTION: Tuesday to Saturday, nine to six, until somebody says otherwise. */
    public static final Hours USUAL = usual();

    public Hours {
        EnumMap<DayOfWeek, DayHours> days = new EnumMap<>(DayOfWeek.class);
        days.putAll(week);
        week = Collections.unmodifiableMap(days);
        off = List.copyOf(off);
    }

    private static Hours usual() {
        EnumMap<DayOfWeek, DayHours> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek d : DayOfWeek.values()) {
            if (d != DayOfWeek.SUNDAY && d != DayOfWeek.MONDAY) {
                week.put(d, new DayHours(9 * 60, 18 * 60));
            }
        }
        return new Hours(week, List.of());
    }

    /** When she works on a day; empty if she does not. By the clock on the wall, so that a day on which it changes is shorter or longer. */
    public Optional<Span> on(LocalDate day, ZoneId zone) {
        DayHours hours = week.get(day.getDayOfWeek());
        if (hours == null || off.stream().anyMatch(o -> o.has(day))) {
            return Optional.empty();
        }
        Instant from = at(day, hours.fromMinute(), zone);
        Instant until = at(day, hours.untilMinute(), zone);
        return from.isBefore(until) ? Optional.of(new Span(from, until)) : Optional.empty();
    }

    /** Why she is away on a day; empty if no day off says so. */
    public Optional<DaysOff> awayOn(LocalDate day) {
        return off.stream().filter(o -> o.has(day)).findFirst();
    }

    /** The moment at which a clock on the wall shows so many minutes after midnight; what it skips comes an hour later. */
    static Instant at(LocalDate day, int minute, ZoneId zone) {
        return minute == DayHours.DAY
                ? day.plusDays(1).atStartOfDay(zone).toInstant()
                : day.atTime(minute / 60, minute % 60).atZone(zone).toInstant();
    }
}
