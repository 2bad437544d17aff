package gyrotaxis.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Money;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a choice of share costs, and what working on oneself does. */
class ShareCostTest {
    private static final Speeds STYLIST = Speeds.usual(Installer.STYLIST);

    @ParameterizedTest
    @EnumSource(Zone.class)
    void allSharesHoldTheSameHairSmallOnesSitCloserAndTakeLonger(Zone zone) {
        Hooked h = HookedHeads.medium(Texture.DEEP_WAVE);
        List<ShareCost> costs = ShareCost.of(h, zone, STYLIST);
        assertThat(costs).hasSizeGreaterThanOrEqualTo(2);
        double hair = h.stations().stream()
                .filter(s -> s.zone() == zone && s.role() == Role.ROW)
                .mapToDouble(s -> s.share().ofLoop())
                .sum();
        ShareCost first = costs.get(0);
        for (ShareCost c : costs) {
            assertThat(c.shares() * c.share().ofLoop())
                    .isCloseTo(hair, within(0.51 * c.share().ofLoop()));
            assertThat(c.spacingMm() / c.share().ofLoop())
                    .isCloseTo(first.spacingMm() / first.share().ofLoop(), within(1e-6));
            double least = SeatedShare.widthMm(h.hairs().get(0).line(), c.share());
            assertThat(c.spacingMm()).isGreaterThan(0.8 * least);
        }
        for (int i = 1; i < costs.size(); i++) {
            assertThat(costs.get(i).share().parts())
                    .isGreaterThan(costs.get(i - 1).share().parts());
            assertThat(costs.get(i).minutes().likely())
                    .isGreaterThan(costs.get(i - 1).minutes().likely());
        }
    }

    @Test
    void asItIsHookedNowItCostsWhatThePlanSays() {
        Hooked h = HookedHeads.medium(Texture.DEEP_WAVE);
        var back = h.stations().stream()
                .filter(s -> s.zone() == Zone.BACK && s.role() == Role.ROW)
                .toList();
        ShareCost whole = ShareCost.of(h, Zone.BACK, STYLIST).get(0);
        assertThat(whole.share()).isEqualTo(Share.WHOLE);
        assertThat(whole.shares()).isEqualTo(back.size());
        assertThat(whole.spacingMm()).isCloseTo(h.spacingMm(Zone.BACK), within(1e-9));
        assertThat(whole.minutes().likely())
                .isCloseTo(ChairTime.hooking(back, STYLIST).likely(), within(1e-9));
        // Halves are twice as many, and each is split first.
        ShareCost half = ShareCost.of(h, Zone.BACK, STYLIST).get(1);
        assertThat(half.shares()).isEqualTo(2 * whole.shares());
        assertThat(half.minutes().likely())
                .isCloseTo(2 * whole.minutes().likely() + half.shares() * 5 / 60.0, within(1e-9));
    }

    @Test
    void whatCannotBeSplitHasOneChoice() {
        assertThat(ShareCost.of(HookedHeads.medium(Texture.SHORT_TWIST), Zone.BACK, STYLIST))
                .extracting(ShareCost::share)
                .containsExactly(Share.WHOLE);
    }

    @ParameterizedTest
    @CsvSource({
        "REGULAR,FRONT,1.07",
        "REGULAR,MIDDLE,1.07",
        "REGULAR,BACK,1.35",
        "REGULAR,NAPE,1.35",
        "DOUBLE_ENTRY,FRONT,1.07",
        "DOUBLE_ENTRY,MIDDLE,1.8",
        "DOUBLE_ENTRY,BACK,1.8",
        "DOUBLE_ENTRY,NAPE,1.35"
    })
    void onOneselfTheMirrorHelpsInFrontAndTheBackGoesByFeel(Knot knot, Zone zone, double longer) {
        Tie tie = Tie.of(knot, 1);
        double stylist = STYLIST.tieSeconds(tie, zone).likely();
        assertThat(Speeds.usual(Installer.SELF).tieSeconds(tie, zone).likely())
                .isCloseTo(longer * stylist, within(1e-9));
        assertThat(stylist).isEqualTo(STYLIST.tieSeconds(tie).likely());
    }

    @Test
    void paceIsForEverythingAndExtraHoldsTakeTheirTime() {
        Speeds slow = STYLIST.at(1.5);
        Tie tie = Tie.of(Knot.INVISIBLE, 3).alsoHolding(ExtraHold.TIED_SLIVER);
        assertThat(STYLIST.tieSeconds(tie).likely()).isCloseTo(17 + 2 * 3.5 + 12, within(1e-9));
        assertThat(slow.tieSeconds(tie).likely()).isCloseTo(1.5 * (17 + 7 + 12), within(1e-9));
        assertThat(slow.at(2).tieSeconds(tie).likely()).isCloseTo(3 * (17 + 7 + 12), within(1e-9));
    }

    @Test
    void aPurchaseOfSeveralLinesAddsUp() {
        HairLine a = HookedHeads.hair(Texture.DEEP_WAVE);
        PackCount main = PackCount.of(new LoopTally(Map.of(Share.WHOLE, 35)), a, 4, 10);
        PackCount other = PackCount.of(new LoopTally(Map.of(Share.HALF, 31)), a, 0, 10);
        assertThat(main.neededLoops()).isEqualTo(39);
        assertThat(other.neededLoops()).isEqualTo(18);
        Purchase both = new Purchase(List.of(main, other));
        assertThat(both.main()).isEqualTo(main);
        assertThat(both.placedLoops()).isEqualTo(51);
        assertThat(both.reserveLoops()).isEqualTo(6);
        assertThat(both.neededLoops()).isEqualTo(57);
        assertThat(both.packs()).isEqualTo(3);
        assertThat(both.leftOverLoops()).isEqualTo(5 + 2);
        assertThat(both.cost()).isEqualTo(Money.of(3 * 650L, "EUR"));
    }
}
