package gyrotaxis.core.reckoning;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.reckoning.Derivation.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** Says how the figures of a plan come about. */
public final class Derivations {
    private final InstallPlan plan;
    private final Hooked hooked;

    private Derivations(InstallPlan plan) {
        this.plan = plan;
        this.hooked = plan.hooked();
    }

    /** All of them, in the order of {@link Figure}. */
    public static List<Derivation> of(InstallPlan plan) {
        Derivations r = new Derivations(plan);
        return List.of(
                new Derivation(Figure.SHARES, r.shares()),
                new Derivation(Figure.LOOPS, r.loops()),
                new Derivation(Figure.PACKS, r.packs()),
                new Derivation(Figure.COST, r.cost()),
                new Derivation(Figure.WEIGHT, r.weight()),
                new Derivation(Figure.MINUTES, r.minutes()),
                new Derivation(Figure.BULK, r.bulk()),
                new Derivation(Figure.HEAVIEST_ROW, r.heaviestRow()),
                new Derivation(Figure.LOOSE_ENDS, r.looseEnds()));
    }

    private List<Sentence> shares() {
        List<Sentence> steps = new ArrayList<>();
        for (Zone z : Zone.values()) {
            int plain = count(s -> s.zone() == z && isPlain(s));
            if (plain > 0) {
                steps.add(Sentence.of(
                                z.words(),
                                ": ",
                                plain,
                                " along the rows, one every ",
                                Quantity.mm(hooked.spacingMm(z)),
                                ", usually ",
                                hooked.plan().setting(z).share().words(),
                                ".")
                        .capital());
            }
        }
        addSome(
                steps,
                "Beside parts: ",
                count(s -> s.role() == Role.PART),
                ", close together, since there the row is seen.");
        addSome(
                steps,
                "Behind the hairline: ",
                count(s -> s.role() == Role.HAIRLINE),
                ", small, so that nothing is seen of them.");
        int others = count(s -> !isPlain(s) && s.role() != Role.PART && s.role() != Role.HAIRLINE);
        addSome(steps, "Along the perimeter, on singles and elsewhere: ", others, ".");
        steps.add(Sentence.of(
                "All of it for a head ", Quantity.part(plan.brief().fullness()), " as full as usual, as wished."));
        return steps;
    }

    private static void addSome(List<Sentence> steps, String before, int many, String after) {
        if (many > 0) {
            steps.add(Sentence.of(before, many, after));
        }
    }

    private static boolean isPlain(Station s) {
        return s.role() == Role.ROW || s.role() == Role.CAP;
    }

    private int count(Predicate<Station> which) {
        return (int) plan.stations().stream().filter(which).count();
    }

    private List<Sentence> loops() {
        List<Sentence> steps = new ArrayList<>();
        for (int strand = 0; strand < hooked.tallies().size(); strand++) {
            if (hooked.tallies().size() > 1) {
                Hooked.Strand hair = hooked.hairs().get(strand);
                steps.add(Sentence.of(hair.line().name(), ", ", hair.colour(), ":"));
            }
            hooked.tallies().get(strand).sharesBySize().forEach((share, many) -> {
                int opened = LoopTally.loops(share, many);
                steps.add(Sentence.of(many, " × ", share.words(), ": ", opened, opened == 1 ? " loop." : " loops."));
            });
        }
        int placed = plan.packs().placedLoops();
        int more = plan.packs().moreLoops();
        if (more != 0) {
            steps.add(Sentence.of(
                    more > 0 ? "Visits taught that more are used: " : "Visits taught that fewer are used: ",
                    Math.abs(more),
                    "."));
        }
        steps.add(Sentence.of(
                plan.brief().hooking().method().terms().reservePercent() + " % of ",
                placed,
                " are kept back for fills: ",
                plan.packs().reserveLoops(),
                "."));
        steps.add(Sentence.of("Together ", plan.packs().neededLoops(), "."));
        return steps;
    }

    private List<Sentence> packs() {
        List<Sentence> steps = new ArrayList<>();
        for (PackCount p : plan.packs().lines()) {
            int needed = p.placedLoops() + p.moreLoops() + p.reserveLoops();
            steps.add(Sentence.of(p.hair().name(), ": ", needed, " loops are needed, ", p.shelfLoops(), " are there."));
            for (PackCount.Bought b : p.bought()) {
                steps.add(Sentence.of(
                        b.count(),
                        b.count() == 1 ? " pack of " : " packs of ",
                        b.size().loops(),
                        " make ",
                        b.count() * b.size().loops(),
                        "."));
            }
            steps.add(Sentence.of(p.leftOverLoops(), p.leftOverLoops() == 1 ? " is left over." : " are left over."));
        }
        return steps;
    }

    private List<Sentence> cost() {
        List<Sentence> steps = new ArrayList<>();
        for (PackCount p : plan.packs().lines()) {
            for (PackCount.Bought b : p.bought()) {
                Money price = b.size().price();
                steps.add(Sentence.of(
                        p.hair().name(),
                        ": ",
                        b.count(),
                        " × " + price.words() + " is " + price.times(b.count()).words() + "."));
            }
        }
        if (steps.isEmpty()) {
            steps.add(Sentence.of("Nothing is bought: enough is there."));
        }
        return steps;
    }

    private List<Sentence> weight() {
        List<Sentence> steps = new ArrayList<>();
        for (PackCount p : plan.packs().lines()) {
            steps.add(Sentence.of(
                    p.hair().name(),
                    ": a loop of ",
                    Quantity.mm(p.hair().lengthMm()),
                    " weighs about ",
                    Quantity.grams(p.hair().gramsPerLoop()),
                    "."));
        }
        steps.add(Sentence.of(
                "All shares that are hooked, as large as each is: ", Quantity.grams(plan.weightGrams()), "."));
        return steps;
    }

    private List<Sentence> minutes() {
        List<Sentence> steps = new ArrayList<>();
        for (Map.Entry<ChairTime.Stage, Estimate> m : plan.time().minutes().entrySet()) {
            Estimate e = m.getValue();
            steps.add(Sentence.of(
                            m.getKey().words(),
                            ": ",
                            Quantity.minutes(e.likely()),
                            m.getKey().isInChair() ? "." : ", not counted here.")
                    .capital());
        }
        Estimate all = plan.time().inChair();
        steps.add(Sentence.of(
                "In the chair ",
                Quantity.minutes(all.likely()),
                ", ",
                Quantity.minutes(all.low()),
                " to ",
                Quantity.minutes(all.high()),
                ", by what stylists say and what visits taught."));
        int pace = plan.brief().hooking().method().terms().pacePercent();
        steps.add(Sentence.of("Hands of this method take " + pace + " % of what usual hands take."));
        return steps;
    }

    private List<Sentence> bulk() {
        Optional<Tail> most = plan.braiding().tails().stream().max(Comparator.comparingDouble(Tail::bulk));
        return List.of(most.filter(t -> t.into().isPresent())
                .map(t -> Sentence.of(
                                "On ",
                                t.into().orElseThrow().words(),
                                ", where the tail of ",
                                t.row().words(),
                                " comes in, lies ",
                                Quantity.times(t.bulk()),
                                " what a row alone is.")
                        .capital())
                .orElseGet(() -> Sentence.of("No row has more to carry than itself.")));
    }

    private List<Sentence> heaviestRow() {
        RowPull most = plan.pull().stream()
                .max(Comparator.comparingDouble(RowPull::share))
                .orElseThrow();
        return List.of(
                Sentence.of(
                                most.row().words(),
                                " carries ",
                                Quantity.gramsPerCm(most.gramsPerCm()),
                                ": what is hooked to it by its length.")
                        .capital(),
                Sentence.of(
                                plan.brief().ownHair().density().words(),
                                " hair like hers should bear no more there than ",
                                Quantity.gramsPerCm(most.limitGramsPerCm()),
                                " (an estimate): ",
                                Quantity.part(most.share()),
                                " of it is used.")
                        .capital());
    }

    private List<Sentence> looseEnds() {
        List<Sentence> steps = plan.braiding().looseEnds().stream()
                .map(t ->
                        Sentence.of(t.row().words(), ": ", t.end().words(), ".").capital())
                .toList();
        return steps.isEmpty() ? List.of(Sentence.of("Every tail is fed, threaded or secured.")) : steps;
    }
}
