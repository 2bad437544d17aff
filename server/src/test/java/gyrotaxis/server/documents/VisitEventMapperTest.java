package gyrotaxis.server.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.core.chair.Adjustment;
import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.Verdict;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.StockItem.Grade;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class VisitEventMapperTest {
    private static final JsonMapper JSON = JsonMapper.builder()
            .addModule(new VisitEventModule())
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .build();

    private static final VisitEventMapper MAPPER = new VisitEventMapper(JSON);

    private static final RowId ROW = new RowId(Section.FRONT, 3);
    private static final RowId OTHER_ROW = new RowId(Section.FRONT, 4);
    private static final ShareRef SHARE = new ShareRef(7);
    private static final UUID LINE = UUID.fromString("8ad5da46-e50b-4f50-b8a3-bf31c0fa432b");

    private static final String FILL = "\"row\":\"F3\",\"at\":0.5,\"shareParts\":2,\"supply\":0";

    /** Every kind of event as the first format had it, and what it is; some in two ways. */
    private static final Map<String, VisitEvent> FORMAT_1 = Map.ofEntries(
            of("STAGE_BEGUN", "\"stage\":\"BRAID\"", new VisitEvent.StageBegun(Stage.BRAID)),
            of("STAGE_PAUSED", "\"stage\":\"BRAID\"", new VisitEvent.StagePaused(Stage.BRAID)),
            of("STAGE_RESUMED", "\"stage\":\"BRAID\"", new VisitEvent.StageResumed(Stage.BRAID)),
            of("STAGE_ENDED", "\"stage\":\"BRAID\"", new VisitEvent.StageEnded(Stage.BRAID)),
            of("STEP_DONE", "\"step\":4", new VisitEvent.StepDone(4)),
            of("SHARES_HOOKED", "\"shares\":[7]", new VisitEvent.SharesHooked(List.of(SHARE))),
            of("SHARE_TAKEN_OUT", "\"shares\":[7]", new VisitEvent.ShareTakenOut(SHARE)),
            of("SHARE_SLIPPED", "\"shares\":[7]", new VisitEvent.ShareSlipped(SHARE)),
            of(
                    "FROM_HERE_ON",
                    "\"shares\":[7],\"knot\":\"INVISIBLE\",\"passes\":3,\"shareParts\":4",
                    new VisitEvent.FromHereOn(
                            SHARE, Optional.of(Knot.INVISIBLE), OptionalInt.of(3), Optional.of(Share.QUARTER))),
            of(
                    "FROM_HERE_ON",
                    "\"shares\":[7]",
                    new VisitEvent.FromHereOn(SHARE, Optional.empty(), OptionalInt.empty(), Optional.empty())),
            of(
                    "BUNDLE_OPENED",
                    "\"supply\":1,\"loops\":20.0,\"text\":\"41\"",
                    new VisitEvent.BundleOpened(1, "41", OptionalInt.of(20))),
            of("BUNDLE_OPENED", "\"supply\":1", new VisitEvent.BundleOpened(1, "", OptionalInt.empty())),
            of("REST_COUNTED", "\"supply\":0,\"loops\":2.5", new VisitEvent.RestCounted(0, 2.5)),
            of("ROW_KEPT", "\"row\":\"F3\"", new VisitEvent.RowKept(ROW)),
            of("ROW_RELEASED", "\"row\":\"F3\"", new VisitEvent.RowReleased(ROW)),
            of("TRIED", "\"way\":\"BUN\",\"text\":\"a row\"", new VisitEvent.Tried(Worn.as(Way.BUN), "a row")),
            of("TRIED", "\"way\":\"DOWN\",\"part\":1", new VisitEvent.Tried(Worn.parted(1), "")),
            of("FILL_PLACED", FILL, new VisitEvent.FillPlaced(ROW, 0.5, Share.HALF, 0)),
            of(
                    "FILL_PLACED",
                    FILL + ",\"towardRad\":1.5,\"otherRow\":\"F4\",\"otherAt\":0.25",
                    new VisitEvent.FillPlaced(
                            ROW,
                            0.5,
                            Share.HALF,
                            0,
                            OptionalDouble.of(1.5),
                            Optional.of(new VisitEvent.KnotBeyond(OTHER_ROW, 0.25)))),
            of(
                    "ADJUSTED",
                    "\"adjustment\":\"OTHER_HAIR\",\"shares\":[7],\"otherShares\":[8],\"supply\":1,\"packs\":2",
                    new VisitEvent.Adjusted(
                            Adjustment.OTHER_HAIR,
                            List.of(SHARE),
                            List.of(new ShareRef(8)),
                            Optional.empty(),
                            OptionalInt.of(1),
                            2)),
            of(
                    "REPLACED",
                    "\"supply\":0,\"text\":\"Ebb\",\"lineId\":\"" + LINE + "\",\"colour\":\"ink\",\"loops\":22.0",
                    new VisitEvent.Replaced(0, Optional.of(new LineId(LINE)), "Ebb", "ink", OptionalInt.of(22))),
            of("REPLACED", "\"supply\":0", new VisitEvent.Replaced(0, Optional.empty(), "", "", OptionalInt.empty())),
            of("NOTED", "\"text\":\"flatter\"", new VisitEvent.Noted("flatter")),
            of("PICTURED", "\"text\":\"front\"", new VisitEvent.Pictured("front")),
            of("CAUTION_SIGNED", "\"step\":2,\"text\":\"O\"", new VisitEvent.CautionSigned(2, "O")),
            of("TAIL_FOUND", "\"row\":\"F3\"", new VisitEvent.TailFound(ROW)),
            of("ROW_UNDONE", "\"row\":\"F3\"", new VisitEvent.RowUndone(ROW)),
            of(
                    "LOOPS_KEPT",
                    "\"supply\":0,\"loops\":2.5,\"grade\":\"FAIR\"",
                    new VisitEvent.LoopsKept(0, 2.5, Grade.FAIR)),
            of("OWN_HAIR_CUT", "\"text\":\"nape\"", new VisitEvent.OwnHairCut("nape")),
            of("SKIN_SEEN", "\"skin\":[\"TENDER\"]", new VisitEvent.SkinSeen(Set.of(ScalpCondition.TENDER), "")),
            of("JUDGED", "\"verdicts\":[\"LESS_HAIR\"]", new VisitEvent.Judged(Set.of(Verdict.LESS_HAIR), "")),
            of("TAKEN_DOWN", "\"text\":\"\"", new VisitEvent.TakenDown()),
            of(
                    "UNDONE",
                    "\"undoes\":{\"device\":\"tablet\",\"count\":2}",
                    new VisitEvent.Undone(new EventId("tablet", 2))),
            of("FINISHED", "\"text\":\"\"", new VisitEvent.Finished()),
            of("REOPENED", "\"text\":\"\"", new VisitEvent.Reopened()));

    private static final List<Map.Entry<String, VisitEvent>> EVENTS = List.copyOf(FORMAT_1.entrySet());

    private static Map.Entry<String, VisitEvent> of(String kind, String rest, VisitEvent event) {
        return Map.entry("{\"kind\":\"" + kind + "\"," + rest + "}", event);
    }

    @Test
    void everyKindIsLookedAt() {
        assertThat(FORMAT_1.values().stream().map(e -> (Object) e.getClass()))
                .containsAll(Stream.of(VisitEvent.class.getPermittedSubclasses())
                        .map(c -> (Object) c)
                        .toList());
    }

    @ParameterizedTest
    @FieldSource("EVENTS")
    void whatIsWrittenIsReadAgain(Map.Entry<String, VisitEvent> event) {
        ObjectNode written = JSON.valueToTree(event.getValue());
        assertThat(written.path("kind").asString())
                .isEqualTo(JSON.readTree(event.getKey()).path("kind").asString());
        assertThat(MAPPER.read(written)).isEqualTo(event.getValue());
    }

    @ParameterizedTest
    @FieldSource("EVENTS")
    void theFirstFormatIsUpgraded(Map.Entry<String, VisitEvent> event) {
        ObjectNode kept = (ObjectNode) JSON.readTree(event.getKey());
        assertThat(MAPPER.read(Upgrades.visitEventFrom1(kept))).isEqualTo(event.getValue());
    }

    /** A page that was kept on a device names every component of the first format, null or not. */
    @ParameterizedTest
    @FieldSource("EVENTS")
    void aPageFromBeforeIsUnderstood(Map.Entry<String, VisitEvent> event) {
        ObjectNode told = (ObjectNode) JSON.readTree(event.getKey());
        Stream.of("stage", "shares", "otherShares", "knot", "passes", "loops", "text", "part", "undoes")
                .filter(name -> !told.has(name))
                .forEach(told::putNull);
        assertThat(MAPPER.read(told)).isEqualTo(event.getValue());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"kind\":\"STEP_DONE\"}                                         | step is missing",
                "{\"kind\":\"STEP_DONE\",\"step\":null}                           | step is missing",
                "{\"kind\":\"STEP_DONE\",\"step\":0}                              | step is 0",
                "{\"kind\":\"STEP_DONE\",\"step\":\"four\"}                       | step is \"four\", which cannot be read",
                "{\"kind\":\"STEP_DONE\",\"step\":1.5}                            | step is 1.5, which cannot be read",
                "{\"kind\":\"STAGE_BEGUN\"}                                       | stage is missing",
                "{\"kind\":\"STAGE_BEGUN\",\"stage\":\"LUNCH\"}                   | stage is \"LUNCH\"",
                "{\"kind\":\"SHARES_HOOKED\",\"shares\":[]}                       | shares is empty",
                "{\"kind\":\"SHARES_HOOKED\",\"shares\":[1,0]}                    | number is 0",
                "{\"kind\":\"ROW_KEPT\",\"row\":\"QQ\"}                           | row is \"QQ\", which names none",
                "{\"kind\":\"UNDONE\",\"event\":{\"count\":1}}                    | event.device is missing",
                "{\"kind\":\"LOOPS_KEPT\",\"supply\":0,\"loops\":1,\"grade\":\"NEW\"} | grade is NEW",
                "{\"kind\":\"NAP\"}                                               | kind is \"NAP\", which cannot be read",
                "{\"step\":1}                                                     | kind is missing",
                "{\"kind\":\"FINISHED\",\"by\":\"whom\"}                          | by is \"whom\", which cannot be read",
                "[]                                                               | what is [] but must be an event",
            })
    void whatMakesNoSenseIsSaid(String told, String problem) {
        assertThatThrownBy(() -> MAPPER.read(JSON.readTree(told)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith(problem);
    }
}
