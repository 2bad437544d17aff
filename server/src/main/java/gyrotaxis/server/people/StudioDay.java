package gyrotaxis.server.people;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.stereotype.Component;

/** Which day it is at the studio, wherever the server stands. */
@Component
public class StudioDay {
    private final PeopleRepository people;
    private final Clock clock;

    StudioDay(PeopleRepository people, Clock clock) {
        this.people = people;
        this.clock = clock;
    }

    /** The day that it is now. */
    public LocalDate today() {
        return of(clock.instant());
    }

    /** The zone of the clock on its wall. */
    public ZoneId zone() {
        return people.studio().zone();
    }

    /** The day that a moment falls on. */
    public LocalDate of(Instant at) {
        return people.studio().day(at);
    }
}
