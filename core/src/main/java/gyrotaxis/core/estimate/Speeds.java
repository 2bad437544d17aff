package gyrotaxis.core.estimate;

import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.ExtraHold;
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
 * <p>All usual values are ASSUMPTION: what stylists say of themselves, the reach for the next share included; to be replaced by
 * the log of recorded visits.
 *
 * @param installer on whom: what is seen and what is felt for
 * @param pace how long against the usual, as a factor
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
        Installer installer,
        double pace,
        Estimate braidSecondsPerCm,
        Estimate splitSecondsPerShare,
        Map<Knot, Estimate> hookSeconds,
        Estimate passSeconds,
        Estimate bandSeconds,
        Estimate plaitSeconds,
        Estimate sewSecondsPerCm,
        Estimate finishMinutes) {

    /** On oneself everything that is felt for, not seen, takes so much longer; for braiding, speeds on oneself are known. */
    private static final Estimate BY_FEEL = new Estimate(1.2, 1.35, 1.5);

    /** What is seen in the mirror takes hardly longer. */
    private static final Estimate BY_MIRROR = new Estimate(1, 1.07, 1.15);

    /** A double-entry at the crown of one's own head. */
    private static final Estimate KNOTLESS_AT_CROWN = new Estimate(1.6, 1.8, 2.2);

    /** Finishing, sewing and plaiting on oneself: partly by mirror, partly by feel. ASSUMPTION. */
    private static final double SELF_FACTOR = 1.2;

    /** A stylist sees all of it alike. */
    private static final Estimate SEEN = Estimate.exactly(1);

    public Speeds {
        EnumMap<Knot, Estimate> all = new EnumMap<>(Knot.class);
        all.putAll(hookSeconds);
        Require.inRange(all.size(), Knot.values().length, Knot.values().length, "knots with a speed", "");
        hookSeconds = Collections.unmodifiableMap(all);
    }

    /** Seconds to tie one share where a stylist sees it. */
    public Estimate tieSeconds(Tie tie) {
        Estimate sum = hookSeconds.getOrDefault(tie.knot(), passSeconds);
        if (tie.knot().hasPasses()) {
            sum = sum.plus(passSeconds.times(tie.passes() - 1.0));
        }
        for (ExtraHold hold : tie.holds()) {
            sum = sum.plus(hold.seconds().times(pace));
        }
        return sum;
    }

    /** The same in a zone: on oneself the back is hooked by feel. */
    public Estimate tieSeconds(Tie tie, Zone zone) {
        return tieSeconds(tie).times(reach(tie, zone));
    }

    private Estimate reach(Tie tie, Zone zone) {
        if (installer == Installer.STYLIST) {
            return SEEN;
        }
        if (tie.knot() == Knot.DOUBLE_ENTRY && (zone == Zone.MIDDLE || zone == Zone.BACK)) {
            return KNOTLESS_AT_CROWN;
        }
        return zone == Zone.FRONT || zone == Zone.MIDDLE ? BY_MIRROR : BY_FEEL;
    }

    /** The usual speeds. */
    public static Speeds usual(Installer installer) {
        Estimate split = new Estimate(4, 5, 6);
        Estimate pass = new Estimate(3, 3.5, 4);
        Map<Knot, Estimate> hook = Map.of(
                Knot.REGULAR, new Estimate(9, 12, 15),
                Knot.INVISIBLE, new Estimate(12, 17, 22),
                Knot.DOUBLE_ENTRY, new Estimate(25, 32, 40),
                Knot.TWIST_FIRST, new Estimate(20, 25, 30),
                Knot.BEAD, new Estimate(8, 11, 14));
        Estimate band = new Estimate(8, 11, 15);
        Estimate plait = new Estimate(60, 85, 120);
        Estimate sew = new Estimate(6, 8, 12);
        Estimate finish = new Estimate(15, 20, 40);
        return switch (installer) {
            case STYLIST -> new Speeds(installer, 1, perCm(6, 5, 4), split, hook, pass, band, plait, sew, finish);
            case SELF ->
                new Speeds(
                        installer,
                        1,
                        perCm(3.5, 3, 2.5),
                        split,
                        hook,
                        pass,
                        band.times(SELF_FACTOR),
                        plait.times(SELF_FACTOR),
                        sew.times(SELF_FACTOR),
                        finish.times(SELF_FACTOR));
        };
    }

    /**
     * The same by somebody who takes longer or less for everything.
     *
     * @param factor how long against these, as a factor, at least 0.1
     */
    public Speeds at(double factor) {
        Require.atLeast(0.1, factor, "pace", "");
        EnumMap<Knot, Estimate> hook = new EnumMap<>(Knot.class);
        hookSeconds.forEach((knot, seconds) -> hook.put(knot, seconds.times(factor)));
        return new Speeds(
                installer,
                pace * factor,
                braidSecondsPerCm.times(factor),
                splitSecondsPerShare.times(factor),
                hook,
                passSeconds.times(factor),
                bandSeconds.times(factor),
                plaitSeconds.times(factor),
                sewSecondsPerCm.times(factor),
                finishMinutes.times(factor));
    }

    private static Estimate perCm(double fastCmPerMin, double likelyCmPerMin, double slowCmPerMin) {
        return new Estimate(60 / fastCmPerMin, 60 / likelyCmPerMin, 60 / slowCmPerMin);
    }
}
