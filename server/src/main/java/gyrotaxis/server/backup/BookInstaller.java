package gyrotaxis.server.backup;

import gyrotaxis.server.storage.DatabaseFile;
import gyrotaxis.server.storage.DurableFiles;
import gyrotaxis.server.storage.OpenDatabase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.util.FileSystemUtils;

/** Makes the database of a data folder that has none, from a book's file. */
public final class BookInstaller {
    private static final int QUARTERS = 4;

    private BookInstaller() {}

    /**
     * Writes the database beside its place and moves it in when it is whole: afterwards it is complete, or not there.
     *
     * @param file a book that is not encrypted
     * @param folder the data folder; must exist and hold no database
     * @param valuesFor for the moment at which the book was made: what each value becomes on its way into its column. Values keep their
     *     types
     * @param progress hears what it is doing, a few times
     * @throws IOException if the file cannot be read, or the database not written
     */
    public static void install(
            Path file, Path folder, Function<Instant, UnaryOperator<Object>> valuesFor, Consumer<String> progress)
            throws IOException {
        Path beside = folder.resolve("installing");
        FileSystemUtils.deleteRecursively(beside);
        try (BookFile book = BookFile.open(file, null)) {
            Files.createDirectories(beside);
            String url = "jdbc:h2:file:" + beside.toAbsolutePath().resolve("gyrotaxis");
            UnaryOperator<Object> values = valuesFor.apply(book.manifest().madeAt());
            long clients = book.manifest().rows("client");
            new Restore(book, new Reported(progress, clients), values).into(url, "");
            renew(url);
            new DurableFiles().move(DatabaseFile.in(beside), DatabaseFile.in(folder));
        } finally {
            FileSystemUtils.deleteRecursively(beside);
        }
    }

    /** Two databases that were made of one file are two books from then on. */
    private static void renew(String url) throws IOException {
        try (OpenDatabase open = OpenDatabase.at(url, "");
                Statement s = open.connection().createStatement()) {
            s.execute("update studio set book_id = random_uuid()");
            open.finish();
        } catch (SQLException e) {
            throw new IOException(e);
        }
    }

    /** Reports every quarter of the writing. */
    private static final class Reported extends Progress {
        private final Consumer<String> listener;
        private final long clients;
        private int reported;

        Reported(Consumer<String> listener, long clients) {
            this.listener = listener;
            this.clients = clients;
        }

        @Override
        void step(long more) {
            super.step(more);
            int quarter = (int) (fraction() * QUARTERS);
            if (stage() == Stage.WRITING && quarter > reported) {
                reported = quarter;
                listener.accept(clients * quarter / QUARTERS + " of " + clients + " clients");
            }
        }
    }
}
