package gyrotaxis.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class PlanApiTest {
    @Test
    void aBriefComesToAPlanWithoutBeingKept(Api api) {
        int kept = api.get("/api/plans").json().size();
        Answer answer = api.plan(api.anyBrief());
        assertThat(answer.status()).isEqualTo(200);
        JsonNode plan = answer.json();
        JsonNode ledger = plan.path("ledger");
        assertThat(ledger.path("stations").asInt())
                .isEqualTo(plan.path("stations").size())
                .isGreaterThan(50);
        assertThat(ledger.path("packs").asInt() * ledger.path("loopsPerPack").asInt()
                        + ledger.path("shelfLoops").asInt())
                .isEqualTo(ledger.path("neededLoops").asInt()
                        + ledger.path("leftOverLoops").asInt());
        assertThat(plan.path("map").path("outline").size()).isGreaterThan(200);
        assertThat(plan.path("views")).hasSize(4);
        assertThat(api.get("/api/plans").json()).hasSize(kept);
        assertThat(api.plan(api.anyBrief()).text()).isEqualTo(answer.text());
    }

    @ParameterizedTest
    @CsvSource({
        "/head/roundMm, 56, head.roundMm, between 43 and 69 cm",
        "/head/overTopMm, null, head.overTopMm, between 23 and 44 cm",
        "/head/napeWidthMm, -1, head.napeWidthMm, between 6 and 21 cm",
        "/head/overTopMm, 425, head.overTopMm, Measure it again",
        "/foundation/frontRows, 0, foundation.frontRows, between 6 and 20",
        "/foundation/frontRows, 2000000, foundation.frontRows, between 6 and 20",
        "/foundation/backRows, 21, foundation.backRows, between 1 and 20",
        "/foundation/earLineBehindMm, 99, foundation.earLineBehindMm, between -2 and 3 cm",
        "/fullness, 9, fullness, between 0.5 and 1.6",
        "/ownHair/lengthMm, 5, ownHair.lengthMm, between 2 and 90 cm",
        "/foundation/parts, '[{\"startMm\":300,\"slantDeg\":0,\"bowMm\":0,\"lengthMm\":null}]', foundation.parts[0].startMm, between -11 and 11 cm",
        "/foundation/parts, '[{\"startMm\":0,\"slantDeg\":80,\"lengthMm\":null}]', foundation.parts[0].slantDeg, between -50 and 50",
        "/foundation/parts, '[{\"startMm\":0,\"slantDeg\":0,\"bowMm\":0,\"lengthMm\":3}]', foundation.parts[0].lengthMm, between 2 and 25 cm",
        "/foundation/parts, '[{\"startMm\":0,\"slantDeg\":0,\"bowMm\":0,\"lengthMm\":null},{\"startMm\":3,\"slantDeg\":0,\"bowMm\":0,\"lengthMm\":null}]', foundation.parts[1].startMm, meets the next one",
        "/foundation/back, '{\"family\":\"SWITCHBACK\",\"levels\":9}', foundation.back.levels, between 2 and 8",
        "/foundation/overlaysMm, '[10,20]', foundation.overlaysMm[1], 2.6 cm between them",
        "/foundation/overlaysMm, '[1,2,3]', foundation.overlaysMm, At most 2",
        "/foundation/rim, '{\"leaveOutMm\":99}', foundation.rim.leaveOutMm, between 0.5 and 4 cm",
        "/foundation/edits, '[{\"row\":\"Q9\",\"kind\":\"REVERSE\"}]', foundation.edits[0].row, No row is called",
        "/foundation/edits, '[{\"row\":\"F2\",\"kind\":\"MOVE\",\"moveMm\":99}]', foundation.edits[0].moveMm, between -4 and 4 cm",
        "/foundation/tails, '[{\"row\":\"B1\",\"end\":\"FED\",\"into\":null,\"at\":0.5}]', foundation.tails[0].into, Choose the row",
        "/foundation/tails, '[{\"row\":\"B1\",\"end\":\"FED\",\"into\":\"B2\",\"at\":0.5},{\"row\":\"B2\",\"end\":\"FED\",\"into\":\"B1\",\"at\":0.5}]', foundation.tails[1].into, comes back to it",
        "/head/hairline, '{\"leftTempleMm\":60}', head.hairline.leftTempleMm, between -1 and 2.5 cm",
        "/head/hairline, '{\"peakPlaceMm\":0}', head.hairline.peakDropMm, between 0.2 and 2.5 cm",
        "/head/regions, '[{\"kind\":\"SCAR\",\"name\":\"x\",\"rim\":[0,0.1]}]', head.regions[0].rim, 3 to 60 points",
        "/head/regions, '[{\"kind\":\"SCAR\",\"name\":\" \",\"rim\":[0,0.1,90,0.1,180,0.1]}]', head.regions[0].name, is missing",
        "/head/regions, '[{\"kind\":\"SCAR\",\"name\":\"eight\",\"rim\":[0,0.4,180,0.4,60,0.4,-60,0.4]}]', head.regions[0], crosses itself",
        "/consultation, '{\"weeks\":99}', consultation.weeks, between 1 and 16",
        "/consultation, '{\"ageYears\":0}', consultation.ageYears, between 1 and 110",
        "/foundation/joins, '[3,30]', foundation.joins[1], between 0 and 20",
        "/foundation/rim, '{\"singles\":[{\"stretch\":\"NAPE\",\"lines\":3,\"count\":8}]}', foundation.rim.singles[0].lines, between 1 and 2",
        "/consultation, '{\"chairMinutes\":5}', consultation.chairMinutes, between 30 and 720",
        "/installer, null, installer, is missing",
        "/hairLineId, '\"nothing\"', hairLineId, not chosen",
        "/hairLineId, '\"00000000-0000-0000-0000-000000000000\"', hairLineId, no longer on the shelf",
        "/foundation, null, foundation, is missing"
    })
    void whatCannotBePlannedIsSaidAtItsField(String at, String value, String field, String says, Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(brief, at, value);
        Answer answer = api.plan(brief);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.messageAt(field)).contains(says);
    }

    /** Rows only ever join. */
    @Test
    void ofMoreRowsBehindThanInFrontAsManyAreBraidedAsThereAreInFront(Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(brief, "/foundation/parts", "[]");
        set(brief, "/foundation/frontRows", "8");
        set(brief, "/foundation/backRows", "12");
        assertThat(api.plan(brief).json().path("rows"))
                .filteredOn(r -> r.path("section").asString().equals("BACK"))
                .hasSize(8);
    }

    @Test
    void aFamilyThatCannotGoWithAnotherWishIsSaidAtThatWish(Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(brief, "/foundation/back", "{\"family\":\"SPIRAL\"}");
        set(brief, "/foundation/parts", "[{\"startMm\":0,\"slantDeg\":0}]");
        assertThat(api.plan(brief).messageAt("foundation.parts[0].startMm")).contains("winds across every part");
    }

    /** A plan that was kept before there were families, rims and regions. */
    @Test
    void anOlderBriefStillComesToAPlan(Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(
                brief,
                "/foundation",
                "{\"frontRows\":14,\"backRows\":5,\"earLineBehindMm\":12,\"parts\":[],\"flanks\":\"FINE_ROWS\"}");
        brief.remove("consultation");
        ((ObjectNode) brief.path("head")).remove("hairline");
        ((ObjectNode) brief.path("head")).remove("regions");
        ((ObjectNode) brief.path("ownHair")).remove("strands");
        JsonNode plan = api.plan(brief).json();
        assertThat(plan.path("rows")).hasSize(19);
        assertThat(plan.at("/map/regions")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"STRAIGHT", "SWITCHBACK", "CROSS_TIED", "SPIRAL", "CAPPED", "WEFTED"})
    void everyFamilyComesToAPlanFlatAndInTheRound(String family, Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(brief, "/foundation/parts", "[]");
        set(brief, "/foundation/back", "{\"family\":\"" + family + "\"}");
        JsonNode plan = api.plan(brief).json();
        long braided = plan.path("rows")
                .valueStream()
                .filter(r -> !r.path("use").asString().equals("MESH"))
                .count();
        assertThat(braided).isPositive();
        assertThat(braided == plan.path("rows").size()).isEqualTo(!family.equals("CAPPED"));
        assertThat((long) plan.path("steps").size()).isGreaterThanOrEqualTo(braided);
        JsonNode solid = api.post("/api/plan/solid", brief).json();
        assertThat((long) solid.path("rows").size()).isEqualTo(braided);
        Each.of(List.of("head", "bust")).allSatisfy(name -> {
            JsonNode rings = solid.path("form").path(name);
            assertThat(rings.path("points").size())
                    .isEqualTo(3
                            * (rings.path("rings").asInt() + 1)
                            * rings.path("sectors").asInt());
        });
    }

    @Test
    void plansAreComparedTwoOrThreeAtATime(Api api) {
        ObjectNode brief = ofWholeHead(api);
        ObjectNode other = brief.deepCopy();
        ((ObjectNode) other.path("foundation"))
                .set("back", Api.JSON.readTree("{\"family\":\"SWITCHBACK\",\"levels\":5}"));
        other.put("fullness", 1.3);
        ObjectNode body = Api.JSON.createObjectNode();
        body.putArray("briefs").add(compared(brief)).add(compared(other));
        JsonNode compared = api.post("/api/compare", body).json();
        assertThat(compared.path("plans")).hasSize(2);
        assertThat(compared.path("worn")).isEmpty();
        assertThat(compared.path("figures").size()).isGreaterThan(20);
        assertThat(compared.at("/figures/0/values")).hasSize(2);
        assertThat(compared.path("choices"))
                .filteredOn(c -> c.path("differs").asBoolean())
                .extracting(c -> c.path("what").asString())
                .contains("foundation", "wished fullness");

        body.putObject("worn").put("way", "DOWN").put("part", 3);
        JsonNode worn = api.post("/api/compare", body).json();
        assertThat(worn.path("worn"))
                .hasSize(2)
                .allSatisfy(w -> assertThat(w.path("part").isNull()).isTrue());
        assertThat(worn.path("figures").size())
                .isGreaterThan(compared.path("figures").size());

        ((ArrayNode) body.path("briefs")).remove(1);
        assertThat(api.post("/api/compare", body).messageAt("briefs")).contains("Two or three");
        assertThat(api.post("/api/compare", "{}").status()).isEqualTo(422);
    }

    @Test
    void everythingWrongIsSaidAtOnce(Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(brief, "/head/roundMm", "1");
        set(brief, "/fullness", "-1");
        set(brief, "/foundation/frontRows", "5");
        assertThat(api.plan(brief).json().path("errors")).hasSize(3);
    }

    @ParameterizedTest
    @CsvSource({
        "/head/roundMm, '\"wide\"', head.roundMm",
        "/foundation/frontRows, 7.5, foundation.frontRows",
        "/installer, '\"ROBOT\"', installer",
        "/haste, 3, haste"
    })
    void whatCannotBeReadIsSaidAtItsField(String at, String value, String field, Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(brief, at, value);
        Answer answer = api.plan(brief);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.messageAt(field)).isNotBlank();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "[]", "null", "\"a\"", "{\"head\": {}}", "{}"})
    void whatIsNoBriefIsRefusedPolitely(String body, Api api) {
        Answer answer = api.send("POST", "/api/plan", body);
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.text()).doesNotContain("Exception");
    }

    /** Every figure is told with what it was reckoned from, the lengths in it as quantities. */
    @Test
    void figuresAreReckonedInTheOpen(Api api) {
        ObjectNode brief = ofWholeHead(api);
        JsonNode ledger = api.plan(brief).json().path("ledger");
        JsonNode reckonings = api.post("/api/reckonings", brief).json();
        assertThat(reckonings).extracting(r -> r.path("figure").asString()).contains("PACKS", "MINUTES", "LOOPS");
        JsonNode loops = reckonings
                .valueStream()
                .filter(r -> r.path("figure").asString().equals("LOOPS"))
                .findFirst()
                .orElseThrow();
        assertThat(loops.path("steps").toString())
                .contains(String.valueOf(ledger.path("neededLoops").asInt()));
        Each.of(reckonings).allSatisfy(r -> assertThat(r.path("steps")).isNotEmpty());
        brief.remove("head");
        assertThat(api.post("/api/reckonings", brief).status()).isEqualTo(422);
    }

    @Test
    void findingsCarryRemediesThatChangeTheBrief(Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(brief, "/foundation/frontRows", "6");
        set(brief, "/foundation/backRows", "4");
        ((ObjectNode) brief.path("ownHair")).put("density", "THICK");
        JsonNode finding = api.plan(brief).json().path("findings").get(0);
        assertThat(finding.path("code").asString()).isEqualTo("ROPE_THICK_ROWS");
        JsonNode mended = Api.changed(brief, finding.path("remedies").get(0).path("change"));
        assertThat(mended.path("hairLineId")).isEqualTo(brief.path("hairLineId"));
        assertThat(api.plan(mended).json().path("findings").toString()).doesNotContain("ROPE");
    }

    private static ObjectNode compared(ObjectNode brief) {
        ObjectNode one = Api.JSON.createObjectNode();
        one.set("brief", brief);
        return one;
    }

    /** What a family cannot carry is left away, by the core. */
    @Test
    void aFoundationIsComparedWithTheSameBraidedAfterAnotherFamily(Api api) {
        ObjectNode brief = ofWholeHead(api);
        set(brief, "/foundation/parts", "[{\"startMm\":0,\"slantDeg\":0,\"bowMm\":0,\"showsSide\":false}]");
        set(brief, "/foundation/overlaysMm", "[30]");
        ObjectNode body = Api.JSON.createObjectNode();
        body.putArray("briefs").add(compared(brief)).add(compared(brief).put("family", "SPIRAL"));
        JsonNode compared = api.post("/api/compare", body).json();
        assertThat(compared.at("/plans/0/brief/foundation/parts")).hasSize(1);
        JsonNode spiral = compared.at("/plans/1/brief/foundation");
        assertThat(spiral.at("/back/family").asString()).isEqualTo("SPIRAL");
        assertThat(spiral.path("parts")).isEmpty();
        assertThat(spiral.path("overlaysMm")).isEmpty();
        assertThat(compared.at("/plans/1/drawn/rows")).hasSize(1);
    }

    private static ObjectNode ofWholeHead(Api api) {
        ObjectNode brief = api.anyBrief();
        ObjectNode head = (ObjectNode) brief.path("head");
        head.put("roundMm", 565).put("frontToNapeMm", 360).put("overTopMm", 330).put("alongFrontMm", 317);
        head.put("roundBackMm", 370).put("napeWidthMm", 125);
        return brief;
    }

    private static void set(ObjectNode brief, String at, String value) {
        int slash = at.lastIndexOf('/');
        ObjectNode parent = slash == 0 ? brief : (ObjectNode) brief.at(at.substring(0, slash));
        parent.set(at.substring(slash + 1), Api.JSON.readTree(value));
    }

    /** A book of plans is one answer, with maps no finer than their pictures. */
    @Test
    void tilesTellAllPlansInOneSmallAnswer(Api api) {
        Answer first = api.freshTiles();
        JsonNode tiles = first.json();
        assertThat(tiles.size()).isEqualTo(api.get("/api/plans").json().size());
        assertThat((double) first.text().length() / tiles.size()).isLessThan(4_500);
        for (JsonNode tile : tiles) {
            assertThat(tile.get("summary").get("loops").asInt()).isPositive();
            assertThat(tile.get("summary").get("outline").size()).isBetween(30, 140);
        }
        assertThat(api.freshTiles().text()).isEqualTo(first.text());
    }

    /** A tile that is kept is of a plan as it is and of hair as it lies on the shelf. */
    @Test
    void tilesFollowTheirPlanAndTheShelf(Api api) {
        JsonNode plan = api.ownPlan();
        String hers = "?client=" + plan.path("clientId").asString();
        int before = packs(api, hers, plan);
        ObjectNode body = Api.JSON.createObjectNode();
        body.put("name", plan.path("name").asString())
                .put("version", plan.path("version").asInt());
        body.set("brief", ((ObjectNode) plan.path("brief").deepCopy()).put("fullness", 1.4));
        assertThat(api.put("/api/plans/" + plan.path("id").asString(), body).status())
                .isEqualTo(200);
        int fuller = packs(api, hers, plan);
        assertThat(fuller).isGreaterThan(before);
        ObjectNode came = Api.JSON.createObjectNode();
        came.put("id", UUID.randomUUID().toString()).put("why", "BOUGHT").put("amount", fuller);
        JsonNode line = line(api, plan.at("/brief/hairLineId").asString());
        came.putObject("good")
                .put("kind", "PACKS")
                .put("lineId", line.path("id").asString())
                .put("colour", colour(plan, line))
                .put("lot", "")
                .put("packLoops", line.path("loopsPerPack").asInt());
        assertThat(api.post("/api/stock/movements", came).status()).isLessThan(300);
        assertThat(packs(api, hers, plan)).isLessThan(fuller);
    }

    private static int packs(Api api, String query, JsonNode plan) {
        for (JsonNode tile : api.freshTiles(query).json()) {
            if (tile.path("id").equals(plan.path("id"))) {
                return tile.at("/summary/packs").asInt();
            }
        }
        throw new AssertionError("no tile of " + plan.path("name"));
    }

    private static JsonNode line(Api api, String id) {
        for (JsonNode line : api.get("/api/hair-lines").json()) {
            if (line.path("id").asString().equals(id)) {
                return line;
            }
        }
        throw new AssertionError("no such hair");
    }

    private static String colour(JsonNode plan, JsonNode line) {
        JsonNode chosen = plan.at("/brief/hooking/colour");
        return chosen.isString() ? chosen.asString() : line.at("/colours/0").asString();
    }

    @Test
    void moreTilesAtOnceThanAnybodySeesAreRefused(Api api) {
        String many = IntStream.range(0, 101)
                .mapToObj(i -> "client=" + UUID.randomUUID())
                .collect(Collectors.joining("&", "?", ""));
        assertThat(api.get("/api/plans/tiles" + many).messageAt("client")).contains("at most 100");
    }
}
