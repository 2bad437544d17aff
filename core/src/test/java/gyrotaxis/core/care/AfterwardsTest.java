package gyrotaxis.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.hair.Texture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AfterwardsTest {
    @ParameterizedTest
    @EnumSource(Texture.class)
    void frizzIsTrimmedInTheSecondWeekOrThirdAndSoonerWithoutAScarf(Texture texture) {
        Afterwards covered = Afterwards.of(texture, false, false);
        assertThat(covered.frizzTrimDay()).isBetween(8, 21);
        assertThat(Afterwards.of(texture, true, false).frizzTrimDay()).isLessThan(covered.frizzTrimDay());
        assertThat(covered.slipCheckDay()).isBetween(3, 7);
    }

    @Test
    void slidingHairIsLookedAtSooner() {
        assertThat(Afterwards.of(Texture.SILKY_WAVE, false, false).slipCheckDay())
                .isLessThan(Afterwards.of(Texture.COARSE_KINKY, false, false).slipCheckDay());
    }

    /** Half an inch a month: some 6 mm in two weeks, 12 in four; the edge shows from the fourth week on. */
    @Test
    void hairGrows() {
        assertThat(Afterwards.grownMm(2)).isCloseTo(6, within(0.5));
        assertThat(Afterwards.grownMm(6)).isCloseTo(3 * Afterwards.grownMm(2), within(1e-9));
        assertThat(Afterwards.of(Texture.DEEP_WAVE, false, false).touchUpWeek()).isEqualTo(4);
        assertThat(Afterwards.of(Texture.DEEP_WAVE, false, true).touchUpWeek()).isEqualTo(3);
    }
}
