package gyrotaxis.core.care;

import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Require;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * When an install wants looking after.
 *
 * @param slipCheckDay the day on which knots are looked over and refilled, from the install
 * @param frizzTrimDay the day of the first trim of stray frizz
 * @param touchUpWeek the week from which on edge and parts have moved so far that they want a touch-up, or the takedown
 */
public record Afterwards(int slipCheckDay, int frizzTrimDay, int touchUpWeek) {
    /** How much hair grows in a day, mm: half an inch a month, as is usually said; people differ by half of it. */
    private static final double GROWS_MM_A_DAY = 0.42;

    private static final int DAYS = 7;

    /** Oiled weekly; asked in the second week, when an itch has told itself. */
    private static final int OILED_DAY = 10;

    /** Moved by more than this, an edge shows its rows. ASSUMPTION: a fingernail. */
    private static final double SHOWS_MM = 10;

    /** What slides is looked at sooner. ASSUMPTIONS: a few washes and nights. */
    private static final int SLIDING_DAY = 4;

    private static final int USUAL_DAY = 7;

    /** Without a scarf at night it frizzes sooner by so much. ASSUMPTION. */
    private static final int SOONER_DAYS = 4;

    /** For a hair and a life. */
    public static Afterwards of(Texture texture, boolean isUncovered, boolean matsEasily) {
        int slip = Slip.usual(texture) == Slip.SLIDING ? SLIDING_DAY : USUAL_DAY;
        int frizz = switch (texture) {
            case COARSE_KINKY, TIGHT_CURL -> 12;
            case SPRINGY_CURL, DEEP_WAVE -> 14;
            case LOOSE_WAVE, SILKY_WAVE -> 10;
            case SHORT_TWIST -> 21;
        };
        int week = (int) Math.ceil(SHOWS_MM / (GROWS_MM_A_DAY * DAYS));
        return new Afterwards(slip, isUncovered ? frizz - SOONER_DAYS : frizz, matsEasily ? week - 1 : week);
    }

    /**
     * The same where it frizzes sooner or later than usual.
     *
     * @param factor of the usual days, greater than 0
     */
    public Afterwards frizzing(double factor) {
        Require.atLeast(0.1, factor, "factor", "");
        return new Afterwards(slipCheckDay, Math.max(1, (int) Math.round(frizzTrimDay * factor)), touchUpWeek);
    }

    /**
     * What falls due after an install, in order of the day.
     *
     * @param installed the day of the install
     * @param weeks how long it is to be worn, at least 1
     */
    public List<Due> due(LocalDate installed, int weeks) {
        Require.atLeast(1, weeks, "weeks", "");
        LocalDate down = installed.plusWeeks(weeks);
        List<Due> due = new ArrayList<>();
        due.add(new Due(installed.plusDays(1), FollowUp.NEXT_DAY_FILL, "fill what shows after the first night"));
        due.add(new Due(
                installed.plusDays(slipCheckDay), FollowUp.SLIP_CHECK, "look for knots that slid and refill them"));
        due.add(new Due(
                installed.plusDays(DAYS), FollowUp.LOOK, "how it looks after a week, against the day it was made"));
        due.add(new Due(installed.plusDays(OILED_DAY), FollowUp.OIL, "oil the scalp along the rows; ask how it feels"));
        due.add(new Due(installed.plusDays(frizzTrimDay), FollowUp.FRIZZ_TRIM, "first trim of stray frizz"));
        due.add(new Due(
                installed.plusWeeks(touchUpWeek),
                FollowUp.REFRESH,
                "the hairline has grown out: touch it up, or take it down"));
        // What would come after it is taken down comes never.
        due.removeIf(d -> !d.day().isBefore(down));
        due.add(new Due(down, FollowUp.TAKEDOWN, "take it down, and let the scalp rest before the next"));
        due.add(new Due(down.plusWeeks(1), FollowUp.REST, "a week of rest is over: the next can be planned"));
        due.sort(Comparator.comparing(Due::day).thenComparing(Due::what));
        return List.copyOf(due);
    }

    /** The same after an install in which knots slid at the chair already: they are looked over sooner. */
    public Afterwards slidAtTheChair() {
        return new Afterwards(Math.min(slipCheckDay, SLIDING_DAY), frizzTrimDay, touchUpWeek);
    }

    /** What falls due on a day. */
    public record Due(LocalDate day, FollowUp what, String words) {}

    /** How far her own hair has grown by the end of a week, mm. */
    public static double grownMm(int week) {
        return GROWS_MM_A_DAY * DAYS * week;
    }
}
