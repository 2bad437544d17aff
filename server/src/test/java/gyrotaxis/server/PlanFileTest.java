package gyrotaxis.server;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.Api.Answer;
import gyrotaxis.server.language.Kept;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Plans as files: described by a schema, read as they were written, and refused at the place that is wrong. */
@ExtendWith(RunningServer.class)
class PlanFileTest {
    private static final Path SCHEMA = Path.of("src", "main", "resources", "schemas", "plan.schema.json");
    private static final String REF = "#/components/schemas/";
    /** The schema is made of what the code says of a brief; what may be null may be left out. */
    @Test
    void theSchemaIsTheCodes(Api api) throws IOException {
        JsonNode schemas = api.get("/api/openapi").json().path("components").path("schemas");
        ObjectNode all = Api.JSON.createObjectNode();
        all.put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("title", "A plan")
                .put("type", "object");
        all.putArray("required").add("gyrotaxis").add("format").add("brief");
        ObjectNode properties = all.putObject("properties");
        properties.putObject("gyrotaxis").put("const", "plan");
        properties.putObject("name").put("type", "string").put("maxLength", 120);
        properties.putObject("format").put("const", Kept.Form.PLAN.newest());
        properties.putObject("brief").put("$ref", "#/$defs/BriefBody");
        properties.putObject("hairs").put("type", "array").putObject("items").put("type", "object");
        ObjectNode defs = all.putObject("$defs");
        Deque<String> open = new ArrayDeque<>(Set.of("BriefBody"));
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
        Object sorted = ApiDescriptionTest.SORTED.readValue(all.toString().replace(REF, "#/$defs/"), Object.class);
        String now = ApiDescriptionTest.SORTED.writeValueAsString(sorted) + "\n";
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(SCHEMA, now);
        }
        assertThat(Files.readString(SCHEMA))
                .as("plan.schema.json; ./gyrotaxis api makes it anew")
                .isEqualTo(now);
    }

    private static ObjectNode file(Api api) {
        String id = api.get("/api/plans").json().get(0).path("id").asString();
        return (ObjectNode)
                Api.JSON.readTree(api.get("/api/plans/" + id + "/plan.json").text());
    }

    private static Answer read(Api api, JsonNode file, boolean isKept) {
        String client =
                api.get("/api/clients").json().path("clients").get(0).path("id").asString();
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
        String id = made.path("planId").asString();
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
}
