package gyrotaxis.core.plan;

import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.estimate.Finish;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Pronoun;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.wear.Way;
import java.util.Collections;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.OptionalInt;
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
 * @param finish what is asked for once all is hooked; iterates in the order of {@link Finish}
 * @param ageYears how old she is, in {@link #AGE_YEARS}; empty if nobody asked
 * @param pronoun how she is spoken of
 */
public record Consultation(
        Set<Way> ways,
        Fall fall,
        boolean hasFringe,
        Set<Habit> habits,
        int weeks,
        OptionalDouble chairMinutes,
        int ownPacks,
        Set<Finish> finish,
        OptionalInt ageYears,
        Pronoun pronoun) {
    public static final Interval WEEKS = new Interval(1, 16);
    public static final Interval CHAIR_MINUTES = new Interval(30, 720);
    public static final Interval OWN_PACKS = new Interval(0, 60);
    public static final Interval AGE_YEARS = new Interval(1, 110);

    /** Younger than this she is a child. ASSUMPTION: local rules of the trade may say otherwise, and go before this. */
    public static final int GROWN_UP_YEARS = 16;

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
        EnumSet<Finish> done = EnumSet.noneOf(Finish.class);
        done.addAll(finish);
        finish = Collections.unmodifiableSet(done);
        ageYears.ifPresent(a -> Require.inRange(a, (int) AGE_YEARS.min(), (int) AGE_YEARS.max(), "ageYears", ""));
        Require.inRange(weeks, (int) WEEKS.min(), (int) WEEKS.max(), "weeks", "");
        chairMinutes.ifPresent(
                m -> Require.inRange(m, CHAIR_MINUTES.min(), CHAIR_MINUTES.max(), "chairMinutes", "min"));
        Require.inRange(ownPacks, (int) OWN_PACKS.min(), (int) OWN_PACKS.max(), "ownPacks", "packs");
    }

    /** Nothing special was asked for. */
    public static Consultation plain() {
        return new Consultation(
                Set.of(Way.DOWN),
                Fall.BACK,
                false,
                Set.of(),
                Cautions.USUAL_WEEKS,
                OptionalDouble.empty(),
                0,
                Set.of(Finish.TRIM),
                OptionalInt.empty(),
                Pronoun.SHE);
    }

    /** The same to be worn in other ways. */
    public Consultation wornAs(Set<Way> other) {
        return new Consultation(
                other, fall, hasFringe, habits, weeks, chairMinutes, ownPacks, finish, ageYears, pronoun);
    }

    /** The same for another life. */
    public Consultation living(Set<Habit> other) {
        return new Consultation(ways, fall, hasFringe, other, weeks, chairMinutes, ownPacks, finish, ageYears, pronoun);
    }

    /** The same to be worn for another time. */
    public Consultation wornFor(int other) {
        return new Consultation(
                ways, fall, hasFringe, habits, other, chairMinutes, ownPacks, finish, ageYears, pronoun);
    }

    /** The same falling to another side. */
    public Consultation falling(Fall other) {
        return new Consultation(
                ways, other, hasFringe, habits, weeks, chairMinutes, ownPacks, finish, ageYears, pronoun);
    }

    /** The same with so much time. */
    public Consultation within(double minutes) {
        return new Consultation(
                ways, fall, hasFringe, habits, weeks, OptionalDouble.of(minutes), ownPacks, finish, ageYears, pronoun);
    }

    /** The same with a fringe. */
    public Consultation withFringe() {
        return new Consultation(ways, fall, true, habits, weeks, chairMinutes, ownPacks, finish, ageYears, pronoun);
    }

    /** The same with so many packs of her own. */
    public Consultation bringing(int packs) {
        return new Consultation(ways, fall, hasFringe, habits, weeks, chairMinutes, packs, finish, ageYears, pronoun);
    }

    /** The same finished otherwise. */
    public Consultation finishedBy(Set<Finish> other) {
        return new Consultation(ways, fall, hasFringe, habits, weeks, chairMinutes, ownPacks, other, ageYears, pronoun);
    }

    /** The same with somebody so old. */
    public Consultation aged(int years) {
        return new Consultation(
                ways, fall, hasFringe, habits, weeks, chairMinutes, ownPacks, finish, OptionalInt.of(years), pronoun);
    }

    /** The same with somebody who is spoken of otherwise. */
    public Consultation of(Pronoun other) {
        return new Consultation(ways, fall, hasFringe, habits, weeks, chairMinutes, ownPacks, finish, ageYears, other);
    }

    /** Whether she is known to be a child. */
    public boolean isChild() {
        return ageYears.isPresent() && ageYears.getAsInt() < GROWN_UP_YEARS;
    }

    /** Whether it must go up. */
    public boolean goesUp() {
        return ways.stream().anyMatch(Way::isUp);
    }
}
