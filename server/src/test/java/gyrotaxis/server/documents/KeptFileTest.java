package gyrotaxis.server.documents;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Plans, patterns, methods and worksheets as files: described by schemas, read as they were written, and refused at the place that is wrong. */
@ExtendWith(RunningServer.class)
class KeptFileTest {
    private static final Path SCHEMAS = Path.of("src", "main", "resources", "schemas");
    private static final String REF = "#/components/schemas/";

    /** A schema is made of what the code says of a body; what may be null may be left out. */
    @ParameterizedTest
    @CsvSource({
        "plan, A plan, brief, BriefBody, 120, PLAN",
        "pattern, A pattern, foundation, FoundationBody, 80, PATTERN",
        "method, A method, method, MethodBody, 80, METHOD",
        "worksheet, A worksheet, sheet, StoredWorksheet, 120, WORK_SHEET"
    })
    void theSchemasAreTheCodes(
            String kind, String title, String property, String body, int longest, StoredDocument.Form form, Api api)
            throws IOException {
        JsonNode schemas = api.get("/api/openapi").json().path("components").path("schemas");
        ObjectNode all = Api.JSON.createObjectNode();
        all.put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("title", title)
                .put("type", "object");
        all.putArray("required").add("gyrotaxis").add("format").add(property);
        ObjectNode properties = all.putObject("properties");
        properties.putObject("gyrotaxis").put("const", kind);
        properties.putObject("name").put("type", "string").put("maxLength", longest);
        properties.putObject("format").put("const", form.newest());
        properties.putObject(property).put("$ref", REF + body);
        if (kind.equals("plan")) {
            properties
                    .putObject("hairs")
                    .put("type", "array")
                    .putObject("items")
                    .put("type", "object");
        }
        if (kind.equals("worksheet")) {
            properties.putObject("plan").put("type", "object");
        }
        ObjectNode defs = all.putObject("$defs");
        Deque<String> open = new ArrayDeque<>(Set.of(body));
        Set<String> seen = new TreeSet<>();
        while (!open.isEmpty()) {
            String name = open.pop();
            if (seen.add(name)) {
                ObjectNode one = (ObjectNode) schemas.path(name).deepCopy();
                one.remove("required");
                defs.set(name, one);
                one.findValuesAsString("$ref").forEach(r -> open.push(r.substring(REF.length())));
            }
        }
        Object sorted = Api.SORTED.readValue(all.toString().replace(REF, "#/$defs/"), Object.class);
        String now = Api.SORTED.writeValueAsString(sorted) + "\n";
        Path file = SCHEMAS.resolve(kind + ".schema.json");
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(file, now);
        }
        assertThat(Files.readString(file))
                .as(file + "; ./gyrotaxis api makes it anew")
                .isEqualTo(now);
    }

    private static ObjectNode file(Api api) {
        String id = api.demoPlan().path("id").asString();
        return (ObjectNode)
                Api.JSON.readTree(api.get("/api/plans/" + id + "/plan.json").text());
    }

    private static Answer read(Api api, JsonNode file, boolean isKept) {
        String client = api.ownClient();
        return api.post("/api/clients/" + client + "/plan-file?keep=" + isKept, file);
    }

    @Test
    void everyPlanComesInAsItWentOut(Api api) {
        for (JsonNode plan : api.get("/api/plans").json()) {
            JsonNode file =
                    Api.JSON.readTree(api.get("/api/plans/" + plan.path("id").asString() + "/plan.json")
                            .text());
            JsonNode told = read(api, file, false).json();
            assertThat(told.path("faults")).as(plan.path("name").asString()).isEmpty();
            assertThat(told.path("words").asString()).matches("\\d+ rows, \\d+ shares, \\d+ loops\\.");
            assertThat(told.path("isKept").asBoolean()).isFalse();
        }
        JsonNode made = read(api, file(api), true).json();
        String id = made.path("id").asString();
        try {
            JsonNode again =
                    Api.JSON.readTree(api.get("/api/plans/" + id + "/plan.json").text());
            assertThat(again).isEqualTo(file(api));
        } finally {
            assertThat(api.delete("/api/plans/" + id).status()).isEqualTo(204);
        }
    }

    @Test
    void hairIsKnownByItsNameToo(Api api) {
        ObjectNode file = file(api);
        String hair = file.path("brief").path("hairLineId").asString();
        String other = "00000000-0000-4000-8000-00000000abcd";
        JsonNode moved = Api.JSON.readTree(file.toString().replace(hair, other));
        assertThat(read(api, moved, false).json().path("faults")).isEmpty();
        ((ArrayNode) moved.path("hairs")).removeAll();
        assertThat(read(api, moved, false)
                        .json()
                        .path("faults")
                        .get(0)
                        .path("reason")
                        .asString())
                .endsWith("is not on the shelf. Write it down there first.");
    }

    /** What the hair of a file says of itself is not worked with, so nothing of it can fail. */
    @Test
    void hairThatMakesNoSenseInAFileIsPassedOver(Api api) {
        ObjectNode file = file(api);
        ObjectNode known = (ObjectNode) file.at("/hairs/0");
        known.putNull("id");
        ((ObjectNode) known.get("hair")).put("lengthMm", -7);
        assertThat(read(api, file, false).status()).isEqualTo(200);
        file.put("name", "Two\u202Efaces");
        JsonNode told = read(api, file, true).json();
        assertThat(told.path("isKept").asBoolean()).isFalse();
        assertThat(told.at("/faults/0/place").asString()).isEqualTo("/name");
    }

    @ParameterizedTest
    @CsvSource({
        "fullness, \"much\", /brief/fullness",
        "foundation, 7, /brief/foundation",
        "fullness, 99, /brief/fullness",
        "installer, \"NOBODY\", /brief/installer"
    })
    void whatIsWrongIsSaidAtItsPlace(String field, String value, String place, Api api) {
        ObjectNode file = file(api);
        ((ObjectNode) file.path("brief")).set(field, Api.JSON.readTree(value));
        JsonNode told = read(api, file, true).json();
        assertThat(told.path("isKept").asBoolean()).isFalse();
        assertThat(told.path("faults").get(0).path("place").asString()).isEqualTo(place);
        assertThat(told.path("faults").get(0).path("reason").asString()).isNotEmpty();
    }

    @Test
    void whatIsNoPlanOrANewerOneIsRefused(Api api) {
        assertThat(read(api, Api.JSON.readTree("[]"), true)
                        .json()
                        .path("faults")
                        .get(0)
                        .path("reason")
                        .asString())
                .startsWith("This is no plan.");
        Answer newer = read(api, file(api).put("format", 99), true);
        assertThat(newer.status()).isEqualTo(422);
        assertThat(newer.text()).contains("was kept in format 99");
        Answer older = read(api, file(api).put("format", 1), false);
        assertThat(older.status()).isIn(200, 422);
    }

    private static String client(Api api) {
        return api.ownClient();
    }

    private static JsonNode made(Api api, String path, JsonNode file) {
        JsonNode made = api.post(path + "?keep=true", file).json();
        assertThat(made.path("faults")).isEmpty();
        assertThat(made.path("isKept").asBoolean()).isTrue();
        return made;
    }

    private static JsonNode out(Api api, String path) {
        Answer answer = api.get(path);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return Api.JSON.readTree(answer.text());
    }

    /** The rows, or the method, of a plan, kept by name. */
    private static String kept(Api api, String kind, JsonNode plan) {
        ObjectNode body =
                Api.JSON.createObjectNode().put("name", plan.path("name").asString());
        if (kind.equals("pattern")) {
            body.set("foundation", plan.at("/brief/foundation"));
        } else {
            body.set("method", plan.at("/brief/hooking/method"));
        }
        Answer answer = api.post("/api/" + kind + "s", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.json().path("id").asString();
    }

    @Test
    void everyPatternComesInAsItWentOut(Api api) {
        for (JsonNode plan : api.get("/api/plans").json()) {
            String first = kept(api, "pattern", plan);
            JsonNode file = out(api, "/api/patterns/" + first + "/pattern.json");
            assertThat(api.delete("/api/patterns/" + first).status()).isEqualTo(204);
            assertThat(file.path("gyrotaxis").asString()).isEqualTo("pattern");
            String id = made(api, "/api/patterns/file", file).path("id").asString();
            assertThat(out(api, "/api/patterns/" + id + "/pattern.json")).isEqualTo(file);
            assertThat(api.delete("/api/patterns/" + id).status()).isEqualTo(204);
        }
    }

    @Test
    void everyMethodComesInAsItWentOut(Api api) {
        for (JsonNode plan : api.get("/api/plans").json()) {
            String first = kept(api, "method", plan);
            JsonNode file = out(api, "/api/methods/" + first + "/method.json");
            assertThat(api.delete("/api/methods/" + first).status()).isEqualTo(204);
            String id = made(api, "/api/methods/file", file).path("id").asString();
            assertThat(out(api, "/api/methods/" + id + "/method.json")).isEqualTo(file);
            assertThat(api.delete("/api/methods/" + id).status()).isEqualTo(204);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "pattern, foundation, backRows, 999, /foundation/backRows",
        "pattern, foundation, back, 7, /foundation/back",
        "method, method, reservePercent, 900, /method/reservePercent",
        "method, method, order, \"NOBODY\", /method/order"
    })
    void whatIsWrongInThemIsSaidAtItsPlace(
            String kind, String property, String field, String value, String place, Api api) {
        String first = kept(api, kind, api.demoPlan());
        ObjectNode file = (ObjectNode) out(api, "/api/" + kind + "s/" + first + "/" + kind + ".json");
        api.delete("/api/" + kind + "s/" + first);
        ((ObjectNode) file.path(property)).set(field, Api.JSON.readTree(value));
        JsonNode told = api.post("/api/" + kind + "s/file?keep=true", file).json();
        assertThat(told.path("isKept").asBoolean()).isFalse();
        assertThat(told.path("faults").toString()).contains(place);
        // One kind of file is not taken for another.
        String other = kind.equals("pattern") ? "methods" : "patterns";
        assertThat(api.post("/api/" + other + "/file", file)
                        .json()
                        .path("faults")
                        .get(0)
                        .path("reason")
                        .asString())
                .startsWith("This is no ");
        assertThat(api.post("/api/" + kind + "s/file", file.put("format", 99)).status())
                .isNotEqualTo(500);
    }

    /** As it lay in the corpus: the first form that was ever written of each. */
    @ParameterizedTest
    @CsvSource({
        "pattern, foundation, format-1/pattern-fourteen-into-five.json",
        "method, method, format-1/method-harbour-way.json"
    })
    void anOldFormIsReadAsAnOldBookIs(String kind, String property, String kept, Api api) throws IOException {
        ObjectNode file = Api.JSON
                .createObjectNode()
                .put("gyrotaxis", kind)
                .put("name", "Old")
                .put("format", 1);
        file.set(
                property,
                Api.JSON.readTree(Files.readString(
                        Path.of("src", "test", "resources", "kept").resolve(kept))));
        ((ObjectNode) file.path(property)).remove("format");
        JsonNode told = api.post("/api/" + kind + "s/file", file).json();
        assertThat(told.path("faults")).isEmpty();
        assertThat(told.path("name").asString()).isEqualTo("Old");
    }

    /** A visit that was begun with a plan. */
    private static String begun(Api api, String plan) {
        String id = UUID.randomUUID().toString();
        Answer answer = api.post(
                "/api/visits", Api.JSON.createObjectNode().put("id", id).put("planId", plan));
        assertThat(answer.status()).as(answer.text()).isLessThan(300);
        return id;
    }

    @Test
    void aWorksheetIsWorkedFromElsewhereAsItWasFrozen(Api api) {
        String plan = api.demoPlan().path("id").asString();
        JsonNode file = out(api, "/api/visits/" + begun(api, plan) + "/worksheet.json");
        assertThat(file.toString().length()).isGreaterThan(30_000);
        String way = "/api/clients/" + client(api) + "/worksheet-file";
        JsonNode told = api.post(way, file).json();
        assertThat(told.path("faults")).isEmpty();
        assertThat(told.path("words").asString()).matches("\\d+ rows, \\d+ shares, \\d+ steps\\.");
        assertThat(told.path("id").isNull()).isTrue();
        int before = api.get("/api/visits").json().size();
        JsonNode made = made(api, way, file);
        assertThat(out(api, "/api/visits/" + made.path("id").asString() + "/worksheet.json"))
                .isEqualTo(file);
        assertThat(api.get("/api/visits").json().size()).isEqualTo(before + 1);
    }

    @Test
    void aWorksheetThatCannotBeWorkedFromIsRefused(Api api) {
        String plan = api.demoPlan().path("id").asString();
        String id = begun(api, plan);
        String way = "/api/clients/" + client(api) + "/worksheet-file?keep=true";
        ObjectNode beyond = (ObjectNode) out(api, "/api/visits/" + id + "/worksheet.json");
        ((ObjectNode) beyond.at("/sheet/shares/0")).put("at", 7);
        assertThat(api.post(way, beyond).json().path("faults").toString())
                .contains("/sheet")
                .contains("at");
        ObjectNode unnamed = (ObjectNode) out(api, "/api/visits/" + id + "/worksheet.json");
        ((ObjectNode) unnamed.at("/sheet/rows/0")).put("id", "QQ");
        assertThat(api.post(way, unnamed).json().path("faults").toString())
                .contains("/sheet")
                .contains("QQ");
        ObjectNode without = (ObjectNode) out(api, "/api/visits/" + id + "/worksheet.json");
        without.remove("plan");
        assertThat(api.post(way, without).json().path("faults").toString()).contains("/plan");
        ObjectNode text = (ObjectNode) out(api, "/api/visits/" + id + "/worksheet.json");
        ((ObjectNode) text.path("sheet")).put("rows", "none");
        assertThat(api.post(way, text).json().path("faults").toString()).contains("/sheet/rows");
    }
}
