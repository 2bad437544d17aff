package gyrotaxis.server.people;

import gyrotaxis.core.diary.DayHours;
import gyrotaxis.core.diary.DaysOff;
import gyrotaxis.core.diary.Hours;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What is asked and answered about people and chairs. */
final class PeopleBodies {
    private static final Interval GAP_MINUTES = new Interval(0, 120);
    private static final int MAX_NAME_LENGTH = 80;
    private static final int MAX_REASON_LENGTH = 120;
    private static final int MAX_OFF = 100;

    private PeopleBodies() {}

    /** Everything about the studio. */
    record PeopleView(
            StudioBody studio,
            List<ChairView> chairs,
            List<StylistView> stylists,
            List<String> zones,
            List<DayView> usualWeek) {}

    /** The studio; version is that with which it was read. */
    record StudioBody(
            @Nullable String name,
            @Nullable String zone,
            @Nullable Integer gapMinutes,
            int version) {
        static StudioBody of(Studio s) {
            return new StudioBody(s.name(), s.zone().getId(), (int) s.gap().toMinutes(), s.version());
        }

        Studio check() {
            Fields f = new Fields();
            String checkedName = f.textOrEmpty("name", "The studio's name", name, MAX_NAME_LENGTH);
            int gap = f.whole("gapMinutes", "The pause between two appointments, in minutes,", gapMinutes, GAP_MINUTES);
            ZoneId checkedZone = zone(f, zone);
            return f.orRefuse(() -> new Studio(checkedName, checkedZone, Duration.ofMinutes(gap), version));
        }

        private static ZoneId zone(Fields f, @Nullable String id) {
            try {
                return ZoneId.of(id == null ? "" : id);
            } catch (DateTimeException e) {
                f.problem("zone", "No clock is known by \"" + id + "\". Choose one from the list.");
                return ZoneId.of("UTC");
            }
        }
    }

    /** A chair by its name. */
    record ChairBody(@Nullable String name) {
        String check() {
            Fields f = new Fields();
            String checked = f.text("name", "The chair's name", name, 60);
            return f.orRefuse(() -> checked);
        }
    }

    /** A chair as it is shown. */
    record ChairView(UUID id, String name) {}

    /** When somebody works on a day of the week; null if she does not. */
    record DayView(
            DayOfWeek day,
            @Nullable @Schema(nullable = true) Integer fromMinute,
            @Nullable @Schema(nullable = true) Integer untilMinute) {}

    /** Days on which somebody is away. */
    record OffView(LocalDate first, LocalDate last, String why) {}

    /** Somebody who works here, as she is shown. */
    record StylistView(
            UUID id,
            String name,
            @Nullable @Schema(nullable = true) UUID methodId,
            List<DayView> week,
            List<OffView> off,
            int version) {
        static StylistView of(Person p) {
            Hours h = p.stylist().hours();
            return new StylistView(
                    p.stylist().id().value(),
                    p.stylist().name(),
                    p.method().orElse(null),
                    PeopleBodies.week(h),
                    h.off().stream()
                            .map(o -> new OffView(o.first(), o.last(), o.why()))
                            .toList(),
                    p.version());
        }
    }

    static List<DayView> week(Hours h) {
        return IntStream.rangeClosed(1, 7)
                .mapToObj(DayOfWeek::of)
                .map(d -> {
                    DayHours on = h.week().get(d);
                    return new DayView(d, on == null ? null : on.fromMinute(), on == null ? null : on.untilMinute());
                })
                .toList();
    }

    /** Somebody who works here; version is that with which she was read, 0 for a new one. */
    record StylistBody(
            @Nullable String name,
            @Nullable @Schema(nullable = true) UUID methodId,
            @Nullable List<DayView> week,
            @Nullable List<OffView> off,
            int version) {

        /** What was written down, checked. */
        record Checked(String name, Hours hours) {}

        Checked check(LocalDate today) {
            Fields f = new Fields();
            String checkedName = f.text("name", "The name", name, MAX_NAME_LENGTH);
            Hours hours = week == null
                    ? Hours.USUAL
                    : new Hours(checkWeek(f, week), checkOff(f, off == null ? List.of() : off, today));
            return f.orRefuse(() -> new Checked(checkedName, hours));
        }

        private static EnumMap<DayOfWeek, DayHours> checkWeek(Fields f, List<DayView> week) {
            EnumMap<DayOfWeek, DayHours> days = new EnumMap<>(DayOfWeek.class);
            for (int i = 0; i < week.size(); i++) {
                DayView d = week.get(i);
                DayOfWeek day = f.present("week[" + i + "].day", "The day", d.day(), DayOfWeek.MONDAY);
                if (d.fromMinute() == null || d.untilMinute() == null) {
                    continue;
                }
                try {
                    days.put(day, new DayHours(d.fromMinute(), d.untilMinute()));
                } catch (IllegalArgumentException e) {
                    f.problem("week[" + i + "]", "These hours end before they begin. Put the later one second.");
                }
            }
            return days;
        }

        private static List<DaysOff> checkOff(Fields f, List<OffView> off, LocalDate today) {
            if (off.size() > MAX_OFF) {
                f.problem("off", "At most " + MAX_OFF + " times away can be kept; let the oldest go.");
                return Collections.emptyList();
            }
            List<DaysOff> checked = new ArrayList<>();
            for (int i = 0; i < off.size(); i++) {
                String at = "off[" + i + "].";
                OffView o = off.get(i);
                String why = f.textOrEmpty(at + "why", "Why she is away", o.why(), MAX_REASON_LENGTH);
                LocalDate first = f.day(at + "first", "The first day away", o.first(), today);
                LocalDate last = f.day(at + "last", "The last day away", o.last(), today);
                if (last.isBefore(first)) {
                    f.problem(at + "last", "The last day away comes before the first.");
                } else {
                    checked.add(new DaysOff(first, last, why));
                }
            }
            return checked;
        }
    }
}
