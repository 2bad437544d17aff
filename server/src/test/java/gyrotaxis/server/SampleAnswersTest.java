package gyrotaxis.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The front end's tests work on what the server truly answers to one small plan, kept in a file. Figures may have moved
 * since it was kept; that every answer is still put together the same way is checked here.
 */
@ExtendWith(RunningServer.class)
class SampleAnswersTest {
    private static final Path KEPT = Path.of("..", "web", "src", "testing", "answers.json");

    @Test
    void theKeptAnswersArePutTogetherAsTodaysAre(Api api) throws IOException {
        ObjectNode now = answers(api);
        if (Boolean.getBoolean("api.write")) {
            Files.createDirectories(KEPT.getParent());
            Files.writeString(KEPT, now + "\n");
        }
        JsonNode kept = Api.JSON.readTree(Files.readString(KEPT));
        assertThat(paths(kept)).as("%s; ./gyrotaxis api makes it anew", KEPT).isEqualTo(paths(now));
    }

    private static ObjectNode answers(Api api) {
        JsonNode saved = plan(api, "Regatta deep wave");
        ObjectNode brief = small((ObjectNode) saved.get("brief"));
        ObjectNode all = Api.JSON.createObjectNode();
        all.set("savedPlan", ((ObjectNode) saved.deepCopy()).set("brief", brief));
        ObjectNode question = Api.JSON.createObjectNode();
        question.set("brief", brief);
        all.set("plan", api.post("/api/plan", question).json());
        ObjectNode wear = Api.JSON.createObjectNode();
        wear.set("brief", brief);
        wear.putObject("worn").put("way", "LOW_PONYTAIL");
        all.set("worn", api.post("/api/wear", wear).json());
        all.set("fills", api.post("/api/fills", brief).json());
        all.set("words", api.get("/api/words").json());
        all.set("hairLines", api.get("/api/hair-lines").json());
        all.set(
                "summary",
                api.get("/api/plans/" + saved.get("id").asString() + "/summary").json());
        all.set(
                "client",
                api.get("/api/clients/" + saved.get("clientId").asString()).json());
        return all;
    }

    private static JsonNode plan(Api api, String name) {
        for (JsonNode p : api.get("/api/plans").json()) {
            if (p.path("name").asString().equals(name)) {
                return p;
            }
        }
        throw new AssertionError("no plan " + name + " in the demo studio");
    }

    /** Few rows, hooked wide, with a part: all there is in a plan, and little of each. */
    private static ObjectNode small(ObjectNode brief) {
        ObjectNode small = brief.deepCopy();
        ObjectNode foundation = (ObjectNode) small.get("foundation");
        foundation.put("frontRows", 6).put("backRows", 4);
        small.put("fullness", 0.6);
        return small;
    }

    /** Every path of names there is in a document, whatever stands at its end; the places of a list are one. */
    private static Set<String> paths(JsonNode document) {
        Set<String> paths = new TreeSet<>();
        collect(document, "", paths);
        return paths;
    }

    private static void collect(JsonNode node, String path, Set<String> into) {
        into.add(path);
        node.properties().forEach(p -> collect(p.getValue(), path + "." + p.getKey(), into));
        if (node.isArray()) {
            node.forEach(n -> collect(n, path + "[]", into));
        }
    }
}
