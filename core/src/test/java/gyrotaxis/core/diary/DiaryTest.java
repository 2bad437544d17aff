package gyrotaxis.core.diary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DiaryTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");
    private static final LocalDate MONDAY = LocalDate.of(2027, 6, 7);
    private static final ChairId WINDOW = new ChairId(uuid(1));
    private static final ChairId DOOR = new ChairId(uuid(2));
    private static final StylistId ORLA = new StylistId(uuid(11));
    private static final StylistId TAMSIN = new StylistId(uuid(12));

    private static UUID uuid(long n) {
        return new UUID(0, n);
    }

    private static Hours daily(int fromHour, int untilHour) {
        Map<DayOfWeek, DayHours> week = new java.util.EnumMap<>(DayOfWeek.class);
        for (DayOfWeek d : DayOfWeek.values()) {
            week.put(d, new DayHours(fromHour * 60, untilHour * 60));
        }
        return new Hours(week, List.of());
    }

    private static Diary diary(Appointment... appointments) {
        return new Diary(
                ZONE,
                Duration.ofMinutes(10),
                List.of(WINDOW, DOOR),
                List.of(new Stylist(ORLA, "Orla", daily(9, 18)), new Stylist(TAMSIN, "Tamsin", daily(10, 16))),
                List.of(appointments));
    }

    private static Instant at(LocalDate day, int hour, int minute) {
        return day.atTime(hour, minute).atZone(ZONE).toInstant();
    }

    private static Appointment install(long n, int hour, int minute, int minutes, ChairId chair, StylistId by) {
        return new Appointment(
                new AppointmentId(uuid(n)),
                Occasion.INSTALL,
                Span.of(at(MONDAY, hour, minute), Duration.ofMinutes(minutes)),
                Optional.of(chair),
                by);
    }

    private static Wanted wanted(int minutes, Instant near) {
        return new Wanted(
                Occasion.INSTALL, Duration.ofMinutes(minutes), Optional.empty(), near, near, near, Duration.ZERO, 14);
    }

    @Test
    void nothingOverlapsOnAChairOrAStylist() {
        Diary d = diary(install(100, 10, 0, 120, WINDOW, ORLA));

        assertThat(d.clash(install(101, 11, 0, 60, WINDOW, TAMSIN)).map(Clash::kind))
                .contains(Clash.Kind.CHAIR_TAKEN);
        assertThat(d.clash(install(101, 11, 0, 60, DOOR, ORLA)).map(Clash::kind))
                .contains(Clash.Kind.STYLIST_TAKEN);
        assertThat(d.clash(install(101, 11, 0, 60, DOOR, TAMSIN))).isEmpty();
        // What ends as it begins is over; and it is not in its own way.
        assertThat(d.clash(install(101, 12, 0, 60, WINDOW, ORLA))).isEmpty();
        assertThat(d.clash(install(101, 8, 0, 120, WINDOW, ORLA))).isEmpty();
        assertThat(d.clash(install(100, 10, 30, 120, WINDOW, ORLA))).isEmpty();
    }

    @Test
    void whoAndWhereMustBeHere() {
        assertThat(diary().clash(install(1, 10, 0, 60, new ChairId(uuid(9)), ORLA))
                        .map(Clash::kind))
                .contains(Clash.Kind.NO_CHAIR);
        assertThat(diary().clash(install(1, 10, 0, 60, DOOR, new StylistId(uuid(9))))
                        .map(Clash::kind))
                .contains(Clash.Kind.NO_STYLIST);
    }

    @Test
    void onlyWhatIsSatForTakesAChair() {
        Span span = Span.of(at(MONDAY, 9, 0), Duration.ofMinutes(30));
        assertThatThrownBy(() ->
                        new Appointment(new AppointmentId(uuid(1)), Occasion.PREPARE, span, Optional.of(DOOR), ORLA))
                .hasMessageContaining("takes none");
        assertThatThrownBy(() ->
                        new Appointment(new AppointmentId(uuid(1)), Occasion.INSTALL, span, Optional.empty(), ORLA))
                .hasMessageContaining("takes one");
        assertThatThrownBy(() -> new Span(span.until(), span.from())).hasMessageContaining("must be after");
    }

    @Test
    void hoursAreThoseOfTheWallOnDaysOnWhichTheClocksChange() {
        Hours night = new Hours(Map.of(DayOfWeek.SUNDAY, new DayHours(0, DayHours.DAY)), List.of());
        // In spring an hour is missing, in autumn there is one more.
        assertThat(night.on(LocalDate.of(2027, 3, 28), ZONE).orElseThrow().length())
                .hasHours(23);
        assertThat(night.on(LocalDate.of(2027, 10, 31), ZONE).orElseThrow().length())
                .hasHours(25);
        assertThat(night.on(LocalDate.of(2027, 6, 13), ZONE).orElseThrow().length())
                .hasHours(24);
    }

    @Test
    void aTimeOfferedAcrossTheChangeOfClocksLastsAsLongAsItTakes() {
        Diary d = new Diary(
                ZONE,
                Duration.ZERO,
                List.of(WINDOW),
                List.of(new Stylist(
                        ORLA, "Orla", new Hours(Map.of(DayOfWeek.SUNDAY, new DayHours(0, 600)), List.of()))),
                List.of());
        Instant near = LocalDate.of(2027, 3, 28).atStartOfDay(ZONE).toInstant();
        Offer offer = FreeTimes.of(d, wanted(180, near), 1).get(0);
        assertThat(offer.first().span().length()).hasMinutes(180);
        // One o'clock never comes that night: three hours on, the clock shows four.
        assertThat(offer.first().span().until().atZone(ZONE).getHour()).isEqualTo(4);
    }

    @Test
    void daysOffAreKeptFree() {
        Hours away =
                new Hours(daily(9, 18).week(), List.of(new DaysOff(MONDAY, MONDAY.plusDays(2), "rows in the regatta")));
        assertThat(away.on(MONDAY.plusDays(2), ZONE)).isEmpty();
        assertThat(away.on(MONDAY.plusDays(3), ZONE)).isPresent();
        assertThat(away.awayOn(MONDAY).orElseThrow().why()).isEqualTo("rows in the regatta");
        assertThatThrownBy(() -> new DaysOff(MONDAY, MONDAY.minusDays(1), "")).hasMessageContaining("before");
    }

    @Test
    void theNearestFreeTimeIsOfferedWithTheGapKept() {
        Diary d = diary(install(100, 9, 0, 180, WINDOW, ORLA), install(101, 13, 0, 180, DOOR, TAMSIN));
        List<Offer> offers = FreeTimes.of(d, wanted(240, at(MONDAY, 9, 0)), 3);
        Offer.Sitting first = offers.get(0).first();
        assertThat(first.span().from()).isEqualTo(at(MONDAY, 12, 10));
        assertThat(first.stylist()).isEqualTo(ORLA);
        assertThat(first.chair()).contains(WINDOW);
        assertThat(offers.get(0).sittings()).hasSize(1);
    }

    @Test
    void whatFitsInNoOneStretchIsOfferedInTwoSittings() {
        // Orla alone; every day is cut through at noon.
        List<Appointment> noons = IntStream.range(0, 20)
                .mapToObj(k -> new Appointment(
                        new AppointmentId(uuid(200 + k)),
                        Occasion.CONSULTATION,
                        Span.of(at(MONDAY.plusDays(k), 13, 0), Duration.ofMinutes(60)),
                        Optional.of(WINDOW),
                        ORLA))
                .toList();
        Diary d = new Diary(
                ZONE, Diary.USUAL_GAP, List.of(WINDOW), List.of(new Stylist(ORLA, "Orla", daily(9, 18))), noons);
        Offer offer = FreeTimes.of(d, wanted(300, at(MONDAY, 9, 0)), 3).get(0);
        assertThat(offer.sittings()).hasSize(2);
        Duration both = offer.sittings()
                .get(0)
                .span()
                .length()
                .plus(offer.sittings().get(1).span().length());
        assertThat(both).isEqualTo(Duration.ofMinutes(300).plus(FreeTimes.SETTLING));
        assertThat(offer.first().span().from()).isEqualTo(at(MONDAY, 9, 0));
        assertThat(offer.sittings().get(1).span().from()).isEqualTo(at(MONDAY, 14, 10));
    }

    @Test
    void hairIsPreparedTheDayBeforeByTheSameHands() {
        Wanted w = new Wanted(
                Occasion.INSTALL,
                Duration.ofMinutes(240),
                Optional.of(ORLA),
                at(MONDAY.plusDays(1), 9, 0),
                at(MONDAY.plusDays(1), 0, 0),
                at(MONDAY, 9, 0),
                Duration.ofMinutes(45),
                14);
        Offer offer = FreeTimes.of(diary(install(100, 12, 0, 330, WINDOW, ORLA)), w, 1)
                .get(0);
        assertThat(offer.first().span().from()).isEqualTo(at(MONDAY.plusDays(1), 9, 0));
        // From half past five on she is free again, but not for long enough: so before noon.
        assertThat(offer.prepared().orElseThrow().from()).isEqualTo(at(MONDAY, 11, 5));
        assertThat(offer.prepared().orElseThrow().length()).hasMinutes(45);
    }

    @Test
    void whatIsOverSoonerLeavesTheRestFree() {
        Appointment a = install(100, 9, 0, 120, WINDOW, ORLA);
        assertThat(a.overAt(at(MONDAY, 10, 12)).span()).isEqualTo(new Span(at(MONDAY, 9, 0), at(MONDAY, 10, 15)));
        assertThat(a.overAt(at(MONDAY, 10, 58))).isEqualTo(a);
        assertThat(a.overAt(at(MONDAY, 13, 0)))
                .as("longer is said by hand: it may push others")
                .isEqualTo(a);
        assertThat(a.overAt(at(MONDAY, 8, 30))).isEqualTo(a);
    }

    /** Who comes on the day she asks for it waits until her hair is ready. */
    @Test
    void whereNoTimeIsLeftBeforeTheHairIsPreparedFirst() {
        Instant now = at(MONDAY, 9, 30);
        Wanted w = new Wanted(
                Occasion.INSTALL, Duration.ofMinutes(240), Optional.of(ORLA), now, now, now, Duration.ofMinutes(33), 1);
        Offer offer =
                FreeTimes.of(diary(install(100, 9, 0, 80, WINDOW, ORLA)), w, 1).get(0);
        assertThat(offer.prepared()).contains(Span.of(at(MONDAY, 10, 30), Duration.ofMinutes(33)));
        assertThat(offer.first().span()).isEqualTo(Span.of(at(MONDAY, 11, 15), Duration.ofMinutes(240)));
        // With an hour less before six, nothing is left that day.
        assertThat(FreeTimes.of(diary(install(100, 9, 0, 280, WINDOW, ORLA)), w, 1))
                .isEmpty();
    }

    @Test
    void latenessIsSwallowedByFreeTimeAndPushesOnlyWhatItMust() {
        Appointment late = install(1, 9, 0, 120, WINDOW, ORLA);
        Appointment next = install(2, 11, 10, 60, WINDOW, ORLA);
        Appointment other = install(3, 11, 0, 60, DOOR, TAMSIN);
        Appointment afterAPause = install(4, 13, 0, 60, WINDOW, ORLA);
        Diary d = diary(late, next, other, afterAPause);
        List<Appointment> pushed = Late.pushed(d, late.id(), at(MONDAY, 11, 32), at(MONDAY, 11, 0));
        assertThat(pushed)
                .extracting(a -> a.id().value().getLeastSignificantBits())
                .containsExactly(1L, 2L);
        assertThat(pushed.get(1).span().from()).isEqualTo(at(MONDAY, 11, 45));
        // Over by 12:45, and ten minutes to sweep: one o'clock stands.
        List<Appointment> more = Late.pushed(d, late.id(), at(MONDAY, 12, 0), at(MONDAY, 11, 0));
        assertThat(more).hasSize(3);
        assertThat(more.get(2).span().from()).isEqualTo(at(MONDAY, 13, 20));
    }

    @Test
    void whatHasBegunIsNotMoved() {
        Appointment late = install(1, 9, 0, 120, WINDOW, ORLA);
        Appointment begun = install(2, 11, 0, 60, WINDOW, TAMSIN);
        assertThat(Late.pushed(diary(late, begun), late.id(), at(MONDAY, 11, 30), at(MONDAY, 11, 20)))
                .hasSize(1);
        assertThatThrownBy(() -> Late.pushed(diary(), late.id(), at(MONDAY, 11, 30), at(MONDAY, 11, 20)))
                .hasMessageContaining("no such");
    }

    static Stream<Long> seeds() {
        return Stream.iterate(1L, n -> n + 1).limit(60);
    }

    /** A diary by chance, made as a studio makes it: whatever clashes is not put in. */
    private static Diary byChance(Random r) {
        List<Appointment> in = new ArrayList<>();
        for (int k = 0; k < 60; k++) {
            Occasion what = Occasion.values()[r.nextInt(Occasion.values().length)];
            Appointment a = new Appointment(
                    new AppointmentId(uuid(1000 + k)),
                    what,
                    Span.of(
                            at(MONDAY.plusDays(r.nextInt(4)), 8 + r.nextInt(10), 5 * r.nextInt(12)),
                            Duration.ofMinutes(15 + 5 * r.nextInt(50))),
                    what.takesChair() ? Optional.of(r.nextBoolean() ? WINDOW : DOOR) : Optional.empty(),
                    r.nextBoolean() ? ORLA : TAMSIN);
            if (diary(in.toArray(new Appointment[0])).clash(a).isEmpty()) {
                in.add(a);
            }
        }
        return diary(in.toArray(new Appointment[0]));
    }

    private static void requireNoOverlap(Diary d) {
        for (Appointment a : d.appointments()) {
            assertThat(d.clash(a)).as("%s", a).isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void pushingNeverMakesTwoOverlapThatDayAndMovesNothingForward(long seed) {
        Random r = new Random(seed);
        Diary d = byChance(r);
        Appointment late = d.appointments().get(r.nextInt(d.appointments().size()));
        Instant until = late.span().until().plus(Duration.ofMinutes(r.nextInt(90)));
        List<Appointment> pushed = Late.pushed(d, late.id(), until, late.span().from());
        Set<AppointmentId> ids = new java.util.HashSet<>();
        pushed.forEach(a -> ids.add(a.id()));
        List<Appointment> all = new ArrayList<>(d.without(ids).appointments());
        all.addAll(pushed);
        // Those that had begun stay where they are, under what runs late or not.
        if (d.appointments().stream()
                .noneMatch(a -> a.span().from().equals(late.span().from()) && a != late)) {
            requireNoOverlap(d.with(all));
        }
        for (Appointment a : pushed) {
            Appointment was = d.appointments().stream()
                    .filter(o -> o.id().equals(a.id()))
                    .findFirst()
                    .orElseThrow();
            assertThat(a.span().from()).isAfterOrEqualTo(was.span().from());
            if (!a.id().equals(late.id())) {
                assertThat(a.span().length()).isEqualTo(was.span().length());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsOfferedIsFreeWithinHoursAndLongEnough(long seed) {
        Random r = new Random(seed);
        Diary d = byChance(r);
        int minutes = 30 + 10 * r.nextInt(40);
        Wanted w = new Wanted(
                Occasion.INSTALL,
                Duration.ofMinutes(minutes),
                r.nextBoolean() ? Optional.of(ORLA) : Optional.empty(),
                at(MONDAY.plusDays(r.nextInt(3)), 12, 0),
                at(MONDAY, 7, 3),
                at(MONDAY, 7, 3),
                Duration.ofMinutes(r.nextInt(2) * 40),
                7);
        List<Offer> offers = FreeTimes.of(d, w, 5);
        assertThat(offers).isNotEmpty();
        for (Offer o : offers) {
            List<Appointment> all = new ArrayList<>(d.appointments());
            long n = 1;
            Duration sum = Duration.ZERO;
            for (Offer.Sitting s : o.sittings()) {
                Appointment a = new Appointment(
                        new AppointmentId(uuid(n++)), Occasion.INSTALL, s.span(), s.chair(), s.stylist());
                assertThat(d.isInHours(a)).isTrue();
                assertThat(s.span().from()).isAfterOrEqualTo(w.notBefore());
                sum = sum.plus(s.span().length());
                all.add(a);
            }
            o.prepared().ifPresent(p -> {
                Appointment a = new Appointment(
                        new AppointmentId(uuid(9)),
                        Occasion.PREPARE,
                        p,
                        Optional.empty(),
                        o.first().stylist());
                assertThat(d.isInHours(a)).isTrue();
                assertThat(p.until()).isBeforeOrEqualTo(o.first().span().from());
                all.add(a);
            });
            assertThat(sum).isGreaterThanOrEqualTo(Duration.ofMinutes(minutes));
            assertThat(o.prepared().isPresent()).isEqualTo(!w.prepare().isZero());
            requireNoOverlap(d.with(all));
        }
    }
}
