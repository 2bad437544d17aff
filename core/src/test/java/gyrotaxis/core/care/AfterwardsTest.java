package gyrotaxis.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.hair.Texture;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

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

    /** Nothing falls due once it is down, and that comes last. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 6, 8})
    void whatFallsDueComesInOrderAndEndsWithTheTakedown(int weeks) {
        LocalDate day = LocalDate.of(2026, 11, 27);
        for (Texture texture : Texture.values()) {
            List<Afterwards.Due> due = Afterwards.of(texture, false, false).due(day, weeks);
            assertThat(due).extracting(Afterwards.Due::day).isSorted().doesNotHaveDuplicates();
            assertThat(due.get(due.size() - 1).day()).isEqualTo(day.plusWeeks(weeks));
            assertThat(due.get(due.size() - 1).words()).startsWith("take it down");
            assertThat(due.get(0).day()).isAfter(day);
        }
    }

    @Test
    void aDeepWaveOfSixWeeks() {
        assertThat(Afterwards.of(Texture.DEEP_WAVE, false, false).due(LocalDate.of(2026, 11, 27), 6))
                .extracting(Afterwards.Due::day)
                .containsExactly(
                        LocalDate.of(2026, 12, 4),
                        LocalDate.of(2026, 12, 11),
                        LocalDate.of(2026, 12, 25),
                        LocalDate.of(2027, 1, 8));
    }
}
