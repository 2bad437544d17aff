package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

/**
 * What is asked of a straight-back foundation.
 *
 * @param frontRows rows from the front hairline to the ear line, in {@link #FRONT_ROWS}
 * @param backRows rows from the ear line to the nape, from {@link #MIN_BACK_ROWS} to {@code frontRows}
 * @param earLineBehindMm how far behind the ear notch the ear line runs, mm, in {@link #EAR_LINE_MM}; negative is in front
 */
public record FoundationBrief(int frontRows, int backRows, double earLineBehindMm) {
    /** Fewer rows than 6 hold no full install; more than 20 are thinner than fingers can part. */
    public static final Interval FRONT_ROWS = new Interval(6, 20);

    /** One row behind could not be hooked on both sides. */
    public static final int MIN_BACK_ROWS = 2;

    /** From in front of the ear to well behind it. */
    public static final Interval EAR_LINE_MM = new Interval(-20, 30);

    public FoundationBrief {
        Require.inRange(frontRows, (int) FRONT_ROWS.min(), (int) FRONT_ROWS.max(), "frontRows", "");
        if (backRows < MIN_BACK_ROWS || backRows > frontRows) {
            throw new IllegalArgumentException("backRows is " + backRows + " but must be in [" + MIN_BACK_ROWS + ", "
                    + frontRows + "]: rows join at the ear line, they never divide");
        }
        Require.inRange(earLineBehindMm, EAR_LINE_MM.min(), EAR_LINE_MM.max(), "earLineBehindMm", "mm");
    }

    /** The same with another number of front rows; back rows are kept as far as they still fit. */
    public FoundationBrief withFrontRows(int rows) {
        return new FoundationBrief(rows, Math.min(backRows, rows), earLineBehindMm);
    }
}
