package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.server.people.PeopleRepository;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;

@Component
class AheadOfNow implements Ahead {
    private final AppointmentRepository appointments;
    private final PeopleRepository people;
    private final Clock clock;

    AheadOfNow(AppointmentRepository appointments, PeopleRepository people, Clock clock) {
        this.appointments = appointments;
        this.people = people;
        this.clock = clock;
    }

    @Override
    public List<Install> installs(int days) {
        StudioClock wall = new StudioClock(people.studio().zone());
        LocalDate today = wall.day(clock.instant());
        List<Booked> planned =
                appointments.between(wall.dayBegins(today), wall.dayBegins(today.plusDays(days))).stream()
                        .filter(b ->
                                b.state() == Booked.State.PLANNED && b.visit().isEmpty())
                        .toList();
        return planned.stream()
                .filter(b -> b.what().occasion() == Occasion.INSTALL
                        && b.plan().isPresent()
                        && b.client().isPresent()
                        && b.belongsTo().isEmpty())
                .map(b -> install(b, wall))
                .toList();
    }

    private Install install(Booked b, StudioClock wall) {
        LocalDate day = wall.day(b.what().span().from());
        LocalDate ready = appointments.belongingTo(b.id()).stream()
                .filter(p -> p.what().occasion() == Occasion.PREPARE && p.state() == Booked.State.PLANNED)
                .map(p -> wall.day(p.what().span().from()))
                .min(Comparator.naturalOrder())
                .orElse(day);
        return new Install(b.id(), b.client().orElseThrow(), b.plan().orElseThrow(), day, ready);
    }
}
