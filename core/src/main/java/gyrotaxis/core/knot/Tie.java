package gyrotaxis.core.knot;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * How one share is tied.
 *
 * @param knot the method
 * @param passes how often the leg or legs go through, in [1, {@link #MAX_PASSES}]
 * @param legPart how much of the fibre goes through: of a single leg in {@link #SINGLE_LEG}, of a double-entry one whole leg,
 *     0.5; 1 where both legs do
 * @param isDeepSet whether the hook enters further forward and the share is drawn back, so that the knot sits behind
 * @param holds what else is done; iterates in the order of {@link ExtraHold}
 */
public record Tie(Knot knot, int passes, double legPart, boolean isDeepSet, Set<ExtraHold> holds) {
    /** Some pass so often. */
    public static final int MAX_PASSES = 6;

    /** More passes than this add size, not hold. */
    public static final int USEFUL_PASSES = 4;

    /** Of a share tied with a single leg about a third to a half goes through; the one limit there is. */
    public static final Interval SINGLE_LEG = new Interval(0.33, 0.5);

    /** Of middling fibre. ASSUMPTION, within what is taught. */
    static final double USUAL_LEG = 0.4;

    /** What is offered by hand, from least to most. */
    public static final List<Double> LEGS_OFFERED = List.of(SINGLE_LEG.min(), USUAL_LEG, SINGLE_LEG.max());

    /** The part of a share in one of its two legs. */
    private static final double ONE_LEG = 0.5;

    public Tie {
        Require.inRange(passes, 1, MAX_PASSES, "passes", "");
        Interval legs = legs(knot);
        Require.inRange(legPart, legs.min(), legs.max(), "legPart", "");
        EnumSet<ExtraHold> all = EnumSet.noneOf(ExtraHold.class);
        all.addAll(holds);
        holds = Collections.unmodifiableSet(all);
    }

    /** A tie with the usual part of the leg and nothing extra. */
    public static Tie of(Knot knot, int passes) {
        return new Tie(
                knot, passes, knot == Knot.INVISIBLE ? USUAL_LEG : legs(knot).max(), false, Set.of());
    }

    private static Interval legs(Knot knot) {
        return switch (knot) {
            case INVISIBLE -> SINGLE_LEG;
            case DOUBLE_ENTRY -> new Interval(ONE_LEG, ONE_LEG);
            default -> new Interval(1, 1);
        };
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

    /** The same with one more extra hold. */
    public Tie alsoHolding(ExtraHold more) {
        EnumSet<ExtraHold> all = EnumSet.of(more);
        all.addAll(holds);
        return holding(all);
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
                + (knot.hasPasses() ? passes == 1 ? ", 1 pass" : ", " + passes + " passes" : "")
                + (isDeepSet ? ", deep set" : "");
    }
}
