package gyrotaxis.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.care.Caution;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Back.FrontTails;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.SheetTail;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.scalp.HeadMeasures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WorkSheetTest {
    private static final HeadMeasures MEDIUM = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);

    private static InstallBrief on(Back back) {
        return InstallBrief.of(MEDIUM, FoundationBrief.of(12, back, 12), HookedHeads.hair(Texture.DEEP_WAVE));
    }

    static Stream<InstallBrief> families() {
        return Stream.of(
                        new Back.Straight(5),
                        new Back.Switchback(4, true, FrontTails.THREADED),
                        new Back.Switchback(4, false, FrontTails.COLLECTED),
                        new Back.CrossTied(),
                        new Back.Spiral(22),
                        new Back.Capped(4, 20, false, true),
                        new Back.Wefted(4, true))
                .map(WorkSheetTest::on);
    }

    private static InstallPlan plan(InstallBrief brief) {
        return new Planner().plan(brief);
    }

    /** Split and sorted beforehand, every share lies in one bundle, with its likes. */
    @ParameterizedTest
    @MethodSource("families")
    void everyShareLiesInOneBundle(InstallBrief brief) {
        WorkSheet sheet = WorkSheetWriter.of(plan(brief));
        List<Bundle> bundles = Bundle.of(sheet);
        assertThat(bundles.stream().mapToInt(Bundle::count).sum())
                .isEqualTo(sheet.shares().size());
        for (Bundle b : bundles) {
            assertThat(sheet.shares().stream()
                            .filter(s -> s.supply() == b.supply()
                                    && s.blend().equals(b.blend())
                                    && s.zone() == b.zone()
                                    && s.share().equals(b.share()))
                            .count())
                    .isEqualTo(b.count());
        }
        assertThat(bundles).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("families")
    void everyShareOfThePlanIsHookedOnceAndNumberedAsItIsHooked(InstallBrief brief) {
        InstallPlan plan = plan(brief);
        WorkSheet sheet = WorkSheetWriter.of(plan);
        List<ShareRef> hooked =
                sheet.steps().stream().flatMap(s -> s.shares().stream()).toList();
        assertThat(hooked)
                .containsExactlyElementsOf(
                        IntStream.rangeClosed(1, plan.stations().size())
                                .mapToObj(ShareRef::new)
                                .toList());
        List<Station> open = new ArrayList<>(plan.stations());
        for (SheetShare s : sheet.shares()) {
            Station near = open.stream()
                    .min(Comparator.comparingDouble(
                            k -> k.chart().minus(s.chart()).norm()))
                    .orElseThrow();
            // To a hundredth of a millimetre.
            assertThat(near.chart().minus(s.chart()).norm()).isLessThan(0.0075);
            open.remove(near);
        }
        double loops = sheet.steps().stream().mapToDouble(Step::loops).sum();
        assertThat(loops)
                .isCloseTo(
                        plan.stations().stream()
                                .mapToDouble(s -> s.share().ofLoop())
                                .sum(),
                        within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("families")
    void everyTailIsOnTheListThatIsMarkedBeforeTheFirstCut(InstallBrief brief) {
        InstallPlan plan = plan(brief);
        WorkSheet sheet = WorkSheetWriter.of(plan);
        assertThat(sheet.tails())
                .extracting(SheetTail::row)
                .containsExactlyInAnyOrderElementsOf(
                        plan.braiding().tails().stream().map(Tail::row).toList());
        assertThat(sheet.tails().stream().filter(t -> t.end() == TailEnd.THREADED))
                .hasSameSizeAs(plan.braiding().tails().stream()
                        .filter(t -> t.end() == TailEnd.THREADED)
                        .toList());
        assertThat(sheet.takedown()).isEqualTo(plan.braiding().takedown());
    }

    @ParameterizedTest
    @MethodSource("families")
    void stepsAreNumberedRunThroughTheStagesInOrderAndTakeTheTimeOfThePlan(InstallBrief brief) {
        InstallPlan plan = plan(brief);
        WorkSheet sheet = WorkSheetWriter.of(plan);
        assertThat(sheet.steps())
                .extracting(Step::number)
                .containsExactlyElementsOf(
                        IntStream.rangeClosed(1, sheet.steps().size()).boxed().toList());
        assertThat(sheet.steps()).extracting(Step::stage).isSorted();
        double planned = plan.time().minutes().values().stream()
                .mapToDouble(e -> e.likely())
                .sum();
        double onSheet =
                sheet.steps().stream().mapToDouble(s -> s.minutes().likely()).sum();
        assertThat(onSheet).isCloseTo(planned, within(1e-6));
        assertThat(minutes(sheet, Stage.BRAID))
                .isCloseTo(plan.time().minutes().get(ChairTime.Stage.BRAIDING).likely(), within(1e-6));
    }

    private static double minutes(WorkSheet sheet, Stage stage) {
        return sheet.steps().stream()
                .filter(s -> s.stage() == stage)
                .mapToDouble(s -> s.minutes().likely())
                .sum();
    }

    @Test
    void equalPlansGiveEqualSheetsAndALaterPlanChangesNoSheet() {
        InstallBrief brief = on(new Back.Straight(5));
        WorkSheet sheet = WorkSheetWriter.of(plan(brief));
        assertThat(WorkSheetWriter.of(plan(brief))).isEqualTo(sheet).hasToString(sheet.toString());
        String before = sheet.toString();
        assertThat(WorkSheetWriter.of(plan(brief.withFullness(1.2)))).isNotEqualTo(sheet);
        assertThat(sheet).hasToString(before);
    }

    @Test
    void bothSidesOfAMirroredHeadComeOutEven() {
        InstallBrief brief = on(new Back.Straight(6));
        WorkSheet sheet = WorkSheetWriter.of(plan(brief.withFoundation(
                brief.foundation().withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS))));
        assertThat(sheet.shares().stream().filter(s -> s.side() == WorkSheet.Side.LEFT))
                .hasSameSizeAs(sheet.shares().stream()
                        .filter(s -> s.side() == WorkSheet.Side.RIGHT)
                        .toList());
        assertThat(sheet.shares()).anyMatch(SheetShare::isForPart);
    }

    @Test
    void cautionsStandAtTheStageTheyBelongTo() {
        InstallBrief heat = on(new Back.Straight(5))
                .withConsultation(Consultation.plain().living(Set.of(Habit.HEAT, Habit.SWIMMING)));
        WorkSheet sheet = WorkSheetWriter.of(plan(heat));
        assertThat(cautions(sheet, Stage.HOOK)).containsExactly(Caution.HOT_NAPE.words());
        assertThat(cautions(sheet, Stage.FINISH)).containsExactly(Caution.DRY_FULLY.words());
        List<String> all = new ArrayList<>();
        sheet.steps().forEach(s -> all.addAll(s.cautions()));
        assertThat(all)
                .containsExactlyInAnyOrderElementsOf(
                        heat.cautions().stream().map(Caution::words).toList());
    }

    private static List<String> cautions(WorkSheet sheet, Stage stage) {
        return sheet.steps().stream()
                .filter(s -> s.stage() == stage)
                .flatMap(s -> s.cautions().stream())
                .toList();
    }

    @Test
    void aSheetThatForgetsAShareOrHooksOneTwiceIsRefused() {
        WorkSheet sheet = WorkSheetWriter.of(plan(on(new Back.Straight(5))));
        List<Step> twice = new ArrayList<>(sheet.steps());
        twice.add(twice.stream().filter(s -> !s.shares().isEmpty()).findFirst().orElseThrow());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> with(sheet, twice))
                .withMessageContaining("twice");
        List<Step> none =
                sheet.steps().stream().filter(s -> s.shares().isEmpty()).toList();
        assertThatIllegalArgumentException().isThrownBy(() -> with(sheet, none)).withMessageContaining("no step");
    }

    private static WorkSheet with(WorkSheet s, List<Step> steps) {
        return new WorkSheet(s.supplies(), s.outline(), s.rows(), s.shares(), steps, s.tails(), s.takedown());
    }
}
