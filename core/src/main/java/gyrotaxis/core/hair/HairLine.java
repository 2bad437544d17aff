package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Require;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * One kind of pre-looped hair as it is sold.
 *
 * @param name what the maker calls it
 * @param texture how it curls
 * @param lengthMm length of a leg as it hangs, mm, in {@link #LENGTH_MM}
 * @param hasBead whether each loop carries an elastic bead that locks it
 * @param loopsPerBundle loops in one bundle, in {@link #LOOPS}
 * @param bundlesPerPack bundles in one pack, in {@link #BUNDLES}
 * @param gramsPerLoop weight of one loop, g, in {@link #GRAMS}; of loose lengths, of the tuft they are pulled into
 * @param packPrice price of one pack, not negative
 * @param isCoated whether the fibre carries a coating that should be rinsed off for a scalp that reacts
 * @param colours what it comes in; at least one
 * @param fibre what it is made of
 * @param otherPacks further sizes it is sold in, at most {@link #MAX_SIZES}, in the currency of {@code packPrice}
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
    public static final int MAX_SIZES = 4;

    /** How many pieces a tuft gives that is cut in half across. */
    public static final int PIECES_OF_CUT = 2;

    /** However odd a line is, its loops count as no less and no more than this against usual ones. */
    private static final Interval THICKNESS = new Interval(0.25, 4);

    private static final double MM_PER_M = 1000;
    private static final double MM_PER_CM = 10;
    private static final int MAX_NAME_LENGTH = 80;

    public HairLine {
        name = Require.text(name, MAX_NAME_LENGTH, "name");
        Require.inRange(lengthMm, LENGTH_MM.min(), LENGTH_MM.max(), "lengthMm", "mm");
        Require.inRange(loopsPerBundle, (int) LOOPS.min(), (int) LOOPS.max(), "loopsPerBundle", "");
        Require.inRange(bundlesPerPack, (int) BUNDLES.min(), (int) BUNDLES.max(), "bundlesPerPack", "");
        Require.inRange(gramsPerLoop, GRAMS.min(), GRAMS.max(), "gramsPerLoop", "g");
        Require.atLeast(0, packPrice.minor(), "packPrice", packPrice.currency().getCurrencyCode());
        colours = Require.notEmpty(
                colours.stream()
                        .map(c -> Require.text(c, MAX_NAME_LENGTH, "colour"))
                        .toList(),
                "colours");
        otherPacks = List.copyOf(otherPacks);
        Require.inRange(otherPacks.size(), 0, MAX_SIZES, "otherPacks", "");
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

    /** How its volume changes while it is worn. */
    public Loft loft() {
        return Loft.of(texture).weekTimes(fibre.weekLoft());
    }

    /** Whether its shares cannot be split. */
    public boolean goesInWhole() {
        return fibre.goesInWhole();
    }

    /**
     * How much hair one of its loops is against the usual loop of its texture, no unit: 1 is as thick as usual, a half as thick
     * half. What covers and how closely it is hooked goes by this, so that a quarter of a thin loop is not taken for one of a
     * thick loop.
     */
    public double thickness() {
        return THICKNESS.clamp(gramsPerLoop / (lengthMm / MM_PER_M) / texture.usualGramsPerM());
    }

    /** Weight of one pack, g. */
    public double gramsPerPack() {
        return loopsPerPack() * gramsPerLoop;
    }

    /**
     * Loose lengths pulled into tufts of another weight; a pack keeps its weight.
     *
     * @param grams of one tuft, g, in {@link #GRAMS}
     * @throws HairCutException if it comes in loops, or a pack would hold no tuft
     */
    public HairLine inTufts(double grams) {
        if (fibre.isLooped()) {
            throw new HairCutException(name + " comes in loops; only loose fibre is pulled into tufts.");
        }
        double perBundle = loopsPerBundle * gramsPerLoop;
        int tufts = (int) Math.floor(perBundle / grams);
        if (!LOOPS.contains(tufts)) {
            throw new HairCutException("A bundle of " + name + " weighs " + said(perBundle) + " g. Pull tufts of "
                    + said(Math.max(GRAMS.min(), perBundle / LOOPS.max())) + " to "
                    + said(Math.min(GRAMS.max(), perBundle)) + " g from it.");
        }
        return new HairLine(
                name,
                texture,
                lengthMm,
                hasBead,
                tufts,
                bundlesPerPack,
                grams,
                packPrice,
                isCoated,
                colours,
                fibre,
                otherPacks.stream()
                        .map(p -> new PackSize(
                                Math.max(1, (int) Math.floor(p.loops() * gramsPerLoop / grams)), p.price()))
                        .toList());
    }

    /**
     * The same cut in half across: half the length, twice the pieces, each as thick as before.
     *
     * @throws HairCutException if it comes in loops, or would be shorter than {@link #LENGTH_MM} allows
     */
    public HairLine cutInHalf() {
        if (fibre.isLooped()) {
            throw new HairCutException(
                    name
                            + " comes in loops. A loop cannot be cut across: it would fall apart. Split it lengthwise, or trim its ends.");
        }
        if (!LENGTH_MM.contains(lengthMm / PIECES_OF_CUT)) {
            throw new HairCutException(name + " is too short to be cut in half: " + said(lengthMm / MM_PER_CM)
                    + " cm would leave less than " + said(LENGTH_MM.min() / MM_PER_CM) + " cm.");
        }
        return new HairLine(
                name,
                texture,
                lengthMm / PIECES_OF_CUT,
                hasBead,
                Math.min((int) LOOPS.max(), loopsPerBundle * PIECES_OF_CUT),
                bundlesPerPack,
                Math.max(GRAMS.min(), gramsPerLoop / PIECES_OF_CUT),
                packPrice,
                isCoated,
                colours,
                fibre,
                otherPacks.stream()
                        .map(p -> new PackSize(p.loops() * PIECES_OF_CUT, p.price()))
                        .toList());
    }

    private static String said(double figure) {
        return new DecimalFormat("0.#", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(figure);
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
