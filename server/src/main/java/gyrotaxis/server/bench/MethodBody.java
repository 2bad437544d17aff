package gyrotaxis.server.bench;

import gyrotaxis.core.install.Method;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** A stylist's method as it is written down; what is absent is as usual. */
public record MethodBody(
        @Nullable String name,
        Method.@Nullable Spacing spacing,
        Method.@Nullable BackSpacing back,
        Method.@Nullable PartKnot partKnot,
        Method.@Nullable HairlineKnot hairlineKnot,
        Method.@Nullable RowStart rowStart,
        Method.@Nullable BearingFirst bearing,
        Method.@Nullable Order order,
        @Nullable @Schema(nullable = true) Integer reservePercent,
        @Nullable @Schema(nullable = true) Long hourMinor,
        @Nullable @Schema(nullable = true) Integer marginPercent) {
    private static final int LONGEST_NAME = 80;

    static MethodBody of(Method m) {
        return new MethodBody(
                m.name(),
                m.spacing(),
                m.back(),
                m.partKnot(),
                m.hairlineKnot(),
                m.rowStart(),
                m.bearing(),
                m.order(),
                m.reservePercent(),
                m.hourMinor(),
                m.marginPercent());
    }

    Method check(Fields f, String at) {
        Method usual = Method.usual();
        String called = f.textOrEmpty(at + "name", "The method's name", name, LONGEST_NAME);
        return new Method(
                called.isEmpty() ? usual.name() : called,
                or(spacing, usual.spacing()),
                or(back, usual.back()),
                or(partKnot, usual.partKnot()),
                or(hairlineKnot, usual.hairlineKnot()),
                or(rowStart, usual.rowStart()),
                or(bearing, usual.bearing()),
                or(order, usual.order()),
                reservePercent == null
                        ? usual.reservePercent()
                        : f.whole(at + "reservePercent", "Kept back for fills", reservePercent, Method.RESERVE_PERCENT),
                hourMinor == null
                        ? usual.hourMinor()
                        : (long) f.number(at + "hourMinor", "An hour", (double) hourMinor, Method.HOUR_MINOR),
                marginPercent == null
                        ? usual.marginPercent()
                        : f.whole(at + "marginPercent", "The margin", marginPercent, Method.MARGIN_PERCENT));
    }

    private static <T> T or(@Nullable T given, T usual) {
        return given == null ? usual : given;
    }
}
