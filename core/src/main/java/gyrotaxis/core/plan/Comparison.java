package gyrotaxis.core.plan;

import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.wear.UpdoView;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Sets plans for the same head beside each other, figure by figure. */
public final class Comparison {
    private static final double MM_PER_CM = 10;

    private Comparison() {}

    /** Which end of a figure is to be wished for. */
    public enum Better {
        LESS,
        MORE,
        NEITHER
    }

    /** What kind of number a figure is, so that it can be said in the reader's unit. */
    public enum Kind {
        COUNT,
        LENGTH_MM,
        MINUTES,
        RATIO
    }

    /**
     * One figure of every plan.
     *
     * @param what in a stylist's words
     * @param kind what sort of number
     * @param better which end to wish for
     * @param values one for each plan, in their order
     */
    public record Figure(String what, Kind kind, Better better, List<Double> values) {
        public Figure {
            values = List.copyOf(values);
        }

        /** Whether the plans differ in it. */
        public boolean differs() {
            return values.stream().distinct().count() > 1;
        }
    }

    /** The figures of plans, in the order of the trade. */
    public static List<Figure> of(List<InstallPlan> plans) {
        List<Figure> figures = new ArrayList<>();
        figures.add(figure("rows in front", Kind.COUNT, Better.NEITHER, plans, p -> count(p, Section.FRONT)));
        figures.add(figure(
                "rows in all",
                Kind.COUNT,
                Better.NEITHER,
                plans,
                p -> p.foundation().rows().size()));
        figures.add(figure(
                "braided length",
                Kind.LENGTH_MM,
                Better.LESS,
                plans,
                p -> p.foundation().lengthMm()));
        figures.add(figure("thickest row", Kind.LENGTH_MM, Better.LESS, plans, Comparison::thickest));
        figures.add(figure(
                "loose ends",
                Kind.COUNT,
                Better.LESS,
                plans,
                p -> p.braiding().looseEnds().size()));
        figures.add(figure(
                "greatest bulk, against a single row",
                Kind.RATIO,
                Better.LESS,
                plans,
                p -> p.braiding().greatestBulk()));
        figures.add(figure(
                "longest part it allows",
                Kind.LENGTH_MM,
                Better.MORE,
                plans,
                p -> p.partChoices().stream().mapToDouble(c -> c.openMm()).max().orElse(0)));
        figures.add(figure(
                "gaps wide enough for a part",
                Kind.COUNT,
                Better.MORE,
                plans,
                p -> p.partChoices().stream().filter(c -> c.readsAsSkin()).count()));
        figures.add(figure(
                "updos it carries",
                Kind.COUNT,
                Better.MORE,
                plans,
                p -> p.updos().stream().filter(UpdoView::works).count()));
        figures.add(figure(
                "heaviest row, against its limit",
                Kind.RATIO,
                Better.LESS,
                plans,
                p -> p.pull().stream().mapToDouble(RowPull::share).max().orElse(0)));
        figures.add(figure(
                "strain on oneself",
                Kind.RATIO,
                Better.LESS,
                plans,
                p -> p.selfWork().strain()));
        figures.add(figure(
                "stations", Kind.COUNT, Better.NEITHER, plans, p -> p.stations().size()));
        figures.add(
                figure("loops", Kind.COUNT, Better.LESS, plans, p -> p.packs().neededLoops()));
        figures.add(figure(
                "packs to buy", Kind.COUNT, Better.LESS, plans, p -> p.packs().packs()));
        figures.add(figure(
                "in the chair",
                Kind.MINUTES,
                Better.LESS,
                plans,
                p -> p.time().inChair().likely()));
        figures.add(figure(
                "things to mind",
                Kind.COUNT,
                Better.LESS,
                plans,
                p -> p.findings().stream()
                        .filter(f -> f.severity() != Severity.HINT)
                        .count()));
        return List.copyOf(figures);
    }

    private static Figure figure(
            String what, Kind kind, Better better, List<InstallPlan> plans, ToDoubleFunction<InstallPlan> value) {
        return new Figure(
                what,
                kind,
                better,
                plans.stream()
                        .map(p -> Math.rint(value.applyAsDouble(p) * MM_PER_CM) / MM_PER_CM)
                        .toList());
    }

    private static double count(InstallPlan plan, Section section) {
        return plan.foundation().rowsOf(section).size();
    }

    private static double thickest(InstallPlan plan) {
        return plan.foundation().rows().stream()
                .mapToDouble(Row::braidWidthMm)
                .max()
                .orElse(0);
    }
}
