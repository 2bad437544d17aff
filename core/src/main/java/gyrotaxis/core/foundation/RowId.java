package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Require;

/**
 * Names one row in a foundation: its section and its number from the client's left.
 *
 * @param section where it lies
 * @param number from 1
 */
public record RowId(Section section, int number) implements Comparable<RowId> {
    public RowId {
        Require.inRange(number, 1, 99, "number", "");
    }

    /** Short form, unique in a foundation: F3, B1. */
    @Override
    public String toString() {
        return String.valueOf(section.letter()) + number;
    }

    /** What a stylist calls it: front row 3. */
    public String words() {
        return section.words() + " row " + number;
    }

    @Override
    public int compareTo(RowId o) {
        int bySection = section.compareTo(o.section);
        return bySection != 0 ? bySection : Integer.compare(number, o.number);
    }
}
