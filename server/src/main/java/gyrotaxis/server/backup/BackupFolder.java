package gyrotaxis.server.backup;

import gyrotaxis.server.storage.DurableFiles;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
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
     * Makes a file and forgets the oldest ones of the same book. The one just made is never forgotten, whatever the clock said before.
     *
     * <p>Until it is written to its end and was read again it goes by another name; whatever happens before that, nothing of it stays and
     * the others are as they were.
     *
     * @param kept how many of this book are to be there afterwards, at most
     * @param isOfThisBook whether a file that lies there is a backup of this book; others are left alone
     */
    Path make(Instant now, int kept, Predicate<Path> isOfThisBook, Writer writer, Checker checker) throws IOException {
        Files.createDirectories(folder);
        Path half = folder.resolve(HALF);
        Path whole = free(now);
        try {
            try (OutputStream out = new BufferedOutputStream(open(half), 1 << 16)) {
                writer.write(out);
            }
            checker.check(half);
            new DurableFiles().move(half, whole);
        } finally {
            Files.deleteIfExists(half);
        }
        // What a clock that was ahead named comes last: it would push out everything that is made from now on.
        String justNow = name(now);
        List<Path> others = all().stream()
                .filter(f -> !f.equals(whole))
                .filter(isOfThisBook)
                .sorted(Comparator.comparing(f -> f.getFileName().toString().compareTo(justNow) > 0))
                .toList();
        for (Path old : others.stream().skip(kept - 1L).toList()) {
            Files.deleteIfExists(old);
        }
        return whole;
    }

    /** A clock that was put back must not write over what it named before. */
    private Path free(Instant now) {
        Instant at = now;
        while (Files.exists(folder.resolve(name(at)))) {
            at = at.plusSeconds(1);
        }
        return folder.resolve(name(at));
    }

    private static String name(Instant at) {
        return "gyrotaxis-book-" + STAMP.format(at) + ".zip";
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
