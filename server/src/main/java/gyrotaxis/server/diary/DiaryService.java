package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Appointment;
import gyrotaxis.core.diary.AppointmentId;
import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.Clash;
import gyrotaxis.core.diary.Diary;
import gyrotaxis.core.diary.Late;
import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.diary.Span;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.diary.Bodies.AppointmentBody;
import gyrotaxis.server.diary.Bodies.AppointmentView;
import gyrotaxis.server.diary.Bodies.DiaryView;
import gyrotaxis.server.diary.Bodies.LateBody;
import gyrotaxis.server.diary.Bodies.LateView;
import gyrotaxis.server.diary.Bodies.NewBody;
import gyrotaxis.server.diary.Bodies.StateBody;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.people.Person;
import gyrotaxis.server.people.SpokenFor;
import gyrotaxis.server.people.Studio;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Makes, moves and shows appointments. Whoever speaks for time holds everybody's until it is kept, so that none is given twice. */
@Service
@Transactional
public class DiaryService implements SpokenFor {
    private static final int MAX_TOGETHER = 6;
    private static final int MAX_DAYS = 62;

    /** How far round an appointment others are looked at. */
    static final Duration ROUND = Duration.ofDays(8);

    private final AppointmentRepository appointments;
    private final PeopleRepository people;
    private final ClientRepository book;
    private final PlanService plans;
    private final FreeTimeService free;
    private final Preparing preparing;
    private final Clock clock;

    DiaryService(
            AppointmentRepository appointments,
            PeopleRepository people,
            ClientRepository book,
            PlanService plans,
            FreeTimeService free,
            Preparing preparing,
            Clock clock) {
        this.appointments = appointments;
        this.people = people;
        this.book = book;
        this.plans = plans;
        this.free = free;
        this.preparing = preparing;
        this.clock = clock;
    }

    /** Some days of the book, from one on; from today if none is named. */
    @Transactional(readOnly = true)
    DiaryView show(@Nullable LocalDate asked, int days) {
        Fields f = new Fields();
        Studio studio = people.studio();
        StudioClock wall = new StudioClock(studio.zone());
        LocalDate today = wall.day(clock.instant());
        LocalDate from = asked == null ? today : f.day("from", "The day", asked, today);
        int many = f.whole("days", "How many days", days, new Interval(1, MAX_DAYS));
        f.orRefuse(() -> from);
        List<Booked> all = appointments.between(wall.dayBegins(from), wall.dayBegins(from.plusDays(many)));
        return new DiaryView(
                today,
                wall.minute(today, clock.instant()),
                studio.zone().getId(),
                (int) studio.gap().toMinutes(),
                people.chairs().stream()
                        .map(c -> new Bodies.ChairLine(c.id().value(), c.name()))
                        .toList(),
                people.everybody().stream()
                        .filter(p -> !p.isGone()
                                || all.stream()
                                        .anyMatch(b -> b.what()
                                                .stylist()
                                                .equals(p.stylist().id())))
                        .map(p -> line(p, wall, from, many))
                        .toList(),
                views(all));
    }

    private static Bodies.StylistLine line(Person p, StudioClock wall, LocalDate from, int days) {
        return new Bodies.StylistLine(
                p.stylist().id().value(),
                p.stylist().name(),
                from.datesUntil(from.plusDays(days))
                        .map(day -> p.isGone() ? new Bodies.WorkDay(day, null, null, "gone") : workDay(p, wall, day))
                        .toList());
    }

    private static Bodies.WorkDay workDay(Person p, StudioClock wall, LocalDate day) {
        return p.stylist()
                .hours()
                .on(day, wall.zone())
                .map(s -> new Bodies.WorkDay(day, wall.minute(day, s.from()), wall.minute(day, s.until()), ""))
                .orElseGet(() -> new Bodies.WorkDay(
                        day,
                        null,
                        null,
                        p.stylist().hours().awayOn(day).map(o -> o.why()).orElse("")));
    }

    /** The appointments of a client, the newest first. */
    @Transactional(readOnly = true)
    List<AppointmentView> ofClient(UUID client) {
        return views(appointments.of(client));
    }

    private List<AppointmentView> views(List<Booked> all) {
        return new AppointmentViews(people, book, plans).of(all);
    }

    /** Makes appointments, all of them or none. Asked twice, they are made once. */
    List<AppointmentView> make(NewBody body) {
        people.hold();
        Fields f = new Fields();
        List<AppointmentBody> asked = body.appointments() == null ? List.of() : body.appointments();
        if (asked.isEmpty() || asked.size() > MAX_TOGETHER) {
            f.problem("appointments", "Make 1 to " + MAX_TOGETHER + " appointments at a time.");
        }
        List<Booked> made = new ArrayList<>();
        for (int i = 0; i < Math.min(asked.size(), MAX_TOGETHER); i++) {
            String at = asked.size() == 1 ? "" : "appointments[" + i + "].";
            Booked b = checked(f, at, asked.get(i), Optional.empty());
            if (b != null && appointments.find(b.id()).isEmpty()) {
                made.add(b);
            }
        }
        f.orRefuse(() -> made);
        for (int i = 0; i < made.size(); i++) {
            refuseClash(f, made.size() == 1 ? "" : "appointments[" + i + "].", made.get(i), Set.of());
            f.orRefuse(() -> made);
            appointments.add(made.get(i));
        }
        return views(made);
    }

    /** Changes or moves one; what was prepared for it beforehand is moved along where it would come too late or too early. */
    List<AppointmentView> change(UUID id, AppointmentBody body) {
        people.hold();
        Fields f = new Fields();
        Booked stored = stored(id);
        Booked changed = checked(f, "", body, Optional.of(stored));
        return f.orRefuse(() -> {
            if (changed == null) {
                throw new IllegalStateException("refused before");
            }
            refuseClash(f, "", changed, Set.of());
            f.orRefuse(() -> changed);
            List<Booked> all = new ArrayList<>();
            all.add(kept(changed));
            preparing
                    .movedAlong(changed, around(changed.what().span(), Set.of()))
                    .ifPresent(p -> all.add(kept(p)));
            return views(all);
        });
    }

    private Booked kept(Booked b) {
        return appointments
                .change(b)
                .orElseThrow(() -> new Stale(
                        "This appointment was changed elsewhere in the meantime.", views(List.of(stored(b.id())))));
    }

    /** Says what became of one; what was only made for one that is called off is called off too. */
    List<AppointmentView> become(UUID id, StateBody body) {
        people.hold();
        Fields f = new Fields();
        Booked stored = stored(id);
        Booked.State state = f.present("state", "What became of it", body.state(), stored.state());
        Booked changed = new Booked(
                stored.what(),
                stored.client(),
                stored.plan(),
                stored.visit(),
                stored.belongsTo(),
                state,
                stored.note(),
                body.version(),
                stored.createdAt());
        if (state == Booked.State.PLANNED || state == Booked.State.DONE) {
            refuseClash(f, "", changed, Set.of());
        }
        return f.orRefuse(() -> {
            List<Booked> all = new ArrayList<>(List.of(kept(changed)));
            if (state == Booked.State.CALLED_OFF) {
                appointments.belongingTo(id).stream()
                        .filter(b -> b.state() == Booked.State.PLANNED)
                        .forEach(b -> all.add(kept(b.is(Booked.State.CALLED_OFF))));
            }
            return views(all);
        });
    }

    /** One runs late; what comes after it that day is pushed. */
    LateView late(UUID id, LateBody body) {
        people.hold();
        Fields f = new Fields();
        Booked stored = stored(id);
        StudioClock wall = wall();
        Instant from = stored.what().span().from();
        LocalDate day = wall.day(from);
        int minute = f.whole(
                "untilMinute",
                "When it will be over",
                body.untilMinute(),
                new Interval(0, 2 * StudioClock.DAY_MINUTES));
        Instant until = wall.at(f, "untilMinute", day, minute);
        if (!until.isAfter(from)) {
            f.problem(
                    "untilMinute",
                    "It began at " + wall.time(from) + "; it cannot be over by " + wall.time(until) + ".");
        }
        Diary diary = around(stored.what().span(), Set.of());
        if (diary.appointments().stream()
                .noneMatch(a -> a.id().equals(stored.what().id()))) {
            f.problem("untilMinute", "It was called off, or she did not come: nothing waits for it.");
        }
        f.orRefuse(() -> until);
        List<Appointment> pushed = Late.pushed(diary, stored.what().id(), until, clock.instant());
        List<Booked> moved =
                pushed.stream().map(a -> stored(a.id().value()).during(a)).toList();
        Set<AppointmentId> ids = new HashSet<>();
        pushed.forEach(a -> ids.add(a.id()));
        List<Appointment> all = new ArrayList<>(diary.without(ids).appointments());
        all.addAll(pushed);
        Diary then = diary.with(all);
        for (Appointment a : pushed) {
            then.clash(a).ifPresent(c -> f.problem("untilMinute", words(c) + " It cannot be pushed that far."));
        }
        return f.orRefuse(
                () -> new LateView(views(moved.stream().map(this::kept).toList())));
    }

    /**
     * Puts an appointment into the book as it was or is to be, for whoever fills a book; what clashes is not put in.
     *
     * @return whether it was
     */
    public boolean keep(Entry e) {
        people.hold();
        Appointment a = new Appointment(
                new AppointmentId(e.id()),
                e.occasion(),
                Span.of(e.from(), e.length()),
                e.occasion().takesChair() ? e.chair() : Optional.empty(),
                e.stylist());
        if (around(a.span(), Set.of()).clash(a).isPresent()) {
            return false;
        }
        appointments.add(new Booked(
                a,
                e.client(),
                e.plan(),
                e.visit(),
                e.belongsTo(),
                e.isDone() ? Booked.State.DONE : Booked.State.PLANNED,
                e.note(),
                1,
                clock.instant()));
        return true;
    }

    /** An appointment to be put into the book. */
    public record Entry(
            UUID id,
            Occasion occasion,
            Instant from,
            Duration length,
            Optional<ChairId> chair,
            StylistId stylist,
            Optional<UUID> client,
            Optional<UUID> plan,
            Optional<UUID> visit,
            Optional<UUID> belongsTo,
            boolean isDone,
            String note) {}

    /** How long an occasion takes for a plan, to the next five minutes. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public Duration length(Occasion occasion, UUID plan) {
        return Duration.ofMinutes(free.minutes(occasion, plan, Optional.empty()));
    }

    @Override
    @Transactional(readOnly = true)
    public List<Instant> from(Instant at, StylistId who) {
        return begins(appointments.ahead(at, who));
    }

    @Override
    @Transactional(readOnly = true)
    public List<Instant> from(Instant at, ChairId chair) {
        return begins(appointments.ahead(at, chair));
    }

    private static List<Instant> begins(List<Booked> all) {
        return all.stream().map(b -> b.what().span().from()).toList();
    }

    @Override
    public List<String> handOver(Instant at, StylistId from, StylistId to) {
        List<String> taken = new ArrayList<>();
        for (Booked b : appointments.ahead(at, from)) {
            Appointment a = b.what();
            Booked given = b.during(new Appointment(a.id(), a.occasion(), a.span(), a.chair(), to));
            Optional<Clash> clash = around(a.span(), Set.of()).clash(given.what());
            if (clash.isPresent()) {
                taken.add(words(clash.get()));
            } else {
                kept(given);
            }
        }
        return taken;
    }

    private @Nullable Booked checked(Fields f, String at, AppointmentBody body, Optional<Booked> stored) {
        return new AppointmentCheck(book, wall(), clock.instant()).of(f, at, body, stored);
    }

    /** What is taken is refused at the field, with the nearest times that are not. */
    private void refuseClash(Fields f, String at, Booked b, Set<AppointmentId> without) {
        Diary diary = around(b.what().span(), without);
        diary.clash(b.what()).ifPresent(c -> {
            String field = switch (c.kind()) {
                case NO_CHAIR -> "chairId";
                case NO_STYLIST -> "stylistId";
                case CHAIR_TAKEN, STYLIST_TAKEN -> "minute";
            };
            String others = free.instead(b, clock.instant());
            f.problem(at + field, others.isEmpty() ? words(c) : words(c) + " Free: " + others + ".");
        });
    }

    private String words(Clash c) {
        return new AppointmentViews(people, book, plans).words(c, id -> stored(id.value()));
    }

    /** All that is planned round a time. */
    private Diary around(Span span, Set<AppointmentId> without) {
        return free.diary(span.from().minus(ROUND), span.until().plus(ROUND)).without(without);
    }

    private StudioClock wall() {
        return new StudioClock(people.studio().zone());
    }

    private Booked stored(UUID id) {
        return appointments.find(id).orElseThrow(() -> new NotFound("This appointment is no longer in the book."));
    }
}
