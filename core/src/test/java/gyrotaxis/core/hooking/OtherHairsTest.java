package gyrotaxis.core.hooking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.OtherHair;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.scalp.HairDensity;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.ScalpPoint;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

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
}
