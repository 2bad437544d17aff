package gyrotaxis.server.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Hooking, wearing, balancing and methods as they go over the wire. */
@ExtendWith(RunningServer.class)
class HookingApiTest {
    private static final JsonMapper JSON = Api.JSON;

    private static ObjectNode brief(Api api, String hooking) {
        ObjectNode brief = api.anyBrief();
        brief.set("hooking", JSON.readTree(hooking));
        return brief;
    }

    private static ObjectNode asking(ObjectNode brief, String rest) {
        ObjectNode body = (ObjectNode) JSON.readTree(rest);
        body.set("brief", brief);
        return body;
    }

    @Test
    void aStationTellsEverythingAboutItself(Api api) {
        JsonNode plan = api.plan(brief(api, "{}")).json();
        Each.of(plan.path("stations")).allSatisfy(s -> {
            double toward =
                    Math.hypot(s.path("towardX").asDouble(), s.path("towardY").asDouble());
            assertThat(toward).isBetween(0.98, 1.02);
            assertThat(s.path("at").asDouble()).isBetween(0.0, 1.0);
            JsonNode kind = plan.path("kinds").path(s.path("kind").asInt());
            assertThat(kind.path("bearingWords").asString()).startsWith("from ");
            JsonNode hold = kind.path("hold");
            double product = 1;
            for (JsonNode f : hold.path("factors")) {
                product *= f.path("factor").asDouble();
            }
            // Factors are told to a hundredth.
            assertThat(hold.path("score").asDouble()).isBetween(product - 0.06, product + 0.06);
        });
        List<String> worked = new ArrayList<>();
        plan.path("work").forEach(w -> w.path("stations").forEach(s -> worked.add(s.asString())));
        assertThat(worked).doesNotHaveDuplicates().hasSize(plan.path("stations").size());
        JsonNode quote = plan.path("quote");
        assertThat(quote.path("totalMinor").asLong())
                .isEqualTo(quote.path("materialsMinor").asLong()
                        + quote.path("marginMinor").asLong()
                        + quote.path("chairMinor").asLong());
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"zones\":[{\"zone\":\"BACK\",\"closer\":9}]}', hooking.zones[0].closer, between 0.4 and 2.5",
        "'{\"zones\":[{\"zone\":\"BACK\",\"closer\":1,\"shareParts\":12}]}', hooking.zones[0].shareParts, between 1 and 8",
        "'{\"zones\":[{\"closer\":1}]}', hooking.zones[0].zone, is missing",
        "'{\"zones\":[{\"zone\":\"NAPE\",\"closer\":1},{\"zone\":\"BACK\",\"closer\":2.5,\"shareParts\":8}]}', hooking.zones[1], would sit on its neighbour",
        "'{\"parts\":[{\"part\":0,\"closer\":0}]}', hooking.parts[0].closer, between 0.4 and 2.5",
        "'{\"edits\":[{\"row\":\"F3\",\"at\":2,\"kind\":\"REMOVE\"}]}', hooking.edits[0].at, between 0 and 1",
        "'{\"edits\":[{\"row\":\"?\",\"at\":0.5,\"kind\":\"REMOVE\"}]}', hooking.edits[0].row, is not said",
        "'{\"edits\":[{\"row\":\"F3\",\"at\":0.5,\"kind\":\"SHARE\",\"shareParts\":99}]}', hooking.edits[0].shareParts, between 1 and 8",
        "'{\"edits\":[{\"row\":\"F3\",\"at\":0.5,\"kind\":\"LEG\",\"legPercent\":25}]}', hooking.edits[0].legPercent, between 33 and 50",
        "'{\"edits\":[{\"row\":\"F3\",\"at\":0.5,\"kind\":\"KNOT\"}]}', hooking.edits[0].knot, is missing",
        "'{\"method\":{\"reservePercent\":99}}', hooking.method.reservePercent, between 0 and 30",
        "'{\"method\":{\"passes\":[{\"texture\":\"DEEP_WAVE\",\"passes\":7}]}}', hooking.method.passes[0].passes, between 1 and 6",
        "'{\"method\":{\"passes\":[{\"passes\":2}]}}', hooking.method.passes[0].texture, is missing",
        "'{\"method\":{\"partShareParts\":9}}', hooking.method.partShareParts, between 1 and 8",
        "'{\"method\":{\"hairlineShareParts\":0}}', hooking.method.hairlineShareParts, between 1 and 8",
        "'{\"tuftGrams\":0.1}', hooking.tuftGrams, between 0.3 and 30",
        "'{\"knotlessRows\":[\"F1\",\"row seven\"]}', hooking.knotlessRows[1], No row is called so",
        "'{\"mix\":{\"how\":\"RATIO\",\"others\":[{\"hairLineId\":\"x\",\"percent\":20}]}}', hooking.mix.others[0].hairLineId, is not chosen"
    })
    void whatCannotBeHookedIsSaidAtItsField(String hooking, String field, String says, Api api) {
        Answer answer = api.plan(brief(api, hooking));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).contains(says);
    }

    @Test
    void aMixThatDoesNotAddUpIsSaid(Api api) {
        String line = api.anyBrief().path("hairLineId").asString();
        String strand = strand(line, 60);
        Answer answer =
                api.plan(brief(api, "{\"mix\":{\"how\":\"RATIO\",\"others\":[" + strand + "," + strand + "]}}"));
        assertThat(answer.messageAt("hooking.mix.others")).contains("120 %").contains("20 %");
        JsonNode half = api.plan(brief(api, "{\"mix\":{\"how\":\"RATIO\",\"others\":[" + strand(line, 30) + "]}}"))
                .json();
        assertThat(half.path("hairs")).hasSize(2);
        assertThat(half.path("hairs").path(1).path("placedLoops").asInt()).isPositive();
    }

    private static String strand(String line, int percent) {
        return "{\"hairLineId\":\"" + line + "\",\"percent\":" + percent + "}";
    }

    @Test
    void loopsAreNotCutAcrossAndLooseLengthsMayBe(Api api) {
        for (JsonNode line : api.get("/api/hair-lines").json()) {
            ObjectNode brief = brief(api, "{\"cutZones\":[\"FRONT\",\"MIDDLE\",\"BACK\",\"NAPE\"]}");
            brief.put("hairLineId", line.path("id").asString());
            Answer answer = api.plan(brief);
            if (line.path("isLooped").asBoolean()) {
                assertThat(answer.messageAt("hooking.cutZones")).contains("cannot be cut across");
            } else {
                assertThat(answer.status()).isEqualTo(200);
            }
            ObjectNode tufts = brief(api, "{\"tuftGrams\":4.5,\"cutZones\":[\"FRONT\"]}");
            tufts.put("hairLineId", line.path("id").asString());
            Answer pulled = api.plan(tufts);
            if (line.path("isLooped").asBoolean()) {
                assertThat(pulled.messageAt("hooking.tuftGrams")).contains("comes in loops");
            } else {
                JsonNode hairs = pulled.json().path("hairs");
                assertThat(hairs).hasSize(2);
                assertThat(hairs.at("/0/gramsPerLoop").asDouble()).isEqualTo(4.5);
                assertThat(hairs.at("/1/isCutOfMain").asBoolean()).isTrue();
                assertThat(hairs.at("/1/placedLoops").asInt()).isPositive();
            }
        }
    }

    @Test
    void itSaysAfterHowManyLoopsAHeadMayBeLeftAsItIs(Api api) {
        ObjectNode full = api.anyBrief();
        full.put("fullness", 1.5);
        JsonNode s = api.post("/api/stopping", full).json();
        JsonNode points = s.path("points");
        assertThat(points.size()).isGreaterThan(3);
        JsonNode last = points.path(points.size() - 1);
        assertThat(last.path("loops").asInt())
                .isEqualTo(api.plan(full).json().at("/ledger/placedLoops").asInt());
        int stop = s.path("mayStop").asInt(-1);
        assertThat(points.path(stop).path("covers").asBoolean()).isTrue();
        assertThat(points.path(stop).path("loops").asInt()
                        + s.path("savedLoops").asInt())
                .isEqualTo(last.path("loops").asInt());
    }

    @Test
    void aRemedyKeepsTheMix(Api api) {
        String line = api.anyBrief().path("hairLineId").asString();
        ObjectNode brief = brief(
                api,
                "{\"mix\":{\"how\":\"RATIO\",\"seed\":5,\"others\":[{\"hairLineId\":\"" + line + "\",\"percent\":20}]},"
                        + "\"edits\":[{\"row\":\"F99\",\"at\":0.5,\"kind\":\"REMOVE\"}]}");
        JsonNode lost = JSON.missingNode();
        for (JsonNode f : api.plan(brief).json().path("findings")) {
            lost = f.path("code").asString().equals("EDIT_LOST") ? f : lost;
        }
        assertThat(lost.at("/remedies/0/change/hooking/mix").isMissingNode()).isTrue();
        JsonNode after = Api.changed(brief, lost.at("/remedies/0/change")).path("hooking");
        assertThat(after.path("edits")).isEmpty();
        assertThat(after.at("/mix/others/0/hairLineId").asString()).isEqualTo(line);
        assertThat(after.at("/mix/seed").asInt()).isEqualTo(5);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"DOWN", "SWEPT_LEFT", "SWEPT_RIGHT", "HALF_UP", "HIGH_PONYTAIL", "LOW_PONYTAIL", "BUN", "WIND"})
    void everyWayOfWearingIsShown(String way, Api api) {
        ObjectNode body = asking(brief(api, "{}"), "{\"worn\":{\"way\":\"" + way + "\"}}");
        JsonNode worn = api.post("/api/wear", body).json();
        assertThat(worn.path("exposedPercent").asDouble()).isBetween(0.0, 60.0);
        JsonNode grid = worn.path("grid");
        assertThat(grid.path("percent"))
                .hasSize(grid.path("columns").asInt() * grid.path("lines").asInt());
        assertThat(api.post("/api/look", body).json().path("hair")).isNotEmpty().allSatisfy(h -> {
            assertThat(h.path("line")).hasSize(3 * h.path("band").size());
            assertThat(h.path("over")).hasSameSizeAs(h.path("band"));
            assertThat(h.path("onHead").asInt()).isBetween(1, h.path("band").size());
            assertThat(h.path("coversMm").asDouble()).isPositive();
        });
        assertThat(worn.path("zones")).hasSize(4);
        assertThat(worn.path("loftByDay")).hasSize(15);
    }

    @Test
    void planAndLookInOneAnswerAreThoseAskedForOneByOne(Api api) {
        ObjectNode brief = api.anyBrief();
        ObjectNode asked = asking(brief, "{\"worn\":{\"way\":\"HALF_UP\",\"day\":3}}");
        JsonNode both = api.post("/api/plan", asked).json();
        JsonNode alone = api.plan(brief).json();
        both.path("drawn")
                .properties()
                .forEach(p -> assertThat(alone.path(p.getKey())).isEqualTo(p.getValue()));
        both.path("read")
                .properties()
                .forEach(p -> assertThat(alone.path(p.getKey())).isEqualTo(p.getValue()));
        assertThat(both.path("worn")).isEqualTo(api.post("/api/wear", asked).json());
        assertThat(api.post("/api/look", asked).json().path("hair"))
                .hasSameSizeAs(both.path("drawn").path("stations"));
    }

    @Test
    void ofWhatIsStillInTheHandOnlyWhatIsDrawnIsAnsweredRoughlyAndNotFromItsSides(Api api) {
        ObjectNode brief = api.anyBrief();
        String down = "{\"worn\":{\"way\":\"DOWN\",\"isRough\":%s},\"withRead\":%s,\"withSides\":%2$s}";
        JsonNode fine = api.post("/api/plan", asking(brief, down.formatted(false, true)))
                .json();
        JsonNode rough = api.post("/api/plan", asking(brief, down.formatted(true, false)))
                .json();
        assertThat(rough.path("read").isNull()).isTrue();
        assertThat(fine.path("read").path("ledger").isObject()).isTrue();
        assertThat(rough.path("drawn").path("views")).isEmpty();
        assertThat(fine.path("drawn").path("views")).isNotEmpty();
        for (String same : List.of("map", "rows", "stations", "kinds", "parts", "tails")) {
            assertThat(rough.path("drawn").path(same))
                    .isEqualTo(fine.path("drawn").path(same));
        }
        assertThat(rough.path("worn").path("grid").path("percent").size())
                .isLessThan(fine.path("worn").path("grid").path("percent").size() / 2);
        assertThat(rough.path("worn").path("exposedPercent").asDouble())
                .isCloseTo(fine.path("worn").path("exposedPercent").asDouble(), within(1.5));
        assertThat(rough.path("worn").path("hair")).isEmpty();
    }

    @Test
    void wearingWithAPartThatIsNotThereIsRefused(Api api) {
        Answer answer = api.post("/api/wear", asking(brief(api, "{}"), "{\"worn\":{\"way\":\"DOWN\",\"part\":7}}"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("worn.part")).contains("no such part");
        assertThat(api.post("/api/wear", asking(brief(api, "{}"), "{\"worn\":{\"way\":\"DOWN\",\"day\":99}}"))
                        .messageAt("worn.day"))
                .contains("between 0 and 14");
    }

    @Test
    void theReserveIsPlacedAfterATrialOfEveryPart(Api api) {
        ObjectNode thin = brief(api, "{}");
        thin.put("fullness", 0.5);
        JsonNode fills = api.post("/api/fills", thin).json();
        assertThat(fills.path("trials"))
                .isNotEmpty()
                .allSatisfy(t -> assertThat(t.path("exposedAfterPercent").asDouble())
                        .isLessThanOrEqualTo(t.path("exposedBeforePercent").asDouble()));
        assertThat(fills.path("fills")).isNotEmpty();
        assertThat(fills.path("usedLoops").asInt())
                .isLessThanOrEqualTo(fills.path("reserveLoops").asInt());
        assertThat(fills.at("/change/hooking/edits")).hasSameSizeAs(fills.path("fills"));
        int before = api.plan(thin).json().path("stations").size();
        JsonNode filled = api.plan(Api.changed(thin, fills.path("change"))).json();
        assertThat(filled.path("stations").size())
                .isEqualTo(before + fills.path("fills").size());
    }

    @Test
    void balancingTellsHowFarItIsAndWhatItCameTo(Api api) {
        ObjectNode brief = brief(api, "{}");
        Answer answer = api.post("/api/balance", asking(brief, "{\"kind\":\"FEWEST\",\"exposedPercent\":8}"));
        assertThat(answer.status()).isEqualTo(200);
        String[] lines = answer.text().split("\n");
        assertThat(lines.length).isGreaterThan(10);
        double last = 0;
        for (int i = 0; i < lines.length - 1; i++) {
            JsonNode line = JSON.readTree(lines[i]);
            assertThat(line.path("done").asDouble()).isGreaterThanOrEqualTo(last);
            assertThat(line.path("result").isNull()).isTrue();
            last = line.path("done").asDouble();
        }
        JsonNode result = JSON.readTree(lines[lines.length - 1]).path("result");
        JsonNode plan = api.plan(Api.changed(brief, result.path("change"))).json();
        assertThat(plan.at("/ledger/neededLoops").asInt())
                .isEqualTo(result.path("loopsAfter").asInt());
        assertThat(result.path("zones")).hasSize(4);
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"kind\":\"PACKS\",\"packs\":0}', packs, With no packs in hand",
        "'{\"kind\":\"PACKS\",\"packs\":-3}', packs, between 1 and 60",
        "'{\"kind\":\"PACKS\",\"packs\":2,\"packLoops\":13}', packLoops, comes in packs of",
        "'{\"kind\":\"FEWEST\",\"exposedPercent\":99}', exposedPercent, between 0.5 and 60",
        "'{\"kind\":\"ZONE\"}', zone, is missing"
    })
    void whatCannotBeBalancedIsSaidAtItsField(String rest, String field, String says, Api api) {
        Answer answer = api.post("/api/balance", asking(brief(api, "{}"), rest));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).contains(says);
    }

    @Test
    void aMethodIsKeptAppliedAndThrownAway(Api api) {
        JsonNode kept = api.post(
                        "/api/methods",
                        JSON.readTree(
                                "{\"name\":\"Harbour way\",\"method\":{\"back\":\"BIG_SHARES\",\"reservePercent\":5}}"))
                .json();
        assertThat(api.get("/api/methods").json())
                .anySatisfy(m -> assertThat(m.path("name").asString()).isEqualTo("Harbour way"));
        int usual = api.plan(brief(api, "{}")).json().path("stations").size();
        int wide = api.plan(brief(api, "{\"method\":" + kept.path("method") + "}"))
                .json()
                .path("stations")
                .size();
        assertThat(wide).isLessThan(usual);
        assertThat(api.post("/api/methods", JSON.readTree("{\"name\":\" \"}")).messageAt("name"))
                .contains("is missing");
        for (JsonNode q : api.get("/api/words").json().path("questions")) {
            assertThat(q.path("sides").size()).isGreaterThanOrEqualTo(2);
            Each.of(q.path("sides"))
                    .allSatisfy(s -> assertThat(s.path("reason")).isNotEmpty());
        }
        assertThat(api.delete("/api/methods/" + kept.path("id").asString()).status())
                .isEqualTo(204);
        assertThat(api.delete("/api/methods/" + kept.path("id").asString()).status())
                .isEqualTo(404);
    }
}
