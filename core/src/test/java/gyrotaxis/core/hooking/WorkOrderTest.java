package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.WorkStep;
import gyrotaxis.core.install.WorkStep.Stage;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** In which order a head is hooked, and what each step says. */
class WorkOrderTest {
    private static final Foundation HEAD = RowLayout.lay(
            MEDIUM,
            FoundationBrief.of(14, 6, 12)
                    .withParts(List.of(WearingPart.straight(-40), WearingPart.straight(40)), FlankSchool.FINE_ROWS)
                    .withOverlays(List.of(20.0))
                    .withRim(RimBrief.plain().withPerimeter(RimBrief.Where.SIDES_AND_NAPE, 12)),
            OwnHair.ordinary());
    private static final Hooked HOOKED =
            HookedHeads.hook(HEAD, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary());

    private static List<WorkStep> steps(Method.Order order) {
        return WorkOrder.of(order, HEAD, HOOKED.stations());
    }

    private static List<Stage> stages(List<WorkStep> steps) {
        return steps.stream().map(WorkStep::stage).distinct().toList();
    }

    private static Row row(RowId id) {
        return HEAD.row(id).orElseThrow();
    }

    private static double lowest(Row r) {
        return Math.min(r.path().start().z(), r.path().end().z());
    }

    private static double out(Row r) {
        return Math.abs(r.path().chartAt(r.lengthMm() / 2).x());
    }

    @Test
    void thePerimeterFirstThenUpFromTheNapeAndThePartsLast() {
        assertThat(stages(steps(Method.Order.PERIMETER_FIRST)))
                .containsExactly(Stage.PERIMETER, Stage.BACK, Stage.SIDES, Stage.TOP, Stage.FRONT, Stage.PARTS);
    }

    @Test
    void frontFirstWorksThePartsBeforeTheBack() {
        assertThat(stages(steps(Method.Order.FRONT_FIRST)))
                .containsExactly(Stage.FRONT, Stage.PARTS, Stage.TOP, Stage.SIDES, Stage.BACK, Stage.PERIMETER);
    }

    /** From the nape to the middle, then the front, and last what is left between. */
    @Test
    void theMiddleIsLeftForLastWhereBothEndsComeFirst() {
        assertThat(stages(steps(Method.Order.NAPE_TO_MIDDLE)))
                .containsExactly(Stage.PERIMETER, Stage.BACK, Stage.FRONT, Stage.SIDES, Stage.MIDDLE, Stage.PARTS);
        assertThat(steps(Method.Order.NAPE_TO_MIDDLE))
                .filteredOn(w -> w.stage() == Stage.MIDDLE)
                .extracting(w -> w.row().section())
                .contains(Section.OVERLAY)
                .doesNotContain(Section.FRONT);
    }

    @ParameterizedTest
    @EnumSource(Method.Order.class)
    void everyShareIsHookedOnceAndStepsAreNumbered(Method.Order order) {
        List<WorkStep> steps = steps(order);
        assertThat(steps.stream().flatMap(w -> w.stations().stream()))
                .hasSize(HOOKED.stations().size())
                .doesNotHaveDuplicates();
        for (int i = 0; i < steps.size(); i++) {
            assertThat(steps.get(i).number()).isEqualTo(i + 1);
            assertThat(steps.get(i).isMarked()).isEqualTo(steps.get(i).stage() == Stage.PARTS);
        }
    }

    @ParameterizedTest
    @EnumSource(Method.Order.class)
    void aRowBesideAPartWaitsForThePartsAndNoOtherDoes(Method.Order order) {
        for (WorkStep w : steps(order)) {
            for (RowId row : w.rows()) {
                boolean isBeside =
                        HOOKED.stations().stream().anyMatch(s -> s.id().row().equals(row) && s.role() == Role.PART);
                assertThat(w.stage() == Stage.PARTS).as(row.words()).isEqualTo(isBeside);
            }
        }
    }

    /** Within a stage from below upward, the outer before the inner, and of two that match her left first. */
    @ParameterizedTest
    @EnumSource(Method.Order.class)
    void withinAStageItIsWorkedUpwardAndInwardHerLeftFirst(Method.Order order) {
        List<WorkStep> steps = steps(order);
        for (int i = 1; i < steps.size(); i++) {
            if (steps.get(i).stage() != steps.get(i - 1).stage()) {
                continue;
            }
            Row before = row(steps.get(i - 1).row());
            Row after = row(steps.get(i).row());
            // Rows whose ends lie within two centimetres of height count as level.
            long low = Math.round(lowest(before) / 20);
            long high = Math.round(lowest(after) / 20);
            assertThat(low).isLessThanOrEqualTo(high);
            if (low == high) {
                assertThat(Math.rint(out(before))).isGreaterThanOrEqualTo(Math.rint(out(after)));
            }
        }
        // Of two that match her left comes first, and both are one step, share by share in turn.
        int pairs = 0;
        for (WorkStep w : steps) {
            if (w.twin().isEmpty()) {
                continue;
            }
            int rows = HEAD.rowsOf(w.row().section()).size();
            assertThat(w.row().number() + w.twin().get().number()).isEqualTo(rows + 1);
            assertThat(row(w.row()).path().chartAt(row(w.row()).lengthMm() / 2).x())
                    .isNegative();
            for (int i = 1; i < w.stations().size(); i++) {
                assertThat(w.stations().get(i).row())
                        .isNotEqualTo(w.stations().get(i - 1).row());
            }
            pairs++;
        }
        assertThat(pairs).isGreaterThan(6);
    }

    /** Rows behind are hooked from the nape up, along each of them too. */
    @ParameterizedTest
    @EnumSource(Method.Order.class)
    void behindItRunsFromTheNapeAlongEachRowToo(Method.Order order) {
        Map<StationId, Station> byId = HOOKED.stations().stream().collect(Collectors.toMap(Station::id, s -> s));
        for (WorkStep w : steps(order)) {
            if (w.row().section() != Section.BACK) {
                continue;
            }
            assertThat(w.words()).contains("from the nape up");
            for (RowId row : w.rows()) {
                List<Double> heights = w.stations().stream()
                        .filter(id -> id.row().equals(row))
                        .map(id -> byId.get(id).space().z())
                        .toList();
                assertThat(heights).isSorted();
            }
        }
    }

    /** Half-way up the back it stops, and goes on there once the front is done. */
    @Test
    void theBackMayBeReturnedTo() {
        List<WorkStep> steps = steps(Method.Order.HALF_THE_BACK);
        assertThat(stages(steps))
                .containsExactly(
                        Stage.PERIMETER, Stage.BACK, Stage.SIDES, Stage.TOP, Stage.FRONT, Stage.PARTS, Stage.MIDDLE);
        Map<StationId, Station> byId = HOOKED.stations().stream().collect(Collectors.toMap(Station::id, s -> s));
        double highest = steps.stream()
                .filter(w -> w.stage() == Stage.BACK)
                .flatMap(w -> w.stations().stream())
                .mapToDouble(id -> byId.get(id).space().z())
                .max()
                .orElseThrow();
        assertThat(steps)
                .filteredOn(w -> w.stage() == Stage.MIDDLE)
                .isNotEmpty()
                .allSatisfy(w -> Each.of(w.stations())
                        .allSatisfy(id -> assertThat(byId.get(id).space().z()).isGreaterThan(highest)));
    }

    /** Where a slanted part gives the sides different rows, they are kept in step as nearly as the numbers allow. */
    @Test
    void withASlantedPartBothSidesKeepInStep() {
        Foundation slanted = RowLayout.lay(
                MEDIUM,
                FoundationBrief.of(14, 5, 12)
                        .withParts(
                                List.of(new WearingPart(
                                        -25, Math.toRadians(14), 0, OptionalDouble.empty(), PartEnd.OPEN, false)),
                                FlankSchool.FINE_ROWS),
                OwnHair.ordinary());
        assertThat(slanted.isMirrored()).isFalse();
        Hooked hooked = HookedHeads.hook(slanted, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary());
        List<WorkStep> steps = WorkOrder.of(Method.Order.PERIMETER_FIRST, slanted, hooked.stations());
        assertThat(steps)
                .filteredOn(w -> w.twin().isPresent())
                .hasSizeGreaterThan(4)
                .allSatisfy(w -> {
                    int left = 0;
                    int all = w.stations().size();
                    long ofLeft = w.stations().stream()
                            .filter(id -> id.row().equals(w.row()))
                            .count();
                    for (int i = 0; i < all; i++) {
                        left += w.stations().get(i).row().equals(w.row()) ? 1 : 0;
                        // Of both sides the same part is done at any time, to a share.
                        assertThat((double) left / ofLeft - (double) (i + 1 - left) / (all - ofLeft))
                                .isBetween(
                                        -1.01 / Math.min(ofLeft, all - ofLeft), 1.01 / Math.min(ofLeft, all - ofLeft));
                    }
                });
    }

    /** Rows whose middle lies beyond 0.55 of the half width are sides, the others front. */
    @Test
    void outerRowsAreSides() {
        double half = HOOKED.stations().stream()
                .mapToDouble(s -> Math.abs(s.chart().x()))
                .max()
                .orElseThrow();
        for (WorkStep w : steps(Method.Order.PERIMETER_FIRST)) {
            if (w.stage() == Stage.SIDES) {
                assertThat(out(row(w.row()))).isGreaterThan(0.55 * half);
            } else if (w.stage() == Stage.FRONT) {
                assertThat(w.row().section()).isEqualTo(Section.FRONT);
                assertThat(out(row(w.row()))).isLessThanOrEqualTo(0.55 * half);
            }
        }
    }

    @Test
    void aStepCountsWhatIsHookedAlikeInTheOrderItComes() {
        Map<StationId, Station> byId = HOOKED.stations().stream().collect(Collectors.toMap(Station::id, s -> s));
        for (WorkStep w : steps(Method.Order.PERIMETER_FIRST)) {
            List<Station> on = w.stations().stream()
                    .filter(id -> id.row().equals(w.row()))
                    .map(byId::get)
                    .toList();
            Station first = on.get(0);
            long alike = on.stream()
                    .filter(s -> s.share().equals(first.share()) && s.tie().equals(first.tie()))
                    .count();
            assertThat(w.words())
                    .contains(alike + " × " + first.share().words() + " "
                            + first.tie().words())
                    .contains(". Hook " + first.bearing().words())
                    .endsWith(".");
            if (w.twin().isPresent()) {
                assertThat(w.words())
                        .startsWith(w.row().section().words() + "s " + w.row().number() + " and "
                                + w.twin().get().number() + ", share by share in turn");
            }
        }
    }

    /** Shares of two kinds that take turns are not told as if one came after all of the other. */
    @Test
    void kindsThatTakeTurnsAreToldSo() {
        RowId row = new RowId(Section.FRONT, 1);
        List<Station> on = HOOKED.stations().stream()
                .filter(s -> s.id().row().equals(row))
                .map(s -> s.taking(new Share(s.id().number() % 2 == 0 ? 2 : 4)).tied(Tie.of(Knot.REGULAR, 1)))
                .toList();
        assertThat(on).hasSizeGreaterThan(2);
        assertThat(WorkOrder.of(Method.Order.FRONT_FIRST, HEAD, on))
                .singleElement()
                .satisfies(
                        w -> assertThat(w.words()).contains("; by turns with ").doesNotContain("; then "));
        List<Station> blocks = on.stream()
                .map(s -> s.taking(new Share(s.id().number() == 1 ? 4 : 2)))
                .toList();
        assertThat(WorkOrder.of(Method.Order.FRONT_FIRST, HEAD, blocks))
                .singleElement()
                .satisfies(w -> assertThat(w.words()).contains("; then ").doesNotContain("by turns"));
    }

    @Test
    void aStepTellsWhereAlongTheRowTheHookTurns() {
        Map<StationId, Station> byId = HOOKED.stations().stream().collect(Collectors.toMap(Station::id, s -> s));
        int turns = 0;
        for (WorkStep w : steps(Method.Order.PERIMETER_FIRST)) {
            List<Station> on = w.stations().stream()
                    .filter(id -> id.row().equals(w.row()))
                    .map(byId::get)
                    .toList();
            int changes = 0;
            for (int i = 1; i < on.size(); i++) {
                changes += on.get(i)
                                .bearing()
                                .words()
                                .equals(on.get(i - 1).bearing().words())
                        ? 0
                        : 1;
            }
            assertThat(w.words().split(" it turns: ", -1)).hasSize(changes + 1);
            turns += changes;
        }
        assertThat(turns).isPositive();
    }

    /** What must not be forgotten is said: the twist before the first pass, and every extra hold. */
    @ParameterizedTest
    @CsvSource({"TWIST_FIRST, true", "REGULAR, false"})
    void twistFirstAndExtraHoldsAreSaid(Knot knot, boolean isTwisted) {
        List<Station> tied = HOOKED.stations().stream()
                .map(s -> s.taking(new Share(4)).tied(Tie.of(knot, 2).alsoHolding(ExtraHold.FINGER_TURN)))
                .toList();
        Each.of(WorkOrder.of(Method.Order.FRONT_FIRST, HEAD, tied)).allSatisfy(w -> {
            assertThat(w.words().contains("twisted before the first pass")).isEqualTo(isTwisted);
            assertThat(w.words()).contains(ExtraHold.FINGER_TURN.shortWords());
        });
    }

    /** A cap that is hooked off the head is done before she sits down; one that is fixed is part of the back. */
    @ParameterizedTest
    @EnumSource(Method.Order.class)
    void aCapHookedOffTheHeadComesBeforeAnything(Method.Order order) {
        for (boolean isOff : new boolean[] {true, false}) {
            Foundation capped = RowLayout.lay(
                    MEDIUM, FoundationBrief.of(14, new Back.Capped(6, 30, false, isOff), 12), OwnHair.ordinary());
            Hooked hooked = HookedHeads.hook(capped, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary());
            List<WorkStep> steps = WorkOrder.of(order, capped, hooked.stations());
            assertThat(steps.stream().anyMatch(w -> w.stage() == Stage.CAP)).isEqualTo(isOff);
            if (isOff) {
                assertThat(steps.get(0).stage()).isEqualTo(Stage.CAP);
            }
        }
    }
}
