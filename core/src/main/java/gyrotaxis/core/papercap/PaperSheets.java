package gyrotaxis.core.papercap;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.papercap.PaperCap.Piece;
import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The pieces of a cap laid out on sheets at their true size.
 *
 * <p>Method: one beside the other in their order, each as it is or turned upside down, whichever lies closer, until a sheet is full.
 * Pieces keep {@link #APART_MM} from each other, sheets a margin. Cost: linear in pieces.
 *
 * @param size of the sheets
 * @param sheets what lies on each
 */
public record PaperSheets(PaperSize size, List<List<Laid>> sheets) {
    /** No printer prints nearer to the edge than this, mm. ASSUMPTION. */
    public static final double MARGIN_MM = 10;

    /** Above the pieces there is room for what the sheet is, and for the line that checks the printer, mm. */
    public static final double HEAD_MM = 24;

    private static final double APART_MM = 3;
    private static final double LINE_MM = 1;

    /**
     * A piece on a sheet.
     *
     * @param at where its tip lies, mm from the sheet's upper left corner, y downward
     * @param isTurned whether it lies upside down, its hairline above
     */
    public record Laid(Piece piece, Vec2 at, boolean isTurned) {
        /** Where a point of the piece lies on the sheet, mm from its upper left corner, y downward. */
        public Vec2 onSheet(Vec2 p) {
            return isTurned ? new Vec2(at.x() - p.x(), at.y() + p.y()) : new Vec2(at.x() + p.x(), at.y() - p.y());
        }
    }

    public PaperSheets {
        sheets = sheets.stream().map(List::copyOf).toList();
    }

    /**
     * Lays a cap out.
     *
     * @throws IllegalArgumentException if a piece is longer than {@link #longestMm}
     */
    public static PaperSheets of(PaperCap cap, PaperSize size) {
        double high = longestMm(size);
        Require.inRange(cap.longMm(), 0, high, "length of a piece", "mm");
        List<List<Laid>> sheets = new ArrayList<>();
        List<Laid> sheet = new ArrayList<>();
        double[] taken = empty(high);
        for (Piece piece : cap.gores()) {
            Laid next = closest(piece, taken, high);
            if (rightOf(next) > size.widthMm() - MARGIN_MM && !sheet.isEmpty()) {
                sheets.add(sheet);
                sheet = new ArrayList<>();
                taken = empty(high);
                next = closest(piece, taken, high);
            }
            sheet.add(next);
            take(taken, next);
        }
        sheets.add(sheet);
        return new PaperSheets(size, sheets);
    }

    /** How long a piece may be to lie on such a sheet, mm; more pieces are narrower, none is shorter. */
    public static double longestMm(PaperSize size) {
        return size.heightMm() - 2 * MARGIN_MM - HEAD_MM;
    }

    private static double[] empty(double high) {
        double[] taken = new double[(int) Math.ceil(high / LINE_MM) + 1];
        Arrays.fill(taken, MARGIN_MM - APART_MM);
        return taken;
    }

    private static Laid closest(Piece piece, double[] taken, double high) {
        Laid plain = placed(piece, false, taken, high);
        Laid turned = placed(piece, true, taken, high);
        return rightOf(turned) < rightOf(plain) ? turned : plain;
    }

    private static Laid placed(Piece piece, boolean isTurned, double[] taken, double high) {
        double low = piece.rim().stream().mapToDouble(Vec2::y).min().orElseThrow();
        double above = MARGIN_MM + HEAD_MM + (high - piece.longMm()) / 2;
        double y = isTurned ? above - low : above + low + piece.longMm();
        Laid at = new Laid(piece, new Vec2(0, y), isTurned);
        double x = Double.NEGATIVE_INFINITY;
        double[][] span = spans(at, taken.length);
        for (int i = 0; i < taken.length; i++) {
            if (span[0][i] <= span[1][i]) {
                x = Math.max(x, taken[i] + APART_MM - span[0][i]);
            }
        }
        return new Laid(piece, new Vec2(x, y), isTurned);
    }

    private static void take(double[] taken, Laid laid) {
        double[][] span = spans(laid, taken.length);
        for (int i = 0; i < taken.length; i++) {
            if (span[0][i] <= span[1][i]) {
                taken[i] = Math.max(taken[i], span[1][i]);
            }
        }
    }

    private static double rightOf(Laid laid) {
        return laid.piece().rim().stream()
                .mapToDouble(p -> laid.onSheet(p).x())
                .max()
                .orElseThrow();
    }

    /** From where to where a piece reaches in each line of the sheet and as far above and below it as pieces keep apart; the first beyond the second where it does not. */
    private static double[][] spans(Laid laid, int lines) {
        double[] from = new double[lines];
        double[] to = new double[lines];
        Arrays.fill(from, Double.POSITIVE_INFINITY);
        Arrays.fill(to, Double.NEGATIVE_INFINITY);
        List<Vec2> rim = laid.piece().rim();
        double top = MARGIN_MM + HEAD_MM;
        for (int i = 0; i < rim.size(); i++) {
            Vec2 a = laid.onSheet(rim.get(i));
            Vec2 b = laid.onSheet(rim.get((i + 1) % rim.size()));
            int steps = 1 + (int) Math.ceil(a.distance(b) / LINE_MM * 2);
            for (int j = 0; j <= steps; j++) {
                Vec2 p = a.lerp(b, (double) j / steps);
                int line = (int) Math.floor((p.y() - top) / LINE_MM);
                for (int k = Math.max(0, line - (int) APART_MM); k <= Math.min(lines - 1, line + (int) APART_MM); k++) {
                    from[k] = Math.min(from[k], p.x());
                    to[k] = Math.max(to[k], p.x());
                }
            }
        }
        return new double[][] {from, to};
    }
}
