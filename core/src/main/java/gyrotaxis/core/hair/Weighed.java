package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Require;

/**
 * Loops of which only the weight is known, as of a rest that nobody wants to count.
 *
 * <p>Three things make it inexact, and none has to do with the others: the scale shows whole steps, loops differ from each other, and
 * nobody weighs a loop of every line. They are added as squares. Of the three only the second grows smaller the more there is.
 *
 * @param grams what lies on the scale, g, at least 0
 * @param loops how many that are, within what 19 of 20 rests come to
 */
public record Weighed(double grams, Estimate loops) {
    /** How far one loop may be from its fellows, as a part of it. ASSUMPTION: bundles are divided by eye. */
    public static final double LOOP_TO_LOOP = 0.1;

    /** How far the loops of a line may be from what its pack tells. ASSUMPTION: packs are filled by weight to a twentieth. */
    public static final double AS_TOLD = 0.05;

    /** The same where the weight of a loop is a guess by its texture and length. ASSUMPTION. */
    public static final double GUESSED = 0.15;

    /** More than this lies on no scale for hair, g. */
    public static final double MAX_GRAMS = 5000;

    public Weighed {
        Require.inRange(grams, 0, MAX_GRAMS, "grams", "g");
    }

    /**
     * What a weight comes to.
     *
     * @param grams in [0, {@link #MAX_GRAMS}]
     * @param stepGrams what the scale shows changes by this much, g, at least 0
     * @param gramsPerLoop of the line, g, more than 0
     * @param isGuessed whether nobody told that
     */
    public static Weighed of(double grams, double stepGrams, double gramsPerLoop, boolean isGuessed) {
        Require.inRange(grams, 0, MAX_GRAMS, "grams", "g");
        Require.inRange(stepGrams, 0, MAX_GRAMS, "stepGrams", "g");
        Require.inRange(gramsPerLoop, HairLine.GRAMS.min(), HairLine.GRAMS.max(), "gramsPerLoop", "g");
        double likely = grams / gramsPerLoop;
        double byStep = stepGrams / 2 / gramsPerLoop;
        double byLoop = LOOP_TO_LOOP * Math.sqrt(likely);
        double byLine = (isGuessed ? GUESSED : AS_TOLD) * likely;
        double off = Math.sqrt(byStep * byStep + byLoop * byLoop + byLine * byLine);
        return new Weighed(grams, new Estimate(Math.max(0, likely - off), likely, likely + off));
    }
}
