package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What the tape said about one head.
 *
 * @param byMeasure lengths in mm, each within its measure's limits; all required measures are present, the others may be
 *     missing and are then estimated by {@link HeadFitter}
 */
public record HeadMeasures(Map<Measure, Double> byMeasure) {
    public HeadMeasures {
        EnumMap<Measure, Double> sorted = new EnumMap<>(Measure.class);
        sorted.putAll(byMeasure);
        for (Measure m : Measure.values()) {
            Double mm = sorted.get(m);
            if (mm != null) {
                Interval limits = m.limitsMm();
                Require.inRange(mm, limits.min(), limits.max(), m.words(), "mm");
            } else if (m.isRequired()) {
                throw new IllegalArgumentException(m.words() + " is missing; a head needs it");
            }
        }
        byMeasure = Collections.unmodifiableMap(sorted);
    }

    /** A medium head, which stands for one that nobody has measured yet: 56.5 cm round. */
    public static HeadMeasures medium() {
        return of(565, 360, 330);
    }

    /** The three measures without which there is no head, mm. */
    public static HeadMeasures of(double roundMm, double frontToNapeMm, double overTopMm) {
        return new HeadMeasures(
                Map.of(Measure.ROUND, roundMm, Measure.FRONT_TO_NAPE, frontToNapeMm, Measure.OVER_TOP, overTopMm));
    }

    /** All six measures, mm, in the order of {@link Measure}. */
    public static HeadMeasures ofAll(
            double roundMm,
            double frontToNapeMm,
            double overTopMm,
            double alongFrontMm,
            double roundBackMm,
            double napeWidthMm) {
        return of(roundMm, frontToNapeMm, overTopMm)
                .with(Measure.ALONG_FRONT, alongFrontMm)
                .with(Measure.ROUND_BACK, roundBackMm)
                .with(Measure.NAPE_WIDTH, napeWidthMm);
    }

    /** The same head with one measure taken anew, mm. */
    public HeadMeasures with(Measure measure, double mm) {
        EnumMap<Measure, Double> changed = new EnumMap<>(byMeasure);
        changed.put(measure, mm);
        return new HeadMeasures(changed);
    }

    /** The length the tape showed, mm, or empty if this measure was not taken. */
    public OptionalDouble get(Measure measure) {
        Double mm = byMeasure.get(measure);
        return mm == null ? OptionalDouble.empty() : OptionalDouble.of(mm);
    }

    /** Every length multiplied by a factor, which must keep all within their limits. */
    public HeadMeasures scaled(double factor) {
        EnumMap<Measure, Double> changed = new EnumMap<>(byMeasure);
        changed.replaceAll((m, mm) -> mm * factor);
        return new HeadMeasures(changed);
    }
}
