package gyrotaxis.core.quantity;

/**
 * A figure that knows what it measures, so that whoever writes it can choose the reader's unit.
 *
 * @param kind what it measures, and in which unit {@code value} is
 * @param value finite
 */
public record Quantity(Kind kind, double value) implements Sentence.Piece {

    /** What a figure measures; its unit is part of the name where it has one. */
    public enum Kind {
        LENGTH_MM,
        AREA_MM2,
        GRAMS,
        /** Weight on a length of row. */
        GRAMS_PER_CM,
        MINUTES,
        /** A part of a whole, in [0, 1] or more; said in per cent. */
        PART,
        /** A whole number of things. */
        COUNT,
        /** How many times as much. */
        TIMES
    }

    public Quantity {
        Require.finite(value, "value", "");
    }

    /** A length, mm. */
    public static Quantity mm(double mm) {
        return new Quantity(Kind.LENGTH_MM, mm);
    }

    /** An area, mm². */
    public static Quantity mm2(double mm2) {
        return new Quantity(Kind.AREA_MM2, mm2);
    }

    /** A weight, g. */
    public static Quantity grams(double grams) {
        return new Quantity(Kind.GRAMS, grams);
    }

    /** A weight on a row, g per cm. */
    public static Quantity gramsPerCm(double gramsPerCm) {
        return new Quantity(Kind.GRAMS_PER_CM, gramsPerCm);
    }

    /** A time, minutes. */
    public static Quantity minutes(double minutes) {
        return new Quantity(Kind.MINUTES, minutes);
    }

    /** A part of a whole; 0.5 is said as 50 %. */
    public static Quantity part(double part) {
        return new Quantity(Kind.PART, part);
    }

    /** So many. */
    public static Quantity count(long count) {
        return new Quantity(Kind.COUNT, count);
    }

    /** So many times as much. */
    public static Quantity times(double factor) {
        return new Quantity(Kind.TIMES, factor);
    }
}
