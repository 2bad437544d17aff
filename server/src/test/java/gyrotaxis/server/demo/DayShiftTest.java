package gyrotaxis.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DayShiftTest {
    private static final Instant MADE = Instant.parse("2026-06-17T14:00:00Z");

    private static LocalDateTime moved(String zone, String now, String moment) {
        ZoneId id = ZoneId.of(zone);
        DayShift shift = new DayShift(MADE, ZonedDateTime.of(LocalDateTime.parse(now), id));
        OffsetDateTime moved = (OffsetDateTime) shift.apply(OffsetDateTime.parse(moment));
        return LocalDateTime.ofInstant(moved.toInstant(), id);
    }

    @ParameterizedTest
    @CsvSource({
        // What goes on goes with the clock, rounded down to five minutes, over midnight too.
        "Pacific/Auckland, 2031-03-03T09:03, 2026-06-17T12:10:00Z, 2031-03-03T07:10",
        "America/St_Johns, 2031-03-03T23:58, 2026-06-17T14:40:00Z, 2031-03-04T00:35",
        "Europe/Lisbon, 2031-03-03T00:04, 2026-06-17T12:10:00Z, 2031-03-02T22:10",
        // What was to be done in the evening stays in the evening, and other days keep their time of day.
        "Europe/Lisbon, 2031-03-03T20:00, 2026-06-17T17:30:00Z, 2031-03-03T17:30",
        "Pacific/Auckland, 2031-03-03T09:03, 2026-06-18T09:30:00Z, 2031-03-04T09:30",
        "Europe/Lisbon, 2031-03-03T00:04, 2025-06-17T18:30:00Z, 2030-03-03T18:30",
        // The clock goes forward on 30 March 2031 at one o'clock there; half past one is not on it.
        "Europe/Lisbon, 2031-03-29T12:00, 2026-06-18T09:30:00Z, 2031-03-30T09:30",
        "Europe/Lisbon, 2031-03-29T12:00, 2026-06-18T01:30:00Z, 2031-03-30T02:30",
        "Europe/Lisbon, 2031-03-30T12:00, 2026-06-16T09:30:00Z, 2031-03-29T09:30"
    })
    void momentsMove(String zone, String now, String moment, LocalDateTime expected) {
        assertThat(moved(zone, now, moment)).isEqualTo(expected);
    }

    @Test
    void daysMoveByWholeDaysAndNothingElseMoves() {
        DayShift shift = new DayShift(MADE, ZonedDateTime.parse("2027-01-01T00:30:00+13:00[Pacific/Auckland]"));
        assertThat(shift.apply(LocalDate.of(2026, 6, 17))).isEqualTo(LocalDate.of(2027, 1, 1));
        assertThat(shift.apply(LocalDate.of(2026, 6, 10))).isEqualTo(LocalDate.of(2026, 12, 25));
        assertThat(shift.apply("2026-06-17")).isEqualTo("2026-06-17");
        assertThat(shift.apply(7)).isEqualTo(7);
    }
}
