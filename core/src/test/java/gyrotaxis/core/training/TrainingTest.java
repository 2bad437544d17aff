package gyrotaxis.core.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.practice.DrillKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TrainingTest {
    private static final Instant MONDAY = Instant.parse("2026-05-04T09:00:00Z");

    private static Tried tried(DrillKind kind, int level, boolean isRight, int minute) {
        return new Tried(
                kind, level, 1, isRight, isRight ? 1 : 0, 20, Optional.empty(), MONDAY.plusSeconds(60L * minute));
    }

    private static List<Tried> inARow(int level, boolean isRight, int count, int from) {
        return IntStream.range(0, count)
                .mapToObj(i -> tried(DrillKind.CUT, level, isRight, from + i))
                .toList();
    }

    private static int level(List<Tried> tried) {
        return Training.of(tried).skills().get(DrillKind.CUT.ordinal()).level();
    }

    @Test
    void beginsWithTheFirstKindAtItsEasiest() {
        Skill first = Training.of(List.of()).next(MONDAY);
        assertThat(first.kind()).isEqualTo(DrillKind.values()[0]);
        assertThat(first.level()).isEqualTo(1);
        assertThat(first.due()).isEmpty();
        assertThat(first.known(MONDAY)).isZero();
    }

    @Test
    void threeRightLeadUpAndTwoMissedDown() {
        assertThat(level(inARow(1, true, 2, 0))).isEqualTo(1);
        assertThat(level(inARow(1, true, 3, 0))).isEqualTo(2);
        List<Tried> up = new ArrayList<>(inARow(1, true, 3, 0));
        up.addAll(inARow(2, false, 1, 10));
        assertThat(level(up)).isEqualTo(2);
        up.addAll(inARow(2, false, 1, 20));
        assertThat(level(up)).isEqualTo(1);
        up.addAll(inARow(1, false, 9, 30));
        assertThat(level(up)).as("never below the easiest").isEqualTo(1);
        assertThat(level(inARow(5, true, 40, 0))).as("nor above the hardest").isEqualTo(5);
    }

    @Test
    void whatIsEasierThanHerLevelDoesNotLeadUp() {
        List<Tried> tried = new ArrayList<>(inARow(1, true, 3, 0));
        tried.addAll(inARow(1, true, 9, 10));
        assertThat(level(tried)).isEqualTo(2);
        tried.addAll(inARow(4, false, 9, 30));
        assertThat(level(tried)).as("nor does what is harder lead down").isEqualTo(2);
    }

    @Test
    void whatIsDueComesBeforeWhatIsNewAndTheMostForgottenFirst() {
        List<Tried> tried = List.of(
                tried(DrillKind.PACKS, 1, true, 0),
                tried(DrillKind.HUMP, 1, false, 5),
                tried(DrillKind.CUT, 1, true, 9));
        Training training = Training.of(tried);
        assertThat(training.next(MONDAY.plusSeconds(900)).kind())
                .as("nothing due yet: the first that is new")
                .isEqualTo(DrillKind.HOOK_WAY);
        Instant friday = MONDAY.plusSeconds(4 * 86_400);
        assertThat(training.next(friday).kind()).isEqualTo(DrillKind.HUMP);
        assertThat(training.skills().get(DrillKind.HUMP.ordinal()).isDue(friday))
                .isTrue();
        assertThat(training.skills().get(DrillKind.PACKS.ordinal()).known(friday))
                .isBetween(0.85, 0.9);
    }

    @Test
    void whatWasJustAskedIsNotAskedAgain() {
        List<Tried> all = new ArrayList<>();
        for (DrillKind k : DrillKind.values()) {
            all.add(tried(k, 1, false, k.ordinal()));
        }
        DrillKind last = DrillKind.values()[DrillKind.values().length - 1];
        for (int days = 0; days < 20; days++) {
            assertThat(Training.of(all).next(MONDAY.plusSeconds(86_400L * days)).kind())
                    .isNotEqualTo(last);
        }
    }

    @Test
    void isTheSameInWhateverOrderItIsTold() {
        Random chance = new Random(11);
        for (int run = 0; run < 50; run++) {
            List<Tried> tried = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                DrillKind kind = DrillKind.values()[chance.nextInt(DrillKind.values().length)];
                tried.add(tried(kind, 1 + chance.nextInt(5), chance.nextInt(3) > 0, i * 700));
            }
            Training told = Training.of(tried);
            Collections.shuffle(tried, chance);
            assertThat(Training.of(tried)).isEqualTo(told);
            assertThat(told.skills().stream().mapToInt(Skill::tries).sum()).isEqualTo(40);
        }
    }

    @Test
    void aQuickAnswerIsRememberedLonger() {
        List<Tried> slow = new ArrayList<>(inARow(1, true, 6, 0));
        List<Tried> quick = new ArrayList<>(slow);
        Instant later = MONDAY.plusSeconds(5 * 86_400);
        slow.add(new Tried(DrillKind.CUT, 2, 1, true, 1, 19, Optional.empty(), later));
        quick.add(new Tried(DrillKind.CUT, 2, 1, true, 1, 8, Optional.empty(), later));
        assertThat(stability(quick)).isGreaterThan(1.5 * stability(slow));
    }

    private static double stability(List<Tried> tried) {
        return Training.of(tried)
                .skills()
                .get(DrillKind.CUT.ordinal())
                .memory()
                .orElseThrow()
                .stabilityDays();
    }

    @Test
    void aGuessIsTooMuchOrTooLittle() {
        assertThat(new Tried.Guess(6, 4).over()).isCloseTo(0.5, within(1e-12));
        assertThat(new Tried.Guess(3, 4).over()).isCloseTo(-0.25, within(1e-12));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Tried.Guess(0, 4))
                .withMessageContaining("said");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> tried(DrillKind.CUT, 6, true, 0))
                .withMessageContaining("level");
    }
}
