package gyrotaxis.core.compare;

import gyrotaxis.core.compare.Comparison.Better;
import gyrotaxis.core.compare.Comparison.Figure;
import gyrotaxis.core.compare.Comparison.Kind;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.reckoning.Derivation;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Sets what is hooked into plans beside each other, and how they look: what was chosen, and what came of it. */
public final class HookingComparison {
    private static final double ALL_PERCENT = 100;

    private HookingComparison() {}

    /**
     * Something that was decided, for every plan.
     *
     * @param what in a stylist's words
     * @param words what each plan has, in their order
     */
    public record Choice(String what, List<String> words) {
        public Choice {
            words = List.copyOf(words);
        }

        /** Whether the plans differ in it. */
        public boolean differs() {
            return words.stream().distinct().count() > 1;
        }
    }

    /** What was decided, in the order of the trade. */
    public static List<Choice> choices(List<InstallPlan> plans) {
        List<Choice> all = new ArrayList<>();
        all.add(choice("foundation", plans, p -> p.brief().foundation().back().words()));
        all.add(choice("parts", plans, HookingComparison::parts));
        all.add(choice("hair", plans, HookingComparison::hair));
        all.add(choice(
                "wished fullness",
                plans,
                p -> String.format(Locale.ROOT, "%.0f %%", p.brief().fullness() * ALL_PERCENT)));
        all.add(choice("method", plans, p -> method(p.brief().hooking())));
        for (Zone zone : Zone.values()) {
            all.add(choice(
                    zone.words() + ", each takes",
                    plans,
                    p -> p.hooked().plan().setting(zone).share().words()));
        }
        all.add(choice("knots", plans, HookingComparison::knots));
        all.add(choice("by hand", plans, p -> by(p.brief().hooking().edits().size())));
        all.add(choice("who installs", plans, p -> p.brief().installer().words()));
        return List.copyOf(all);
    }

    /** What is hooked and what it costs. */
    public static List<Figure> figures(List<InstallPlan> plans) {
        List<Figure> all = new ArrayList<>();
        all.add(Figure.of(
                Derivation.Figure.LOOPS,
                "loops",
                Kind.COUNT,
                Better.LESS,
                plans,
                p -> p.packs().neededLoops()));
        all.add(Figure.of(
                Derivation.Figure.PACKS,
                "packs to buy",
                Kind.COUNT,
                Better.LESS,
                plans,
                p -> p.packs().packs()));
        if (areInOneCurrency(plans.stream().map(p -> p.packs().cost()))) {
            all.add(Figure.of(
                    Derivation.Figure.COST,
                    "hair costs",
                    Kind.MONEY,
                    Better.LESS,
                    plans,
                    p -> p.packs().cost().minor()));
        }
        // Amounts are read in the currency of the hair.
        if (areInOneCurrency(
                plans.stream().flatMap(p -> Stream.concat(Stream.of(p.packs().cost()), p.quote().totals().stream())))) {
            all.add(Figure.of(
                    "asked of the client",
                    Kind.MONEY,
                    Better.NEITHER,
                    plans,
                    p -> p.quote().totals().get(0).minor(),
                    PlanWhys::asked));
        }
        all.add(Figure.of(
                Derivation.Figure.MINUTES,
                "in the chair",
                Kind.MINUTES,
                Better.LESS,
                plans,
                p -> p.time().inChair().likely()));
        all.add(Figure.of(
                Derivation.Figure.SHARES,
                "stations",
                Kind.COUNT,
                Better.NEITHER,
                plans,
                p -> p.stations().size()));
        for (Zone zone : Zone.values()) {
            all.add(Figure.of(
                    zone.words() + ", apart",
                    Kind.LENGTH_MM,
                    Better.NEITHER,
                    plans,
                    p -> p.hooked().spacingMm(zone),
                    PlanWhys.spacing(zone)));
            all.add(Figure.of(
                    zone.words() + ", loops",
                    Kind.RATIO,
                    Better.NEITHER,
                    plans,
                    p -> p.stations().stream()
                            .filter(s -> s.zone() == zone)
                            .mapToDouble(s -> s.share().ofLoop())
                            .sum(),
                    PlanWhys.loops(zone)));
        }
        all.add(Figure.of(
                Derivation.Figure.WEIGHT, "weighs, g", Kind.COUNT, Better.LESS, plans, InstallPlan::weightGrams));
        all.add(Figure.of(
                "knots that would slip",
                Kind.COUNT,
                Better.LESS,
                plans,
                p -> PlanWhys.slippingOf(p).size(),
                PlanWhys::slipping));
        return List.copyOf(all);
    }

    /** How the plans look as they are worn, all in one way. */
    public static List<Figure> worn(List<WearView> seen) {
        if (seen.isEmpty()) {
            return List.of();
        }
        List<Figure> all = new ArrayList<>();
        all.add(Figure.of(
                "skin that shows",
                Kind.PERCENT,
                Better.LESS,
                seen,
                w -> w.cover().exposed() * ALL_PERCENT,
                WornWhys::skin));
        for (Zone zone : Zone.values()) {
            all.add(Figure.of(
                    "skin that shows, " + zone.words(),
                    Kind.PERCENT,
                    Better.LESS,
                    seen,
                    w -> w.cover().exposedByZone().getOrDefault(zone, 0.0) * ALL_PERCENT,
                    WornWhys.skin(zone)));
        }
        all.add(Figure.of(
                "gaps", Kind.COUNT, Better.LESS, seen, w -> w.cover().gaps().size(), WornWhys::gaps));
        all.add(Figure.of(
                "knots that show", Kind.COUNT, Better.LESS, seen, w -> w.knots().size(), WornWhys::knots));
        all.add(Figure.of(
                "rows that show",
                Kind.COUNT,
                Better.LESS,
                seen,
                w -> w.rowsShowing().size(),
                WornWhys::rows));
        all.add(Figure.of(
                "as full as a full head",
                Kind.PERCENT,
                Better.NEITHER,
                seen,
                w -> w.cover().fullness() * ALL_PERCENT,
                WornWhys::fullness));
        return List.copyOf(all);
    }

    private static Choice choice(String what, List<InstallPlan> plans, Function<InstallPlan, String> words) {
        return new Choice(what, plans.stream().map(words).toList());
    }

    /** Amounts in different currencies say nothing beside each other. */
    private static boolean areInOneCurrency(Stream<Money> amounts) {
        return amounts.map(Money::currency).distinct().count() == 1;
    }

    private static String parts(InstallPlan plan) {
        List<WearingPart> parts = plan.brief().foundation().parts();
        return parts.isEmpty()
                ? "none"
                : parts.stream()
                        .map(p -> (p.startMm() < 0 ? "on her left" : p.startMm() > 0 ? "on her right" : "in the middle")
                                + (p.lengthMm().isPresent() ? ", stopping short" : ""))
                        .collect(Collectors.joining("; "));
    }

    private static String hair(InstallPlan plan) {
        return plan.hooked().hairs().stream()
                .map(s -> s.line().name() + " " + s.colour())
                .collect(Collectors.joining(", "));
    }

    private static String method(HookingBrief hooking) {
        Method m = hooking.method();
        return m.name() + ": " + m.spacing().words() + ", back " + m.back().words();
    }

    private static String knots(InstallPlan plan) {
        return plan.stations().stream()
                .map(Station::tie)
                .collect(Collectors.groupingBy(t -> t.knot().words(), TreeMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(e -> e.getValue() + " " + e.getKey())
                .collect(Collectors.joining(", "));
    }

    private static String by(int edits) {
        return edits == 0 ? "nothing" : edits == 1 ? "1 change" : edits + " changes";
    }
}
