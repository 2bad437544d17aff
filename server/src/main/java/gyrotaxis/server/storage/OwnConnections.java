package gyrotaxis.server.storage;

import org.springframework.boot.transaction.autoconfigure.TransactionManagerCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lets go of a connection as soon as a statement outside a transaction is done.
 *
 * <p>Spring's default keeps it for the whole method that suspends transactions. One that read, then waited for a lock, then began a transaction
 * held one connection and wanted a second: ten of those held all there are, and everybody else waited for half a minute.
 */
@Configuration(proxyBeanMethods = false)
class OwnConnections {
    @Bean
    TransactionManagerCustomizer<AbstractPlatformTransactionManager> onlyInTransactions() {
        return manager -> manager.setTransactionSynchronization(
                AbstractPlatformTransactionManager.SYNCHRONIZATION_ON_ACTUAL_TRANSACTION);
    }

    /** Spring makes none where there are other transaction operations, and those of sessions are such. */
    @Bean
    @Primary
    TransactionTemplate transactionTemplate(PlatformTransactionManager manager) {
        return new TransactionTemplate(manager);
    }
}
