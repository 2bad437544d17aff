package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Vec3;
import java.util.ArrayList;
import java.util.List;

/**
 * The scalp between two neighbouring front rows: a candidate for a part.
 *
 * @param left the row on the client's left of it
 * @param right the row on her right
 * @param openMm how far a part can run in it before the rows meet, mm
 * @param narrowestMm clear scalp between the plaits where it is narrowest over that length, mm; 0 if they touch
 * @param meanMm clear scalp on average, mm
 */
public record PartGap(RowId left, RowId right, double openMm, double narrowestMm, double meanMm) {
    /** The first and last part of the open length tell nothing: the plaits begin and end there. */
    private static final double MARGIN = 0.08;

    /** The gaps of a section's rows, from the client's left to her right. */
    static List<PartGap> between(List<Row> rows) {
        List<PartGap> gaps = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            gaps.add(between(rows.get(i - 1), rows.get(i)));
        }
        return List.copyOf(gaps);
    }

    /** Rows of one section run in step, so points of the same number lie opposite each other. */
    private static PartGap between(Row left, Row right) {
        List<Vec3> l = left.path().space();
        List<Vec3> r = right.path().space();
        int last = l.size() - 1;
        int open = left.joins().equals(right.joins()) ? (int) Math.round(last * StraightBack.BEND_FROM) : last;
        double half = (left.braidWidthMm() + right.braidWidthMm()) / 2;
        double length = 0;
        double least = Double.POSITIVE_INFINITY;
        double sum = 0;
        int counted = 0;
        for (int k = 1; k <= open; k++) {
            length += l.get(k).lerp(r.get(k), 0.5).distance(l.get(k - 1).lerp(r.get(k - 1), 0.5));
            if (k >= MARGIN * open && k <= (1 - MARGIN) * open) {
                double clear = Math.max(0, l.get(k).distance(r.get(k)) - half);
                least = Math.min(least, clear);
                sum += clear;
                counted++;
            }
        }
        return new PartGap(left.id(), right.id(), length, least, sum / counted);
    }
}
