package gyrotaxis.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Heads to try things out on: nobody's, and hooked with whatever the studio has. */
@ExtendWith(RunningServer.class)
class PracticeApiTest {
    private static List<JsonNode> heads(Api api) {
        return api.get("/api/practice/heads").json().valueStream().toList();
    }

    @Test
    void everyHeadIsPlannedWithTheStudiosOwnHairAndKeepsItsName(Api api) {
        List<String> known = api.get("/api/hair-lines")
                .json()
                .valueStream()
                .map(l -> l.path("id").asString())
                .toList();
        List<JsonNode> heads = heads(api);
        assertThat(heads).hasSizeGreaterThan(5);
        assertThat(heads).extracting(h -> h.path("id").asString()).doesNotHaveDuplicates();
        assertThat(heads(api)).isEqualTo(heads);
        assertThat(heads)
                .filteredOn(h -> !h.path("brief").isNull())
                .isNotEmpty()
                .allSatisfy(h -> {
                    assertThat(known)
                            .contains(h.path("brief").path("hairLineId").asString());
                    JsonNode plan = api.plan((ObjectNode) h.path("brief")).json();
                    assertThat(plan.path("stations"))
                            .as(h.path("name").asString())
                            .hasSizeGreaterThan(20);
                });
    }

    @Test
    void aHeadIsLeftOutWhoseHairNobodyHas(Api api) {
        List<String> textures = api.get("/api/hair-lines")
                .json()
                .valueStream()
                .map(l -> l.path("texture").asString())
                .toList();
        Each.of(heads(api))
                .allSatisfy(h -> assertThat(h.path("brief").isNull())
                        .isEqualTo(!textures.contains(h.path("texture").asString())));
    }

    /** It is nobody's plan: it can be computed under its id, and is not found by it. */
    @Test
    void whatIsTriedOutIsNoKeptPlan(Api api) {
        JsonNode head = heads(api).stream()
                .filter(h -> !h.path("brief").isNull())
                .findFirst()
                .orElseThrow();
        String id = head.path("id").asString();
        assertThat(UUID.fromString(id)).isNotNull();
        assertThat(api.get("/api/plans/" + id).status()).isEqualTo(404);
        assertThat(api.get("/api/plans")
                        .json()
                        .valueStream()
                        .map(p -> p.path("id").asString()))
                .doesNotContain(id);
    }

    private static ObjectNode right(Api api, String kind, int level, int seed, JsonNode drill) {
        ObjectNode answer = Api.JSON.createObjectNode().put("level", level).put("seed", seed);
        // Whatever is answered, what is right is told; answered then, it is right.
        ObjectNode wrong = answer.deepCopy();
        switch (drill.path("ask").path("form").asString()) {
            case "AIM" -> wrong.put("towardRad", 0);
            case "NUMBER" ->
                wrong.put("number", drill.path("ask").path("number").path("max").asDouble());
            case "NUMBERS" ->
                drill.path("ask")
                        .path("numbers")
                        .forEach(g ->
                                wrong.withArray("numbers").add(g.path("max").asDouble()));
            case "ORDER" ->
                drill.path("ask")
                        .path("choices")
                        .forEach(c -> wrong.withArray("ids").add(c.path("id").asString()));
            default -> wrong.putArray("ids");
        }
        JsonNode told =
                api.post("/api/practice/drills/" + kind + "/judged", wrong).json();
        for (String field : List.of("towardRad", "ids", "number", "numbers")) {
            if (!told.path(field).isNull()) {
                answer.set(field, told.path(field));
            }
        }
        return answer;
    }

    @Test
    void everyKindOfDrillIsAskedAndWhatIsToldToBeRightIsRight(Api api) {
        List<JsonNode> kinds =
                api.get("/api/practice/drills").json().valueStream().toList();
        assertThat(kinds).hasSizeGreaterThan(8);
        for (JsonNode k : kinds) {
            String kind = k.path("kind").asString();
            String address = "/api/practice/drills/" + kind;
            JsonNode drill = api.get(address + "?level=3&seed=41").json();
            assertThat(drill.path("question")).as(kind).isNotEmpty();
            assertThat(api.get(address + "?level=3&seed=41").json()).isEqualTo(drill);
            JsonNode verdict = api.post(address + "/judged", right(api, kind, 3, 41, drill))
                    .json();
            assertThat(verdict.path("isRight").asBoolean()).as(kind).isTrue();
            assertThat(verdict.path("scorePercent").asInt()).as(kind).isGreaterThan(60);
            assertThat(verdict.path("reason")).as(kind).isNotEmpty();
        }
    }

    /** A drill that a trainer made of a plan is asked of everybody, about that head, until it is taken away. */
    @Test
    void anExerciseIsMadeOfAPlan(Api api) {
        ObjectNode brief = (ObjectNode) heads(api).stream()
                .map(h -> h.path("brief"))
                .filter(b -> !b.isNull())
                .findFirst()
                .orElseThrow();
        ObjectNode body = Api.JSON
                .createObjectNode()
                .put("name", "Where she is parted")
                .put("kind", "HOOK_WAY")
                .put("level", 1)
                .put("seed", 12);
        body.set("brief", brief);
        JsonNode made = api.post("/api/practice/exercises", body).json();
        String address = "/api/practice/exercises/" + made.path("id").asString();
        JsonNode drill = api.get(address).json();
        assertThat(drill.path("head").path("rows"))
                .hasSameSizeAs(api.plan(brief).json().path("rows"));
        ObjectNode answer =
                Api.JSON.createObjectNode().put("level", 1).put("seed", 12).put("towardRad", 0);
        JsonNode told = api.post(address + "/judged", answer).json();
        assertThat(told.path("lies")).hasSize(2);
        answer.set("towardRad", told.path("towardRad"));
        assertThat(api.post(address + "/judged", answer).json().path("isRight").asBoolean())
                .isTrue();
        assertThat(api.get("/api/practice/exercises").json())
                .extracting(e -> e.path("name").asString())
                .contains("Where she is parted");
        assertThat(api.delete(address).status()).isEqualTo(204);
        assertThat(api.get(address).status()).isEqualTo(404);
        assertThat(api.delete(address).status()).isEqualTo(404);
    }

    /** What was written about somebody's head is not shown to learners. */
    @Test
    void anExerciseSaysNothingOfWhoseHeadItIs(Api api) {
        ObjectNode brief = (ObjectNode) heads(api).stream()
                .map(h -> h.path("brief"))
                .filter(b -> !b.isNull())
                .findFirst()
                .orElseThrow()
                .deepCopy();
        ArrayNode regions = ((ObjectNode) brief.path("head")).putArray("regions");
        ObjectNode region = regions.addObject().put("kind", "TENDER").put("name", "an old scar");
        region.putArray("rim")
                .add(200)
                .add(0.4)
                .add(240)
                .add(0.4)
                .add(240)
                .add(0.7)
                .add(200)
                .add(0.7);
        assertThat(api.plan(brief).text()).contains("an old scar");
        ObjectNode body = Api.JSON
                .createObjectNode()
                .put("name", "Tender")
                .put("kind", "PACKS")
                .put("level", 1)
                .put("seed", 2);
        body.set("brief", brief);
        String address = "/api/practice/exercises/"
                + api.post("/api/practice/exercises", body).json().path("id").asString();
        assertThat(api.get(address).text()).doesNotContain("old scar");
        assertThat(api.get(address).json().path("head").path("rows")).isNotEmpty();
        assertThat(api.delete(address).status()).isEqualTo(204);
    }

    @Test
    void anExerciseThatCannotBeAskedIsRefusedAtItsField(Api api) {
        ObjectNode body =
                Api.JSON.createObjectNode().put("kind", "KNOTS").put("level", 9).put("seed", 1);
        Api.Answer refused = api.post("/api/practice/exercises", body);
        assertThat(refused.messageAt("name")).isNotBlank();
        assertThat(refused.messageAt("kind")).contains("head");
        assertThat(refused.messageAt("level")).contains("5");
        assertThat(refused.messageAt("brief")).isNotBlank();
        body.put("name", "Singles").put("kind", "SINGLES").put("level", 2);
        body.set(
                "brief",
                heads(api).stream()
                        .map(h -> h.path("brief"))
                        .filter(b -> !b.isNull())
                        .findFirst()
                        .orElseThrow());
        assertThat(api.post("/api/practice/exercises", body).messageAt("kind")).contains("this plan");
        assertThat(api.get("/api/practice/exercises").json()).isEmpty();
    }

    /** Where it is asked which threads are tails, they are not drawn as tails. */
    @Test
    void aDrillGivesNothingAway(Api api) {
        JsonNode cut = api.get("/api/practice/drills/CUT?level=2&seed=7").json();
        assertThat(cut.path("head").path("tails")).isEmpty();
        assertThat(cut.path("head").path("stations")).isEmpty();
        assertThat(cut.path("ask").path("choices")).hasSizeGreaterThan(3);
        JsonNode hump = api.get("/api/practice/drills/HUMP?level=2&seed=7").json();
        assertThat(hump.path("head").path("tails")).isNotEmpty();
        JsonNode way = api.get("/api/practice/drills/HOOK_WAY?level=2&seed=7").json();
        assertThat(way.path("head").path("stations")).isEmpty();
        JsonNode packs = api.get("/api/practice/drills/PACKS?level=2&seed=7").json();
        assertThat(packs.path("head").path("stations")).isNotEmpty();
        assertThat(packs.path("head").path("tails")).isEmpty();
    }

    @Test
    void anAnswerThatMakesNoSenseIsRefusedAtItsField(Api api) {
        String order = "/api/practice/drills/BRAID_ORDER";
        ObjectNode answer = Api.JSON.createObjectNode().put("level", 2).put("seed", 7);
        assertThat(api.post(order + "/judged", answer).messageAt("ids")).isNotBlank();
        ObjectNode few = answer.deepCopy();
        few.putArray("ids")
                .add(api.get(order + "?level=2&seed=7")
                        .json()
                        .path("ask")
                        .path("choices")
                        .get(0)
                        .path("id")
                        .asString());
        assertThat(api.post(order + "/judged", few).messageAt("ids")).isNotBlank();
        ObjectNode other = answer.deepCopy();
        other.putArray("ids").add("X9");
        assertThat(api.post(order + "/judged", other).messageAt("ids")).isNotBlank();
        assertThat(api.post(
                                "/api/practice/drills/HOOK_WAY/judged",
                                answer.deepCopy().put("towardRad", 4))
                        .messageAt("towardRad"))
                .isNotBlank();
        assertThat(api.post(
                                "/api/practice/drills/PACKS/judged",
                                answer.deepCopy().put("number", 0))
                        .messageAt("number"))
                .isNotBlank();
        assertThat(api.post(
                                "/api/practice/drills/PACKS/judged",
                                answer.deepCopy().put("level", 6))
                        .messageAt("level"))
                .isNotBlank();
        assertThat(api.get("/api/practice/drills/PACKS?level=9&seed=1").messageAt("level"))
                .isNotBlank();
        assertThat(api.get("/api/practice/drills/PLAITS?level=1&seed=1").status())
                .isEqualTo(400);
    }

    private static ObjectNode knot(String texture, int parts, String knot, int passes) {
        return Api.JSON
                .createObjectNode()
                .put("texture", texture)
                .put("shareParts", parts)
                .put("knot", knot)
                .put("passes", passes)
                .put("weeks", 5);
    }

    @Test
    void aKnotIsTriedWithoutAHead(Api api) {
        String knots = "/api/practice/knots";
        JsonNode plain = api.post(knots, knot("SILKY_WAVE", 3, "REGULAR", 6)).json();
        ObjectNode turned = knot("SILKY_WAVE", 3, "REGULAR", 4);
        turned.putArray("holds").add("FINGER_TURN");
        JsonNode held = api.post(knots, turned).json();
        assertThat(held.path("score").asDouble())
                .isGreaterThan(plain.path("score").asDouble());
        assertThat(held.path("tie").path("likely").asDouble())
                .isLessThan(plain.path("tie").path("likely").asDouble());
        assertThat(plain.path("byPasses")).hasSize(6);
        assertThat(plain.path("factors")).hasSizeGreaterThan(4);
        assertThat(api.post(knots, knot("SHORT_TWIST", 2, "REGULAR", 1)).messageAt("shareParts"))
                .contains("whole");
        assertThat(api.post(knots, knot("DEEP_WAVE", 2, "REGULAR", 9)).messageAt("passes"))
                .isNotBlank();
        ObjectNode carried = knot("DEEP_WAVE", 2, "REGULAR", 2);
        carried.putArray("holds").add("CARRIED_BACK");
        assertThat(api.post(knots, carried).messageAt("holds")).contains("single leg");
    }
}
