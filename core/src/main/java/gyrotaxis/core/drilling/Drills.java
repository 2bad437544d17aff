package gyrotaxis.core.drilling;

import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.core.quantity.Require;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * Makes drills. The same kind, level and seed make the same drill, so nothing of it need be kept but these. Safe for use by several
 * threads.
 */
public final class Drills {
    /** Heads by chance on which a kind cannot be asked are passed over, at most so many. */
    private static final int MAX_TRIES = 200;

    /** Of one head chance picks other places each time. */
    private static final int TRIES_ON_ONE = 24;

    /** A seed keeps its drill when kinds are added: those that came later share the streams of other seeds. */
    private static final long STREAMS = 11;

    private final Planner planner;
    private final Map<DrillKind, Maker> makers = new EnumMap<>(DrillKind.class);

    public Drills(Planner planner) {
        this.planner = planner;
        makers.put(DrillKind.HOOK_WAY, new HookWays());
        makers.put(DrillKind.BRAID_ORDER, new RowOrders(false));
        makers.put(DrillKind.UNDO, new RowOrders(true));
        makers.put(DrillKind.HUMP, new Humps());
        makers.put(DrillKind.PARTS, new PartsToWear());
        makers.put(DrillKind.PACKS, new Amounts.Packs());
        makers.put(DrillKind.MINUTES, new Amounts.Minutes());
        makers.put(DrillKind.STOPPING, new FullEnough());
        makers.put(DrillKind.KNOTS, new Knots());
        makers.put(DrillKind.CUT, new MayBeCut());
        makers.put(DrillKind.HARM, new Harm());
        makers.put(DrillKind.WHAT_NOW, new WhatNow());
        makers.put(DrillKind.FAULTS, new Faults());
        makers.put(DrillKind.UPDOS, new Updos());
        makers.put(DrillKind.SINGLES, new Singles());
        makers.put(DrillKind.SPACING, new Spacings());
    }

    /**
     * A drill.
     *
     * @param level in {@link Drill#LEVELS}
     */
    public Drill make(DrillKind kind, int level, long seed) {
        return made(kind, level, seed, MAX_TRIES, Optional.empty())
                .orElseThrow(() -> new IllegalStateException("no drill of " + kind + " at level " + level
                        + " from seed " + seed + " in " + MAX_TRIES + " tries"));
    }

    /**
     * A drill about a head that is planned already. How hard its head is is as it is; the level says how near an answer has to come.
     *
     * @param level in {@link Drill#LEVELS}
     * @return empty where it cannot be asked of that head
     * @throws IllegalArgumentException if it is no drill about a head
     */
    public Optional<Drill> about(InstallBrief brief, DrillKind kind, int level, long seed) {
        if (!kind.isOfHead()) {
            throw new IllegalArgumentException("kind is " + kind + " but must be one that is asked of a head");
        }
        return made(kind, level, seed, TRIES_ON_ONE, Optional.of(brief));
    }

    private Optional<Drill> made(DrillKind kind, int level, long seed, int tries, Optional<InstallBrief> brief) {
        Require.inRange(level, Drill.LEVELS.min(), Drill.LEVELS.max(), "level", "");
        Maker maker = Objects.requireNonNull(makers.get(kind));
        SplittableRandom random = new SplittableRandom(seed * STREAMS + kind.ordinal());
        for (int i = 0; i < tries; i++) {
            try {
                Optional<Drill> made = maker.make(
                        new Maker.Draft(planner, kind, level, seed, new MadeUp(random.split(), level), brief));
                if (made.isPresent()) {
                    return made;
                }
            } catch (FoundationException cannotBeLaid) {
                // Chance asked for more rows than this head has room for: the next one.
            }
        }
        return Optional.empty();
    }
}
