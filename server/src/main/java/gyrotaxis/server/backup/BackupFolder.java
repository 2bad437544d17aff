package gyrotaxis.server.backup;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The files of the book in a folder of the user's; whatever else lies there is left alone. */
class BackupFolder {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss", Locale.ROOT).withZone(ZoneOffset.UTC);
    static final Pattern NAME = Pattern.compile("gyrotaxis-book-\\d{4}-\\d{2}-\\d{2}-\\d{6}\\.zip");

    /** A file that is being made; it is no book until it is whole. */
    private static final String HALF = "gyrotaxis-book.half";

    private final Path folder;

    BackupFolder(Path folder) {
        this.folder = folder;
    }

    /** What writes a file. */
    interface Writer {
        void write(OutputStream out) throws IOException;
    }

    /** What makes sure of a file that was written. */
    interface Checker {
        void check(Path file) throws IOException;
    }

    /**
     * Makes a file and forgets the oldest ones.
     *
     * <p>Until it is written to its end and was read again it goes by another name; whatever happens before that, nothing of it stays and
     * the others are as they were.
     *
     * @param kept how many are to be there afterwards, at most
     */
    Path make(Instant now, int kept, Writer writer, Checker checker) throws IOException {
        Files.createDirectories(folder);
        Path half = folder.resolve(HALF);
        Path whole = folder.resolve("gyrotaxis-book-" + STAMP.format(now) + ".zip");
        try {
            try (OutputStream out = new BufferedOutputStream(open(half), 1 << 16)) {
                writer.write(out);
            }
            checker.check(half);
            Files.move(half, whole, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(half);
        }
        for (Path old : all().stream().skip(kept).toList()) {
            Files.deleteIfExists(old);
        }
        return whole;
    }

    OutputStream open(Path file) throws IOException {
        return Files.newOutputStream(file);
    }

    /** The youngest first. */
    List<Path> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> NAME.matcher(f.getFileName().toString()).matches())
                    .filter(Files::isRegularFile)
                    .sorted(Comparator.comparing(Path::getFileName).reversed())
                    .toList();
        }
    }
}
