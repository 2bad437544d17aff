package gyrotaxis.core.install;

/**
 * A belt of the scalp that is hooked alike, told by how far back it lies.
 *
 * <p>The belts are bounded by parts of the way from the front hairline (0) to the nape (1), as angle round the ear axis;
 * see {@link gyrotaxis.core.scalp.Scalp#frontToNape}. ASSUMPTION: bounds set by eye at a hand's breadth behind the
 * hairline, at the crown, and at the occipital bone.
 */
public enum Zone {
    FRONT("front", 0.0, 0.2),
    MIDDLE("middle", 0.2, 0.5),
    BACK("back", 0.5, 0.8),
    NAPE("nape", 0.8, 1.0);

    private final String words;
    private final double from;
    private final double to;

    Zone(String words, double from, double to) {
        this.words = words;
        this.from = from;
        this.to = to;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Middle of the belt, in [0, 1]. */
    public double middle() {
        return (from + to) / 2;
    }

    /** The zone at a part of the way back; a bound belongs to the zone behind it. */
    public static Zone at(double frontToNape) {
        for (Zone z : values()) {
            if (frontToNape < z.to) {
                return z;
            }
        }
        return NAPE;
    }
}
