package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Require;

/**
 * How the volume of a texture changes while it is worn: loose soft curl loses it within days, tight curl grows and frizzes,
 * some stay as they are.
 *
 * @param toward what it comes to in the end, as a factor of the first day, greater than 0
 * @param days the time in which it has gone two thirds of the way, days, greater than 0
 */
public record Loft(double toward, double days) {
    /** Hair is looked at on the day of the install up to two weeks later. */
    public static final int LAST_DAY = 14;

    private static final double WEEK = 7;
    private static final double MIN = 0.1;

    public Loft {
        Require.atLeast(MIN, toward, "toward", "");
        Require.atLeast(0.1, days, "days", "d");
    }

    /** The usual course. ASSUMPTION: by what stylists say of weeks one and two; to be learned from recorded visits. */
    public static Loft of(Texture texture) {
        return switch (texture) {
            case COARSE_KINKY -> new Loft(1.22, 6);
            case TIGHT_CURL -> new Loft(1.18, 6);
            case SPRINGY_CURL -> new Loft(0.9, 4);
            case SHORT_TWIST -> new Loft(1.0, 5);
            case DEEP_WAVE -> new Loft(0.82, 4);
            case LOOSE_WAVE -> new Loft(0.68, 3);
            case SILKY_WAVE -> new Loft(0.6, 2.5);
        };
    }

    /**
     * The same where the volume after a week is another.
     *
     * @param factor of what it would be by this course, greater than 0
     */
    public Loft weekTimes(double factor) {
        double gone = 1 - Math.exp(-WEEK / days);
        return new Loft(Math.max(MIN, 1 + (at(WEEK) * factor - 1) / gone), days);
    }

    /**
     * Volume on a day, as a factor of that of the first.
     *
     * @param day in [0, {@link #LAST_DAY}]
     */
    public double at(double day) {
        Require.inRange(day, 0, LAST_DAY, "day", "d");
        return 1 + (toward - 1) * (1 - Math.exp(-day / days));
    }
}
