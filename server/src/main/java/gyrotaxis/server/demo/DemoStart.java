package gyrotaxis.server.demo;

import gyrotaxis.server.backup.BookInstaller;
import gyrotaxis.server.shared.CannotStart;
import gyrotaxis.server.storage.DatabaseFile;
import gyrotaxis.server.storage.OpenDatabase;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.ConfigurableEnvironment;

/**
 * Puts the made-up studio into a data folder that has no database, before anything opens it.
 *
 * <p>The studio is complete or not there. Earlier versions wrote it client by client, and a start that was stopped left half of it: such a
 * half is moved to the copies, and the studio made anew.
 */
final class DemoStart implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    private static final Logger LOG = LoggerFactory.getLogger(DemoStart.class);

    /** The book to begin with; tests have a smaller one. */
    private static final String BOOK = "gyrotaxis.demo-book";

    private static final String USUAL_BOOK = "classpath:demo/studio.zip";

    /** Lies beside a studio that was put there whole. */
    private static final String WHOLE = "demo.whole";

    /** What earlier versions wrote first and last of all. */
    private static final String BEGUN_NOT_ENDED = "select count(*) from studio where name = 'Slipway Two'"
            + " and not exists (select * from stock_movement where note = 'for the regatta')";

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        ConfigurableEnvironment environment = context.getEnvironment();
        if (!environment.getProperty("gyrotaxis.demo", Boolean.class, false)) {
            return;
        }
        Path folder = Path.of(environment.getRequiredProperty("gyrotaxis.data-dir"));
        try {
            if (isHalf(folder)) {
                setAside(folder);
            }
            if (!Files.exists(DatabaseFile.in(folder))) {
                LOG.info("Writing the demo studio");
                install(context, environment.getProperty(BOOK, USUAL_BOOK), folder);
            }
            mark(folder);
        } catch (IOException e) {
            throw new CannotStart(
                    "The demo studio cannot be written to " + folder + ": " + e.getMessage() + ".",
                    "Look whether there is room, and whether the folder may be written.");
        }
    }

    private static void install(ConfigurableApplicationContext context, String book, Path folder) throws IOException {
        Path file = Files.createTempFile("gyrotaxis-demo", ".zip");
        try (InputStream in = context.getResource(book).getInputStream()) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
            BookInstaller.install(
                    file,
                    folder,
                    madeAt -> new DayShift(madeAt, ZonedDateTime.now()),
                    done -> LOG.info("Writing the demo studio: {}", done));
        } finally {
            Files.delete(file);
        }
    }

    private static boolean isHalf(Path folder) {
        if (!Files.exists(DatabaseFile.in(folder)) || Files.exists(folder.resolve(WHOLE))) {
            return false;
        }
        String url = "jdbc:h2:file:" + folder.toAbsolutePath().resolve("gyrotaxis");
        try (OpenDatabase open = OpenDatabase.existing(url, "");
                Statement s = open.connection().createStatement();
                ResultSet found = s.executeQuery(BEGUN_NOT_ENDED)) {
            return found.next() && found.getInt(1) > 0;
        } catch (SQLException e) {
            // Another server's, sealed, damaged, or older than stock: the start itself says what is wrong, if anything
            // is.
            return false;
        }
    }

    private static void setAside(Path folder) throws IOException {
        Path copy = DatabaseFile.setAside(folder, LocalDate.now() + DatabaseFile.HALF);
        LOG.info("The demo studio was only half written; the half is now {}", copy);
    }

    private static void mark(Path folder) throws IOException {
        Path whole = folder.resolve(WHOLE);
        if (!Files.exists(whole)) {
            Files.createFile(whole);
        }
    }
}
