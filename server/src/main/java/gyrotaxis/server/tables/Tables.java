package gyrotaxis.server.tables;

import gyrotaxis.server.text.WrittenText;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Tables as CSV.
 *
 * <p>Written by RFC 4180 in UTF-8 with a byte order mark, by which spreadsheets know it. A cell that a spreadsheet would take for a
 * formula gets an apostrophe before it, which is taken away again when it is read. Read are commas, semicolons and tabs, any line ends, UTF-8
 * and UTF-16 with or without a mark, and else the Windows letters of western Europe.
 */
public final class Tables {
    /** What is larger is not a table of a studio. */
    public static final int MAX_BYTES = 10_000_000;

    /** The same in lines. */
    public static final int MAX_LINES = 50_000;

    /** The same in cells: each takes many times its room while it is read. */
    private static final int MAX_CELLS = 1_000_000;

    private static final char MARK = '\uFEFF';
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\\t\\r\\n].*", Pattern.DOTALL);
    private static final Pattern GUARDED = Pattern.compile("'+[=+\\-@\\t\\r\\n].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+([.,]\\d+)?");
    private static final CSVFormat WRITTEN =
            CSVFormat.RFC4180.builder().setRecordSeparator("\r\n").get();

    private Tables() {}

    /** What was read: a table, or what is wrong with it. */
    public record Read(Table table, List<Integer> lines, List<Fault> faults) {
        public Read {
            lines = List.copyOf(lines);
            faults = List.copyOf(faults);
        }
    }

    /** A table as a file. */
    public static byte[] write(Table table) {
        StringWriter out = new StringWriter();
        out.write(MARK);
        try (CSVPrinter printer = new CSVPrinter(out, WRITTEN)) {
            printer.printRecord(table.columns());
            for (List<String> row : table.rows()) {
                printer.printRecord(row.stream().map(Tables::guarded).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString().getBytes(StandardCharsets.UTF_8);
    }

    /**
     * A file as a table. Columns are known by their names, however they are written and in whatever order; others are left away.
     *
     * @param columns those that are looked for; all must be there
     * @return the table with just these, with the line of the file each row ends on, or an empty one and what is wrong
     */
    public static Read read(byte[] file, List<String> columns) {
        if (file.length > MAX_BYTES) {
            return wrong("A table may have at most " + MAX_BYTES / 1_000_000 + " MB.", columns);
        }
        String text = text(file);
        if (text.chars().anyMatch(c -> c == 0)) {
            return wrong("This is no table. Save it as CSV.", columns);
        }
        if (!WrittenText.isLines(text)) {
            return wrong(
                    "A cell holds a character that cannot be shown. Type it anew, and save the table again.", columns);
        }
        if (text.isBlank()) {
            return wrong("The file is empty.", columns);
        }
        if (text.chars().filter(c -> c == '"').count() % 2 != 0) {
            // The parser would look for its end from every line on.
            return wrong("A quotation mark is never closed. Save the table again.", columns);
        }
        if (text.chars().filter(c -> c == ',' || c == ';' || c == '\t').count() > MAX_CELLS) {
            return wrong("A table may have at most " + MAX_CELLS + " cells.", columns);
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            return read(parser, columns);
        } catch (IOException | IllegalArgumentException | IllegalStateException e) {
            return wrong("A cell is quoted and never closed, or more follows its closing quote.", columns);
        }
    }

    private static Read read(CSVParser parser, List<String> columns) throws IOException {
        List<Fault> faults = new ArrayList<>();
        List<List<String>> rows = new ArrayList<>();
        List<Integer> lines = new ArrayList<>();
        int[] at = new int[0];
        int width = 0;
        try {
            for (CSVRecord record : parser) {
                int line = (int) parser.getCurrentLineNumber();
                if (record.getRecordNumber() == 1) {
                    at = places(record, columns, faults);
                    width = record.size();
                    if (!faults.isEmpty()) {
                        break;
                    }
                } else if (rows.size() >= MAX_LINES) {
                    return wrong("A table may have at most " + MAX_LINES + " lines.", columns);
                } else if (record.size() > width) {
                    faults.add(new Fault(
                            line, "", "There are " + record.size() + " cells and only " + width + " columns."));
                } else {
                    List<String> row = new ArrayList<>();
                    for (int column : at) {
                        row.add(column < record.size() ? plain(record.get(column)) : "");
                    }
                    if (row.stream().anyMatch(c -> !c.isEmpty())) {
                        rows.add(row);
                        lines.add(line);
                    }
                }
            }
        } catch (UncheckedIOException e) {
            if (e.getCause() instanceof CSVException) {
                int line = (int) parser.getCurrentLineNumber();
                faults.add(
                        new Fault(line, "", "A cell is quoted and never closed, or more follows its closing quote."));
            } else {
                throw e;
            }
        }
        return faults.isEmpty()
                ? new Read(new Table(columns, rows), lines, faults)
                : new Read(new Table(columns, List.of()), List.of(), faults);
    }

    private static int[] places(CSVRecord names, List<String> columns, List<Fault> faults) {
        List<String> there = new ArrayList<>();
        names.forEach(n -> there.add(folded(n)));
        Set<String> once = new HashSet<>();
        for (String name : there) {
            if (!name.isEmpty() && !once.add(name)) {
                faults.add(new Fault(1, name, "There are two columns of this name."));
            }
        }
        int[] at = new int[columns.size()];
        for (int i = 0; i < at.length; i++) {
            at[i] = there.indexOf(folded(columns.get(i)));
            if (at[i] < 0) {
                faults.add(new Fault(
                        1,
                        columns.get(i),
                        "This column is missing. The first line names the columns: " + String.join(", ", columns)
                                + "."));
            }
        }
        return at;
    }

    private static String folded(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_]+", " ");
    }

    private static Read wrong(String reason, List<String> columns) {
        return new Read(new Table(columns, List.of()), List.of(), List.of(new Fault(0, "", reason)));
    }

    /** The mark that stands most often in the first line, outside of quotes. */
    private static char delimiter(String text) {
        int[] counts = new int[3];
        char[] marks = {',', ';', '\t'};
        boolean isQuoted = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"') {
                isQuoted = !isQuoted;
            } else if (!isQuoted && (c == '\n' || c == '\r')) {
                break;
            } else if (!isQuoted) {
                for (int k = 0; k < marks.length; k++) {
                    counts[k] += c == marks[k] ? 1 : 0;
                }
            }
        }
        return counts[1] > counts[0] && counts[1] >= counts[2] ? ';' : counts[2] > counts[0] ? '\t' : ',';
    }

    private static String text(byte[] file) {
        if (file.length >= 2 && (file[0] & 0xFF) == 0xFF && (file[1] & 0xFF) == 0xFE) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16LE);
        }
        if (file.length >= 2 && (file[0] & 0xFF) == 0xFE && (file[1] & 0xFF) == 0xFF) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16BE);
        }
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file))
                    .toString();
        } catch (CharacterCodingException e) {
            text = new String(file, Charset.forName("windows-1252"));
        }
        return !text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text;
    }

    private static String guarded(String cell) {
        return FORMULA.matcher(cell).matches() && !NUMBER.matcher(cell).matches() ? "'" + cell : cell;
    }

    private static String plain(String cell) {
        return GUARDED.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
