package gyrotaxis.server;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The front end's tests work on what the server truly answers to one small plan, kept in a file. Figures may have moved
 * since it was kept; that every answer is still put together the same way is checked here.
 */
class SampleAnswersTest {
    private static final Path KEPT = Path.of("..", "web", "src", "testing", "answers.json");

    private static final double LAST_DIGIT = 1e-3;
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final Pattern MOMENT = Pattern.compile("\\d{4}-\\d\\d-\\d\\d(T.*)?");

    @Test
    void theKeptAnswersAreTodays(@TempDir Path folder) throws IOException {
        ObjectNode now;
        // A studio of its own: other tests put things on the shelf of theirs.
        try (RunningServer.Started studio = RunningServer.start(folder, "--gyrotaxis.demo=true")) {
            now = answers(new Api(RunningServer.address(studio.context())));
        }
        if (Boolean.getBoolean("api.write")) {
            Files.createDirectories(KEPT.getParent());
            Files.writeString(KEPT, now + "\n");
        }
        JsonNode kept = Api.JSON.readTree(Files.readString(KEPT));
        List<String> differences = new ArrayList<>();
        compare(kept, now, "", differences);
        assertThat(differences).as("%s; ./gyrotaxis api makes it anew", KEPT).isEmpty();
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
        all.set("stopping", api.post("/api/stopping", brief).json());
        all.set("words", api.get("/api/words").json());
        all.set("hairLines", api.get("/api/hair-lines").json());
        for (JsonNode tile : api.freshTiles().json()) {
            if (tile.get("id").equals(saved.get("id"))) {
                all.set("tile", tile);
            }
        }
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

    /** Notes where two answers differ: in what they are made of, in a word, or in a figure by more than its last digit. */
    private static void compare(JsonNode kept, JsonNode now, String path, List<String> differences) {
        if (kept.isNumber() && now.isNumber()) {
            double off = Math.abs(kept.asDouble() - now.asDouble());
            if (off > LAST_DIGIT * Math.max(1, Math.abs(now.asDouble()))) {
                differences.add(path + ": " + kept + " is now " + now);
            }
        } else if (kept.isObject() && now.isObject()) {
            Set<String> names = new TreeSet<>();
            kept.propertyNames().forEach(names::add);
            now.propertyNames().forEach(names::add);
            names.forEach(n -> compare(kept.path(n), now.path(n), path + "." + n, differences));
        } else if (kept.isArray() && now.isArray() && kept.size() == now.size()) {
            for (int i = 0; i < now.size(); i++) {
                compare(kept.get(i), now.get(i), path + "[" + i + "]", differences);
            }
        } else if (!kept.equals(now) && !(isOfThisRun(kept) && isOfThisRun(now))) {
            differences.add(path + ": " + kept + " is now " + now);
        }
    }

    /** Whether it is an id or a moment, which every run makes anew. */
    private static boolean isOfThisRun(JsonNode n) {
        return n.isString()
                && (ID.matcher(n.asString()).matches()
                        || MOMENT.matcher(n.asString()).matches());
    }
}
