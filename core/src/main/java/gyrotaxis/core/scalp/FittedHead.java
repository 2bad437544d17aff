package gyrotaxis.core.scalp;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * A head found from tape measures, with the evidence of how well it fits.
 *
 * @param shape the head
 * @param readings every measure, entered or estimated, beside what a tape on {@code shape} shows
 * @param misfit the measure that contradicts the others, if any entered measure is not met
 */
public record FittedHead(HeadShape shape, Map<Measure, Reading> readings, Optional<Misfit> misfit) {
    public FittedHead {
        readings = Collections.unmodifiableMap(new EnumMap<>(readings));
    }

    /** The measures that were taken, not estimated, mm. */
    Map<Measure, Double> entered() {
        Map<Measure, Double> entered = new EnumMap<>(Measure.class);
        readings.forEach((measure, reading) -> {
            if (!reading.isEstimated()) {
                entered.put(measure, reading.tapeMm());
            }
        });
        return entered;
    }

    /**
     * One measure of a fitted head.
     *
     * @param tapeMm what was entered, mm; for an estimated measure the same as {@code fittedMm}
     * @param fittedMm what the fitted head gives back, mm
     * @param isEstimated whether it was not entered but follows from proportion
     */
    public record Reading(double tapeMm, double fittedMm, boolean isEstimated) {

        /** Whether the fitted head gives the measure back within {@link HeadFitter#TOLERANCE_MM}. */
        public boolean isMet() {
            return Math.abs(tapeMm - fittedMm) <= HeadFitter.TOLERANCE_MM;
        }
    }
}
