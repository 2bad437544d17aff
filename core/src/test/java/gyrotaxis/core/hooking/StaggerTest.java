package gyrotaxis.core.hooking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shares sit opposite the gaps of the row beside, as bricks are laid. */
class StaggerTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.of(565, 360, 330)));
    private static final double LENGTH_MM = 200;

    /** Off the middle beside shares that lie at whole numbers and something. */
    private static DoubleUnaryOperator besideEven(double first) {
        return c -> Math.abs(c - first - Math.floor(c - first) - 0.5);
    }

    @Test
    void besideNothingSharesLieEvenlyAndAsCloseToTheEdgeAsAny() {
        assertThat(Stagger.lay(5, c -> Double.NaN)).containsExactly(0.15, 1.15, 2.15, 3.15, 4.15);
    }

    /** Beside an even row of the same spacing they lie evenly, midway, wherever that one begins. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.25, 0.5, 0.75})
    void besideAnEvenRowTheyLieMidway(double first) {
        double[] at = Stagger.lay(12, besideEven(first));
        // The first and the last keep to the row's ends, whatever lies beside them, and the next ones catch up.
        for (int k = 3; k < 9; k++) {
            assertThat(besideEven(first).applyAsDouble(at[k])).isCloseTo(0, within(0.1));
        }
    }

    /** Beside a row that is hooked 6 % more closely they follow it, gap by gap, instead of drifting. */
    @Test
    void besideAnotherSpacingTheyDoNotDrift() {
        DoubleUnaryOperator beside = c -> besideEven(0.5).applyAsDouble(c * 1.06);
        double[] at = Stagger.lay(16, beside);
        double[] drifting = IntStream.range(0, 16).mapToDouble(k -> k + 0.5).toArray();
        assertThat(worst(drifting, beside)).isGreaterThan(0.4);
        assertThat(median(at, beside)).isLessThan(0.15);
        assertThat(worst(at, beside)).isLessThan(Bricks.LEVEL);
    }

    /** Whatever lies beside, there are as many as asked, in the row, and no two nearer than 0.7 of an even gap. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 7, 30})
    void theyStayInTheirRowAndApart(int m) {
        for (double closer : new double[] {0.4, 0.9, 1.3, 2.2}) {
            double[] at = Stagger.lay(m, c -> besideEven(0.3).applyAsDouble(c * closer));
            assertThat(at).hasSize(m);
            assertThat(at[0]).isPositive();
            assertThat(at[m - 1]).isLessThan(m);
            for (int k = 1; k < m; k++) {
                assertThat(at[k] - at[k - 1]).isBetween(0.7 - 1e-9, 1.36);
            }
        }
    }

    /** No sequence on the grid is better: tried out for three shares. */
    @Test
    void noOtherSequenceIsBetter() {
        DoubleUnaryOperator beside = c -> besideEven(0.8).applyAsDouble(c * 1.2);
        double[] best = Stagger.lay(3, beside);
        double least = Double.POSITIVE_INFINITY;
        for (int a = 2; a <= 7; a++) {
            for (double first : Stagger.gaps()) {
                for (double second : Stagger.gaps()) {
                    double c = a / 12.0;
                    double last = 3 - c - first - second;
                    if (last >= 0.1 - 1e-9 && last <= 0.8) {
                        least = Math.min(least, cost(new double[] {c, c + first, c + first + second}, beside));
                    }
                }
            }
        }
        assertThat(cost(best, beside)).isCloseTo(least, within(1e-9));
    }

    private static double cost(double[] at, DoubleUnaryOperator beside) {
        int m = at.length;
        double left = m - at[m - 1];
        double sum = (at[0] - 0.3) * (at[0] - 0.3) / 2 + (left - 0.5) * (left - 0.5) / 2;
        for (int k = 0; k < m; k++) {
            double gap = k == 0 ? 1 : at[k] - at[k - 1];
            sum += Stagger.stepCost(gap, beside.applyAsDouble(at[k]));
        }
        return sum;
    }

    /** A straight row with shares at 20, 40, 60 mm; a place 15 mm beside it. */
    @Test
    void offTheMiddleIsToldInPartsOfTheGap() {
        List<Vec2> flat = List.of(new Vec2(0, 0), new Vec2(0, LENGTH_MM));
        List<Vec3> space = List.of(new Vec3(0, 0, 0), new Vec3(0, LENGTH_MM, 0));
        Row row = Row.of(new RowId(Section.FRONT, 1), new Path(flat, space), flat, 1);
        Beside beside = new Beside(row, new double[] {20, 40, 60});
        assertThat(beside.off(new Vec2(15, 30), new Vec3(15, 30, 0))).isCloseTo(0, within(1e-9));
        assertThat(beside.off(new Vec2(15, 40), new Vec3(15, 40, 0))).isCloseTo(0.5, within(1e-9));
        assertThat(beside.off(new Vec2(15, 45), new Vec3(15, 45, 0))).isCloseTo(0.25, within(1e-9));
        // Before the first: level with it at 0.5, half a gap before it not off at all.
        assertThat(beside.off(new Vec2(15, 18), new Vec3(15, 18, 0))).isCloseTo(0.4, within(1e-9));
        assertThat(beside.off(new Vec2(15, 8), new Vec3(15, 8, 0))).isZero();
        // Seven gaps away nobody sees it.
        assertThat(beside.off(new Vec2(140, 30), new Vec3(140, 30, 0))).isNaN();
    }

    static Stream<Arguments> heads() {
        return Stream.of(
                        FoundationBrief.of(8, 3, 10),
                        FoundationBrief.of(14, 5, 10),
                        FoundationBrief.of(20, 8, 10),
                        FoundationBrief.of(12, 12, 10),
                        FoundationBrief.of(14, 5, 10)
                                .withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS),
                        FoundationBrief.of(14, new Back.Switchback(4, false, Back.FrontTails.THREADED), 10),
                        FoundationBrief.of(14, new Back.Spiral(20), 10))
                .flatMap(brief -> Arrays.stream(Texture.values()).map(texture -> Arguments.of(brief, texture)));
    }

    /** The figure by which a head is judged: half of the shares at most 0.15 of a gap off, hardly one level with its neighbour. */
    @ParameterizedTest
    @MethodSource("heads")
    void aHeadIsLaidAsBricksAre(FoundationBrief brief, Texture texture) {
        Foundation foundation = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        List<Station> stations = StationPlacer.place(HEAD, foundation, HookingPlan.usual(texture, 1));
        Bricks bricks = Bricks.of(foundation, stations);
        assertThat(bricks.offs()).isNotEmpty();
        // Eight rows are so far apart and of so different lengths that there are few gaps to be opposite to.
        assertThat(bricks.median()).isLessThanOrEqualTo(brief.frontRows() > 8 ? 0.15 : 0.19);
        assertThat((double) bricks.level() / bricks.offs().size()).isLessThan(brief.frontRows() > 8 ? 0.06 : 0.17);
    }

    private static double worst(double[] at, DoubleUnaryOperator beside) {
        return Arrays.stream(at).map(beside).max().orElseThrow();
    }

    private static double median(double[] at, DoubleUnaryOperator beside) {
        return Arrays.stream(at).map(beside).sorted().toArray()[at.length / 2];
    }
}
