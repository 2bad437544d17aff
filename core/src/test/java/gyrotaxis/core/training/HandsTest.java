package gyrotaxis.core.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.knot.Knot;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HandsTest {
    private static final Speeds USUAL = Speeds.usual(Installer.STYLIST);

    private static Hands hands(Optional<Knot> knot, int passes, int pieces, int slipped) {
        return new Hands(knot, passes, pieces, slipped, 600, Instant.EPOCH);
    }

    @Test
    void whatSlippedDoesNotCount() {
        assertThat(hands(Optional.of(Knot.REGULAR), 1, 40, 0).secondsEach()).hasValue(15);
        assertThat(hands(Optional.of(Knot.REGULAR), 1, 40, 10).secondsEach()).hasValue(20);
        assertThat(hands(Optional.of(Knot.REGULAR), 1, 40, 40).secondsEach()).isEmpty();
    }

    @Test
    void isHeldAgainstWhatPlansCountWith() {
        assertThat(hands(Optional.empty(), 1, 9, 0).usualSeconds(USUAL)).isEqualTo(USUAL.splitSecondsPerShare());
        double one = hands(Optional.of(Knot.TWIST_FIRST), 1, 9, 0)
                .usualSeconds(USUAL)
                .likely();
        double three = hands(Optional.of(Knot.TWIST_FIRST), 3, 9, 0)
                .usualSeconds(USUAL)
                .likely();
        assertThat(three - one).isEqualTo(2 * USUAL.passSeconds().likely());
    }

    @Test
    void paceIsByTheLastRunOfEachKindAndTwiceAsFastMakesUpForTwiceAsSlow() {
        double split = USUAL.splitSecondsPerShare().likely();
        double tie = hands(Optional.of(Knot.BEAD), 1, 1, 0).usualSeconds(USUAL).likely();
        Hands first = new Hands(Optional.empty(), 1, 10, 0, 90 * split, Instant.EPOCH);
        Hands slow = new Hands(Optional.empty(), 1, 10, 0, 20 * split, Instant.EPOCH);
        Hands quick = new Hands(Optional.of(Knot.BEAD), 1, 10, 0, 5 * tie, Instant.EPOCH);
        Hands none = new Hands(Optional.of(Knot.BEAD), 1, 10, 10, 600, Instant.EPOCH);
        assertThat(Hands.pace(List.of(first, slow), USUAL).orElseThrow()).isCloseTo(2, within(1e-12));
        assertThat(Hands.pace(List.of(slow, quick, none), USUAL).orElseThrow()).isCloseTo(1, within(1e-12));
        assertThat(Hands.pace(List.of(none), USUAL)).isEmpty();
        assertThat(Hands.pace(List.of(), USUAL)).isEmpty();
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> hands(Optional.empty(), 1, 9, 10))
                .withMessageContaining("slipped");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> hands(Optional.empty(), 1, 0, 0))
                .withMessageContaining("pieces");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Hands(Optional.empty(), 1, 1, 0, 0, Instant.EPOCH))
                .withMessageContaining("seconds");
    }
}
