package gyrotaxis.core.laying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.braiding.TailRouter;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Run;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Singles along both sides of a part. */
class PartSinglesTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.of(565, 360, 330)));

    private static FoundationBrief brief(int rows, double baseMm, Map<Stretch, Run> runs, WearingPart... parts) {
        return FoundationBrief.of(rows, 5, 12)
                .withParts(List.of(parts), FlankSchool.WIDE_CHANNEL)
                .withRim(RimBrief.plain().withIndividuals(new Individuals(runs, 0, baseMm, false, false)));
    }

    private static Foundation laid(FoundationBrief brief) {
        return RowLayout.lay(HEAD, brief, OwnHair.ordinary());
    }

    @ParameterizedTest
    @CsvSource({"12, 5, 1, 10", "14, 8, 1, 16", "12, 6, 2, 26", "20, 6, 1, 12"})
    void asManyAsAskedOnEitherSideAndTheScalpIsStillCoveredOnce(int rows, int count, int lines, int singles) {
        Foundation f = laid(brief(rows, 14, Map.of(Stretch.PARTS, new Run(lines, count)), WearingPart.straight(-20)));
        assertThat(f.rowsOf(Section.INDIVIDUAL)).hasSize(singles);
        assertThat(f.rows().stream().mapToDouble(Row::stripAreaMm2).sum())
                .isCloseTo(f.braidedMm2(), within(0.02 * f.braidedMm2()));
    }

    @Test
    void theyBeginAtThePartAndTheirEndsGoIntoTheRowsBesideIt() {
        WearingPart part = new WearingPart(15, 0, OptionalDouble.of(70));
        Foundation f = laid(brief(12, 10, Map.of(Stretch.PARTS, new Run(1, 6)), part));
        LaidPart laid = f.parts().get(0);
        int left = 0;
        for (Row single : f.rowsOf(Section.INDIVIDUAL)) {
            Row into = f.row(single.lead().orElseThrow().into()).orElseThrow();
            assertThat(into.id()).isIn(laid.gap().left(), laid.gap().right());
            left += into.id().equals(laid.gap().left()) ? 1 : 0;
            Vec2 root = single.path().chart().get(0);
            double along = laid.path().nearest(root);
            double away = laid.path()
                    .spaceAt(along * laid.path().lengthMm())
                    .distance(single.path().start());
            assertThat(away).isBetween(1.5, 4.5);
            assertThat(along).isLessThan(1);
            assertThat(single.path()
                            .end()
                            .distance(into.path()
                                    .spaceAt(into.path()
                                                    .nearest(single.path()
                                                            .chart()
                                                            .get(4))
                                            * into.lengthMm())))
                    .isLessThan(18);
        }
        assertThat(left).isEqualTo(6);
    }

    /** Those at the part go into the line behind them, and that into the row; nothing is left loose. */
    @Test
    void ofTwoLinesTheOneAtThePartGoesIntoTheOther() {
        FoundationBrief brief = brief(8, 9, Map.of(Stretch.PARTS, new Run(2, 6)), WearingPart.straight(0));
        Foundation f = laid(brief);
        List<Row> singles = f.rowsOf(Section.INDIVIDUAL);
        assertThat(singles)
                .filteredOn(r -> r.lead().orElseThrow().into().section() == Section.INDIVIDUAL)
                .hasSize(12);
        assertThat(singles)
                .filteredOn(r -> r.lead().orElseThrow().into().section() == Section.FRONT)
                .hasSize(14);
        assertThat(TailRouter.route(f, List.of(), OwnHair.ordinary()).looseEnds())
                .noneMatch(t -> t.row().section() == Section.INDIVIDUAL);
    }

    @Test
    void whatShowsLiesBetweenTheirPlaits() {
        WearingPart part = WearingPart.straight(0);
        Foundation without = laid(brief(12, 8, Map.of(), part));
        Foundation with = laid(brief(12, 8, Map.of(Stretch.PARTS, new Run(1, 6)), part));
        assertThat(with.parts().get(0).narrowestMm())
                .isLessThan(without.parts().get(0).narrowestMm());
        assertThat(with.rowsOf(Section.FRONT)).hasSameSizeAs(without.rowsOf(Section.FRONT));
    }

    @Test
    void besideSinglesAlongTheFrontTheyAreNumberedOn() {
        Foundation f = laid(brief(
                12,
                8,
                Map.of(Stretch.FRONT, new Run(1, 8), Stretch.PARTS, new Run(1, 5)),
                WearingPart.straight(-30),
                WearingPart.straight(30)));
        assertThat(f.rowsOf(Section.INDIVIDUAL)).hasSize(8 + 20);
        assertThat(f.rowsOf(Section.INDIVIDUAL))
                .extracting(r -> r.id().number())
                .doesNotHaveDuplicates();
    }

    @Test
    void withoutAPartThereAreNone() {
        assertThat(laid(brief(12, 8, Map.of(Stretch.PARTS, new Run(1, 5)))).rowsOf(Section.INDIVIDUAL))
                .isEmpty();
    }

    @Test
    void whereNoRoomIsLeftForTheRowItIsSaid() {
        assertThatThrownBy(() -> laid(brief(20, 25, Map.of(Stretch.PARTS, new Run(2, 5)), WearingPart.straight(0))))
                .isInstanceOf(FoundationException.class)
                .hasMessageContaining("no room");
    }
}
