package gyrotaxis.core.learn;

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
}
