package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Appointment;
import gyrotaxis.core.diary.AppointmentId;
import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.Clash;
import gyrotaxis.core.diary.Diary;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.diary.Bodies.AppointmentView;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.people.Person;
import gyrotaxis.server.people.Studio;
import gyrotaxis.server.plans.PlanService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Appointments as they are shown, with the names of whom and what they are about. */
final class AppointmentViews {
    private final PeopleRepository people;
    private final ClientRepository book;
    private final PlanService plans;

    AppointmentViews(PeopleRepository people, ClientRepository book, PlanService plans) {
        this.people = people;
        this.book = book;
        this.plans = plans;
    }

    List<AppointmentView> of(List<Booked> all) {
        Studio studio = people.studio();
        Diary hours = new Diary(
                studio.zone(),
                studio.gap(),
                List.of(),
                people.everybody().stream().map(Person::stylist).toList(),
                List.of());
        Map<UUID, String> clients = book.names(ids(all, Booked::client));
        Map<UUID, String> names = plans.names(ids(all, Booked::plan));
        return all.stream().map(b -> view(b, hours, clients, names)).toList();
    }

    /** Why something cannot be, in a sentence. */
    String words(Clash c, Function<AppointmentId, Booked> kept) {
        if (c.with().isEmpty()) {
            return c.kind() == Clash.Kind.NO_CHAIR
                    ? "This chair no longer stands here."
                    : "Nobody of that name works here any more.";
        }
        Appointment with = c.with().get();
        AppointmentView v = of(List.of(kept.apply(with.id()))).get(0);
        String who = v.clientName().isEmpty() ? "" : " for " + v.clientName();
        String taken = c.kind() == Clash.Kind.STYLIST_TAKEN
                ? people.everybody().stream()
                                .filter(p -> p.stylist().id().equals(with.stylist()))
                                .map(p -> p.stylist().name())
                                .findFirst()
                                .orElse("She")
                        + " has"
                : "The chair is taken by";
        StudioClock wall = new StudioClock(people.studio().zone());
        return taken + " " + v.words() + who + " from " + wall.time(with.span().from()) + " to "
                + wall.time(with.span().until()) + ".";
    }

    private static Set<UUID> ids(List<Booked> all, Function<Booked, Optional<UUID>> of) {
        return all.stream().flatMap(b -> of.apply(b).stream()).collect(Collectors.toSet());
    }

    private static AppointmentView view(Booked b, Diary hours, Map<UUID, String> clients, Map<UUID, String> plans) {
        Appointment a = b.what();
        StudioClock wall = new StudioClock(hours.zone());
        LocalDate day = wall.day(a.span().from());
        return new AppointmentView(
                b.id(),
                a.occasion(),
                a.occasion().words(),
                day,
                wall.minute(day, a.span().from()),
                wall.minute(day, a.span().until()),
                (int) a.span().length().toMinutes(),
                a.chair().map(ChairId::value).orElse(null),
                a.stylist().value(),
                b.client().orElse(null),
                b.client().map(c -> clients.getOrDefault(c, "")).orElse(""),
                b.plan().orElse(null),
                b.plan().map(p -> plans.getOrDefault(p, "")).orElse(""),
                b.visit().orElse(null),
                b.belongsTo().orElse(null),
                b.state(),
                b.note(),
                hours.isInHours(a),
                b.version());
    }
}
