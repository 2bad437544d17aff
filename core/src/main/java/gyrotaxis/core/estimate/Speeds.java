package gyrotaxis.core.estimate;

import gyrotaxis.core.quantity.Estimate;

/**
 * How fast somebody works.
 *
 * <p>All usual values are ASSUMPTION: what stylists say of themselves, to be replaced by the log of recorded visits.
 *
 * @param braidSecondsPerCm parting and braiding, seconds per cm of row
 * @param splitSecondsPerShare splitting one share off a loop, s
 * @param regularSecondsPerStation hooking one share with a regular knot, s
 * @param finishMinutes separating and trimming, minutes
 */
public record Speeds(
        Estimate braidSecondsPerCm,
        Estimate splitSecondsPerShare,
        Estimate regularSecondsPerStation,
        Estimate finishMinutes) {

    /** Everything but braiding takes so much longer on oneself; for braiding, speeds on oneself are known. */
    private static final double SELF_FACTOR = 1.4;

    /** The usual speeds. */
    public static Speeds usual(Installer installer) {
        Estimate split = new Estimate(4, 5, 6);
        Estimate regular = new Estimate(12, 15, 18);
        Estimate finish = new Estimate(15, 20, 30);
        return switch (installer) {
            case STYLIST -> new Speeds(perCm(6, 5, 4), split, regular, finish);
            case SELF -> new Speeds(perCm(3.5, 3, 2.5), split, regular.times(SELF_FACTOR), finish.times(SELF_FACTOR));
        };
    }

    private static Estimate perCm(double fastCmPerMin, double likelyCmPerMin, double slowCmPerMin) {
        return new Estimate(60 / fastCmPerMin, 60 / likelyCmPerMin, 60 / slowCmPerMin);
    }
}
