package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.flywaydb.core.api.FlywayException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Makes the database ready before the server opens it: makes it if there is none, brings it to the schema of this version, and copies it once
 * a day.
 *
 * <p>H2 commits each change of a table at once, so a migration that is cut off cannot be begun again. It is done on a copy, which takes the
 * place of the database in one step once it is whole. Stopped at any moment, the database is the old one or the new one; what was left beside
 * it is deleted by the next start.
 */
final class DatabasePreparation {
    /** Where a database is made or upgraded. */
    static final String BESIDE = "upgrading";

    private static final Logger LOG = LoggerFactory.getLogger(DatabasePreparation.class);

    private final Path folder;
    private final Path database;
    private final String suffix;
    private final String password;
    private final DurableFiles files;
    private final Copies copies;
    private final LocalDate today;

    /**
     * @param suffix what the address of the database ends with; empty if it is not sealed
     * @param password that of its user, after the key of a sealed one
     */
    DatabasePreparation(Path folder, String suffix, String password, DurableFiles files, LocalDate today) {
        this.folder = folder;
        this.database = DatabaseFile.in(folder);
        this.suffix = suffix;
        this.password = password;
        this.files = files;
        this.copies = new Copies(folder, files);
        this.today = today;
    }

    /**
     * Prepares the database.
     *
     * @throws SQLException if it cannot be opened or read
     * @throws CannotStart if it is of a newer version, or cannot be upgraded
     */
    void run() throws IOException, SQLException {
        Path beside = folder.resolve(BESIDE);
        files.delete(beside);
        try {
            prepare(beside);
        } finally {
            files.delete(beside);
        }
    }

    private void prepare(Path beside) throws IOException, SQLException {
        int newest = Migrations.newest();
        if (Files.exists(database)) {
            int version = checked(newest);
            if (version < newest) {
                upgrade(beside, version, newest);
            }
        } else {
            Files.createDirectories(beside);
            migrate(beside);
            files.move(DatabaseFile.in(beside), database);
        }
    }

    /** Reads the version; on the first start of a day all rows, after which the database is copied. */
    private int checked(int newest) throws IOException, SQLException {
        int version;
        BookMark mark;
        try (OpenDatabase read = OpenDatabase.existing(url(folder), password)) {
            Connection open = read.connection();
            version = Migrations.versionOf(open);
            if (version == 0) {
                // Databases take their place when they are whole. H2 takes one without a readable page for an empty
                // one.
                throw new CannotStart(
                        "The database " + database + " cannot be read: it is damaged, or no database.",
                        copies.advice(today));
            }
            if (version > newest) {
                throw new CannotStart(
                        "The book in " + folder + " is of a newer version than this one (form " + version
                                + "; this one knows " + newest + ").",
                        "Start that version. Nothing was changed.");
            }
            mark = mark(open, version);
            if (!copies.isMade(today, mark)) {
                readAll(open);
            }
        }
        copy(mark);
        return version;
    }

    private void copy(BookMark mark) {
        try {
            copies.make(database, today, mark);
        } catch (IOException e) {
            // A book that can be read is worth more than a copy of it.
            LOG.warn("The database could not be copied today: {}", e.toString());
        }
    }

    /** Of the first versions that had marks; a book without one is told from no other. */
    private static BookMark mark(Connection open, int version) throws SQLException {
        if (version < BookMark.SINCE) {
            return BookMark.NONE;
        }
        try (Statement s = open.createStatement();
                ResultSet id = s.executeQuery("select book_id from studio")) {
            return id.next() ? new BookMark(id.getObject(1, UUID.class)) : BookMark.NONE;
        }
    }

    /** A damaged page is met when it is read, and not before. */
    private static void readAll(Connection open) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (Statement s = open.createStatement()) {
            try (ResultSet names = s.executeQuery("select table_name from information_schema.tables"
                    + " where table_schema = 'PUBLIC' and table_type = 'BASE TABLE'")) {
                while (names.next()) {
                    tables.add(names.getString(1));
                }
            }
            s.execute("set lazy_query_execution 1");
            for (String table : tables) {
                try (ResultSet rows = s.executeQuery("select * from \"" + table + '"')) {
                    while (rows.next()) {
                        // Reading it is the check.
                    }
                }
            }
        }
    }

    private void upgrade(Path beside, int version, int newest) throws IOException, SQLException {
        LOG.info("Bringing the book to this version (form {} to {})", version, newest);
        Files.createDirectories(beside);
        files.copy(database, DatabaseFile.in(beside));
        try {
            migrate(beside);
        } catch (FlywayException e) {
            throw new CannotStart(
                    "The book in " + folder + " cannot be brought to this version: " + firstLine(e)
                            + " It is as it was.",
                    "Start the version it is of. If that does not open it either: " + copies.advice(today));
        }
        Path kept = copies.keep(database, today + "-before-form-" + newest);
        files.move(DatabaseFile.in(beside), database);
        LOG.info("The book as it was before is {}", kept);
    }

    private void migrate(Path in) throws SQLException {
        String url = url(in);
        try (OpenDatabase open = OpenDatabase.at(url, password)) {
            Migrations.flyway(url, password).load().migrate();
            open.finish();
        }
    }

    private String url(Path in) {
        return "jdbc:h2:file:" + in.toAbsolutePath().resolve(DatabaseFile.NAME) + suffix;
    }

    private static String firstLine(Exception e) {
        return String.valueOf(e.getMessage()).strip().lines().findFirst().orElse("");
    }
}
