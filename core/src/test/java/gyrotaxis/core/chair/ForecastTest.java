package gyrotaxis.core.chair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.chair.Forecast.Hair;
import gyrotaxis.core.chair.Forecast.Lasts;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import gyrotaxis.core.quantity.Sentence;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Forecasts against cases that can be worked out by hand. */
class ForecastTest {
    private static final double TINY = 1e-6;

    @Test
    void beforeAnythingHappenedItSaysWhatThePlanSays() {
        AtTheChair chair = AtTheChair.usual();
        Hair hair = chair.forecast().hair().get(0);
        assertThat(hair.total().likely()).isCloseTo(chair.plannedLoops(), within(TINY));
        assertThat(hair.total().high()).isCloseTo(chair.plannedLoops() * (1 + Forecast.SPREAD), within(TINY));
        assertThat(hair.perLoop()).isEqualTo(1);
        assertThat(hair.lasts()).isEqualTo(Lasts.YES);
        assertThat(hair.endsBefore()).isEmpty();
        double planned = chair.sheet.steps().stream()
                .mapToDouble(s -> s.minutes().likely())
                .sum();
        double slow = chair.sheet.steps().stream()
                .mapToDouble(s -> s.minutes().high())
                .sum();
        assertThat(chair.forecast().minutesLeft().likely()).isCloseTo(planned, within(TINY));
        assertThat(chair.forecast().minutesLeft().high()).isCloseTo(slow, within(TINY));
    }

    /** As planned, all the way: the plan is confirmed, and known better and better. */
    @ParameterizedTest
    @ValueSource(ints = {10, 40, 80})
    void whoWorksAsPlannedIsForecastAsPlannedAndMoreSurely(int shares) {
        AtTheChair chair = AtTheChair.usual().opens((int) Math.ceil(1));
        chair.hooks(shares, 1);
        double in = chair.loopsOfFirst(shares);
        AtTheChair counted =
                AtTheChair.usual().opens(200).hooks(shares, 1).after(0, new VisitEvent.RestCounted(0, 200 - in));
        Hair hair = counted.forecast().hair().get(0);
        assertThat(hair.perLoop()).isCloseTo(1, within(TINY));
        assertThat(hair.total().likely()).isCloseTo(chair.plannedLoops(), within(TINY));
        assertThat(hair.total().high() - hair.total().low()).isLessThan(2 * Forecast.SPREAD * chair.plannedLoops());
        assertThat(counted.forecast().paceOfHooking()).isCloseTo(1, within(0.002));
    }

    /** The plan weighs as much as twenty loops: (used + 20) / (planned + 20) for every loop that is to come. */
    @ParameterizedTest
    @CsvSource({"30, 1.5", "60, 1.2", "60, 0.8"})
    void whatIsUsedBeyondThePlanIsDrawnTowardIt(int shares, double use) {
        AtTheChair chair = AtTheChair.usual().opens(300).hooks(shares, 1);
        double in = chair.loopsOfFirst(shares);
        Hair hair = chair.after(0, new VisitEvent.RestCounted(0, 300 - use * in))
                .forecast()
                .hair()
                .get(0);
        double perLoop = (use * in + Forecast.LOOPS_OF_TRUST) / (in + Forecast.LOOPS_OF_TRUST);
        assertThat(hair.perLoop()).isCloseTo(perLoop, within(TINY));
        assertThat(hair.total().likely()).isCloseTo(use * in + perLoop * (chair.plannedLoops() - in), within(TINY));
    }

    /** What is told is what was reckoned with, before and after anything was counted. */
    @Test
    void howAForecastComesAboutIsTold() {
        Forecast first = AtTheChair.usual().forecast();
        assertThat(said(first.whyMinutes())).contains("nothing was timed yet").contains("Together");
        assertThat(said(first.hair().get(0).why())).contains("the plan is taken at its word");
        AtTheChair chair = AtTheChair.usual().opens(300).hooks(40, 1.5);
        double in = chair.loopsOfFirst(40);
        Hair hair = chair.after(0, new VisitEvent.RestCounted(0, 300 - 1.3 * in))
                .forecast()
                .hair()
                .get(0);
        assertThat(said(hair.why()))
                .contains(Math.round(1.3 * in) + " loops used where the plan has " + Math.round(in) + " loops")
                .contains("Together " + Math.round(hair.total().likely()) + " loops");
        assertThat(said(chair.forecast().whyMinutes())).contains("Hooking: ").contains("What was done took");
    }

    private static String said(List<Sentence> steps) {
        return steps.stream().map(Sentence::toString).collect(Collectors.joining("\n"));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1, 2})
    void minutesFollowHerPaceDrawnTowardThePlan(double pace) {
        AtTheChair chair = AtTheChair.usual().hooks(40, pace);
        double done = 0;
        double open = 0;
        for (Step s : chair.sheet.steps()) {
            double part = Forecast.partToDo(chair.state(), s);
            done += s.stage() == Stage.HOOK ? s.minutes().likely() * (1 - part) : 0;
            open += s.stage() == Stage.HOOK ? s.minutes().likely() * part : 0;
        }
        double factor = (pace * done + Forecast.MINUTES_OF_TRUST) / (done + Forecast.MINUTES_OF_TRUST);
        assertThat(chair.forecast().paceOfHooking()).isCloseTo(factor, within(0.002));
        double others = chair.sheet.steps().stream()
                .filter(s -> s.stage() != Stage.HOOK)
                .mapToDouble(s -> s.minutes().likely())
                .sum();
        assertThat(chair.forecast().minutesLeft().likely()).isCloseTo(others + factor * open, within(0.1));
    }

    /** Where the hair ends: what comes before still gets its share, and that one does not. */
    @ParameterizedTest
    @ValueSource(doubles = {1.6, 2, 2.2})
    void theShareIsNamedForWhichNoHairIsLeft(double use) {
        AtTheChair chair = AtTheChair.usual().opens(300).hooks(50, 1);
        double in = chair.loopsOfFirst(50);
        // Nothing more is there than what was planned: open no more than that.
        AtTheChair tight = AtTheChair.usual();
        int there = tight.sheet.supplies().get(0).plannedLoops();
        tight.opens(there).hooks(50, 1).after(0, new VisitEvent.RestCounted(0, there - use * in));
        Hair hair = tight.forecast().hair().get(0);
        ShareRef end = hair.endsBefore().orElseThrow();
        assertThat(hair.lasts()).isEqualTo(Lasts.NO);
        double before = tight.state().toDo().stream()
                .filter(s -> s.ref().number() < end.number())
                .map(SheetShare::share)
                .mapToDouble(s -> s.ofLoop())
                .sum();
        double left = there - use * in;
        assertThat(before * hair.perLoop()).isLessThanOrEqualTo(left + TINY);
        double with = before + chair.sheet.byRef().get(end).share().ofLoop();
        assertThat(with * hair.perLoop()).isGreaterThan(left);
    }

    /** However much was used: what is all on the head was enough. */
    @Test
    void hairThatIsAllInHasLasted() {
        AtTheChair chair = AtTheChair.usual();
        int there = chair.sheet.supplies().get(0).plannedLoops();
        chair.opens(there / 2).hooks(20, 1).opens(there / 2);
        assertThat(chair.forecast().hair().get(0).lasts()).isEqualTo(Lasts.NO);
        chair.hooks(1_000, 1);
        assertThat(chair.forecast().hair().get(0).lasts()).isEqualTo(Lasts.YES);
        assertThat(chair.forecast().hair().get(0).endsBefore()).isEmpty();
    }

    @Test
    void packsThatAreFetchedAreThereAndBundlesCountAsOpened() {
        AtTheChair chair = AtTheChair.usual();
        double there = chair.forecast().hair().get(0).there();
        int perPack = chair.sheet.supplies().get(0).line().loopsPerPack();
        chair.after(
                1,
                new VisitEvent.Adjusted(
                        Adjustment.FETCH_PACKS,
                        List.of(),
                        List.of(),
                        java.util.Optional.empty(),
                        OptionalInt.of(0),
                        2));
        assertThat(chair.forecast().hair().get(0).there()).isEqualTo(there + 2 * perPack);
        int per = chair.sheet.supplies().get(0).line().loopsPerBundle();
        double planned = Math.ceil(chair.plannedLoops() / per - 1e-9);
        assertThat(chair.forecast().hair().get(0).bundles().likely()).isEqualTo(planned);
        chair.opens(per);
        assertThat(chair.forecast().hair().get(0).bundles().likely()).isEqualTo(planned);
    }

    /** A clock that ran for hours without anything being done says nothing of the pace. */
    @Test
    void aClockLeftRunningDoesNotSlowTheForecast() {
        double before = AtTheChair.usual().hooks(40, 1).forecast().paceOfHooking();
        AtTheChair late = AtTheChair.usual().hooks(40, 1).after(400, new VisitEvent.Noted("back from lunch"));
        assertThat(late.forecast().paceOfHooking()).isCloseTo(before, within(0.2));
    }

    /** Before anything happened the line leads where the plan does; worked twice as slowly, beyond it. */
    @Test
    void theLineLeadsFromWhereSheIsToWhereTheHeadIsDone() {
        AtTheChair chair = AtTheChair.usual();
        Course begun = Course.of(chair.sheet, chair.events);
        Course.Point end = begun.planned().get(begun.planned().size() - 1);
        assertThat(begun.ahead().get(0)).isEqualTo(new Course.Point(0, 0));
        assertThat(begun.ahead().get(1).minutes()).isCloseTo(end.minutes(), within(TINY));
        assertThat(begun.ahead().get(1).loops()).isCloseTo(end.loops(), within(TINY));
        chair.hooks(60, 2);
        Course slow = Course.of(chair.sheet, chair.events);
        assertThat(slow.ahead().get(0)).isEqualTo(slow.gone().get(slow.gone().size() - 1));
        assertThat(slow.ahead().get(1).minutes()).isGreaterThan(end.minutes());
        assertThat(slow.ahead().get(1).loops()).isCloseTo(end.loops(), within(TINY));
    }

    @Test
    void theCourseRisesWithWhatIsHookedAndEndsWhereThePlanEnds() {
        AtTheChair chair = AtTheChair.usual().hooks(1_000, 1);
        Course course = Course.of(chair.sheet, chair.events);
        Course.Point planned = course.planned().get(course.planned().size() - 1);
        Course.Point gone = course.gone().get(course.gone().size() - 1);
        assertThat(gone.loops()).isCloseTo(planned.loops(), within(TINY));
        assertThat(gone.minutes()).isCloseTo(planned.minutes(), within(0.2));
        for (int i = 1; i < course.gone().size(); i++) {
            assertThat(course.gone().get(i).loops())
                    .isGreaterThan(course.gone().get(i - 1).loops());
            assertThat(course.gone().get(i).minutes())
                    .isGreaterThanOrEqualTo(course.gone().get(i - 1).minutes());
        }
    }
}
