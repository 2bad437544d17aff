package gyrotaxis.server.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.knot.Knot;
import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a plan says in one place agrees with what it says in another, for every plan of the demo studio. */
@ExtendWith(RunningServer.class)
class PlanAnswerTest {
    private static List<JsonNode> everyPlan(Api api) {
        List<JsonNode> plans = new ArrayList<>();
        for (JsonNode saved : api.get("/api/plans").json()) {
            plans.add(api.plan(saved.get("brief")).json());
        }
        assertThat(plans).hasSizeGreaterThan(5);
        return plans;
    }

    private static double sum(JsonNode list, ToDoubleFunction<JsonNode> of) {
        double sum = 0;
        for (JsonNode n : list) {
            sum += of.applyAsDouble(n);
        }
        return sum;
    }

    private static Set<String> names(JsonNode list, Function<JsonNode, String> of) {
        Set<String> names = new HashSet<>();
        list.forEach(n -> names.add(of.apply(n)));
        return names;
    }

    @Test
    void whatIsNamedIsThere(Api api) {
        for (JsonNode plan : everyPlan(api)) {
            Set<String> rows = names(plan.path("rows"), r -> r.path("id").asString());
            assertThat(rows).hasSize(plan.path("rows").size());
            assertThat(rows)
                    .containsAll(names(plan.path("stations"), s -> s.path("row").asString()));
            assertThat(rows)
                    .containsAll(names(plan.path("work"), w -> w.path("row").asString()));
            for (JsonNode tail : plan.path("tails")) {
                assertThat(rows).contains(tail.path("row").asString());
                if (!tail.path("into").isNull()) {
                    assertThat(rows).contains(tail.path("into").asString());
                }
            }
            Each.of(plan.path("stations"))
                    .allSatisfy(s -> assertThat(
                                    plan.path("kinds").has(s.path("kind").asInt()))
                            .isTrue());
            Each.of(plan.path("findings")).allSatisfy(f -> {
                if (f.at("/place/kind").asString().equals("ROW")) {
                    assertThat(rows).contains(f.at("/place/id").asString());
                }
            });
        }
    }

    @Test
    void theLedgerIsTheSumOfWhatItStandsFor(Api api) {
        for (JsonNode plan : everyPlan(api)) {
            JsonNode ledger = plan.path("ledger");
            JsonNode hairs = plan.path("hairs");
            for (String figure : List.of("placedLoops", "reserveLoops", "shelfLoops", "leftOverLoops", "costMinor")) {
                assertThat(sum(hairs, h -> h.path(figure).asDouble()))
                        .as(figure)
                        .isEqualTo(ledger.path(figure).asDouble());
            }
            int stations = plan.path("stations").size();
            assertThat(ledger.path("stations").asInt()).isEqualTo(stations);
            assertThat(sum(ledger.path("zones"), z -> z.path("stations").asInt()))
                    .isEqualTo(stations);
            assertThat(sum(plan.path("rows"), r -> r.path("stations").asInt())).isEqualTo(stations);
            double inChair = sum(
                    ledger.path("stages"),
                    s -> s.path("isInChair").asBoolean()
                            ? s.path("minutes").path("likely").asDouble()
                            : 0);
            assertThat(ledger.path("chairMinutes").path("likely").asDouble()).isCloseTo(inChair, within(0.3));
            assertThat(ledger.path("weightGrams").asDouble())
                    .isCloseTo(
                            sum(plan.path("stations"), s -> {
                                JsonNode kind =
                                        plan.path("kinds").path(s.path("kind").asInt());
                                JsonNode hair = hairs.path(kind.path("strand").asInt());
                                return hair.path("gramsPerLoop").asDouble()
                                        / kind.path("shareParts").asInt();
                            }),
                            within(1.0));
        }
    }

    @Test
    void everyLoopIsBoughtTakenFromTheShelfOrLeftOver(Api api) {
        for (JsonNode plan : everyPlan(api)) {
            for (JsonNode h : plan.path("hairs")) {
                double bought = sum(
                        h.path("bought"),
                        b -> b.path("count").asInt() * b.path("loopsPerPack").asInt());
                assertThat(h.path("shelfLoops").asInt() + bought)
                        .isEqualTo(h.path("placedLoops").asInt()
                                + h.path("reserveLoops").asInt()
                                + h.path("leftOverLoops").asInt());
                double paid = sum(
                        h.path("bought"),
                        b -> b.path("count").asInt() * b.path("priceMinor").asDouble());
                assertThat(h.path("costMinor").asDouble()).isEqualTo(paid);
                Each.of(h.path("shares"))
                        .allSatisfy(s -> assertThat(s.path("loops").asInt()
                                        * s.path("parts").asInt())
                                .isEqualTo(s.path("shares").asInt()
                                        + s.path("leftOver").asInt()));
            }
        }
    }

    @Test
    void stationsLieOnTheMapWithinItsOutlineAndApartAsTheySay(Api api) {
        for (JsonNode plan : everyPlan(api)) {
            double reach = 0;
            JsonNode outline = plan.path("map").path("outline");
            for (int i = 0; i < outline.size(); i += 2) {
                reach = Math.max(
                        reach,
                        Math.hypot(
                                outline.path(i).asDouble(), outline.path(i + 1).asDouble()));
            }
            double widest = reach;
            Each.of(plan.path("stations"))
                    .allSatisfy(s -> assertThat(Math.hypot(
                                    s.path("x").asDouble(), s.path("y").asDouble()))
                            .isLessThanOrEqualTo(widest));
            String row = "";
            double along = 0;
            for (JsonNode s : plan.path("stations")) {
                boolean isSame = s.path("row").asString().equals(row);
                if (isSame && !s.path("gapMm").isNull()) {
                    assertThat(s.path("gapMm").asDouble())
                            .isCloseTo(s.path("alongMm").asDouble() - along, within(0.2));
                }
                row = s.path("row").asString();
                along = s.path("alongMm").asDouble();
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Knot.class)
    void aKnotChosenByHandIsTheOneThatIsTied(Knot knot, Api api) {
        ObjectNode brief = api.anyBrief();
        brief.putNull("hooking");
        JsonNode first = api.plan(brief).json().path("stations").path(9);
        ObjectNode edit = Api.JSON
                .createObjectNode()
                .put("row", first.path("row").asString())
                .put("at", first.path("at").asDouble())
                .put("kind", "KNOT")
                .put("knot", knot.name());
        brief.putObject("hooking").putArray("edits").add(edit);
        JsonNode plan = api.plan(brief).json();
        List<String> byHand = new ArrayList<>();
        for (JsonNode s : plan.path("stations")) {
            if (s.path("byHand").asBoolean()) {
                byHand.add(plan.path("kinds")
                        .path(s.path("kind").asInt())
                        .path("knot")
                        .asString());
            }
        }
        assertThat(byHand).containsExactly(knot.name());
    }
}
