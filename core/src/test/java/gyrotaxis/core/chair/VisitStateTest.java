package gyrotaxis.core.chair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.chair.Worked.Done;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.Side;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The state of the work follows from what happened, in whatever order that is heard of. */
class VisitStateTest {
    private static final WorkSheet SHEET = WorkSheetWriter.of(new Planner()
            .plan(InstallBrief.of(
                    HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                    FoundationBrief.of(12, 5, 12),
                    HookedHeads.hair(Texture.DEEP_WAVE))));
    private static final Instant NINE = Instant.parse("2026-11-27T09:00:00Z");
    private static final ShareRef FIRST = new ShareRef(1);
    private static final RowId ROW = SHEET.rows().get(0).id();

    private long clock;

    private RecordedEvent on(String device, int minute, VisitEvent what) {
        clock++;
        return new RecordedEvent(new EventId(device, clock), clock, NINE.plus(Duration.ofMinutes(minute)), what);
    }

    private RecordedEvent after(int minute, VisitEvent what) {
        return on("tablet", minute, what);
    }

    private static VisitEvent hooked(int... numbers) {
        return new VisitEvent.SharesHooked(
                IntStream.of(numbers).mapToObj(ShareRef::new).toList());
    }

    private static WorkSheet.Step hooking() {
        return SHEET.steps().stream()
                .filter(s -> s.shares().contains(FIRST))
                .findFirst()
                .orElseThrow();
    }

    private static VisitState of(RecordedEvent... events) {
        return VisitState.of(SHEET, List.of(events));
    }

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    /** What may happen, by chance: sensible and not. */
    private static List<RecordedEvent> byChance(SplittableRandom r) {
        List<RecordedEvent> events = new ArrayList<>();
        long[] counts = new long[3];
        for (int i = 0; i < 120; i++) {
            int d = r.nextInt(counts.length);
            EventId id = new EventId("device " + d, ++counts[d]);
            // Devices that do not hear of each other use the same clocks.
            events.add(new RecordedEvent(
                    id, 1 + r.nextInt(90), NINE.plusSeconds(r.nextInt(20_000)), randomEvent(r, events)));
        }
        return events;
    }

    private static VisitEvent randomEvent(SplittableRandom r, List<RecordedEvent> before) {
        ShareRef share = new ShareRef(1 + r.nextInt(SHEET.shares().size() + 3));
        RowId row = r.nextInt(12) == 0
                ? new RowId(Section.SPIRAL, 1)
                : SHEET.rows().get(r.nextInt(SHEET.rows().size())).id();
        Stage stage = Stage.values()[r.nextInt(Stage.values().length)];
        return switch (r.nextInt(28)) {
            case 0 -> new VisitEvent.StageBegun(stage);
            case 1 -> new VisitEvent.StagePaused(stage);
            case 2 -> new VisitEvent.StageResumed(stage);
            case 3 -> new VisitEvent.StageEnded(stage);
            case 4 -> new VisitEvent.ShareTakenOut(share);
            case 5 -> new VisitEvent.ShareSlipped(share);
            case 6 ->
                new VisitEvent.FromHereOn(share, Optional.of(Knot.INVISIBLE), OptionalInt.of(3), Optional.empty());
            case 7 -> new VisitEvent.BundleOpened(r.nextInt(2), "lot 7", OptionalInt.of(20));
            case 8 -> new VisitEvent.RestCounted(0, r.nextInt(40) / 2.0);
            case 9 -> new VisitEvent.RowKept(row);
            case 10 -> new VisitEvent.RowReleased(row);
            case 11 -> new VisitEvent.Tried(Worn.as(Way.DOWN), "the crown");
            case 12 ->
                new VisitEvent.FillPlaced(
                        row,
                        r.nextDouble(),
                        Share.HALF,
                        0,
                        OptionalDouble.empty(),
                        r.nextBoolean()
                                ? Optional.empty()
                                : Optional.of(new VisitEvent.KnotBeyond(
                                        r.nextInt(4) == 0 ? new RowId(Section.SPIRAL, 1) : ROW, r.nextDouble())));
            case 13 -> new VisitEvent.Noted("thin ones to the front");
            case 14 -> new VisitEvent.CautionSigned(1, "device " + r.nextInt(3));
            case 15 -> r.nextBoolean() ? new VisitEvent.Finished() : new VisitEvent.Reopened();
            case 16, 17 ->
                before.isEmpty()
                        ? new VisitEvent.Noted("nothing to undo")
                        : new VisitEvent.Undone(
                                before.get(r.nextInt(before.size())).id());
            case 18 -> new VisitEvent.StepDone(1 + r.nextInt(SHEET.steps().size() + 2));
            case 19 ->
                new VisitEvent.Adjusted(
                        Adjustment.SMALLER_SHARES,
                        List.of(share),
                        List.of(new ShareRef(1 + r.nextInt(40))),
                        Optional.of(Share.QUARTER),
                        OptionalInt.empty(),
                        r.nextInt(2));
            case 20 -> new VisitEvent.TailFound(row);
            case 21 -> new VisitEvent.RowUndone(row);
            case 22 -> new VisitEvent.LoopsKept(r.nextInt(2), r.nextInt(30), StockItem.Grade.FAIR);
            case 23 -> new VisitEvent.Judged(Set.of(Verdict.values()[r.nextInt(Verdict.values().length)]), "");
            case 24 ->
                r.nextBoolean()
                        ? new VisitEvent.TakenDown()
                        : new VisitEvent.SkinSeen(Set.of(ScalpCondition.TENDER), "");
            default -> new VisitEvent.SharesHooked(List.of(share));
        };
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anyOrderOfArrivalGivesTheSameStateAndTwiceIsOnce(int seed) {
        List<RecordedEvent> events = byChance(new SplittableRandom(seed));
        VisitState state = VisitState.of(SHEET, events);
        Random shuffles = new Random(seed);
        for (int k = 0; k < 5; k++) {
            List<RecordedEvent> arrived = new ArrayList<>(events);
            arrived.addAll(events.subList(0, 40));
            Collections.shuffle(arrived, shuffles);
            assertThat(VisitState.of(SHEET, arrived)).isEqualTo(state);
        }
    }

    /** Two devices that each hold a part come to the same once each has what the other had. */
    @ParameterizedTest
    @MethodSource("seeds")
    void partsOfWhatHappenedMergeToTheWhole(int seed) {
        List<RecordedEvent> events = byChance(new SplittableRandom(seed));
        List<RecordedEvent> here = new ArrayList<>(events.subList(0, 70));
        List<RecordedEvent> there = new ArrayList<>(events.subList(50, events.size()));
        here.addAll(there);
        assertThat(VisitState.of(SHEET, here)).isEqualTo(VisitState.of(SHEET, events));
    }

    /** An event that is undone leaves the state as if it had never been, whatever came after it. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsUndoneMightNeverHaveBeen(int seed) {
        SplittableRandom r = new SplittableRandom(seed);
        List<RecordedEvent> events = byChance(r);
        RecordedEvent one = events.get(r.nextInt(events.size()));
        boolean undoesOrIsUndone = events.stream()
                        .anyMatch(e -> e.what() instanceof VisitEvent.Undone u
                                && u.event().equals(one.id()))
                || one.what() instanceof VisitEvent.Undone;
        if (undoesOrIsUndone) {
            return;
        }
        List<RecordedEvent> undone = new ArrayList<>(events);
        undone.add(new RecordedEvent(new EventId("late", 1), 1_000, NINE, new VisitEvent.Undone(one.id())));
        List<RecordedEvent> without = new ArrayList<>(events);
        without.remove(one);
        assertThat(VisitState.of(SHEET, undone)).isEqualTo(VisitState.of(SHEET, without));
    }

    @Test
    void anUndoThatIsUndoneLetsTheEventHoldAgain() {
        RecordedEvent hook = after(1, hooked(1));
        RecordedEvent undo = after(2, new VisitEvent.Undone(hook.id()));
        RecordedEvent redo = after(3, new VisitEvent.Undone(undo.id()));
        assertThat(of(hook).worked(FIRST).isHooked()).isTrue();
        assertThat(of(hook, undo).worked(FIRST).isHooked()).isFalse();
        assertThat(of(redo, hook, undo).worked(FIRST).isHooked()).isTrue();
    }

    @Test
    void aShareIsHookedTakenOutHookedAgainAndSlips() {
        RecordedEvent hook = after(1, hooked(1, 2));
        RecordedEvent out = after(2, new VisitEvent.ShareTakenOut(FIRST));
        RecordedEvent again = after(3, hooked(1));
        RecordedEvent slips = after(4, new VisitEvent.ShareSlipped(new ShareRef(2)));
        assertThat(of(hook, out).worked(FIRST).done()).isEqualTo(Done.TAKEN_OUT);
        // What was taken out on purpose is not asked for again; what slipped is.
        assertThat(of(hook, out).worked(FIRST).isToDo()).isFalse();
        assertThat(of(hook, out, again, slips).worked(FIRST).isHooked()).isTrue();
        assertThat(of(hook, out, again, slips).worked(new ShareRef(2)).isToDo()).isTrue();
    }

    /** One device leaves it out while another hooks it, in either order: it counts as hooked, and is asked for until somebody looks. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void whatTwoDevicesDisagreeOnIsToldAndNotGuessed(boolean hooksFirst) {
        VisitEvent leaves = leftOut(1, 2);
        RecordedEvent one = hooksFirst ? on("tablet", 1, hooked(1)) : on("phone", 1, leaves);
        RecordedEvent other = hooksFirst ? on("phone", 2, leaves) : on("tablet", 2, hooked(1));
        VisitState open = of(one, other);
        assertThat(open.disputed()).containsExactly(FIRST);
        assertThat(open.worked(FIRST).isHooked()).isTrue();
        assertThat(open.worked(new ShareRef(2)).done()).isEqualTo(Done.LEFT_OUT);
        VisitState in = of(one, other, after(3, hooked(1)));
        assertThat(in.disputed()).isEmpty();
        assertThat(in.worked(FIRST).isHooked()).isTrue();
        VisitState out = of(one, other, after(3, new VisitEvent.ShareTakenOut(FIRST)));
        assertThat(out.disputed()).isEmpty();
        assertThat(out.worked(FIRST).done()).isEqualTo(Done.TAKEN_OUT);
    }

    /** She who leaves a share out and hooks it after all changed her mind. */
    @Test
    void oneDeviceIsNeverAtOddsWithItself() {
        assertThat(of(after(1, leftOut(1)), after(2, hooked(1))).disputed()).isEmpty();
        assertThat(of(after(1, hooked(1)), after(2, leftOut(1))).disputed()).isEmpty();
        assertThat(of(on("phone", 1, leftOut(1)), after(2, leftOut(1))).disputed())
                .isEmpty();
    }

    private static VisitEvent leftOut(int... numbers) {
        return new VisitEvent.Adjusted(
                Adjustment.SMALLER_SHARES,
                IntStream.of(numbers).mapToObj(ShareRef::new).toList(),
                List.of(),
                Optional.empty(),
                OptionalInt.empty(),
                0);
    }

    @Test
    void theNextStepIsTheFirstWithSomethingToHookAndSidesCountTheirOwn() {
        VisitState nothing = of();
        assertThat(nothing.next()).contains(SHEET.steps().get(0));
        WorkSheet.Step first = hooking();
        assertThat(first.shares()).contains(FIRST);
        int all = SHEET.shares().size();
        assertThat(IntStream.of(nothing.toDo(Side.LEFT), nothing.toDo(Side.MIDDLE), nothing.toDo(Side.RIGHT))
                        .sum())
                .isEqualTo(all);
        VisitState one = of(after(1, new VisitEvent.SharesHooked(first.shares())));
        assertThat(one.isDone(first)).isTrue();
        assertThat(one.next()).contains(SHEET.steps().get(0));
        assertThat(IntStream.of(one.hooked(Side.LEFT), one.hooked(Side.MIDDLE), one.hooked(Side.RIGHT))
                        .sum())
                .isEqualTo(first.shares().size());
        VisitState done = of(after(
                2,
                new VisitEvent.SharesHooked(
                        SHEET.shares().stream().map(WorkSheet.SheetShare::ref).toList())));
        assertThat(done.toDo()).isEmpty();
        double planned =
                SHEET.shares().stream().mapToDouble(s -> s.share().ofLoop()).sum();
        assertThat(done.loopsIn(0)).isCloseTo(planned, within(1e-9));
        VisitState filled = of(after(3, new VisitEvent.FillPlaced(ROW, 0.4, Share.HALF, 0)));
        assertThat(filled.loopsIn(0)).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void clocksRunPauseAndStandStillWithTheWork() {
        RecordedEvent begun = after(0, new VisitEvent.StageBegun(Stage.HOOK));
        RecordedEvent paused = after(10, new VisitEvent.StagePaused(Stage.HOOK));
        RecordedEvent resumed = after(30, new VisitEvent.StageResumed(Stage.HOOK));
        RecordedEvent finished = after(45, new VisitEvent.Finished());
        StageTime running = of(begun, paused, resumed).stages().get(Stage.HOOK);
        assertThat(running.at(NINE.plus(Duration.ofMinutes(40)))).isEqualTo(Duration.ofMinutes(20));
        VisitState done = of(begun, paused, resumed, finished);
        assertThat(done.stages().get(Stage.HOOK).spent()).isEqualTo(Duration.ofMinutes(25));
        assertThat(done.isFinished()).isTrue();
        VisitState open = of(begun, paused, resumed, finished, after(900, new VisitEvent.Reopened()));
        assertThat(open.isFinished()).isFalse();
        assertThat(open.stages().get(Stage.HOOK).runsSince()).isEmpty();
    }

    /** A tablet whose clock is set back meanwhile counts nothing for that time, rather than less than nothing. */
    @ParameterizedTest
    @ValueSource(ints = {-600, -1, 0})
    void clocksThatJumpBackCountNothing(int minutes) {
        RecordedEvent begun = after(0, new VisitEvent.StageBegun(Stage.BRAID));
        RecordedEvent ended = after(minutes, new VisitEvent.StageEnded(Stage.BRAID));
        StageTime t = of(begun, ended).stages().get(Stage.BRAID);
        assertThat(t.spent()).isEqualTo(Duration.ZERO);
        assertThat(t.isEnded()).isTrue();
    }

    /** A bundle is opened when the one before is empty: that says what was used, and so does a count of the rest. */
    @Test
    void whatWasUsedIsKnownFromCountsAndFromTheNextBundle() {
        double first = SHEET.shares().get(0).share().ofLoop();
        RecordedEvent opened = after(1, new VisitEvent.BundleOpened(0, "K4", OptionalInt.of(18)));
        RecordedEvent hook = after(2, hooked(1));
        RecordedEvent counted = after(3, new VisitEvent.RestCounted(0, 16.5));
        RecordedEvent next = after(4, new VisitEvent.BundleOpened(0, "K5", OptionalInt.empty()));
        assertThat(of(opened, hook).counted(0).usedLoops()).isEmpty();
        assertThat(of(opened, hook, counted).counted(0))
                .isEqualTo(new Counted(1, 18, 0, OptionalDouble.of(1.5), first));
        int usual = SHEET.supplies().get(0).line().loopsPerBundle();
        assertThat(of(opened, hook, counted, next).counted(0))
                .isEqualTo(new Counted(2, 18 + usual, 0, OptionalDouble.of(18), first));
        assertThat(of(opened, next).bundles()).extracting(b -> b.opened().lot()).containsExactly("K4", "K5");
    }

    /** What was opened before another line was taken is of the line that was planned, in whatever order it is heard of. */
    @Test
    void bundlesAreOfWhatWasInHandWhenTheyWereOpened() {
        VisitEvent.Replaced other = new VisitEvent.Replaced(
                0, Optional.of(new LineId(new UUID(0, 7))), "Ebb Loose", "", OptionalInt.of(16));
        RecordedEvent first = after(1, new VisitEvent.BundleOpened(0, "K4", OptionalInt.empty()));
        RecordedEvent replaced = after(2, other);
        RecordedEvent second = after(3, new VisitEvent.BundleOpened(0, "E1", OptionalInt.empty()));
        int usual = SHEET.supplies().get(0).line().loopsPerBundle();
        assertThat(of(second, replaced, first).counted(0).openedLoops()).isEqualTo(usual + 16);
        assertThat(of(second, replaced, first).bundles())
                .extracting(b -> b.opened().lot(), VisitState.Bundle::replaced, VisitState.Bundle::loops)
                .containsExactly(tuple("K4", Optional.empty(), usual), tuple("E1", Optional.of(other), 16));
    }

    @Test
    void fromHereOnChangesWhatIsStillToBeHookedAndNothingThatIs() {
        RecordedEvent hook = after(1, hooked(2));
        RecordedEvent change = after(
                2,
                new VisitEvent.FromHereOn(
                        FIRST, Optional.of(Knot.INVISIBLE), OptionalInt.of(4), Optional.of(Share.QUARTER)));
        VisitState state = of(hook, change);
        WorkSheet.SheetShare before = SHEET.shares().get(1);
        assertThat(state.worked(before.ref()).as()).isEqualTo(before);
        WorkSheet.SheetShare then = state.worked(new ShareRef(3)).as();
        assertThat(then.tie().knot()).isEqualTo(Knot.INVISIBLE);
        assertThat(then.tie().passes()).isEqualTo(4);
        assertThat(then.share()).isEqualTo(Share.QUARTER);
        assertThat(of(hook, change, after(3, new VisitEvent.Undone(change.id()))))
                .isEqualTo(of(hook));
    }

    /** Taken at once on two devices: what one left out and the other hooked sits on the head. */
    @Test
    void whatIsLeftOutIsNotAskedForAndWhatIsHookedStays() {
        RecordedEvent hook = after(1, hooked(1));
        RecordedEvent out = after(
                2,
                new VisitEvent.Adjusted(
                        Adjustment.WIDER_BEHIND,
                        List.of(FIRST, new ShareRef(2)),
                        List.of(new ShareRef(3)),
                        Optional.of(new Share(8)),
                        OptionalInt.empty(),
                        0));
        VisitState state = of(hook, out);
        assertThat(state.worked(FIRST).done()).isEqualTo(Done.HOOKED);
        assertThat(state.worked(new ShareRef(2)).done()).isEqualTo(Done.LEFT_OUT);
        assertThat(state.worked(new ShareRef(3)).as().share().parts()).isEqualTo(8);
        RecordedEvent anyway = after(3, hooked(2));
        assertThat(of(hook, out, anyway).worked(new ShareRef(2)).isHooked()).isTrue();
    }

    @Test
    void stepsWithoutSharesAreDoneOneByOneOrWithTheirStage() {
        WorkSheet.Step first = SHEET.steps().get(0);
        WorkSheet.Step second = SHEET.steps().get(1);
        assertThat(of(after(1, new VisitEvent.StepDone(first.number()))).next()).contains(second);
        VisitState ended = of(
                after(1, new VisitEvent.StageBegun(first.stage())), after(2, new VisitEvent.StageEnded(first.stage())));
        assertThat(ended.next().orElseThrow().stage()).isNotEqualTo(first.stage());
    }

    /** Nothing for five hours, or a tablet whose clock jumped: five minutes count, unless she says that she worked on. */
    @Test
    void hoursWithoutAnythingAreForgiven() {
        RecordedEvent begun = after(0, new VisitEvent.StageBegun(Stage.HOOK));
        RecordedEvent hook = after(20, hooked(1));
        RecordedEvent late = after(320, hooked(2));
        RecordedEvent paused = after(330, new VisitEvent.StagePaused(Stage.HOOK));
        assertThat(of(begun, hook, late, paused).stages().get(Stage.HOOK).spent())
                .isEqualTo(Duration.ofMinutes(35));
        RecordedEvent workedOn = new RecordedEvent(
                new EventId("tablet", 90),
                late.clock(),
                NINE.plus(Duration.ofMinutes(320)),
                new VisitEvent.StageResumed(Stage.HOOK));
        RecordedEvent then = new RecordedEvent(
                new EventId("tablet", 91),
                90,
                NINE.plus(Duration.ofMinutes(330)),
                new VisitEvent.StagePaused(Stage.HOOK));
        assertThat(of(begun, hook, workedOn, then).stages().get(Stage.HOOK).spent())
                .isEqualTo(Duration.ofMinutes(330));
    }

    /** What names something that is not in the sheet changes nothing, and is told. */
    @Test
    void eventsOfAnotherSheetAreKeptAndTold() {
        ShareRef none = new ShareRef(SHEET.shares().size() + 1);
        RecordedEvent stray = after(1, new VisitEvent.SharesHooked(List.of(FIRST, none)));
        RecordedEvent other = after(2, new VisitEvent.BundleOpened(7, "", OptionalInt.empty()));
        VisitState state = of(stray, other);
        assertThat(state.strays()).containsExactly(stray.id(), other.id());
        assertThat(state.hooked()).isEmpty();
        assertThat(state.counted()).isEmpty();
    }

    @Test
    void rowsAreKeptAndReleasedCautionsSignedAndHairReplaced() {
        VisitState state = of(
                after(1, new VisitEvent.RowKept(ROW)),
                after(2, new VisitEvent.CautionSigned(1, "Orla")),
                after(3, new VisitEvent.Replaced(0, Optional.empty(), "Ebb Loose", "ink", OptionalInt.empty())),
                after(4, new VisitEvent.Pictured("front")));
        assertThat(state.kept()).containsExactly(ROW);
        assertThat(state.signed()).containsEntry(1, "Orla");
        assertThat(state.replaced().get(0).line()).isEqualTo("Ebb Loose");
        assertThat(state.pictures()).hasSize(1);
        clock = 0;
        assertThat(of(after(1, new VisitEvent.RowKept(ROW)), after(2, new VisitEvent.RowReleased(ROW)))
                        .kept())
                .isEmpty();
    }

    @Test
    void whatCannotBeIsRefusedWhereItIsMade() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new EventId(" ", 1))
                .withMessageContaining("device");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new EventId("t", 0))
                .withMessageContaining("count");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VisitEvent.RestCounted(0, -1))
                .withMessageContaining("loops");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VisitEvent.SharesHooked(List.of()))
                .withMessageContaining("shares");
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> new VisitEvent.FromHereOn(FIRST, Optional.empty(), OptionalInt.of(9), Optional.empty()))
                .withMessageContaining("passes");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VisitEvent.BundleOpened(0, "", OptionalInt.of(-1)))
                .withMessageContaining("loops");
    }
}
