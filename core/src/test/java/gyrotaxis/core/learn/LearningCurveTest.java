package gyrotaxis.core.learn;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.testing.LongRun;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Stylists whose true values are known, at eight heads each: how far plans are off before each head.
 *
 * <p>What it prints is the curve in docs/model.md.
 */
class LearningCurveTest {
    private static final int STYLISTS = 24;
    private static final int VISITS = 8;
    private static final LocalDate DAY = LocalDate.of(2027, 1, 4);
    private static final Planner PLANNER = new Planner();

    /** A year in which nothing odd happens. */
    private static final List<Off> QUIET = curve(-1, 1, 0);

    /** How far off plans are: minutes in the chair as a part of the true ones, and packs. */
    private record Off(double minutes, double packs) {}

    private static InstallBrief brief(int n) {
        double[] round = {545, 560, 570, 590};
        return InstallBrief.of(
                HeadMeasures.of(round[n % round.length], 355, 328),
                FoundationBrief.of(10 + 2 * (n % 3), 5, 12),
                HookedHeads.hair(Texture.DEEP_WAVE));
    }

    private static Off off(InstallBrief brief, InstallPlan really, List<Seen> seen) {
        InstallPlan planned = PLANNER.plan(brief.knowing(known(seen).learned()));
        double minutes = really.time().inChair().likely();
        return new Off(
                Math.abs(planned.time().inChair().likely() - minutes) / minutes,
                Math.abs(planned.packs().packs() - really.packs().packs()));
    }

    private static Learning known(List<Seen> seen) {
        return Learning.of(
                seen,
                new Learning.About(Optional.empty(), Texture.DEEP_WAVE, Optional.empty()),
                Learning.Wishes.NONE,
                DAY.plusYears(1));
    }

    private static Seen seen(int n, Map<Known, Double> values) {
        return new Seen(new UUID(0, n), DAY.plusDays(n), Optional.empty(), Texture.DEEP_WAVE, Optional.empty(), values);
    }

    /**
     * The mean over all stylists before each head.
     *
     * @param oddAt the head at which something odd happens, and after which nobody looks further; -1 for none
     * @param from the first head before which it is asked
     */
    private static List<Off> curve(int oddAt, double odd, int from) {
        int last = oddAt < 0 ? VISITS : oddAt + 1;
        double[][] sums = new double[last + 1][2];
        for (int s = 0; s < STYLISTS; s++) {
            SimulatedStylist who = new SimulatedStylist(PLANNER, 100 + s);
            InstallPlan really = PLANNER.plan(brief(s).knowing(who.truth));
            List<Seen> seen = new ArrayList<>();
            for (int v = 0; v <= last; v++) {
                if (v >= from) {
                    // Asked of the same head each time, so that only what is known differs.
                    Off off = off(brief(s), really, seen);
                    sums[v][0] += off.minutes() / STYLISTS;
                    sums[v][1] += off.packs() / STYLISTS;
                }
                if (v < last) {
                    InstallBrief next = brief(s + v).knowing(known(seen).learned());
                    seen.add(seen(v, who.visit(next, v == oddAt ? odd : 1)));
                }
            }
        }
        return Arrays.stream(sums).map(sum -> new Off(sum[0], sum[1])).toList();
    }

    @Test
    void theErrorOfMinutesAndPacksFallsByHalfWithinEightVisits() {
        List<Off> curve = QUIET;
        for (int v = 0; v < curve.size(); v++) {
            System.out.printf(
                    "after %d visits: minutes off by %.1f %%, packs by %.2f%n",
                    v, 100 * curve.get(v).minutes(), curve.get(v).packs());
        }
        assertThat(curve.get(VISITS).minutes()).isLessThan(curve.get(0).minutes() / 2);
        assertThat(curve.get(VISITS).packs()).isLessThan(curve.get(0).packs() / 2);
    }

    static Stream<Arguments> oddVisits() {
        return LongRun.firstOf(
                1,
                List.of(
                        Arguments.of(2.0, 2),
                        Arguments.of(0.35, 2),
                        Arguments.of(2.0, 0),
                        Arguments.of(2.0, 5),
                        Arguments.of(3.0, 2)));
    }

    /**
     * Of three visits of which two ordinary ones lie far apart by chance, the odd one cannot be told from them: so the mean may move, by less than
     * half a point of minutes and a tenth of a pack.
     */
    @ParameterizedTest
    @MethodSource("oddVisits")
    void oneOddVisitHardlyMovesWhatWasLearned(double odd, int at) {
        Off before = QUIET.get(at);
        Off after = curve(at, odd, at + 1).get(at + 1);
        System.out.printf(
                "odd by %.2f at visit %d: minutes %.1f %% before, %.1f %% after; packs %.2f, %.2f%n",
                odd, at + 1, 100 * before.minutes(), 100 * after.minutes(), before.packs(), after.packs());
        assertThat(after.minutes()).as("minutes").isLessThanOrEqualTo(before.minutes() + 0.005);
        assertThat(after.packs()).as("packs").isLessThanOrEqualTo(before.packs() + 0.1);
    }
}
