package gyrotaxis.server.tables;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The cells of one row by the names of their columns, and what is wrong in them. */
public final class Cells {
    /** The whole part of a number: its thousands are set apart by one mark or by none. */
    private static final Pattern WHOLE = Pattern.compile("[+-]?(\\d+|\\d{1,3}(\\.\\d{3})+|\\d{1,3}(,\\d{3})+)");

    private static final Pattern DIGITS = Pattern.compile("\\d+");

    /** What stands between thousands, other than points and commas. */
    private static final Pattern SPACED = Pattern.compile("(?<=\\d)[ \\u00A0\\u202F'’](?=\\d{3})");

    private final Table table;
    private final List<String> row;
    private final int line;
    private final List<Fault> faults;

    /**
     * A row that is looked at.
     *
     * @param line of the file
     * @param faults where what is wrong is put
     */
    public Cells(Table table, List<String> row, int line, List<Fault> faults) {
        this.table = table;
        this.row = row;
        this.line = line;
        this.faults = faults;
    }

    /** What stands in a column, without the spaces about it. */
    public String text(String column) {
        return row.get(table.columns().indexOf(column)).strip();
    }

    /**
     * A number, with a decimal point or comma, and with or without marks between thousands; empty where none stands.
     *
     * <p>Where point and comma both stand, the later one is decimal; where one of them stands twice, neither is. One that stands alone
     * is decimal: a studio has no thousands of anything.
     */
    public OptionalDouble number(String column) {
        String said = text(column);
        if (said.isEmpty()) {
            return OptionalDouble.empty();
        }
        String plain = SPACED.matcher(said).replaceAll("");
        int point = plain.lastIndexOf('.');
        int comma = plain.lastIndexOf(',');
        int decimal = Math.max(point, comma);
        boolean isDecimal =
                decimal >= 0 && (Math.min(point, comma) >= 0 || plain.indexOf(plain.charAt(decimal)) == decimal);
        String whole = isDecimal ? plain.substring(0, decimal) : plain;
        String rest = isDecimal ? plain.substring(decimal + 1) : "0";
        if (!WHOLE.matcher(whole).matches() || !DIGITS.matcher(rest).matches()) {
            wrong(column, "“" + said + "” is no number.");
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Double.parseDouble(whole.replaceAll("[.,]", "") + "." + rest));
    }

    /** The same of what is counted in whole ones. */
    public OptionalInt whole(String column) {
        OptionalDouble said = number(column);
        if (said.isEmpty()) {
            return OptionalInt.empty();
        }
        double number = said.getAsDouble();
        if (number != Math.rint(number) || Math.abs(number) > Integer.MAX_VALUE) {
            wrong(column, "“" + text(column) + "” is no whole number.");
            return OptionalInt.empty();
        }
        return OptionalInt.of((int) number);
    }

    /** One of some words, however it is capitalised; where none of them stands that is noted. */
    public <T> Optional<T> oneOf(String column, List<T> all, Function<T, String> words) {
        String said = text(column).toLowerCase(Locale.ROOT);
        Optional<T> found = all.stream()
                .filter(t -> words.apply(t).toLowerCase(Locale.ROOT).equals(said))
                .findFirst();
        if (found.isEmpty()) {
            wrong(
                    column,
                    "“" + text(column) + "” is none of: "
                            + all.stream().map(words).collect(Collectors.joining(", ")) + ".");
        }
        return found;
    }

    /** Notes what is wrong with a column. */
    public void wrong(String column, String reason) {
        faults.add(new Fault(line, column, reason));
    }

    /** The line of the file that is looked at. */
    public int line() {
        return line;
    }
}
