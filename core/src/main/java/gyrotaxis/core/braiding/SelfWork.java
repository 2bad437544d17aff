package gyrotaxis.core.braiding;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How hard a foundation is to braid on oneself, and why.
 *
 * @param grade in three steps
 * @param strain sum of what each row costs, in rows that are easy to reach
 * @param reasons what makes it hard, the hardest first; empty where it is easy
 */
public record SelfWork(Grade grade, double strain, List<String> reasons) {
    /** ASSUMPTION: all weights and both limits; what people say they manage, to be learned from recorded visits. */
    private static final double BY_FEEL = 0.4;

    /** At the nape, where hands work over the head. ASSUMPTION, as above. */
    private static final double UPSIDE_DOWN = 3;

    /** For every 10 cm that run round and round. ASSUMPTION, as above. */
    private static final double SPIRAL_PER_DM = 1.2;

    /** A plait that is short and can be reached. ASSUMPTION, as above. */
    private static final double INDIVIDUAL = 0.25;

    /** A knot tied twice under a row at the crown, where neither hand sees the other. ASSUMPTION, as above. */
    private static final double KNOTLESS = 0.25;

    /** A row of a small strip, beside what its place costs. ASSUMPTION, as above. */
    private static final double SMALL_ROW = 0.2;

    /** A strip narrower than this is small, mm. ASSUMPTION: half a finger more than can hardly be parted. */
    private static final double SMALL_STRIP_MM = 13;

    /** From this strain on it is fair, and from the next on hard. ASSUMPTION, as above. */
    private static final double FAIR_FROM = 8;

    private static final double HARD_FROM = 16;

    /** From here back it is worked by mirror and feel. */
    private static final double BEHIND = 0.5;

    /** From here back it is the nape, where hands work over the head. */
    private static final double NAPE = 0.8;

    private static final double MM_PER_DM = 100;

    /** How hard. */
    public enum Grade {
        EASY,
        FAIR,
        HARD
    }

    public SelfWork {
        reasons = List.copyOf(reasons);
    }

    /**
     * What a foundation and its knots ask of somebody who works on her own head.
     *
     * @param knotlessAtCrown how many double-entry knots are tied from the crown back
     */
    public static SelfWork of(Scalp scalp, Foundation foundation, long knotlessAtCrown) {
        double strain = 0;
        int back = 0;
        int upsideDown = 0;
        int small = 0;
        int plaits = 0;
        double spiralMm = 0;
        for (Row row : foundation.rows()) {
            if (row.id().section() == Section.SPIRAL) {
                spiralMm += row.lengthMm();
            } else if (row.id().section() == Section.INDIVIDUAL) {
                plaits++;
            } else if (isUpsideDown(scalp, row)) {
                upsideDown++;
            } else if (scalp.frontToNape(row.path().spaceAt(row.lengthMm() / 2)) > BEHIND
                    && row.id().section() != Section.LEVEL) {
                back++;
            } else if (row.stripWidthMm() < SMALL_STRIP_MM) {
                small++;
            }
        }
        List<String> reasons = new ArrayList<>();
        if (spiralMm > 0) {
            reasons.add(String.format(
                    Locale.ROOT,
                    "a spiral %.1f m long has to be braided without a break, most of it behind the head",
                    spiralMm / 1000));
        }
        if (upsideDown > 0) {
            reasons.add(rows(upsideDown) + " at the nape run upward and are braided upside down");
        }
        if (knotlessAtCrown > 0) {
            reasons.add(knotlessAtCrown
                    + (knotlessAtCrown == 1 ? " double-entry knot is" : " double-entry knots are")
                    + " tied behind the head, by feel");
        }
        if (back > 0) {
            reasons.add(rows(back) + " run down the back and are braided by mirror and feel");
        }
        if (plaits > 0) {
            reasons.add(plaits + (plaits == 1 ? " single" : " singles") + " with small bases");
        }
        if (small > 0) {
            reasons.add(rows(small) + " in front are narrower than a fingernail and a half");
        }
        strain += back * BY_FEEL
                + upsideDown * UPSIDE_DOWN
                + small * SMALL_ROW
                + plaits * INDIVIDUAL
                + knotlessAtCrown * KNOTLESS
                + spiralMm / MM_PER_DM * SPIRAL_PER_DM;
        Grade grade = strain >= HARD_FROM ? Grade.HARD : strain >= FAIR_FROM ? Grade.FAIR : Grade.EASY;
        return new SelfWork(grade, strain, reasons);
    }

    /** Whether a row starts at the nape and runs upward: on oneself it is braided with the hands over the head. */
    public static boolean isUpsideDown(Scalp scalp, Row row) {
        boolean startsAtNape = scalp.frontToNape(row.path().start()) > NAPE;
        return startsAtNape && row.path().end().z() - row.path().start().z() > SMALL_STRIP_MM;
    }

    private static String rows(int n) {
        return n == 1 ? "1 row" : n + " rows";
    }
}
