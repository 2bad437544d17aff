package gyrotaxis.server.tables;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.tables.Tables.Read;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.h2.tools.Csv;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is written is read again, by others too, and what others write is read. */
class TablesTest {
    private static final List<String> COLUMNS = List.of("hair", "colour", "amount");
    private static final String LETTERS = "ab =+-@'\",;\t\n\rÄøЊ字😀.1";

    private static Table random(Random random) {
        List<List<String>> rows = new ArrayList<>();
        int n = random.nextInt(8);
        for (int i = 0; i < n; i++) {
            List<String> row = new ArrayList<>();
            // Lines without anything in them are no rows.
            row.add("x" + text(random));
            row.add(text(random));
            row.add(text(random));
            rows.add(row);
        }
        return new Table(COLUMNS, rows);
    }

    private static String text(Random random) {
        int[] points = LETTERS.codePoints().toArray();
        StringBuilder text = new StringBuilder();
        int n = random.nextInt(7);
        for (int i = 0; i < n; i++) {
            text.appendCodePoint(points[random.nextInt(points.length)]);
        }
        return text.toString();
    }

    @Test
    void whateverIsWrittenIsReadAgain() {
        Random random = new Random(20);
        for (int i = 0; i < 2_000; i++) {
            Table table = random(random);
            Read read = Tables.read(Tables.write(table), COLUMNS);
            assertThat(read.faults()).isEmpty();
            assertThat(read.table()).isEqualTo(table);
        }
    }

    /** The database's own reader, which knows nothing of ours; a guarded cell it reads with its guard. */
    @Test
    void othersReadIt() throws IOException, SQLException {
        Table table = new Table(
                COLUMNS,
                List.of(
                        List.of("Tidal \"Deep\", long", "ink; blue", "12.5"),
                        List.of("two\nlines", "Øre-字", "-3"),
                        List.of("=1+1", "@home", "+4")));
        byte[] file = Tables.write(table);
        assertThat(new String(file, StandardCharsets.UTF_8)).startsWith("\uFEFFhair,colour,amount\r\n");
        try (InputStreamReader in = new InputStreamReader(
                        new java.io.ByteArrayInputStream(file, 3, file.length - 3), StandardCharsets.UTF_8);
                ResultSet rows = new Csv().read(in, null)) {
            List<List<String>> read = new ArrayList<>();
            while (rows.next()) {
                read.add(List.of(rows.getString(1), rows.getString(2), rows.getString(3)));
            }
            assertThat(read)
                    .containsExactly(table.rows().get(0), table.rows().get(1), List.of("'=1+1", "'@home", "+4"));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252"})
    void lettersAreReadHoweverTheyWereWritten(String charset) {
        String mark = charset.startsWith("UTF-16") ? "\uFEFF" : "";
        byte[] file = (mark + "hair;colour;amount\nGrünspan;Ärmel;3,5\n").getBytes(Charset.forName(charset));
        assertThat(Tables.read(file, COLUMNS).table().rows()).containsExactly(List.of("Grünspan", "Ärmel", "3,5"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"\n", "\r\n", "\r"})
    void linesEndAnyWayAndColumnsComeInAnyOrder(String end) {
        String file = String.join(
                end, "Amount\tnote\tHAIR\t Colour ", "2\tx\tSlack Water\tink", "", "\t\t\t", "3\t\tSilk\trust");
        Read read = Tables.read(file.getBytes(StandardCharsets.UTF_8), COLUMNS);
        assertThat(read.table().rows())
                .containsExactly(List.of("Slack Water", "ink", "2"), List.of("Silk", "rust", "3"));
    }

    @Test
    void whatIsNoTableIsSaidInASentence() {
        assertThat(fault("")).contains("empty");
        assertThat(fault("hair,colour\n")).contains("amount").contains("missing");
        assertThat(fault("hair,colour,amount,hair\n")).contains("two columns");
        assertThat(fault("hair,colour,amount\na,b,1,2\n")).contains("4 cells");
        assertThat(fault("hair,colour,amount\n\"a,b,1\n")).contains("never closed");
        // Once the parser looked for the end of it from every line on.
        assertThat(fault("hair,colour,amount\n\"" + "a,b,1\n".repeat(200_000))).contains("never closed");
        assertThat(fault("hair,colour,amount\na\u202Eb,c,1\n")).contains("cannot be shown");
        assertThat(fault("PK\u0003\u0004\u0000\u0000")).contains("no table");
        assertThat(Tables.read(new byte[Tables.MAX_BYTES + 1], COLUMNS)
                        .faults()
                        .get(0)
                        .reason())
                .contains("at most 10 MB");
        String many = "hair,colour,amount\n" + "a,b,1\n".repeat(Tables.MAX_LINES + 1);
        assertThat(fault(many)).contains("at most 50000 lines");
    }

    private static String fault(String file) {
        Read read = Tables.read(file.getBytes(StandardCharsets.UTF_8), COLUMNS);
        assertThat(read.table().rows()).isEmpty();
        return read.faults().get(0).column() + " " + read.faults().get(0).reason();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12|12",
                "12.5|12.5",
                "12,5|12.5",
                "1.250,5|1250.5",
                "1,250.5|1250.5",
                "1 250,5|1250.5",
                "1'250|1250",
                "1.250.000|1250000",
                "-3|-3",
                "+4|4",
                "' 7 '|7"
            })
    void numbersAreReadAsTheyAreWritten(String said, double number) {
        List<Fault> faults = new ArrayList<>();
        Table table = new Table(COLUMNS, List.of(List.of("", "", said)));
        assertThat(new Cells(table, table.rows().get(0), 2, faults).number("amount"))
                .isEqualTo(OptionalDouble.of(number));
        assertThat(faults).isEmpty();
    }

    /** A pack of 24.6 loops is a slip, not a pack of 25. */
    @Test
    void wholeNumbersAreNotRounded() {
        List<Fault> faults = new ArrayList<>();
        Table table = new Table(COLUMNS, List.of(List.of("24,0", "24,6", "99999999999")));
        Cells cells = new Cells(table, table.rows().get(0), 3, faults);
        assertThat(cells.whole("hair")).hasValue(24);
        assertThat(cells.whole("colour")).isEmpty();
        assertThat(cells.whole("amount")).isEmpty();
        assertThat(faults).extracting(Fault::reason).isNotEmpty().allMatch(r -> r.endsWith("is no whole number."));
    }

    @ParameterizedTest
    @ValueSource(strings = {"a dozen", "12 packs", "1..2", "--3", "1e400", "NaN", "12-10-2026"})
    void whatIsNoNumberIsToldWithItsLine(String said) {
        List<Fault> faults = new ArrayList<>();
        Table table = new Table(COLUMNS, List.of(List.of("", "", said)));
        assertThat(new Cells(table, table.rows().get(0), 7, faults).number("amount"))
                .isEmpty();
        assertThat(faults).containsExactly(new Fault(7, "amount", "“" + said + "” is no number."));
    }
}
