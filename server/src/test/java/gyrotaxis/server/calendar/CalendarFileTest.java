package gyrotaxis.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.server.calendar.CalendarFile.Found;
import gyrotaxis.server.diary.Dating.Dated;
import gyrotaxis.server.visits.followup.FollowUpService.ToLookAfter;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Calendars are read as they were written, and hostile ones come to an end. */
class CalendarFileTest {
    private static final String LETTERS = "ab ,;:\\\"'\n=ÄøЊ字😀.1";
    private static final UUID ID = UUID.fromString("0a1b2c3d-0000-4000-8000-00000000000f");

    private static String text(Random random, int most) {
        int[] points = LETTERS.codePoints().toArray();
        StringBuilder text = new StringBuilder("x");
        int n = random.nextInt(most);
        for (int i = 0; i < n; i++) {
            text.appendCodePoint(points[random.nextInt(points.length)]);
        }
        return text.toString();
    }

    private static CalendarFile.Read read(String calendar) {
        return CalendarFile.read(calendar.getBytes(StandardCharsets.UTF_8)).orElseThrow();
    }

    private static String event(String more) {
        return "BEGIN:VEVENT\r\nUID:appointment-" + ID + "@gyrotaxis\r\n" + more + "END:VEVENT\r\n";
    }

    private static String calendar(String events) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n" + events + "END:VCALENDAR\r\n";
    }

    @Test
    void whateverIsWrittenIsReadAgain() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            List<Dated> all = new ArrayList<>();
            for (int k = random.nextInt(4); k >= 0; k--) {
                Instant from = Instant.ofEpochSecond(random.nextLong(4_000_000_000L));
                all.add(new Dated(
                        new UUID(random.nextLong(), random.nextLong()),
                        Occasion.values()[random.nextInt(Occasion.values().length)],
                        text(random, 60),
                        text(random, 60),
                        from,
                        from.plusSeconds(60L * random.nextInt(5, 700)),
                        text(random, 9),
                        text(random, 9),
                        text(random, 99),
                        random.nextBoolean(),
                        1 + random.nextInt(9),
                        Instant.EPOCH));
            }
            ToLookAfter due = new ToLookAfter(ID, "oil", "Wren", LocalDate.of(2027, 3, 1));
            CalendarFile.Read read = CalendarFile.read(CalendarFile.write(all, List.of(due), text(random, 9)))
                    .orElseThrow();
            assertThat(read.others()).isZero();
            assertThat(read.dues())
                    .containsExactly(new CalendarFile.FoundDue(ID, "Wren, oil", LocalDate.of(2027, 3, 1), false));
            assertThat(read.found()).hasSameSizeAs(all);
            for (int k = 0; k < all.size(); k++) {
                Found found = read.found().get(k);
                assertThat(found.id()).isEqualTo(all.get(k).id());
                assertThat(found.from()).isEqualTo(all.get(k).from());
                assertThat(found.until()).isEqualTo(all.get(k).until());
                assertThat(found.words())
                        .isEqualTo(all.get(k).client() + ", " + all.get(k).words());
                assertThat(found.isRepeated()).isFalse();
            }
        }
    }

    @Test
    void timesOfOtherZonesAndLengthsAreUnderstood() {
        Found zoned = read(calendar("""
                        BEGIN:VTIMEZONE\r
                        TZID:Harbour\r
                        BEGIN:STANDARD\r
                        DTSTART:19700101T000000\r
                        TZOFFSETFROM:+0200\r
                        TZOFFSETTO:+0200\r
                        END:STANDARD\r
                        END:VTIMEZONE\r
                        """ + event("DTSTART;TZID=Harbour:20270301T110000\r\nDURATION:PT1H30M\r\n")))
                .found()
                .get(0);
        assertThat(zoned.from()).isEqualTo(Instant.parse("2027-03-01T09:00:00Z"));
        assertThat(zoned.until()).isEqualTo(Instant.parse("2027-03-01T10:30:00Z"));
    }

    @Test
    void ofTwoOfOneNameTheNewerIsMeant() {
        List<Found> found = read(calendar(event("SEQUENCE:4\r\nDTSTART:20270301T100000Z\r\nDTEND:20270301T110000Z\r\n")
                        + event("SEQUENCE:3\r\nDTSTART:20270301T080000Z\r\nDTEND:20270301T090000Z\r\n")))
                .found();
        assertThat(found).hasSize(1);
        assertThat(found.get(0).from()).isEqualTo(Instant.parse("2027-03-01T10:00:00Z"));
    }

    /** A rule of every second is not counted out; a file of ten megabytes is read within what a small server has. */
    @Test
    void endlessRepetitionsAndGreatFilesComeToAnEnd() {
        assertThat(read(calendar(event("DTSTART:20270301T100000Z\r\nRRULE:FREQ=SECONDLY\r\n")))
                        .found()
                        .get(0)
                        .isRepeated())
                .isTrue();
        String other = "BEGIN:VEVENT\r\nUID:x\r\nRRULE:FREQ=SECONDLY\r\nDTSTART:20270301T100000Z\r\nEND:VEVENT\r\n";
        int many = 1_800_000 / other.length();
        assertThat(read(calendar(other.repeat(many))).others()).isEqualTo(many);
        assertThat(read(calendar(event("SUMMARY:" + "x".repeat(9_000_000) + "\r\n")))
                        .found())
                .hasSize(1);
        assertThat(read(calendar("BEGIN:VEVENT\r\n".repeat(100_000))).found()).isEmpty();
        assertThat(CalendarFile.read(new byte[9_000_000])).isEmpty();
    }
}
