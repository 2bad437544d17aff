package gyrotaxis.server.backup;

import gyrotaxis.server.backup.Manifest.Part;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;

/**
 * Puts rows into a table, many at a time.
 *
 * <p>Rows leave away what is empty, so they come in a few shapes; a statement is made ready for each of them once, since a book of many
 * years has millions of rows and making a statement for each takes longer than putting it in.
 */
final class Inserts implements AutoCloseable {
    private static final int BATCH = 400;

    private final DSLContext db;
    private final Connection connection;
    private final Table<?> table;
    private final Part part;
    private final Progress progress;
    private final Map<List<String>, PreparedStatement> ready = new HashMap<>();
    private int waiting;
    private long last;

    Inserts(DSLContext db, Connection connection, Table<?> table, Part part, Progress progress) {
        this.db = db;
        this.connection = connection;
        this.table = table;
        this.part = part;
        this.progress = progress;
    }

    /**
     * @param cells by the names of their columns
     * @param number of the row, from 1
     * @throws BookUnread if the table cannot hold one of the rows that were added since the last that it took
     */
    void add(Map<String, @Nullable Object> cells, long number) {
        try {
            PreparedStatement insert = ready.computeIfAbsent(List.copyOf(cells.keySet()), this::made);
            int at = 0;
            for (Object value : cells.values()) {
                insert.setObject(++at, value);
            }
            insert.addBatch();
            waiting++;
            last = number;
            if (waiting == BATCH) {
                end();
            }
        } catch (SQLException e) {
            throw refused(e);
        }
    }

    private PreparedStatement made(List<String> columns) {
        String names = columns.stream().map(this::quoted).collect(Collectors.joining(", "));
        String places = String.join(", ", Collections.nCopies(columns.size(), "?"));
        try {
            return connection.prepareStatement("insert into " + quoted(table.getName()) + " (" + names
                    + ") overriding system value values (" + places + ")");
        } catch (SQLException e) {
            throw refused(e);
        }
    }

    /** Names come from the database itself, not from the file. */
    private String quoted(String name) {
        return Objects.requireNonNull(db.render(DSL.quotedName(name)));
    }

    /** Puts in what is still waiting. */
    void end() {
        try {
            for (PreparedStatement insert : ready.values()) {
                insert.executeBatch();
            }
        } catch (SQLException e) {
            throw refused(e);
        }
        progress.step(waiting);
        waiting = 0;
    }

    private BookUnread refused(SQLException e) {
        return new BookUnread(
                part.name() + ", rows " + (last - waiting + 1) + " to " + last + ": no book can hold one of them: "
                        + Manifest.shown(String.valueOf(e.getMessage())),
                e);
    }

    @Override
    public void close() {
        for (PreparedStatement insert : ready.values()) {
            try {
                insert.close();
            } catch (SQLException e) {
                throw refused(e);
            }
        }
    }
}
