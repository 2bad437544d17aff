package gyrotaxis.core.learn;

import gyrotaxis.core.care.FollowUp;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What was seen of an install after its day.
 *
 * @param slipped knots that had slid when they were looked over; empty if nobody looked
 * @param frizzDay the day of the first trim of frizz, from the install
 * @param weekVolume volume after about a week against the first day, as a factor
 * @param wornWeeks weeks until it was taken down, if it still looked well until then, or until it no longer did
 */
public record Afterlife(
        OptionalInt slipped, OptionalInt frizzDay, OptionalDouble weekVolume, OptionalDouble wornWeeks) {
    /** Nothing was told of it. */
    public static final Afterlife UNKNOWN =
            new Afterlife(OptionalInt.empty(), OptionalInt.empty(), OptionalDouble.empty(), OptionalDouble.empty());

    /** So many of a hundred shares are a few, and many. ASSUMPTIONS. */
    private static final double FEW = 0.04;

    private static final double MANY = 0.12;

    /** What "flatter" and "fuller" come to, as factors of the first day. ASSUMPTIONS. */
    private static final double FLATTER = 0.7;

    private static final double FULLER = 1.2;

    private static final double DAYS = 7;

    /**
     * What follows from what was told.
     *
     * @param installed the day of the install
     * @param told the day each outcome was told on
     * @param shares how many shares sit on the head
     * @param down the day it was taken down; empty if it still is worn
     */
    public static Afterlife of(LocalDate installed, Map<Told, LocalDate> told, int shares, Optional<LocalDate> down) {
        OptionalInt slipped = OptionalInt.empty();
        OptionalInt frizz = OptionalInt.empty();
        OptionalDouble volume = OptionalDouble.empty();
        for (Map.Entry<Told, LocalDate> e : told.entrySet()) {
            switch (e.getKey().outcome()) {
                case HELD -> slipped = OptionalInt.of(0);
                case FEW_SLID -> slipped = OptionalInt.of((int) Math.ceil(FEW * shares));
                case MANY_SLID -> slipped = OptionalInt.of((int) Math.ceil(MANY * shares));
                case FLATTER -> volume = OptionalDouble.of(FLATTER);
                case AS_ON_THE_DAY -> volume = OptionalDouble.of(1);
                case FULLER -> volume = OptionalDouble.of(FULLER);
                case DONE -> {
                    if (e.getKey().what() == FollowUp.FRIZZ_TRIM) {
                        frizz = OptionalInt.of((int) Math.max(1, ChronoUnit.DAYS.between(installed, e.getValue())));
                    }
                }
                default -> {
                    // Tells nothing that is counted.
                }
            }
        }
        OptionalDouble weeks = down.map(d -> OptionalDouble.of(ChronoUnit.DAYS.between(installed, d) / DAYS))
                .orElseGet(OptionalDouble::empty);
        return new Afterlife(slipped, frizz, volume, weeks);
    }

    /** Something that was told of something that was looked after. */
    public record Told(FollowUp what, FollowUp.Outcome outcome) {}
}
