package gyrotaxis.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.estimate.ChairTime.Stage;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HairDensity;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.core.scalp.ScalpCondition;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Packs, minutes and cautions, each from its own small case. */
class EstimateTest {
    private static final LoopTally SEVENTY = new LoopTally(Map.of(Share.WHOLE, 40, Share.HALF, 40, Share.THIRD, 30));

    private static HairLine hair(int perBundle, int bundles, boolean coated) {
        return new HairLine(
                "Ebb",
                Texture.LOOSE_WAVE,
                400,
                false,
                perBundle,
                bundles,
                3,
                Money.of(1540, "EUR"),
                coated,
                List.of("ink"));
    }

    /** 40 + 20 + 10 = 70 loops, 7 more for fills. */
    @ParameterizedTest
    @CsvSource({
        "20,1,0,4,3",
        "77,1,0,1,0",
        "22,2,0,2,11",
        "20,1,77,0,0",
        "20,1,76,1,19",
        "10,1,17,6,0",
        "200,12,0,1,2323"
    })
    void packsFollowFromLoops(int perBundle, int bundles, int onShelf, int packs, int left) {
        PackCount count = PackCount.of(SEVENTY, hair(perBundle, bundles, false), onShelf);
        assertThat(count.placedLoops()).isEqualTo(70);
        assertThat(count.reserveLoops()).isEqualTo(7);
        assertThat(count.packs()).isEqualTo(packs);
        assertThat(count.leftOverLoops()).isEqualTo(left);
        assertThat(count.cost()).isEqualTo(Money.of(1540L * packs, "EUR"));
    }

    @Test
    void moreLoopsAreNeverFewerPacks() {
        int last = 0;
        for (int loops = 1; loops < 400; loops++) {
            int packs = PackCount.of(new LoopTally(Map.of(Share.WHOLE, loops)), hair(17, 1, false), 30)
                    .packs();
            assertThat(packs).isGreaterThanOrEqualTo(last);
            last = packs;
        }
        assertThatIllegalArgumentException().isThrownBy(() -> PackCount.of(SEVENTY, hair(20, 1, false), -1));
        assertThatIllegalArgumentException().isThrownBy(() -> PackCount.of(SEVENTY, hair(20, 1, false), 10_001));
    }

    @Test
    void minutesAreSpeedsTimesWork() {
        Estimate second = Estimate.exactly(60);
        ChairTime time = ChairTime.of(1500, SEVENTY, 7, new Speeds(second, second, second, Estimate.exactly(9)));
        // 150 cm of row; 70 of 110 shares are split, and 14 halves for fills.
        assertThat(time.minutes().get(Stage.BRAIDING)).isEqualTo(Estimate.exactly(150));
        assertThat(time.minutes().get(Stage.SPLITTING)).isEqualTo(Estimate.exactly(84));
        assertThat(time.minutes().get(Stage.HOOKING)).isEqualTo(Estimate.exactly(110));
        assertThat(time.minutes().get(Stage.FILLS)).isEqualTo(Estimate.exactly(14));
        // What is split before the chair does not count while she sits.
        assertThat(time.inChair().likely()).isEqualTo(150 + 110 + 14 + 9);
    }

    @ParameterizedTest
    @EnumSource(Installer.class)
    void usualSpeedsRunFromQuickToSlow(Installer who) {
        Speeds s = Speeds.usual(who);
        for (Estimate e : List.of(
                s.braidSecondsPerCm(), s.splitSecondsPerShare(), s.regularSecondsPerStation(), s.finishMinutes())) {
            assertThat(e.low()).isPositive().isLessThan(e.high());
            assertThat(e.likely()).isBetween(e.low(), e.high());
        }
        double cmPerMinute = 60 / s.braidSecondsPerCm().likely();
        assertThat(cmPerMinute).isCloseTo(who == Installer.STYLIST ? 5 : 3, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(ScalpCondition.class)
    void everyConditionIsAnsweredByACaution(ScalpCondition condition) {
        OwnHair own = OwnHair.of(HairDensity.MEDIUM, OwnHair.USUAL_LENGTH_MM, Set.of(condition));
        List<Caution> plain = Cautions.of(own, hair(20, 1, false));
        List<Caution> coated = Cautions.of(own, hair(20, 1, true));
        if (condition == ScalpCondition.REACTS_TO_COATING) {
            assertThat(plain).isEmpty();
            assertThat(coated).containsExactly(Caution.RINSE_FIRST);
        } else {
            assertThat(plain).hasSize(1);
            assertThat(coated).hasSize(2).contains(Caution.COATED).containsAll(plain);
        }
    }

    @Test
    void brokenSkinComesFirstAndRefersToAProfessional() {
        OwnHair own = OwnHair.of(HairDensity.FINE, 100, Set.of(ScalpCondition.TENDER, ScalpCondition.BROKEN_SKIN));
        List<Caution> cautions = Cautions.of(own, hair(20, 1, true));
        assertThat(cautions.get(0)).isEqualTo(Caution.DO_NOT_INSTALL);
        assertThat(cautions.get(0).words()).contains("do not install").contains("licensed professional");
    }

    @Test
    void ownHairIsCheckedAndPrintsTheSameWhateverTheOrder() {
        OwnHair one = OwnHair.of(HairDensity.FINE, 100, Set.of(ScalpCondition.TENDER, ScalpCondition.THIN_CROWN));
        assertThat(one.conditions()).containsExactly(ScalpCondition.THIN_CROWN, ScalpCondition.TENDER);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> OwnHair.of(HairDensity.FINE, 19, Set.of()))
                .withMessageContaining("lengthMm is 19 mm but must be in [20, 900 mm]");
    }
}
