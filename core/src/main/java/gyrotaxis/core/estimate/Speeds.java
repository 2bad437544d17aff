package gyrotaxis.core.estimate;

import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Require;
import java.util.Arrays;
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
 * @param braidSecondsPerCm parting and braiding where it is seen, seconds per cm of row
 * @param splitSecondsPerShare splitting one share off a loop, s
 * @param hookSeconds hooking one share with one pass, by knot, s; one for every {@link Knot}
 * @param passSeconds each pass after the first, s
 * @param small the small work round rows and shares
 * @param sewSecondsPerCm wefts and mesh sewn on, seconds per cm of seam
 * @param finishMinutes what is done last, minutes; one for every {@link Finish}
 */
public record Speeds(
        Installer installer,
        double pace,
        Estimate braidSecondsPerCm,
        Estimate splitSecondsPerShare,
        Map<Knot, Estimate> hookSeconds,
        Estimate passSeconds,
        Small small,
        Estimate sewSecondsPerCm,
        Map<Finish, Estimate> finishMinutes) {

    /**
     * The small work round rows and shares, seconds each.
     *
     * @param band a small elastic band
     * @param plait a single plaited, drawn into its share with the hook, and its end fed away
     * @param twist the same, two-strand twisted
     * @param thread a tail drawn under neighbouring rows with the hook
     * @param stitch a tail stitched down
     * @param pin a tail pinned flat
     * @param separate the curls of one share separated
     * @param trial one part or way of wearing tried, and pinned down where it stands
     */
    public record Small(
            Estimate band,
            Estimate plait,
            Estimate twist,
            Estimate thread,
            Estimate stitch,
            Estimate pin,
            Estimate separate,
            Estimate trial) {
        private static final Small USUAL = new Small(
                new Estimate(8, 11, 15),
                new Estimate(60, 85, 120),
                new Estimate(40, 58, 80),
                new Estimate(20, 28, 40),
                new Estimate(40, 60, 90),
                new Estimate(8, 12, 20),
                new Estimate(3, 4.5, 7),
                new Estimate(60, 100, 180));

        private Small at(double braiding, double finishing) {
            return new Small(
                    band.times(braiding),
                    plait.times(braiding),
                    twist.times(braiding),
                    thread.times(braiding),
                    stitch.times(braiding),
                    pin.times(braiding),
                    separate.times(finishing),
                    trial.times(finishing));
        }
    }

    /** On oneself everything that is felt for, not seen, takes so much longer; for braiding, speeds on oneself are known. */
    private static final Estimate BY_FEEL = new Estimate(1.2, 1.35, 1.5);

    /** What is seen in the mirror takes hardly longer. */
    private static final Estimate BY_MIRROR = new Estimate(1, 1.07, 1.15);

    /** A double-entry at the crown of one's own head. */
    private static final Estimate KNOTLESS_AT_CROWN = new Estimate(1.6, 1.8, 2.2);

    /** A row at the nape braided upward on one's own head, hands over the head. ASSUMPTION. */
    private static final Estimate UPSIDE_DOWN = new Estimate(1.5, 1.8, 2.2);

    /** A stylist sees all of it alike. */
    private static final Estimate SEEN = Estimate.exactly(1);

    public Speeds {
        EnumMap<Knot, Estimate> all = new EnumMap<>(Knot.class);
        all.putAll(hookSeconds);
        Require.inRange(all.size(), Knot.values().length, Knot.values().length, "knots with a speed", "");
        hookSeconds = Collections.unmodifiableMap(all);
        EnumMap<Finish, Estimate> last = new EnumMap<>(Finish.class);
        last.putAll(finishMinutes);
        Require.inRange(last.size(), Finish.values().length, Finish.values().length, "finishes with minutes", "");
        finishMinutes = Collections.unmodifiableMap(last);
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
        boolean isKnotless = tie.knot() == Knot.DOUBLE_ENTRY && (zone == Zone.MIDDLE || zone == Zone.BACK);
        return installer == Installer.SELF && isKnotless ? KNOTLESS_AT_CROWN : reach(zone);
    }

    /** How much longer anything takes in a zone: on oneself the front is seen in the mirror and the back is felt for. */
    public Estimate reach(Zone zone) {
        if (installer == Installer.STYLIST) {
            return SEEN;
        }
        return zone == Zone.FRONT || zone == Zone.MIDDLE ? BY_MIRROR : BY_FEEL;
    }

    /** The same for braiding; rows at the nape that run upward are braided upside down. */
    public Estimate reachBraiding(Zone zone, boolean isUpsideDown) {
        return installer == Installer.SELF && isUpsideDown ? UPSIDE_DOWN : reach(zone);
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
        Estimate sew = new Estimate(6, 8, 12);
        EnumMap<Finish, Estimate> finish = new EnumMap<>(Finish.class);
        for (Finish f : Finish.values()) {
            finish.put(f, f.minutes());
        }
        // On oneself front and back together come to 2.5 to 3.5 cm a minute, as people say of themselves.
        Estimate braid = installer == Installer.STYLIST ? perCm(6, 5, 4) : perCm(4.1, 3.7, 3.2);
        return new Speeds(installer, 1, braid, split, hook, pass, Small.USUAL, sew, finish);
    }

    /**
     * The same by somebody who takes longer or less for everything.
     *
     * @param factor how long against these, as a factor, at least 0.1
     */
    public Speeds at(double factor) {
        Require.atLeast(0.1, factor, "pace", "");
        return by(Learned.NOTHING, factor);
    }

    /**
     * The same by somebody of whom something was seen.
     *
     * @param learned what was; a factor of these
     * @param pace how long she says she takes where nothing was, as a factor of these
     */
    public Speeds by(Learned learned, double pace) {
        EnumMap<Knot, Estimate> hook = new EnumMap<>(Knot.class);
        hookSeconds.forEach((knot, seconds) ->
                hook.put(knot, seconds.times(learned.of(Known.of(knot)).orElse(pace))));
        double hooking = Arrays.stream(Knot.values())
                .flatMapToDouble(k -> learned.of(Known.of(k)).stream())
                .average()
                .orElse(pace);
        double braiding = learned.of(Known.BRAIDING).orElse(pace);
        double finishing = learned.of(Known.FINISHING).orElse(pace);
        EnumMap<Finish, Estimate> finish = new EnumMap<>(Finish.class);
        finishMinutes.forEach((what, minutes) -> finish.put(what, minutes.times(finishing)));
        return new Speeds(
                installer,
                this.pace * hooking,
                braidSecondsPerCm.times(braiding),
                splitSecondsPerShare.times(learned.of(Known.SPLITTING).orElse(pace)),
                hook,
                passSeconds.times(hooking),
                small.at(braiding, finishing),
                sewSecondsPerCm.times(braiding),
                finish);
    }

    private static Estimate perCm(double fastCmPerMin, double likelyCmPerMin, double slowCmPerMin) {
        return new Estimate(60 / fastCmPerMin, 60 / likelyCmPerMin, 60 / slowCmPerMin);
    }
}
