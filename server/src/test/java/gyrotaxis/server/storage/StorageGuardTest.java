package gyrotaxis.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.health.contributor.Status;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.util.unit.DataSize;

class StorageGuardTest {
    private static final DataSize SPARE = DataSize.ofMegabytes(16);

    private static final class FakeGround implements DiskSpace {
        private long usable = SPARE.toBytes();
        private boolean isWritable = true;

        @Override
        public long usableBytes() {
            return usable;
        }

        @Override
        public boolean isWritable() {
            return isWritable;
        }
    }

    @TempDir
    Path folder;

    private final FakeGround ground = new FakeGround();
    private final HikariDataSource connections = new HikariDataSource();
    private StorageGuard guard;

    @BeforeEach
    void open() {
        connections.setJdbcUrl("jdbc:h2:file:" + folder.resolve("book") + ";WRITE_DELAY=0");
        guard = new StorageGuard(ground, connections, new StorageSettings(SPARE));
    }

    private static DefaultTransactionStatus transaction(boolean isReadOnly) {
        return new DefaultTransactionStatus(null, null, true, true, false, isReadOnly, false, null);
    }

    @Test
    void refusesToBeginWhatCouldNotBeKeptAndBeginsItOnceItCould() {
        assertThatCode(() -> guard.beforeBegin(transaction(false))).doesNotThrowAnyException();
        ground.usable--;
        assertThatExceptionOfType(CannotKeep.class)
                .isThrownBy(() -> guard.beforeBegin(transaction(false)))
                .withMessageContaining("disk is full");
        assertThatCode(() -> guard.beforeBegin(transaction(true))).doesNotThrowAnyException();
        assertThat(guard.health().getStatus()).isEqualTo(Status.DOWN);
        ground.isWritable = false;
        assertThatExceptionOfType(CannotKeep.class)
                .isThrownBy(() -> guard.beforeBegin(transaction(false)))
                .withMessageContaining("read-only");
        ground.usable++;
        ground.isWritable = true;
        assertThatCode(() -> guard.beforeBegin(transaction(false))).doesNotThrowAnyException();
        assertThat(guard.health().getStatus()).isEqualTo(Status.UP);
    }

    /** As a failed write does, the database is closed under the connections to it. */
    @Test
    void connectionsToADatabaseThatClosedItselfAreGivenUp() throws SQLException {
        try (connections) {
            Connection broken = connections.getConnection();
            broken.createStatement().execute("CREATE TABLE note (words VARCHAR)");
            cutOff(() -> broken.createStatement().execute("SHUTDOWN IMMEDIATELY"));
            SQLException closed = failureOf(broken, "INSERT INTO note VALUES ('high water')");
            cutOff(broken::close);
            assertThat(guard.told(new IllegalStateException("at commit", closed)))
                    .hasValueSatisfying(p -> assertThat(p.getDetail()).contains("not kept", "Try again"));
            try (Connection c = connections.getConnection()) {
                assertThat(c.createStatement()
                                .executeQuery("SELECT * FROM note")
                                .next())
                        .isFalse();
            }
        }
    }

    /** What the closing database may cut off at times, and then says so. */
    private interface MayBeCutOff {
        void run() throws SQLException;
    }

    private static void cutOff(MayBeCutOff work) {
        try {
            work.run();
        } catch (SQLException itself) {
            assertThat((Throwable) itself).hasMessageContaining("closed");
        }
    }

    private static SQLException failureOf(Connection c, String statement) {
        try {
            c.createStatement().execute(statement);
            throw new AssertionError(statement + " was carried out");
        } catch (SQLException e) {
            return e;
        }
    }

    @Test
    void whatIsNotOfTheStoreIsLeftToOthers() {
        assertThat(guard.told(new IllegalStateException(new SQLException("a syntax error", "42000", 42000))))
                .isEmpty();
    }
}
