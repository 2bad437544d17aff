package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Looks at the data folder before anything opens the database in it: finishes or takes back what was cut off, and never begins a book anew where
 * one is missing.
 */
final class StartCheck implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    private static final Logger LOG = LoggerFactory.getLogger(StartCheck.class);

    /** Where a restore makes the book that is to take the place of this one. */
    private static final String RESTORING = "restoring";

    /** What encrypting a file was called by H2 until it was done. */
    private static final String H2_LEFT = "temp.db";

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        check(Path.of(context.getEnvironment().getRequiredProperty("gyrotaxis.data-dir")));
    }

    static void check(Path folder) {
        try {
            Files.createDirectories(folder);
            if (Files.isWritable(folder)) {
                try (FolderLock lock = FolderLock.of(folder)) {
                    putInOrder(folder);
                }
            }
        } catch (IOException e) {
            if (!Files.isDirectory(folder)) {
                throw new CannotStart(
                        "The data folder " + folder + " cannot be made: " + e.getMessage() + ".",
                        "Choose another one with GYROTAXIS_DATA.");
            }
            LOG.warn("The data folder could not be put in order: {}", e.toString());
        }
    }

    private static void putInOrder(Path folder) throws IOException {
        new DatabaseEncryption(folder).finish();
        // What a copy that was cut off left is no copy, and may be read by whoever must not read the book.
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path left : files.filter(DurableFiles::isUnfinished).toList()) {
                new DurableFiles().delete(left);
            }
        }
        Path database = DatabaseFile.in(folder);
        Copies copies = new Copies(folder);
        if (!Files.exists(database)) {
            refuseMissing(folder, copies);
        } else if (Files.size(database) == 0) {
            // An empty file would be taken for a book that was never written in.
            throw new CannotStart(
                    "The database " + database + " is empty: what was in it is lost.", copies.advice(LocalDate.now()));
        } else {
            // The book is there, so these are no more than parts of it that others could read.
            for (String left : List.of(RESTORING, H2_LEFT)) {
                if (Files.exists(folder.resolve(left))) {
                    LOG.info("Deleting {}, which was left by a restore or a sealing that was cut off", left);
                    new DurableFiles().delete(folder.resolve(left));
                }
            }
        }
        OwnerOnly.restrictAll(folder);
    }

    private static void refuseMissing(Path folder, Copies copies) throws IOException {
        List<String> found = new ArrayList<>();
        for (String name : List.of(RESTORING, H2_LEFT, DatabaseEncryption.SALT)) {
            if (Files.exists(folder.resolve(name))) {
                found.add(name);
            }
        }
        if (hasBooks(folder.resolve(Copies.FOLDER))) {
            found.add(0, Copies.FOLDER);
        }
        if (!found.isEmpty()) {
            throw new CannotStart(
                    "There is no book in " + folder + ", but what belongs to one: " + String.join(", ", found) + ".",
                    remedy(folder, found, copies));
        }
    }

    private static String remedy(Path folder, List<String> found, Copies copies) throws IOException {
        String begin = " To begin an empty book, choose another folder with GYROTAXIS_DATA.";
        if (found.contains(H2_LEFT)) {
            return "Sealing was cut off: rename " + folder.resolve(H2_LEFT) + " to "
                    + DatabaseFile.in(folder).getFileName() + " and start, with --sealed if it was being sealed."
                    + begin;
        }
        if (found.contains(RESTORING)) {
            return "A restore was cut off: run ./gyrotaxis restore again with the same file." + begin;
        }
        return copies.newest(LocalDate.now()).isPresent()
                ? copies.advice(LocalDate.now()) + begin
                : "Put the book back, or a backup of it with ./gyrotaxis restore." + begin;
    }

    /** Half a demo studio that was set aside is no book. */
    private static boolean hasBooks(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return false;
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(DatabaseFile::isCopy)
                    .anyMatch(f -> !f.getFileName().toString().contains(DatabaseFile.HALF));
        }
    }
}
