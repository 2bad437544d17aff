package gyrotaxis.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Hair is written down from what stands on its pack; an empty shelf is offered a set to begin with. */
@ExtendWith(RunningServer.class)
class ShelfApiTest {
    private static ObjectNode pack() {
        ObjectNode line = Api.JSON.createObjectNode();
        line.put("name", "Fog Bank")
                .put("texture", "DEEP_WAVE")
                .put("lengthMm", 450.0)
                .put("version", 0);
        return line.put("hasBead", false).put("isCoated", false);
    }

    private static List<String> guessed(JsonNode line) {
        List<String> all = new ArrayList<>();
        line.get("guessed").forEach(g -> all.add(g.asString()));
        return all;
    }

    @Test
    void whatStandsOnAPackIsEnoughAndTheRestIsMarked(Api api) {
        JsonNode line =
                api.post("/api/hair-lines", pack().put("loopsPerBundle", 20)).json();
        assertThat(guessed(line)).containsExactly("GRAMS", "PRICE");
        assertThat(line.get("gramsPerLoop").asDouble()).isBetween(3.6, 4.0);
        assertThat(line.get("priceMinor").asLong()).isPositive();
        assertThat(line.get("currency").asString()).isEqualTo("EUR");
        assertThat(line.get("colours").size()).isEqualTo(1);
        JsonNode weighed = api.post(
                        "/api/hair-lines", pack().put("packGrams", 95.0).put("priceMinor", 900))
                .json();
        assertThat(guessed(weighed)).containsExactly("LOOPS", "GRAMS");
        assertThat(weighed.get("loopsPerPack").asInt()).isBetween(23, 27);
        // What becomes known is told, and estimated no more.
        ObjectNode known =
                pack().put("loopsPerBundle", 20).put("packGrams", 84.0).put("priceMinor", 780);
        JsonNode told = api.put(
                        "/api/hair-lines/" + line.get("id").asString(),
                        known.put("version", line.get("version").asInt()))
                .json();
        assertThat(guessed(told)).isEmpty();
        assertThat(told.get("gramsPerLoop").asDouble()).isEqualTo(4.2);
    }

    @Test
    void whatTellsNeitherPiecesNorWeightIsRefusedWhereTheyAreAsked(Api api) {
        Answer answer = api.post("/api/hair-lines", pack());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("loopsPerBundle"))
                .contains("how many pieces")
                .contains("weighs");
        assertThat(api.post("/api/hair-lines", pack().put("packGrams", 1.0)).messageAt("packGrams"))
                .contains("between");
    }

    @Test
    void aStarterSetIsOfferedOnceAndTakenOffButForWhatIsPlannedWith(@TempDir Path folder) throws IOException {
        try (RunningServer.Started studio = RunningServer.start(folder, "--gyrotaxis.demo=false")) {
            Api api = new Api(RunningServer.address(studio.context()));
            assertThat(api.get("/api/hair-lines").json().size()).isZero();
            // Asked for by many in the same moment it is put there once.
            IntStream.range(0, 8)
                    .parallel()
                    .forEach(i -> assertThat(
                                    api.post("/api/hair-lines/starter", "{}").status())
                            .isEqualTo(201));
            JsonNode set = api.get("/api/hair-lines").json();
            assertThat(set.size()).isEqualTo(7);
            assertThat(api.post("/api/hair-lines/starter", "{}").json().size()).isEqualTo(7);
            ObjectNode client =
                    Api.JSON.createObjectNode().put("name", "Sunniva Thole").put("version", 0);
            client.putObject("head")
                    .put("roundMm", 560.0)
                    .put("frontToNapeMm", 360.0)
                    .put("overTopMm", 330.0);
            String id = api.post("/api/clients", client).json().get("id").asString();
            JsonNode plan = api.post("/api/plans", Api.JSON.createObjectNode().put("clientId", id))
                    .json();
            JsonNode left = api.delete("/api/hair-lines/starter").json();
            assertThat(left.size()).isEqualTo(1);
            assertThat(left.get(0).get("id").asString())
                    .isEqualTo(plan.get("brief").get("hairLineId").asString());
            // Written down anew it is her own, and no longer of the set.
            ObjectNode own = pack().put("loopsPerBundle", 24);
            JsonNode hers = api.put(
                            "/api/hair-lines/" + left.get(0).get("id").asString(),
                            own.put("version", left.get(0).get("version").asInt()))
                    .json();
            assertThat(hers.get("isStarter").asBoolean()).isFalse();
        }
    }
}
