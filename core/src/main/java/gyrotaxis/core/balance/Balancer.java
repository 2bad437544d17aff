package gyrotaxis.core.balance;

import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds spacings and shares by zone for a goal.
 *
 * <p>Method: what the hair of one zone lays over the head is worked out once for every spacing and share that is considered,
 * with the other zones alike. Depths add up, so any combination is then a sum and needs no hair to fall again: single zones
 * and pairs of zones are changed as long as that helps. Because stations in one zone shift a little with those of the next,
 * the best combinations are hooked for real in the end, and bettered step by step. Judged by how it is worn first: down, with
 * the first part if there is one.
 *
 * <p>Deterministic. Looks at a few hundred combinations for real; a search of all of them would be exact and too slow.
 */
public final class Balancer {
    private static final double CLOSER_STEP = 1.09;
    private static final int STEPS_DOWN = 9;
    private static final int STEPS_UP = 7;

    private static final double ONE_ZONE = 1.15;
    private final Planner planner;
    private final List<Double> levels;
    private final boolean triesShares;

    /** A balancer with the usual fineness. */
    public Balancer(Planner planner) {
        this(planner, usualLevels(), true);
    }

    /** A balancer that considers only some spacings: for cases that can be searched through. */
    Balancer(Planner planner, List<Double> levels, boolean triesShares) {
        this.planner = planner;
        this.levels = List.copyOf(levels);
        this.triesShares = triesShares;
    }

    private static List<Double> usualLevels() {
        List<Double> levels = new ArrayList<>();
        for (int k = -STEPS_DOWN; k <= STEPS_UP; k++) {
            levels.add(ZoneWish.CLOSER.clamp(Math.pow(CLOSER_STEP, k)));
        }
        return levels;
    }

    /**
     * The brief balanced for a goal; never worse for it than it was.
     *
     * @throws BalanceStopped if {@code progress} says so
     * @throws HookingException if the brief itself cannot be hooked
     */
    public Balance balance(InstallBrief brief, BalanceGoal goal, Progress progress) {
        BalanceSearch search = new BalanceSearch(planner, levels, triesShares, brief, goal, progress);
        if (goal instanceof BalanceGoal.OneZone z) {
            double factor = z.fuller() ? ONE_ZONE : 1 / ONE_ZONE;
            HookingBrief h = brief.hooking();
            return search.result(search.real(
                    brief.withHooking(h.wishing(z.zone(), h.wish(z.zone()).closerBy(factor)))));
        }
        if (goal instanceof BalanceGoal.OnePart p) {
            double factor = p.fuller() ? ONE_ZONE : 1 / ONE_ZONE;
            HookingBrief h = brief.hooking();
            double closer = ZoneWish.CLOSER.clamp(h.closerBeside(p.part()) * factor);
            return search.result(search.real(brief.withHooking(h.closerBeside(p.part(), closer))));
        }
        return search.result(search.best());
    }
}
