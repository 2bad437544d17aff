package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.nio.file.Path;
import java.sql.SQLException;
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

    private FailureAnalysis ofDatabase(SQLException e) {
        Path database = DatabaseFile.in(folder);
        return e.getErrorCode() == IN_USE
                ? new FailureAnalysis(
                        "The database " + database + " is open already: Gyrotaxis runs on it.",
                        "Use the one that runs, or stop it first.",
                        e)
                : new FailureAnalysis(
                        "The database " + database + " cannot be opened: it is damaged, or no database.",
                        StartCheck.instead(new Copies(folder)),
                        e);
    }
}
