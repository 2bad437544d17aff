package gyrotaxis.server.shared;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.text.WrittenText;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Checks the fields of one request and gathers all that is wrong, so that a form can show everything at once.
 *
 * <p>Each check returns a usable value even after a problem, so that the checks can go on; {@link #orRefuse} then throws.
 */
public final class Fields {
    private static final double MM_PER_CM = 10;

    /** What a book keeps, and what it plans. */
    private static final int YEARS_BACK = 30;

    private static final int YEARS_AHEAD = 3;

    private final List<FieldProblem> problems = new ArrayList<>();

    /** A length in mm within limits. */
    public double lengthMm(String field, String words, @Nullable Double value, Interval limits) {
        if (value == null || !limits.contains(value)) {
            add(field, words + between(limits.min() / MM_PER_CM, limits.max() / MM_PER_CM, " cm"), limits, "mm");
            return limits.middle();
        }
        return value;
    }

    /** A number within limits. */
    public double number(String field, String words, @Nullable Double value, Interval limits) {
        if (value == null || !limits.contains(value)) {
            add(field, words + between(limits.min(), limits.max(), ""), limits, "");
            return limits.middle();
        }
        return value;
    }

    /** A whole number within limits. */
    public int whole(String field, String words, @Nullable Integer value, Interval limits) {
        return (int) number(field, words, value == null ? null : (double) value, limits);
    }

    /** A name: one line of 1 to {@code longest} characters, stripped. */
    public String text(String field, String words, @Nullable String value, int longest) {
        if (value == null || value.isBlank()) {
            problem(field, words + " is missing.");
            return "";
        }
        return textOrEmpty(field, words, value, longest);
    }

    /** A name that may be left away: one line of up to {@code longest} characters, stripped; absent counts as empty. */
    public String textOrEmpty(String field, String words, @Nullable String value, int longest) {
        return written(field, words, value, longest, WrittenText::isLine);
    }

    /** Writing of up to {@code longest} characters in lines, stripped; absent counts as empty. */
    public String lines(String field, String words, @Nullable String value, int longest) {
        return written(field, words, value, longest, WrittenText::isLines);
    }

    /** Characters that no paper can show and no drawing may hold are refused, wherever they came from. */
    private String written(String field, String words, @Nullable String value, int longest, Predicate<String> isFit) {
        String stripped = value == null ? "" : value.strip();
        if (stripped.length() > longest) {
            problem(field, words + " may have at most " + longest + " characters; this has " + stripped.length() + ".");
            return "";
        }
        if (!isFit.test(stripped)) {
            problem(field, words + " holds a character that cannot be shown. Type it anew.");
            return "";
        }
        return stripped;
    }

    /** A value that must be there. */
    public <T> T present(String field, String words, @Nullable T value, T standIn) {
        if (value == null) {
            problem(field, words + " is missing.");
            return standIn;
        }
        return value;
    }

    /** A day that a book can mean: some years back, and a few ahead. */
    public LocalDate day(String field, String words, @Nullable LocalDate value, LocalDate today) {
        if (value == null) {
            problem(field, words + " is missing.");
            return today;
        }
        if (value.isBefore(today.minusYears(YEARS_BACK)) || value.isAfter(today.plusYears(YEARS_AHEAD))) {
            problem(
                    field,
                    words + " would be in the year " + value.getYear() + "; the book goes from "
                            + today.minusYears(YEARS_BACK).getYear() + " to "
                            + today.plusYears(YEARS_AHEAD).getYear() + ".");
            return today;
        }
        return value;
    }

    /** A currency by its three letters. */
    public Currency currency(String field, @Nullable String code) {
        try {
            return Currency.getInstance(code == null ? "" : code.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            problem(field, "No currency has the letters \"" + code + "\"; EUR or GBP, say.");
            return Currency.getInstance("EUR");
        }
    }

    /** An id; null after a problem. */
    public @Nullable UUID id(String field, String words, @Nullable String value) {
        try {
            return UUID.fromString(value == null ? "" : value);
        } catch (IllegalArgumentException e) {
            problem(field, words + " is not chosen.");
            return null;
        }
    }

    /** An id that may be left away. */
    public Optional<UUID> idIfAny(String field, String words, @Nullable String value) {
        return value == null || value.isEmpty() ? Optional.empty() : Optional.ofNullable(id(field, words, value));
    }

    /** What was given, or what is usual. */
    public static <T> T or(@Nullable T given, @Nullable T usual) {
        return given != null ? given : Objects.requireNonNull(usual, "usual");
    }

    /** Notes a problem that only the caller can see. */
    public void problem(String field, String message) {
        problems.add(FieldProblem.of(field, message));
    }

    /**
     * What {@code made} makes of the checked values.
     *
     * @throws FieldProblems if anything was wrong
     */
    public <T> T orRefuse(Supplier<T> made) {
        if (!problems.isEmpty()) {
            throw new FieldProblems(problems);
        }
        return made.get();
    }

    private void add(String field, String message, Interval limits, String unit) {
        problems.add(new FieldProblem(field, message, limits.min(), limits.max(), unit, List.of()));
    }

    private static String between(double min, double max, String unit) {
        return " must be between " + say(min) + " and " + say(max) + unit + ".";
    }

    private static String say(double v) {
        return v == Math.rint(v) ? String.valueOf((long) v) : String.valueOf(v);
    }
}
