package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Interval;

/**
 * The tape measures, with the landmarks each runs between and the lengths a tape can honestly show.
 *
 * <p>The limits reach from a small child to beyond the largest adult heads in everyday tables; they catch slips of unit
 * (inches typed as centimetres), not unusual heads. ASSUMPTION: widened by 10 % from published head sizes; a head outside
 * would have to be measured again by a second person.
 */
public enum Measure {
    /** Round the head on the level of the ear notches, over forehead and back: closed. */
    ROUND("round the head", true, 430, 690),
    /** Front hairline centre to nape hairline centre, over the crown, in the midline. */
    FRONT_TO_NAPE("front to nape", true, 240, 480),
    /** Notch in front of one ear to the other, upright over the top. */
    OVER_TOP("ear to ear over the top", true, 230, 440),
    /** Notch to notch along the front: the tape runs through the front hairline centre. */
    ALONG_FRONT("ear to ear along the front", false, 220, 430),
    /** Temple hairline to temple hairline, level round the back, above the ears. */
    ROUND_BACK("temple to temple round the back", false, 250, 500),
    /** Nape corner to nape corner, level along the skin. */
    NAPE_WIDTH("nape width", false, 60, 210);

    private final String words;
    private final boolean required;
    private final Interval limitsMm;

    Measure(String words, boolean required, double minMm, double maxMm) {
        this.words = words;
        this.required = required;
        this.limitsMm = new Interval(minMm, maxMm);
    }

    /** What a stylist calls it, in lower case. */
    public String words() {
        return words;
    }

    /** Whether no head can be computed without it. */
    public boolean isRequired() {
        return required;
    }

    /** The lengths that are accepted, mm, both ends included. */
    public Interval limitsMm() {
        return limitsMm;
    }
}
