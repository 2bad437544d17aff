package gyrotaxis.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever cannot be planned has a way out, and every way that is offered leads to a plan. */
@ExtendWith(RunningServer.class)
class WaysOutTest {
    private static ObjectNode foundation(ObjectNode brief) {
        return (ObjectNode) brief.get("foundation");
    }

    private static void part(ObjectNode brief, double startMm) {
        foundation(brief)
                .withArray("parts")
                .addObject()
                .put("startMm", startMm)
                .put("slantDeg", 0.0)
                .put("bowMm", 0.0);
    }

    private static void family(ObjectNode brief, String family) {
        ((ObjectNode) foundation(brief).get("back")).put("family", family);
    }

    static Stream<Arguments> stuck() {
        return Stream.of(
                Arguments.of("a spiral with a part", (Consumer<ObjectNode>) b -> {
                    family(b, "SPIRAL");
                    part(b, 0);
                }),
                Arguments.of("a left part beside a left part", (Consumer<ObjectNode>) b -> {
                    part(b, -34);
                    part(b, -36);
                }),
                Arguments.of("a mix by zone without a zone", (Consumer<ObjectNode>) b -> {
                    ObjectNode mix = ((ObjectNode) b.get("hooking")).putObject("mix");
                    mix.put("how", "ZONES").put("seed", 1).put("mayClump", false);
                    mix.putArray("others")
                            .addObject()
                            .put("hairLineId", b.get("hairLineId").asString())
                            .put("colour", "ink")
                            .put("percent", 20)
                            .putNull("zone");
                }),
                Arguments.of("a measure that contradicts the others", (Consumer<ObjectNode>)
                        b -> ((ObjectNode) b.get("head")).put("alongFrontMm", 430)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("stuck")
    void everyWayThatIsOfferedLeadsToAPlan(String what, Consumer<ObjectNode> edit, Api api) {
        ObjectNode brief = api.anyBrief();
        edit.accept(brief);
        assertThat(api.plan(brief).status()).as(what).isEqualTo(422);
        JsonNode ways = api.post("/api/ways-out", brief).json();
        List<String> words = new ArrayList<>();
        for (JsonNode way : ways) {
            words.add(way.get("words").toString());
            ObjectNode changed = Api.changed(brief, way.get("change"));
            Answer planned = api.plan(changed);
            assertThat(planned.status()).as(planned.text()).isEqualTo(200);
        }
        assertThat(words).as(what).isNotEmpty().hasSizeLessThanOrEqualTo(3).doesNotHaveDuplicates();
    }

    @Test
    void aBriefThatComesToAPlanNeedsNone(Api api) {
        assertThat(api.post("/api/ways-out", api.anyBrief()).json()).isEmpty();
    }
}
