package gyrotaxis.server.calendar;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateEnd;
import biweekly.property.DateOrDateTimeProperty;
import biweekly.property.DateStart;
import biweekly.property.Status;
import biweekly.property.Transparency;
import biweekly.util.DateTimeComponents;
import biweekly.util.Duration;
import biweekly.util.ICalDate;
import gyrotaxis.server.diary.Dating.Dated;
import gyrotaxis.server.visits.followup.FollowUpService.ToLookAfter;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Date;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Appointments as iCalendar, RFC 5545. Each has one name for ever, and a number that grows, so that a calendar that reads them again changes them and has none twice. */
final class CalendarFile {
    private static final String FROM = "-//Gyrotaxis//Book//EN";
    private static final String AT = "@gyrotaxis";
    private static final Pattern APPOINTMENT =
            Pattern.compile("appointment-([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})" + AT);

    private static final Pattern FOLLOW_UP =
            Pattern.compile("follow-up-([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})" + AT);

    private CalendarFile() {}

    /**
     * An appointment of this book, as it was read; its time is not checked.
     *
     * @param words what it is called there
     * @param from when it begins; null if it has no time of a day
     * @param until when it ends; null likewise
     * @param isRepeated whether it comes again and again
     */
    record Found(
            UUID id,
            String words,
            @Nullable Instant from,
            @Nullable Instant until,
            boolean isRepeated) {}

    /** Something to be looked after, as it was read. @param on the day; null if it has none */
    record FoundDue(UUID id, String words, @Nullable LocalDate on, boolean isRepeated) {}

    /** What was read: appointments of this book and what is looked after, each once, and how many others there were. */
    record Read(List<Found> found, List<FoundDue> dues, int others) {
        Read {
            found = List.copyOf(found);
            dues = List.copyOf(dues);
        }
    }

    static byte[] write(List<Dated> appointments, List<ToLookAfter> followUps, String studio) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId(FROM);
        calendar.setName(studio.isBlank() ? "Appointments" : studio);
        appointments.forEach(a -> calendar.addEvent(event(a)));
        followUps.forEach(f -> calendar.addEvent(event(f)));
        return Biweekly.write(calendar).go().getBytes(StandardCharsets.UTF_8);
    }

    private static VEvent event(Dated a) {
        VEvent event = new VEvent();
        event.setUid("appointment-" + a.id() + AT);
        event.setDateTimeStamp(Date.from(a.madeAt()));
        event.setSequence(a.version());
        event.setDateStart(Date.from(a.from()), true);
        event.setDateEnd(Date.from(a.until()), true);
        event.setSummary(joined(", ", a.client(), a.words()));
        event.setStatus(a.isOff() ? Status.cancelled() : Status.confirmed());
        if (!a.chair().isEmpty()) {
            event.setLocation(a.chair());
        }
        String more = joined("\n", a.plan(), a.stylist().isEmpty() ? "" : "By " + a.stylist(), a.note());
        if (!more.isEmpty()) {
            event.setDescription(more);
        }
        return event;
    }

    /** A day, which takes nobody's time. */
    private static VEvent event(ToLookAfter f) {
        VEvent event = new VEvent();
        event.setUid("follow-up-" + f.id() + AT);
        event.setDateTimeStamp(Date.from(f.due().atStartOfDay(ZoneOffset.UTC).toInstant()));
        event.setDateStart(new DateStart(day(f.due())));
        event.setDateEnd(new DateEnd(day(f.due().plusDays(1))));
        event.setSummary(joined(", ", f.client(), f.words()));
        event.setTransparency(Transparency.transparent());
        return event;
    }

    private static ICalDate day(LocalDate day) {
        return new ICalDate(new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false);
    }

    private static String joined(String between, String... parts) {
        return Stream.of(parts).filter(p -> !p.isBlank()).collect(Collectors.joining(between));
    }

    /** A file as appointments; empty if it is no calendar. Of one that is in it twice the one with the greater number is meant. */
    static Optional<Read> read(byte[] file) {
        List<ICalendar> calendars =
                Biweekly.parse(new String(file, StandardCharsets.UTF_8)).all();
        if (calendars.isEmpty()) {
            return Optional.empty();
        }
        Map<UUID, VEvent> ours = new LinkedHashMap<>();
        Map<UUID, VEvent> dues = new LinkedHashMap<>();
        int others = 0;
        for (ICalendar calendar : calendars) {
            for (VEvent event : calendar.getEvents()) {
                String uid = event.getUid() == null
                        ? ""
                        : String.valueOf(event.getUid().getValue());
                Matcher name = APPOINTMENT.matcher(uid);
                Matcher due = FOLLOW_UP.matcher(uid);
                if (due.matches()) {
                    dues.merge(UUID.fromString(due.group(1)), event, (a, b) -> sequence(b) >= sequence(a) ? b : a);
                } else if (name.matches()) {
                    ours.merge(UUID.fromString(name.group(1)), event, (a, b) -> sequence(b) >= sequence(a) ? b : a);
                } else {
                    others++;
                }
            }
        }
        List<Found> found = new ArrayList<>();
        ours.forEach((id, event) -> found.add(found(id, event)));
        List<FoundDue> due = new ArrayList<>();
        dues.forEach(
                (id, event) -> due.add(new FoundDue(id, words(event), day(event.getDateStart()), isRepeated(event))));
        return Optional.of(new Read(found, due, others));
    }

    private static int sequence(VEvent event) {
        return event.getSequence() == null || event.getSequence().getValue() == null
                ? 0
                : event.getSequence().getValue();
    }

    private static Found found(UUID id, VEvent event) {
        Instant from = moment(event.getDateStart());
        Instant until = moment(event.getDateEnd());
        Duration lasts =
                event.getDuration() == null ? null : event.getDuration().getValue();
        if (until == null && from != null && lasts != null) {
            until = from.plusMillis(lasts.toMillis());
        }
        return new Found(id, words(event), from, until, isRepeated(event));
    }

    private static String words(VEvent event) {
        return event.getSummary() == null || event.getSummary().getValue() == null
                ? ""
                : event.getSummary().getValue();
    }

    private static boolean isRepeated(VEvent event) {
        return event.getRecurrenceRule() != null || !event.getRecurrenceDates().isEmpty();
    }

    /** The day as it is written, whatever hour a calendar gave it. */
    private static @Nullable LocalDate day(@Nullable DateOrDateTimeProperty at) {
        if (at == null || at.getValue() == null || at.getValue().getRawComponents() == null) {
            return null;
        }
        DateTimeComponents c = at.getValue().getRawComponents();
        try {
            return LocalDate.of(c.getYear(), c.getMonth(), c.getDate());
        } catch (DateTimeException e) {
            return null;
        }
    }

    private static @Nullable Instant moment(@Nullable DateOrDateTimeProperty at) {
        return at == null || at.getValue() == null || !at.getValue().hasTime()
                ? null
                : at.getValue().toInstant();
    }
}
