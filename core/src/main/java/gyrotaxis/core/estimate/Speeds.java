package gyrotaxis.core.estimate;

import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * How fast somebody works.
 *
 * <p>All usual values are ASSUMPTION: what stylists say of themselves, to be replaced by the log of recorded visits.
 *
 * @param braidSecondsPerCm parting and braiding, seconds per cm of row
 * @param splitSecondsPerShare splitting one share off a loop, s
 * @param hookSeconds hooking one share with one pass, by knot, s; one for every {@link Knot}
 * @param passSeconds each pass after the first, s
 * @param bandSeconds a band round the base of one individual, s
 * @param plaitSeconds one individual drawn into its share with the hook, plaited or twisted, and fed away, s
 * @param sewSecondsPerCm wefts and mesh sewn on, seconds per cm of seam
 * @param finishMinutes separating and trimming, minutes
 */
public record Speeds(
        Estimate braidSecondsPerCm,
        Estimate splitSecondsPerShare,
        Map<Knot, Estimate> hookSeconds,
        Estimate passSeconds,
        Estimate bandSeconds,
        Estimate plaitSeconds,
        Estimate sewSecondsPerCm,
        Estimate finishMinutes) {

    /** Everything but braiding takes so much longer on oneself; for braiding, speeds on oneself are known. */
    private static final double SELF_FACTOR = 1.4;

    public Speeds {
        EnumMap<Knot, Estimate> all = new EnumMap<>(Knot.class);
        all.putAll(hookSeconds);
        Require.inRange(all.size(), Knot.values().length, Knot.values().length, "knots with a speed", "");
        hookSeconds = Collections.unmodifiableMap(all);
    }

    /** Seconds to tie one share. */
    public Estimate tieSeconds(Tie tie) {
        return hookSeconds.getOrDefault(tie.knot(), passSeconds).plus(passSeconds.times(tie.passes() - 1.0));
    }

    /** The usual speeds. */
    public static Speeds usual(Installer installer) {
        Estimate split = new Estimate(4, 5, 6);
        Estimate pass = new Estimate(3, 3.5, 4);
        Map<Knot, Estimate> hook = Map.of(
                Knot.REGULAR, new Estimate(12, 15, 18),
                Knot.INVISIBLE, new Estimate(25, 30, 35),
                Knot.DOUBLE_ENTRY, new Estimate(35, 42, 50),
                Knot.TWIST_FIRST, new Estimate(25, 30, 35),
                Knot.BEAD, new Estimate(10, 13, 16));
        Estimate band = new Estimate(6, 8, 12);
        Estimate plait = new Estimate(40, 60, 90);
        Estimate sew = new Estimate(6, 8, 12);
        Estimate finish = new Estimate(15, 20, 30);
        return switch (installer) {
            case STYLIST -> new Speeds(perCm(6, 5, 4), split, hook, pass, band, plait, sew, finish);
            case SELF ->
                new Speeds(
                        perCm(3.5, 3, 2.5),
                        split,
                        slower(hook, SELF_FACTOR),
                        pass.times(SELF_FACTOR),
                        band.times(SELF_FACTOR),
                        plait.times(SELF_FACTOR),
                        sew.times(SELF_FACTOR),
                        finish.times(SELF_FACTOR));
        };
    }

    /**
     * The same by somebody who takes longer or less for everything.
     *
     * @param pace how long against these, as a factor, at least 0.1
     */
    public Speeds at(double pace) {
        Require.atLeast(0.1, pace, "pace", "");
        return new Speeds(
                braidSecondsPerCm.times(pace),
                splitSecondsPerShare.times(pace),
                slower(hookSeconds, pace),
                passSeconds.times(pace),
                bandSeconds.times(pace),
                plaitSeconds.times(pace),
                sewSecondsPerCm.times(pace),
                finishMinutes.times(pace));
    }

    private static Map<Knot, Estimate> slower(Map<Knot, Estimate> hook, double factor) {
        EnumMap<Knot, Estimate> slower = new EnumMap<>(Knot.class);
        hook.forEach((knot, seconds) -> slower.put(knot, seconds.times(factor)));
        return slower;
    }

    private static Estimate perCm(double fastCmPerMin, double likelyCmPerMin, double slowCmPerMin) {
        return new Estimate(60 / fastCmPerMin, 60 / likelyCmPerMin, 60 / slowCmPerMin);
    }
}
