package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.server.people.PeopleRepository;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

@Component
class VisitLinks implements Links {
    private final AppointmentRepository appointments;
    private final PeopleRepository people;

    VisitLinks(AppointmentRepository appointments, PeopleRepository people) {
        this.appointments = appointments;
        this.people = people;
    }

    @Override
    public Optional<StylistId> begun(UUID visit, UUID plan, LocalDate day) {
        StudioClock wall = new StudioClock(people.studio().zone());
        Optional<Booked> made = appointments.between(wall.dayBegins(day), wall.dayBegins(day.plusDays(1))).stream()
                .filter(b -> b.what().occasion() == Occasion.INSTALL && b.state() == Booked.State.PLANNED)
                .filter(b ->
                        b.plan().filter(plan::equals).isPresent() && b.visit().isEmpty())
                .findFirst();
        made.ifPresent(b -> appointments.change(b.became(visit)));
        return made.map(b -> b.what().stylist());
    }

    @Override
    public void done(UUID visit, Instant at) {
        appointments.ofVisit(visit).stream()
                .filter(b -> b.state() == Booked.State.PLANNED)
                .forEach(b -> appointments.change(b.during(b.what().overAt(at)).is(Booked.State.DONE)));
    }
}
