package gyrotaxis.server.shelf;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.PackGuess.Guessed;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A hair line as it is shown; {@code guessed} says what of it is estimated. */
record HairLineView(
        UUID id,
        String name,
        String supplier,
        Texture texture,
        String textureWords,
        double lengthMm,
        boolean hasBead,
        int loopsPerBundle,
        int bundlesPerPack,
        int loopsPerPack,
        double gramsPerLoop,
        long priceMinor,
        String currency,
        boolean isCoated,
        List<String> colours,
        int loopsOnShelf,
        double curlMm,
        Slip slip,
        String slipWords,
        boolean isLooped,
        boolean goesInWhole,
        double gramsPerPack,
        @Nullable @Schema(nullable = true) Integer heatC,
        List<SizeView> otherPacks,
        List<Guessed> guessed,
        boolean isStarter,
        int version) {

    /** A further size it is sold in. */
    record SizeView(int loops, long priceMinor) {}

    static HairLineView of(StockedLine line) {
        HairLine h = line.hair();
        return new HairLineView(
                line.id(),
                h.name(),
                line.supplier(),
                h.texture(),
                h.texture().words(),
                h.lengthMm(),
                h.hasBead(),
                h.loopsPerBundle(),
                h.bundlesPerPack(),
                h.loopsPerPack(),
                h.gramsPerLoop(),
                h.packPrice().minor(),
                h.packPrice().currency().getCurrencyCode(),
                h.isCoated(),
                h.colours(),
                line.loopsOnShelf(),
                h.fibre().curlMm(),
                h.fibre().slip(),
                h.fibre().slip().words(),
                h.fibre().isLooped(),
                h.goesInWhole(),
                h.gramsPerPack(),
                h.fibre().heatC().isPresent() ? h.fibre().heatC().getAsInt() : null,
                h.otherPacks().stream()
                        .map(p -> new SizeView(p.loops(), p.price().minor()))
                        .toList(),
                line.guessed().stream().sorted().toList(),
                line.isStarter(),
                line.version());
    }
}
