package gyrotaxis.server.book;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Clients, hair lines and plans, on a real database. */
@ExtendWith(RunningServer.class)
class KeepingTest {
    private static ObjectNode newClient(String name) {
        ObjectNode c = Api.JSON.createObjectNode();
        c.put("name", name).put("wishes", "Waves").put("notes", "").put("version", 0);
        c.set("ownHair", Api.JSON.readTree("{\"density\":\"FINE\",\"conditions\":[\"TENDER\",\"THIN_EDGES\"]}"));
        c.set(
                "head",
                Api.JSON.readTree(
                        "{\"roundMm\":560,\"frontToNapeMm\":355,\"overTopMm\":325,\"alongFrontMm\":null,\"roundBackMm\":null,\"napeWidthMm\":118}"));
        return c;
    }

    private static ObjectNode newLine(String name) {
        return (ObjectNode) Api.JSON.valueToTree(Map.ofEntries(
                Map.entry("name", name),
                Map.entry("supplier", "Ninth Pier Wholesale"),
                Map.entry("texture", "DEEP_WAVE"),
                Map.entry("lengthMm", 400),
                Map.entry("hasBead", false),
                Map.entry("loopsPerBundle", 20),
                Map.entry("bundlesPerPack", 2),
                Map.entry("gramsPerLoop", 3.5),
                Map.entry("priceMinor", 1200),
                Map.entry("currency", "gbp"),
                Map.entry("isCoated", true),
                Map.entry("colours", java.util.List.of("ink", "rust")),
                Map.entry("loopsOnShelf", 7),
                Map.entry("version", 0)));
    }

    @Test
    void aClientComesBackAsWrittenAndIsErasedWithHerPlans(Api api) {
        JsonNode added = api.post("/api/clients", newClient("Perpetua Slipway")).json();
        String at = "/api/clients/" + added.path("id").asString();
        assertThat(api.get(at).json()).isEqualTo(added);
        assertThat(added.path("ownHair").path("conditions").toString()).isEqualTo("[\"THIN_EDGES\",\"TENDER\"]");
        assertThat(added.at("/heads/0/measures/alongFrontMm").isNull()).isTrue();
        ObjectNode begun = Api.JSON
                .createObjectNode()
                .put("clientId", added.path("id").asString())
                .put("name", "");
        Answer plan = api.post("/api/plans", begun);
        assertThat(plan.status()).isEqualTo(201);
        assertThat(plan.json().at("/brief/head/napeWidthMm").asDouble()).isEqualTo(118);
        assertThat(api.delete(at).status()).isEqualTo(204);
        assertThat(api.get(at).status()).isEqualTo(404);
        assertThat(api.get("/api/plans/" + plan.json().path("id").asString()).status())
                .isEqualTo(404);
    }

    @Test
    void aNewMeasurementIsKeptBesideTheOldHead(Api api) {
        ObjectNode written = newClient("Hester Lock");
        JsonNode added = api.post("/api/clients", written).json();
        String at = "/api/clients/" + added.path("id").asString();
        written.put("version", 1);
        assertThat(api.put(at, written).json().path("heads")).hasSize(1);
        written.put("version", 2);
        ((ObjectNode) written.path("head")).put("roundMm", 562);
        JsonNode changed = api.put(at, written).json();
        assertThat(changed.path("heads")).hasSize(2);
        assertThat(changed.at("/heads/0/measures/roundMm").asDouble()).isEqualTo(562);
    }

    @Test
    void whatWasDrawnStaysWithTheHeadByDate(Api api) {
        ObjectNode written = newClient("Loveday Thole");
        JsonNode added = api.post("/api/clients", written).json();
        String at = "/api/clients/" + added.path("id").asString();
        ObjectNode head = (ObjectNode) written.path("head").deepCopy();
        head.set(
                "hairline",
                Api.JSON.readTree(
                        "{\"leftTempleMm\":4.0,\"rightTempleMm\":6.0,\"peakPlaceMm\":-5.0,\"peakDropMm\":9.0,\"nape\":\"POINTED\"}"));
        head.set(
                "regions",
                Api.JSON.readTree(
                        "[{\"kind\":\"TENDER\",\"name\":\"behind the ear\",\"rim\":[-100.0,0.7,-100.0,0.9,-120.0,0.9,-120.0,0.7]}]"));
        JsonNode kept = api.post(at + "/heads", head).json();
        assertThat(kept.path("heads")).hasSize(2);
        assertThat(kept.at("/heads/0/measures/hairline")).isEqualTo(head.path("hairline"));
        assertThat(kept.at("/heads/0/measures/regions")).isEqualTo(head.path("regions"));
        assertThat(kept.at("/heads/1/measures/regions")).isEmpty();
        assertThat(api.post(at + "/heads", head).json().path("heads")).hasSize(2);

        // The form only has room for the tape; what was drawn stays.
        ((ObjectNode) written.path("head")).put("roundMm", 563).putNull("regions");
        written.put("version", 1);
        JsonNode changed = api.put(at, written).json();
        assertThat(changed.at("/heads/0/measures/roundMm").asDouble()).isEqualTo(563);
        assertThat(changed.at("/heads/0/measures/regions")).isEqualTo(head.path("regions"));
        head.put("roundMm", 5);
        assertThat(api.post(at + "/heads", head).messageAt("roundMm")).contains("between");
        assertThat(api.post("/api/clients/" + UUID.randomUUID() + "/heads", written.path("head"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aPatternComesBackAsWrittenAndIsThrownAway(Api api) {
        ObjectNode body = Api.JSON.createObjectNode().put("name", "Harbour back");
        body.set("foundation", api.anyBrief().path("foundation"));
        Answer kept = api.post("/api/patterns", body);
        assertThat(kept.status()).isEqualTo(201);
        assertThat(kept.json().path("foundation")).isEqualTo(body.path("foundation"));
        String at = "/api/patterns/" + kept.json().path("id").asString();
        assertThat(api.get("/api/patterns").text()).contains("Harbour back");
        body.put("name", " ");
        assertThat(api.post("/api/patterns", body).messageAt("name")).contains("missing");
        body.put("name", "No rows");
        ((ObjectNode) body.path("foundation")).put("frontRows", 1);
        assertThat(api.post("/api/patterns", body).messageAt("foundation.frontRows"))
                .contains("between 6 and 20");
        assertThat(api.delete(at).status()).isEqualTo(204);
        assertThat(api.delete(at).status()).isEqualTo(404);
    }

    @Test
    void aHairLineComesBackAsWritten(Api api) {
        JsonNode line = api.post("/api/hair-lines", newLine("Spindrift " + UUID.randomUUID()))
                .json();
        assertThat(line.path("currency").asString()).isEqualTo("GBP");
        assertThat(line.path("loopsPerPack").asInt()).isEqualTo(40);
        assertThat(line.path("colours").toString()).isEqualTo("[\"ink\",\"rust\"]");
        assertThat(api.get("/api/hair-lines").json()).contains(line);
    }

    @ParameterizedTest
    @CsvSource({
        "loopsPerBundle, 0",
        "loopsPerBundle, null",
        "bundlesPerPack, 13",
        "gramsPerLoop, 0",
        "lengthMm, 5",
        "priceMinor, -1",
        "currency, '\"pearls\"'",
        "name, '\" \"'",
        "colours, '[\"\"]'",
        "texture, null",
        "loopsOnShelf, -1"
    })
    void hairThatCannotBeIsSaidAtItsField(String field, String value, Api api) {
        ObjectNode line = newLine("Undertow");
        line.set(field, Api.JSON.readTree(value));
        Answer answer = api.post("/api/hair-lines", line);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource({"name, '\"\"'", "head, null"})
    void aClientNeedsANameAndAHead(String field, String value, Api api) {
        ObjectNode client = newClient("Nobody");
        client.set(field, Api.JSON.readTree(value));
        assertThat(api.post("/api/clients", client).messageAt(field)).contains("missing");
        client.put("name", "x".repeat(121));
        assertThat(api.post("/api/clients", client).messageAt("name")).contains("at most 120");
    }

    @Test
    void aPlanIsSavedOverOnlyByWhoHasSeenItsLastVersion(Api api) {
        JsonNode plan = api.ownPlan();
        String at = "/api/plans/" + plan.path("id").asString();
        ObjectNode change = Api.JSON.createObjectNode();
        change.put("name", plan.path("name").asString())
                .put("version", plan.path("version").asInt());
        ObjectNode brief = (ObjectNode) plan.path("brief").deepCopy();
        change.set("brief", brief.put("fullness", 1.1));
        JsonNode saved = api.put(at, change).json();
        assertThat(saved.path("version").asInt()).isEqualTo(plan.path("version").asInt() + 1);
        assertThat(api.get(at).json().at("/brief/fullness").asDouble()).isEqualTo(1.1);
        brief.put("fullness", 0.9);
        Answer stale = api.put(at, change);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().at("/current/version")).isEqualTo(saved.path("version"));
        assertThat(api.get(at).json().at("/brief/fullness").asDouble()).isEqualTo(1.1);
        brief.put("fullness", 77);
        assertThat(api.put(at, change).messageAt("fullness")).contains("between");
    }

    @Test
    void staleClientsAndLinesAreRefusedToo(Api api) {
        JsonNode client = api.post("/api/clients", newClient("Ottilie Thole")).json();
        ObjectNode written = newClient("Ottilie Rowlock").put("version", 0);
        Answer stale = api.put("/api/clients/" + client.path("id").asString(), written);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().at("/current/name").asString()).isEqualTo("Ottilie Thole");
        JsonNode line = api.post("/api/hair-lines", newLine("Backwash")).json();
        Answer staleLine = api.put(
                "/api/hair-lines/" + line.path("id").asString(),
                newLine("Backwash").put("version", 5));
        assertThat(staleLine.status()).isEqualTo(409);
        ObjectNode right =
                newLine("Backwash Two").put("version", line.path("version").asInt());
        assertThat(api.put("/api/hair-lines/" + line.path("id").asString(), right)
                        .json()
                        .path("name")
                        .asString())
                .isEqualTo("Backwash Two");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/plans/", "/api/clients/"})
    void unknownIdsAreNotThere(String path, Api api) {
        assertThat(api.get(path + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(api.get(path + "not-a-number").status()).isEqualTo(404);
        assertThat(api.delete(path + UUID.randomUUID()).status()).isEqualTo(404);
        ObjectNode nobody = Api.JSON
                .createObjectNode()
                .put("clientId", UUID.randomUUID().toString())
                .put("name", "x");
        assertThat(api.post("/api/plans", nobody).status()).isEqualTo(404);
        assertThat(api.get("/api/nothing").status()).isEqualTo(404);
    }

    @Test
    void clientsAreListedPieceByPieceAndAsTheyAreTyped(Api api) {
        for (String name : List.of("Zéphyrine Quaybird", "Zoë Quaybird-Ström", "Quaybird Zabel")) {
            assertThat(api.post("/api/clients", newClient(name)).status()).isEqualTo(201);
        }
        assertThat(names(api, "typed=zephyrine")).containsExactly("Zéphyrine Quaybird");
        assertThat(names(api, "typed=STROM%20quay")).containsExactly("Zoë Quaybird-Ström");
        // Those that begin with it first, then by name.
        assertThat(names(api, "typed=quaybird"))
                .containsExactly("Quaybird Zabel", "Zéphyrine Quaybird", "Zoë Quaybird-Ström");
        assertThat(names(api, "typed=quaybird&from=1&most=1")).containsExactly("Zéphyrine Quaybird");
        assertThat(api.get("/api/clients?typed=quaybird&most=1")
                        .json()
                        .path("count")
                        .asInt())
                .isEqualTo(3);
        assertThat(names(api, "typed=nobody%25")).isEmpty();
        List<String> all = new ArrayList<>();
        int count = api.get("/api/clients").json().path("count").asInt();
        for (int from = 0; from < count; from += 4) {
            all.addAll(names(api, "most=4&from=" + from));
        }
        assertThat(all).hasSize(count).doesNotHaveDuplicates();
    }

    private static List<String> names(Api api, String query) {
        List<String> names = new ArrayList<>();
        api.get("/api/clients?" + query)
                .json()
                .path("clients")
                .forEach(c -> names.add(c.path("name").asString()));
        return names;
    }

    @Test
    void theDemoStudioHasItsPeopleAndHair(Api api) {
        assertThat(api.get("/api/clients").json().path("count").asInt()).isGreaterThanOrEqualTo(6);
        assertThat(api.get("/api/hair-lines").json().size()).isGreaterThanOrEqualTo(8);
        for (JsonNode plan : api.get("/api/plans").json()) {
            assertThat(api.plan(plan.path("brief")).status()).isEqualTo(200);
        }
    }
}
