package gyrotaxis.server.backup;

import gyrotaxis.server.backup.Manifest.Part;
import gyrotaxis.server.storage.Migrations;
import gyrotaxis.server.storage.OpenDatabase;
import gyrotaxis.server.text.WrittenText;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.SQLDialect;
import org.jooq.Table;
import org.jooq.exception.DataAccessException;
import org.jooq.exception.DataTypeException;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Makes a database of a book's file.
 *
 * <p>The tables are first laid out in the form that they had when the file was made, and brought to today's once they are full: the same
 * way that a database goes which was never put into a file. So a file of any age is read by steps that were tried when they were new.
 */
final class Restore {
    private final BookFile book;
    private final Progress progress;
    private final UnaryOperator<Object> values;
    private int takenOut;

    Restore(BookFile book, Progress progress) {
        this(book, progress, UnaryOperator.identity());
    }

    /** @param values what each value becomes on its way into its column; it keeps its type */
    Restore(BookFile book, Progress progress, UnaryOperator<Object> values) {
        this.book = book;
        this.progress = progress;
        this.values = values;
    }

    /**
     * Fills a database that is not there yet.
     *
     * @param url where, for H2
     * @throws BookUnread if the file is newer than this version, or holds what no book can hold
     */
    void into(String url, String password) throws IOException {
        Manifest m = book.manifest();
        int newest = Migrations.newest();
        if (m.schema() < 1 || m.schema() > newest) {
            throw new BookUnread("This book is of a newer version than this one (form " + m.schema()
                    + "; this one knows " + newest + "). Use that version.");
        }
        try (OpenDatabase database = OpenDatabase.at(url, password)) {
            Connection open = database.connection();
            Migrations.flyway(url, password)
                    .target(String.valueOf(m.schema()))
                    .load()
                    .migrate();
            fill(DSL.using(open, SQLDialect.H2), open);
            progress.begin(Progress.Stage.CLOSING, 2);
            if (m.schema() < newest) {
                Migrations.flyway(url, password).load().migrate();
            }
            progress.step(1);
            database.finish();
            open.createStatement().execute("shutdown compact");
            progress.step(1);
        } catch (SQLException e) {
            throw new IOException(e);
        }
    }

    private void fill(DSLContext db, Connection connection) {
        Map<String, Table<?>> tables = new HashMap<>();
        BookWriter.tables(db).forEach(t -> tables.put(BookWriter.nameOf(t), t));
        progress.begin(
                Progress.Stage.WRITING,
                book.manifest().parts().stream()
                        .filter(p -> p.table().isPresent())
                        .mapToLong(Part::rows)
                        .sum());
        // Rows refer to rows of tables that come later, and of their own; all of it is looked at once it is there.
        db.execute("set referential_integrity false");
        // Nobody could go back to what was there a moment ago: its room is used again at once.
        db.execute("set retention_time 0");
        for (Table<?> table : tables.values()) {
            db.deleteFrom(table).execute();
        }
        for (Part part : book.manifest().parts()) {
            if (part.table().isPresent()) {
                Table<?> table = tables.get(part.table().get());
                if (table == null) {
                    throw new BookUnread(
                            "No book of this form has a table " + part.table().get() + ".");
                }
                fill(db, connection, table, part);
            }
        }
        db.execute("set referential_integrity true");
        progress.begin(Progress.Stage.JOINING, tables.size());
        for (Table<?> table : tables.values()) {
            try {
                db.execute("alter table {0} set referential_integrity true check", DSL.name(table.getName()));
            } catch (DataAccessException e) {
                throw new BookUnread(
                        "Something in " + BookWriter.nameOf(table) + " belongs to what is not in this file.", e);
            }
            progress.step(1);
            for (Field<?> f : table.fields()) {
                if (f.getDataType().identity()) {
                    Long last =
                            db.select(DSL.max(f).cast(Long.class)).from(table).fetchOne(0, Long.class);
                    db.execute(
                            "alter table {0} alter column {1} restart with {2}",
                            DSL.name(table.getName()), DSL.name(f.getName()), DSL.inline(last == null ? 1 : last + 1));
                }
            }
        }
    }

    private void fill(DSLContext db, Connection connection, Table<?> table, Part part) {
        Map<String, Field<?>> fields = new HashMap<>();
        for (Field<?> f : table.fields()) {
            fields.put(f.getName().toLowerCase(Locale.ROOT), f);
        }
        try (Inserts inserts = new Inserts(db, connection, table, part, progress)) {
            book.rows(part, (number, row) -> inserts.add(cells(table, fields, part, number, row), number));
            inserts.end();
        }
    }

    /** What stands in the columns of a row, by their names in the database, in the order in which they stand there. */
    private Map<String, @Nullable Object> cells(
            Table<?> table, Map<String, Field<?>> fields, Part part, long number, JsonNode row) {
        Map<String, @Nullable Object> cells = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> cell : row.properties()) {
            Field<?> field = fields.get(cell.getKey());
            if (field == null) {
                throw new BookUnread(part.name() + ", row " + number + ": no book of this form has a column "
                        + Manifest.shown(cell.getKey()) + ".");
            }
            Object value = value(field, cell.getValue(), part, number);
            cells.put(field.getName(), value == null ? null : values.apply(value));
        }
        fields.values().stream()
                .filter(BookWriter::isPicture)
                .forEach(f -> cells.put(f.getName(), picture(table, fields, row, part, number)));
        return cells;
    }

    private byte[] picture(Table<?> table, Map<String, Field<?>> fields, JsonNode row, Part part, long number) {
        String key = Objects.requireNonNull(table.getPrimaryKey()).getFields().stream()
                .map(f -> row.path(f.getName().toLowerCase(Locale.ROOT)).asString(""))
                .reduce((a, b) -> a + "-" + b)
                .orElse("");
        try {
            return book.picture(BookWriter.nameOf(table), key)
                    .orElseThrow(() ->
                            new BookUnread(part.name() + ", row " + number + ": its picture is not in this file."));
        } catch (IOException e) {
            throw new BookUnread(part.name() + ", row " + number + ": its picture cannot be read.", e);
        }
    }

    private @Nullable Object value(Field<?> field, JsonNode value, Part part, long number) {
        String at = part.name() + ", row " + number + ", " + field.getName().toLowerCase(Locale.ROOT) + ": ";
        if (value.isNull()) {
            return null;
        }
        if (field.getType().equals(byte[].class)) {
            try {
                return Packed.read(value);
            } catch (BookUnread e) {
                throw new BookUnread(at + e.getMessage() + ".", e);
            }
        }
        String text = value.isString() ? value.stringValue() : value.asString("");
        @Nullable Object converted;
        try {
            converted = field.getDataType().convert(text);
        } catch (DataTypeException e) {
            converted = null;
        }
        if (converted == null) {
            throw new BookUnread(at + "\"" + Manifest.shown(text) + "\" cannot stand there.");
        }
        return converted instanceof String written ? fit(written) : converted;
    }

    /** What no way in takes any more an older book may hold. */
    private String fit(String written) {
        String fit = WrittenText.fit(written);
        takenOut += written.length() - fit.length();
        return fit;
    }

    /** How many characters that cannot be shown were taken out of what was written. */
    int takenOut() {
        return takenOut;
    }
}
