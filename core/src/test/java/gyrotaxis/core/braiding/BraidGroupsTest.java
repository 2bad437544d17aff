package gyrotaxis.core.braiding;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The braiding as it is written on a sheet. */
class BraidGroupsTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.of(565, 360, 330)));

    private static List<BraidGroup> groups(FoundationBrief brief) {
        Foundation f = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        return BraidGroups.of(f, TailRouter.route(f, List.of(), OwnHair.ordinary()), brief);
    }

    static Stream<FoundationBrief> briefs() {
        return Stream.of(
                        new Back.Straight(5),
                        new Back.Straight(14),
                        new Back.Switchback(4, true, Back.FrontTails.THREADED),
                        new Back.Switchback(5, false, Back.FrontTails.COLLECTED),
                        new Back.CrossTied(),
                        new Back.Spiral(18),
                        new Back.Capped(5, 20, false, true),
                        new Back.Wefted(5, true))
                .flatMap(back -> Stream.of(
                        FoundationBrief.of(14, back, 12),
                        FoundationBrief.of(20, back instanceof Back.Straight ? new Back.Straight(9) : back, 12)
                                .withRim(RimBrief.plain()
                                        .withPerimeter(Where.NAPE, 10)
                                        .withIndividuals(Individuals.along(Where.ALL_ROUND, 46, 2, 12, true)))));
    }

    /** Every step is in one group, in order, and even the largest foundation is a dozen groups. */
    @ParameterizedTest
    @MethodSource("briefs")
    void everyStepIsSaidOnce(FoundationBrief brief) {
        List<BraidGroup> groups = groups(brief);
        int next = 1;
        for (BraidGroup g : groups) {
            assertThat(g.from()).isEqualTo(next);
            assertThat(g.words()).endsWith(".").doesNotContain("  ").matches(w -> Character.isUpperCase(w.charAt(0)));
            next = g.to() + 1;
        }
        Foundation f = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        assertThat(next - 1)
                .isEqualTo(BraidSteps.of(f, TailRouter.route(f, List.of(), OwnHair.ordinary()), brief)
                        .size());
        assertThat(groups).hasSizeLessThanOrEqualTo(16);
    }

    @Test
    void rowsOfAKindAreOneLineAsAStylistWouldWriteIt() {
        assertThat(groups(FoundationBrief.of(14, 5, 12)))
                .extracting(BraidGroup::words)
                .contains(
                        "Front rows 1 to 14, outer ones first, left and right in turn: from the hairline straight back; "
                                + "1 to 3 into back row 1; 4 to 6 into back row 2; 7 and 8 into back row 3; 9 to 11 into back row 4; "
                                + "12 to 14 into back row 5.");
        assertThat(groups(FoundationBrief.of(8, new Back.Switchback(3, true, Back.FrontTails.THREADED), 12)))
                .extracting(BraidGroup::words)
                .anyMatch(w -> w.startsWith(
                        "Level rows 1 to 3: level, from her right to her left, then by turns the other way; "))
                .anyMatch(w -> w.startsWith("Thread the ends of front rows 1 to 8 one by one with the hook"));
    }

    @Test
    void numbersAreSaidAsRunsWhereTheyAre() {
        assertThat(numbers(1, 2, 3, 4)).isEqualTo("1 to 4");
        assertThat(numbers(1, 2)).isEqualTo("1 and 2");
        assertThat(numbers(3)).isEqualTo("3");
        assertThat(numbers(1, 2, 3, 7, 9, 10)).isEqualTo("1 to 3, 7, 9 and 10");
        assertThat(numbers(14, 1, 13)).isEqualTo("1, 13 and 14");
    }

    private static String numbers(int... n) {
        return BraidGroups.numbers(
                IntStream.of(n).mapToObj(i -> new RowId(Section.FRONT, i)).toList());
    }
}
