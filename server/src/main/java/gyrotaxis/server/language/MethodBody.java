package gyrotaxis.server.language;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.School;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.terms.Material;
import gyrotaxis.core.terms.Terms;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * A stylist's method as it is written down; what is absent is as usual.
 *
 * @param currency ISO 4217 code of the hour's price and of {@code prices}; methods of older formats have none, and their prices
 *     are in the currency of the hair
 */
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
        @Nullable @Schema(nullable = true) String currency,
        @Nullable @Schema(nullable = true) Integer marginPercent,
        @Nullable @Schema(nullable = true) Integer pacePercent,
        Method.@Nullable HiddenKnot hiddenKnot,
        Method.@Nullable UpdoKnot updoKnot,
        Method.@Nullable UnderSingle underSingle,
        Method.@Nullable LooseTails looseTails,
        @Nullable List<OwnPasses> passes,
        @Nullable @Schema(nullable = true) Integer partShareParts,
        @Nullable @Schema(nullable = true) Integer hairlineShareParts,
        @Nullable List<PriceBody> prices) {

    /** What a material costs in the measure in which it is bought. */
    public record PriceBody(
            @Nullable Material material,
            @Nullable @Schema(nullable = true) Long minor) {}

    private static final int MAX_NAME_LENGTH = 80;
    private static final Interval PASSES = new Interval(1, Tie.MAX_PASSES);
    private static final Interval SPLIT = new Interval(1, Share.MAX_PARTS);

    /** How often she passes a texture; textures that are not named are passed as the hold needs. */
    public record OwnPasses(
            @Nullable Texture texture,
            @Nullable @Schema(nullable = true) Integer passes) {}

    /** A method as it is written down. */
    public static MethodBody of(Method m) {
        return new MethodBody(
                m.name(),
                m.spacing(),
                m.back(),
                m.knots().part(),
                m.knots().hairline(),
                m.shares().rowStart(),
                m.bearing(),
                m.order(),
                m.terms().reservePercent(),
                m.terms().hour().minor(),
                m.terms().hour().currency().getCurrencyCode(),
                m.terms().marginPercent(),
                m.terms().pacePercent(),
                m.knots().hidden(),
                m.knots().updo(),
                m.shares().underSingle(),
                m.looseTails(),
                m.knots().passes().entrySet().stream()
                        .map(e -> new OwnPasses(e.getKey(), e.getValue()))
                        .toList(),
                m.shares().atParts().map(Share::parts).orElse(null),
                m.shares().atHairline().map(Share::parts).orElse(null),
                m.terms().prices().entrySet().stream()
                        .map(e -> new PriceBody(e.getKey(), e.getValue()))
                        .toList());
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
                isPriced() ? currency : Fields.or(currency, usual.currency),
                Fields.or(marginPercent, usual.marginPercent),
                Fields.or(pacePercent, usual.pacePercent),
                Fields.or(hiddenKnot, usual.hiddenKnot),
                Fields.or(updoKnot, usual.updoKnot),
                Fields.or(underSingle, usual.underSingle),
                Fields.or(looseTails, usual.looseTails),
                Fields.or(passes, List.of()),
                partShareParts,
                hairlineShareParts,
                Fields.or(prices, List.of()));
    }

    /** The field in which a question of the method is answered. */
    public static String field(Class<? extends School> question) {
        return Arrays.stream(MethodBody.class.getRecordComponents())
                .filter(c -> c.getType() == question)
                .findFirst()
                .orElseThrow()
                .getName();
    }

    /** Whether it names a price, which then needs a currency. */
    private boolean isPriced() {
        return hourMinor != null || prices != null && !prices.isEmpty();
    }

    /**
     * The method; after a problem, some stand-in.
     *
     * @param ofHair the currency of the hair, for prices that name none
     */
    public Method check(Fields f, String at, Currency ofHair) {
        Method usual = Method.usual();
        String called = f.textOrEmpty(at + "name", "The method's name", name, MAX_NAME_LENGTH);
        return new Method(
                called.isEmpty() ? usual.name() : called,
                Fields.or(spacing, usual.spacing()),
                Fields.or(back, usual.back()),
                new Method.Knots(
                        Fields.or(partKnot, usual.knots().part()),
                        Fields.or(hairlineKnot, usual.knots().hairline()),
                        Fields.or(hiddenKnot, usual.knots().hidden()),
                        Fields.or(updoKnot, usual.knots().updo()),
                        passes(f, at)),
                new Method.Shares(
                        Fields.or(rowStart, usual.shares().rowStart()),
                        Fields.or(underSingle, usual.shares().underSingle()),
                        share(f, at + "partShareParts", "A loop split beside a part into", partShareParts),
                        share(f, at + "hairlineShareParts", "A loop split at the hairline into", hairlineShareParts)),
                Fields.or(bearing, usual.bearing()),
                Fields.or(order, usual.order()),
                Fields.or(looseTails, usual.looseTails()),
                terms(f, at, ofHair));
    }

    private static Optional<Share> share(Fields f, String field, String words, @Nullable Integer parts) {
        return parts == null ? Optional.empty() : Optional.of(new Share(f.whole(field, words, parts, SPLIT)));
    }

    private Map<Texture, Integer> passes(Fields f, String at) {
        EnumMap<Texture, Integer> own = new EnumMap<>(Texture.class);
        List<OwnPasses> given = passes == null ? List.of() : passes;
        for (int i = 0; i < given.size(); i++) {
            String here = at + "passes[" + i + "].";
            Texture texture =
                    f.present(here + "texture", "The texture", given.get(i).texture(), Texture.DEEP_WAVE);
            own.put(texture, f.whole(here + "passes", "Passes", given.get(i).passes(), PASSES));
        }
        return own;
    }

    private Terms terms(Fields f, String at, Currency ofHair) {
        Terms usual = Terms.USUAL;
        Currency priced = currency != null
                ? f.currency(at + "currency", currency)
                : isPriced() ? ofHair : usual.hour().currency();
        long minor = hourMinor == null
                ? usual.hour().minor()
                : (long) f.number(at + "hourMinor", "An hour", (double) hourMinor, Terms.HOUR_MINOR);
        return new Terms(
                whole(f, at + "reservePercent", "Kept back for fills", reservePercent, Terms.RESERVE_PERCENT)
                        .orElse(usual.reservePercent()),
                new Money(minor, priced),
                whole(f, at + "marginPercent", "The margin", marginPercent, Terms.MARGIN_PERCENT)
                        .orElse(usual.marginPercent()),
                whole(f, at + "pacePercent", "The pace", pacePercent, Terms.PACE_PERCENT)
                        .orElse(usual.pacePercent()),
                prices(f, at));
    }

    private Map<Material, Long> prices(Fields f, String at) {
        EnumMap<Material, Long> priced = new EnumMap<>(Material.class);
        List<PriceBody> given = prices == null ? List.of() : prices;
        for (int i = 0; i < given.size(); i++) {
            String here = at + "prices[" + i + "].";
            Material material =
                    f.present(here + "material", "The material", given.get(i).material(), Material.FIBRE);
            Long minor = given.get(i).minor();
            priced.put(material, (long)
                    f.number(here + "minor", "The price", minor == null ? null : (double) minor, Terms.PRICE_MINOR));
        }
        return priced;
    }

    private static OptionalInt whole(Fields f, String field, String words, @Nullable Integer value, Interval limits) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(f.whole(field, words, value, limits));
    }
}
