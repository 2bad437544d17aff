package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.estimate.Purchase;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Bulk;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.HairMix.How;
import gyrotaxis.core.install.HairMix.Strand;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.HookingException.Wish;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Loose fibre is counted by weight, and two hairs on one hook by halves. */
class BulkTest {
    private static final HookingBrief USUAL = HookingBrief.usual();
    private static final HairLine LOOPED = HookedHeads.hair(Texture.COARSE_KINKY);
    private static final HairLine LOOSE =
            LOOPED.of(LOOPED.fibre().inBulk()).alsoIn(List.of(new PackSize(50, Money.of(1400, "EUR"))));

    private static Hooked hook(HairLine hair, HookingBrief brief) {
        return Hooker.hook(MEDIUM, STRAIGHT, hair, 1, brief, Demand.ordinary(), List.of(), 0);
    }

    private static double grams(Hooked h) {
        return h.stations().stream().mapToDouble(h::gramsOf).sum();
    }

    private static HookingBrief tufts(double grams) {
        return USUAL.preparing(Bulk.AS_IT_COMES.inTufts(grams));
    }

    @ParameterizedTest
    @ValueSource(doubles = {2.5, 4, 5.55, 8, 11})
    void aPackKeepsItsWeightAndTheHeadItsHairHoweverThickTheTufts(double tuft) {
        Hooked h = hook(LOOSE, tufts(tuft));
        HairLine pulled = h.hairs().get(0).line();
        assertThat(pulled.gramsPerLoop()).isEqualTo(tuft);
        // What does not make a whole tuft is left over.
        assertThat(LOOSE.gramsPerPack() - pulled.gramsPerPack()).isBetween(0.0, tuft);
        assertThat(pulled.packSizes().get(1).loops()).isEqualTo((int) Math.floor(50 * LOOSE.gramsPerLoop() / tuft));
        assertThat(grams(h) / grams(hook(LOOSE, USUAL))).isBetween(0.88, 1.12);
    }

    @Test
    void tuftsThatNoBundleGivesAreRefusedWithWhatItDoesGive() {
        assertThatExceptionOfType(HookingException.class)
                .isThrownBy(() -> hook(LOOPED, tufts(3)))
                .withMessageContaining("comes in loops")
                .satisfies(e -> assertThat(e.wish()).isEqualTo(Wish.TUFT));
        HairLine small = new HairLine(
                "Marram", Texture.COARSE_KINKY, 300, false, 2, 1, 5, Money.of(300, "EUR"), false, List.of("sand"));
        assertThatExceptionOfType(HookingException.class)
                .isThrownBy(() -> hook(small.of(small.fibre().inBulk()), tufts(12)))
                .withMessageContaining("weighs 10 g. Pull tufts of 0.3 to 10 g");
        assertThatIllegalArgumentException().isThrownBy(() -> tufts(0.1));
    }

    @Test
    void cutForTheFrontOnlyTheFrontIsHalfAsLongAndTwoPiecesComeFromEachTuft() {
        Hooked h = hook(LOOSE, USUAL.preparing(Bulk.AS_IT_COMES.cutting(Set.of(Zone.FRONT))));
        for (Station s : h.stations()) {
            assertThat(h.hairOf(s).lengthMm()).isEqualTo(s.zone() == Zone.FRONT ? 150 : 300);
            assertThat(h.gramsOf(s))
                    .isCloseTo(
                            s.share().ofLoop() * LOOSE.gramsPerLoop() * (s.zone() == Zone.FRONT ? 0.5 : 1),
                            within(1e-9));
        }
        int pieces = h.tallies().get(1).loops();
        assertThat(pieces).isPositive();
        assertThat(h.loops()).isEqualTo(h.tallies().get(0).loops() + (pieces + 1) / 2);
        // All of it is bought as one line.
        InstallPlan plan = new Planner()
                .plan(InstallBrief.of(HeadMeasures.of(565, 360, 330), FoundationBrief.of(14, 5, 12), LOOSE)
                        .withHooking(USUAL.preparing(Bulk.AS_IT_COMES.cutting(Set.of(Zone.FRONT)))));
        Purchase packs = plan.packs();
        assertThat(packs.lines()).hasSize(1);
        assertThat(packs.placedLoops()).isEqualTo(plan.hooked().loops());
    }

    private static final HairLine SILKY = new HairLine(
            "Slipway",
            Texture.SILKY_WAVE,
            300,
            false,
            20,
            1,
            Texture.SILKY_WAVE.usualGramsPerM() * 0.3,
            Money.of(900, "EUR"),
            false,
            List.of("foam"));

    private static HairMix blend(HairLine other) {
        return new HairMix(
                How.BLENDED, List.of(new Strand(other, other.colours().get(0), 50, Optional.empty())), 1, false);
    }

    @Test
    void aBlendedShareIsHalfOfEachAndIsTiedForTheOneThatSlides() {
        HairLine deep = HookedHeads.hair(Texture.DEEP_WAVE);
        Hooked h = hook(deep, USUAL.mixing(blend(SILKY)));
        for (Station s : h.stations()) {
            assertThat(h.portionsOf(s)).extracting(Hooked.Portion::line).containsExactly(deep, SILKY);
            assertThat(h.gramsOf(s))
                    .isCloseTo(s.share().ofLoop() * (deep.gramsPerLoop() + SILKY.gramsPerLoop()) / 2, within(1e-9));
            assertThat(h.slipOf(s)).isEqualTo(Slip.SLIDING);
            assertThat(h.lasts(s, Demand.ordinary())).isTrue();
        }
        assertThat(h.tallies().get(0)).isEqualTo(h.tallies().get(1));
        // What is split in halves for two hairs makes up the shares.
        double shares =
                h.stations().stream().mapToDouble(s -> s.share().ofLoop()).sum();
        LoopTally each = h.tallies().get(0);
        double half = each.sharesBySize().entrySet().stream()
                .mapToDouble(e -> e.getKey().ofLoop() * e.getValue())
                .sum();
        assertThat(half).isCloseTo(shares / 2, within(1e-9));
    }

    @Test
    void whatCannotBeSplitCannotBeBlendedAndAnEighthIsOfOneHair() {
        HairLine twist = HookedHeads.hair(Texture.SHORT_TWIST);
        assertThatExceptionOfType(HookingException.class)
                .isThrownBy(() -> hook(HookedHeads.hair(Texture.DEEP_WAVE), USUAL.mixing(blend(twist))))
                .withMessageContaining("comes undone")
                .satisfies(e -> assertThat(e.wish()).isEqualTo(Wish.MIX));
        assertThat(blend(SILKY).blends(Share.QUARTER)).isTrue();
        assertThat(blend(SILKY).blends(new Share(5))).isFalse();
        Strand half = new Strand(SILKY, "foam", 50, Optional.empty());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new HairMix(How.BLENDED, List.of(half, half), 1, false))
                .withMessageContaining("blended");
    }

    @Test
    void whetherALineCanBeSplitIsItsOwn() {
        HairLine deep = HookedHeads.hair(Texture.DEEP_WAVE);
        HairLine locks = deep.of(deep.fibre().goingInWhole(true));
        Each.of(hook(locks, USUAL).stations()).allMatch(s -> s.share().equals(Share.WHOLE));
        HairLine twist = HookedHeads.hair(Texture.SHORT_TWIST);
        HairLine splits = twist.of(twist.fibre().goingInWhole(false));
        assertThat(hook(splits, USUAL).stations()).anyMatch(s -> s.share().parts() > 1);
    }
}
