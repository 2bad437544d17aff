package gyrotaxis.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/** Prepares the database once it is known how it is opened, and before the server opens it. */
final class BookStart implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    @Override
    public void initialize(ConfigurableApplicationContext context) {
        Environment environment = context.getEnvironment();
        Path folder = Path.of(environment.getRequiredProperty("gyrotaxis.data-dir"));
        if (!Files.isWritable(folder)) {
            // Reading may go on; nothing can be upgraded or copied.
            return;
        }
        boolean isSealed =
                environment.getRequiredProperty("spring.datasource.url").endsWith(DatabaseEncryption.suffix());
        try (FolderLock lock = FolderLock.of(folder)) {
            new DatabasePreparation(
                            folder,
                            isSealed ? DatabaseEncryption.suffix() : "",
                            environment.getProperty("spring.datasource.password", ""),
                            new DurableFiles(),
                            LocalDate.now())
                    .run();
        } catch (SQLException | IOException e) {
            throw new IllegalStateException("The database cannot be prepared.", e);
        }
    }
}
