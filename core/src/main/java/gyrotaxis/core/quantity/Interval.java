package gyrotaxis.core.quantity;

/**
 * A closed interval of real numbers, in whatever unit its owner says.
 *
 * @param min lower end, finite, included
 * @param max upper end, finite, included, at least {@code min}
 */
public record Interval(double min, double max) {
    public Interval {
        Require.finite(min, "min", "");
        Require.finite(max, "max", "");
        Require.atLeast(min, max, "max", "");
    }

    /** Whether {@code value} lies in the interval; false for NaN. */
    public boolean contains(double value) {
        return value >= min && value <= max;
    }

    /** The nearest number that lies in the interval. */
    public double clamp(double value) {
        return Math.max(min, Math.min(max, value));
    }

    /** The number halfway between the ends. */
    public double middle() {
        return (min + max) / 2;
    }

    /** Half of the interval's length, at least 0. */
    public double halfLength() {
        return (max - min) / 2;
    }

    /** The value at a fraction of the way from {@code min} (0) to {@code max} (1). */
    public double at(double fraction) {
        return min + (max - min) * fraction;
    }
}
