package gyrotaxis.server.shelf;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import java.util.List;
import java.util.UUID;

/** A hair line as it is shown. */
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
        int version) {

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
                line.version());
    }
}
