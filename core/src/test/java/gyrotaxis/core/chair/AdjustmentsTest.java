package gyrotaxis.core.chair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.chair.Adjustments.Option;
import gyrotaxis.core.chair.Forecast.Hair;
import gyrotaxis.core.chair.Forecast.Lasts;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is offered at the chair helps, and never shows more than going on. */
class AdjustmentsTest {
    /** So many shares hooked, each taking so much more than planned, with no more hair than was planned. */
    private static AtTheChair wasteful(InstallBrief brief, int shares, double use) {
        AtTheChair chair = new AtTheChair(brief);
        int there = chair.sheet.supplies().get(0).plannedLoops();
        double used = use * chair.loopsOfFirst(shares);
        return chair.opens(there).hooks(shares, 1).after(0, new VisitEvent.RestCounted(0, Math.max(0, there - used)));
    }

    @ParameterizedTest
    @CsvSource({"30, 1.8", "60, 1.5", "60, 2.2", "90, 1.7"})
    void nothingOfferedShowsMoreThanGoingOnUntilTheHairEnds(int shares, double use) {
        AtTheChair chair = wasteful(AtTheChair.brief(), shares, use);
        Adjustments a = chair.adjustments();
        assertThat(chair.forecast().hair().get(0).lasts()).isEqualTo(Lasts.NO);
        assertThat(a.options()).isNotEmpty();
        for (Option o : a.options()) {
            if (o.what().adjustment() != Adjustment.STOP_HERE) {
                assertThat(o.shows().exposed()).isLessThanOrEqualTo(a.goingOn().exposed() + 1e-9);
            }
            assertThat(o.shows().gapsMm2()).isLessThanOrEqualTo(a.goingOn().gapsMm2());
        }
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void nothingOfferedShowsMoreWhateverTheTexture(Texture texture) {
        InstallBrief brief = InstallBrief.of(
                AtTheChair.brief().head().measures(), FoundationBrief.of(10, 4, 12), HookedHeads.hair(texture));
        Adjustments a = wasteful(brief, 40, 2).adjustments();
        assertThat(a.options()).isNotEmpty();
        for (Option o : a.options()) {
            assertThat(o.shows().covers() || o.shows().exposed() <= a.goingOn().exposed() + 1e-9)
                    .isTrue();
        }
    }

    /** Taken, an option that says that the hair lasts makes it last, by the forecast's own count. */
    @ParameterizedTest
    @CsvSource({"30, 1.8", "60, 1.5", "60, 2.2"})
    void whatIsSaidToLastLastsOnceItIsTaken(int shares, double use) {
        List<Option> options =
                wasteful(AtTheChair.brief(), shares, use).adjustments().options();
        assertThat(options).anyMatch(Option::lasts);
        for (Option o : options) {
            AtTheChair chair = wasteful(AtTheChair.brief(), shares, use).after(0, o.what());
            Hair hair = chair.forecast().hair().get(0);
            if (o.lasts()) {
                assertThat(hair.total().likely())
                        .as(o.what().adjustment().words())
                        .isLessThanOrEqualTo(hair.there() + 1e-6);
            }
        }
    }

    @Test
    void aPackIsOfferedWithItsPrice() {
        AtTheChair chair = wasteful(AtTheChair.brief(), 60, 2);
        Option fetch = of(chair.adjustments(), Adjustment.FETCH_PACKS);
        HairLine line = chair.sheet.supplies().get(0).line();
        assertThat(fetch.cost()).contains(line.packPrice().times(fetch.what().packs()));
        Hair hair = chair.forecast().hair().get(0);
        assertThat(fetch.what().packs()).isEqualTo((int) Math.ceil(hair.missing() / line.loopsPerPack()));
    }

    @Test
    void widerBehindLeavesOutSharesBehindAndNoMoreThanNeeded() {
        AtTheChair chair = wasteful(AtTheChair.brief(), 30, 1.5);
        Option wider = of(chair.adjustments(), Adjustment.WIDER_BEHIND);
        Hair hair = chair.forecast().hair().get(0);
        assertThat(wider.savesLoops()).isGreaterThan(0);

        assertThat(wider.lasts()).isTrue();
        assertThat(wider.savesLoops()).isCloseTo(hair.missing() / hair.perLoop(), within(1.0));
        Each.of(wider.what().leftOut())
                .allSatisfy(ref ->
                        assertThat(chair.sheet.byRef().get(ref).zone().words()).isIn("back", "nape"));
        assertThat(wider.minutes()).isNegative();
    }

    /** With half of the hair to spare, it covers long before the end: she may stop, and is told what shows. */
    @Test
    void aHeadThatCoversMayBeStopped() {
        AtTheChair chair = new AtTheChair(AtTheChair.brief().withFullness(1.6));
        int all = chair.sheet.shares().size();
        chair.hooks(all - 5, 1);
        Adjustments a = chair.adjustments();
        assertThat(a.now().covers()).isTrue();
        assertThat(a.mayStop()).isTrue();
        Option stop = of(a, Adjustment.STOP_HERE);
        assertThat(stop.what().leftOut()).hasSize(5);
        assertThat(stop.shows()).isEqualTo(a.now());
        assertThat(chair.after(0, stop.what()).state().toDo()).isEmpty();
        assertThat(chair.adjustments().options()).isEmpty();
    }

    @Test
    void aHeadThatIsHardlyBegunMayNotBeStoppedAndNothingIsOfferedWhileTheHairLasts() {
        AtTheChair chair = AtTheChair.usual().hooks(12, 1);
        Adjustments a = chair.adjustments();
        assertThat(a.mayStop()).isFalse();
        assertThat(a.options()).isEmpty();
        assertThat(a.now().gapsMm2()).isGreaterThan(a.goingOn().gapsMm2());
    }

    @Test
    void anotherHairOfTheMixIsOfferedBehindWhereItIsToSpare() {
        InstallBrief brief = AtTheChair.brief();
        HairMix mix = new HairMix(
                HairMix.How.RATIO,
                List.of(new HairMix.Strand(HookedHeads.hair(Texture.DEEP_WAVE), "ink", 30, Optional.empty())),
                1,
                false);
        AtTheChair chair = wasteful(brief.withHooking(brief.hooking().mixing(mix)), 15, 3);
        chair.after(0, new VisitEvent.BundleOpened(1, "", OptionalInt.of(150)));
        Option other = of(chair.adjustments(), Adjustment.OTHER_HAIR);
        assertThat(other.what().supply()).hasValue(1);
        assertThat(other.what().otherwise())
                .isNotEmpty()
                .allSatisfy(
                        ref -> assertThat(chair.sheet.byRef().get(ref).supply()).isZero());
    }

    /** What sits on the head covers as the plan does once all of it is hooked as planned. */
    @Test
    void allHookedAsPlannedCoversAsPlanned() {
        AtTheChair chair = AtTheChair.usual().hooks(1_000, 1);
        AtWork head = new AtWork(chair.plan, chair.sheet);
        var grid = AtTheChair.PLANNER.grid(chair.plan.scalp(), 2000);
        double planned = FallSimulator.cover(grid, chair.plan.foundation(), chair.plan.hooked(), Worn.as(Way.DOWN))
                .exposed();
        double worked = FallSimulator.cover(
                        grid,
                        chair.plan.foundation(),
                        head.asHooked(chair.state()).hooked(),
                        Worn.as(Way.DOWN))
                .exposed();
        assertThat(worked).isCloseTo(planned, within(1e-4));
    }

    private static Option of(Adjustments a, Adjustment kind) {
        return a.options().stream()
                .filter(o -> o.what().adjustment() == kind)
                .findFirst()
                .orElseThrow(() -> new AssertionError(kind + " is not offered but "
                        + a.options().stream().map(o -> o.what().adjustment()).toList()));
    }

    @Test
    void optionsAreTheSameForTheSameHead() {
        Adjustments a = wasteful(AtTheChair.brief(), 60, 2).adjustments();
        assertThat(a.options()).isNotEmpty();
        assertThat(a).isEqualTo(wasteful(AtTheChair.brief(), 60, 2).adjustments());
        Each.of(List.of(Adjustment.values()))
                .allSatisfy(k -> assertThat(k.says()).endsWith("."));
    }
}
