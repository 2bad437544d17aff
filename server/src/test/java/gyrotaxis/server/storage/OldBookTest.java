package gyrotaxis.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Books of older formats, as their databases lay on a disk, opened by today's server. */
class OldBookTest {
    private static final Path KEPT = Path.of("src", "test", "resources", "kept");

    @Test
    void nothingOfItIsLost(@TempDir Path folder) throws IOException {
        Files.copy(KEPT.resolve("studio-format-1.mv.db"), folder.resolve("gyrotaxis.mv.db"));
        try (RunningServer.Started started = RunningServer.start(folder)) {
            Api api = new Api(RunningServer.address(started.context()));
            JsonNode plans = api.get("/api/plans").json();
            assertThat(plans).hasSize(8);
            for (JsonNode plan : plans) {
                String name = plan.path("name").asString().toLowerCase().replaceAll("[^a-z]+", "-");
                JsonNode before = Api.JSON.readTree(
                        Files.readString(KEPT.resolve("format-1").resolve("plan-" + name + ".json")));
                JsonNode now = plan.path("brief");
                assertSaysAll(before.path("head"), now.path("head"));
                assertSaysAll(before.path("ownHair"), now.path("ownHair"));
                assertSaysAll(before.path("consultation"), now.path("consultation"));
                ObjectNode rows = (ObjectNode) before.path("foundation");
                rows.remove("edits");
                assertSaysAll(rows, now.path("foundation"));
                assertThat(now.path("hairLineId")).isEqualTo(before.path("hairLineId"));
                Answer answer = api.plan(now);
                assertThat(answer.status()).as("%s: %s", name, answer.text()).isEqualTo(200);
            }
            assertThat(api.get("/api/patterns").json()).hasSize(2);
            assertThat(api.get("/api/methods").json())
                    .singleElement()
                    .satisfies(
                            m -> assertThat(m.at("/method/pacePercent").asInt()).isEqualTo(95));
            assertThat(api.get("/api/hair-lines").json()).hasSize(9);
            JsonNode clients = api.get("/api/clients").json().path("clients");
            assertThat(clients).hasSize(7);
            assertThat(clients)
                    .filteredOn(c -> c.path("name").asString().startsWith("Isolde"))
                    .singleElement()
                    .satisfies(c -> assertThat(
                                    c.at("/heads/0/measures/regions/0/name").asString())
                            .isEqualTo("behind the left ear"));
            savedAgainItIsInTodaysFormat(api, plans.get(0));
        }
    }

    @Test
    void whatWasKeptInTheSecondFormatOpensWithAllThatItSaid(@TempDir Path folder) throws IOException {
        Files.copy(KEPT.resolve("studio-format-2.mv.db"), folder.resolve("gyrotaxis.mv.db"));
        try (RunningServer.Started started = RunningServer.start(folder)) {
            Api api = new Api(RunningServer.address(started.context()));
            JsonNode plans = api.get("/api/plans").json();
            assertThat(plans).hasSize(8);
            for (JsonNode plan : plans) {
                String name = plan.path("name").asString().toLowerCase().replaceAll("[^a-z]+", "-");
                JsonNode kept = Api.JSON.readTree(
                        Files.readString(KEPT.resolve("format-2").resolve("plan-" + name + ".json")));
                JsonNode before = kept.path("brief");
                JsonNode now = plan.path("brief");
                assertSaysAll(before.path("head"), now.path("head"));
                assertSaysAll(before.path("foundation"), now.path("foundation"));
                assertSaysAll(before.at("/hooking/method"), now.at("/hooking/method"));
                assertThat(now.at("/hooking/edits")).isEqualTo(before.at("/hooking/edits"));
                assertThat(now.at("/hooking/cutZones"))
                        .hasSize(before.at("/hooking/cutsInHalf").asBoolean() ? 4 : 0);
                Answer answer = api.plan(now);
                assertThat(answer.status()).as("%s: %s", name, answer.text()).isEqualTo(200);
            }
            assertThat(api.get("/api/hair-lines").json())
                    .hasSize(9)
                    .filteredOn(l -> l.path("goesInWhole").asBoolean())
                    .singleElement()
                    .satisfies(l -> assertThat(l.path("texture").asString()).isEqualTo("SHORT_TWIST"));
        }
    }

    private static void savedAgainItIsInTodaysFormat(Api api, JsonNode plan) {
        ObjectNode change = Api.JSON.createObjectNode();
        change.put("name", plan.path("name").asString())
                .put("version", plan.path("version").asInt());
        change.set("brief", plan.path("brief"));
        Answer saved = api.put("/api/plans/" + plan.path("id").asString(), change);
        assertThat(saved.status()).isEqualTo(200);
        assertThat(saved.json().path("brief")).isEqualTo(plan.path("brief"));
    }

    /** What is said otherwise today: singles stretch by stretch. */
    private static final Set<String> SAID_OTHERWISE =
            Set.of("individuals", "individualCount", "individualLines", "individualBaseMm", "isBanded");

    /** All that was said before, unless it was nothing, is said now. */
    private static void assertSaysAll(JsonNode before, JsonNode now) {
        before.properties().forEach(p -> {
            if (SAID_OTHERWISE.contains(p.getKey())) {
                return;
            }
            if (p.getValue().isObject()) {
                assertSaysAll(p.getValue(), now.path(p.getKey()));
            } else if (!p.getValue().isNull()) {
                assertThat(now.path(p.getKey())).as(p.getKey()).isEqualTo(p.getValue());
            }
        });
    }
}
