package gyrotaxis.server.bench;

import gyrotaxis.core.compare.Comparison;
import gyrotaxis.core.compare.Comparison.Better;
import gyrotaxis.core.compare.Comparison.Figure;
import gyrotaxis.core.compare.Comparison.Kind;
import gyrotaxis.core.compare.HookingComparison;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.findings.Severity;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.WearView;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Plans beside each other, with all that was decided and every figure of theirs; {@code worn} is empty if how they are worn
 * was not asked.
 */
record ComparisonView(List<PlanView> plans, List<WornView> worn, List<ChoiceView> choices, List<FigureView> figures) {

    static ComparisonView of(List<BriefBody> briefs, List<InstallPlan> plans, List<WearView> seen) {
        List<FigureView> figures = new ArrayList<>();
        Comparison.of(plans, plans.stream().map(ComparisonView::toMind).toList())
                .forEach(f -> figures.add(FigureView.of(f, Group.FOUNDATION)));
        HookingComparison.figures(plans).forEach(f -> figures.add(FigureView.of(f, Group.HOOKING)));
        HookingComparison.worn(seen).forEach(f -> figures.add(FigureView.of(f, Group.WORN)));
        return new ComparisonView(
                IntStream.range(0, plans.size())
                        .mapToObj(i -> PlanViews.of(plans.get(i), briefs.get(i)))
                        .toList(),
                IntStream.range(0, seen.size())
                        .mapToObj(i -> WornView.of(plans.get(i), seen.get(i), List.of(), briefs.get(i)))
                        .toList(),
                HookingComparison.choices(plans).stream().map(ChoiceView::of).toList(),
                figures);
    }

    private static int toMind(InstallPlan plan) {
        return (int) Findings.of(plan).stream()
                .filter(f -> f.severity() != Severity.HINT)
                .count();
    }

    /** Something that was decided. */
    record ChoiceView(String what, boolean differs, List<String> words) {
        static ChoiceView of(HookingComparison.Choice c) {
            return new ChoiceView(c.what(), c.differs(), c.words());
        }
    }

    /** What a figure is about. */
    enum Group {
        FOUNDATION,
        HOOKING,
        WORN
    }

    /** One figure of every plan. */
    record FigureView(Group group, String what, Kind kind, Better better, boolean differs, List<Double> values) {
        static FigureView of(Figure f, Group group) {
            return new FigureView(group, f.what(), f.kind(), f.better(), f.differs(), f.values());
        }
    }
}
