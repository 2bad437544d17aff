package gyrotaxis.server.language;

import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.scalp.HairlineShape.Peak;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a hairline differs from the usual, as it is written down; a peak is there where both its figures are. */
public record HairlineBody(
        @Nullable @Schema(nullable = true) Double leftTempleMm,
        @Nullable @Schema(nullable = true) Double rightTempleMm,
        @Nullable @Schema(nullable = true) Double peakPlaceMm,
        @Nullable @Schema(nullable = true) Double peakDropMm,
        HairlineShape.@Nullable Nape nape) {

    /** What was written down for a hairline that a core record holds. */
    public static HairlineBody of(HairlineShape shape) {
        return new HairlineBody(
                shape.leftTempleMm(),
                shape.rightTempleMm(),
                shape.peak().map(Peak::placeMm).orElse(null),
                shape.peak().map(Peak::dropMm).orElse(null),
                shape.nape());
    }

    public HairlineShape check(Fields f, String prefix) {
        double left = temple(f, prefix + "leftTempleMm", "Her left temple", leftTempleMm);
        double right = temple(f, prefix + "rightTempleMm", "Her right temple", rightTempleMm);
        Optional<Peak> peak = Optional.empty();
        if (peakPlaceMm != null || peakDropMm != null) {
            double place =
                    f.lengthMm(prefix + "peakPlaceMm", "The peak's place", peakPlaceMm, HairlineShape.PEAK_PLACE_MM);
            double drop = f.lengthMm(
                    prefix + "peakDropMm", "How far the peak comes down", peakDropMm, HairlineShape.PEAK_DROP_MM);
            peak = Optional.of(new Peak(place, drop));
        }
        return new HairlineShape(left, right, peak, nape == null ? HairlineShape.Nape.ROUND : nape);
    }

    private static double temple(Fields f, String field, String words, @Nullable Double mm) {
        return mm == null ? 0 : f.lengthMm(field, words, mm, HairlineShape.TEMPLE_MM);
    }
}
