package gyrotaxis.core.foundation;

/**
 * How the two rows beside a wearing part are braided, where practitioners differ.
 *
 * <p>The factors are ASSUMPTION: set so that the fine school leaves a channel of a little over half a centimetre and the
 * wide one of about one and a half; to be measured on finished heads.
 */
public enum FlankSchool {
    /** Small, neat rows close to the part: the hair lies flat and the part reads thin and crisp. */
    FINE_ROWS("fine rows", "Small and neat: the hair lies flat, the part reads crisp.", 0.78, -0.12, 1),
    /** Rows a little larger that lean away, so that more scalp shows: with curly hair the part otherwise closes. */
    WIDE_CHANNEL("wide channel", "A little larger, leaning away: curly hair does not close it.", 1.12, 0.06, 4.5);

    private final String words;
    private final String reason;
    private final double laneFactor;
    private final double lean;
    private final double readsAsSkinMm;

    FlankSchool(String words, String reason, double laneFactor, double lean, double readsAsSkinMm) {
        this.words = words;
        this.reason = reason;
        this.laneFactor = laneFactor;
        this.lean = lean;
        this.readsAsSkinMm = readsAsSkinMm;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Why, in one line. */
    public String reason() {
        return reason;
    }

    /** Width of a flanking lane relative to its neighbours. */
    public double laneFactor() {
        return laneFactor;
    }

    /** How far a flanking row lies from the middle of its lane, away from the part, in parts of the lane's width. */
    public double lean() {
        return lean;
    }

    /**
     * A channel narrower than this does not read as skin, mm.
     *
     * @see "ASSUMPTION: between fine rows the line that comb and gel leave reads as a part as long as the plaits do not touch; where
     *     curls are to fall over it, a quarter of a finger closes"
     */
    public double readsAsSkinMm() {
        return readsAsSkinMm;
    }
}
