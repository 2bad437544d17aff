package gyrotaxis.server.language;

import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A wearing part; degrees, since stylists and drawings speak in them. */
public record PartBody(
        @Nullable @Schema(nullable = true) Double startMm,
        @Nullable @Schema(nullable = true) Double slantDeg,
        @Nullable @Schema(nullable = true) Double bowMm,
        @Nullable @Schema(nullable = true) Double lengthMm,
        @Nullable @Schema(nullable = true) PartEnd end,
        @Nullable @Schema(nullable = true) Boolean showsSide) {

    /** A part as it is written down. */
    public static PartBody of(WearingPart p) {
        return new PartBody(
                p.startMm(),
                Math.toDegrees(p.slantRad()),
                p.bowMm(),
                p.lengthMm().isPresent() ? p.lengthMm().getAsDouble() : null,
                p.end(),
                p.showsSide());
    }

    WearingPart check(Fields f, String at) {
        double start = f.lengthMm(at + ".startMm", "Where the part starts", startMm, WearingPart.START_MM);
        double slant = f.number(
                at + ".slantDeg",
                "The slant",
                slantDeg,
                new Interval(
                        Math.rint(Math.toDegrees(WearingPart.SLANT_RAD.min())),
                        Math.rint(Math.toDegrees(WearingPart.SLANT_RAD.max()))));
        double bow = bowMm == null ? 0 : f.lengthMm(at + ".bowMm", "How far the part bows", bowMm, WearingPart.BOW_MM);
        OptionalDouble length = lengthMm == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(f.lengthMm(at + ".lengthMm", "The part", lengthMm, WearingPart.LENGTH_MM));
        return new WearingPart(
                start,
                WearingPart.SLANT_RAD.clamp(Math.toRadians(slant)),
                bow,
                length,
                end == null ? PartEnd.OPEN : end,
                Boolean.TRUE.equals(showsSide));
    }
}
