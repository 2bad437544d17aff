package gyrotaxis.core.training;

import gyrotaxis.core.quantity.Require;

/**
 * How well something learned is remembered: for how long, and how hard it is to keep.
 *
 * <p>The chance that it is known falls as (1 + t·19/81/S)^−½ over t days, so that after S days it is 0.9. Each time it is asked, S grows
 * by more the longer ago that was and the easier it is, and falls to little where it was missed. Cost: constant.
 *
 * @param stabilityDays S, days, in [0.01, 36,500]
 * @param difficulty in [1, 10]
 * @see "Ye, Su & Cao, A Stochastic Shortest Path Algorithm for Optimizing Spaced Repetition Scheduling, KDD 2022; here version 5 of the
 *     open scheme that came of it (FSRS), with its published weights, which were fitted to many learners' reviews of cards. That they hold
 *     for skills of hand and eye is an ASSUMPTION"
 */
public record Memory(double stabilityDays, double difficulty) {
    /** Asked again when it is known by so much of a chance. */
    public static final double WANTED = 0.9;

    private static final double MIN_DAYS = 0.01;
    private static final double MAX_DAYS = 36_500;
    private static final double EASIEST = 1;
    private static final double HARDEST = 10;
    private static final double DECAY = -0.5;
    private static final double FACTOR = 19.0 / 81;

    private static final double[] FIRST_DAYS = {0.40255, 1.18385, 3.173, 15.69105};
    private static final double FIRST_DIFFICULTY = 7.1949;
    private static final double FIRST_EASIER = 0.5345;
    private static final double HARDER = 1.4604;
    private static final double BACK_TO_EASY = 0.0046;
    private static final double GROWS = 1.54575;
    private static final double LESS_WHEN_STABLE = 0.1192;
    private static final double MORE_WHEN_LATE = 1.01925;
    private static final double MISSED = 1.9395;
    private static final double MISSED_HARD = 0.11;
    private static final double MISSED_STABLE = 0.29605;
    private static final double MISSED_LATE = 2.2698;
    private static final double NEARLY = 0.2315;
    private static final double EASILY = 2.9898;
    private static final double SAME_DAY = 0.51655;
    private static final double SAME_DAY_SHIFT = 0.6621;

    public Memory {
        Require.inRange(stabilityDays, MIN_DAYS, MAX_DAYS, "stabilityDays", "d");
        Require.inRange(difficulty, EASIEST, HARDEST, "difficulty", "");
    }

    /** After it was asked for the first time. */
    public static Memory first(Grade grade) {
        return new Memory(FIRST_DAYS[grade.ordinal()], firstDifficulty(grade));
    }

    /**
     * After it was asked again.
     *
     * @param days since it was asked last, at least 0; within a day it is not forgotten, only learned further
     */
    public Memory after(Grade grade, double days) {
        Require.atLeast(0, days, "days", "d");
        double stability = days < 1 ? sameDay(grade) : grade == Grade.MISSED ? forgotten(days) : kept(grade, days);
        return new Memory(within(stability, MIN_DAYS, MAX_DAYS), harder(grade));
    }

    /** The chance that it is known so many days after it was asked, in (0, 1]. */
    public double known(double days) {
        return Math.pow(1 + FACTOR * Require.atLeast(0, days, "days", "d") / stabilityDays, DECAY);
    }

    /**
     * After how many days it is to be asked again.
     *
     * @param chance with which it is then still known, in (0, 1)
     */
    public double daysUntil(double chance) {
        return stabilityDays / FACTOR * (Math.pow(chance, 1 / DECAY) - 1);
    }

    private double kept(Grade grade, double days) {
        double grows = Math.exp(GROWS)
                * (HARDEST + 1 - difficulty)
                * Math.pow(stabilityDays, -LESS_WHEN_STABLE)
                * (Math.exp((1 - known(days)) * MORE_WHEN_LATE) - 1);
        double by = grade == Grade.NEARLY ? NEARLY : grade == Grade.EASILY ? EASILY : 1;
        return stabilityDays * (1 + grows * by);
    }

    private double forgotten(double days) {
        double left = MISSED
                * Math.pow(difficulty, -MISSED_HARD)
                * (Math.pow(stabilityDays + 1, MISSED_STABLE) - 1)
                * Math.exp((1 - known(days)) * MISSED_LATE);
        return Math.min(left, stabilityDays / Math.exp(SAME_DAY * SAME_DAY_SHIFT));
    }

    private double sameDay(Grade grade) {
        return stabilityDays * Math.exp(SAME_DAY * (grade.number() - Grade.RIGHT.number() + SAME_DAY_SHIFT));
    }

    private double harder(Grade grade) {
        double by = -HARDER * (grade.number() - Grade.RIGHT.number());
        double damped = difficulty + by * (HARDEST - difficulty) / (HARDEST - EASIEST);
        double drawn = BACK_TO_EASY * firstDifficulty(Grade.EASILY) + (1 - BACK_TO_EASY) * damped;
        return within(drawn, EASIEST, HARDEST);
    }

    private static double firstDifficulty(Grade grade) {
        return within(FIRST_DIFFICULTY - Math.exp((grade.number() - 1) * FIRST_EASIER) + 1, EASIEST, HARDEST);
    }

    private static double within(double v, double least, double most) {
        return Math.min(most, Math.max(least, v));
    }
}
