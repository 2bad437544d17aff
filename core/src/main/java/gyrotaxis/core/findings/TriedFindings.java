package gyrotaxis.core.findings;

import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.plan.ContradictoryMeasuresException;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Findings whose remedies were all tried: each is planned and looked over, and only those are kept after which the finding is gone or
 * changed, which the remedy then says, and nothing as grave has come in its stead.
 *
 * <p>Costs a plan for every remedy; for what is read, not for what is drawn while something is in the hand. What a budget leaves untried is
 * counted in its finding and not offered.
 */
public final class TriedFindings {
    /** As coarse as figures by zone allow. */
    private static final int SAMPLES = (int) CoverGrid.SAMPLES.min();

    private final Planner planner;
    /** How it is looked at; empty for as it is worn first. */
    private final Optional<Worn> worn;

    private final double day;
    private final int samples;
    private final Map<InstallBrief, Optional<List<Finding>>> tried = new ConcurrentHashMap<>();

    private TriedFindings(Planner planner, Optional<Worn> worn, double day, int samples) {
        this.planner = planner;
        this.worn = worn;
        this.day = day;
        this.samples = samples;
    }

    /** All findings about a plan, with the remedies that help; gravest first, as far as the budget goes. */
    public static List<Finding> of(Planner planner, InstallPlan plan, TrialBudget budget) {
        List<Finding> found = Findings.of(plan);
        return new TriedFindings(planner, Optional.empty(), 0, SAMPLES).judged(plan, found, found, budget);
    }

    /**
     * The same with the remedies of one finding tried alone, all of them.
     *
     * @param index of the finding in {@link Findings#of}
     * @return empty if there is no such finding
     */
    public static Optional<Finding> only(Planner planner, InstallPlan plan, int index) {
        List<Finding> found = Findings.of(plan);
        return index < 0 || index >= found.size()
                ? Optional.empty()
                : new TriedFindings(planner, Optional.empty(), 0, SAMPLES)
                        .judged(plan, List.of(found.get(index)), found, TrialBudget.unlimited()).stream()
                                .findFirst();
    }

    /**
     * What is to be said of a plan as it is worn, with the remedies that help in that way of wearing.
     *
     * @param seen the plan as it is worn
     * @param day in days from the install
     * @param samples how finely it was looked at, and is again
     */
    public static List<Finding> worn(
            Planner planner, InstallPlan plan, WearView seen, double day, int samples, TrialBudget budget) {
        List<Finding> found = WornFindings.of(plan, seen);
        List<Finding> all = new ArrayList<>(Findings.of(plan));
        all.addAll(found);
        return new TriedFindings(planner, Optional.of(seen.cover().worn()), day, samples).judged(found, all, budget);
    }

    /** Plain findings, looked at as the plan is worn first. */
    private List<Finding> judged(InstallPlan plan, List<Finding> asked, List<Finding> found, TrialBudget budget) {
        return judged(asked, all(plan, found), budget);
    }

    private List<Finding> judged(List<Finding> asked, List<Finding> all, TrialBudget budget) {
        tryAll(asked, budget);
        return asked.stream().map(f -> helped(f, all)).toList();
    }

    /** On as many processors as there are: somebody waits for it. */
    private void tryAll(List<Finding> found, TrialBudget budget) {
        List<InstallBrief> remedies = found.stream()
                .flatMap(f -> f.remedies().stream())
                .map(Remedy::brief)
                .distinct()
                .limit(budget.most())
                .toList();
        remedies.parallelStream().filter(r -> budget.mayGoOn().getAsBoolean()).forEach(r -> tried.put(r, after(r)));
    }

    private Finding helped(Finding f, List<Finding> before) {
        List<Remedy> help = new ArrayList<>();
        int untried = 0;
        for (Remedy r : f.remedies()) {
            Optional<List<Finding>> after = tried.get(r.brief());
            if (after == null) {
                untried++;
            } else if (after.isPresent() && helps(before, after.get(), f)) {
                help.add(r.leaving(left(after.get(), f)));
            }
        }
        return new Finding(f.code(), f.severity(), f.place(), f.reason(), help, untried);
    }

    private static Optional<Sentence> left(List<Finding> after, Finding f) {
        return after.stream()
                .filter(a -> a.code() == f.code())
                .map(Finding::reason)
                .findFirst();
    }

    /** What is found after it; empty if it comes to no plan. */
    private Optional<List<Finding>> after(InstallBrief brief) {
        try {
            InstallPlan other = planner.aside(brief);
            return Optional.of(all(other, Findings.of(other)));
        } catch (FoundationException | HookingException | ContradictoryMeasuresException cannotBe) {
            return Optional.empty();
        }
    }

    private List<Finding> all(InstallPlan other, List<Finding> found) {
        List<Finding> all = new ArrayList<>(found);
        Worn how = worn.orElseGet(() -> Worn.all(other.foundation()).get(0));
        all.addAll(WornFindings.of(other, planner.wear(other, how, day, samples)));
        return all;
    }

    /**
     * Whether a remedy helps: the same is not said alike, nor of something graver, and nothing new is as grave.
     *
     * @param before all findings before it
     * @param after and after it
     * @param f which it was to mend
     */
    private static boolean helps(List<Finding> before, List<Finding> after, Finding f) {
        Set<Code> known = EnumSet.noneOf(Code.class);
        before.forEach(b -> known.add(b.code()));
        return after.stream()
                .noneMatch(a -> a.code() == f.code()
                        ? a.reason().equals(f.reason()) || a.severity().compareTo(f.severity()) < 0
                        : !known.contains(a.code()) && a.severity().compareTo(f.severity()) <= 0);
    }
}
