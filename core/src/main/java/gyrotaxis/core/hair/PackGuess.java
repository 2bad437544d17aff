package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;

/**
 * What stands on a pack, and what is estimated of the rest: pieces from what it weighs, or what one weighs from texture and length.
 *
 * @param loops pieces in a bundle, in {@link HairLine#LOOPS}
 * @param gramsPerLoop weight of one, g, in {@link HairLine#GRAMS}
 * @param priceMinor price of a pack, in minor money
 * @param guessed what of it is estimated
 */
public record PackGuess(int loops, double gramsPerLoop, long priceMinor, Set<Guessed> guessed) {
    /** What can be estimated of a line. */
    public enum Guessed {
        LOOPS,
        GRAMS,
        PRICE
    }

    /** A pack weighs as much as this, g. */
    public static final Interval PACK_GRAMS = new Interval(5, 2_000);

    /**
     * What a gram of hair usually costs, in minor money.
     *
     * @see "ASSUMPTION: plain packs as they are sold; only so that a plan has a figure until the price is known"
     */
    static final double USUAL_MINOR_PER_GRAM = 10;

    private static final long TO_MINOR = 50;
    private static final double MM_PER_M = 1000;
    private static final double TENTH = 10;

    public PackGuess {
        Require.inRange(loops, (int) HairLine.LOOPS.min(), (int) HairLine.LOOPS.max(), "loops", "");
        Require.inRange(gramsPerLoop, HairLine.GRAMS.min(), HairLine.GRAMS.max(), "gramsPerLoop", "g");
        guessed = Set.copyOf(guessed);
    }

    /** What a loop of a texture usually weighs at a length, g, to a tenth. */
    public static double usualGrams(Texture texture, double lengthMm) {
        double grams = texture.usualGramsPerM() * lengthMm / MM_PER_M;
        return Math.round(HairLine.GRAMS.clamp(grams) * TENTH) / TENTH;
    }

    /**
     * Reads a pack of one bundle or more.
     *
     * @param bundles bundles in a pack
     * @param loops pieces in a bundle; empty if they are not told
     * @param packGrams what a pack weighs, g; empty if it is not told
     * @param gramsPerLoop what a piece weighs, g; empty if it is not told
     * @param priceMinor what a pack costs; empty if it is not known
     * @return what is told and estimated; empty if neither pieces nor weight are told
     */
    public static Optional<PackGuess> of(
            Texture texture,
            double lengthMm,
            int bundles,
            OptionalInt loops,
            OptionalDouble packGrams,
            OptionalDouble gramsPerLoop,
            OptionalLong priceMinor) {
        if (loops.isEmpty() && packGrams.isEmpty()) {
            return Optional.empty();
        }
        Set<Guessed> guessed = EnumSet.noneOf(Guessed.class);
        double grams = gramsPerLoop.orElseGet(() -> {
            if (packGrams.isPresent() && loops.isPresent()) {
                return HairLine.GRAMS.clamp(packGrams.getAsDouble() / bundles / loops.getAsInt());
            }
            guessed.add(Guessed.GRAMS);
            return usualGrams(texture, lengthMm);
        });
        int pieces = loops.orElseGet(() -> {
            guessed.add(Guessed.LOOPS);
            return (int) HairLine.LOOPS.clamp(Math.round(packGrams.getAsDouble() / bundles / grams));
        });
        long price = priceMinor.orElseGet(() -> {
            guessed.add(Guessed.PRICE);
            return Math.round(pieces * bundles * grams * USUAL_MINOR_PER_GRAM / TO_MINOR) * TO_MINOR;
        });
        return Optional.of(new PackGuess(pieces, grams, price, guessed));
    }
}
