package gyrotaxis.server.documents;

import gyrotaxis.core.hair.Fibre;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Money;
import java.util.List;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** Hair as it is kept inside a plan or a worksheet: as it was that day, whatever the shelf says of it now. */
public record StoredHair(
        String name,
        Texture texture,
        double lengthMm,
        boolean hasBead,
        int loopsPerBundle,
        int bundlesPerPack,
        double gramsPerLoop,
        long priceMinor,
        String currency,
        boolean isCoated,
        List<String> colours,
        double curlMm,
        Slip slip,
        boolean isLooped,
        @Nullable Integer heatC,
        List<Size> otherPacks,
        @Nullable Boolean goesInWhole) {

    /** A further size it is sold in. */
    public record Size(int loops, long priceMinor) {}

    /** Hair as it is now. */
    public static StoredHair of(HairLine h) {
        return new StoredHair(
                h.name(),
                h.texture(),
                h.lengthMm(),
                h.hasBead(),
                h.loopsPerBundle(),
                h.bundlesPerPack(),
                h.gramsPerLoop(),
                h.packPrice().minor(),
                h.packPrice().currency().getCurrencyCode(),
                h.isCoated(),
                h.colours(),
                h.fibre().curlMm(),
                h.fibre().slip(),
                h.fibre().isLooped(),
                h.fibre().heatC().isPresent() ? h.fibre().heatC().getAsInt() : null,
                h.otherPacks().stream()
                        .map(p -> new Size(p.loops(), p.price().minor()))
                        .toList(),
                h.goesInWhole());
    }

    /** The hair that was kept. */
    public HairLine line() {
        return new HairLine(
                name,
                texture,
                lengthMm,
                hasBead,
                loopsPerBundle,
                bundlesPerPack,
                gramsPerLoop,
                Money.of(priceMinor, currency),
                isCoated,
                colours,
                new Fibre(
                        curlMm,
                        slip,
                        isLooped,
                        goesInWhole == null ? texture.goesInWhole() : goesInWhole,
                        heatC == null ? OptionalInt.empty() : OptionalInt.of(heatC)),
                otherPacks.stream()
                        .map(p -> new PackSize(p.loops(), Money.of(p.priceMinor(), currency)))
                        .toList());
    }
}
