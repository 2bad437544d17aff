package gyrotaxis.core.plan;

import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.wear.Way;
import java.util.Collections;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What was asked before anything was planned, but for the head, her own hair and the hair to be hooked.
 *
 * @param ways how it must be wearable; iterates in the order of {@link Way}
 * @param fall to which side it is to fall
 * @param hasFringe whether she wants a fringe
 * @param habits how she lives; iterates in the order of {@link Habit}
 * @param weeks how long it is to be worn, in {@link #WEEKS}
 * @param chairMinutes the time she has, minutes, in {@link #CHAIR_MINUTES}; empty if it does not matter
 * @param ownPacks packs of the chosen hair that she brings, in {@link #OWN_PACKS}
 */
public record Consultation(
        Set<Way> ways,
        Fall fall,
        boolean hasFringe,
        Set<Habit> habits,
        int weeks,
        OptionalDouble chairMinutes,
        int ownPacks) {
    public static final Interval WEEKS = new Interval(1, 16);
    public static final Interval CHAIR_MINUTES = new Interval(30, 720);
    public static final Interval OWN_PACKS = new Interval(0, 60);

    /** To which side hair falls. */
    public enum Fall {
        BACK("back"),
        LEFT("to her left"),
        RIGHT("to her right");

        private final String words;

        Fall(String words) {
            this.words = words;
        }

        /** What a stylist says. */
        public String words() {
            return words;
        }
    }

    public Consultation {
        EnumSet<Way> w = EnumSet.noneOf(Way.class);
        w.addAll(ways);
        ways = Collections.unmodifiableSet(w);
        EnumSet<Habit> h = EnumSet.noneOf(Habit.class);
        h.addAll(habits);
        habits = Collections.unmodifiableSet(h);
        Require.inRange(weeks, (int) WEEKS.min(), (int) WEEKS.max(), "weeks", "");
        chairMinutes.ifPresent(
                m -> Require.inRange(m, CHAIR_MINUTES.min(), CHAIR_MINUTES.max(), "chairMinutes", "min"));
        Require.inRange(ownPacks, (int) OWN_PACKS.min(), (int) OWN_PACKS.max(), "ownPacks", "packs");
    }

    /** Nothing special was asked for. */
    public static Consultation plain() {
        return new Consultation(
                Set.of(Way.DOWN), Fall.BACK, false, Set.of(), Cautions.USUAL_WEEKS, OptionalDouble.empty(), 0);
    }

    /** The same to be worn in other ways. */
    public Consultation wornAs(Set<Way> other) {
        return new Consultation(other, fall, hasFringe, habits, weeks, chairMinutes, ownPacks);
    }

    /** The same for another life. */
    public Consultation living(Set<Habit> other) {
        return new Consultation(ways, fall, hasFringe, other, weeks, chairMinutes, ownPacks);
    }

    /** The same to be worn for another time. */
    public Consultation wornFor(int other) {
        return new Consultation(ways, fall, hasFringe, habits, other, chairMinutes, ownPacks);
    }

    /** The same falling to another side. */
    public Consultation falling(Fall other) {
        return new Consultation(ways, other, hasFringe, habits, weeks, chairMinutes, ownPacks);
    }

    /** The same with so much time. */
    public Consultation within(double minutes) {
        return new Consultation(ways, fall, hasFringe, habits, weeks, OptionalDouble.of(minutes), ownPacks);
    }

    /** Whether it must go up. */
    public boolean goesUp() {
        return ways.stream().anyMatch(Way::isUp);
    }
}
