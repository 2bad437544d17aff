package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.core.env.Environment;

/** Says in a sentence why the server did not start, and in another what to do. */
final class StartAnalyzer implements FailureAnalyzer {
    /** Somebody else has the file open (org.h2.api.ErrorCode). */
    private static final int IN_USE = 90020;

    private static final String DATABASE = "org.h2.";

    private final Path folder;

    StartAnalyzer(Environment environment) {
        this.folder = Path.of(environment.getProperty("gyrotaxis.data-dir", "."));
    }

    @Override
    public @Nullable FailureAnalysis analyze(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) {
            if (t instanceof CannotStart c) {
                return new FailureAnalysis(c.getMessage(), c.remedy(), c);
            }
            if (t instanceof SQLException sql && sql.getClass().getName().startsWith(DATABASE)) {
                return ofDatabase(sql);
            }
        }
        return null;
    }

    private static boolean isSealed(Path database) {
        try {
            return DatabaseEncryption.isSealed(database);
        } catch (IOException e) {
            return false;
        }
    }

    private FailureAnalysis ofDatabase(SQLException e) {
        Path database = DatabaseFile.in(folder);
        if (e.getErrorCode() != IN_USE && isSealed(database)) {
            // A wrong key cannot be told from a damaged file: neither can be read.
            return new FailureAnalysis(
                    "The book " + database + " is sealed, and this passphrase does not open it.",
                    "Try again; nothing was changed. Without its passphrase nobody can open it.",
                    e);
        }
        return e.getErrorCode() == IN_USE
                ? new FailureAnalysis(
                        "The database " + database + " is open already: Gyrotaxis runs on it.",
                        "Use the one that runs, or stop it first.",
                        e)
                : new FailureAnalysis(
                        "The database " + database + " cannot be opened: it is damaged, or no database.",
                        new Copies(folder).advice(LocalDate.now()),
                        e);
    }
}
