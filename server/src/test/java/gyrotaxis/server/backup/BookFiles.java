package gyrotaxis.server.backup;

import gyrotaxis.server.storage.Migrations;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Optional;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;

/** Files of books, for tests of other modules. */
public final class BookFiles {
    private BookFiles() {}

    /** Writes the book of a data folder that no server uses. */
    public static void write(Path folder, Path file, Instant madeAt) throws IOException, SQLException {
        try (Connection open = Books.open(folder);
                OutputStream out = Files.newOutputStream(file)) {
            new BookWriter(DSL.using(open, SQLDialect.H2), new Progress()).write(out, madeAt, Optional.empty());
        }
    }

    /** The form of its tables. */
    public static int schema(Path file) throws IOException {
        try (BookFile book = BookFile.open(file, null)) {
            return book.manifest().schema();
        }
    }

    /** The newest form that this version writes. */
    public static int newestSchema() throws IOException {
        return Migrations.newest();
    }

    /** How many rows of a table it holds. */
    public static long rows(Path file, String table) throws IOException {
        try (BookFile book = BookFile.open(file, null)) {
            return book.manifest().rows(table);
        }
    }
}
