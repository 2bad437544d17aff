package gyrotaxis.core.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.training.Tried.Guess;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Medians that can be counted on the fingers. */
class LeaningTest {
    private static List<Guess> over(double... parts) {
        return Arrays.stream(parts).mapToObj(p -> new Guess(10 * (1 + p), 10)).toList();
    }

    @Test
    void itIsTheMiddleOfTheLastFewAndNotMovedByOneThatSlipped() {
        assertThat(Leaning.of(over(0.3, 0.2, 0.25)).words()).isEqualTo("25 % too much");
        assertThat(Leaning.of(over(-0.1, -0.2)).words()).isEqualTo("15 % too little");
        assertThat(Leaning.of(over(0.02, 3, -0.03, 0.01, 0)).words()).isEqualTo("neither too much nor too little");
        assertThat(Leaning.of(over(0.9, 0.9, 0, 0, 0, 0, 0)).over()).isZero();
    }

    @Test
    void alongTheGuessesEachSaysWhatWasKnownThen() {
        List<Leaning> along = Leaning.along(over(0.4, 0.2, 0.6, 0, 0, 0));
        assertThat(along).hasSize(6);
        double[] so = {0.4, 0.3, 0.4, 0.3, 0.2, 0};
        for (int i = 0; i < so.length; i++) {
            assertThat(along.get(i).over()).isCloseTo(so[i], within(1e-9));
        }
        assertThat(Leaning.along(List.of())).isEmpty();
        assertThatThrownBy(() -> Leaning.of(List.of())).hasMessageContaining("guesses");
    }
}
