package gyrotaxis.server.diary;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Appointments on a real database, for a studio of two chairs and two stylists. */
class DiaryApiTest {
    /** The studio's, which is seldom that of the machine. */
    private static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");

    private static final int NINE = 9 * 60;

    private static RunningServer.Started server;
    private static Api api;
    private static String client;
    private static String plan;
    private static String window;
    private static String door;
    private static String orla;
    private static String tamsin;

    /** Each test has a Wednesday of its own, so that none is in another's way. */
    private static LocalDate day = LocalDate.now().plusWeeks(2).with(TemporalAdjusters.next(DayOfWeek.WEDNESDAY));

    @BeforeAll
    static void open() throws IOException {
        server = RunningServer.start(Files.createTempDirectory("gyrotaxis-diary"), "--gyrotaxis.demo=true");
        api = new Api(RunningServer.address(server.context()));
        JsonNode kept = api.demoPlan();
        client = kept.path("clientId").asString();
        plan = kept.path("id").asString();
        for (JsonNode c : api.get("/api/people").json().path("chairs")) {
            api.delete("/api/people/chairs/" + c.path("id").asString());
        }
        api.put(
                "/api/people/studio",
                "{\"name\":\"Two chairs\",\"zone\":\"" + ZONE + "\",\"gapMinutes\":10,\"version\":"
                        + api.get("/api/people").json().at("/studio/version").asInt() + "}");
        window = last(api.post("/api/people/chairs", "{\"name\":\"by the window\"}")
                .json()
                .path("chairs"));
        door = last(api.post("/api/people/chairs", "{\"name\":\"by the door\"}")
                .json()
                .path("chairs"));
        orla = last(stylist("Orla Wick"));
        tamsin = last(stylist("Tamsin Reed"));
    }

    private static JsonNode stylist(String name) {
        Answer a = api.post("/api/people/stylists", "{\"name\":\"" + name + "\",\"version\":0}");
        assertThat(a.status()).isEqualTo(201);
        return a.json().path("stylists");
    }

    private static String last(JsonNode list) {
        return list.get(list.size() - 1).path("id").asString();
    }

    @AfterAll
    static void close() throws IOException {
        server.close();
    }

    @BeforeEach
    void nextWeek() {
        day = day.plusWeeks(1);
    }

    private static ObjectNode body(String occasion, LocalDate on, int minute, int minutes, String chair, String by) {
        ObjectNode b = Api.JSON.createObjectNode();
        b.put("id", UUID.randomUUID().toString())
                .put("occasion", occasion)
                .put("clientId", client)
                .put("planId", plan)
                .put("day", on.toString())
                .put("minute", minute)
                .put("minutes", minutes)
                .put("stylistId", by)
                .put("note", "")
                .put("version", 0);
        if (!occasion.equals("PREPARE")) {
            b.put("chairId", chair);
        }
        return b;
    }

    private static Answer make(ObjectNode... bodies) {
        ObjectNode all = Api.JSON.createObjectNode();
        ArrayNode list = all.putArray("appointments");
        List.of(bodies).forEach(list::add);
        return api.post("/api/appointments", all);
    }

    private static JsonNode onDay(LocalDate on) {
        return api.get("/api/diary?from=" + on + "&days=1").json().path("appointments");
    }

    @Test
    void anInstallWithItsPreparationIsMadeOnceHoweverOftenItIsAsked() {
        ObjectNode install = body("INSTALL", day, NINE, 180, window, orla);
        ObjectNode prepare = body("PREPARE", day.minusDays(1), NINE, 45, window, orla);
        prepare.set("belongsTo", install.get("id"));
        Answer made = make(install, prepare);
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        assertThat(make(install, prepare).status()).isEqualTo(201);
        assertThat(onDay(day)).hasSize(1);
        JsonNode seen = onDay(day).get(0);
        assertThat(seen.path("fromMinute").asInt()).isEqualTo(NINE);
        assertThat(seen.path("untilMinute").asInt()).isEqualTo(NINE + 180);
        assertThat(seen.path("clientName").asString()).isNotEmpty();
        assertThat(seen.path("planName").asString()).isNotEmpty();
        assertThat(seen.path("isInHours").asBoolean()).isTrue();
        assertThat(onDay(day.minusDays(1)).get(0).path("belongsTo")).isEqualTo(install.get("id"));
    }

    @Test
    void whatIsTakenIsRefusedAtItsFieldWithTheNearestFreeTimes() {
        make(body("INSTALL", day, NINE, 180, window, orla));
        Answer chairTaken = make(body("INSTALL", day, NINE + 60, 60, window, tamsin));
        assertThat(chairTaken.status()).isEqualTo(422);
        assertThat(chairTaken.messageAt("minute"))
                .startsWith("The chair is taken by install for ")
                .contains("from 9:00 to 12:00.")
                .contains("Free: ");
        Answer sheIsTaken = make(body("SLIP_CHECK", day, NINE + 60, 30, door, orla));
        assertThat(sheIsTaken.messageAt("minute"))
                .startsWith("Orla Wick has install for")
                .contains("from 12:10");
        assertThat(make(body("SLIP_CHECK", day, NINE + 60, 30, door, tamsin)).status())
                .isEqualTo(201);
        assertThat(onDay(day)).hasSize(2);
    }

    @Test
    void ofManyDevicesThatBookTheSameTimeAtOnceOneGetsIt() throws Exception {
        ExecutorService devices = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Integer>> all = IntStream.range(0, 24)
                    .mapToObj(k -> (Callable<Integer>) () -> {
                        ObjectNode one = Api.JSON.createObjectNode();
                        one.putArray("appointments")
                                .add(body("INSTALL", day, NINE + 5 * (k % 4), 120, k % 2 == 0 ? window : door, orla));
                        return new Api(api.address())
                                .post("/api/appointments", one)
                                .status();
                    })
                    .toList();
            int made = 0;
            for (Future<Integer> f : devices.invokeAll(all)) {
                made += f.get() == 201 ? 1 : 0;
                assertThat(f.get()).isIn(201, 422);
            }
            assertThat(made).isEqualTo(1);
            assertThat(onDay(day)).hasSize(1);
        } finally {
            devices.shutdownNow();
        }
    }

    @Test
    void aMovedInstallTakesItsPreparationAlong() {
        ObjectNode install = body("INSTALL", day, NINE, 180, window, orla);
        ObjectNode prepare = body("PREPARE", day.minusDays(1), NINE, 45, window, orla);
        prepare.set("belongsTo", install.get("id"));
        make(install, prepare);
        String at = "/api/appointments/" + install.path("id").asString();
        JsonNode moved = api.put(
                        at, install.put("day", day.plusDays(9).toString()).put("version", 1))
                .json();
        assertThat(moved).hasSize(2);
        assertThat(moved.get(1).path("day").asString())
                .isEqualTo(day.plusDays(8).toString());
        // Read before it was moved, it is no longer changed.
        Answer stale = api.put(at, install.put("version", 1));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().at("/current/0/version").asInt()).isEqualTo(2);
    }

    @Test
    void runningLatePushesTheRestOfTheDay() {
        ObjectNode first = body("INSTALL", day, NINE, 120, window, orla);
        make(first);
        make(body("TAKEDOWN", day, NINE + 130, 60, window, orla));
        make(body("INSTALL", day, NINE + 300, 60, window, orla));
        JsonNode moved = api.post(
                        "/api/appointments/" + first.path("id").asString() + "/late",
                        "{\"untilMinute\":" + (NINE + 155) + "}")
                .json()
                .path("moved");
        assertThat(moved).hasSize(2);
        assertThat(moved.get(1).path("fromMinute").asInt()).isEqualTo(NINE + 165);
        Answer never = api.post("/api/appointments/" + first.path("id").asString() + "/late", "{\"untilMinute\":500}");
        assertThat(never.messageAt("untilMinute")).contains("cannot be over by 8:20");
    }

    /** Whoever did not come, or called off, is late for nothing. */
    @Test
    void nothingWaitsForWhatWasCalledOff() {
        ObjectNode one = body("INSTALL", day, NINE, 120, window, orla);
        make(one);
        String at = "/api/appointments/" + one.path("id").asString();
        api.post(at + "/state", "{\"state\":\"CALLED_OFF\",\"version\":1}");
        assertThat(api.post(at + "/late", "{\"untilMinute\":" + (NINE + 155) + "}")
                        .messageAt("untilMinute"))
                .startsWith("It was called off");
    }

    @Test
    void whatIsCalledOffGivesItsTimeBackWithWhatWasPreparedForIt() {
        ObjectNode install = body("INSTALL", day, NINE, 180, window, orla);
        ObjectNode prepare = body("PREPARE", day.minusDays(1), NINE, 45, window, orla);
        prepare.set("belongsTo", install.get("id"));
        make(install, prepare);
        JsonNode off = api.post(
                        "/api/appointments/" + install.path("id").asString() + "/state",
                        "{\"state\":\"CALLED_OFF\",\"version\":1}")
                .json();
        assertThat(off).hasSize(2);
        assertThat(make(body("INSTALL", day, NINE + 30, 60, window, orla)).status())
                .isEqualTo(201);
        // Its time is somebody else's now: it cannot be taken back.
        Answer back = api.post(
                "/api/appointments/" + install.path("id").asString() + "/state",
                "{\"state\":\"PLANNED\",\"version\":2}");
        assertThat(back.messageAt("minute")).startsWith("Orla Wick has");
    }

    @Test
    void timesThatNeverComeOrLieBeyondTheBookAreRefused() {
        LocalDate spring =
                LocalDate.of(day.getYear() + 1, 3, 31).with(TemporalAdjusters.previousOrSame(DayOfWeek.SUNDAY));
        assertThat(make(body("INSTALL", spring, 90, 60, window, orla)).messageAt("minute"))
                .contains("clocks go forward")
                .contains("1:30 does not come");
        ObjectNode far = body("INSTALL", day, NINE, 60, window, orla);
        assertThat(make(far.put("day", "9999-12-31")).messageAt("day")).contains("year 9999");
        assertThat(api.get("/api/diary?from=9999-12-31").messageAt("from")).contains("year 9999");
        assertThat(make(far.put("day", day.toString()).put("minute", 1500)).messageAt("minute"))
                .contains("1439");
        assertThat(make(far.put("minute", NINE).put("minutes", 0)).messageAt("minutes"))
                .contains("between 5 and 720");
        ObjectNode nobody = body("INSTALL", day, NINE, 60, window, orla);
        nobody.putNull("clientId");
        assertThat(make(nobody).messageAt("clientId")).startsWith("Who comes?");
        assertThat(make(body("INSTALL", day, NINE, 60, UUID.randomUUID().toString(), orla))
                        .messageAt("chairId"))
                .contains("no longer stands here");
    }

    @Test
    void acrossTheChangeOfClocksAnAppointmentLastsAsLongAsItLasts() {
        LocalDate spring =
                LocalDate.of(day.getYear() + 1, 3, 31).with(TemporalAdjusters.previousOrSame(DayOfWeek.SUNDAY));
        JsonNode made =
                make(body("INSTALL", spring, 30, 120, window, orla)).json().get(0);
        assertThat(made.path("minutes").asInt()).isEqualTo(120);
        assertThat(made.path("untilMinute").asInt()).isEqualTo(30 + 120 + 60);
    }

    @Test
    void aTimeIsFoundAsLongAsThePlanNeeds() {
        String asked = "{\"occasion\":\"INSTALL\",\"planId\":\"" + plan + "\",\"stylistId\":\"" + orla + "\",\"day\":\""
                + day + "\"}";
        JsonNode free = api.post("/api/diary/free", asked).json();
        double likely = free.at("/minutes/likely").asDouble();
        assertThat(likely).isBetween(60.0, 400.0);
        JsonNode first = free.at("/offers/0/sittings/0");
        assertThat(first.path("minutes").asInt()).isEqualTo((int) Math.ceil(likely / 5) * 5);
        assertThat(first.path("day").asString()).isEqualTo(day.toString());
        assertThat(free.at("/offers/0/prepared/day").asString())
                .isEqualTo(day.minusDays(1).toString());
        assertThat(free.path("words").asString()).contains(" from 9:00");
        // Takedown of the same plan takes as long as that does.
        JsonNode down = api.post("/api/diary/free", asked.replace("INSTALL", "TAKEDOWN"))
                .json();
        assertThat(down.at("/minutes/likely").asDouble()).isLessThan(likely);
    }

    @Test
    void nobodyLeavesWhoseTimeIsSpokenForUntilAnotherTakesIt() {
        String wren = last(stylist("Wren Halyard"));
        make(body("INSTALL", day, NINE, 60, window, wren));
        make(body("INSTALL", day.plusDays(1), NINE, 60, window, wren));
        Answer refused = api.delete("/api/people/stylists/" + wren);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("stylist")).startsWith("Wren Halyard has 2 appointments, the first on Wednesday");
        assertThat(api.delete("/api/people/chairs/" + window).messageAt("chair"))
                .contains("Move them");
        make(body("SLIP_CHECK", day, NINE, 30, door, tamsin));
        assertThat(api.delete("/api/people/stylists/" + wren + "?to=" + tamsin).messageAt("to"))
                .startsWith("Tamsin Reed has slip check");
        // Nothing of it was given.
        assertThat(onDay(day.plusDays(1)).get(0).path("stylistId").asString()).isEqualTo(wren);
        assertThat(api.delete("/api/people/stylists/" + wren + "?to=" + orla).status())
                .isEqualTo(200);
        assertThat(onDay(day.plusDays(1)).get(0).path("stylistId").asString()).isEqualTo(orla);
        assertThat(make(body("INSTALL", day, 700, 60, window, wren)).messageAt("stylistId"))
                .contains("works here any more");
    }

    @Test
    void hoursThatCannotBeAreRefusedAtTheirField() {
        JsonNode people = api.get("/api/people").json();
        ObjectNode her =
                (ObjectNode) people.path("stylists").get(people.path("stylists").size() - 1);
        String at = "/api/people/stylists/" + her.path("id").asString();
        her.remove("id");
        ObjectNode day0 = (ObjectNode) her.at("/week/1");
        day0.put("fromMinute", 900).put("untilMinute", 600);
        assertThat(api.put(at, her).messageAt("week[1]")).contains("end before they begin");
        day0.put("untilMinute", 1000);
        JsonNode which = day0.get("day");
        day0.putNull("day");
        assertThat(api.put(at, her).messageAt("week[1].day")).contains("missing");
        day0.set("day", which);
        her.putArray("off")
                .addObject()
                .put("first", "2027-06-02")
                .put("last", "2027-06-01")
                .put("why", "away");
        assertThat(api.put(at, her).messageAt("off[0].last")).contains("before the first");
        her.putArray("off")
                .addObject()
                .put("first", "2027-06-01")
                .put("last", "9999-06-01")
                .put("why", "away");
        assertThat(api.put(at, her).messageAt("off[0].last")).contains("year 9999");
        her.putArray("off")
                .addObject()
                .put("first", "2027-06-01")
                .put("last", "2027-06-01")
                .put("why", "regatta");
        assertThat(api.put(at, her).status()).isEqualTo(200);
        assertThat(api.put(at, her).status()).isEqualTo(409);
    }

    private static String calendar() {
        return api.get("/api/diary/calendar.ics").text();
    }

    private static JsonNode read(String calendar, boolean isKept) {
        Answer answer = api.file(
                "/api/diary/calendar?keep=" + isKept, "text/calendar", calendar.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** A moment as calendars write it, in UTC. */
    private static String written(LocalDate on, int minute) {
        return on.atStartOfDay(ZONE)
                .plusMinutes(minute)
                .withZoneSameInstant(ZoneOffset.UTC)
                .format(DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'"));
    }

    @Test
    void aCalendarMovesWhatWasMovedThereAndASecondTimeNothing() {
        ObjectNode one = body("INSTALL", day, NINE, 180, window, orla);
        assertThat(make(one).status()).isEqualTo(201);
        String before = calendar();
        assertThat(read(before, true).path("changed").asInt()).isZero();
        assertThat(before)
                .containsOnlyOnce("UID:appointment-" + one.path("id").asString() + "@gyrotaxis")
                .contains("SEQUENCE:1");
        String later = before.replace(written(day, NINE), written(day, NINE + 30))
                .replace(written(day, NINE + 180), written(day, NINE + 210));
        JsonNode told = read(later, false);
        assertThat(told.path("changed").asInt()).isEqualTo(1);
        assertThat(told.path("moves").get(0).path("is").asString()).contains("09:30");
        assertThat(onDay(day).get(0).path("fromMinute").asInt()).isEqualTo(NINE);
        assertThat(read(later, true).path("isKept").asBoolean()).isTrue();
        assertThat(onDay(day).get(0).path("fromMinute").asInt()).isEqualTo(NINE + 30);
        assertThat(read(later, true).path("changed").asInt()).isZero();
        assertThat(calendar()).contains("SEQUENCE:2");
    }

    /** As where it is moved by hand: what is prepared for an install is told, and moved, with it. */
    @Test
    void whatIsPreparedGoesAlongWithACalendar() {
        ObjectNode install = body("INSTALL", day, NINE, 180, window, orla);
        ObjectNode prepare = body("PREPARE", day.minusDays(1), NINE, 45, window, orla);
        prepare.set("belongsTo", install.get("id"));
        assertThat(make(install, prepare).status()).isEqualTo(201);
        LocalDate later = day.plusDays(9);
        String moved = calendar()
                .replace(written(day, NINE), written(later, NINE))
                .replace(written(day, NINE + 180), written(later, NINE + 180));
        JsonNode told = read(moved, false);
        assertThat(told.path("faults")).isEmpty();
        assertThat(told.path("changed").asInt()).isEqualTo(2);
        assertThat(read(moved, true).path("isKept").asBoolean()).isTrue();
        assertThat(onDay(day.minusDays(1))).isEmpty();
        JsonNode before = onDay(later.minusDays(1));
        assertThat(before).isNotEmpty();
        assertThat(before.get(0).path("occasion").asString()).isEqualTo("PREPARE");
    }

    /** Two that change places do not stand in each other's way, but one that is taken is refused, and the others with it. */
    @Test
    void aCalendarThatCannotBeIsLeftWhole() {
        ObjectNode first = body("INSTALL", day, NINE, 120, window, orla);
        ObjectNode second = body("INSTALL", day, NINE + 240, 120, window, orla);
        assertThat(make(first).status()).isEqualTo(201);
        assertThat(make(second).status()).isEqualTo(201);
        String before = calendar();
        String a = written(day, NINE);
        String b = written(day, NINE + 240);
        String endA = written(day, NINE + 120);
        String endB = written(day, NINE + 360);
        String exchanged = before.replace(a, "@a")
                .replace(b, a)
                .replace("@a", b)
                .replace(endA, "@e")
                .replace(endB, endA)
                .replace("@e", endB);
        assertThat(read(exchanged, false).path("changed").asInt()).isEqualTo(2);
        assertThat(read(exchanged, false).path("faults")).isEmpty();
        String taken = before.replace(a, written(day, NINE + 200)).replace(endA, written(day, NINE + 320));
        JsonNode refused = read(taken, true);
        assertThat(refused.path("isKept").asBoolean()).isFalse();
        assertThat(refused.path("faults").get(0).path("reason").asString()).contains("Orla Wick has");
        assertThat(onDay(day).get(0).path("fromMinute").asInt()).isEqualTo(NINE);
        String repeated = before.replace("DTSTART:" + a, "RRULE:FREQ=SECONDLY\r\nDTSTART:" + a);
        assertThat(read(repeated, true).path("faults").get(0).path("reason").asString())
                .startsWith("It is repeated there.");
        String allDay = before.replace("DTSTART:" + a, "DTSTART;VALUE=DATE:20270101");
        assertThat(read(allDay, true).path("faults").get(0).path("reason").asString())
                .startsWith("It has no time there.");
        assertThat(read("BEGIN:VCALENDAR\r\n" + "BEGIN:VEVENT\r\nEND:VEVENT\r\n".repeat(20_001), true)
                        .path("faults")
                        .get(0)
                        .path("reason")
                        .asString())
                .startsWith("A calendar may have at most 20000 events.");
        assertThat(read("a list of things", true)
                        .path("faults")
                        .get(0)
                        .path("reason")
                        .asString())
                .startsWith("This is no calendar.");
        assertThat(read(before.replace("appointment-", "lesson-"), true)
                        .path("others")
                        .asInt())
                .isPositive();
    }
}
