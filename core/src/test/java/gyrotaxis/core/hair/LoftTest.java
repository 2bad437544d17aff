package gyrotaxis.core.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LoftTest {
    @ParameterizedTest
    @EnumSource(Texture.class)
    void hairIsOnItsFirstDayAsItWasHookedAndGoesSteadilyTowardItsEnd(Texture texture) {
        Loft loft = Loft.of(texture);
        assertThat(loft.at(0)).isEqualTo(1);
        for (int day = 1; day <= Loft.LAST_DAY; day++) {
            double gone = Math.abs(loft.at(day) - loft.toward());
            assertThat(gone).isLessThanOrEqualTo(Math.abs(loft.at(day - 1) - loft.toward()));
        }
        // After its own time it has gone 1 − 1/e of the way.
        assertThat(loft.at(loft.days())).isCloseTo(1 + (loft.toward() - 1) * (1 - Math.exp(-1)), within(1e-9));
        assertThatIllegalArgumentException().isThrownBy(() -> loft.at(15)).withMessageContaining("day");
    }

    /** Loose soft curl loses volume within days, tight curl grows, a twist stays. */
    @Test
    void looseHairFallsTightHairGrowsAndATwistStays() {
        assertThat(Loft.of(Texture.SILKY_WAVE).at(5)).isLessThan(0.7);
        assertThat(Loft.of(Texture.LOOSE_WAVE).at(5))
                .isLessThan(Loft.of(Texture.DEEP_WAVE).at(5));
        assertThat(Loft.of(Texture.TIGHT_CURL).at(7)).isGreaterThan(1.1);
        assertThat(Loft.of(Texture.COARSE_KINKY).at(7)).isGreaterThan(1.1);
        assertThat(Loft.of(Texture.SHORT_TWIST).at(14)).isEqualTo(1);
    }
}
