package gyrotaxis.server.backup;

import ch.qos.logback.classic.Level;
import gyrotaxis.server.shared.CannotStart;
import gyrotaxis.server.storage.DatabaseEncryption;
import gyrotaxis.server.storage.DatabaseFile;
import gyrotaxis.server.storage.FolderLock;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.util.FileSystemUtils;

/**
 * Puts a book's file in the place of the book, while no server runs on it: {@code FILE FOLDER [--look | --yes]}.
 *
 * <p>Says what the file holds and asks before it does anything. The book that was there is moved to the copies, never written over.
 */
public final class RestoreTool {
    private static final DateTimeFormatter SAID =
            DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss", Locale.ROOT).withZone(ZoneId.systemDefault());
    private static final int TENTHS = 10;

    private final Path folder;
    private final @Nullable String passphrase;
    private final PrintStream out;

    RestoreTool(Path folder, @Nullable String passphrase, PrintStream out) {
        this.folder = folder;
        this.passphrase = passphrase;
        this.out = out;
    }

    /** The passphrase, if one is needed, is in the environment as {@code GYROTAXIS_KEY}. */
    public static void main(String[] args) throws IOException {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        quiet();
        if (args.length < 2) {
            System.err.println("gyrotaxis: FILE FOLDER [--look | --yes]");
            System.exit(2);
        }
        List<String> options = List.of(args).subList(2, args.length);
        RestoreTool tool = new RestoreTool(Path.of(args[1]), System.getenv("GYROTAXIS_KEY"), out);
        try {
            Path file = Path.of(args[0]);
            tool.show(file);
            if (options.contains("--look")) {
                return;
            }
            if (!options.contains("--yes") && !isAgreed(out)) {
                out.println("Nothing was changed.");
                System.exit(1);
            }
            tool.restore(file, Instant.now());
        } catch (BookUnread e) {
            System.err.println("gyrotaxis: " + e.getMessage() + " Nothing was changed.");
            System.exit(1);
        } catch (CannotStart e) {
            System.err.println("gyrotaxis: " + e.getMessage() + " " + e.remedy());
            System.exit(1);
        } catch (IOException e) {
            System.err.println(
                    "gyrotaxis: the book is as it was. " + BackupService.why(e) + " (" + e.getMessage() + ")");
            System.exit(1);
        }
    }

    /** What libraries have to say of each step is nothing to whoever waits at a terminal. */
    private static void quiet() {
        System.setProperty("org.jooq.no-logo", "true");
        System.setProperty("org.jooq.no-tips", "true");
        if (LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME) instanceof ch.qos.logback.classic.Logger root) {
            root.setLevel(Level.OFF);
        }
    }

    private static boolean isAgreed(PrintStream out) throws IOException {
        out.print("Put it in the place of the book? Type yes: ");
        out.flush();
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        return "yes".equals(Optional.ofNullable(in.readLine()).orElse("").strip());
    }

    /** Says what a file holds, and what would become of the book that is there. */
    void show(Path file) throws IOException {
        try (BookFile book = BookFile.open(file, passphrase)) {
            BackupContents held = BackupContents.of(book.manifest());
            out.println("The book" + (held.studio().isEmpty() ? "" : " of " + held.studio()) + " as it was on "
                    + SAID.format(held.madeAt()) + ":");
            out.println("  " + held.words());
            Path there = DatabaseFile.in(folder);
            out.println(
                    Files.exists(there)
                            ? "The book in " + folder + " goes to its copies; nothing of it is lost."
                            : "There is no book in " + folder + " yet.");
        }
    }

    /**
     * Checks the file, makes a database of it beside the book, and puts that in the book's place once it is whole.
     *
     * @return where the book went that was there; empty if none was
     */
    Optional<Path> restore(Path file, Instant now) throws IOException {
        Files.createDirectories(folder);
        Path there = DatabaseFile.in(folder);
        DatabaseFile.refuseInUse(folder);
        Path beside = folder.resolve("restoring");
        try (FolderLock lock = FolderLock.of(folder);
                BookFile book = BookFile.open(file, passphrase)) {
            Progress progress = new Told(out);
            book.check(progress);
            clear(beside);
            Files.createDirectories(beside);
            boolean isSealed = BookFile.isSealed(file) || DatabaseEncryption.isSealed(there);
            if (isSealed && (passphrase == null || passphrase.isEmpty())) {
                throw new BookUnread("The book in " + folder + " is sealed. Give the passphrase that it is to have.");
            }
            String key = isSealed && passphrase != null ? new DatabaseEncryption(folder).key(passphrase) + " " : "";
            String url = "jdbc:h2:file:" + beside.toAbsolutePath().resolve("gyrotaxis")
                    + (isSealed ? DatabaseEncryption.suffix() : "");
            Restore restore = new Restore(book, progress);
            restore.into(url, key);
            if (restore.takenOut() > 0) {
                out.println("  " + restore.takenOut()
                        + " characters that cannot be shown were taken out of what was written.");
            }
            Optional<Path> before =
                    DatabaseFile.replace(folder, DatabaseFile.in(beside), STAMP.format(now) + "-replaced");
            out.println("Done: " + there + "."
                    + before.map(b -> " What was there before is " + b + ".").orElse(""));
            return before;
        } finally {
            clear(beside);
        }
    }

    private static void clear(Path folder) throws IOException {
        FileSystemUtils.deleteRecursively(folder);
    }

    /** Says every tenth. */
    private static final class Told extends Progress {
        private final PrintStream out;
        private int told = -1;

        Told(PrintStream out) {
            this.out = out;
        }

        @Override
        void begin(Stage next, long steps) {
            told = -1;
            super.begin(next, steps);
        }

        @Override
        void step(long more) {
            super.step(more);
            int tenth = (int) (fraction() * TENTHS);
            if (tenth > told) {
                told = tenth;
                out.println("  " + stage().words() + " " + tenth * TENTHS + " %");
            }
        }
    }
}
