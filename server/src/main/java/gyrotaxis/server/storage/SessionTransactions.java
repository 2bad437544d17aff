package gyrotaxis.server.storage;

import java.time.Clock;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Keeps sessions as far as there is room, and lets everything go on where there is none.
 *
 * <p>Every request of somebody who signed in writes when she was last seen. Were that refused as other writing is, a full disk would keep her from
 * reading and from signing out. Spring Session takes its transactions from here by this name.
 */
@Component("springSessionTransactionOperations")
final class SessionTransactions implements TransactionOperations {
    private static final Logger LOG = LoggerFactory.getLogger(SessionTransactions.class);

    /** Sessions are small; with less room than this not even they are written, or the database would meet the end of the disk. */
    private static final long NEEDED_BYTES = 1 << 20;

    private static final Duration QUIET = Duration.ofMinutes(1);

    private final DiskSpace ground;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final AtomicLong toldMs = new AtomicLong();

    SessionTransactions(DiskSpace ground, PlatformTransactionManager manager, Clock clock) {
        this.ground = ground;
        this.clock = clock;
        this.transaction = new TransactionTemplate(manager);
        this.transaction.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        // Passes by the guard, which looks after what is kept; H2 takes this for a hint.
        this.transaction.setReadOnly(true);
    }

    /** What the action comes to; null if it failed. */
    @Override
    @SuppressWarnings("NullAway") // The callers of Spring Session take null for what is not there.
    public <T extends @Nullable Object> T execute(TransactionCallback<T> action) throws TransactionException {
        boolean isFull = ground.trouble(NEEDED_BYTES).isPresent();
        try {
            return transaction.execute(status -> {
                if (isFull) {
                    // What was changed is forgotten; what was read is as good as ever.
                    status.setRollbackOnly();
                }
                return action.doInTransaction(status);
            });
        } catch (DataAccessException | TransactionException e) {
            long now = clock.millis();
            long before = toldMs.get();
            if (now - before > QUIET.toMillis() && toldMs.compareAndSet(before, now)) {
                LOG.warn("A session could not be kept: {}", e.toString());
            }
            return null;
        }
    }
}
