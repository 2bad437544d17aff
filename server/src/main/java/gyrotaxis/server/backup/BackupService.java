package gyrotaxis.server.backup;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.backup.BackupBodies.BackupView;
import gyrotaxis.server.backup.BackupBodies.BackupWishBody;
import gyrotaxis.server.backup.BackupBodies.BackupsView;
import gyrotaxis.server.backup.BackupBodies.RunningView;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Settings;
import gyrotaxis.server.storage.DatabaseEncryption;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Predicate;
import javax.sql.DataSource;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Puts the whole book down in a folder of the user's: by hand, and by itself once it is due. One at a time. */
@Service
class BackupService {
    private static final Logger LOG = LoggerFactory.getLogger(BackupService.class);

    /** All that a transaction reads is as it was when it began; a level of H2's own (org.h2.engine.Constants). */
    private static final int SNAPSHOT = 6;

    /** After one that failed, by itself it is tried again only so much later. */
    private static final Duration PATIENCE = Duration.ofMinutes(30);

    private final BackupSettingsStore wishes;
    private final DataSource database;
    private final Settings settings;
    private final Clock clock;
    private final String passphrase;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "backup");
        t.setDaemon(true);
        return t;
    });
    private final AtomicReference<@Nullable Progress> running = new AtomicReference<>();
    private final Map<Path, Looked> looked = new ConcurrentHashMap<>();
    private volatile @Nullable Failed failed;

    /** What went wrong the last time. */
    private record Failed(Instant at, String why) {}

    /** What was seen in a file of that size and age. */
    private record Looked(
            long bytes,
            Instant changed,
            @Nullable BackupContents held,
            @Nullable UUID book,
            String trouble) {}

    BackupService(
            BackupSettingsStore wishes,
            DataSource database,
            Settings settings,
            Clock clock,
            @Value("${gyrotaxis.key:}") String passphrase) {
        this.wishes = wishes;
        this.database = database;
        this.settings = settings;
        this.clock = clock;
        this.passphrase = passphrase;
    }

    BackupsView all() {
        BackupSettings wish = wishes.now();
        Progress now = running.get();
        Failed last = failed;
        List<BackupView> there = List.of();
        String trouble = last == null ? "" : last.why();
        if (wish.isAnywhere()) {
            try {
                there = folder(wish).all().stream().map(this::view).toList();
            } catch (IOException e) {
                trouble = why(e);
            }
        }
        return new BackupsView(
                BackupWishBody.of(wish),
                List.of(BackupInterval.values()).stream()
                        .map(BackupBodies.EveryView::of)
                        .toList(),
                there,
                now == null ? null : new RunningView(now.stage().words(), now.fraction()),
                trouble,
                last == null ? null : last.at(),
                !passphrase.isEmpty());
    }

    /** @throws gyrotaxis.server.shared.FieldProblems if nothing can be put down in the folder */
    BackupsView wish(BackupWishBody body) {
        Fields fields = new Fields();
        String folder = fields.textOrEmpty("folder", "The folder", body.folder(), BackupSettings.MAX_FOLDER_LENGTH);
        BackupInterval every = fields.present("every", "How often", body.every(), BackupInterval.DAY);
        int kept = fields.whole(
                "kept", "The number that is kept", body.kept(), new Interval(BackupSettings.MIN, BackupSettings.MAX));
        unfit(folder).ifPresent(why -> fields.problem("folder", why));
        wishes.keep(fields.orRefuse(() -> new BackupSettings(folder, every, kept)));
        failed = null;
        return all();
    }

    /** Why nothing can be put down in a folder; tried out by making it. */
    private Optional<String> unfit(String folder) {
        if (folder.isEmpty()) {
            return Optional.empty();
        }
        try {
            Path path = Path.of(folder);
            if (!path.isAbsolute()) {
                return Optional.of("Name the folder in full, from the root of the disk on.");
            }
            if (isWithin(path, settings.dataDir().toAbsolutePath())) {
                return Optional.of("This lies in the book's own folder. Choose one elsewhere, best on another disk.");
            }
            if (Files.exists(path) && !Files.isDirectory(path)) {
                return Optional.of("This is a file. Choose a folder.");
            }
            Files.createDirectories(path);
            return Files.isWritable(path)
                    ? Optional.empty()
                    : Optional.of("Nothing can be written in this folder. Choose another one.");
        } catch (InvalidPathException e) {
            return Optional.of("No folder can have this name.");
        } catch (IOException e) {
            return Optional.of("This folder cannot be made. Choose another one.");
        }
    }

    /** Whether a folder lies in another one, also by way of a link. */
    static boolean isWithin(Path folder, Path other) throws IOException {
        return folder.normalize().startsWith(other.normalize()) || real(folder).startsWith(real(other));
    }

    /** A path with all links in it followed; what is not there yet is taken as it is written. */
    private static Path real(Path path) throws IOException {
        Path there = path;
        while (!Files.exists(there) && there.getParent() != null) {
            there = there.getParent();
        }
        return there.toRealPath().resolve(there.relativize(path)).normalize();
    }

    /** Begins one, unless one is being made. */
    BackupsView begin() {
        BackupSettings wish = wishes.now();
        if (!wish.isAnywhere()) {
            Fields fields = new Fields();
            fields.problem("folder", "Say first where the book is to be put down.");
            fields.orRefuse(() -> wish);
        }
        begin(wish);
        return all();
    }

    private void begin(BackupSettings wish) {
        Progress progress = new Progress();
        if (!running.compareAndSet(null, progress)) {
            return;
        }
        try {
            worker.execute(() -> make(wish, progress));
        } catch (RejectedExecutionException e) {
            running.set(null);
        }
    }

    BackupsView stop() {
        Progress now = running.get();
        if (now != null) {
            now.stop();
        }
        return all();
    }

    private void make(BackupSettings wish, Progress progress) {
        Instant now = clock.instant();
        try {
            Optional<BookWriter.Sealed> seal = seal();
            folder(wish).make(now, wish.kept(), this::isOfThisBook, out -> write(out, now, seal, progress), file -> {
                try (BookFile book = BookFile.open(file, passphrase)) {
                    book.check(progress);
                }
            });
            failed = null;
        } catch (CancellationException e) {
            failed = new Failed(now, "It was stopped; nothing of it was kept.");
        } catch (IOException | BookUnread e) {
            failed = new Failed(now, why(e));
            LOG.warn("The book was not put down in {}: {}", wish.folder(), e.toString());
        } catch (RuntimeException e) {
            failed = new Failed(now, "The book could not be read. The server's log tells why.");
            LOG.error("The book was not put down in {}", wish.folder(), e);
        } finally {
            running.set(null);
        }
    }

    private void write(OutputStream out, Instant now, Optional<BookWriter.Sealed> seal, Progress progress)
            throws IOException {
        try (Connection c = database.getConnection()) {
            c.setAutoCommit(false);
            c.setTransactionIsolation(SNAPSHOT);
            try {
                DSLContext db = DSL.using(c, SQLDialect.H2);
                new BookWriter(db, progress).write(out, now, seal);
            } finally {
                c.rollback();
            }
        } catch (SQLException e) {
            throw new DataAccessException("The book cannot be read.", e);
        }
    }

    /** A book that is sealed leaves no file that anybody can read. */
    private Optional<BookWriter.Sealed> seal() throws IOException {
        if (passphrase.isEmpty()) {
            return Optional.empty();
        }
        byte[] salt = new DatabaseEncryption(settings.dataDir()).salt();
        return Optional.of(new BookWriter.Sealed(BookFile.comment(salt), DatabaseEncryption.key(passphrase, salt)));
    }

    private static BackupFolder folder(BackupSettings wish) {
        return new BackupFolder(Path.of(wish.folder()));
    }

    /** Once it is due. After one that failed, it waits for a while. */
    @Scheduled(fixedDelayString = "PT1M", initialDelayString = "PT1M")
    void byItself() {
        BackupSettings wish = wishes.now();
        Instant now = clock.instant();
        Failed last = failed;
        boolean isTooSoon = last != null && last.at().plus(PATIENCE).isAfter(now);
        if (!isTooSoon && isDue(wish, now, this::isOfThisBook)) {
            begin(wish);
        }
    }

    /** A file that was made by a clock which was ahead says nothing of when the next one is due. */
    static boolean isDue(BackupSettings wish, Instant now, Predicate<Path> isOfThisBook) {
        if (!wish.isAnywhere() || wish.every() == BackupInterval.NEVER) {
            return false;
        }
        try {
            Instant since = now.minus(wish.every().after());
            for (Path file : folder(wish).all()) {
                Instant made = Files.getLastModifiedTime(file).toInstant();
                if (made.isAfter(since) && !made.isAfter(now) && isOfThisBook.test(file)) {
                    return false;
                }
            }
            return true;
        } catch (IOException e) {
            // What is wrong with the folder is told when it is tried.
            return true;
        }
    }

    /** Files of earlier versions do not say which book they are of; they count as of this one. What cannot be read is nobody's to delete. */
    private boolean isOfThisBook(Path file) {
        Looked l = look(file);
        return l.held() != null && (l.book() == null || l.book().equals(book()));
    }

    private UUID book() {
        return BookWriter.mark(DSL.using(database, SQLDialect.H2)).orElseThrow();
    }

    /** One of the files. */
    Path file(String name) {
        BackupSettings wish = wishes.now();
        if (wish.isAnywhere() && BackupFolder.NAME.matcher(name).matches()) {
            Path file = Path.of(wish.folder()).resolve(name);
            if (Files.isRegularFile(file)) {
                return file;
            }
        }
        throw new NotFound("This backup is no longer there.");
    }

    private BackupView view(Path file) {
        Looked l = look(file);
        return new BackupView(file.getFileName().toString(), l.bytes(), l.changed(), l.held(), l.trouble());
    }

    /** A file's list is read once, as long as the file is the same. */
    private Looked look(Path file) {
        Looked before = looked.get(file);
        try {
            long bytes = Files.size(file);
            Instant changed = Files.getLastModifiedTime(file).toInstant();
            if (before != null && before.bytes() == bytes && before.changed().equals(changed)) {
                return before;
            }
            Looked now;
            try (BookFile book = BookFile.open(file, passphrase)) {
                now = new Looked(
                        bytes,
                        changed,
                        BackupContents.of(book.manifest()),
                        book.manifest().book(),
                        "");
            } catch (BookUnread e) {
                now = new Looked(bytes, changed, null, null, String.valueOf(e.getMessage()));
            }
            looked.put(file, now);
            return now;
        } catch (IOException e) {
            return new Looked(0, Instant.EPOCH, null, null, "It cannot be read.");
        }
    }

    /** What is to be said of a fault. */
    static String why(Exception e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            String message = String.valueOf(t.getMessage());
            if (t instanceof BookUnread) {
                return "What was written could not be read again: " + message;
            }
            if (message.contains("No space left") || message.contains("Disk quota")) {
                return "The disk with this folder is full. Free some space, or choose another folder.";
            }
            if (t instanceof AccessDeniedException || message.contains("Read-only")) {
                return "Nothing can be written in this folder. Make it writable, or choose another one.";
            }
        }
        return "The folder could not be reached. Is its disk there?";
    }

    @PreDestroy
    void end() {
        Progress now = running.get();
        if (now != null) {
            now.stop();
        }
        worker.shutdown();
    }
}
