package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
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
 * @param fibre what it is made of
 * @param otherPacks further sizes it is sold in, at most {@link #MOST_SIZES}, in the currency of {@code packPrice}
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
        List<String> colours,
        Fibre fibre,
        List<PackSize> otherPacks) {
    public static final Interval LENGTH_MM = new Interval(100, 900);
    public static final Interval LOOPS = new Interval(1, 200);
    public static final Interval BUNDLES = new Interval(1, 12);
    public static final Interval GRAMS = new Interval(0.3, 30);
    public static final int MOST_SIZES = 4;
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
        otherPacks = List.copyOf(otherPacks);
        Require.inRange(otherPacks.size(), 0, MOST_SIZES, "otherPacks", "");
        for (PackSize p : otherPacks) {
            if (!p.price().currency().equals(packPrice.currency())) {
                throw new IllegalArgumentException(
                        "otherPacks are priced in " + p.price().currency() + " but must be in " + packPrice.currency());
            }
        }
    }

    /** A line of the usual fibre of its texture, sold in one size. */
    public HairLine(
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
        this(
                name,
                texture,
                lengthMm,
                hasBead,
                loopsPerBundle,
                bundlesPerPack,
                gramsPerLoop,
                packPrice,
                isCoated,
                colours,
                Fibre.usual(texture),
                List.of());
    }

    /** The same of another fibre. */
    public HairLine of(Fibre other) {
        return new HairLine(
                name,
                texture,
                lengthMm,
                hasBead,
                loopsPerBundle,
                bundlesPerPack,
                gramsPerLoop,
                packPrice,
                isCoated,
                colours,
                other,
                otherPacks);
    }

    /** The same sold in further sizes. */
    public HairLine alsoIn(List<PackSize> sizes) {
        return new HairLine(
                name,
                texture,
                lengthMm,
                hasBead,
                loopsPerBundle,
                bundlesPerPack,
                gramsPerLoop,
                packPrice,
                isCoated,
                colours,
                fibre,
                sizes);
    }

    /**
     * The same cut in half: half the length, twice the pieces.
     *
     * @throws HairCutException if it comes in loops, or would be shorter than {@link #LENGTH_MM} allows
     */
    public HairLine cutInHalf() {
        if (fibre.isLooped()) {
            throw new HairCutException(
                    name
                            + " comes in loops. A loop cannot be cut across: it would fall apart. Split it lengthwise, or trim its ends.");
        }
        if (!LENGTH_MM.contains(lengthMm / 2)) {
            throw new HairCutException(name + " is too short to be cut in half.");
        }
        return new HairLine(
                name,
                texture,
                lengthMm / 2,
                hasBead,
                Math.min((int) LOOPS.max(), loopsPerBundle * 2),
                bundlesPerPack,
                Math.max(GRAMS.min(), gramsPerLoop / 2),
                packPrice,
                isCoated,
                colours,
                fibre,
                otherPacks.stream()
                        .map(p -> new PackSize(p.loops() * 2, p.price()))
                        .toList());
    }

    /** All sizes it is sold in, the usual one first. */
    public List<PackSize> packSizes() {
        List<PackSize> all = new ArrayList<>();
        all.add(new PackSize(loopsPerPack(), packPrice));
        all.addAll(otherPacks);
        return all;
    }

    /** Loops in one pack, at least 1. */
    public int loopsPerPack() {
        return loopsPerBundle * bundlesPerPack;
    }
}
