package gyrotaxis.core.hooking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.OtherHair;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.ScalpPoint;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Everything that covers, covers. */
class OtherHairsTest {
    private static final HeadMeasures HEAD = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);
    private static final OwnHair HERS = OwnHair.of(HairDensity.MEDIUM, 220, Set.of());
    private static final FoundationBrief ROWS = FoundationBrief.of(14, 5, 12);
    /** A row takes a whole number of shares, so that a zone shows a little more or less. */
    private static final double WHOLE_SHARES = 0.012;

    private final Planner planner = new Planner();

    private InstallPlan plan(FoundationBrief rows) {
        return planner.plan(
                InstallBrief.of(HEAD, rows, HookedHeads.hair(Texture.DEEP_WAVE)).withOwnHair(HERS));
    }

    private Cover down(InstallPlan plan) {
        return planner.wear(plan, Worn.all(plan.foundation()).get(0)).cover();
    }

    private InstallPlan leavingOut(Where where, double mm) {
        return plan(ROWS.withRim(RimBrief.plain().withLeaveOut(where, mm)));
    }

    @ParameterizedTest
    @EnumSource(value = Where.class, names = "NOWHERE", mode = EnumSource.Mode.EXCLUDE)
    void leftOutHairCoversWhereItIsLaidAndIsNoGap(Where where) {
        double without = down(plan(ROWS)).exposedByZone().getOrDefault(Zone.FRONT, 0.0);
        for (double mm = 6; mm <= 36; mm += 10) {
            Cover with = down(leavingOut(where, mm));
            assertThat(with.exposedByZone().getOrDefault(Zone.FRONT, 1.0))
                    .as("front with %s mm left out at %s", mm, where.words())
                    .isLessThan(without + WHOLE_SHARES);
            assertThat(with.gaps())
                    .as("gaps with %s mm left out at %s", mm, where.words())
                    .isEmpty();
        }
    }

    @Test
    void moreLeftOutCoversMoreAndSoDoesThickerHair() {
        double before = 0;
        for (double mm = 8; mm <= 32; mm += 8) {
            double laid = width(leavingOut(Where.FRONT, mm));
            assertThat(laid).isGreaterThan(before);
            before = laid;
        }
        InstallPlan thick = planner.plan(
                leavingOut(Where.FRONT, 16).brief().withOwnHair(OwnHair.of(HairDensity.THICK, 220, Set.of())));
        assertThat(width(thick) / width(leavingOut(Where.FRONT, 16))).isCloseTo(1.19 * 1.19, within(1e-9));
    }

    private static double width(InstallPlan plan) {
        return plan.hooked().others().stream()
                .filter(OtherHair.LeftOut.class::isInstance)
                .mapToDouble(o -> ((OtherHair.LeftOut) o).widthMm())
                .sum();
    }

    @Test
    void whatIsLeftOutLiesAlikeOnBothSides() {
        double sum = leavingOut(Where.ALL_ROUND, 18).hooked().others().stream()
                .mapToDouble(o -> o.chart().x())
                .sum();
        assertThat(sum).isCloseTo(0, within(1e-6));
    }

    @Test
    void weftsCoverTheBackAndDoubledOnesTwiceAsMuch() {
        InstallPlan once = plan(FoundationBrief.of(14, new Back.Wefted(5, false), 12));
        InstallPlan twice = plan(FoundationBrief.of(14, new Back.Wefted(5, true), 12));
        assertThat(loops(twice)).isCloseTo(2 * loops(once), within(1e-9));
        for (InstallPlan p : List.of(once, twice)) {
            assertThat(down(p).exposedByZone().get(Zone.BACK)).isLessThan(0.05);
            assertThat(down(p).exposedByZone().get(Zone.NAPE)).isLessThan(0.05);
            assertThat(down(p).gaps()).isEmpty();
        }
    }

    private static double loops(InstallPlan plan) {
        return plan.hooked().others().stream()
                .filter(OtherHair.Weft.class::isInstance)
                .mapToDouble(o -> ((OtherHair.Weft) o).loops())
                .sum();
    }

    @ParameterizedTest
    @EnumSource(
            value = RegionKind.class,
            names = {"BUN", "SHOWN_BRAIDS"})
    void whatWasLeftOutForAStyleHidesWhatItWasLeftOutFor(RegionKind kind) {
        Region top = new Region(
                kind,
                "top",
                List.of(
                        new ScalpPoint(-0.5, 0.5),
                        new ScalpPoint(0, 0.6),
                        new ScalpPoint(0.5, 0.5),
                        new ScalpPoint(2.2, 0.25),
                        new ScalpPoint(-2.2, 0.25)));
        InstallPlan plan = planner.plan(InstallBrief.of(HEAD, ROWS, HookedHeads.hair(Texture.DEEP_WAVE))
                .withHead(new HeadRecord(HEAD, HeadRecord.of(HEAD).hairline(), List.of(top))));
        for (Way way : List.of(Way.DOWN, Way.HIGH_PONYTAIL, Way.WIND)) {
            Cover cover = planner.wear(plan, Worn.as(way)).cover();
            int at = cover.grid().cellAt(plan.scalp().chartAt(new ScalpPoint(0, 0.3)));
            assertThat(cover.exposedAt(at)).as(way.words()).isLessThan(0.02);
        }
    }

    @Test
    void firstSharesThatAreSetBackLeaveNoGapToComplainOf() {
        for (double mm = 0; mm <= 30; mm += 10) {
            Cover cover = down(plan(ROWS.withRim(RimBrief.plain().withSetBack(mm))));
            assertThat(cover.gaps()).as("set back %s mm", mm).isEmpty();
        }
    }

    private static List<OtherHair> others(FoundationBrief asked, OwnHair own, List<Region> regions) {
        Foundation rows = RowLayout.lay(HookedHeads.MEDIUM, asked, own);
        return OtherHairs.of(HookedHeads.MEDIUM, rows, asked, own, regions, HookedHeads.hair(Texture.DEEP_WAVE));
    }

    /** 0.12 g for every mm of a weft, twice that doubled, in pieces of about a centimetre. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void weftsWeighByTheirLength(boolean isDoubled) {
        FoundationBrief asked = FoundationBrief.of(14, new Back.Wefted(5, isDoubled), 12);
        Foundation rows = RowLayout.lay(HookedHeads.MEDIUM, asked, HERS);
        double mm = rows.rows().stream()
                .filter(r -> r.use() == RowUse.WEFTED)
                .mapToDouble(Row::lengthMm)
                .sum();
        List<OtherHair> wefts = others(asked, HERS, List.of());
        double loops =
                wefts.stream().mapToDouble(o -> ((OtherHair.Weft) o).loops()).sum();
        double gramsPerLoop = HookedHeads.hair(Texture.DEEP_WAVE).gramsPerLoop();
        assertThat(loops * gramsPerLoop).isCloseTo(0.12 * mm * (isDoubled ? 2 : 1), within(1e-6));
        assertThat(mm / wefts.size()).isCloseTo(10, within(0.5));
        // The pieces of a row lie in its length, the first and last half a piece from its ends.
        for (Row row : rows.rows()) {
            if (row.use() == RowUse.WEFTED) {
                for (double end : new double[] {0, row.lengthMm()}) {
                    Vec3 at = row.path().spaceAt(end);
                    assertThat(wefts.stream()
                                    .mapToDouble(
                                            o -> ((OtherHair.Weft) o).space().distance(at))
                                    .min()
                                    .orElseThrow())
                            .isCloseTo(5, within(0.6));
                }
            }
        }
    }

    /** What is laid over an area comes in squares that make it up, to within its rim. */
    @ParameterizedTest
    @EnumSource(
            value = RegionKind.class,
            names = {"BUN", "SHOWN_BRAIDS"})
    void whatIsLaidMakesUpItsArea(RegionKind kind) {
        Region area = new Region(
                kind,
                "top",
                IntStream.range(0, 24)
                        .mapToObj(k -> new ScalpPoint(k * Math.PI / 12 - Math.PI, 0.45))
                        .toList());
        List<OtherHair> laid = others(ROWS, HERS, List.of(area));
        List<Vec2> rim = HookedHeads.MEDIUM.chartOf(area);
        assertThat(laid).isNotEmpty().allSatisfy(o -> {
            OtherHair.Laid l = (OtherHair.Laid) o;
            assertThat(Polygons.contains(rim, l.chart())).isTrue();
            assertThat(l.areaMm2()).isEqualTo(64);
            assertThat(l.depth()).isEqualTo(kind == RegionKind.BUN ? 4 : 3);
        });
        double mm2 =
                laid.stream().mapToDouble(o -> ((OtherHair.Laid) o).areaMm2()).sum();
        double radius = rim.stream().mapToDouble(Vec2::norm).average().orElseThrow();
        assertThat(mm2).isCloseTo(Math.PI * radius * radius, within(0.06 * mm2));
    }

    /** The mesh of a cap hides what lies under it; without cap, wefts, leave-out or styles there is nothing. */
    @Test
    void theMeshOfACapLiesOverAllOfItAndAPlainHeadHasNothing() {
        FoundationBrief capped = FoundationBrief.of(14, new Back.Capped(6, 30, false, false), 12);
        Foundation rows = RowLayout.lay(HookedHeads.MEDIUM, capped, HERS);
        List<Vec2> cap = rows.cap().orElseThrow().area();
        assertThat(others(capped, HERS, List.of())).isNotEmpty().allSatisfy(o -> {
            assertThat(Polygons.contains(cap, ((OtherHair.Laid) o).chart())).isTrue();
            assertThat(((OtherHair.Laid) o).depth()).isEqualTo(1);
        });
        assertThat(others(ROWS, HERS, List.of())).isEmpty();
    }
}
