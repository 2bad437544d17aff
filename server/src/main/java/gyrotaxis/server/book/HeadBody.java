package gyrotaxis.server.book;

import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Tape measures as they are written down, mm; the first three are needed, the others estimated where null. */
public record HeadBody(
        @Nullable @Schema(nullable = true) Double roundMm,
        @Nullable @Schema(nullable = true) Double frontToNapeMm,
        @Nullable @Schema(nullable = true) Double overTopMm,
        @Nullable @Schema(nullable = true) Double alongFrontMm,
        @Nullable @Schema(nullable = true) Double roundBackMm,
        @Nullable @Schema(nullable = true) Double napeWidthMm) {

    /** The name of a measure's field in this body. */
    public static String field(Measure measure) {
        return switch (measure) {
            case ROUND -> "roundMm";
            case FRONT_TO_NAPE -> "frontToNapeMm";
            case OVER_TOP -> "overTopMm";
            case ALONG_FRONT -> "alongFrontMm";
            case ROUND_BACK -> "roundBackMm";
            case NAPE_WIDTH -> "napeWidthMm";
        };
    }

    /** What was written down for measures that a core record holds. */
    public static HeadBody of(HeadMeasures measures) {
        Map<Measure, Double> m = measures.byMeasure();
        return new HeadBody(
                m.get(Measure.ROUND),
                m.get(Measure.FRONT_TO_NAPE),
                m.get(Measure.OVER_TOP),
                m.get(Measure.ALONG_FRONT),
                m.get(Measure.ROUND_BACK),
                m.get(Measure.NAPE_WIDTH));
    }

    /**
     * The measures; after a problem, some stand-in.
     *
     * @param f gathers what is wrong
     * @param prefix path of this body in the request, with its dot
     */
    public HeadMeasures check(Fields f, String prefix) {
        Map<Measure, Double> checked = new EnumMap<>(Measure.class);
        for (Measure m : Measure.values()) {
            Double mm = get(m);
            if (mm != null || m.isRequired()) {
                String words = m.words().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                        + m.words().substring(1);
                checked.put(m, f.lengthMm(prefix + field(m), words, mm, m.limitsMm()));
            }
        }
        return new HeadMeasures(checked);
    }

    private @Nullable Double get(Measure measure) {
        return switch (measure) {
            case ROUND -> roundMm;
            case FRONT_TO_NAPE -> frontToNapeMm;
            case OVER_TOP -> overTopMm;
            case ALONG_FRONT -> alongFrontMm;
            case ROUND_BACK -> roundBackMm;
            case NAPE_WIDTH -> napeWidthMm;
        };
    }
}
