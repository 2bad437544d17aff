package gyrotaxis.server.language;

import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.School;
import gyrotaxis.core.install.Terms;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.OptionalInt;
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
        @Nullable @Schema(nullable = true) Integer marginPercent,
        @Nullable @Schema(nullable = true) Integer pacePercent) {
    private static final int LONGEST_NAME = 80;

    /** A method as it is written down. */
    public static MethodBody of(Method m) {
        return new MethodBody(
                m.name(),
                m.spacing(),
                m.back(),
                m.partKnot(),
                m.hairlineKnot(),
                m.rowStart(),
                m.bearing(),
                m.order(),
                m.terms().reservePercent(),
                m.terms().hourMinor(),
                m.terms().marginPercent(),
                m.terms().pacePercent());
    }

    /** The same with whatever it does not say as usual. */
    public MethodBody completed() {
        MethodBody usual = of(Method.usual());
        return new MethodBody(
                Fields.or(name, usual.name),
                Fields.or(spacing, usual.spacing),
                Fields.or(back, usual.back),
                Fields.or(partKnot, usual.partKnot),
                Fields.or(hairlineKnot, usual.hairlineKnot),
                Fields.or(rowStart, usual.rowStart),
                Fields.or(bearing, usual.bearing),
                Fields.or(order, usual.order),
                Fields.or(reservePercent, usual.reservePercent),
                Fields.or(hourMinor, usual.hourMinor),
                Fields.or(marginPercent, usual.marginPercent),
                Fields.or(pacePercent, usual.pacePercent));
    }

    /** The field in which a question of the method is answered. */
    public static String field(Class<? extends School> question) {
        return Arrays.stream(MethodBody.class.getRecordComponents())
                .filter(c -> c.getType() == question)
                .findFirst()
                .orElseThrow()
                .getName();
    }

    /** The method; after a problem, some stand-in. */
    public Method check(Fields f, String at) {
        Method usual = Method.usual();
        String called = f.textOrEmpty(at + "name", "The method's name", name, LONGEST_NAME);
        return new Method(
                called.isEmpty() ? usual.name() : called,
                Fields.or(spacing, usual.spacing()),
                Fields.or(back, usual.back()),
                Fields.or(partKnot, usual.partKnot()),
                Fields.or(hairlineKnot, usual.hairlineKnot()),
                Fields.or(rowStart, usual.rowStart()),
                Fields.or(bearing, usual.bearing()),
                Fields.or(order, usual.order()),
                terms(f, at));
    }

    private Terms terms(Fields f, String at) {
        Terms usual = Terms.USUAL;
        return new Terms(
                whole(f, at + "reservePercent", "Kept back for fills", reservePercent, Terms.RESERVE_PERCENT)
                        .orElse(usual.reservePercent()),
                hourMinor == null
                        ? usual.hourMinor()
                        : (long) f.number(at + "hourMinor", "An hour", (double) hourMinor, Terms.HOUR_MINOR),
                whole(f, at + "marginPercent", "The margin", marginPercent, Terms.MARGIN_PERCENT)
                        .orElse(usual.marginPercent()),
                whole(f, at + "pacePercent", "The pace", pacePercent, Terms.PACE_PERCENT)
                        .orElse(usual.pacePercent()));
    }

    private static OptionalInt whole(Fields f, String field, String words, @Nullable Integer value, Interval limits) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(f.whole(field, words, value, limits));
    }
}
