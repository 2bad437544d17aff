package gyrotaxis.core.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import gyrotaxis.core.quantity.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class HairTest {
    @Test
    void sevenThirdsTakeThreeLoopsAndLeaveTwoThirds() {
        assertThat(LoopTally.loops(Share.THIRD, 7)).isEqualTo(3);
        assertThat(LoopTally.leftOver(Share.THIRD, 7)).isEqualTo(2);
    }

    /** Against opening loops one at a time, each split into one size, as by hand. */
    @Test
    void talliesAsByHand() {
        Random random = new Random(7);
        for (int round = 0; round < 200; round++) {
            List<Share> shares = new ArrayList<>();
            int[] inHand = new int[Share.MAX_PARTS + 1];
            int opened = 0;
            for (int i = random.nextInt(90); i > 0; i--) {
                int parts = 1 + random.nextInt(Share.MAX_PARTS);
                shares.add(new Share(parts));
                if (inHand[parts] == 0) {
                    opened++;
                    inHand[parts] = parts;
                }
                inHand[parts]--;
            }
            LoopTally tally = LoopTally.of(shares);
            assertThat(tally.loops()).isEqualTo(opened);
            assertThat(tally.shares()).isEqualTo(shares.size());
            tally.sharesBySize()
                    .forEach((s, n) -> assertThat(LoopTally.leftOver(s, n)).isEqualTo(inHand[s.parts()]));
        }
    }

    @Test
    void oneMoreShareNeverTakesFewerLoops() {
        for (int parts = 1; parts <= 8; parts++) {
            for (int n = 1; n < 60; n++) {
                assertThat(LoopTally.loops(new Share(parts), n + 1))
                        .isGreaterThanOrEqualTo(LoopTally.loops(new Share(parts), n));
            }
        }
        assertThat(LoopTally.of(List.of(Share.WHOLE, Share.HALF, Share.HALF)).splitShares())
                .isEqualTo(2);
    }

    @Test
    void refusesHairThatCannotBe() {
        assertThatIllegalArgumentException().isThrownBy(() -> line("", 20, 3, 500));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> line("Quay Curl", 0, 3, 500))
                .withMessageContaining("loopsPerBundle");
        assertThatIllegalArgumentException().isThrownBy(() -> line("Quay Curl", 20, Double.NaN, 500));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> line("Quay Curl", 20, 3, -1))
                .withMessageContaining("packPrice");
        assertThatIllegalArgumentException().isThrownBy(() -> new Share(9));
        assertThatIllegalArgumentException().isThrownBy(() -> new LoopTally(Map.of(Share.HALF, 0)));
        assertThat(line("Quay Curl", 20, 3, 500).loopsPerPack()).isEqualTo(40);
    }

    private static HairLine line(String name, int loops, double grams, long price) {
        return new HairLine(
                name, Texture.DEEP_WAVE, 350, false, loops, 2, grams, Money.of(price, "EUR"), false, List.of("ink"));
    }
}
