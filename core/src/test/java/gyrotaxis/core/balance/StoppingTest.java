package gyrotaxis.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.balance.Stopping.Point;
import gyrotaxis.core.balance.Stopping.Stage;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Bulk;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class StoppingTest {
    private static final Planner PLANNER = new Planner();

    private static InstallPlan plan(Texture texture, double fullness) {
        return PLANNER.plan(InstallBrief.of(
                        HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                        FoundationBrief.of(14, 5, 12)
                                .withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS),
                        HookedHeads.hair(texture))
                .withFullness(fullness));
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void everyPointHasMoreHairAndShowsLessAndTheLastIsTheWholePlan(Texture texture) {
        InstallPlan plan = plan(texture, 1);
        Stopping s = Stopping.of(PLANNER, plan);
        assertThat(s.points().get(0).stage()).isEqualTo(Stage.BACK);
        assertThat(s.points().get(1).stage()).isEqualTo(Stage.FRONT);
        for (int i = 1; i < s.points().size(); i++) {
            Point before = s.points().get(i - 1);
            Point now = s.points().get(i);
            assertThat(now.shares()).isGreaterThan(before.shares());
            assertThat(now.loops()).isGreaterThanOrEqualTo(before.loops());
            assertThat(now.exposed()).isLessThanOrEqualTo(before.exposed());
            assertThat(now.fullness()).isGreaterThan(before.fullness());
            assertThat(now.minutes().likely()).isLessThan(before.minutes().likely());
        }
        Point last = s.points().get(s.points().size() - 1);
        assertThat(last.stage()).isEqualTo(Stage.ALL);
        assertThat(last.shares()).isEqualTo(plan.stations().size());
        assertThat(last.loops()).isEqualTo(plan.hooked().loops());
        Cover whole = PLANNER.wear(plan, Worn.parted(0), 0, 2000).cover();
        assertThat(last.exposed()).isCloseTo(whole.exposed(), within(1e-9));
        assertThat(last.covers()).isEqualTo(whole.gaps().isEmpty());
    }

    /** The more hair lies already, the less one more share hides. */
    @Test
    void theWorthOfTheNextShareNeverGrows() {
        List<Point> points = Stopping.of(PLANNER, plan(Texture.DEEP_WAVE, 1)).points();
        for (int i = 2; i < points.size(); i++) {
            assertThat(points.get(i).nextHidesMm2())
                    .isLessThanOrEqualTo(points.get(i - 1).nextHidesMm2() + 1e-9);
        }
        assertThat(points.get(points.size() - 1).next()).isEmpty();
    }

    @Test
    void aVeryFullHeadMayBeStoppedEarlierThanAFullOneAndAThinOneNotAtAll() {
        Stopping very = Stopping.of(PLANNER, plan(Texture.DEEP_WAVE, 1.6));
        assertThat(very.mayStop()).isPresent();
        Point stop = very.mayStop().orElseThrow();
        assertThat(stop.covers()).isTrue();
        assertThat(very.savedLoops()).isGreaterThan(10);
        assertThat(stop.loops() + very.savedLoops())
                .isEqualTo(very.points().get(very.points().size() - 1).loops());
        // Every point before it leaves a gap.
        assertThat(very.points().subList(0, very.points().indexOf(stop))).noneMatch(Point::covers);
        Stopping thin = Stopping.of(PLANNER, plan(Texture.DEEP_WAVE, 0.5));
        assertThat(thin.mayStop()).isEmpty();
        assertThat(thin.savedLoops()).isZero();
    }

    /** What is cut for the front is counted as the tufts that it comes from, and what is blended by its halves. */
    @Test
    void theLastPointHasTheLoopsOfThePlanHoweverItsHairIsMadeReady() {
        HairLine kinky = HookedHeads.hair(Texture.COARSE_KINKY);
        InstallBrief loose = PLANNER.plan(InstallBrief.of(
                        HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                        FoundationBrief.of(14, 5, 12),
                        kinky.of(kinky.fibre().inBulk())))
                .brief();
        HairLine deep = HookedHeads.hair(Texture.DEEP_WAVE);
        HairMix blend = new HairMix(
                HairMix.How.BLENDED, List.of(new HairMix.Strand(deep, "honey", 50, Optional.empty())), 1, false);
        for (HookingBrief hooking : List.of(
                HookingBrief.usual().preparing(Bulk.AS_IT_COMES.cutting(Set.of(Zone.FRONT))),
                HookingBrief.usual().mixing(blend))) {
            InstallPlan plan = PLANNER.plan(loose.withHooking(hooking));
            List<Point> points = Stopping.of(PLANNER, plan).points();
            assertThat(points.get(points.size() - 1).loops())
                    .isEqualTo(plan.hooked().loops());
        }
    }
}
