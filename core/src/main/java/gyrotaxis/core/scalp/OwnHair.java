package gyrotaxis.core.scalp;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * The client's own hair and scalp, as far as they bear on the plan.
 *
 * @param density how much hair grows
 * @param conditions what to mind; may be empty; iterates in the order of {@link ScalpCondition}
 */
public record OwnHair(HairDensity density, Set<ScalpCondition> conditions) {
    public OwnHair {
        EnumSet<ScalpCondition> sorted = EnumSet.noneOf(ScalpCondition.class);
        sorted.addAll(conditions);
        conditions = Collections.unmodifiableSet(sorted);
    }

    /** Medium hair on a sound scalp. */
    public static OwnHair ordinary() {
        return new OwnHair(HairDensity.MEDIUM, Set.of());
    }

    /** Whether something was found. */
    public boolean has(ScalpCondition condition) {
        return conditions.contains(condition);
    }
}
