package gyrotaxis.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is looked after goes to a calendar and comes back on the day it was put there. */
@ExtendWith(RunningServer.class)
class CalendarDuesTest {
    private static final Pattern DUE = Pattern.compile("UID:follow-up-([0-9a-f-]{36})@gyrotaxis");
    private static final DateTimeFormatter DAY = DateTimeFormatter.BASIC_ISO_DATE;

    private static JsonNode read(Api api, String calendar, boolean isKept) {
        return api.file(
                        "/api/diary/calendar?keep=" + isKept,
                        "text/calendar",
                        calendar.getBytes(StandardCharsets.UTF_8))
                .json();
    }

    private static String event(String calendar, String id) {
        int from = calendar.indexOf("BEGIN:VEVENT", calendar.lastIndexOf("END:VEVENT", calendar.indexOf(id)) + 1);
        if (calendar.lastIndexOf("END:VEVENT", calendar.indexOf(id)) < 0) {
            from = calendar.indexOf("BEGIN:VEVENT");
        }
        return calendar.substring(
                from, calendar.indexOf("END:VEVENT", calendar.indexOf(id)) + "END:VEVENT\r\n".length());
    }

    private static String alone(String event) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n" + event + "END:VCALENDAR\r\n";
    }

    private static LocalDate due(String event) {
        Matcher m = Pattern.compile("DTSTART;VALUE=DATE:(\\d{8})").matcher(event);
        assertThat(m.find()).as(event).isTrue();
        return LocalDate.parse(m.group(1), DAY);
    }

    @Test
    void itIsDueOnTheDayItWasPutOn(Api api) {
        String all = api.get("/api/diary/calendar.ics").text();
        Matcher m = DUE.matcher(all);
        assertThat(m.find()).isTrue();
        String id = m.group(1);
        String event = event(all, id);
        LocalDate day = due(event);
        LocalDate later = day.plusDays(3);
        assertThat(read(api, alone(event), true).path("changed").asInt()).isZero();
        String moved = alone(event.replace("DATE:" + DAY.format(day), "DATE:" + DAY.format(later)));
        JsonNode told = read(api, moved, false);
        assertThat(told.path("changed").asInt()).isEqualTo(1);
        assertThat(told.at("/moves/0/is").asString()).contains(String.valueOf(later.getDayOfMonth()));
        assertThat(due(event(api.get("/api/diary/calendar.ics").text(), id))).isEqualTo(day);
        try {
            assertThat(read(api, moved, true).path("isKept").asBoolean()).isTrue();
            assertThat(due(event(api.get("/api/diary/calendar.ics").text(), id)))
                    .isEqualTo(later);
            // A second time nothing changes, and nothing is there twice.
            assertThat(read(api, moved, true).path("changed").asInt()).isZero();
            assertThat(api.get("/api/diary/calendar.ics").text()).containsOnlyOnce("follow-up-" + id);
        } finally {
            assertThat(read(api, alone(event), true).path("changed").asInt()).isEqualTo(1);
        }
    }

    @Test
    void whatCannotBeIsSaidAndNothingIsPutThere(Api api) {
        String all = api.get("/api/diary/calendar.ics").text();
        Matcher m = DUE.matcher(all);
        assertThat(m.find()).isTrue();
        String event = event(all, m.group(1));
        LocalDate day = due(event);
        String away = alone(event.replace("DATE:" + DAY.format(day), "DATE:" + DAY.format(day.plusYears(5))));
        assertThat(read(api, away, true).at("/faults/0/reason").asString()).contains("at most a year away");
        String repeated = alone(event.replace("DTSTART;", "RRULE:FREQ=DAILY\r\nDTSTART;"));
        assertThat(read(api, repeated, true).at("/faults/0/reason").asString()).contains("falls due on one day");
        assertThat(due(event(api.get("/api/diary/calendar.ics").text(), m.group(1))))
                .isEqualTo(day);
        String foreign = alone(event.replace(m.group(1), "00000000-0000-4000-8000-00000000abcd"));
        assertThat(read(api, foreign, true).path("others").asInt()).isEqualTo(1);
    }
}
