package gyrotaxis.server.visits;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.chair.Adjustment;
import gyrotaxis.core.chair.Counted;
import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.Verdict;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.chair.VisitState;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.Side;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.documents.VisitEventModule;
import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The page folds events by itself, to go on without a server. What the core makes of events by chance is kept in a file, which the page's
 * own test holds its fold against; here it is held against the core of today.
 */
@ExtendWith(RunningServer.class)
class WorkSamplesTest {
    private static final JsonMapper EVENTS =
            JsonMapper.builder().addModule(new VisitEventModule()).build();

    private static final Path KEPT = Path.of("..", "web", "src", "testing", "work.json");
    private static final int RUNS = 16;
    private static final int RUNS_OF_OTHERS = 5;
    private static final Instant NINE = Instant.parse("2026-11-27T09:00:00Z");

    @Test
    void theKeptStatesAreWhatTheCoreMakesOfTheKeptEvents(@TempDir Path folder) throws IOException {
        if (Boolean.getBoolean("api.write")) {
            try (RunningServer.Started studio = RunningServer.start(folder, "--gyrotaxis.demo=true")) {
                Files.writeString(KEPT, made(new Api(RunningServer.address(studio.context()))) + "\n");
            }
        }
        JsonNode kept = Api.JSON.readTree(Files.readString(KEPT));
        holds(kept, RUNS);
        assertThat(kept.get("others").size()).isEqualTo(3);
        kept.get("others").forEach(other -> holds(other, RUNS_OF_OTHERS));
    }

    private static void holds(JsonNode sample, int runs) {
        WorkSheet sheet =
                Api.JSON.treeToValue(sample.get("sheet"), StoredWorksheet.class).sheet();
        assertThat(sample.get("runs").size()).isEqualTo(runs);
        for (JsonNode run : sample.get("runs")) {
            JsonNode now = Api.JSON.readTree(state(sheet, run.get("events")).toString());
            assertThat(now).as("%s; ./gyrotaxis api makes it anew", KEPT).isEqualTo(run.get("state"));
        }
    }

    /** The samples have every kind of event, every knot before and after a change, hair that is blended, cut and replaced. */
    @Test
    void theSamplesHaveEverythingThatCanHappen() throws IOException {
        JsonNode kept = Api.JSON.readTree(Files.readString(KEPT));
        List<JsonNode> samples = new ArrayList<>(List.of(kept));
        kept.get("others").forEach(samples::add);
        Set<String> kinds = new TreeSet<>();
        Set<String> changedTo = new TreeSet<>();
        Set<String> sheetKnots = new TreeSet<>();
        boolean hasBlend = false;
        boolean hasCut = false;
        boolean isReplaced = false;
        for (JsonNode sample : samples) {
            for (JsonNode share : sample.at("/sheet/shares")) {
                sheetKnots.add(share.path("knot").asString());
                hasBlend |= share.path("blend").isNumber();
            }
            for (JsonNode supply : sample.at("/sheet/supplies")) {
                hasCut |= supply.path("cutFrom").isNumber();
            }
            for (JsonNode run : sample.get("runs")) {
                for (JsonNode e : run.get("events")) {
                    kinds.add(e.at("/what/kind").asString());
                    if (e.at("/what/knot").isString()) {
                        changedTo.add(e.at("/what/knot").asString());
                    }
                    isReplaced |= e.at("/what/kind").asString().equals("REPLACED")
                            && e.at("/what/supply").asInt() > 0;
                }
            }
        }
        assertThat(kinds).containsExactlyInAnyOrderElementsOf(VisitEventModule.kinds());
        assertThat(changedTo)
                .containsExactlyInAnyOrderElementsOf(
                        Stream.of(Knot.values()).map(Enum::name).toList());
        assertThat(sheetKnots).contains("BEAD", "REGULAR", "INVISIBLE");
        assertThat(hasBlend).as("blended").isTrue();
        assertThat(hasCut).as("cut").isTrue();
        assertThat(isReplaced).as("replaced").isTrue();
    }

    private static ObjectNode made(Api api) {
        JsonNode regatta = api.demoPlan("Regatta deep wave");
        String deep = regatta.at("/brief/hairLineId").asString();
        ObjectNode all = sample(api, regatta, b -> {}, RUNS);
        ArrayNode others = all.putArray("others");
        // Beads that lock.
        others.add(sample(api, api.demoPlan("Light twist"), b -> {}, RUNS_OF_OTHERS));
        // Every share blended of two hairs.
        others.add(sample(
                api,
                api.demoPlan("Cox coils"),
                b -> {
                    ObjectNode mix = ((ObjectNode) b.get("hooking")).putObject("mix");
                    mix.put("how", "BLENDED").put("seed", 1).put("mayClump", false);
                    mix.putArray("others")
                            .addObject()
                            .put("hairLineId", deep)
                            .put("colour", "ink")
                            .put("percent", 50)
                            .putNull("zone");
                },
                RUNS_OF_OTHERS));
        // Loose fibre, cut to length for the front.
        others.add(sample(
                api,
                api.demoPlan("Big and quick"),
                b -> ((ObjectNode) b.get("hooking")).putArray("cutZones").add("FRONT"),
                RUNS_OF_OTHERS));
        return all;
    }

    private static ObjectNode sample(Api api, JsonNode plan, Consumer<ObjectNode> edit, int many) {
        ObjectNode brief = (ObjectNode) plan.get("brief").deepCopy();
        ((ObjectNode) brief.get("foundation")).put("frontRows", 6).put("backRows", 3);
        brief.put("fullness", 0.6);
        edit.accept(brief);
        ObjectNode change = Api.JSON.createObjectNode();
        change.put("name", "Small").put("version", plan.get("version").asInt());
        change.set("brief", brief);
        api.put("/api/plans/" + plan.get("id").asString(), change);
        JsonNode sheet = api.post("/api/plans/" + plan.get("id").asString() + "/worksheets", "{}")
                .json()
                .get("sheet");
        ObjectNode all = Api.JSON.createObjectNode();
        all.set("sheet", sheet);
        ArrayNode runs = all.putArray("runs");
        WorkSheet worked = Api.JSON.treeToValue(sheet, StoredWorksheet.class).sheet();
        for (int seed = 0; seed < many; seed++) {
            ArrayNode events = byChance(new SplittableRandom(seed), worked);
            ObjectNode run = runs.addObject();
            run.set("events", events);
            run.set("state", state(worked, events));
        }
        return all;
    }

    private static ArrayNode byChance(SplittableRandom r, WorkSheet sheet) {
        ArrayNode events = Api.JSON.createArrayNode();
        long[] counts = new long[3];
        for (int i = 0; i < 90; i++) {
            int d = r.nextInt(counts.length);
            ObjectNode e = events.addObject();
            e.put("device", "device " + d).put("count", ++counts[d]).put("clock", 1 + r.nextInt(60));
            e.put("at", NINE.plusSeconds(r.nextInt(20_000)).toString());
            e.set("what", what(r, sheet, events));
        }
        return events;
    }

    private static ObjectNode what(SplittableRandom r, WorkSheet sheet, ArrayNode before) {
        List<String> kinds = VisitEventModule.kinds();
        boolean hooks = r.nextInt(3) == 0;
        String kind = hooks ? "SHARES_HOOKED" : kinds.get(r.nextInt(kinds.size()));
        // Seldom the end, or little is left to compare.
        kind = kind.equals("FINISHED") && r.nextInt(3) > 0 ? "NOTED" : kind;
        return EVENTS.valueToTree(event(kind, r, sheet, before));
    }

    private static VisitEvent event(String kind, SplittableRandom r, WorkSheet sheet, ArrayNode before) {
        ShareRef share = new ShareRef(1 + r.nextInt(sheet.shares().size() + (r.nextInt(6) == 0 ? 4 : 0)));
        int step = 1 + r.nextInt(sheet.steps().size() + 1);
        int supply = r.nextInt(sheet.supplies().size());
        Stage stage = Stage.values()[r.nextInt(Stage.values().length)];
        RowId row = sheet.rows().get(r.nextInt(sheet.rows().size())).id();
        return switch (kind) {
            case "STAGE_BEGUN" -> new VisitEvent.StageBegun(stage);
            case "STAGE_PAUSED" -> new VisitEvent.StagePaused(stage);
            case "STAGE_RESUMED" -> new VisitEvent.StageResumed(stage);
            case "STAGE_ENDED" -> new VisitEvent.StageEnded(stage);
            case "STEP_DONE" -> new VisitEvent.StepDone(step);
            case "CAUTION_SIGNED" -> new VisitEvent.CautionSigned(step, "the crown");
            case "SHARES_HOOKED" -> new VisitEvent.SharesHooked(List.of(share));
            case "SHARE_TAKEN_OUT" -> new VisitEvent.ShareTakenOut(share);
            case "SHARE_SLIPPED" -> new VisitEvent.ShareSlipped(share);
            case "FROM_HERE_ON" ->
                new VisitEvent.FromHereOn(
                        share,
                        Optional.of(Knot.values()[r.nextInt(Knot.values().length)]),
                        OptionalInt.of(1 + r.nextInt(4)),
                        Optional.of(new Share(1 + r.nextInt(8))));
            case "BUNDLE_OPENED" -> new VisitEvent.BundleOpened(supply, "", OptionalInt.of(10 + r.nextInt(20)));
            case "REST_COUNTED" -> new VisitEvent.RestCounted(supply, r.nextInt(20) / 2.0);
            case "ROW_KEPT" -> new VisitEvent.RowKept(row);
            case "ROW_RELEASED" -> new VisitEvent.RowReleased(row);
            case "TAIL_FOUND" -> new VisitEvent.TailFound(row);
            case "ROW_UNDONE" -> new VisitEvent.RowUndone(row);
            case "TRIED" -> new VisitEvent.Tried(Worn.as(Way.DOWN), "the crown");
            case "FILL_PLACED" ->
                new VisitEvent.FillPlaced(
                        sheet.rows().get(0).id(),
                        r.nextDouble(),
                        Share.HALF,
                        supply,
                        OptionalDouble.empty(),
                        Optional.of(new VisitEvent.KnotBeyond(
                                r.nextInt(4) == 0
                                        ? new RowId(Section.SPIRAL, RowId.MAX)
                                        : sheet.rows().get(1).id(),
                                r.nextDouble())));
            case "ADJUSTED" ->
                new VisitEvent.Adjusted(
                        Adjustment.SMALLER_SHARES,
                        List.of(share),
                        List.of(new ShareRef(1 + r.nextInt(sheet.shares().size()))),
                        Optional.of(Share.QUARTER),
                        OptionalInt.empty(),
                        r.nextInt(2));
            case "REPLACED" -> new VisitEvent.Replaced(supply, Optional.empty(), "the crown", "", OptionalInt.of(16));
            case "LOOPS_KEPT" -> new VisitEvent.LoopsKept(supply, 12.5, StockItem.Grade.GOOD);
            case "OWN_HAIR_CUT" -> new VisitEvent.OwnHairCut("the crown");
            case "SKIN_SEEN" -> new VisitEvent.SkinSeen(Set.of(ScalpCondition.TENDER), "");
            case "JUDGED" -> new VisitEvent.Judged(Set.of(Verdict.LESS_HAIR), "");
            case "NOTED" -> new VisitEvent.Noted("the crown");
            case "PICTURED" -> new VisitEvent.Pictured("the crown");
            case "UNDONE" -> {
                JsonNode e = before.get(r.nextInt(before.size()));
                yield new VisitEvent.Undone(
                        new EventId(e.path("device").asString(), e.path("count").asLong()));
            }
            case "FINISHED" -> new VisitEvent.Finished();
            case "REOPENED" -> new VisitEvent.Reopened();
            case "TAKEN_DOWN" -> new VisitEvent.TakenDown();
            default -> throw new IllegalStateException("no sample is made of " + kind);
        };
    }

    private static ObjectNode state(WorkSheet sheet, JsonNode events) {
        List<RecordedEvent> all = new ArrayList<>();
        for (JsonNode e : events) {
            all.add(new RecordedEvent(
                    new EventId(e.path("device").asString(), e.path("count").asLong()),
                    e.path("clock").asLong(),
                    Instant.parse(e.path("at").asString()),
                    EVENTS.treeToValue(e.path("what"), VisitEvent.class)));
        }
        VisitState s = VisitState.of(sheet, all);
        ObjectNode o = Api.JSON.createObjectNode();
        ArrayNode shares = o.putArray("shares");
        s.shares()
                .forEach((ref, w) -> shares.addObject()
                        .put("ref", ref.number())
                        .put("done", w.done().name())
                        .put("shareParts", w.as().share().parts())
                        .put("knot", w.as().tie().knot().name())
                        .put("passes", w.as().tie().passes())
                        .put("supply", w.as().supply()));
        ArrayNode steps = o.putArray("stepsDone");
        s.stepsDone().forEach(steps::add);
        ObjectNode spent = o.putObject("spentMs");
        s.stages().forEach((stage, t) -> spent.put(stage.name(), t.spent().toMillis()));
        ArrayNode running = o.putArray("running");
        s.stages().entrySet().stream()
                .filter(e -> e.getValue().runsSince().isPresent())
                .map(e -> e.getKey().name())
                .sorted()
                .forEach(running::add);
        ArrayNode kept = o.putArray("kept");
        s.kept().stream().map(Object::toString).sorted().forEach(kept::add);
        ArrayNode signed = o.putArray("signed");
        s.signed().keySet().forEach(signed::add);
        o.putArray("counts")
                .add(s.tries().size())
                .add(s.fills().size())
                .add(s.notes().size())
                .add(s.pictures().size());
        ArrayNode found = o.putArray("found");
        s.takedown().found().stream().map(Object::toString).sorted().forEach(found::add);
        ArrayNode undone = o.putArray("undone");
        s.takedown().undone().stream().map(Object::toString).sorted().forEach(undone::add);
        o.putArray("takedown")
                .add(s.takedown().kept().size())
                .add(s.takedown().cuts().size())
                .add(s.takedown().skin().isPresent() ? 1 : 0)
                .add(s.takedown().judged().isPresent() ? 1 : 0)
                .add(s.takedown().isOver() ? 1 : 0);
        ArrayNode disputed = o.putArray("disputed");
        s.disputed().forEach(ref -> disputed.add(ref.number()));
        o.put("isFinished", s.isFinished()).put("strays", s.strays().size());
        o.put("next", s.next().map(WorkSheet.Step::number).orElse(0)).put("loopsIn", s.loopsIn(0));
        o.putArray("sides").add(s.hooked(Side.LEFT)).add(s.hooked(Side.MIDDLE)).add(s.hooked(Side.RIGHT));
        ArrayNode hairs = o.putArray("hairs");
        for (int supply = 0; supply < sheet.supplies().size(); supply++) {
            Counted of = s.counted(supply);
            hairs.addArray()
                    .add(of.bundles())
                    .add(of.openedLoops())
                    .add(of.usedLoops().orElse(-1))
                    .add(s.loopsIn(supply));
        }
        Counted c = s.counted(0);
        o.put("bundles", c.bundles())
                .put("openedLoops", c.openedLoops())
                .put("usedLoops", c.usedLoops().orElse(-1));
        return o;
    }
}
