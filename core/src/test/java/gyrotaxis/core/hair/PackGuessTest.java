package gyrotaxis.core.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.hair.PackGuess.Guessed;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A pack tells pieces or weight; the rest is estimated, and said to be. */
class PackGuessTest {
    private static Optional<PackGuess> of(OptionalInt loops, OptionalDouble packGrams, OptionalLong price) {
        return PackGuess.of(Texture.DEEP_WAVE, 450, 1, loops, packGrams, OptionalDouble.empty(), price);
    }

    @Test
    void piecesAndWeightTogetherTellWhatAPieceWeighs() {
        PackGuess p = of(OptionalInt.of(20), OptionalDouble.of(84), OptionalLong.of(780))
                .orElseThrow();
        assertThat(p.gramsPerLoop()).isCloseTo(4.2, within(1e-9));
        assertThat(p.guessed()).isEmpty();
    }

    @Test
    void piecesAloneWeighWhatTheirTextureUsuallyDoes() {
        PackGuess p = of(OptionalInt.of(20), OptionalDouble.empty(), OptionalLong.empty())
                .orElseThrow();
        assertThat(p.loops()).isEqualTo(20);
        assertThat(p.gramsPerLoop()).isCloseTo(8.4 * 0.45, within(0.05));
        assertThat(p.guessed()).containsExactlyInAnyOrder(Guessed.GRAMS, Guessed.PRICE);
        assertThat(p.priceMinor()).isEqualTo(750);
    }

    @Test
    void weightAloneTellsHowManyPiecesThereLikelyAre() {
        PackGuess p = of(OptionalInt.empty(), OptionalDouble.of(78), OptionalLong.of(780))
                .orElseThrow();
        assertThat(p.loops()).isEqualTo(21);
        assertThat(p.guessed()).containsExactlyInAnyOrder(Guessed.GRAMS, Guessed.LOOPS);
    }

    @Test
    void neitherTellsNothing() {
        assertThat(of(OptionalInt.empty(), OptionalDouble.empty(), OptionalLong.of(780)))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void longerHairOfOneTextureWeighsMore(Texture t) {
        assertThat(PackGuess.usualGrams(t, 500)).isGreaterThan(PackGuess.usualGrams(t, 250));
        assertThat(HairLine.GRAMS.contains(PackGuess.usualGrams(t, 900))).isTrue();
    }
}
