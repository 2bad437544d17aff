package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Diary;
import gyrotaxis.core.diary.FreeTimes;
import gyrotaxis.core.diary.Occasion;
import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What is prepared for an install goes with it, however that is moved. */
@Component
class Preparing {
    private final AppointmentRepository appointments;
    private final Clock clock;

    Preparing(AppointmentRepository appointments, Clock clock) {
        this.appointments = appointments;
        this.clock = clock;
    }

    /**
     * The preparation of a moved install where it has to move too, at its new time.
     *
     * @param diary everything round it, the install where it is now
     */
    Optional<Booked> movedAlong(Booked install, Diary diary) {
        return appointments.belongingTo(install.id()).stream()
                .filter(p -> p.what().occasion() == Occasion.PREPARE && p.state() == Booked.State.PLANNED)
                .filter(p -> !FreeTimes.isPreparedFor(
                        diary, p.what().span(), install.what().span().from()))
                .findFirst()
                .flatMap(p -> FreeTimes.preparation(
                                diary.without(Set.of(p.what().id())),
                                p.what().stylist(),
                                install.what().span().from(),
                                p.what().span().length(),
                                clock.instant())
                        .map(s -> p.during(p.what().during(s))));
    }
}
