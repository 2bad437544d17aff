package gyrotaxis.core.row;

import gyrotaxis.core.quantity.Require;
import java.util.Comparator;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names one row in a foundation.
 *
 * @param section where it lies
 * @param number from 1: from the client's left, or in the order of braiding where rows lie level
 * @param piece from 1; greater where a region cut the row and this is what goes on behind it
 */
public record RowId(Section section, int number, int piece) implements Comparable<RowId> {
    /** More rows of one section than these have no place on a head. */
    public static final int MAX = 99;

    private static final Comparator<RowId> ORDER =
            Comparator.comparing(RowId::section).thenComparingInt(RowId::number).thenComparingInt(RowId::piece);
    private static final Pattern FORM = Pattern.compile("([A-Z])(\\d{1,2})(?:\\.(\\d{1,4}))?");

    public RowId {
        Require.inRange(number, 1, MAX, "number", "");
        Require.atLeast(1, piece, "piece", "");
    }

    /** A row that no region cut. */
    public RowId(Section section, int number) {
        this(section, number, 1);
    }

    /** The id that {@link #toString} wrote; empty if it is none. */
    public static Optional<RowId> parse(String text) {
        Matcher m = FORM.matcher(text);
        if (!m.matches() || m.group(2).equals("0") || m.group(2).equals("00")) {
            return Optional.empty();
        }
        int piece = m.group(3) == null ? 1 : Integer.parseInt(m.group(3));
        for (Section s : Section.values()) {
            if (s.letter().equals(m.group(1)) && piece > 0) {
                return Optional.of(new RowId(s, Integer.parseInt(m.group(2)), piece));
            }
        }
        return Optional.empty();
    }

    /** Whether the row starts at the edge in front: what lies behind a region that cuts it does not. */
    public boolean startsInFront() {
        return section == Section.FRONT && piece == 1;
    }

    /** Short form, unique in a foundation: F3, L1, F3.2. */
    @Override
    public String toString() {
        return section.letter() + number + (piece == 1 ? "" : "." + piece);
    }

    /** What a stylist calls it: front row 3. */
    public String words() {
        return section.words() + " " + number + (piece == 1 ? "" : ", piece " + piece);
    }

    @Override
    public int compareTo(RowId o) {
        return ORDER.compare(this, o);
    }
}
