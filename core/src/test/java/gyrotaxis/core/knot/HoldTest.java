package gyrotaxis.core.knot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds better than what, as stylists tell it. */
class HoldTest {
    private static final Demand WEEKS_5 = new Demand(5, false, false, false, false, 0);

    private static double score(Slip slip, Share share, Tie tie, Demand demand) {
        Hold hold = Hold.of(slip, share, tie, demand);
        // Whoever is asked only whether it lasts must answer as whoever tells why.
        assertThat(Hold.wouldLast(slip, share, tie, demand)).isEqualTo(hold.lasts());
        assertThat(hold.lasts()).isEqualTo(hold.score() >= 1);
        return hold.score();
    }

    private static double score(Tie tie) {
        return score(Slip.MIDDLING, Share.HALF, tie, WEEKS_5);
    }

    @Test
    void aUsualKnotOfMiddlingHairJustLastsFiveWeeks() {
        assertThat(score(Tie.of(Knot.REGULAR, 1))).isCloseTo(1.1 * (1.35 - 0.5 * Math.sqrt(0.5)), within(1e-9));
        // On the edge it lasts: a score of 1 is enough, and nothing less.
        assertThat(new Hold(List.of(new Hold.Factor("just", 1))).lasts()).isTrue();
        assertThat(new Hold(List.of(new Hold.Factor("hardly", 0.999))).lasts()).isFalse();
    }

    @ParameterizedTest
    @EnumSource(Knot.class)
    void whatGripsHoldsBetterAndSmallSharesBetterThanBigOnes(Knot knot) {
        Tie tie = Tie.of(knot, 2);
        double grips = score(Slip.GRIPPY, Share.HALF, tie, WEEKS_5);
        double middling = score(Slip.MIDDLING, Share.HALF, tie, WEEKS_5);
        assertThat(grips).isGreaterThan(middling);
        assertThat(middling).isGreaterThan(score(Slip.SLIDING, Share.HALF, tie, WEEKS_5));
        for (int parts = 2; parts <= Share.MAX_PARTS; parts++) {
            assertThat(score(Slip.SLIDING, new Share(parts), tie, WEEKS_5))
                    .isGreaterThan(score(Slip.SLIDING, new Share(parts - 1), tie, WEEKS_5));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4})
    void passesUpToFourHoldBetterAndMoreAddSizeOnly(int passes) {
        assertThat(score(Tie.of(Knot.REGULAR, passes))).isGreaterThan(score(Tie.of(Knot.REGULAR, passes - 1)));
        assertThat(score(Tie.of(Knot.REGULAR, 4 + passes - 2))).isEqualTo(score(Tie.of(Knot.REGULAR, 4)));
        assertThat(words(Tie.of(Knot.REGULAR, passes))).contains(passes + " passes");
    }

    @Test
    void whatIsToldOfPassesIsWhatTheyDo() {
        assertThat(words(Tie.of(Knot.REGULAR, 1))).contains("1 pass").doesNotContain("1 passes");
        assertThat(words(Tie.of(Knot.REGULAR, 4))).contains("4 passes").noneMatch(w -> w.contains("size only"));
        assertThat(words(Tie.of(Knot.REGULAR, 5))).contains("5 passes: beyond 4 they add size only");
        assertThat(words(Tie.of(Knot.DOUBLE_ENTRY, 1))).contains("no passes");
        assertThat(words(Tie.of(Knot.BEAD, 1))).contains("no passes");
        assertThat(Tie.of(Knot.REGULAR, 1).words()).isEqualTo("regular, 1 pass");
        assertThat(Tie.of(Knot.INVISIBLE, 3).deepSet().words()).isEqualTo("invisible, 3 passes, deep set");
        assertThat(Tie.of(Knot.DOUBLE_ENTRY, 1).words()).isEqualTo("double-entry");
    }

    private static List<String> words(Tie tie) {
        return Hold.of(Slip.MIDDLING, Share.HALF, tie, WEEKS_5).factors().stream()
                .map(Hold.Factor::words)
                .toList();
    }

    /** Twist-first holds only with small shares: from a third on they lock, a half does not. */
    @Test
    void twistFirstHoldsSmallSharesAndSaysThatBigOnesDoNotLock() {
        Tie twist = Tie.of(Knot.TWIST_FIRST, 2);
        Tie plain = Tie.of(Knot.REGULAR, 2);
        assertThat(score(Slip.SLIDING, Share.THIRD, twist, WEEKS_5))
                .isGreaterThan(score(Slip.SLIDING, Share.THIRD, plain, WEEKS_5));
        assertThat(score(Slip.SLIDING, Share.HALF, twist, WEEKS_5))
                .isLessThan(score(Slip.SLIDING, Share.HALF, plain, WEEKS_5));
        assertThat(factors(Share.HALF, twist)).contains("twist-first: so big a share does not lock");
        assertThat(factors(Share.THIRD, twist)).contains("twist-first");
        assertThat(factors(Share.HALF, plain)).contains("regular");
    }

    private static List<String> factors(Share share, Tie tie) {
        return Hold.of(Slip.SLIDING, share, tie, WEEKS_5).factors().stream()
                .map(Hold.Factor::words)
                .toList();
    }

    @Test
    void theMoreOfASingleLegGoesThroughTheBetterItHolds() {
        Tie tie = Tie.of(Knot.INVISIBLE, 2);
        assertThat(score(tie.through(0.5))).isGreaterThan(score(tie)).isLessThan(score(Tie.of(Knot.REGULAR, 2)));
        assertThat(score(tie.through(0.33))).isLessThan(score(tie));
        assertThatIllegalArgumentException().isThrownBy(() -> tie.through(0.6));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Tie.of(Knot.REGULAR, 2).through(0.5));
    }

    @ParameterizedTest
    @EnumSource(ExtraHold.class)
    void everyExtraHoldHoldsBetterTakesTimeAndSaysHowItIsUndone(ExtraHold hold) {
        Tie plain = Tie.of(Knot.INVISIBLE, 2);
        assertThat(score(plain.alsoHolding(hold)) / score(plain)).isCloseTo(hold.factor(), within(1e-9));
        assertThat(hold.factor()).isGreaterThan(1);
        assertThat(hold.seconds().low()).isPositive();
        assertThat(hold.words()).isNotBlank();
        assertThat(words(plain.alsoHolding(hold))).contains(hold.shortWords());
        assertThat(words(plain)).contains("nothing extra");
    }

    @Test
    void twoHoldsMultiplyAndAreBothTold() {
        Tie both = Tie.of(Knot.INVISIBLE, 2).holding(Set.of(ExtraHold.CARRIED_BACK, ExtraHold.FINGER_TURN));
        assertThat(score(both) / score(Tie.of(Knot.INVISIBLE, 2))).isCloseTo(1.15 * 1.18, within(1e-9));
        assertThat(words(both)).contains("finger turn, carried back");
        // What cuts near a row says how, so that no row is cut.
        assertThat(ExtraHold.CARRIED_BACK.undone()).contains("clear of the row");
        assertThat(ExtraHold.TIED_SLIVER.undone()).contains("first");
    }

    @ParameterizedTest
    @CsvSource({"1,1.1", "2,1.09", "5,1", "6,0.97", "8,0.91", "12,0.79"})
    void everyWeekAsksALittleMore(int weeks, double factor) {
        Demand other = new Demand(weeks, false, false, false, false, 0);
        double asked =
                score(Slip.MIDDLING, Share.HALF, Tie.of(Knot.REGULAR, 2), other) / score(Tie.of(Knot.REGULAR, 2));
        assertThat(asked).isCloseTo(factor, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"true,false,false,sport,0.94", "false,true,false,swimming,0.92", "false,false,true,wind,0.96"})
    void habitsAskMoreAndAreNamed(boolean sports, boolean swims, boolean windy, String word, double factor) {
        Demand hard = new Demand(5, sports, swims, windy, false, 0);
        Tie tie = Tie.of(Knot.REGULAR, 2);
        assertThat(score(Slip.MIDDLING, Share.HALF, tie, hard) / score(tie)).isCloseTo(factor, within(1e-9));
        List<Hold.Factor> factors =
                Hold.of(Slip.MIDDLING, Share.HALF, tie, hard).factors();
        assertThat(factors.get(5).words()).isEqualTo("5 weeks, " + word);
        assertThat(Hold.of(Slip.MIDDLING, Share.HALF, tie, new Demand(1, false, false, false, false, 0))
                        .factors()
                        .get(5)
                        .words())
                .isEqualTo("1 week");
    }

    @ParameterizedTest
    @EnumSource(Slip.class)
    void theLargestShareThatLastsIsTheLargest(Slip slip) {
        Share largest = Hold.largestThatLasts(slip, WEEKS_5).orElseThrow();
        Tie best = Tie.of(
                slip == Slip.SLIDING && largest.parts() >= Hold.LOCKS_FROM_PARTS ? Knot.TWIST_FIRST : Knot.REGULAR,
                Tie.USEFUL_PASSES);
        assertThat(Hold.wouldLast(slip, largest, best, WEEKS_5)).isTrue();
        if (largest.parts() > 1) {
            assertThat(Hold.wouldLast(
                            slip, new Share(largest.parts() - 1), Tie.of(Knot.REGULAR, Tie.USEFUL_PASSES), WEEKS_5))
                    .isFalse();
        }
    }

    @ParameterizedTest
    @EnumSource(Knot.class)
    void onlyASingleLegAndADoubleEntryLeaveNothingToBeSeen(Knot knot) {
        assertThat(knot.isHidden()).isEqualTo(knot == Knot.INVISIBLE || knot == Knot.DOUBLE_ENTRY);
        assertThat(knot.hasPasses()).isEqualTo(knot != Knot.DOUBLE_ENTRY && knot != Knot.BEAD);
        assertThat(Tie.of(knot, 1).words()).startsWith(knot.words()).isNotBlank();
        assertThat(knot.words()).isNotBlank();
    }
}
