package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Appointment;
import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.Diary;
import gyrotaxis.core.diary.FreeTimes;
import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.diary.Offer;
import gyrotaxis.core.diary.Span;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.core.diary.Wanted;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.diary.Bodies.FreeView;
import gyrotaxis.server.diary.Bodies.MinutesView;
import gyrotaxis.server.diary.Bodies.OfferView;
import gyrotaxis.server.diary.Bodies.TimeView;
import gyrotaxis.server.diary.Bodies.WantedBody;
import gyrotaxis.server.people.Chair;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.people.Person;
import gyrotaxis.server.people.Studio;
import gyrotaxis.server.shared.Fields;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Finds free times, each as long as the plan needs. */
@Service
class FreeTimeService {
    private static final int DAYS = 28;
    private static final int MAX = 6;
    private static final int MAX_SAID = 2;
    private static final int NINE = 9 * 60;
    private static final Interval MINUTE = new Interval(0, StudioClock.DAY_MINUTES - 1);
    private static final Interval MINUTES = new Interval(5, 720);

    private final AppointmentRepository appointments;
    private final PeopleRepository people;
    private final Lengths lengths;
    private final Clock clock;

    FreeTimeService(AppointmentRepository appointments, PeopleRepository people, Lengths lengths, Clock clock) {
        this.appointments = appointments;
        this.people = people;
        this.lengths = lengths;
        this.clock = clock;
    }

    int minutes(Occasion occasion, UUID plan, Optional<UUID> by) {
        return Lengths.rounded(lengths.of(occasion, Optional.of(plan), by));
    }

    /** All that is planned between two moments. */
    Diary diary(Instant from, Instant until) {
        Studio studio = people.studio();
        return new Diary(
                studio.zone(),
                studio.gap(),
                people.chairs().stream().map(Chair::id).toList(),
                people.here().stream().map(Person::stylist).toList(),
                appointments.between(from, until).stream()
                        .filter(FreeTimeService::takesTime)
                        .map(Booked::what)
                        .toList());
    }

    private static boolean takesTime(Booked b) {
        return b.state() == Booked.State.PLANNED || b.state() == Booked.State.DONE;
    }

    /** When it can be. Computed before anything is read of the diary: a plan takes its time. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    FreeView find(WantedBody body) {
        Fields f = new Fields();
        Studio studio = people.studio();
        StudioClock wall = new StudioClock(studio.zone());
        LocalDate today = wall.day(clock.instant());
        Occasion occasion = f.present("occasion", "What it is for", body.occasion(), Occasion.INSTALL);
        LocalDate day = f.day("day", "The day", body.day(), today);
        int minute = body.minute() == null ? NINE : f.whole("minute", "The time", body.minute(), MINUTE);
        Optional<UUID> plan = f.idIfAny("planId", "The plan", body.planId());
        Optional<UUID> stylist = f.idIfAny("stylistId", "Who does it", body.stylistId());
        Estimate estimated = lengths.of(occasion, plan, stylist);
        int minutes = body.minutes() == null
                ? Lengths.rounded(estimated)
                : f.whole("minutes", "How long it takes, in minutes,", body.minutes(), MINUTES);
        int prepare = occasion == Occasion.INSTALL ? Lengths.rounded(lengths.of(Occasion.PREPARE, plan, stylist)) : 0;
        f.orRefuse(() -> day);
        Instant now = clock.instant();
        Instant dayBegins = wall.dayBegins(day);
        Wanted wanted = new Wanted(
                occasion,
                Duration.ofMinutes(minutes),
                stylist.map(StylistId::new),
                dayBegins.plus(Duration.ofMinutes(minute)),
                dayBegins.isBefore(now) ? now : dayBegins,
                now,
                Duration.ofMinutes(prepare),
                DAYS);
        List<Offer> offers = FreeTimes.of(
                diary(now.minus(Duration.ofDays(1)), dayBegins.plus(Duration.ofDays(DAYS + 3))), wanted, MAX);
        return new FreeView(
                MinutesView.of(estimated),
                prepare,
                said(offers, wall, today),
                offers.stream().map(o -> view(o, wall, today)).toList());
    }

    /** The nearest times at which one that clashes could be instead, as one says them; empty if there are none. */
    String instead(Booked b, Instant now) {
        Studio studio = people.studio();
        StudioClock wall = new StudioClock(studio.zone());
        Appointment a = b.what();
        Instant dayBegins = wall.dayBegins(wall.day(a.span().from()));
        Wanted wanted = new Wanted(
                a.occasion(),
                a.span().length(),
                Optional.of(a.stylist())
                        .filter(s -> people.here().stream()
                                .anyMatch(p -> p.stylist().id().equals(s))),
                a.span().from(),
                dayBegins.isBefore(now) ? now : dayBegins,
                now,
                Duration.ZERO,
                DAYS);
        Diary diary = diary(dayBegins.minus(Duration.ofDays(1)), dayBegins.plus(Duration.ofDays(DAYS + 3)))
                .without(Set.of(a.id()));
        return said(FreeTimes.of(diary, wanted, MAX), wall, wall.day(now));
    }

    private static String said(List<Offer> offers, StudioClock wall, LocalDate today) {
        return offers.stream().limit(MAX_SAID).map(o -> words(o, wall, today)).collect(Collectors.joining(", or "));
    }

    private static String words(Offer o, StudioClock wall, LocalDate today) {
        Span first = o.first().span();
        String day = wall.say(wall.day(first.from()), today);
        if (o.sittings().size() == 1) {
            return day + " from " + wall.time(first.from());
        }
        Span second = o.sittings().get(1).span();
        String then = wall.day(second.from()).equals(wall.day(first.from()))
                ? ""
                : wall.say(wall.day(second.from()), today) + " ";
        return day + " in two sittings, " + wall.time(first.from()) + " and " + then + wall.time(second.from());
    }

    private static OfferView view(Offer o, StudioClock wall, LocalDate today) {
        return new OfferView(
                words(o, wall, today),
                o.sittings().stream()
                        .map(s -> time(s.span(), s.chair(), s.stylist(), wall))
                        .toList(),
                o.prepared()
                        .map(p -> time(p, Optional.empty(), o.first().stylist(), wall))
                        .orElse(null));
    }

    private static TimeView time(Span s, Optional<ChairId> chair, StylistId by, StudioClock wall) {
        LocalDate day = wall.day(s.from());
        return new TimeView(
                day,
                wall.minute(day, s.from()),
                (int) s.length().toMinutes(),
                chair.map(ChairId::value).orElse(null),
                by.value());
    }
}
