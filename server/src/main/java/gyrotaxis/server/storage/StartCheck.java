package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Looks at the data folder before anything opens the database in it, and copies the database once a day. */
final class StartCheck implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    private static final Logger LOG = LoggerFactory.getLogger(StartCheck.class);

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        Path folder = Path.of(context.getEnvironment().getRequiredProperty("gyrotaxis.data-dir"));
        Path database = DatabaseFile.in(folder);
        Copies copies = new Copies(folder);
        try {
            Files.createDirectories(folder);
            // An empty file would be taken for a book that was never written in.
            if (Files.exists(database) && Files.size(database) == 0) {
                throw new CannotStart(
                        "The database " + database + " is empty: what was in it is lost.", instead(copies));
            }
            copies.make(LocalDate.now());
        } catch (IOException e) {
            if (!Files.isDirectory(folder)) {
                throw new CannotStart(
                        "The data folder " + folder + " cannot be made: " + e.getMessage() + ".",
                        "Choose another one with GYROTAXIS_DATA.");
            }
            // A book that can be read is worth more than a copy of it.
            LOG.warn("The database could not be copied today: {}", e.toString());
        }
    }

    /** What to do about a database that is of no use. */
    static String instead(Copies copies) {
        Optional<Path> copy;
        try {
            copy = copies.newest();
        } catch (IOException e) {
            copy = Optional.empty();
        }
        return copy.map(c -> "Put the newest copy, " + c + ", in its place.")
                .orElse(
                        "There is no copy of it here. Put a copy of yours in its place, or move the file away to begin anew.");
    }
}
