package gyrotaxis.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BackOffTest {
    private static final List<String> KEY = List.of("name orla");

    /** Stands still until it is moved on. */
    private static final class Still extends Clock {
        private Instant at = Instant.parse("2027-06-09T09:00:00Z");

        @Override
        public Instant instant() {
            return at;
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }
    }

    private final Still clock = new Still();
    private final BackOff backOff = new BackOff(clock);

    @ParameterizedTest
    @CsvSource({"0, 0", "4, 0", "5, 1", "6, 2", "9, 16", "14, 512", "15, 900", "1000000, 900"})
    void theWaitDoublesUpToAQuarterOfAnHour(int misses, long seconds) {
        assertThat(BackOff.wait(misses)).isEqualTo(Duration.ofSeconds(seconds));
    }

    @Test
    void whoWaitsIsNotMadeToWaitLongerByTrying() {
        for (int i = 0; i < 5; i++) {
            assertThat(backOff.take(KEY)).isZero();
        }
        for (int i = 0; i < 100; i++) {
            assertThat(backOff.take(KEY)).isEqualTo(Duration.ofSeconds(1));
        }
        clock.at = clock.at.plusSeconds(1);
        assertThat(backOff.take(KEY)).isZero();
        assertThat(backOff.take(KEY)).isEqualTo(Duration.ofSeconds(2));
    }

    @Test
    void ofADayNoMoreThanSoManyTriesGetThrough() {
        int through = 0;
        for (int second = 0; second < 24 * 3600; second++) {
            clock.at = clock.at.plusSeconds(1);
            through += backOff.take(KEY).isZero() ? 1 : 0;
        }
        assertThat(through).isBetween(90, 120);
    }

    @Test
    void eachKeyWaitsByItselfAndWhatIsMetIsForgotten() {
        for (int i = 0; i < 5; i++) {
            backOff.take(KEY);
        }
        assertThat(backOff.take(List.of("name bethan"))).isZero();
        assertThat(backOff.take(List.of("name bethan", "name orla"))).isPositive();
        backOff.met(KEY);
        assertThat(backOff.take(KEY)).isZero();
    }
}
