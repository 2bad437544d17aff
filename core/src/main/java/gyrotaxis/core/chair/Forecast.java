package gyrotaxis.core.chair;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import gyrotaxis.core.plan.WorkSheet.Supply;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What it will come to at this pace.
 *
 * <p>Method: what was used against what was planned for the same shares, and minutes likewise, drawn toward the plan as long as
 * little was seen: the plan weighs as much as {@link #LOOPS_OF_TRUST} loops and {@link #MINUTES_OF_TRUST} minutes. With no
 * event it says what the plan says.
 *
 * @param hair by supply that is bought, the main one first
 * @param minutesLeft minutes to the end, at this pace
 * @param paceOfHooking minutes taken against minutes planned for what was hooked, drawn toward 1
 * @param whyMinutes how the minutes come about, one step after the other
 */
public record Forecast(List<Hair> hair, Estimate minutesLeft, double paceOfHooking, List<Sentence> whyMinutes) {
    /** ASSUMPTION: after a bundle or so what is used is believed as much as what was planned. */
    static final double LOOPS_OF_TRUST = 20;

    /** ASSUMPTION: after twenty minutes her pace is believed as much as the usual one. */
    static final double MINUTES_OF_TRUST = 20;

    /** How far use may be off the plan when nothing was seen yet, as a part of it. ASSUMPTION: uneven pieces, torn ones. */
    static final double SPREAD = 0.12;

    private static final double SECONDS = 60;
    private static final double TINY = 1e-9;

    /** Whether the hair lasts. */
    public enum Lasts {
        YES,
        PERHAPS,
        NO
    }

    /**
     * One hair that is bought.
     *
     * @param supply which, by its place among the supplies of the sheet
     * @param inLoops loops and parts of loops on the head, pieces cut of it included
     * @param perLoop loops used for each that was planned, drawn toward 1
     * @param total loops it comes to in the end
     * @param there loops that are there in all: in hand, bought and fetched, or more if more were opened
     * @param bundles bundles it comes to
     * @param lasts whether that does; what is all in has lasted
     * @param endsBefore the share that there is no hair left for; empty if there is for all
     * @param why how the total comes about, one step after the other
     */
    public record Hair(
            int supply,
            double inLoops,
            double perLoop,
            Estimate total,
            double there,
            Estimate bundles,
            Lasts lasts,
            Optional<ShareRef> endsBefore,
            List<Sentence> why) {
        public Hair {
            why = List.copyOf(why);
        }

        /** Loops that are missing for what is likely; 0 if none are. */
        public double missing() {
            return Math.max(0, total.likely() - there);
        }
    }

    public Forecast {
        hair = Require.notEmpty(List.copyOf(hair), "hair");
        whyMinutes = List.copyOf(whyMinutes);
    }

    /** What the work comes to, as of the last thing that happened. */
    public static Forecast of(VisitState state) {
        List<Supply> supplies = state.sheet().supplies();
        List<Hair> hair = IntStream.range(0, supplies.size())
                .filter(k -> supplies.get(k).cutFrom().isEmpty())
                .mapToObj(k -> hair(state, k))
                .toList();
        Map<Stage, Pace> paces = paces(state);
        Estimate left = paces.values().stream().map(Pace::left).reduce(Estimate.exactly(0), Estimate::plus);
        return new Forecast(
                hair, left, Objects.requireNonNull(paces.get(Stage.HOOK)).factor(), whyMinutes(paces, left));
    }

    private static Hair hair(VisitState state, int supply) {
        Supply s = state.sheet().supplies().get(supply);
        Counted counted = state.counted(supply);
        double in = loops(state, supply, true);
        double toDo = loops(state, supply, false);
        double seen = counted.usedLoops().isPresent() ? counted.inAtCount() : 0;
        double used = counted.usedLoops().orElse(0);
        double perLoop = (used + LOOPS_OF_TRUST) / (seen + LOOPS_OF_TRUST);
        double spread = SPREAD * Math.sqrt(LOOPS_OF_TRUST / (seen + LOOPS_OF_TRUST));
        // What was counted is known; what came after it, and what is to come, is as it was until then.
        double known = used;
        double rest = Math.max(0, in - seen) + toDo;
        Estimate total = new Estimate(
                known + rest * perLoop * (1 - spread), known + rest * perLoop, known + rest * perLoop * (1 + spread));
        int fetched = counted.fetchedPacks() * s.line().loopsPerPack();
        double there = Math.max(s.plannedLoops() + fetched, counted.openedLoops());
        boolean isAllIn = toDo < TINY;
        Lasts lasts = isAllIn || total.high() <= there ? Lasts.YES : total.likely() > there ? Lasts.NO : Lasts.PERHAPS;
        return new Hair(
                supply,
                in,
                perLoop,
                total,
                there,
                bundles(counted, s, total),
                lasts,
                endsBefore(state, supply, there - known - Math.max(0, in - seen) * perLoop, perLoop),
                why(in, seen, used, perLoop, toDo, total));
    }

    private static List<Sentence> why(
            double in, double seen, double used, double perLoop, double toDo, Estimate total) {
        List<Sentence> steps = new ArrayList<>();
        if (seen > TINY) {
            steps.add(Sentence.of(
                    "Counted so far: ",
                    loops(used),
                    " used where the plan has ",
                    loops(seen),
                    ". With the plan weighing as much as ",
                    loops(LOOPS_OF_TRUST),
                    ", what is to come takes ",
                    Quantity.times(perLoop),
                    " what was planned."));
        } else {
            steps.add(Sentence.of("Nothing was counted yet: the plan is taken at its word."));
        }
        steps.add(Sentence.of(
                "On the head since: ", loops(Math.max(0, in - seen)), "; to be hooked yet: ", loops(toDo), "."));
        Sentence together = Sentence.of("Together ", loops(total.likely()));
        steps.add(
                total.high() - total.low() < 1
                        ? Sentence.of(together, ".")
                        : Sentence.of(
                                together,
                                ", by what was seen so far between ",
                                loops(total.low()),
                                " and ",
                                loops(total.high()),
                                "."));
        return steps;
    }

    private static Sentence loops(double loops) {
        long n = Math.round(loops);
        return Sentence.of(Quantity.count(n), n == 1 ? " loop" : " loops");
    }

    private static List<Sentence> whyMinutes(Map<Stage, Pace> paces, Estimate left) {
        List<Sentence> steps = new ArrayList<>();
        paces.forEach((stage, pace) -> {
            if (pace.planned.likely() >= 0.5) {
                steps.add(pace.why(stage));
            }
        });
        steps.add(
                steps.isEmpty()
                        ? Sentence.of("Everything that was planned is done.")
                        : Sentence.of("Together ", Quantity.minutes(left.likely()), "."));
        return steps;
    }

    /** Bundles opened and those that are to be opened yet, each as large as the pack says. */
    private static Estimate bundles(Counted c, Supply s, Estimate total) {
        double per = s.line().loopsPerBundle();
        return new Estimate(
                bundles(c, total.low(), per), bundles(c, total.likely(), per), bundles(c, total.high(), per));
    }

    private static double bundles(Counted c, double loops, double perBundle) {
        return c.bundles() + Math.ceil(Math.max(0, loops - c.openedLoops()) / perBundle - TINY);
    }

    /** Loops of a supply, and of what is cut of it, that are in or to be hooked. */
    private static double loops(VisitState state, int supply, boolean isIn) {
        double sum = 0;
        List<Supply> all = state.sheet().supplies();
        for (int k = 0; k < all.size(); k++) {
            double own = isIn ? state.loopsIn(k) : state.loopsToDo(k);
            sum += own * ofLoopOf(all.get(k), k, supply);
        }
        return sum;
    }

    /** How much of a loop of one supply a loop, or a piece, of another is. */
    private static double ofLoopOf(Supply s, int k, int supply) {
        boolean isCutOfIt = s.cutFrom().isPresent() && s.cutFrom().getAsInt() == supply;
        return isCutOfIt ? 1.0 / HairLine.PIECES_OF_CUT : k == supply ? 1 : 0;
    }

    /** The first share to do for which less than it takes is left. */
    private static Optional<ShareRef> endsBefore(VisitState state, int supply, double left, double perLoop) {
        double rest = left;
        for (SheetShare share : state.toDo()) {
            double takes = 0;
            List<Supply> all = state.sheet().supplies();
            for (int k = 0; k < all.size(); k++) {
                takes += VisitReducer.loops(List.of(share), k) * ofLoopOf(all.get(k), k, supply);
            }
            rest -= takes * perLoop;
            if (takes > 0 && rest < -TINY) {
                return Optional.of(share.ref());
            }
        }
        return Optional.empty();
    }

    /**
     * How a stage goes.
     *
     * @param factor minutes taken against minutes planned, drawn toward 1
     * @param done minutes planned for what was done
     * @param spent minutes that took
     * @param planned minutes planned for what is left
     * @param left the same at that pace
     */
    private record Pace(double factor, double done, double spent, Estimate planned, Estimate left) {
        Sentence why(Stage stage) {
            Sentence plan = Sentence.of(
                            stage.doing(), ": ", Quantity.minutes(planned.likely()), " planned for what is left")
                    .capital();
            return done < TINY
                    ? Sentence.of(plan, "; nothing was timed yet.")
                    : Sentence.of(
                            plan,
                            ". What was done took ",
                            Quantity.minutes(spent),
                            " where ",
                            Quantity.minutes(done),
                            " were planned; with the plan weighing as much as ",
                            Quantity.minutes(MINUTES_OF_TRUST),
                            ", it goes ",
                            Quantity.times(factor),
                            " as long, so ",
                            Quantity.minutes(left.likely()),
                            ".");
        }

        static Pace of(double done, double spent, Estimate open) {
            double factor = (spent + MINUTES_OF_TRUST) / (done + MINUTES_OF_TRUST);
            // What one was quick or slow at is known better the longer one has seen it.
            double unknown = MINUTES_OF_TRUST / (done + MINUTES_OF_TRUST);
            return new Pace(
                    factor,
                    done,
                    spent,
                    open,
                    new Estimate(
                            factor * (open.likely() - unknown * (open.likely() - open.low())),
                            factor * open.likely(),
                            factor * (open.likely() + unknown * (open.high() - open.likely()))));
        }
    }

    private static Map<Stage, Pace> paces(VisitState state) {
        Map<Stage, Pace> paces = new EnumMap<>(Stage.class);
        for (Stage stage : Stage.values()) {
            List<Step> steps = state.sheet().steps().stream()
                    .filter(s -> s.stage() == stage)
                    .toList();
            List<Estimate> open = new ArrayList<>();
            double done = 0;
            for (Step step : steps) {
                double part = partToDo(state, step);
                open.add(step.minutes().times(part));
                done += step.minutes().likely() * (1 - part);
            }
            StageTime time = state.stages().getOrDefault(stage, StageTime.NONE);
            boolean wasTimed = state.stages().containsKey(stage);
            // Up to the last thing that was done: what is in hand now is neither quick nor slow yet.
            double spent = state.lastAt().map(time::at).orElse(time.spent()).toSeconds() / SECONDS;
            Estimate left = open.stream().reduce(Estimate.exactly(0), Estimate::plus);
            // What was done with no clock running says nothing of the pace.
            paces.put(stage, Pace.of(wasTimed ? done : 0, wasTimed ? spent : 0, left));
        }
        return paces;
    }

    /** What part of a step is still to be done, in [0, 1]. */
    static double partToDo(VisitState state, Step step) {
        if (step.shares().isEmpty()) {
            return state.isDone(step) ? 0 : 1;
        }
        long open = step.shares().stream().filter(s -> state.worked(s).isToDo()).count();
        return (double) open / step.shares().size();
    }
}
