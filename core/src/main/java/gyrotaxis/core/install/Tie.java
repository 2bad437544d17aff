package gyrotaxis.core.install;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * How one share is tied.
 *
 * @param knot the method
 * @param passes how often the leg or legs go through, in [1, {@link #MOST_PASSES}]
 * @param legPart how much of the fibre goes through where one leg does, in {@link #LEG_PART}; 1 where both do
 * @param isDeepSet whether the hook enters further forward and the share is drawn back, so that the knot sits behind
 * @param holds what else is done; iterates in the order of {@link ExtraHold}
 */
public record Tie(Knot knot, int passes, double legPart, boolean isDeepSet, Set<ExtraHold> holds) {
    /** More passes than this add size, not hold. */
    public static final int MOST_PASSES = 4;

    public static final Interval LEG_PART = new Interval(0.25, 1);

    /** A third to a half of the fibre goes through. */
    static final double USUAL_LEG = 0.4;

    public Tie {
        Require.inRange(passes, 1, MOST_PASSES, "passes", "");
        Require.inRange(legPart, LEG_PART.min(), LEG_PART.max(), "legPart", "");
        EnumSet<ExtraHold> all = EnumSet.noneOf(ExtraHold.class);
        all.addAll(holds);
        holds = Collections.unmodifiableSet(all);
    }

    /** A tie with the usual part of the leg and nothing extra. */
    public static Tie of(Knot knot, int passes) {
        boolean oneLeg = knot == Knot.INVISIBLE || knot == Knot.DOUBLE_ENTRY;
        return new Tie(knot, passes, oneLeg ? USUAL_LEG : 1, false, Set.of());
    }

    /** The same, deep set. */
    public Tie deepSet() {
        return new Tie(knot, passes, legPart, true, holds);
    }

    /** The same with extra hold. */
    public Tie holding(Set<ExtraHold> other) {
        return new Tie(knot, passes, legPart, isDeepSet, other);
    }

    /** What is said of it: "invisible, 2 passes". */
    public String words() {
        return knot.words()
                + (knot == Knot.BEAD ? "" : passes == 1 ? ", 1 pass" : ", " + passes + " passes")
                + (isDeepSet ? ", deep set" : "");
    }
}
