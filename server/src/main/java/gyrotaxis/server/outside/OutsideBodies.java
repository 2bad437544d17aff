package gyrotaxis.server.outside;

import gyrotaxis.server.outside.TapeService.MadeUpHead;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is asked of what is outside, and answered. */
final class OutsideBodies {
    private OutsideBodies() {}

    /** Something that can go wrong. */
    record FaultView(Fault id, String words, boolean isOn) {}

    /** A stand-in, as its panel shows it. */
    record StandInView(Outside id, String words, String tells, int delayMs, List<FaultView> faults) {}

    /** @param lies what lies on the made-up scale, g */
    record OutsideView(List<StandInView> standIns, int slowestMs, double lies) {}

    /** How slow one is to be, and what is to go wrong with it. */
    record StandInBody(@Nullable Integer delayMs, @Nullable List<Fault> faults) {}

    record MeasuringBody(@Nullable MadeUpHead head) {}

    /** Something is laid on the made-up scale, g. */
    record LaidBody(@Nullable Double grams) {}

    /** A length that came. @param trouble why it cannot be what is measured; empty if it can */
    record TapedView(int number, double mm, List<Piece> trouble) {}

    /** @param last the number of the last one there is */
    record TapeView(int last, List<TapedView> heard) {}

    /** How many loops; what they are within is told with them. */
    record LoopsView(double low, double likely, double high) {}

    /** What the scale shows. @param loops null while it is not at rest, or no line was named */
    record ScaleView(
            double grams,
            double stepGrams,
            boolean isAtRest,

            @Nullable @Schema(nullable = true) LoopsView loops) {}
}
