package gyrotaxis.core.braiding;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.braiding.BraidStep.Kind;
import gyrotaxis.core.braiding.SelfWork.Grade;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The braiding said in steps, and how hard it is on oneself. */
class BraidStepsTest {

    static Stream<Back> families() {
        return Stream.of(
                new Back.Straight(5),
                new Back.Switchback(4, true, Back.FrontTails.THREADED),
                new Back.Switchback(5, false, Back.FrontTails.COLLECTED),
                new Back.CrossTied(),
                new Back.Spiral(24));
    }

    private static Foundation lay(FoundationBrief brief) {
        return RowLayout.lay(MEDIUM, brief, OwnHair.ordinary());
    }

    private static List<BraidStep> steps(FoundationBrief brief) {
        Foundation f = lay(brief);
        return BraidSteps.of(f, TailRouter.route(f, List.of(), OwnHair.ordinary()), brief);
    }

    /** Straight backs are what people braid on themselves first, however many; what goes round or upward is hard. */
    @ParameterizedTest
    @CsvSource({"8,3", "8,8", "12,12", "14,5", "14,14", "20,8"})
    void aPlainStraightBackHeadIsNotHardOnOneself(int front, int back) {
        assertThat(onSelf(FoundationBrief.of(front, back, 12)).grade()).isNotEqualTo(Grade.HARD);
        SelfWork knotless = SelfWork.of(MEDIUM, lay(FoundationBrief.of(front, back, 12)), 60);
        assertThat(knotless.grade()).isEqualTo(Grade.HARD);
        assertThat(String.join(" ", knotless.reasons())).contains("60 double-entry knots are tied behind the head");
    }

    private static SelfWork onSelf(FoundationBrief brief) {
        return SelfWork.of(MEDIUM, lay(brief), 0);
    }

    @ParameterizedTest
    @MethodSource("families")
    void everyRowIsBraidedOnceAndInFullAndStepsAreNumbered(Back back) {
        FoundationBrief brief = FoundationBrief.of(14, back, 12);
        List<BraidStep> steps = steps(brief);
        List<RowId> braided = new ArrayList<>();
        double length = 0;
        for (int i = 0; i < steps.size(); i++) {
            BraidStep s = steps.get(i);
            assertThat(s.number()).isEqualTo(i + 1);
            assertThat(s.words())
                    .matches("(?s)[A-Z0-9].*\\.")
                    .doesNotContain("  ")
                    .doesNotContain("null");
            if (s.kind() == Kind.BRAID) {
                braided.addAll(s.rows());
                length += s.lengthMm();
            }
        }
        Foundation f = lay(brief);
        assertThat(braided)
                .containsExactlyInAnyOrderElementsOf(
                        f.rows().stream().map(Row::id).toList());
        assertThat(length).isCloseTo(f.lengthMm(), within(1e-6));
    }

    /** Parting comes before any braid, and what ends are secured with after all of them. */
    @ParameterizedTest
    @MethodSource("families")
    void whatIsPartedIsPartedFirstAndEndsAreSecuredLast(Back back) {
        List<Kind> kinds = steps(FoundationBrief.of(14, back, 12)).stream()
                .map(BraidStep::kind)
                .toList();
        int firstBraid = kinds.indexOf(Kind.BRAID);
        int lastBraid = kinds.lastIndexOf(Kind.BRAID);
        assertThat(kinds.subList(firstBraid, kinds.size())).doesNotContain(Kind.PART);
        assertThat(kinds.subList(0, lastBraid)).doesNotContain(Kind.SECURE, Kind.THREAD, Kind.MESH);
    }

    @Test
    void partsAndLeaveOutAreSaidBeforeTheRows() {
        FoundationBrief brief = FoundationBrief.of(14, 5, 12)
                .withParts(List.of(WearingPart.straight(-30), WearingPart.straight(30)), FlankSchool.FINE_ROWS)
                .withRim(RimBrief.plain().withLeaveOut(RimBrief.Where.ALL_ROUND, 15));
        assertThat(steps(brief))
                .filteredOn(s -> s.kind() == Kind.PART)
                .extracting(BraidStep::words)
                .anyMatch(w -> w.startsWith("Leave out "))
                .anyMatch(w -> w.contains("the 2 wearing parts first"))
                .anyMatch(w -> w.contains("from ear to ear, behind the ears"));
    }

    /** The three ways that are told as easier or harder on oneself come out in that order. */
    @Test
    void levelPassesAreEasierOnOneselfThanRowsDownTheBackAndASpiralIsHardest() {
        SelfWork level = onSelf(FoundationBrief.of(8, new Back.Switchback(3, true, Back.FrontTails.THREADED), 12));
        SelfWork straight = onSelf(FoundationBrief.of(8, 5, 12));
        SelfWork spiral = onSelf(FoundationBrief.of(8, new Back.Spiral(24), 12));
        assertThat(level.strain()).isLessThan(straight.strain());
        assertThat(straight.strain()).isLessThan(spiral.strain());
        assertThat(level.grade()).isEqualTo(Grade.EASY);
        assertThat(spiral.grade()).isEqualTo(Grade.HARD);
        assertThat(spiral.reasons()).singleElement().asString().contains("without a break");
    }

    @Test
    void everyReasonIsGivenForWhatCostsStrain() {
        for (int rows = 8; rows <= 20; rows += 4) {
            SelfWork work = onSelf(FoundationBrief.of(rows, 5, 12));
            assertThat(work.reasons()).isNotEmpty().allMatch(r -> !r.isBlank());
            assertThat(work.strain()).isPositive();
        }
        assertThat(onSelf(FoundationBrief.of(20, 5, 12)).strain())
                .isGreaterThan(onSelf(FoundationBrief.of(10, 5, 12)).strain());
    }
}
