package gyrotaxis.core.compare;

import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.reckoning.Reckoning;
import gyrotaxis.core.wear.UpdoView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Sets plans for the same head beside each other, figure by figure. */
public final class Comparison {
    /** Figures are told to a tenth. */
    private static final double PER_UNIT = 10;

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
        RATIO,
        PERCENT,
        /** In the smallest unit of the plans' currency. */
        MONEY
    }

    /**
     * One figure of every plan.
     *
     * @param what in a stylist's words
     * @param kind what sort of number
     * @param better which end to wish for
     * @param values one for each plan, in their order
     * @param reckoned which of the figures this is whose reckoning can be told; empty if it is none of them
     */
    public record Figure(
            String what, Kind kind, Better better, List<Double> values, Optional<Reckoning.Figure> reckoned) {
        public Figure {
            values = List.copyOf(values);
        }

        static <T> Figure of(String what, Kind kind, Better better, List<T> all, ToDoubleFunction<T> value) {
            return new Figure(
                    what,
                    kind,
                    better,
                    all.stream()
                            .map(p -> Math.rint(value.applyAsDouble(p) * PER_UNIT) / PER_UNIT)
                            .toList(),
                    Optional.empty());
        }

        /** The same, known as one whose reckoning can be told. */
        Figure as(Reckoning.Figure figure) {
            return new Figure(what, kind, better, values, Optional.of(figure));
        }

        /** Whether the plans differ in it. */
        public boolean differs() {
            return values.stream().distinct().count() > 1;
        }
    }

    /**
     * The figures of foundations, in the order of the trade.
     *
     * @param toMind how many things are to be minded in each plan, in their order: what is said about plans is not known here
     */
    public static List<Figure> of(List<InstallPlan> plans, List<Integer> toMind) {
        List<Figure> figures = new ArrayList<>();
        figures.add(Figure.of("rows in front", Kind.COUNT, Better.NEITHER, plans, p -> count(p, Section.FRONT)));
        figures.add(Figure.of(
                "rows in all",
                Kind.COUNT,
                Better.NEITHER,
                plans,
                p -> p.foundation().rows().size()));
        figures.add(Figure.of(
                "braided length",
                Kind.LENGTH_MM,
                Better.LESS,
                plans,
                p -> p.foundation().lengthMm()));
        figures.add(Figure.of("thickest row", Kind.LENGTH_MM, Better.LESS, plans, Comparison::thickest));
        figures.add(Figure.of(
                        "loose ends",
                        Kind.COUNT,
                        Better.LESS,
                        plans,
                        p -> p.braiding().looseEnds().size())
                .as(Reckoning.Figure.LOOSE_ENDS));
        figures.add(Figure.of(
                        "greatest bulk, against a single row",
                        Kind.RATIO,
                        Better.LESS,
                        plans,
                        p -> p.braiding().greatestBulk())
                .as(Reckoning.Figure.BULK));
        figures.add(Figure.of(
                "longest part it allows",
                Kind.LENGTH_MM,
                Better.MORE,
                plans,
                p -> p.partChoices().stream().mapToDouble(c -> c.openMm()).max().orElse(0)));
        figures.add(Figure.of(
                "gaps wide enough for a part",
                Kind.COUNT,
                Better.MORE,
                plans,
                p -> p.partChoices().stream().filter(c -> c.readsAsSkin()).count()));
        figures.add(Figure.of(
                "updos it carries",
                Kind.COUNT,
                Better.MORE,
                plans,
                p -> p.updos().stream().filter(UpdoView::works).count()));
        figures.add(Figure.of(
                        "heaviest row, against its limit",
                        Kind.RATIO,
                        Better.LESS,
                        plans,
                        p -> p.pull().stream().mapToDouble(RowPull::share).max().orElse(0))
                .as(Reckoning.Figure.HEAVIEST_ROW));
        figures.add(Figure.of(
                "strain on oneself",
                Kind.RATIO,
                Better.LESS,
                plans,
                p -> p.selfWork().strain()));
        figures.add(Figure.of("things to mind", Kind.COUNT, Better.LESS, toMind, n -> n));
        return List.copyOf(figures);
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
