package gyrotaxis.core.laying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.braiding.TailRouter;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Run;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;
import org.junit.jupiter.params.provider.ValueSource;

class RimTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)));

    /** Away from the bays round the ears, the inner line keeps its distance from the hairline. */
    @ParameterizedTest
    @ValueSource(doubles = {8, 18, 30})
    void aLineLiesAsFarInsideAsSaid(double mm) {
        Rim rim = new Rim(HEAD, RimBrief.plain().withLeaveOut(Where.ALL_ROUND, mm));
        List<Vec3> hairline = HEAD.outline().space();
        for (double theta : new double[] {0, 0.4, -0.4, 2.7, 3.1, -3}) {
            Vec3 p = HEAD.chart().lift(rim.at(rim.field, theta));
            double nearest = hairline.stream().mapToDouble(p::distance).min().orElseThrow();
            assertThat(nearest).as("at %s", theta).isCloseTo(mm, within(0.12 * mm + 0.6));
        }
    }

    @Test
    void leaveOutTakesScalpFromTheRowsInProportionToItsWidth() {
        double all = RowLayout.lay(HEAD, FoundationBrief.of(14, 5, 10), OwnHair.ordinary())
                .braidedMm2();
        double narrow = braided(Where.FRONT, 10);
        double wide = braided(Where.FRONT, 20);
        assertThat(all).isCloseTo(HEAD.areaMm2(), within(1.0));
        assertThat((all - wide) / (all - narrow)).isBetween(1.8, 2.1);
        assertThat(braided(Where.ALL_ROUND, 10)).isLessThan(narrow);
    }

    private static double braided(Where where, double mm) {
        FoundationBrief brief =
                FoundationBrief.of(14, 5, 10).withRim(RimBrief.plain().withLeaveOut(where, mm));
        return RowLayout.lay(HEAD, brief, OwnHair.ordinary()).braidedMm2();
    }

    @ParameterizedTest
    @EnumSource(value = Where.class, mode = Mode.EXCLUDE, names = "NOWHERE")
    void individualsStandWhereTheyAreAskedForAlikeOnBothSides(Where where) {
        FoundationBrief brief = FoundationBrief.of(12, 4, 10)
                .withRim(RimBrief.plain().withIndividuals(Individuals.along(where, 12, 1, 12, false)));
        Foundation f = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        List<Row> plaits = f.rowsOf(Section.INDIVIDUAL);
        assertThat(plaits).hasSizeBetween(11, 13);
        for (Row r : plaits) {
            assertThat(r.use()).isEqualTo(RowUse.PLAITED);
            assertThat(r.lengthMm()).isBetween(7.0, 16.0);
            assertThat(f.mirrorOf(r)).isPresent();
        }
    }

    @Test
    void twoLinesOfIndividualsAreStaggered() {
        FoundationBrief brief = FoundationBrief.of(12, 4, 10)
                .withRim(RimBrief.plain().withIndividuals(Individuals.along(Where.NAPE, 8, 2, 12, false)));
        List<Row> plaits = RowLayout.lay(HEAD, brief, OwnHair.ordinary()).rowsOf(Section.INDIVIDUAL);
        assertThat(plaits).hasSize(8 + 9);
        List<Double> outer = edgeAngles(plaits, true);
        List<Double> inner = edgeAngles(plaits, false);
        // No section part of the second line meets one of the first: their plaits stand opposite each other's parts.
        for (double t : inner.subList(1, inner.size() - 1)) {
            assertThat(outer.stream().mapToDouble(o -> Math.abs(o - t)).min().orElseThrow())
                    .isGreaterThan(0.02);
        }
    }

    private static List<Double> edgeAngles(List<Row> plaits, boolean outer) {
        return plaits.stream()
                .filter(r -> startsAtHairline(r) == outer)
                .map(r -> Math.atan2(
                        r.path().chart().get(0).x(), -r.path().chart().get(0).y()))
                .sorted()
                .toList();
    }

    private static boolean startsAtHairline(Row r) {
        double theta = HEAD.chart().thetaOf(r.path().start());
        return HEAD.hairline().at(theta).distance(r.path().start()) < 2;
    }

    @Test
    void aPerimeterBraidRunsAsFarInsideAsSaid() {
        for (double mm : new double[] {8, 20}) {
            FoundationBrief brief =
                    FoundationBrief.of(12, 4, 10).withRim(RimBrief.plain().withPerimeter(Where.ALL_ROUND, mm));
            Foundation f = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
            assertThat(f.rowsOf(Section.PERIMETER)).hasSize(2);
            Vec3 front = f.rowsOf(Section.PERIMETER).get(1).path().start();
            assertThat(front.distance(HEAD.hairline().at(0))).isCloseTo(mm, within(1.0));
        }
    }

    /** Both sides of a base lie across the hairline, round the ears too: no further from square than the two lines run apart. */
    @Test
    void basesLieSquareToTheHairline() {
        FoundationBrief brief = FoundationBrief.of(12, 4, 10)
                .withRim(RimBrief.plain().withIndividuals(Individuals.along(Where.ALL_ROUND, 36, 1, 12, false)));
        Foundation f = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        for (Row r : f.rowsOf(Section.INDIVIDUAL)) {
            double theta = HEAD.chart().thetaOf(r.path().start());
            Vec3 along = HEAD.hairline()
                    .at(theta + 0.02)
                    .minus(HEAD.hairline().at(theta - 0.02))
                    .unit();
            Vec3 in = r.path().end().minus(r.path().start()).unit();
            assertThat(Math.abs(in.dot(along))).as(r.id().words()).isLessThan(0.35);
        }
    }

    /** A single holds the hair of its base and no more, a twist less of it. */
    @Test
    void singlesAreAsThinAsTheirBases() {
        Individuals plaited = Individuals.along(Where.NAPE, 8, 1, 12, false);
        FoundationBrief rows = FoundationBrief.of(12, 4, 10);
        double plait = thickness(rows.withRim(RimBrief.plain().withIndividuals(plaited)));
        double twist = thickness(rows.withRim(RimBrief.plain().withIndividuals(plaited.twisted(true))));
        assertThat(plait).isBetween(1.8, 4.0);
        assertThat(twist).isLessThan(plait);
        // What they add where they are fed in is next to nothing against a row.
        Foundation f = RowLayout.lay(HEAD, rows.withRim(RimBrief.plain().withIndividuals(plaited)), OwnHair.ordinary());
        double without = TailRouter.route(RowLayout.lay(HEAD, rows, OwnHair.ordinary()), List.of(), OwnHair.ordinary())
                .greatestBulk();
        assertThat(TailRouter.route(f, List.of(), OwnHair.ordinary()).greatestBulk())
                .isLessThan(without + 0.5);
    }

    private static double thickness(FoundationBrief brief) {
        return RowLayout.lay(HEAD, brief, OwnHair.ordinary()).rowsOf(Section.INDIVIDUAL).stream()
                .mapToDouble(Row::braidWidthMm)
                .average()
                .orElseThrow();
    }

    /** Ends of the outer line go into the inner one, those of the inner line into rows: at most two stay loose. */
    @ParameterizedTest
    @EnumSource(value = Where.class, mode = Mode.EXCLUDE, names = "NOWHERE")
    void endsOfTwoLinesFindTheirPlaces(Where where) {
        FoundationBrief brief = FoundationBrief.of(14, 5, 10)
                .withRim(RimBrief.plain().withIndividuals(Individuals.along(where, 24, 2, 12, true)));
        Foundation f = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        Braiding braiding = TailRouter.route(f, List.of(), OwnHair.ordinary());
        List<Tail> singles = braiding.tails().stream()
                .filter(t -> t.row().section() == Section.INDIVIDUAL)
                .toList();
        assertThat(singles).hasSizeGreaterThan(10);
        assertThat(singles.stream().filter(t -> !t.end().isSecured()).count()).isLessThanOrEqualTo(2);
        long inward = singles.stream()
                .filter(t ->
                        t.into().filter(i -> i.section() == Section.INDIVIDUAL).isPresent())
                .count();
        assertThat(inward).isBetween(singles.size() * 4L / 10, singles.size() * 6L / 10);
    }

    @Test
    void eachStretchHasItsOwnLines() {
        Individuals left =
                new Individuals(Map.of(Stretch.LEFT, new Run(1, 5), Stretch.NAPE, new Run(2, 6)), 0, 12, false, false);
        Foundation f = RowLayout.lay(
                HEAD,
                FoundationBrief.of(12, 4, 10).withRim(RimBrief.plain().withIndividuals(left)),
                OwnHair.ordinary());
        assertThat(f.isMirrored()).isFalse();
        assertThat(f.rowsOf(Section.INDIVIDUAL)).hasSize(5 + 6 + 7);
        assertThat(f.rows().stream().mapToDouble(Row::stripAreaMm2).sum())
                .isCloseTo(f.braidedMm2(), within(0.02 * f.braidedMm2()));
    }

    @Test
    void twoSitInFrontOfEachRow() {
        Individuals two = new Individuals(Map.of(Stretch.FRONT, new Run(1, 3)), 2, 12, true, false);
        Foundation f = RowLayout.lay(
                HEAD, FoundationBrief.of(12, 4, 10).withRim(RimBrief.plain().withIndividuals(two)), OwnHair.ordinary());
        assertThat(f.rowsOf(Section.INDIVIDUAL)).hasSize(24);
    }

    @Test
    void moreSinglesThanCanBeNamedAreRefused() {
        RimBrief many = RimBrief.plain().withIndividuals(Individuals.along(Where.ALL_ROUND, 80, 2, 8, false));
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(
                        () -> RowLayout.lay(HEAD, FoundationBrief.of(12, 4, 10).withRim(many), OwnHair.ordinary()))
                .satisfies(e -> assertThat(e.wish()).isEqualTo(Wish.INDIVIDUALS))
                .withMessageContaining("Set fewer, or one line");
    }

    @Test
    void bandsThatLeaveNoRoomAreRefused() {
        RimBrief deep = RimBrief.plain()
                .withLeaveOut(Where.ALL_ROUND, 40)
                .withIndividuals(Individuals.along(Where.ALL_ROUND, 20, 2, 25, false));
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(
                        () -> RowLayout.lay(HEAD, FoundationBrief.of(12, 4, 10).withRim(deep), OwnHair.ordinary()))
                .satisfies(e -> assertThat(e.wish()).isEqualTo(Wish.LEAVE_OUT))
                .withMessageContaining("no room");
    }
}
