package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Appointment;
import gyrotaxis.core.diary.AppointmentId;
import gyrotaxis.core.diary.Clash;
import gyrotaxis.core.diary.Diary;
import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.diary.Span;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.people.Chair;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.plans.PlanService;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The appointments for calendars elsewhere: what stands in them, and what was moved there. */
@Service
@Transactional
public class Dating {
    private static final Duration MAX_DURATION = Duration.ofMinutes((long) AppointmentCheck.MINUTES.max());
    private static final Duration MIN_DURATION = Duration.ofMinutes((long) AppointmentCheck.MINUTES.min());

    private final AppointmentRepository appointments;
    private final PeopleRepository people;
    private final ClientRepository book;
    private final PlanService plans;
    private final FreeTimeService free;
    private final Preparing preparing;

    Dating(
            AppointmentRepository appointments,
            PeopleRepository people,
            ClientRepository book,
            PlanService plans,
            FreeTimeService free,
            Preparing preparing) {
        this.appointments = appointments;
        this.people = people;
        this.book = book;
        this.plans = plans;
        this.free = free;
        this.preparing = preparing;
    }

    /**
     * An appointment, as it stands in a calendar.
     *
     * @param id never changes
     * @param occasion what it is for
     * @param client whose; may be empty
     * @param plan what is worked; may be empty
     * @param chair where; may be empty
     * @param stylist by whom
     * @param isOff whether it was called off
     * @param version grows by one with every change
     * @param madeAt when it was made
     */
    public record Dated(
            UUID id,
            Occasion occasion,
            String client,
            String plan,
            Instant from,
            Instant until,
            String chair,
            String stylist,
            String note,
            boolean isOff,
            int version,
            Instant madeAt) {
        /** What it is for, as a stylist says it. */
        public String words() {
            return occasion.words();
        }
    }

    /** When an appointment is by a calendar. */
    public record Move(UUID id, Instant from, Instant until) {}

    /** What comes of it. */
    public enum Outcome {
        MOVED,
        AS_IT_IS,
        UNKNOWN,
        REFUSED
    }

    /**
     * What comes of a move.
     *
     * @param words whose and what for; empty if it is not known
     * @param was when it is by the book; the time by the calendar if it is not known
     * @param reason why it cannot be; empty if it can
     */
    public record Moved(Move move, Outcome outcome, String words, Instant was, String reason) {}

    /** All that are not over at one moment and have begun before another, in order; called off ones too. */
    @Transactional(readOnly = true)
    public List<Dated> between(Instant from, Instant until) {
        List<Booked> all = appointments.between(from, until);
        Map<UUID, String> clients =
                book.names(all.stream().flatMap(b -> b.client().stream()).collect(Collectors.toSet()));
        Map<UUID, String> named =
                plans.names(all.stream().flatMap(b -> b.plan().stream()).collect(Collectors.toSet()));
        Map<UUID, String> chairs = people.chairs().stream().collect(Collectors.toMap(c -> c.id().value(), Chair::name));
        Map<UUID, String> stylists = people.names();
        return all.stream()
                .map(b -> new Dated(
                        b.id(),
                        b.what().occasion(),
                        b.client().map(c -> clients.getOrDefault(c, "")).orElse(""),
                        b.plan().map(p -> named.getOrDefault(p, "")).orElse(""),
                        b.what().span().from(),
                        b.what().span().until(),
                        b.what()
                                .chair()
                                .map(c -> chairs.getOrDefault(c.value(), ""))
                                .orElse(""),
                        stylists.getOrDefault(b.what().stylist().value(), ""),
                        b.note(),
                        b.state() == Booked.State.CALLED_OFF,
                        b.version(),
                        b.createdAt()))
                .toList();
    }

    /**
     * Moves appointments to when a calendar has them, all of them or none.
     *
     * @param isKept whether it is done; else it is only told what would come of each
     */
    public List<Moved> move(List<Move> asked, boolean isKept) {
        if (isKept) {
            people.hold();
        }
        Map<UUID, Booked> kept = appointments.find(asked.stream().map(Move::id).collect(Collectors.toSet()));
        Map<UUID, String> clients = book.names(
                kept.values().stream().flatMap(b -> b.client().stream()).collect(Collectors.toSet()));
        Map<UUID, Booked> changed = new LinkedHashMap<>();
        List<Moved> told = new ArrayList<>();
        for (Move m : asked) {
            Booked b = kept.get(m.id());
            if (b == null) {
                told.add(new Moved(m, Outcome.UNKNOWN, "", m.from(), ""));
            } else if (isThen(b, m)) {
                told.add(told(m, Outcome.AS_IT_IS, b, clients, ""));
            } else {
                String wrong = wrong(m, b);
                if (wrong.isEmpty()) {
                    changed.put(m.id(), moved(b, m));
                }
                told.add(told(m, wrong.isEmpty() ? Outcome.MOVED : Outcome.REFUSED, b, clients, wrong));
            }
        }
        Diary staying = staying(changed);
        List<Moved> all = told.stream()
                .map(t -> t.outcome() == Outcome.MOVED ? unlessTaken(t, changed, staying) : t)
                .collect(Collectors.toCollection(ArrayList::new));
        if (all.stream().anyMatch(t -> t.outcome() == Outcome.REFUSED)) {
            return all;
        }
        all.addAll(movedAlong(changed, staying, clients));
        if (isKept) {
            changed.values().forEach(this::keep);
        }
        return all;
    }

    /** What is prepared for installs that are moved, unless the calendar says itself when: it is added to what is changed. */
    private List<Moved> movedAlong(Map<UUID, Booked> changed, Diary staying, Map<UUID, String> clients) {
        List<Moved> along = new ArrayList<>();
        for (Booked install : List.copyOf(changed.values())) {
            Diary now = staying.with(Stream.concat(
                            staying.appointments().stream(),
                            changed.values().stream().map(Booked::what))
                    .toList());
            preparing
                    .movedAlong(install, now)
                    .filter(p -> !changed.containsKey(p.id()))
                    .ifPresent(p -> {
                        Booked before = appointments.find(p.id()).orElseThrow();
                        Span span = p.what().span();
                        along.add(
                                told(new Move(p.id(), span.from(), span.until()), Outcome.MOVED, before, clients, ""));
                        changed.put(p.id(), p);
                    });
        }
        return along;
    }

    /** What is planned round those that are moved, and stays. */
    private Diary staying(Map<UUID, Booked> changed) {
        Instant from = changed.values().stream()
                .map(b -> b.what().span().from())
                .min(Comparator.naturalOrder())
                .orElse(Instant.EPOCH);
        Instant until = changed.values().stream()
                .map(b -> b.what().span().until())
                .max(Comparator.naturalOrder())
                .orElse(Instant.EPOCH);
        return free.diary(from.minus(DiaryService.ROUND), until.plus(DiaryService.ROUND))
                .without(changed.keySet().stream().map(AppointmentId::new).collect(Collectors.toSet()));
    }

    private void keep(Booked b) {
        if (appointments.change(b).isEmpty()) {
            throw new IllegalStateException("an appointment was changed while all were held");
        }
    }

    private static boolean isThen(Booked b, Move m) {
        Span span = b.what().span();
        return span.from().equals(m.from()) && span.until().equals(m.until());
    }

    private static String wrong(Move m, Booked b) {
        if (b.state() != Booked.State.PLANNED) {
            return "It is no longer planned, so it stays where it was.";
        }
        Duration length = Duration.between(m.from(), m.until());
        return length.compareTo(MIN_DURATION) < 0 || length.compareTo(MAX_DURATION) > 0
                ? "It may last from " + MIN_DURATION.toMinutes() + " minutes to " + MAX_DURATION.toHours() + " hours."
                : "";
    }

    /** The same, refused where another has the chair or the hands by then: one that stays, or one that is moved too. */
    private Moved unlessTaken(Moved t, Map<UUID, Booked> changed, Diary staying) {
        AppointmentId id = new AppointmentId(t.move().id());
        Appointment then = Objects.requireNonNull(changed.get(id.value())).what();
        List<Appointment> others = Stream.concat(
                        staying.appointments().stream(),
                        changed.values().stream().map(Booked::what).filter(a -> !a.id().equals(id)))
                .toList();
        Optional<Clash> clash = staying.with(others).clash(then);
        return clash.map(c -> new Moved(
                        t.move(),
                        Outcome.REFUSED,
                        t.words(),
                        t.was(),
                        new AppointmentViews(people, book, plans)
                                .words(
                                        c,
                                        with -> appointments.find(with.value()).orElseThrow())))
                .orElse(t);
    }

    private static Booked moved(Booked b, Move m) {
        Appointment a = b.what();
        return b.during(new Appointment(a.id(), a.occasion(), new Span(m.from(), m.until()), a.chair(), a.stylist()));
    }

    private static Moved told(Move m, Outcome outcome, Booked b, Map<UUID, String> clients, String reason) {
        String client = b.client()
                .map(c -> clients.getOrDefault(c, ""))
                .map(n -> n.isEmpty() ? "" : n + ", ")
                .orElse("");
        return new Moved(
                m,
                outcome,
                client + b.what().occasion().words(),
                b.what().span().from(),
                reason);
    }
}
