package gyrotaxis.server.calendar;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.calendar.CalendarFile.Found;
import gyrotaxis.server.calendar.CalendarFile.FoundDue;
import gyrotaxis.server.diary.Dating;
import gyrotaxis.server.diary.Dating.Move;
import gyrotaxis.server.diary.Dating.Moved;
import gyrotaxis.server.diary.Dating.Outcome;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.people.Studio;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.tables.Lines;
import gyrotaxis.server.visits.followup.FollowUpService;
import gyrotaxis.server.visits.followup.FollowUpService.Due;
import gyrotaxis.server.visits.followup.FollowUpService.Dued;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives the book to calendars, and takes back what was moved there: all of it, or nothing where something cannot be. */
@Service
class CalendarService {
    private static final Interval DAYS = new Interval(1, 800);
    private static final int USUAL_DAYS = 400;
    private static final int DAYS_BACK = 31;
    private static final int MAX_FOLLOW_UPS = 5000;

    /** So many events are read at once, of this book and others: more would be waited for too long. */
    private static final int MAX_EVENTS = 20_000;

    /** So many of anything, alarms and clocks of other places among them. */
    private static final int MAX_PARTS = 50_000;

    private static final int MAX_LINES = 400_000;

    /** So many appointments of this book among them. */
    private static final int MAX_READ = 5000;

    /** More than this is not told one by one. */
    private static final int MAX_TOLD = 200;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM yyyy, HH:mm", Locale.UK);

    private final Dating dating;
    private final FollowUpService after;
    private final PeopleRepository people;
    private final Clock clock;

    CalendarService(Dating dating, FollowUpService after, PeopleRepository people, Clock clock) {
        this.dating = dating;
        this.after = after;
        this.people = people;
        this.clock = clock;
    }

    /**
     * What a calendar would do, or did.
     *
     * @param isKept whether it was done
     * @param changed appointments, and what is looked after, that are at another time there
     * @param left appointments that are as the book says
     * @param others events that are not of this book; they are left where they are
     * @param moves the first of those that are moved
     * @param faults what cannot be; nothing is done then
     */
    record CalendarRead(
            boolean isKept, int changed, int left, int others, List<MovedTo> moves, List<CalendarFault> faults) {}

    /** One appointment: whose, when it is by the book, and when by the calendar. */
    record MovedTo(String words, String was, String is) {}

    /** What is wrong with one event; {@code event} is empty if all of the file is wrong. */
    record CalendarFault(String event, String reason) {}

    byte[] written(@Nullable LocalDate asked, @Nullable Integer days) {
        Fields f = new Fields();
        Studio studio = people.studio();
        LocalDate today = studio.day(clock.instant());
        LocalDate from = asked == null ? today.minusDays(DAYS_BACK) : f.day("from", "The day", asked, today);
        int many = f.whole("days", "How many days", Fields.or(days, USUAL_DAYS), DAYS);
        return f.orRefuse(() -> {
            LocalDate until = from.plusDays(many);
            return CalendarFile.write(
                    dating.between(begins(from, studio.zone()), begins(until, studio.zone())),
                    after.toLookAfter(until, MAX_FOLLOW_UPS).stream()
                            .filter(t -> !t.due().isBefore(from))
                            .toList(),
                    studio.name());
        });
    }

    private static Instant begins(LocalDate day, ZoneId zone) {
        return day.atStartOfDay(zone).toInstant();
    }

    @Transactional
    public CalendarRead read(byte[] file, boolean isKept) {
        if (Lines.beginning(file, "BEGIN:VEVENT") > MAX_EVENTS) {
            return refused("A calendar may have at most " + MAX_EVENTS + " events. Save fewer months of it.");
        }
        if (Lines.beginning(file, "BEGIN:") > MAX_PARTS || Lines.of(file) > MAX_LINES) {
            return refused("This calendar is made of more than can be read at once. Save fewer months of it.");
        }
        Optional<CalendarFile.Read> read = CalendarFile.read(file);
        if (read.isEmpty()) {
            return refused("This is no calendar. Save it as iCalendar (.ics).");
        }
        if (read.get().found().size() > MAX_READ) {
            return refused("A calendar may have at most " + MAX_READ + " appointments of this book.");
        }
        List<CalendarFault> faults = new ArrayList<>();
        List<Move> asked = new ArrayList<>();
        for (Found e : read.get().found()) {
            if (e.isRepeated()) {
                faults.add(
                        new CalendarFault(e.words(), "It is repeated there. An appointment of the book comes once."));
            } else if (e.from() == null || e.until() == null) {
                faults.add(new CalendarFault(
                        e.words(), "It has no time there. Give it the hour at which it begins, and ends."));
            } else {
                asked.add(new Move(e.id(), e.from(), e.until()));
            }
        }
        List<Due> dues = new ArrayList<>();
        for (FoundDue d : read.get().dues()) {
            if (d.isRepeated() || d.on() == null) {
                faults.add(
                        new CalendarFault(d.words(), "What is looked after falls due on one day. Give it one there."));
            } else {
                dues.add(new Due(d.id(), d.on()));
            }
        }
        ZoneId zone = people.studio().zone();
        // Asked first whether all of it can be, so that nothing is moved where something cannot.
        List<Dued> dued = after.put(dues, false);
        dued.stream()
                .filter(d -> !d.reason().isEmpty())
                .forEach(d -> faults.add(new CalendarFault(said(d), d.reason())));
        List<Moved> told = dating.move(asked, isKept && faults.isEmpty());
        told.stream()
                .filter(m -> m.outcome() == Outcome.REFUSED)
                .forEach(m -> faults.add(
                        new CalendarFault(m.words() + ", " + said(m.move().from(), zone), m.reason())));
        List<Moved> moves =
                told.stream().filter(m -> m.outcome() == Outcome.MOVED).toList();
        if (isKept && faults.isEmpty()) {
            after.put(dues, true);
        }
        List<MovedTo> both = new ArrayList<>(moves.stream()
                .map(m -> new MovedTo(
                        m.words(), said(m.was(), zone), said(m.move().from(), zone)))
                .toList());
        List<Dued> moved =
                dued.stream().filter(d -> !d.due().on().equals(d.what().due())).toList();
        moved.forEach(d -> both.add(new MovedTo(
                said(d), DAY.format(d.what().due()), DAY.format(d.due().on()))));
        int unknown =
                (int) told.stream().filter(m -> m.outcome() == Outcome.UNKNOWN).count();
        return new CalendarRead(
                isKept && faults.isEmpty(),
                both.size(),
                (int) told.stream().filter(m -> m.outcome() == Outcome.AS_IT_IS).count() + dued.size() - moved.size(),
                read.get().others() + unknown + dues.size() - dued.size(),
                both.stream().limit(MAX_TOLD).toList(),
                faults.stream().limit(MAX_TOLD).toList());
    }

    private static CalendarRead refused(String reason) {
        return new CalendarRead(false, 0, 0, 0, List.of(), List.of(new CalendarFault("", reason)));
    }

    private static String said(Dued d) {
        return d.what().client() + ", " + d.what().words();
    }

    private static String said(Instant at, ZoneId zone) {
        return WHEN.format(at.atZone(zone));
    }
}
