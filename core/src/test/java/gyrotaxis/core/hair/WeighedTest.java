package gyrotaxis.core.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.quantity.Estimate;
import java.util.Random;
import org.junit.jupiter.api.Test;

class WeighedTest {
    private static double off(Weighed w) {
        return w.loops().high() - w.loops().likely();
    }

    @Test
    void nothingIsNoLoopsWithinHalfAStep() {
        assertThat(Weighed.of(0, 0, 4, false).loops()).isEqualTo(Estimate.exactly(0));
        assertThat(Weighed.of(0, 1, 4, false).loops()).isEqualTo(new Estimate(0, 0, 0.125));
    }

    /** On an exact scale a single loop of a known line: 10 % by the loop and 5 % by the line make 11.2 %. */
    @Test
    void whatMakesItInexactIsAddedAsSquares() {
        assertThat(off(Weighed.of(4, 0, 4, false))).isCloseTo(Math.sqrt(0.1 * 0.1 + 0.05 * 0.05), within(1e-12));
        assertThat(off(Weighed.of(4, 8, 4, false))).isCloseTo(Math.sqrt(1 + 0.1 * 0.1 + 0.05 * 0.05), within(1e-12));
    }

    @Test
    void muchIsKnownBetterForItsSizeButNeverBetterThanItsLine() {
        double before = 1;
        for (double grams = 4; grams < 4000; grams *= 2) {
            Weighed w = Weighed.of(grams, 1, 4, false);
            double part = off(w) / w.loops().likely();
            assertThat(part).isLessThan(before).isGreaterThan(Weighed.AS_TOLD);
            before = part;
        }
        assertThat(before).isCloseTo(Weighed.AS_TOLD, within(0.001));
        assertThat(off(Weighed.of(400, 1, 4, true))).isGreaterThan(2 * off(Weighed.of(400, 1, 4, false)));
    }

    /** Rests made of loops that differ by chance, on a line that is off by chance, shown in whole grams. */
    @Test
    void aboutNineteenOfTwentyRestsAreWithinIt() {
        Random random = new Random(5);
        int within = 0;
        int all = 4000;
        for (int i = 0; i < all; i++) {
            int loops = 1 + random.nextInt(120);
            double line = 4 * (1 + random.nextGaussian() * Weighed.AS_TOLD / 2);
            double grams = 0;
            for (int k = 0; k < loops; k++) {
                grams += line * (1 + random.nextGaussian() * Weighed.LOOP_TO_LOOP / 2);
            }
            Estimate told =
                    Weighed.of(Math.round(Math.max(0, grams)), 1, 4, false).loops();
            within += told.low() <= loops && loops <= told.high() ? 1 : 0;
        }
        assertThat((double) within / all).isBetween(0.93, 0.97);
    }

    @Test
    void whatNoScaleShowsIsRefused() {
        assertThatThrownBy(() -> Weighed.of(-1, 1, 4, false)).hasMessageContaining("grams");
        assertThatThrownBy(() -> Weighed.of(Double.NaN, 1, 4, false)).hasMessageContaining("grams");
        assertThatThrownBy(() -> Weighed.of(10, -1, 4, false)).hasMessageContaining("stepGrams");
        assertThatThrownBy(() -> Weighed.of(10, 1, 0, false)).hasMessageContaining("gramsPerLoop");
    }
}
