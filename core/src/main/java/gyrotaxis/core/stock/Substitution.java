package gyrotaxis.core.stock;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Tint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Hair that can stand in for a colour that cannot be had.
 *
 * @param colour one of the line's
 * @param off how different it looks, as {@link Tint#from} says
 * @param isSameLine whether it is the same line in another colour
 * @param loops new loops that are on the shelf
 */
public record Substitution(LineId line, String colour, double off, boolean isSameLine, int loops) {
    /** A line that is longer or shorter by more than this falls otherwise. ASSUMPTION. */
    private static final double LENGTH_MM = 60;

    /** What another line costs against a difference in colour: it curls otherwise. ASSUMPTION. */
    private static final double OTHER_LINE = 12;

    /**
     * What looks most like a colour of a line, the best first, at most so many: other colours of the line, and colours of lines of the same
     * texture and about the same length.
     *
     * @return empty if no word of the colour's name is known
     */
    public static List<Substitution> of(Sold wanted, String colour, List<Sold> all, Stock stock, int most) {
        Tint tint = Tint.of(colour).orElse(null);
        if (tint == null) {
            return List.of();
        }
        List<Substitution> some = new ArrayList<>();
        for (Sold s : all) {
            boolean isSame = s.id().equals(wanted.id());
            if (!isSame && !isAlike(s.line(), wanted.line())) {
                continue;
            }
            for (String c : s.line().colours()) {
                if (!(isSame && c.equals(colour))) {
                    Tint.of(c)
                            .ifPresent(t -> some.add(new Substitution(s.id(), c, t.from(tint), isSame, (int)
                                    (stock.newParts(s.id(), c) / StockItem.PARTS))));
                }
            }
        }
        some.sort(Comparator.comparingDouble((Substitution i) -> i.off + (i.isSameLine ? 0 : OTHER_LINE))
                .thenComparing(Substitution::colour));
        return some.stream().limit(most).toList();
    }

    private static boolean isAlike(HairLine a, HairLine b) {
        return a.texture() == b.texture() && Math.abs(a.lengthMm() - b.lengthMm()) <= LENGTH_MM;
    }
}
