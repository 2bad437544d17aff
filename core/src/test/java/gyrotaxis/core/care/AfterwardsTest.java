package gyrotaxis.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
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

    /** Nothing but rest falls due once it is down. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 6, 8})
    void whatFallsDueComesInOrderAndEndsWithTakedownAndRest(int weeks) {
        LocalDate day = LocalDate.of(2026, 11, 27);
        for (Texture texture : Texture.values()) {
            List<Afterwards.Due> due = Afterwards.of(texture, false, false).due(day, weeks);
            assertThat(due).extracting(Afterwards.Due::day).isSorted();
            assertThat(due).extracting(Afterwards.Due::what).doesNotHaveDuplicates();
            Afterwards.Due down = due.get(due.size() - 2);
            assertThat(down.day()).isEqualTo(day.plusWeeks(weeks));
            assertThat(down.what()).isEqualTo(FollowUp.TAKEDOWN);
            assertThat(due.get(due.size() - 1).what()).isEqualTo(FollowUp.REST);
            assertThat(due.get(0).day()).isEqualTo(day.plusDays(1));
        }
    }

    @Test
    void aDeepWaveOfSixWeeks() {
        assertThat(Afterwards.of(Texture.DEEP_WAVE, false, false).due(LocalDate.of(2026, 11, 27), 6))
                .extracting(Afterwards.Due::what, Afterwards.Due::day)
                .containsExactly(
                        tuple(FollowUp.NEXT_DAY_FILL, LocalDate.of(2026, 11, 28)),
                        tuple(FollowUp.SLIP_CHECK, LocalDate.of(2026, 12, 4)),
                        tuple(FollowUp.LOOK, LocalDate.of(2026, 12, 4)),
                        tuple(FollowUp.OIL, LocalDate.of(2026, 12, 7)),
                        tuple(FollowUp.FRIZZ_TRIM, LocalDate.of(2026, 12, 11)),
                        tuple(FollowUp.REFRESH, LocalDate.of(2026, 12, 25)),
                        tuple(FollowUp.TAKEDOWN, LocalDate.of(2027, 1, 8)),
                        tuple(FollowUp.REST, LocalDate.of(2027, 1, 15)));
    }

    @Test
    void whatSlidAtTheChairIsLookedOverSooner() {
        Afterwards usual = Afterwards.of(Texture.DEEP_WAVE, false, false);
        assertThat(usual.slidAtTheChair().slipCheckDay()).isLessThan(usual.slipCheckDay());
        assertThat(usual.frizzing(0.5).frizzTrimDay()).isEqualTo(7);
        assertThat(usual.frizzing(0.01 + 0.1).frizzTrimDay()).isPositive();
    }
}
