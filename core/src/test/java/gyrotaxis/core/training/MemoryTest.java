package gyrotaxis.core.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class MemoryTest {

    /** Grade, days since the last, and then stability and difficulty as another implementation of the scheme tells them. */
    private static final double[][] TOLD = {
        {
            3, 0, 3.173000, 5.282434,
            3, 3, 10.738926, 5.272968,
            3, 11, 34.577624, 5.263545,
            3, 40, 109.120145, 5.254165
        },
        {
            1, 0, 0.402550, 7.194900,
            3, 1, 2.265009, 7.176636,
            2, 2, 3.083042, 7.614487,
            4, 5, 24.059381, 7.208984
        },
        {
            2, 0, 1.183850, 6.488305,
            1, 4, 0.729620, 7.607711,
            3, 1, 2.439253, 7.587549,
            3, 0, 3.433910, 7.567479,
            3, 6, 11.763868, 7.547501
        },
        {
            4, 0, 15.691050, 3.224502,
            1, 30, 3.256386, 5.413262,
            1, 2, 0.999674, 6.884896,
            3, 1, 3.071225, 6.868058,
            4, 7, 36.878665, 6.345425
        }
    };

    @Test
    void agreesWithAnotherImplementation() {
        for (double[] run : TOLD) {
            Memory m = null;
            for (int i = 0; i < run.length; i += 4) {
                Grade grade = Grade.values()[(int) run[i] - 1];
                m = m == null ? Memory.first(grade) : m.after(grade, run[i + 1]);
                assertThat(m.stabilityDays()).isCloseTo(run[i + 2], within(2e-5));
                assertThat(m.difficulty()).isCloseTo(run[i + 3], within(2e-6));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.05, 1, 3.2, 40, 900})
    void isKnownByNineInTenAfterItsStability(double stability) {
        Memory m = new Memory(stability, 5);
        assertThat(m.known(stability)).isCloseTo(0.9, within(1e-12));
        assertThat(m.daysUntil(Memory.WANTED)).isCloseTo(stability, within(1e-9));
        assertThat(m.known(0)).isEqualTo(1);
        assertThat(m.known(m.daysUntil(0.6))).isCloseTo(0.6, within(1e-12));
    }

    @Test
    void whatIsKnownBetterIsKeptLonger() {
        Random chance = new Random(4);
        for (int i = 0; i < 2_000; i++) {
            Memory m = new Memory(0.05 + 200 * chance.nextDouble(), 1 + 9 * chance.nextDouble());
            double days = 1 + 400 * chance.nextDouble();
            double before = 0;
            for (Grade g : Grade.values()) {
                Memory after = m.after(g, days);
                assertThat(after.stabilityDays()).isGreaterThan(before);
                assertThat(after.difficulty()).isBetween(1.0, 10.0);
                before = after.stabilityDays();
                if (g == Grade.MISSED) {
                    assertThat(before).isLessThan(m.stabilityDays());
                } else {
                    assertThat(before).isGreaterThanOrEqualTo(m.stabilityDays());
                    // To remember after longer is worth more.
                    assertThat(m.after(g, 2 * days).stabilityDays()).isGreaterThan(before);
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Grade.class)
    void staysWithinItsRangeHoweverOftenItIsAsked(Grade grade) {
        Memory m = Memory.first(grade);
        for (int i = 0; i < 500; i++) {
            m = m.after(grade, i % 3 == 0 ? 0 : 700);
        }
        assertThat(m.stabilityDays()).isBetween(0.01, 36_500.0);
        assertThat(m.difficulty()).isBetween(1.0, 10.0);
    }

    @Test
    void refusesTimeThatRunsBackward() {
        Memory m = Memory.first(Grade.RIGHT);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> m.after(Grade.RIGHT, -1))
                .withMessageContaining("days");
        assertThatIllegalArgumentException().isThrownBy(() -> m.known(-0.1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Memory(0, 5)).withMessageContaining("stabilityDays");
        assertThatIllegalArgumentException().isThrownBy(() -> new Memory(3, 11)).withMessageContaining("difficulty");
    }
}
