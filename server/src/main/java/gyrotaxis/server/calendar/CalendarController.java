package gyrotaxis.server.calendar;

import gyrotaxis.server.calendar.CalendarService.CalendarRead;
import gyrotaxis.server.shared.Download;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CalendarController {
    private static final String CALENDAR = "text/calendar";

    private final CalendarService service;

    CalendarController(CalendarService service) {
        this.service = service;
    }

    /** Appointments and what is to be looked after, from a month ago and for a year unless asked otherwise. */
    @GetMapping(value = "/api/diary/calendar.ics", produces = CALENDAR)
    ResponseEntity<byte[]> calendar(
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable Integer days) {
        return Download.of("appointments.ics", service.written(from, days));
    }

    /** Reads such a calendar, and says what was moved in it; it is moved here too if that is asked, all or nothing. */
    @PostMapping(value = "/api/diary/calendar", consumes = CALENDAR)
    CalendarRead movedByCalendar(@RequestBody byte[] file, @RequestParam(defaultValue = "false") boolean keep) {
        return service.read(file, keep);
    }
}
