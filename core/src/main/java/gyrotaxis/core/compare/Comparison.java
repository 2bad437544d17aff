package gyrotaxis.core.compare;

import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.reckoning.Derivation;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.wear.UpdoView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
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
     * @param reckoned which figure of a plan it is, if its reckoning is told of one plan alone
     * @param why how each of the values comes about, if it is only told here; empty otherwise
     */
    public record Figure(
            String what,
            Kind kind,
            Better better,
            List<Double> values,
            Optional<Derivation.Figure> reckoned,
            List<List<Sentence>> why) {
        public Figure {
            values = List.copyOf(values);
            why = why.stream().map(List::copyOf).toList();
            if (reckoned.isEmpty() && why.size() != values.size()) {
                throw new IllegalArgumentException(
                        "why of " + what + " is told of " + why.size() + " plans but there are " + values.size());
            }
        }

        /** A figure whose reckoning is told of each plan alone. */
        static Figure of(
                Derivation.Figure reckoned,
                String what,
                Kind kind,
                Better better,
                List<InstallPlan> plans,
                ToDoubleFunction<InstallPlan> value) {
            return new Figure(what, kind, better, values(plans, value), Optional.of(reckoned), List.of());
        }

        /** A figure that is only told here, and why it is what it is. */
        static <T> Figure of(
                String what,
                Kind kind,
                Better better,
                List<T> all,
                ToDoubleFunction<T> value,
                Function<T, List<Sentence>> why) {
            return new Figure(
                    what,
                    kind,
                    better,
                    values(all, value),
                    Optional.empty(),
                    all.stream().map(why).toList());
        }

        private static <T> List<Double> values(List<T> all, ToDoubleFunction<T> value) {
            return all.stream()
                    .map(p -> Math.rint(value.applyAsDouble(p) * PER_UNIT) / PER_UNIT)
                    .toList();
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
        figures.add(Figure.of(
                "rows in front",
                Kind.COUNT,
                Better.NEITHER,
                plans,
                p -> count(p, Section.FRONT),
                PlanWhys::rowsInFront));
        figures.add(Figure.of(
                "rows in all",
                Kind.COUNT,
                Better.NEITHER,
                plans,
                p -> p.foundation().rows().size(),
                PlanWhys::rows));
        figures.add(Figure.of(
                "braided length",
                Kind.LENGTH_MM,
                Better.LESS,
                plans,
                p -> p.foundation().lengthMm(),
                PlanWhys::braided));
        figures.add(Figure.of(
                "thickest row", Kind.LENGTH_MM, Better.LESS, plans, Comparison::thickest, PlanWhys::thickest));
        figures.add(Figure.of(
                Derivation.Figure.LOOSE_ENDS,
                "loose ends",
                Kind.COUNT,
                Better.LESS,
                plans,
                p -> p.braiding().looseEnds().size()));
        figures.add(Figure.of(
                Derivation.Figure.BULK,
                "greatest bulk, against a single row",
                Kind.RATIO,
                Better.LESS,
                plans,
                p -> p.braiding().greatestBulk()));
        figures.add(Figure.of(
                "longest part it allows",
                Kind.LENGTH_MM,
                Better.MORE,
                plans,
                p -> p.partChoices().stream().mapToDouble(c -> c.openMm()).max().orElse(0),
                PlanWhys::longestPart));
        figures.add(Figure.of(
                "gaps wide enough for a part",
                Kind.COUNT,
                Better.MORE,
                plans,
                p -> p.partChoices().stream().filter(c -> c.readsAsSkin()).count(),
                PlanWhys::wideGaps));
        figures.add(Figure.of(
                "updos it carries",
                Kind.COUNT,
                Better.MORE,
                plans,
                p -> p.updos().stream().filter(UpdoView::works).count(),
                PlanWhys::updos));
        figures.add(Figure.of(
                Derivation.Figure.HEAVIEST_ROW,
                "heaviest row, against its limit",
                Kind.RATIO,
                Better.LESS,
                plans,
                p -> p.pull().stream().mapToDouble(RowPull::share).max().orElse(0)));
        figures.add(Figure.of(
                "strain on oneself",
                Kind.RATIO,
                Better.LESS,
                plans,
                p -> p.selfWork().strain(),
                PlanWhys::strain));
        figures.add(Figure.of("things to mind", Kind.COUNT, Better.LESS, toMind, n -> n, n -> PlanWhys.toMind()));
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
