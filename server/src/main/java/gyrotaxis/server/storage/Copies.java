package gyrotaxis.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Copies of the database file, one for a day and a book, made when it was opened and read that day for the first time.
 *
 * <p>A closed database is one whole file, so copying it is enough; to go back, put a copy in the place of the database. Only what could be read
 * to its end is copied, so a damaged book pushes out no copy of a whole one. What a restore, an upgrade or a new demo took the place of lies
 * here too, and is counted by itself.
 */
final class Copies {
    /** As many days back as a fault may go unnoticed. ASSUMPTION: a working week and a day. */
    static final int KEPT = 7;

    static final String FOLDER = "copies";

    /** The day, and the beginning of the book's mark; copies of earlier versions have none. */
    private static final Pattern DAILY =
            Pattern.compile("gyrotaxis-(\\d{4}-\\d{2}-\\d{2})(?:-([0-9a-f]{8}))?" + Pattern.quote(DatabaseFile.ENDING));

    private final Path folder;
    private final DurableFiles files;

    Copies(Path dataFolder) {
        this(dataFolder, new DurableFiles());
    }

    Copies(Path dataFolder, DurableFiles files) {
        this.folder = dataFolder.resolve(FOLDER);
        this.files = files;
    }

    /** One copy of a day. */
    record Daily(Path file, LocalDate day, String mark) {
        static Optional<Daily> of(Path file) {
            Matcher name = DAILY.matcher(file.getFileName().toString());
            return name.matches()
                    ? Optional.of(new Daily(
                            file,
                            LocalDate.parse(name.group(1)),
                            Optional.ofNullable(name.group(2)).orElse("")))
                    : Optional.empty();
        }
    }

    /** The youngest copy of a day, if there is any; one of a day that is still to come was named by a wrong clock and comes last. */
    Optional<Path> newest(LocalDate today) throws IOException {
        return daily(today).stream().map(Daily::file).findFirst();
    }

    /** What to do about a database that is of no use. */
    String advice(LocalDate today) {
        try {
            Optional<Daily> best = daily(today).stream().findFirst();
            if (best.isPresent()) {
                return "Put the newest copy, " + best.get().file() + " ("
                        + age(best.get().day(), today) + "), in its place.";
            }
        } catch (IOException e) {
            // As if there were none.
        }
        return "There is no copy of it here. Put a copy of yours in its place, or move the file away to begin anew.";
    }

    private static String age(LocalDate day, LocalDate today) {
        long days = ChronoUnit.DAYS.between(day, today);
        if (days < 0) {
            return "named " + day + ", a day that is still to come";
        }
        return days == 0 ? "of today" : days == 1 ? "of yesterday" : "of " + days + " days ago";
    }

    /** Whether there is a copy of today. */
    boolean isMade(LocalDate today, BookMark book) throws IOException {
        return Files.exists(ofDay(today, book));
    }

    /**
     * Copies a database that is closed and was read to its end, unless it was today already, and forgets the oldest copies of the same book.
     * The one just made is never forgotten, whatever the clock said before.
     */
    void make(Path database, LocalDate today, BookMark book) throws IOException {
        Path copy = ofDay(today, book);
        if (Files.exists(copy)) {
            return;
        }
        Files.createDirectories(folder);
        files.copy(database, copy);
        List<Daily> others = daily(today).stream()
                .filter(d -> d.mark().equals(book.brief()) || d.mark().isEmpty())
                .filter(d -> !d.file().equals(copy))
                .toList();
        for (Daily old : others.stream().skip(KEPT - 1L).toList()) {
            files.delete(old.file());
        }
    }

    /**
     * Keeps a database that another is about to take the place of. It stays in its place as well, until the other does.
     *
     * @param stamp tells it from others that were kept, and says why
     */
    Path keep(Path database, String stamp) throws IOException {
        Files.createDirectories(folder);
        Path kept = folder.resolve(DatabaseFile.copyOf(stamp));
        for (int i = 2; Files.exists(kept); i++) {
            kept = folder.resolve(DatabaseFile.copyOf(stamp + "-" + i));
        }
        files.copy(database, kept);
        List<Path> others = all().stream()
                .filter(f -> Daily.of(f).isEmpty())
                .sorted(Comparator.comparing(Copies::changed).reversed())
                .toList();
        Path justKept = kept;
        for (Path old :
                others.stream().filter(f -> !f.equals(justKept)).skip(KEPT - 1L).toList()) {
            files.delete(old);
        }
        return kept;
    }

    private Path ofDay(LocalDate day, BookMark book) {
        return folder.resolve(DatabaseFile.copyOf(day + "-" + book.brief()));
    }

    private List<Daily> daily(LocalDate today) throws IOException {
        return all().stream()
                .flatMap(f -> Daily.of(f).stream())
                .sorted(Comparator.comparing((Daily d) -> d.day().isAfter(today))
                        .thenComparing(Daily::day, Comparator.reverseOrder())
                        .thenComparing(d -> changed(d.file()), Comparator.reverseOrder()))
                .toList();
    }

    private static long changed(Path file) {
        return file.toFile().lastModified();
    }

    /** Daily ones and others, in no order. */
    List<Path> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> list = Files.list(folder)) {
            return list.filter(DatabaseFile::isCopy).toList();
        }
    }
}
