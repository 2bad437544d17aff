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
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One search for a {@link Balancer}: climbs among the {@link Choices} of the zones, and hooks the best of what it finds for real.
 */
final class BalanceSearch {
    /** Fewer samples than for a map: figures by zone are steady enough. */
    private static final int SAMPLES = 1_500;

    private static final double ALMOST = 0.98;

    private static final int ROUNDS = 6;

    /** So many ends of climbing are hooked for real, and of the neighbours of each so many, the likeliest first. */
    private static final int POLISHED = 2;

    private static final int LIKELIEST = 7;

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

    Real best() {
        gather();
        Real best = before;
        List<int[]> ends = new ArrayList<>();
        for (int[] start : choices.starts()) {
            int[] end = improve(start);
            if (ends.stream().noneMatch(e -> Arrays.equals(e, end))) {
                ends.add(end);
            }
        }
        tell(0.85);
        ends.sort(Comparator.comparing(choices::score));
        for (int[] end : ends.subList(0, Math.min(POLISHED, ends.size()))) {
            Real polished = polish(end);
            best = best.score().compareTo(polished.score()) <= 0 ? best : polished;
        }
        tell(1);
        return best;
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
            Share share = new Share(Math.min(Share.MOST_PARTS, usual.parts() + more));
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
            choices.add(z, new Choices.Choice(h.wish(z), shares, depth));
        }
    }

    /** Changes single zones, and pairs of them, as long as that betters the sum. */
    private int[] improve(int[] from) {
        int[] best = from.clone();
        Score worth = choices.score(best);
        boolean isBetter = true;
        for (int round = 0; isBetter && round < 12; round++) {
            isBetter = false;
            for (int a = 0; a < best.length; a++) {
                for (int b = a; b < best.length; b++) {
                    int[] next = choices.bestOf(best, worth, a, b);
                    if (next != best) {
                        best = next;
                        worth = choices.score(best);
                        isBetter = true;
                    }
                    tell(0.6);
                }
            }
        }
        return best;
    }

    /** Hooks a combination and its neighbours for real, as long as one is better. */
    private Real polish(int[] from) {
        Real best = real(choices.brief(from));
        int[] here = from;
        for (int round = 0; round < ROUNDS; round++) {
            tell(0.85);
            Real next = best;
            int[] there = here;
            List<int[]> near = choices.neighbours(here);
            near.sort(Comparator.comparing(choices::score));
            for (int[] one : near.subList(0, Math.min(LIKELIEST, near.size()))) {
                Real r;
                try {
                    r = real(choices.brief(one));
                } catch (HookingException tooClose) {
                    continue;
                }
                if (r.score().compareTo(next.score()) < 0) {
                    next = r;
                    there = one;
                }
            }
            if (next == best) {
                break;
            }
            best = next;
            here = there;
        }
        return best;
    }

    /** What it came to, against the head as it was. */
    Balance result(Real after) {
        return BalanceReport.of(goal, before, after, tried.size());
    }
}
