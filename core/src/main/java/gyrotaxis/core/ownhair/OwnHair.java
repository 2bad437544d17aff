package gyrotaxis.core.ownhair;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * The client's own hair and scalp, as far as they bear on the plan.
 *
 * @param density how much hair grows
 * @param strands how thick one strand is
 * @param lengthMm how long it is where it grows at the nape, stretched, mm, in {@link #LENGTH_MM}
 * @param newGrowthMm growth since it was last treated or taken down, mm, in {@link #NEW_GROWTH_MM}
 * @param matsEasily whether it mats
 * @param conditions what to mind; may be empty; iterates in the order of {@link ScalpCondition}
 */
public record OwnHair(
        HairDensity density,
        StrandThickness strands,
        double lengthMm,
        double newGrowthMm,
        boolean matsEasily,
        Set<ScalpCondition> conditions) {
    /** From what can just be plaited to the waist. */
    public static final Interval LENGTH_MM = new Interval(20, 900);

    public static final Interval NEW_GROWTH_MM = new Interval(0, 150);

    /** What is assumed until somebody measures, mm. */
    public static final double USUAL_LENGTH_MM = 150;

    public OwnHair {
        Require.inRange(lengthMm, LENGTH_MM.min(), LENGTH_MM.max(), "lengthMm", "mm");
        Require.inRange(newGrowthMm, NEW_GROWTH_MM.min(), NEW_GROWTH_MM.max(), "newGrowthMm", "mm");
        EnumSet<ScalpCondition> sorted = EnumSet.noneOf(ScalpCondition.class);
        sorted.addAll(conditions);
        conditions = Collections.unmodifiableSet(sorted);
    }

    /** Medium hair of usual length on a sound scalp. */
    public static OwnHair ordinary() {
        return of(HairDensity.MEDIUM, USUAL_LENGTH_MM, Set.of());
    }

    /** Hair with medium strands of which nothing else is known. */
    public static OwnHair of(HairDensity density, double lengthMm, Set<ScalpCondition> conditions) {
        return new OwnHair(density, StrandThickness.MEDIUM, lengthMm, 0, false, conditions);
    }

    /** Whether something was found. */
    public boolean has(ScalpCondition condition) {
        return conditions.contains(condition);
    }

    /** Thickness of a braid relative to one of ordinary hair, no unit. */
    public double thicknessFactor() {
        return density.thicknessFactor() * strands.thicknessFactor();
    }
}
