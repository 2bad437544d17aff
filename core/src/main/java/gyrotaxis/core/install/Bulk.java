package gyrotaxis.core.install;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * How loose fibre is made ready: it has no loops of its own, but is pulled from the bundle in tufts as thick as wanted and
 * folded over a finger.
 *
 * @param tuftGrams weight of one tuft, g, in {@link HairLine#GRAMS}; empty for the weight that its line gives
 * @param cut the zones for which it is cut in half first
 */
public record Bulk(OptionalDouble tuftGrams, Set<Zone> cut) {
    /** As it comes. */
    public static final Bulk AS_IT_COMES = new Bulk(OptionalDouble.empty(), Set.of());

    public Bulk {
        tuftGrams.ifPresent(g -> Require.inRange(g, HairLine.GRAMS.min(), HairLine.GRAMS.max(), "tuftGrams", "g"));
        EnumSet<Zone> sorted = EnumSet.noneOf(Zone.class);
        sorted.addAll(cut);
        cut = Collections.unmodifiableSet(sorted);
    }

    /** The same in tufts of a weight, g. */
    public Bulk inTufts(double grams) {
        return new Bulk(OptionalDouble.of(grams), cut);
    }

    /** The same cut in half for some zones. */
    public Bulk cutting(Set<Zone> zones) {
        return new Bulk(tuftGrams, zones);
    }

    /** Whether anything is asked that only loose fibre can be. */
    public boolean isAsked() {
        return tuftGrams.isPresent() || !cut.isEmpty();
    }

    /** Whether all of it is cut. */
    public boolean cutsAll() {
        return cut.size() == Zone.values().length;
    }
}
