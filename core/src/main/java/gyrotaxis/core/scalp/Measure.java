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
    ROUND("round the head", "level over the ears", true, 430, 690),
    /** Front hairline centre to nape hairline centre, over the crown, in the midline. */
    FRONT_TO_NAPE("front to nape", "hairline to hairline, over the crown", true, 240, 480),
    /** Notch in front of one ear to the other, upright over the top. */
    OVER_TOP("ear to ear over the top", "notch to notch", true, 230, 440),
    /** Notch to notch along the front: the tape runs through the front hairline centre. */
    ALONG_FRONT("ear to ear along the front", "notch to notch", false, 220, 430),
    /** Temple hairline to temple hairline, level round the back, above the ears. */
    ROUND_BACK("temple to temple round the back", "above the ears", false, 250, 500),
    /** Nape corner to nape corner, level along the skin. */
    NAPE_WIDTH("nape width", "corner to corner", false, 60, 210);

    private final String words;
    private final String where;
    private final boolean required;
    private final Interval limitsMm;

    Measure(String words, String where, boolean required, double minMm, double maxMm) {
        this.words = words;
        this.where = where;
        this.required = required;
        this.limitsMm = new Interval(minMm, maxMm);
    }

    /** What a stylist calls it, in lower case. */
    public String words() {
        return words;
    }

    /** Where the tape runs. */
    public String where() {
        return where;
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
