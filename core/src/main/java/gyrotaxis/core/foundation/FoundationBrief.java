package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.List;

/**
 * What is asked of a straight-back foundation.
 *
 * @param frontRows rows from the front hairline to the ear line, in {@link #FRONT_ROWS}
 * @param backRows rows from the ear line to the nape, from {@link #MIN_BACK_ROWS} to {@code frontRows}
 * @param earLineBehindMm how far behind the ear notch the ear line runs, mm, in {@link #EAR_LINE_MM}; negative is in front
 * @param parts the parts she will show, at most {@link #MOST_PARTS}, in the order they were asked for
 * @param flanks how the rows beside parts are braided
 */
public record FoundationBrief(
        int frontRows, int backRows, double earLineBehindMm, List<WearingPart> parts, FlankSchool flanks) {
    /** Fewer rows than 6 hold no full install; more than 20 are thinner than fingers can part. */
    public static final Interval FRONT_ROWS = new Interval(6, 20);

    /** One row behind could not be hooked on both sides. */
    public static final int MIN_BACK_ROWS = 2;

    /** More parts than these leave no rows between them. */
    public static final int MOST_PARTS = 5;

    /** From in front of the ear to well behind it. */
    public static final Interval EAR_LINE_MM = new Interval(-20, 30);

    public FoundationBrief {
        Require.inRange(frontRows, (int) FRONT_ROWS.min(), (int) FRONT_ROWS.max(), "frontRows", "");
        if (backRows < MIN_BACK_ROWS || backRows > frontRows) {
            throw new IllegalArgumentException("backRows is " + backRows + " but must be in [" + MIN_BACK_ROWS + ", "
                    + frontRows + "]: rows join at the ear line, they never divide");
        }
        Require.inRange(earLineBehindMm, EAR_LINE_MM.min(), EAR_LINE_MM.max(), "earLineBehindMm", "mm");
        parts = List.copyOf(parts);
        Require.inRange(parts.size(), 0, MOST_PARTS, "parts", "");
    }

    /** A foundation without wearing parts. */
    public static FoundationBrief of(int frontRows, int backRows, double earLineBehindMm) {
        return new FoundationBrief(frontRows, backRows, earLineBehindMm, List.of(), FlankSchool.FINE_ROWS);
    }

    /** The same with another number of front rows; back rows are kept as far as they still fit. */
    public FoundationBrief withFrontRows(int rows) {
        return new FoundationBrief(rows, Math.min(backRows, rows), earLineBehindMm, parts, flanks);
    }

    /** The same with another number of rows behind. */
    public FoundationBrief withBackRows(int rows) {
        return new FoundationBrief(frontRows, rows, earLineBehindMm, parts, flanks);
    }

    /** The same with other parts. */
    public FoundationBrief withParts(List<WearingPart> other, FlankSchool school) {
        return new FoundationBrief(frontRows, backRows, earLineBehindMm, other, school);
    }
}
