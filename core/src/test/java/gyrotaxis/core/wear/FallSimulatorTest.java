package gyrotaxis.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.testing.Each;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FallSimulatorTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)));
    private static final Foundation ROWS = RowLayout.lay(HEAD, FoundationBrief.of(14, 5, 12), OwnHair.ordinary());
    private static final CoverGrid GRID = CoverGrid.of(HEAD, FallSimulator.USUAL_SAMPLES);
    private static final Worn DOWN = Worn.as(Way.DOWN);

    private static HairLine hair(Texture texture, double lengthMm) {
        return new HairLine(
                "Slack Water",
                texture,
                lengthMm,
                false,
                20,
                1,
                texture.usualGramsPerM() * lengthMm / 1000,
                Money.of(650, "EUR"),
                false,
                List.of("ink"));
    }

    private static Hooked hooked(Foundation rows, Texture texture, double lengthMm, double fullness) {
        return Hooker.hook(
                HEAD, rows, hair(texture, lengthMm), fullness, HookingBrief.usual(), Demand.ordinary(), List.of(), 0);
    }

    private static Hooked only(Hooked all, List<Station> stations) {
        return all.only(stations);
    }

    private static Cover cover(Texture texture, double fullness, Way way) {
        return FallSimulator.cover(GRID, ROWS, hooked(ROWS, texture, 300, fullness), Worn.as(way));
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void aUsualHeadIsCoveredAndOneWithHalfTheHairIsNot(Texture texture) {
        Cover full = cover(texture, 1, Way.DOWN);
        Cover half = cover(texture, 0.5, Way.DOWN);
        assertThat(full.exposed()).isLessThan(0.08);
        assertThat(half.exposed()).isGreaterThan(4 * full.exposed()).isGreaterThan(0.09);
        assertThat(half.gaps()).isNotEmpty();
        // Hair from above covers what lies below it, although the front is hooked most densely.
        assertThat(full.depthByZone().get(Zone.NAPE))
                .isGreaterThan(full.depthByZone().get(Zone.FRONT));
    }

    /** The hair laid out is the hair hooked: nothing is lost on the way, nothing made up. */
    @ParameterizedTest
    @EnumSource(Texture.class)
    void hairIsConservedBetweenStationsAndDepth(Texture texture) {
        // So short, and so high on the head, that none of it leaves the grid.
        double length = 100;
        Hooked all = hooked(ROWS, texture, length, 1);
        List<Station> upper = all.stations().stream()
                .filter(s -> s.zone() == Zone.MIDDLE && Math.abs(s.chart().x()) < 30)
                .toList();
        double laid = upper.stream().mapToDouble(s -> s.share().ofLoop()).sum()
                * HairBody.of(texture).footprintMm()
                * length;
        Cover down = FallSimulator.cover(GRID, ROWS, only(all, upper), DOWN);
        assertThat(down.depthAreaMm2()).isCloseTo(laid, within(0.01 * laid));
        // Tied hair ends at its tie, so that at most all of it lies on the head, combed flat.
        double most =
                all.stations().stream().mapToDouble(s -> s.share().ofLoop()).sum()
                        * HairBody.of(texture).footprintMm()
                        * length;
        assertThat(FallSimulator.cover(GRID, ROWS, all, Worn.as(Way.HIGH_PONYTAIL))
                        .depthAreaMm2())
                .isLessThanOrEqualTo(1.0001 * FallSimulator.COVERS_DRAWN * most);
    }

    /** One share at the crown, drawn to a tie: nothing of it lies behind its root but what hides the row itself. */
    @ParameterizedTest
    @EnumSource(Texture.class)
    void drawnHairHidesNothingBehindItsRoot(Texture texture) {
        Hooked all = hooked(ROWS, texture, 300, 1);
        for (Station s : all.stations()) {
            if (s.zone() != Zone.FRONT
                    || Math.abs(s.chart().x()) > 25
                    || s.drawnTo().isPresent()) {
                continue;
            }
            Cover up = FallSimulator.cover(GRID, ROWS, only(all, List.of(s)), Worn.as(Way.HIGH_PONYTAIL));
            double behind = 0;
            for (int i = 0; i < GRID.size(); i++) {
                // In front of it, since it is drawn toward the crown.
                if (GRID.isInside(i) && GRID.middle(i).y() > s.chart().y() + 12) {
                    behind = Math.max(behind, up.depthAt(i));
                }
            }
            assertThat(behind).as("before " + s.chart()).isZero();
        }
    }

    /** A full head with a braid all round carries a ponytail; with half the hair, or open at the nape, it plainly does not. */
    @ParameterizedTest
    @EnumSource(
            value = Texture.class,
            names = {"SPRINGY_CURL", "DEEP_WAVE", "SILKY_WAVE"})
    void aPonytailIsCarriedByAFullHeadWithABraidAllRound(Texture texture) {
        Foundation rim = RowLayout.lay(
                HEAD,
                FoundationBrief.of(14, 5, 12).withRim(RimBrief.plain().withPerimeter(RimBrief.Where.ALL_ROUND, 10)),
                OwnHair.ordinary());
        for (Way way : List.of(Way.HIGH_PONYTAIL, Way.LOW_PONYTAIL)) {
            double carried = up(rim, texture, 1, way).exposed();
            assertThat(carried).isLessThan(0.1);
            assertThat(up(rim, texture, 0.5, way).exposed()).isGreaterThan(0.1).isGreaterThan(2 * carried);
            assertThat(up(ROWS, texture, 1, way).exposed()).isGreaterThan(1.3 * carried);
        }
    }

    private static Cover up(Foundation rows, Texture texture, double fullness, Way way) {
        Hooked h = Hooker.hook(
                HEAD,
                rows,
                hair(texture, 400),
                fullness,
                HookingBrief.usual(),
                new Demand(5, false, false, false, true, 0),
                List.of(),
                0);
        return FallSimulator.cover(GRID, rows, h, Worn.as(way));
    }

    @Test
    void moreHairNeverExposesMore() {
        Hooked all = hooked(ROWS, Texture.DEEP_WAVE, 300, 1);
        Cover last = FallSimulator.cover(GRID, ROWS, only(all, List.of()), DOWN);
        assertThat(last.exposed()).isEqualTo(1);
        for (int n : new int[] {1, 40, 80, all.stations().size()}) {
            Cover now = FallSimulator.cover(GRID, ROWS, only(all, all.stations().subList(0, n)), DOWN);
            Cover before = last;
            Each.of(IntStream.range(0, GRID.size()).boxed())
                    .allMatch(i -> now.exposedAt(i) <= before.exposedAt(i) + 1e-12);
            last = now;
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Texture.class,
            names = {"SPRINGY_CURL", "LOOSE_WAVE", "SILKY_WAVE"})
    void exposedFallsAsSpacingFalls(Texture texture) {
        double last = 1;
        for (double fullness = 0.5; fullness <= 1.55; fullness += 0.1) {
            double exposed = cover(texture, fullness, Way.DOWN).exposed();
            // A step may hook a row no more closely than before, since stations are whole.
            assertThat(exposed).isLessThan(last + 0.004);
            last = exposed;
        }
        assertThat(last).isLessThan(0.03);
    }

    @ParameterizedTest
    @EnumSource(
            value = Way.class,
            names = {"DOWN", "HALF_UP", "HIGH_PONYTAIL", "LOW_PONYTAIL", "BUN"})
    void bothSidesShowAlike(Way way) {
        // With a row on the midline the sides are mirror images.
        Foundation odd = RowLayout.lay(HEAD, FoundationBrief.of(15, 5, 12), OwnHair.ordinary());
        Cover c = FallSimulator.cover(GRID, odd, hooked(odd, Texture.SPRINGY_CURL, 300, 1), Worn.as(way));
        int columns = GRID.columns();
        for (int i = 0; i < GRID.size(); i++) {
            int twin = i - i % columns + columns - 1 - i % columns;
            assertThat(c.exposedAt(i)).isCloseTo(c.exposedAt(twin), within(1e-6));
        }
    }

    @Test
    void sweptHairLeavesTheOtherSideBarer() {
        Cover right = cover(Texture.DEEP_WAVE, 1, Way.SWEPT_RIGHT);
        assertThat(half(right, true)).isGreaterThan(half(right, false));
        Cover left = cover(Texture.DEEP_WAVE, 1, Way.SWEPT_LEFT);
        assertThat(half(left, false)).isCloseTo(half(right, true), within(0.01));
    }

    private static double half(Cover c, boolean left) {
        return IntStream.range(0, GRID.size())
                .filter(i -> GRID.isInside(i) && GRID.middle(i).x() < 0 == left)
                .mapToDouble(c::exposedAt)
                .average()
                .orElseThrow();
    }

    @Test
    void aHighPonytailExposesTheNapeAndNamesItsGaps() {
        Cover down = cover(Texture.DEEP_WAVE, 1, Way.DOWN);
        Cover high = cover(Texture.DEEP_WAVE, 1, Way.HIGH_PONYTAIL);
        assertThat(high.exposedByZone().get(Zone.NAPE))
                .isGreaterThan(2 * down.exposedByZone().get(Zone.NAPE));
        assertThat(high.gaps()).isNotEmpty();
        assertThat(high.gaps().get(0).place()).asString().isNotBlank();
        assertThat(high.gaps().get(0).exposed()).isBetween(0.3, 1.0);
    }

    @Test
    void aWornPartShowsMoreSkinThanTheSameHeadCombedBack() {
        Foundation parted = RowLayout.lay(
                HEAD,
                FoundationBrief.of(14, 6, 12).withParts(List.of(WearingPart.straight(0)), FlankSchool.WIDE_CHANNEL),
                OwnHair.ordinary());
        Hooked all = hooked(parted, Texture.DEEP_WAVE, 300, 1);
        int onPart = GRID.cellAt(parted.parts().get(0).path().chartAt(20));
        assertThat(FallSimulator.cover(GRID, parted, all, Worn.parted(0)).exposedAt(onPart))
                .isGreaterThan(FallSimulator.cover(GRID, parted, all, DOWN).exposedAt(onPart));
    }

    @Test
    void looseHairCoversLessAfterTwoWeeksAndKinkyHairMore() {
        for (Texture t : List.of(Texture.SILKY_WAVE, Texture.COARSE_KINKY)) {
            Hooked all = hooked(ROWS, t, 300, 1);
            double first = FallSimulator.cover(GRID, ROWS, all, DOWN).exposed();
            double later = FallSimulator.cover(GRID, ROWS, all, DOWN, 14).exposed();
            assertThat(later > first).isEqualTo(t == Texture.SILKY_WAVE);
        }
    }

    @Test
    void hairHasItsLengthAndLeavesTheHeadDownward() {
        Hooked all = hooked(ROWS, Texture.DEEP_WAVE, 400, 1);
        for (FallenHair h : FallSimulator.hair(GRID, ROWS, all, DOWN, 0)) {
            double length = h.fall().riseMm();
            for (int i = 1; i < h.line().size(); i++) {
                length += h.line().get(i).distance(h.line().get(i - 1));
            }
            assertThat(length).as(h.station().toString()).isBetween(360.0, 420.0);
            assertThat(h.line().get(h.line().size() - 1).z())
                    .isLessThan(h.line().get(0).z());
        }
    }

    @Test
    void finerSamplingChangesLittle() {
        Hooked all = hooked(ROWS, Texture.DEEP_WAVE, 300, 1);
        double fine =
                FallSimulator.cover(CoverGrid.of(HEAD, 12_000), ROWS, all, DOWN).exposed();
        assertThat(FallSimulator.cover(GRID, ROWS, all, DOWN).exposed()).isCloseTo(fine, within(0.004));
        assertThatIllegalArgumentException().isThrownBy(() -> CoverGrid.of(HEAD, 100));
    }

    /** Without a knot both legs lie flat beside the row, which is bare unless its neighbours cover it. */
    @Test
    void doubleEntryLeavesTheRowItselfToItsNeighbours() {
        Foundation single = RowLayout.lay(HEAD, FoundationBrief.of(14, 5, 12), OwnHair.ordinary());
        RowId row = new RowId(Section.FRONT, 7);
        Hooked knots = hooked(single, Texture.DEEP_WAVE, 300, 1);
        Hooked none = Hooker.hook(
                HEAD,
                single,
                hair(Texture.DEEP_WAVE, 300),
                1,
                HookingBrief.usual().withoutKnots(Set.of(row)),
                Demand.ordinary(),
                List.of(),
                0);
        // By itself it shows far more than one with knots.
        double[] alone = onRow(only(none, on(none, row)), single, row, 0);
        assertThat(mean(alone)).isLessThan(0.7 * mean(onRow(only(knots, on(knots, row)), single, row, 0)));
        // In front nothing falls over it from above; further back the rows beside it cover it.
        double inFront = mean(onRow(none, single, row, 0)) / mean(onRow(knots, single, row, 0));
        double behind = mean(onRow(none, single, row, 2)) / mean(onRow(knots, single, row, 2));
        assertThat(inFront).isLessThan(0.5);
        assertThat(behind).isBetween(0.8, 1.0);
        // No hair is made up: what lies on the scalp is no more than with knots.
        assertThat(FallSimulator.cover(GRID, single, none, DOWN).depthAreaMm2())
                .isLessThan(FallSimulator.cover(GRID, single, knots, DOWN).depthAreaMm2());
    }

    private static List<Station> on(Hooked h, RowId row) {
        return h.stations().stream().filter(s -> s.id().row().equals(row)).toList();
    }

    /** Depth over the cells that a third of a row runs through, from 0 at its start. */
    private static double[] onRow(Hooked h, Foundation rows, RowId id, int third) {
        Cover cover = FallSimulator.cover(GRID, rows, h, DOWN);
        Path path = rows.row(id).orElseThrow().path();
        return IntStream.range(1, 30)
                .mapToObj(i -> path.chartAt(path.lengthMm() / 3 * (third + i / 30.0)))
                .mapToInt(GRID::cellAt)
                .distinct()
                .mapToDouble(cover::depthAt)
                .toArray();
    }

    private static double mean(double[] a) {
        return Arrays.stream(a).average().orElseThrow();
    }
}
