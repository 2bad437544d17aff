package gyrotaxis.core.drilling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.testing.Each;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How many seeds are tried of every kind and level is set by the property {@code drills}. */
class DrillsTest {
    private static final int SEEDS = Integer.getInteger("drills", 3);

    private final Drills drills = new Drills(new Planner());

    @ParameterizedTest
    @EnumSource(DrillKind.class)
    void whatIsRightIsJudgedSoAndAGuessIsRightTheLessOftenTheHarderItIs(DrillKind kind) {
        List<Double> guessed = new ArrayList<>();
        for (int level = 1; level <= Drill.LEVELS.max(); level++) {
            int right = 0;
            for (int seed = 0; seed < SEEDS; seed++) {
                Drill drill = drills.make(kind, level, seed);
                String which = kind + " level " + level + " seed " + seed;
                Verdict verdict = drill.key().judge(drill.key().solution());
                assertThat(verdict.isRight()).as(which).isTrue();
                assertThat(verdict.reason().pieces()).as(which).isNotEmpty();
                requireOneRight(drill, which);
                right += drill.key().judge(guess(drill)).isRight() ? 1 : 0;
            }
            guessed.add(right / (double) SEEDS);
        }
        System.out.printf("%s: a guess is right %s of %d, by level%n", kind, guessed, SEEDS);
        double first = guessed.get(0);
        double last = guessed.get(guessed.size() - 1);
        assertThat(last).isLessThanOrEqualTo(first + byChance((first + last) / 2));
    }

    /** So much may two counts of as many seeds differ: three standard errors of their difference. */
    private static double byChance(double part) {
        return 3 * Math.sqrt(2 * part * (1 - part) / SEEDS);
    }

    /** Of what is said to have one right answer no other is accepted, and of several neither fewer nor more. */
    private static void requireOneRight(Drill drill, String which) {
        if (drill.ask() instanceof Ask.Turns turns) {
            List<String> right = ((Answer.Ordered) drill.key().solution()).ids();
            for (Ask.Choice c : turns.choices()) {
                List<String> other = new ArrayList<>(right);
                if (!other.remove(c.id())) {
                    other.add(c.id());
                }
                assertThat(drill.key().judge(new Answer.Ordered(other)).isRight())
                        .as(which + " with " + other)
                        .isFalse();
            }
        }
        if (!(drill.ask() instanceof Ask.Pick pick)) {
            return;
        }
        TreeSet<String> right = new TreeSet<>(((Answer.Picked) drill.key().solution()).ids());
        assertThat(right.size() == 1 || !pick.isOne()).as(which).isTrue();
        assertThat(pick.choices()).as(which).extracting(Ask.Choice::id).doesNotHaveDuplicates();
        for (Ask.Choice c : pick.choices()) {
            TreeSet<String> other = new TreeSet<>(right);
            if (!other.remove(c.id())) {
                other.add(c.id());
            }
            assertThat(drill.key().judge(new Answer.Picked(other)).isRight())
                    .as(which + " with " + other)
                    .isFalse();
            if (pick.isOne() && !right.contains(c.id())) {
                assertThat(drill.key().judge(Answer.Picked.of(c.id())).isRight())
                        .as(which)
                        .isFalse();
            }
        }
    }

    /** What somebody would answer who knows nothing: hair falls outward, everything takes the usual, and the rest by chance. */
    private static Answer guess(Drill drill) {
        SplittableRandom random = new SplittableRandom(drill.seed());
        if (drill.ask() instanceof Ask.Aim aim) {
            return new Answer.Aimed(Math.atan2(aim.at().x(), aim.at().y()));
        }
        if (drill.ask() instanceof Ask.Number) {
            InstallPlan plan = drill.head().orElseThrow();
            return new Answer.Said(
                    drill.kind() == DrillKind.MINUTES
                            ? 120
                            : Math.ceil(110.0 / plan.brief().hair().loopsPerPack()));
        }
        if (drill.ask() instanceof Ask.Numbers numbers) {
            // As wide everywhere as two fingers.
            return new Answer.SaidOfEach(
                    numbers.of().stream().map(g -> g.range().clamp(22)).toList());
        }
        if (drill.ask() instanceof Ask.Turns turns) {
            List<String> ids = new ArrayList<>();
            turns.choices().stream().filter(c -> random.nextBoolean()).forEach(c -> ids.add(c.id()));
            return new Answer.Ordered(ids);
        }
        if (drill.ask() instanceof Ask.Order order) {
            List<String> ids =
                    new ArrayList<>(order.choices().stream().map(Ask.Choice::id).toList());
            Collections.shuffle(ids, new Random(random.nextLong()));
            return new Answer.Ordered(ids);
        }
        Ask.Pick pick = (Ask.Pick) drill.ask();
        List<Ask.Choice> choices = pick.choices();
        if (pick.isOne()) {
            return Answer.Picked.of(choices.get(random.nextInt(choices.size())).id());
        }
        TreeSet<String> some = new TreeSet<>();
        choices.stream().filter(c -> random.nextBoolean()).forEach(c -> some.add(c.id()));
        return new Answer.Picked(some);
    }

    @ParameterizedTest
    @EnumSource(DrillKind.class)
    void aSeedMakesTheSameDrillForEverybody(DrillKind kind) {
        Drill one = drills.make(kind, 3, 1234);
        Drill other = new Drills(new Planner()).make(kind, 3, 1234);
        assertThat(other.question()).isEqualTo(one.question());
        assertThat(other.ask()).isEqualTo(one.ask());
        assertThat(other.key().solution()).isEqualTo(one.key().solution());
        assertThat(drills.make(kind, 3, 1235).equals(one)).isFalse();
    }

    /** What is told to be right is where the planner itself has hooked, planned anew. */
    @Test
    void theWayOfTheHookIsThePlanners() {
        for (int seed = 0; seed < SEEDS; seed++) {
            Drill drill = drills.make(DrillKind.HOOK_WAY, 1 + seed % 5, seed);
            Ask.Aim aim = (Ask.Aim) drill.ask();
            InstallPlan again = new Planner().plan(drill.head().orElseThrow().brief());
            Station s = again.stations().stream()
                    .filter(x -> x.chart().equals(aim.at()))
                    .findFirst()
                    .orElseThrow();
            assertThat(s.bearing().isContested()).isFalse();
            double toward = HookWays.towardRad(again, s);
            assertThat(drill.key().judge(new Answer.Aimed(toward)).score()).isEqualTo(1);
            double against = toward > 0 ? toward - Math.PI : toward + Math.PI;
            assertThat(drill.key().judge(new Answer.Aimed(against)).isRight()).isFalse();
            assertThat(drill.key().judge(new Answer.Aimed(against)).score()).isLessThan(1e-6);
        }
    }

    /** The planner's own order of braiding is right, and backward it is not: something always binds. */
    @ParameterizedTest
    @EnumSource(names = {"BRAID_ORDER", "UNDO"})
    void anOrderIsRightAsLongAsItKeepsWhatBinds(DrillKind kind) {
        for (int seed = 0; seed < SEEDS; seed++) {
            Drill drill = drills.make(kind, 4, seed);
            List<String> backward =
                    new ArrayList<>(((Answer.Ordered) drill.key().solution()).ids());
            Collections.reverse(backward);
            Verdict verdict = drill.key().judge(new Answer.Ordered(backward));
            assertThat(verdict.isRight()).isFalse();
            assertThat(verdict.score()).isLessThan(1);
        }
    }

    /** What is wrong is what the findings of the plan, planned anew, name; of what is sound they name nothing. */
    @Test
    void whatIsWrongIsWhatTheFindingsName() {
        for (int seed = 0; seed < SEEDS; seed++) {
            Drill drill = drills.make(DrillKind.FAULTS, 1 + seed % 5, seed);
            InstallPlan again = new Planner().plan(drill.head().orElseThrow().brief());
            Set<String> named = new HashSet<>();
            Set<String> rows = new HashSet<>();
            for (Finding f : Findings.of(again)) {
                if (f.place() instanceof Finding.Place.OnRow r) {
                    named.add(r.row().toString());
                    rows.add(r.row().toString());
                } else if (f.place() instanceof Finding.Place.AtStation a) {
                    named.add(a.station().toString());
                    rows.add(a.station().row().toString());
                }
            }
            Set<String> right = ((Answer.Picked) drill.key().solution()).ids();
            assertThat(named).as("seed " + seed).containsAll(right);
            for (Ask.Choice c : ((Ask.Pick) drill.ask()).choices()) {
                if (!right.contains(c.id())) {
                    assertThat(rows)
                            .as("seed " + seed)
                            .doesNotContain(c.row().orElseThrow().toString());
                }
            }
        }
    }

    /** A chain that is right can be braided: the planner takes it, and finds no end of it too short. */
    @Test
    void aChainOfSinglesThatIsRightCanBeBraided() {
        for (int seed = 0; seed < SEEDS; seed++) {
            Drill drill = drills.make(DrillKind.SINGLES, 1 + seed % 5, seed);
            List<RowId> chain = ((Answer.Ordered) drill.key().solution())
                    .ids().stream().map(id -> RowId.parse(id).orElseThrow()).toList();
            List<TailChoice> tails = IntStream.range(1, chain.size())
                    .mapToObj(i -> TailChoice.into(chain.get(i - 1), TailEnd.FED, chain.get(i)))
                    .toList();
            InstallBrief brief = drill.head().orElseThrow().brief();
            InstallPlan braided =
                    new Planner().plan(brief.withFoundation(brief.foundation().withTails(tails)));
            assertThat(braided.braiding().lostChoices()).isEmpty();
            List<RowId> order = braided.braiding().order();
            for (int i = 1; i < chain.size(); i++) {
                assertThat(order.indexOf(chain.get(i - 1))).isLessThan(order.indexOf(chain.get(i)));
            }
        }
    }

    /** Hooked everywhere as the planner does, it is right; twice as wide, or as close as it goes, it is not. */
    @Test
    void aSpacingIsWornBeforeItIsJudged() {
        for (int seed = 0; seed < SEEDS; seed += 2) {
            Drill drill = drills.make(DrillKind.SPACING, 2, seed);
            Ask.Numbers asked = (Ask.Numbers) drill.ask();
            Answer.SaidOfEach own = (Answer.SaidOfEach) drill.key().solution();
            List<Double> wide = IntStream.range(0, asked.of().size())
                    .mapToObj(i ->
                            asked.of().get(i).range().clamp(2 * own.numbers().get(i)))
                    .toList();
            List<Double> close = asked.of().stream().map(g -> g.range().min()).toList();
            assertThat(drill.key().judge(new Answer.SaidOfEach(wide)).isRight()).isFalse();
            assertThat(drill.key().judge(new Answer.SaidOfEach(close)).isRight())
                    .isFalse();
        }
        Drill drill = drills.make(DrillKind.SPACING, 1, 1);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> drill.key().judge(new Answer.SaidOfEach(List.of(20.0))))
                .withMessageContaining("numbers");
    }

    /** A tail is never right to cut, and backward the right shares are not, where one row holds the other. */
    @Test
    void whatIsCutIsCutInTheOrderInWhichRowsComeOut() {
        int bound = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            Drill drill = drills.make(DrillKind.CUT, 2 + seed % 4, seed);
            List<String> right = ((Answer.Ordered) drill.key().solution()).ids();
            Each.of(right).allMatch(id -> id.startsWith("share "));
            List<String> backward = new ArrayList<>(right);
            Collections.reverse(backward);
            Verdict verdict = drill.key().judge(new Answer.Ordered(backward));
            bound += verdict.isRight() ? 0 : 1;
            assertThat(verdict.isRight() || verdict.score() < 1).isTrue();
        }
        assertThat(bound).isPositive();
    }

    /** Hooked the right way and as it was answered the share starts at the same place, and lies otherwise where it was thrown otherwise. */
    @Test
    void aShareLiesAsItIsHooked() {
        Drill drill = drills.make(DrillKind.HOOK_WAY, 1, 7);
        Answer.Aimed right = (Answer.Aimed) drill.key().solution();
        double against = right.towardRad() > 0 ? right.towardRad() - Math.PI : right.towardRad() + Math.PI;
        List<Verdict.Lie> lies = drill.key().judge(new Answer.Aimed(against)).lies();
        assertThat(lies).hasSize(2);
        Vec2 at = ((Ask.Aim) drill.ask()).at();
        Each.of(lies).allMatch(l -> l.line().get(0).distance(at) < 8 && l.knot().distance(at) < 8);
        assertThat(lies.get(0).knot().plus(lies.get(1).knot()).times(0.5).distance(at))
                .isLessThan(1e-6);
        assertThat(lies.get(0).line()).isNotEqualTo(lies.get(1).line());
    }

    /** Of a plan that somebody made a drill is about that very head, and what is right is judged so. */
    @ParameterizedTest
    @EnumSource(DrillKind.class)
    void aDrillCanBeMadeOfAnyPlan(DrillKind kind) {
        InstallBrief brief =
                drills.make(DrillKind.HOOK_WAY, 4, 3).head().orElseThrow().brief();
        if (!kind.isOfHead()) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> drills.about(brief, kind, 2, 9))
                    .withMessageContaining("head");
            return;
        }
        Optional<Drill> made = drills.about(brief, kind, 2, 9);
        if (kind == DrillKind.SINGLES) {
            assertThat(made).as("a head without singles").isEmpty();
            return;
        }
        made.ifPresent(drill -> {
            assertThat(drill.head().orElseThrow().brief().head()).isEqualTo(brief.head());
            assertThat(drill.key().judge(drill.key().solution()).isRight()).isTrue();
        });
        assertThat(made.isPresent()
                        || kind == DrillKind.STOPPING
                        || kind == DrillKind.SPACING
                        || kind == DrillKind.UPDOS)
                .isTrue();
    }

    @Test
    void anAnswerOfAnotherFormIsRefused() {
        Drill order = drills.make(DrillKind.BRAID_ORDER, 1, 5);
        Drill packs = drills.make(DrillKind.PACKS, 1, 5);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> order.key().judge(new Answer.Said(3)))
                .withMessageContaining("order");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> order.key().judge(new Answer.Ordered(List.of("F1"))))
                .withMessageContaining("choices");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> packs.key().judge(new Answer.Aimed(0)))
                .withMessageContaining("number");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Answer.Aimed(4))
                .withMessageContaining("towardRad");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> drills.make(DrillKind.PACKS, 6, 1))
                .withMessageContaining("level");
    }
}
