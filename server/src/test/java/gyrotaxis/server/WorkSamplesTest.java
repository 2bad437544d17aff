package gyrotaxis.server;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.chair.Counted;
import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.WorkEvent;
import gyrotaxis.core.chair.WorkState;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.Side;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.server.language.HappeningBody;
import gyrotaxis.server.language.WorkSheetForm;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The page folds events by itself, to go on without a server. What the core makes of events by chance is kept in a file, which the page's
 * own test holds its fold against; here it is held against the core of today.
 */
@ExtendWith(RunningServer.class)
class WorkSamplesTest {
    private static final Path KEPT = Path.of("..", "web", "src", "testing", "work.json");
    private static final int RUNS = 16;
    private static final Instant NINE = Instant.parse("2026-11-27T09:00:00Z");

    @Test
    void theKeptStatesAreWhatTheCoreMakesOfTheKeptEvents(@TempDir Path folder) throws IOException {
        if (Boolean.getBoolean("api.write")) {
            try (RunningServer.Started studio = RunningServer.start(folder, "--gyrotaxis.demo=true")) {
                Files.writeString(KEPT, made(new Api(RunningServer.address(studio.context()))) + "\n");
            }
        }
        JsonNode kept = Api.JSON.readTree(Files.readString(KEPT));
        WorkSheet sheet =
                Api.JSON.treeToValue(kept.get("sheet"), WorkSheetForm.class).sheet();
        assertThat(kept.get("runs").size()).isEqualTo(RUNS);
        for (JsonNode run : kept.get("runs")) {
            JsonNode now = Api.JSON.readTree(state(sheet, run.get("events")).toString());
            assertThat(now).as("%s; ./gyrotaxis api makes it anew", KEPT).isEqualTo(run.get("state"));
        }
    }

    private static ObjectNode made(Api api) {
        JsonNode plan = null;
        for (JsonNode p : api.get("/api/plans").json()) {
            plan = p.path("name").asString().equals("Regatta deep wave") ? p : plan;
        }
        ObjectNode brief = (ObjectNode) plan.get("brief").deepCopy();
        ((ObjectNode) brief.get("foundation")).put("frontRows", 6).put("backRows", 3);
        brief.put("fullness", 0.6);
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
        WorkSheet worked = Api.JSON.treeToValue(sheet, WorkSheetForm.class).sheet();
        for (int seed = 0; seed < RUNS; seed++) {
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
        HappeningBody.Kind[] kinds = HappeningBody.Kind.values();
        boolean hooks = r.nextInt(3) == 0;
        HappeningBody.Kind kind = hooks ? HappeningBody.Kind.SHARES_HOOKED : kinds[r.nextInt(kinds.length)];
        // Seldom the end, or little is left to compare.
        kind = kind == HappeningBody.Kind.FINISHED && r.nextInt(3) > 0 ? HappeningBody.Kind.NOTED : kind;
        ObjectNode w = Api.JSON.createObjectNode().put("kind", kind.name()).put("text", "the crown");
        int share = 1 + r.nextInt(sheet.shares().size() + (r.nextInt(6) == 0 ? 4 : 0));
        switch (kind) {
            case STAGE_BEGUN, STAGE_PAUSED, STAGE_RESUMED, STAGE_ENDED ->
                w.put("stage", Stage.values()[r.nextInt(Stage.values().length)].name());
            case STEP_DONE, CAUTION_SIGNED ->
                w.put("step", 1 + r.nextInt(sheet.steps().size() + 1));
            case SHARES_HOOKED, SHARE_TAKEN_OUT, SHARE_SLIPPED ->
                w.putArray("shares").add(share);
            case FROM_HERE_ON -> {
                w.putArray("shares").add(share);
                w.put("knot", r.nextBoolean() ? "INVISIBLE" : "DOUBLE_ENTRY").put("passes", 1 + r.nextInt(4));
                w.put("shareParts", 1 + r.nextInt(8));
            }
            case BUNDLE_OPENED -> w.put("supply", 0).put("loops", (double) (10 + r.nextInt(20)));
            case REST_COUNTED -> w.put("supply", 0).put("loops", r.nextInt(20) / 2.0);
            case ROW_KEPT, ROW_RELEASED, TAIL_FOUND, ROW_UNDONE ->
                w.put(
                        "row",
                        sheet.rows().get(r.nextInt(sheet.rows().size())).id().toString());
            case TRIED -> w.put("way", "DOWN");
            case FILL_PLACED ->
                w.put("row", sheet.rows().get(0).id().toString())
                        .put("at", r.nextDouble())
                        .put(
                                "otherRow",
                                r.nextInt(4) == 0
                                        ? new RowId(Section.SPIRAL, RowId.MOST).toString()
                                        : sheet.rows().get(1).id().toString())
                        .put("otherAt", r.nextDouble())
                        .put("shareParts", 2)
                        .put("supply", 0);
            case ADJUSTED -> {
                w.put("adjustment", "SMALLER_SHARES").put("shareParts", 4).put("packs", r.nextInt(2));
                w.putArray("shares").add(share);
                w.putArray("otherShares").add(1 + r.nextInt(sheet.shares().size()));
            }
            case REPLACED -> w.put("supply", 0);
            case LOOPS_KEPT -> w.put("supply", 0).put("loops", 12.5).put("grade", "GOOD");
            case SKIN_SEEN -> w.putArray("skin").add("TENDER");
            case JUDGED -> w.putArray("verdicts").add("LESS_HAIR");
            case UNDONE -> {
                JsonNode e = before.get(r.nextInt(before.size()));
                w.putObject("undoes")
                        .put("device", e.path("device").asString())
                        .put("count", e.path("count").asLong());
            }
            default -> {
                // Needs no more than its kind and words.
            }
        }
        return w;
    }

    private static ObjectNode state(WorkSheet sheet, JsonNode events) {
        List<WorkEvent> all = new ArrayList<>();
        for (JsonNode e : events) {
            all.add(new WorkEvent(
                    new EventId(e.path("device").asString(), e.path("count").asLong()),
                    e.path("clock").asLong(),
                    Instant.parse(e.path("at").asString()),
                    Api.JSON.treeToValue(e.path("what"), HappeningBody.class).happening()));
        }
        WorkState s = WorkState.of(sheet, all);
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
        Counted c = s.counted(0);
        o.put("bundles", c.bundles())
                .put("openedLoops", c.openedLoops())
                .put("usedLoops", c.usedLoops().orElse(-1));
        return o;
    }
}
