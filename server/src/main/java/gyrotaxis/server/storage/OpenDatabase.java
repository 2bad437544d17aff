package gyrotaxis.server.storage;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A database file that is open for one piece of work.
 *
 * <p>Closing it writes nothing, so call {@link #finish} first if anything was changed. H2 can retry a write for ever that
 * fails while it closes a database, for example on a full disk.
 */
public final class OpenDatabase implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(OpenDatabase.class);

    private final Connection connection;

    private OpenDatabase(Connection connection) {
        this.connection = connection;
    }

    /**
     * Opens a database, or begins one.
     *
     * @throws SQLException if it cannot be opened
     */
    public static OpenDatabase at(String url, String password) throws SQLException {
        return new OpenDatabase(DriverManager.getConnection(url, "sa", password));
    }

    /**
     * Opens a database that is there.
     *
     * @throws SQLException if it cannot be opened, or is not there
     */
    public static OpenDatabase existing(String url, String password) throws SQLException {
        return at(url + ";IFEXISTS=TRUE", password);
    }

    public Connection connection() {
        return connection;
    }

    /**
     * Forces every change so far to disk.
     *
     * @throws SQLException if it could not be written
     */
    public void finish() throws SQLException {
        execute("checkpoint sync");
    }

    @Override
    public void close() throws SQLException {
        try {
            execute("shutdown immediately");
        } catch (SQLException e) {
            LOG.debug("The database had ended before: {}", e.toString());
        }
        connection.close();
    }

    private void execute(String sql) throws SQLException {
        try (Statement s = connection.createStatement()) {
            s.execute(sql);
        }
    }
}
