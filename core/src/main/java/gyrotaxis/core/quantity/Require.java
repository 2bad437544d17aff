package gyrotaxis.core.quantity;

import java.util.Collection;
import java.util.Locale;

/**
 * Argument checks whose messages everyone shares: name, value with unit, allowed range.
 *
 * <p>NaN and infinities fail every check. All methods return the checked value.
 */
public final class Require {
    private Require() {}

    /**
     * A finite number in a closed interval.
     *
     * @throws IllegalArgumentException if {@code value} is NaN or outside {@code [min, max]}
     */
    public static double inRange(double value, double min, double max, String name, String unit) {
        if (!(value >= min && value <= max)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "%s is %s but must be in [%s, %s]", name, say(value, unit), num(min), say(max, unit)));
        }
        return value;
    }

    /**
     * A whole number in a closed interval.
     *
     * @throws IllegalArgumentException if {@code value} is outside {@code [min, max]}
     */
    public static int inRange(int value, int min, int max, String name, String unit) {
        inRange((double) value, min, max, name, unit);
        return value;
    }

    /**
     * A finite number that is at least {@code min}.
     *
     * @throws IllegalArgumentException if {@code value} is NaN, infinite or below {@code min}
     */
    public static double atLeast(double min, double value, String name, String unit) {
        if (!(value >= min && value < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "%s is %s but must be at least %s", name, say(value, unit), say(min, unit)));
        }
        return value;
    }

    /**
     * A finite number.
     *
     * @throws IllegalArgumentException if {@code value} is NaN or infinite
     */
    public static double finite(double value, String name, String unit) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(name + " is " + say(value, unit) + " but must be a finite number");
        }
        return value;
    }

    /**
     * A text that holds something to read, stripped of surrounding blanks.
     *
     * @throws IllegalArgumentException if {@code text} is blank or longer than {@code maxLength} characters
     */
    public static String text(String text, int maxLength, String name) {
        String stripped = text.strip();
        if (stripped.isEmpty()) {
            throw new IllegalArgumentException(name + " is empty but must say something");
        }
        if (stripped.length() > maxLength) {
            throw new IllegalArgumentException(
                    name + " has " + stripped.length() + " characters but may have at most " + maxLength);
        }
        return stripped;
    }

    /**
     * A collection with at least one element.
     *
     * @throws IllegalArgumentException if {@code collection} is empty
     */
    public static <C extends Collection<?>> C notEmpty(C collection, String name) {
        if (collection.isEmpty()) {
            throw new IllegalArgumentException(name + " is empty but must have at least 1 element");
        }
        return collection;
    }

    private static String say(double value, String unit) {
        return unit.isEmpty() ? num(value) : num(value) + " " + unit;
    }

    private static String num(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? String.format(Locale.ROOT, "%d", (long) value)
                : String.format(Locale.ROOT, "%s", value);
    }
}
