package gyrotaxis.core.chair;

import java.util.OptionalDouble;

/**
 * What was opened and counted of one supply.
 *
 * @param bundles how many bundles were opened
 * @param openedLoops loops that were in them, as counted, or else as the pack says
 * @param fetchedPacks packs that were fetched besides those that were planned
 * @param usedLoops loops that were out of their bundles when that was last known: when the rest was counted, or when the next
 *     bundle was opened, since the one before was empty then; empty before that
 * @param inAtCount loops and parts of loops that sat on the head at that moment
 */
public record Counted(int bundles, double openedLoops, int fetchedPacks, OptionalDouble usedLoops, double inAtCount) {
    static final Counted NONE = new Counted(0, 0, 0, OptionalDouble.empty(), 0);

    /** A bundle with so many loops is opened while so much is in; what was opened before is used up. */
    Counted opened(double loops, double in) {
        return bundles == 0
                ? new Counted(1, loops, fetchedPacks, OptionalDouble.empty(), 0)
                : new Counted(bundles + 1, openedLoops + loops, fetchedPacks, OptionalDouble.of(openedLoops), in);
    }

    /** So much is left of what was opened, while so much is in. */
    Counted left(double loops, double in) {
        return new Counted(bundles, openedLoops, fetchedPacks, OptionalDouble.of(Math.max(0, openedLoops - loops)), in);
    }

    Counted fetched(int packs) {
        return new Counted(bundles, openedLoops, fetchedPacks + packs, usedLoops, inAtCount);
    }
}
