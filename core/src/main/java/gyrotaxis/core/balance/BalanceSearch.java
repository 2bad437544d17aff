package gyrotaxis.core.balance;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One search for a {@link Balancer}: climbs among the {@link Choices} of the zones, and hooks the best of what it finds for real.
 */
final class BalanceSearch {
    /** Fewer samples than for a map: figures by zone are steady enough. */
    private static final int SAMPLES = 1_500;

    private static final double ALMOST = 0.98;

    /** Of the neighbours of each end so many are hooked for real, the likeliest first. */
    private static final int LIKELIEST = 8;

    /** What may show, in steps: every wish is served out of the heads that were found for the steps up to it and the next. */
    private static final double[] SHOWS = {
        0.005, 0.01, 0.015, 0.02, 0.03, 0.04, 0.05, 0.06, 0.08, 0.1, 0.12, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6
    };

    /** A brief that was hooked for real. */
    record Real(InstallBrief brief, Hooked hooked, Cover cover, int loops, Score score) {}

    private final Planner planner;
    private final List<Double> levels;
    private final boolean triesShares;
    private final InstallBrief asked;
    private final BalanceGoal goal;
    private final Progress progress;
    private final Scalp scalp;
    private final Foundation foundation;
    private final CoverGrid grid;
    private final Worn worn;
    private final Real before;
    private final Map<HookingBrief, Real> tried = new HashMap<>();
    private double told;
    private final Choices choices;

    BalanceSearch(
            Planner planner,
            List<Double> levels,
            boolean triesShares,
            InstallBrief asked,
            BalanceGoal goal,
            Progress progress) {
        this.planner = planner;
        this.levels = levels;
        this.triesShares = triesShares;
        this.asked = asked;
        this.goal = goal;
        this.progress = progress;
        this.scalp = planner.scalp(asked.head());
        this.foundation = planner.foundation(asked);
        this.grid = planner.grid(scalp, SAMPLES);
        this.worn = foundation.parts().isEmpty() ? Worn.as(Way.DOWN) : Worn.parted(0);
        this.before = real(asked);
        this.choices = new Choices(
                asked, goal, FallSimulator.others(grid, foundation, before.hooked(), worn, 0), before.cover());
    }

    /** How far it is, in steps that only grow: how long climbing takes is not known beforehand. */
    private void tell(double atLeast) {
        told = Math.max(atLeast, told + (ALMOST - told) * 0.004);
        if (!progress.at(told)) {
            throw new BalanceStopped();
        }
    }

    /** Hooks a brief and looks at it. */
    Real real(InstallBrief brief) {
        return tried.computeIfAbsent(brief.hooking(), h -> {
            Hooked hooked = Planner.hook(brief, scalp, foundation);
            Cover cover = FallSimulator.cover(grid, foundation, hooked, worn);
            int loops = Planner.purchase(brief, hooked).neededLoops();
            double[] exposed = new double[Zone.values().length];
            cover.exposedByZone().forEach((z, e) -> exposed[z.ordinal()] = e);
            return new Real(
                    brief,
                    hooked,
                    cover,
                    loops,
                    Score.of(goal, asked.fullness(), exposed, cover.exposed(), cover.meanDepth(), loops));
        });
    }

    /**
     * The best head for the goal.
     *
     * <p>Heads are searched for step by step, from the strictest wish to the one that is asked, each from the last, and the best of
     * all that were found is taken. A laxer wish is so served out of all heads that a stricter one had, and more: it never
     * takes more loops, nor do more packs ever show more.
     */
    Real best() {
        gather();
        List<BalanceGoal> steps = steps();
        Set<Real> pool = new LinkedHashSet<>(List.of(before));
        int[] at = choices.widest();
        realOrNot(at).ifPresent(pool::add);
        for (int i = 0; i < steps.size(); i++) {
            Choices forStep = choices.under(steps.get(i));
            List<int[]> starts = i == 0 ? forStep.starts() : List.of(at);
            at = starts.stream()
                    .map(start -> improve(forStep, start))
                    .min(Comparator.comparing(forStep::score))
                    .orElseThrow();
            realOrNot(at).ifPresent(pool::add);
            polish(forStep, at, pool);
            tell(0.6 + 0.35 * (i + 1) / steps.size());
        }
        tell(1);
        return pool.stream().min(Comparator.comparing(Real::score)).orElse(before);
    }

    private List<BalanceGoal> steps() {
        List<BalanceGoal> steps = new ArrayList<>();
        if (goal instanceof BalanceGoal.Fewest f) {
            for (double shows : SHOWS) {
                steps.add(new BalanceGoal.Fewest(shows));
                if (shows > f.greatestExposed()) {
                    break;
                }
            }
        } else if (goal instanceof BalanceGoal.BestFor b) {
            int pack = asked.hair().loopsPerPack();
            for (int loops = pack; loops < b.loops(); loops += pack) {
                steps.add(new BalanceGoal.BestFor(loops));
            }
            steps.add(goal);
        }
        return steps;
    }

    /** What every zone could be hooked like, and what each of these lays over the head. */
    private void gather() {
        List<Integer> splits = triesShares ? List.of(0, 1) : List.of(0);
        int done = 0;
        for (int more : splits) {
            for (double closer : levels) {
                gather(closer, more);
                tell(0.6 * ++done / (levels.size() * splits.size()));
            }
        }
    }

    private void gather(double closer, int more) {
        HookingBrief h = asked.hooking();
        for (Zone z : Zone.values()) {
            Share usual = before.hooked().plan().setting(z).share();
            Share share = new Share(Math.min(Share.MAX_PARTS, usual.parts() + more));
            h = h.wishing(
                    z, new ZoneWish(closer, more == 0 ? asked.hooking().wish(z).share() : Optional.of(share)));
        }
        Hooked hooked;
        try {
            hooked = Planner.hook(asked.withHooking(h), scalp, foundation);
        } catch (HookingException tooClose) {
            return;
        }
        for (Zone z : Zone.values()) {
            List<Station> own =
                    hooked.stations().stream().filter(s -> s.zone() == z).toList();
            Map<Share, Integer> shares = new HashMap<>();
            own.forEach(s -> shares.merge(s.share(), 1, Integer::sum));
            double[] depth = FallSimulator.depth(grid, foundation, hooked, own, worn, 0);
            choices.add(z, h.wish(z), shares, depth);
        }
    }

    /** Changes single zones, and pairs of them, as long as that betters the sum. */
    private int[] improve(Choices forStep, int[] from) {
        int[] best = from.clone();
        Score worth = forStep.score(best);
        boolean isBetter = true;
        for (int round = 0; isBetter && round < 12; round++) {
            isBetter = false;
            for (int a = 0; a < best.length; a++) {
                for (int b = a; b < best.length; b++) {
                    int[] next = forStep.bestOf(best, worth, a, b);
                    if (next != best) {
                        best = next;
                        worth = forStep.score(best);
                        isBetter = true;
                    }
                    tell(0.6);
                }
            }
        }
        return best;
    }

    /** Hooks the likeliest neighbours of a combination for real: sums foresee a head to within a loop or three. */
    private void polish(Choices forStep, int[] at, Set<Real> pool) {
        List<int[]> near = forStep.neighbours(at);
        near.sort(Comparator.comparing(forStep::score));
        for (int[] one : near.subList(0, Math.min(LIKELIEST, near.size()))) {
            realOrNot(one).ifPresent(pool::add);
        }
    }

    private Optional<Real> realOrNot(int[] at) {
        try {
            return Optional.of(real(choices.brief(at)));
        } catch (HookingException tooClose) {
            return Optional.empty();
        }
    }

    /** What it came to, against the head as it was. */
    Balance result(Real after) {
        return BalanceReport.of(goal, before, after, tried.size());
    }
}
