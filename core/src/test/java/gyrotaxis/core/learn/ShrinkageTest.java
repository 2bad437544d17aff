package gyrotaxis.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.estimate.Known;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ShrinkageTest {
    private static double of(Double... seen) {
        return Shrinkage.of(Known.BRAIDING, 1, List.of(seen)).value();
    }

    @ParameterizedTest
    @EnumSource(Known.class)
    void nothingSeenIsAsUsual(Known what) {
        assertThat(Shrinkage.of(what, what.usual(), List.of()).value()).isCloseTo(what.usual(), within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 5, 8, 40})
    void alikeVisitsAreAMeanInWhichTheUsualCountsAsTwo(int visits) {
        double value = Shrinkage.of(Known.BRAIDING, 1, Collections.nCopies(visits, 1.4))
                .value();
        assertThat(Math.log(value)).isCloseTo(visits * Math.log(1.4) / (visits + Shrinkage.STRENGTH), within(1e-9));
    }

    @Test
    void whatIsUsualStaysAndManyVisitsOutweighIt() {
        assertThat(of(1.0, 1.0, 1.0)).isCloseTo(1, within(1e-12));
        assertThat(Shrinkage.of(Known.BRAIDING, 1, Collections.nCopies(400, 1.8))
                        .value())
                .isCloseTo(1.8, within(0.01));
    }

    @Test
    void oneVisitAloneOrFarOffTeachesNothing() {
        assertThat(of(1.2)).isEqualTo(1);
        assertThat(of(1.2, 1.25, 1.2, 4.0)).isCloseTo(of(1.2, 1.25, 1.2), within(1e-9));
        assertThat(Shrinkage.of(Known.BRAIDING, 1, List.of(1.2, 1.25, 1.2, 4.0))
                        .weights()
                        .get(3))
                .isZero();
    }

    @Test
    void twiceAsLongAndHalfAsLongAreEquallyOdd() {
        assertThat(of(1.3, 1.3) * of(1 / 1.3, 1 / 1.3)).isCloseTo(1, within(1e-9));
    }

    static IntStream seeds() {
        return IntStream.range(0, 50);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void orderDoesNotMatterAndWhatIsBelievedLiesBetween(int seed) {
        Random r = new Random(seed);
        List<Double> seen = new ArrayList<>();
        for (int k = 0; k < 1 + r.nextInt(12); k++) {
            seen.add(Math.exp(0.4 * r.nextGaussian()));
        }
        double value = Shrinkage.of(Known.LOOPS, 1, seen).value();
        Collections.shuffle(seen, r);
        assertThat(Shrinkage.of(Known.LOOPS, 1, seen).value()).isCloseTo(value, within(1e-9));
        assertThat(value)
                .isBetween(Math.min(1, Collections.min(seen)) - 1e-9, Math.max(1, Collections.max(seen)) + 1e-9);
    }

    @Test
    void nothingBeyondItsRangeIsBelieved() {
        assertThat(Shrinkage.of(Known.RESERVE, 10, Collections.nCopies(50, 300.0))
                        .value())
                .isLessThanOrEqualTo(30);
    }
}
