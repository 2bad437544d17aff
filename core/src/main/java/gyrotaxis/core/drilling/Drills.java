package gyrotaxis.core.drilling;

import gyrotaxis.core.foundation.FoundationException;
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
    private static final int MOST_TRIES = 200;

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
        Require.inRange(level, Drill.LEVELS.min(), Drill.LEVELS.max(), "level", "");
        Maker maker = Objects.requireNonNull(makers.get(kind));
        SplittableRandom random = new SplittableRandom(seed * STREAMS + kind.ordinal());
        for (int i = 0; i < MOST_TRIES; i++) {
            try {
                Optional<Drill> made =
                        maker.make(new Maker.Draft(planner, kind, level, seed, new MadeUp(random.split(), level)));
                if (made.isPresent()) {
                    return made.get();
                }
            } catch (FoundationException cannotBeLaid) {
                // Chance asked for more rows than this head has room for: the next one.
            }
        }
        throw new IllegalStateException(
                "no drill of " + kind + " at level " + level + " from seed " + seed + " in " + MOST_TRIES + " tries");
    }
}
