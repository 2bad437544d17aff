package gyrotaxis.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import gyrotaxis.server.shared.ExceptionTranslator;
import java.sql.SQLException;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/**
 * Keeps the database from meeting the end of the disk, and mends the connections if it did.
 *
 * <p>A database that fails to write closes itself, and connections to it answer nothing any more. So a transaction that may write
 * is not begun unless there is room and the folder is writable; reading goes on. Should a write fail all the same, the
 * connections are given up, and the next ones open the database anew.
 */
@Component
final class StorageGuard implements TransactionExecutionListener, HealthIndicator, ExceptionTranslator {
    private static final Logger LOG = LoggerFactory.getLogger(StorageGuard.class);

    /** What H2 says once its store has failed: I/O, file corrupted or lost, read-only, closed (org.h2.api.ErrorCode). */
    private static final Set<Integer> FAILED_STORE = Set.of(90028, 90030, 90031, 90097, 90098, 90121);

    /** The cause of what it says while the store fails; the code is that of any error then. */
    private static final String STORE_FAILS = "org.h2.mvstore.MVStoreException";

    private static final Duration QUIET = Duration.ofMinutes(1);

    private final DiskSpace ground;
    private final HikariDataSource connections;
    private final long neededBytes;
    private final AtomicLong lastTold = new AtomicLong();
    private final AtomicReference<String> lastTrouble = new AtomicReference<>("");

    StorageGuard(DiskSpace ground, HikariDataSource connections, StorageSettings settings) {
        this.ground = ground;
        this.connections = connections;
        this.neededBytes = settings.spare().toBytes();
    }

    @Override
    public void beforeBegin(TransactionExecution transaction) {
        if (transaction.isReadOnly()) {
            return;
        }
        Optional<String> trouble = trouble();
        if (trouble.isPresent()) {
            throw new CannotKeep(trouble.get());
        }
    }

    /** What is the matter now. Says to the log when it begins and when it is over. */
    private Optional<String> trouble() {
        Optional<String> trouble = ground.trouble(neededBytes);
        String before = lastTrouble.getAndSet(trouble.orElse(""));
        if (trouble.isPresent() && before.isEmpty()) {
            LOG.warn("Nothing can be kept: {}", trouble.get());
        } else if (trouble.isEmpty() && !before.isEmpty()) {
            // What was opened while it was read-only stays so until it is opened anew.
            openAnew();
            LOG.warn("Things can be kept again.");
        }
        return trouble;
    }

    private void openAnew() {
        HikariPoolMXBean pool = connections.getHikariPoolMXBean();
        if (pool != null) {
            pool.softEvictConnections();
        }
    }

    @Override
    public Health health() {
        return trouble()
                .map(why -> Health.down().withDetail("why", why).build())
                .orElseGet(() -> Health.up().build());
    }

    @Override
    public Optional<ProblemDetail> told(Exception e) {
        if (e instanceof CannotKeep why) {
            return Optional.of(notKept(String.valueOf(why.getMessage())));
        }
        if (!isOfTheStore(e)) {
            return Optional.empty();
        }
        openAnew();
        if (isTimeToTell()) {
            LOG.warn("The database could not write: {}", e.toString());
        }
        return Optional.of(notKept(trouble().orElse("The database could not write it. Try again.")));
    }

    /** However many fail in a minute, the log says it once. */
    private boolean isTimeToTell() {
        long now = System.nanoTime();
        long before = lastTold.get();
        return (before == 0 || now - before > QUIET.toNanos()) && lastTold.compareAndSet(before, now);
    }

    private static ProblemDetail notKept(String why) {
        ProblemDetail p = ProblemDetail.forStatus(HttpStatus.INSUFFICIENT_STORAGE);
        p.setTitle("Not kept");
        p.setDetail("This was not kept; what was kept before is as it was. " + why);
        return p;
    }

    private static boolean isOfTheStore(Throwable e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            boolean hasFailed = t instanceof SQLException sql && FAILED_STORE.contains(sql.getErrorCode());
            if (hasFailed || t.getClass().getName().equals(STORE_FAILS)) {
                return true;
            }
        }
        return false;
    }
}
