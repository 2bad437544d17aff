package gyrotaxis.server.planning.compare;

import gyrotaxis.core.compare.Comparison;
import gyrotaxis.core.compare.Comparison.Better;
import gyrotaxis.core.compare.Comparison.Figure;
import gyrotaxis.core.compare.Comparison.Kind;
import gyrotaxis.core.compare.HookingComparison;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.findings.Severity;
import gyrotaxis.core.findings.WornFindings;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.reckoning.Derivation;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.Change;
import gyrotaxis.server.planning.DrawnView;
import gyrotaxis.server.planning.ReadView;
import gyrotaxis.server.planning.ReadViews;
import gyrotaxis.server.planning.WornView;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Plans beside each other, with all that was decided and every figure of theirs; {@code worn} is empty if how they are worn
 * was not asked.
 */
public record ComparisonView(
        List<ComparedView> plans, List<WornView> worn, List<ChoiceView> choices, List<FigureView> figures) {

    /** One of them: the brief as it was compared, and its plan. */
    record ComparedView(BriefBody brief, DrawnView drawn, ReadView read) {}

    public static ComparisonView of(
            List<BriefBody> briefs,
            List<InstallPlan> plans,
            List<WearView> seen,
            Function<BriefBody, Change.Writer> changes) {
        List<FigureView> figures = new ArrayList<>();
        Comparison.of(plans, plans.stream().map(ComparisonView::toMind).toList())
                .forEach(f -> figures.add(FigureView.of(f, Group.FOUNDATION)));
        HookingComparison.figures(plans).forEach(f -> figures.add(FigureView.of(f, Group.HOOKING)));
        HookingComparison.worn(seen).forEach(f -> figures.add(FigureView.of(f, Group.WORN)));
        return new ComparisonView(
                IntStream.range(0, plans.size())
                        .mapToObj(i -> new ComparedView(
                                briefs.get(i),
                                DrawnView.of(plans.get(i), true),
                                ReadViews.of(
                                        plans.get(i),
                                        Findings.of(plans.get(i)),
                                        briefs.get(i),
                                        changes.apply(briefs.get(i)))))
                        .toList(),
                IntStream.range(0, seen.size())
                        .mapToObj(i -> WornView.of(
                                plans.get(i),
                                seen.get(i),
                                WornFindings.of(plans.get(i), seen.get(i)),
                                briefs.get(i),
                                changes.apply(briefs.get(i))))
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
        public static ChoiceView of(HookingComparison.Choice c) {
            return new ChoiceView(c.what(), c.differs(), c.words());
        }
    }

    /** What a figure is about. */
    enum Group {
        FOUNDATION,
        HOOKING,
        WORN
    }

    /** One figure of every plan; {@code why} is empty if {@code reckoned} is told of each plan when it is asked. */
    record FigureView(
            Group group,
            String what,
            Kind kind,
            Better better,
            boolean differs,
            List<Double> values,
            @Schema(nullable = true) Derivation.@Nullable Figure reckoned,
            List<List<List<Piece>>> why) {
        public static FigureView of(Figure f, Group group) {
            return new FigureView(
                    group,
                    f.what(),
                    f.kind(),
                    f.better(),
                    f.differs(),
                    f.values(),
                    f.reckoned().orElse(null),
                    f.why().stream()
                            .map(steps -> steps.stream().map(Piece::of).toList())
                            .toList());
        }
    }
}
