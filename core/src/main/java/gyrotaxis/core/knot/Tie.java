package gyrotaxis.core.knot;

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
 * @param legPart how much of the fibre goes through, in {@link #LEG_PART}; 1 where both legs do, 0.5 where one whole leg does
 * @param isDeepSet whether the hook enters further forward and the share is drawn back, so that the knot sits behind
 * @param holds what else is done; iterates in the order of {@link ExtraHold}
 */
public record Tie(Knot knot, int passes, double legPart, boolean isDeepSet, Set<ExtraHold> holds) {
    /** More passes than this add size, not hold. */
    public static final int MOST_PASSES = 4;

    public static final Interval LEG_PART = new Interval(0.25, 1);

    /** Of a share tied with a single leg a third to a half goes through. */
    public static final Interval SINGLE_LEG = new Interval(1 / 3.0, 0.5);

    static final double USUAL_LEG = 0.4;
    private static final double ONE_LEG = 0.5;

    public Tie {
        Require.inRange(passes, 1, MOST_PASSES, "passes", "");
        Require.inRange(legPart, LEG_PART.min(), LEG_PART.max(), "legPart", "");
        EnumSet<ExtraHold> all = EnumSet.noneOf(ExtraHold.class);
        all.addAll(holds);
        holds = Collections.unmodifiableSet(all);
    }

    /** A tie with the usual part of the leg and nothing extra. */
    public static Tie of(Knot knot, int passes) {
        double leg = switch (knot) {
            case INVISIBLE -> USUAL_LEG;
            case DOUBLE_ENTRY -> ONE_LEG;
            default -> 1;
        };
        return new Tie(knot, passes, leg, false, Set.of());
    }

    /** The same with another part of the fibre going through. */
    public Tie through(double part) {
        return new Tie(knot, passes, part, isDeepSet, holds);
    }

    /** The same with other passes. */
    public Tie passing(int times) {
        return new Tie(knot, times, legPart, isDeepSet, holds);
    }

    /** The same, deep set. */
    public Tie deepSet() {
        return new Tie(knot, passes, legPart, true, holds);
    }

    /** The same with extra hold. */
    public Tie holding(Set<ExtraHold> other) {
        return new Tie(knot, passes, legPart, isDeepSet, other);
    }

    /** What goes through, and where the rest lies. */
    public String legWords() {
        return switch (knot) {
            case INVISIBLE -> Math.round(legPart * 100) + " % of the fibre, the rest laid over the knot";
            case DOUBLE_ENTRY -> "one leg, out on the other side of the row";
            case BEAD -> "all of it, up to the bead";
            default -> "both legs";
        };
    }

    /** What is said of it: "invisible, 2 passes". */
    public String words() {
        return knot.words()
                + (knot == Knot.BEAD ? "" : passes == 1 ? ", 1 pass" : ", " + passes + " passes")
                + (isDeepSet ? ", deep set" : "");
    }
}
