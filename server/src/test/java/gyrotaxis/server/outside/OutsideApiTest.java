package gyrotaxis.server.outside;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.server.testing.TestClock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Tape, scale and printer of labels, with what goes wrong with them. */
@ExtendWith(RunningServer.class)
class OutsideApiTest {
    private final Api api;

    OutsideApiTest(Api api) {
        this.api = api;
    }

    private void set(String what, int delayMs, String... faults) {
        ObjectNode body = Api.JSON.createObjectNode().put("delayMs", delayMs);
        List.of(faults).forEach(body.putArray("faults")::add);
        Api.Answer answer = api.put("/api/outside/" + what, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    @BeforeEach
    @AfterEach
    void asUsual(TestClock clock) {
        clock.go();
        List.of("TAPE", "SCALE", "LABELS").forEach(w -> set(w, 0));
    }

    private int last() {
        return api.get("/api/outside/tape").json().path("last").asInt();
    }

    private List<JsonNode> heard(int after, String measure) {
        return StreamSupport.stream(
                        api.get("/api/outside/tape?after=" + after + (measure.isEmpty() ? "" : "&field=" + measure))
                                .json()
                                .path("heard")
                                .spliterator(),
                        false)
                .toList();
    }

    private static List<Double> lengths(List<JsonNode> heard) {
        return heard.stream().map(h -> h.path("mm").asDouble()).toList();
    }

    private int measured() {
        int before = last();
        assertThat(api.post("/api/outside/tape/measuring", "{\"head\":\"MEDIUM\"}")
                        .status())
                .isEqualTo(200);
        return before;
    }

    @Test
    void aTapeSendsOneLengthAfterTheOther(TestClock clock) {
        clock.stop();
        set("TAPE", 150);
        int before = measured();
        assertThat(heard(before, "")).hasSizeLessThan(2);
        clock.turn(Duration.ofMillis(6 * 150));
        List<JsonNode> all = heard(before, "");
        assertThat(lengths(all)).containsExactly(565.0, 360.0, 330.0, 317.0, 370.0, 125.0);
        int fourth = all.get(3).path("number").asInt();
        assertThat(lengths(heard(fourth, ""))).containsExactly(370.0, 125.0);
        assertThat(heard(last(), "")).isEmpty();
    }

    @Test
    void whatASlipSendsIsToldWhereItCannotBe() {
        set("TAPE", 0, "TAPE_WILD", "TAPE_SLIPS");
        int before = measured();
        assertThat(lengths(heard(before, ""))).containsExactly(565.0, 1234.0, 360.0, 300.0, 317.0, 370.0, 125.0);
        List<JsonNode> asFront = heard(before, "frontToNapeMm");
        assertThat(asFront.get(1).path("trouble").toString())
                .contains("Take it once more")
                .contains("1234.0");
        assertThat(asFront.get(2).path("trouble")).isEmpty();
    }

    @Test
    void aKeyThatBouncesIsHeardOnceAndAFallenSilentTapeBreaksNothing(TestClock clock) {
        clock.stop();
        set("TAPE", 100, "TAPE_TWICE", "TAPE_BREAKS_OFF");
        int before = measured();
        clock.turn(Duration.ofMillis(5 * 100));
        assertThat(lengths(heard(before, ""))).containsExactly(565.0, 360.0, 330.0);
        set("TAPE", 0, "TAPE_SILENT");
        assertThat(api.get("/api/outside/tape?after=0").status()).isEqualTo(503);
        assertThat(api.get("/api/outside/tape?after=0").json().path("detail").asString())
                .contains("Is it switched on");
        set("TAPE", 0);
        int again = measured();
        assertThat(heard(again, "")).hasSize(6);
    }

    private String line(String name) {
        for (JsonNode l : api.get("/api/hair-lines").json()) {
            if (l.path("name").asString().equals(name)) {
                return l.path("id").asString();
            }
        }
        throw new AssertionError(name);
    }

    private JsonNode weighed(double lies, String question) {
        assertThat(api.put(
                                "/api/outside/scale/lies",
                                Api.JSON.createObjectNode().put("grams", lies))
                        .status())
                .isEqualTo(200);
        return api.get("/api/outside/scale" + question).json();
    }

    /** 3.9 g a loop: 78 g are 20 loops, within 1.1 of which most rests lie. */
    @Test
    void aScaleTellsLoopsWithTheirError() {
        String deep = line("Slack Water Deep");
        JsonNode loops = weighed(78, "?line=" + deep).path("loops");
        assertThat(loops.path("likely").asDouble()).isEqualTo(20);
        assertThat(loops.path("low").asDouble()).isBetween(18.7, 19.0);
        assertThat(loops.path("high").asDouble()).isBetween(21.0, 21.3);
        assertThat(weighed(78, "").path("loops").isNull()).isTrue();
        assertThat(api.put("/api/outside/scale/lies", "{\"grams\":-1}").messageAt("grams"))
                .contains("between 0");
    }

    @Test
    void aScaleThatIsNotZeroIsReckonedWithAndOneThatIsRestlessSaysNothing() {
        String deep = line("Slack Water Deep");
        set("SCALE", 0, "SCALE_NOT_ZERO");
        double empty = weighed(0, "").path("grams").asDouble();
        assertThat(empty).isEqualTo(7);
        assertThat(weighed(78, "?line=" + deep + "&empty=" + empty)
                        .at("/loops/likely")
                        .asDouble())
                .isEqualTo(20);
        set("SCALE", 0, "SCALE_RESTLESS");
        JsonNode restless = weighed(78, "?line=" + deep);
        assertThat(restless.path("isAtRest").asBoolean()).isFalse();
        assertThat(restless.path("loops").isNull()).isTrue();
        set("SCALE", 0, "SCALE_TOO_MUCH");
        assertThat(weighed(78, "?line=" + deep).path("detail").asString()).contains("in two parts");
        set("SCALE", 0, "SCALE_SILENT");
        assertThat(api.get("/api/outside/scale").status()).isEqualTo(503);
    }

    private String plan() {
        return api.demoPlan().path("id").asString();
    }

    @Test
    void aRollThatEndsIsGoneOnWithWhereItEnded() {
        String labels = "/api/plans/" + plan() + "/labels";
        JsonNode all = api.get(labels).json();
        assertThat(all.size()).isGreaterThan(4);
        set("LABELS", 0, "LABELS_RUN_OUT");
        List<Integer> ended = new ArrayList<>();
        for (int n = 1; n <= all.size(); ) {
            Api.Answer printed = api.post(labels + "/" + n, "{}");
            if (printed.status() == 200) {
                n++;
            } else {
                assertThat(printed.json().path("detail").asString()).contains("Put a new one in");
                ended.add(n);
            }
        }
        assertThat(ended).isNotEmpty().doesNotHaveDuplicates();
        assertThat(api.get("/api/outside/labels").json()).isEqualTo(all);
        set("LABELS", 0, "LABELS_SILENT");
        assertThat(api.post(labels + "/1", "{}").status()).isEqualTo(503);
        set("LABELS", 0);
        assertThat(api.post(labels + "/" + (all.size() + 1), "{}").status()).isEqualTo(404);
    }

    /** Every share lies in one bundle. */
    @Test
    void theBundlesOfAPlanAreAllItsShares() {
        for (JsonNode plan : api.get("/api/plans").json()) {
            int shares = 0;
            for (JsonNode label : api.get("/api/plans/" + plan.path("id").asString() + "/labels")
                    .json()) {
                shares += Integer.parseInt(label.path("big").asString().split(" ", 2)[0]);
            }
            assertThat(shares)
                    .as(plan.path("name").asString())
                    .isEqualTo(
                            api.plan(plan.path("brief")).json().path("stations").size());
        }
    }

    @Test
    void whatCannotBeSetIsRefusedAtItsField() {
        assertThat(api.put("/api/outside/TAPE", "{\"delayMs\":99999,\"faults\":[]}")
                        .messageAt("delayMs"))
                .contains("between 0 and 10000");
        assertThat(api.put("/api/outside/TAPE", "{\"delayMs\":0,\"faults\":[\"SCALE_SILENT\"]}")
                        .status())
                .isEqualTo(200);
        // What is not its own cannot go wrong with it.
        assertThat(api.get("/api/outside/scale").status()).isEqualTo(200);
        assertThat(api.put("/api/outside/KETTLE", "{\"delayMs\":0,\"faults\":[]}")
                        .status())
                .isEqualTo(400);
    }
}
