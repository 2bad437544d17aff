package gyrotaxis.server.storage;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Copies of the database file, one for a day, made before it is opened that day for the first time.
 *
 * <p>A closed database is one whole file, so copying it is enough; to go back, put a copy in the place of the database.
 */
final class Copies {
    /** As many days back as a fault may go unnoticed. ASSUMPTION: a working week and a day. */
    static final int KEPT = 7;

    static final String FOLDER = "copies";

    private final Path database;
    private final Path folder;

    Copies(Path dataFolder) {
        this.database = DatabaseFile.in(dataFolder);
        this.folder = dataFolder.resolve(FOLDER);
    }

    /** The youngest copy, if there is any. */
    Optional<Path> newest() throws IOException {
        return all().stream().findFirst();
    }

    /** Copies the database unless it was today already, and forgets the oldest copies. Without a database it does nothing. */
    void make(LocalDate today) throws IOException {
        Path copy = folder.resolve(DatabaseFile.copyOf(today.toString()));
        if (!Files.exists(database) || Files.exists(copy)) {
            return;
        }
        Files.createDirectories(folder);
        try (FileChannel open = FileChannel.open(database, StandardOpenOption.READ, StandardOpenOption.WRITE);
                FileLock lock = open.tryLock()) {
            if (lock == null) {
                // Another server writes in it: a copy of that would be no whole file.
                return;
            }
            // Under another name until it is whole: a copy that a full disk cut short must not be taken for one.
            Path half = folder.resolve("half");
            Files.copy(database, half, StandardCopyOption.REPLACE_EXISTING);
            Files.move(half, copy, StandardCopyOption.ATOMIC_MOVE);
        }
        for (Path old : all().stream().skip(KEPT).toList()) {
            Files.delete(old);
        }
    }

    /** The youngest first. */
    List<Path> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(DatabaseFile::isCopy)
                    .sorted(Comparator.comparing(Path::getFileName).reversed())
                    .toList();
        }
    }
}
