package gyrotaxis.core.findings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.PlansByChance;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each remedy is applied: the finding goes, or less of it is left, and nothing as grave comes in its stead. */
class RemediesTest {
    private final Planner planner = new Planner();

    static IntStream seeds() {
        return PlansByChance.seeds(20);
    }

    private List<Finding> findings(InstallBrief brief) {
        InstallPlan plan = planner.plan(brief);
        List<Finding> all = new ArrayList<>(Findings.of(plan));
        all.addAll(WornFindings.of(
                plan, planner.wear(plan, Worn.all(plan.foundation()).get(0), 0, 500)));
        return all;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyRemedyThatIsOfferedHelpsAndBringsNothingAsGrave(int seed) {
        Optional<InstallPlan> planned = PlansByChance.plan(planner, seed);
        assumeThat(planned).as("a foundation that can be laid").isPresent();
        InstallPlan plan = planned.get();
        InstallBrief brief = plan.brief();
        List<Finding> before = findings(brief);
        List<Finding> offered = TriedFindings.of(planner, plan, TrialBudget.unlimited());
        assertThat(offered)
                .extracting(Finding::code)
                .containsExactlyElementsOf(
                        Findings.of(plan).stream().map(Finding::code).toList());
        for (Finding f : offered) {
            for (Remedy r : f.remedies()) {
                List<Finding> after = findings(r.brief());
                assertThat(after)
                        .as("%s, %s: %s", seed, f.code(), r.words())
                        .noneMatch(a -> a.code() == f.code() && a.reason().equals(f.reason()));
                assertThat(after.stream()
                                .filter(a -> a.code() == f.code())
                                .map(Finding::reason)
                                .findFirst())
                        .as("what is left of %s is said", f.code())
                        .isEqualTo(r.left());
                Set<Code> known = EnumSet.noneOf(Code.class);
                before.forEach(b -> known.add(b.code()));
                assertThat(after)
                        .as("%s, %s: %s", seed, f.code(), r.words())
                        .noneMatch(
                                a -> !known.contains(a.code()) && a.severity().compareTo(f.severity()) <= 0);
            }
        }
    }

    /** Most findings of the foundation keep a remedy, however strictly they are judged. */
    @Test
    void judgingLeavesRemedies() {
        int with = 0;
        int left = 0;
        for (InstallPlan plan : seeds().boxed()
                .flatMap(seed -> PlansByChance.plan(planner, seed).stream())
                .toList()) {
            with += (int) Findings.of(plan).stream()
                    .filter(f -> !f.remedies().isEmpty())
                    .count();
            left += (int) TriedFindings.of(planner, plan, TrialBudget.unlimited()).stream()
                    .filter(f -> !f.remedies().isEmpty())
                    .count();
        }
        assertThat((double) left / with).isGreaterThan(0.75);
    }

    /** Without a spiral none of these finds its row. */
    private InstallPlan withLostEdits(int many) {
        InstallBrief plain = FoundationFindingsTest.PLAIN;
        return planner.plan(plain.withFoundation(plain.foundation()
                .withEdits(IntStream.rangeClosed(1, many)
                        .<RowEdit>mapToObj(n -> new RowEdit.Reverse(new RowId(Section.SPIRAL, n)))
                        .toList())));
    }

    @Test
    void whatABudgetLeavesUntriedIsCountedAndNotOffered() {
        InstallPlan plan = withLostEdits(60);
        List<Finding> said = Findings.of(plan);
        AtomicInteger tried = new AtomicInteger();
        List<Finding> judged = TriedFindings.of(planner, plan, new TrialBudget(5, () -> tried.incrementAndGet() <= 3));
        assertThat(tried).as("asked before each of the five").hasValue(5);
        long remedies = said.stream().flatMap(f -> f.remedies().stream()).count();
        assertThat(judged.stream().mapToInt(Finding::untried).sum()).isEqualTo(remedies - 3);
        assertThat(judged)
                .extracting(Finding::reason)
                .containsExactlyElementsOf(said.stream().map(Finding::reason).toList());
        int last = said.size() - 1;
        assertThat(judged.get(last).remedies()).isEmpty();
        Finding asked = TriedFindings.only(planner, plan, last).orElseThrow();
        assertThat(asked.untried()).isZero();
        assertThat(asked.remedies()).hasSameSizeAs(said.get(last).remedies());
    }

    @Test
    void allChangesThatFindNoPlaceAreForgottenInOne() {
        InstallPlan plan = withLostEdits(3);
        Remedy all = Findings.of(plan).stream()
                .filter(f -> f.code() == Code.EDIT_LOST)
                .flatMap(f -> f.remedies().stream())
                .filter(r -> r.words().toString().contains("all 3"))
                .findFirst()
                .orElseThrow();
        assertThat(all.brief().foundation().edits()).isEmpty();
        assertThat(Findings.of(planner.plan(all.brief()))).noneMatch(f -> f.code() == Code.EDIT_LOST);
    }
}
