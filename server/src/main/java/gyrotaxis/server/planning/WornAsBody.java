package gyrotaxis.server.planning;

import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * How a plan is worn: {@code part} is counted from 0 and from the client's left, so is {@code gap}, which is
 * tried as a part that was not planned; {@code day} from the install. What is still in
 * the hand may be looked at roughly: on a third of the samples, in a third of the time, and not from the sides.
 */
public record WornAsBody(
        @Nullable Way way,
        @Nullable @Schema(nullable = true) Integer part,
        @Nullable @Schema(nullable = true) Integer gap,
        @Nullable @Schema(nullable = true) Double day,
        @Nullable @Schema(nullable = true) Boolean isRough) {
    static final WornAsBody DOWN = new WornAsBody(Way.DOWN, null, null, null, null);

    private static final int ROUGH_SAMPLES = FallSimulator.USUAL_SAMPLES / 3;
    private static final Interval DAYS = new Interval(0, Loft.LAST_DAY);

    /** What was asked, once it is known to make sense. */
    record Checked(
            Way way, @Nullable Integer part, @Nullable Integer gap, double day, boolean isRough) {

        /** How finely the scalp is looked at. */
        int samples() {
            return isRough ? ROUGH_SAMPLES : FallSimulator.USUAL_SAMPLES;
        }

        /**
         * For a plan with so many parts, and gaps that could be parts.
         *
         * @throws FieldProblems if it has no such part or gap
         */
        Worn on(int parts, int gaps) {
            requireThere("worn.part", "This plan has no such part to wear it with.", part, parts);
            requireThere("worn.gap", "These rows have no such gap.", gap, gaps);
            return asFarAsItGoes(parts, gaps);
        }

        private static void requireThere(String field, String message, @Nullable Integer index, int count) {
            if (index != null && (index < 0 || index >= count)) {
                throw new FieldProblems(
                        List.of(new FieldProblem(field, message, 0.0, Math.max(0.0, count - 1.0), "", List.of())));
            }
        }

        /** For a plan that changed meanwhile, or is only set beside others: without a part or a gap it does not have. */
        Worn asFarAsItGoes(int parts, int gaps) {
            if (gap != null && gap >= 0 && gap < gaps) {
                return Worn.inGap(gap);
            }
            return part == null || part < 0 || part >= parts ? Worn.as(way) : new Worn(way, OptionalInt.of(part));
        }
    }

    Checked check(Fields f) {
        return new Checked(
                f.present("worn.way", "How it is worn", way, Way.DOWN),
                part,
                gap,
                day == null ? 0 : f.number("worn.day", "The day", day, DAYS),
                Boolean.TRUE.equals(isRough));
    }
}
