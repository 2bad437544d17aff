package gyrotaxis.server.shelf;

import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.hair.Fibre;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.PackGuess;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A hair line as it is written down, from what stands on its pack; what does not is left out, and estimated.
 *
 * @param packGrams what a pack weighs, g
 * @param version the version this was read with; 0 for a new line
 */
public record HairLineBody(
        @Nullable String name,
        @Nullable String supplier,
        @Nullable Texture texture,
        @Nullable @Schema(nullable = true) Double lengthMm,
        boolean hasBead,
        @Nullable @Schema(nullable = true) Integer loopsPerBundle,
        @Nullable @Schema(nullable = true) Integer bundlesPerPack,
        @Nullable @Schema(nullable = true) Double gramsPerLoop,
        @Nullable @Schema(nullable = true) Double packGrams,
        @Nullable @Schema(nullable = true) Long priceMinor,
        @Nullable String currency,
        boolean isCoated,
        @Nullable List<String> colours,
        @Nullable @Schema(nullable = true) Integer loopsOnShelf,
        @Nullable @Schema(nullable = true) Double curlMm,
        @Nullable @Schema(nullable = true) Slip slip,
        @Nullable @Schema(nullable = true) Boolean isLooped,
        @Nullable @Schema(nullable = true) Boolean goesInWhole,
        @Nullable @Schema(nullable = true) Integer heatC,
        @Nullable List<SizeBody> otherPacks,
        int version) {
    /** A further size it is sold in. */
    public record SizeBody(
            @Nullable @Schema(nullable = true) Integer loops,
            @Nullable @Schema(nullable = true) Long priceMinor) {}

    private static final Interval PACK_LOOPS = new Interval(1, 2400);

    private static final String USUAL_CURRENCY = "EUR";
    private static final String USUAL_COLOUR = "natural";

    private static final int MAX_NAME_LENGTH = 80;
    private static final int MAX_COLOURS = 12;
    private static final Interval PRICE_MINOR = new Interval(0, 100_000_000);
    private static final Interval ON_SHELF = new Interval(0, PackCount.MAX_SHELF_LOOPS);

    /** The line, or all that is wrong with it. */
    public StockedLine toLine(UUID id) {
        Fields f = new Fields();
        String checkedName = f.text("name", "The name", name, MAX_NAME_LENGTH);
        String checkedSupplier = f.textOrEmpty("supplier", "The supplier", supplier, MAX_NAME_LENGTH);
        Texture checkedTexture = f.present("texture", "The texture", texture, Texture.DEEP_WAVE);
        double length = f.lengthMm("lengthMm", "The length", lengthMm, HairLine.LENGTH_MM);
        int bundles = f.whole(
                "bundlesPerPack",
                "Bundles in a pack",
                bundlesPerPack == null ? Integer.valueOf(1) : bundlesPerPack,
                HairLine.BUNDLES);
        PackGuess pack = pack(f, checkedTexture, length, bundles);
        Currency checkedCurrency =
                f.currency("currency", currency == null || currency.isBlank() ? USUAL_CURRENCY : currency);
        int shelf = f.whole(
                "loopsOnShelf",
                "Loops on the shelf",
                loopsOnShelf == null ? Integer.valueOf(0) : loopsOnShelf,
                ON_SHELF);
        List<String> given = colours == null || colours.isEmpty() ? List.of(USUAL_COLOUR) : colours;
        List<String> checkedColours = given.stream()
                .limit(MAX_COLOURS)
                .map(c -> f.text("colours", "A colour", c, MAX_NAME_LENGTH).replaceAll("\\s+", " "))
                .toList();
        if (given.size() > MAX_COLOURS) {
            f.problem("colours", "At most " + MAX_COLOURS + " colours are kept.");
        }
        Fibre usual = Fibre.usual(checkedTexture);
        double curl = curlMm == null ? usual.curlMm() : f.lengthMm("curlMm", "A curl", curlMm, Fibre.CURL_MM);
        int heat = heatC == null ? 0 : f.whole("heatC", "The heat it takes", heatC, Fibre.HEAT_C);
        Slip checkedSlip = slip == null ? usual.slip() : slip;
        List<PackSize> sizes = sizes(f, checkedCurrency);
        return f.orRefuse(() -> new StockedLine(
                id,
                checkedSupplier,
                new HairLine(
                        checkedName,
                        checkedTexture,
                        length,
                        hasBead,
                        pack.loops(),
                        bundles,
                        pack.gramsPerLoop(),
                        new Money(pack.priceMinor(), checkedCurrency),
                        isCoated,
                        checkedColours,
                        new Fibre(
                                curl,
                                checkedSlip,
                                !Boolean.FALSE.equals(isLooped),
                                goesInWhole == null ? usual.goesInWhole() : goesInWhole,
                                heatC == null ? OptionalInt.empty() : OptionalInt.of(heat)),
                        sizes),
                shelf == 0 ? Map.of() : Map.of(checkedColours.get(0), shelf),
                pack.guessed(),
                false,
                version));
    }

    /** What stands on the pack, with the rest estimated. */
    private PackGuess pack(Fields f, Texture of, double length, int bundles) {
        OptionalInt loops = loopsPerBundle == null
                ? OptionalInt.empty()
                : OptionalInt.of(f.whole("loopsPerBundle", "Pieces in a pack", loopsPerBundle, HairLine.LOOPS));
        OptionalDouble weight = packGrams == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(f.number("packGrams", "What a pack weighs", packGrams, PackGuess.PACK_GRAMS));
        OptionalDouble grams = gramsPerLoop == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(f.number("gramsPerLoop", "Grams of a loop", gramsPerLoop, HairLine.GRAMS));
        OptionalLong price = priceMinor == null
                ? OptionalLong.empty()
                : OptionalLong.of((long) f.number("priceMinor", "The price", (double) priceMinor, PRICE_MINOR));
        return PackGuess.of(of, length, bundles, loops, weight, grams, price).orElseGet(() -> {
            f.problem("loopsPerBundle", "Say how many pieces are in it, or what a pack weighs.");
            return new PackGuess((int) HairLine.LOOPS.min(), HairLine.GRAMS.min(), 0, Set.of());
        });
    }

    private List<PackSize> sizes(Fields f, Currency currency) {
        List<SizeBody> given = otherPacks == null ? List.of() : otherPacks;
        if (given.size() > HairLine.MAX_SIZES) {
            f.problem("otherPacks", "At most " + HairLine.MAX_SIZES + " further sizes are kept.");
        }
        List<PackSize> sizes = new ArrayList<>();
        for (int i = 0; i < Math.min(given.size(), HairLine.MAX_SIZES); i++) {
            String at = "otherPacks[" + i + "].";
            int n = f.whole(at + "loops", "Loops in this pack", given.get(i).loops(), PACK_LOOPS);
            Long asked = given.get(i).priceMinor();
            double price = f.number(
                    at + "priceMinor", "The price of this pack", asked == null ? null : (double) asked, PRICE_MINOR);
            sizes.add(new PackSize(n, new Money((long) price, currency)));
        }
        return sizes;
    }
}
