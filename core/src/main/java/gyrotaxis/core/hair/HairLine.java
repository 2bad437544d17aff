package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Require;
import java.util.List;

/**
 * One kind of pre-looped hair as it is sold.
 *
 * @param name what the maker calls it
 * @param texture how it curls
 * @param lengthMm length of a leg as it hangs, mm, in {@link #LENGTH_MM}
 * @param hasBead whether each loop carries an elastic bead that locks it
 * @param loopsPerBundle loops in one bundle, in {@link #LOOPS}
 * @param bundlesPerPack bundles in one pack, in {@link #BUNDLES}
 * @param gramsPerLoop weight of one loop, g, in {@link #GRAMS}
 * @param packPrice price of one pack, not negative
 * @param isCoated whether the fibre carries a coating that should be rinsed off for a scalp that reacts
 * @param colours what it comes in; at least one
 */
public record HairLine(
        String name,
        Texture texture,
        double lengthMm,
        boolean hasBead,
        int loopsPerBundle,
        int bundlesPerPack,
        double gramsPerLoop,
        Money packPrice,
        boolean isCoated,
        List<String> colours) {
    public static final Interval LENGTH_MM = new Interval(100, 900);
    public static final Interval LOOPS = new Interval(1, 200);
    public static final Interval BUNDLES = new Interval(1, 12);
    public static final Interval GRAMS = new Interval(0.3, 30);
    private static final int LONGEST_NAME = 80;

    public HairLine {
        name = Require.text(name, LONGEST_NAME, "name");
        Require.inRange(lengthMm, LENGTH_MM.min(), LENGTH_MM.max(), "lengthMm", "mm");
        Require.inRange(loopsPerBundle, (int) LOOPS.min(), (int) LOOPS.max(), "loopsPerBundle", "");
        Require.inRange(bundlesPerPack, (int) BUNDLES.min(), (int) BUNDLES.max(), "bundlesPerPack", "");
        Require.inRange(gramsPerLoop, GRAMS.min(), GRAMS.max(), "gramsPerLoop", "g");
        Require.atLeast(0, packPrice.minor(), "packPrice", packPrice.currency().getCurrencyCode());
        colours = Require.notEmpty(
                colours.stream()
                        .map(c -> Require.text(c, LONGEST_NAME, "colour"))
                        .toList(),
                "colours");
    }

    /** Loops in one pack, at least 1. */
    public int loopsPerPack() {
        return loopsPerBundle * bundlesPerPack;
    }
}
