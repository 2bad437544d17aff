package gyrotaxis.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {
    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 0.99, 2.01})
    void refusesWhatIsOutOfRangeAndSaysWhatIsAllowed(double value) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Require.inRange(value, 1, 2, "gapMm", "mm"))
                .withMessageContainingAll("gapMm", "[1, 2 mm]");
    }

    @Test
    void acceptsBothEnds() {
        assertThat(Require.inRange(1.0, 1, 2, "x", "")).isEqualTo(1);
        assertThat(Require.inRange(2.0, 1, 2, "x", "")).isEqualTo(2);
    }

    @Test
    void refusesEmptyTextAndCollections() {
        assertThatIllegalArgumentException().isThrownBy(() -> Require.text("  ", 5, "name"));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Require.text("abcdef", 5, "name"))
                .withMessageContaining("at most 5");
        assertThatIllegalArgumentException().isThrownBy(() -> Require.notEmpty(List.of(), "rows"));
        assertThat(Require.text(" Isolde ", 20, "name")).isEqualTo("Isolde");
    }

    @Test
    void intervalClampsAndHolds() {
        Interval i = new Interval(2, 6);
        assertThat(i.middle()).isEqualTo(4);
        assertThat(i.halfLength()).isEqualTo(2);
        assertThat(i.clamp(9)).isEqualTo(6);
        assertThat(i.clamp(-9)).isEqualTo(2);
        assertThat(i.contains(Double.NaN)).isFalse();
        assertThatIllegalArgumentException().isThrownBy(() -> new Interval(3, 2));
    }

    @Test
    void estimatesAddAndScale() {
        Estimate sum = new Estimate(1, 2, 3).plus(new Estimate(10, 20, 30)).times(2);
        assertThat(sum).isEqualTo(new Estimate(22, 44, 66));
        assertThatIllegalArgumentException().isThrownBy(() -> new Estimate(2, 1, 3));
    }

    @Test
    void moneyIsExactAndKeepsItsCurrency() {
        assertThat(Money.of(1999, "EUR").times(3)).isEqualTo(Money.of(5997, "EUR"));
        assertThat(Money.of(1, "EUR").plus(Money.of(2, "EUR"))).isEqualTo(Money.of(3, "EUR"));
        assertThatIllegalArgumentException().isThrownBy(() -> Money.of(1, "EUR").plus(Money.of(1, "JPY")));
        assertThatIllegalArgumentException().isThrownBy(() -> Money.of(1, "harbour shells"));
    }
}
