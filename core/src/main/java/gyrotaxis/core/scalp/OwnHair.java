package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * The client's own hair and scalp, as far as they bear on the plan.
 *
 * @param density how much hair grows
 * @param lengthMm how long it is where it grows at the nape, stretched, mm, in {@link #LENGTH_MM}
 * @param conditions what to mind; may be empty; iterates in the order of {@link ScalpCondition}
 */
public record OwnHair(HairDensity density, double lengthMm, Set<ScalpCondition> conditions) {
    /** From what can just be plaited to the waist. */
    public static final Interval LENGTH_MM = new Interval(20, 900);

    /** What is assumed until somebody measures, mm. */
    public static final double USUAL_LENGTH_MM = 150;

    public OwnHair {
        Require.inRange(lengthMm, LENGTH_MM.min(), LENGTH_MM.max(), "lengthMm", "mm");
        EnumSet<ScalpCondition> sorted = EnumSet.noneOf(ScalpCondition.class);
        sorted.addAll(conditions);
        conditions = Collections.unmodifiableSet(sorted);
    }

    /** Medium hair of usual length on a sound scalp. */
    public static OwnHair ordinary() {
        return new OwnHair(HairDensity.MEDIUM, USUAL_LENGTH_MM, Set.of());
    }

    /** Whether something was found. */
    public boolean has(ScalpCondition condition) {
        return conditions.contains(condition);
    }
}
