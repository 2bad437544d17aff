package gyrotaxis.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** When the next one is due. */
class BackupServiceTest {
    private static final Duration YEAR = Duration.ofDays(365);

    @TempDir
    Path folder;

    @Test
    void itIsDueOnceTheLastIsOldEnough() throws IOException {
        BackupFolder backups = new BackupFolder(folder);
        BackupSettings daily = new BackupSettings(folder.toString(), BackupInterval.DAY, 3);
        assertThat(BackupService.isDue(daily, Books.NOW, f -> true)).isTrue();
        Path file = backups.make(Books.NOW, 3, f -> true, out -> out.write(1), f -> {});
        Files.setLastModifiedTime(file, FileTime.from(Books.NOW));
        assertThat(BackupService.isDue(daily, Books.NOW.plus(Duration.ofHours(23)), f -> true))
                .isFalse();
        assertThat(BackupService.isDue(daily, Books.NOW.plus(Duration.ofHours(24)), f -> true))
                .isTrue();
        assertThat(BackupService.isDue(
                        new BackupSettings(folder.toString(), BackupInterval.HOUR, 3),
                        Books.NOW.plus(Duration.ofHours(2)),
                        f -> true))
                .isTrue();
        assertThat(BackupService.isDue(
                        new BackupSettings(folder.toString(), BackupInterval.NEVER, 3),
                        Books.NOW.plus(Duration.ofDays(20_000)),
                        f -> true))
                .isFalse();
        assertThat(BackupService.isDue(new BackupSettings("", BackupInterval.HOUR, 3), Books.NOW, f -> true))
                .isFalse();
    }

    /** What was made while the clock was a year ahead puts off nothing once it is right again. */
    @Test
    void aClockThatWasAheadPutsNothingOff() throws IOException {
        Path ahead = new BackupFolder(folder).make(Books.NOW.plus(YEAR), 3, f -> true, out -> out.write(1), f -> {});
        Files.setLastModifiedTime(ahead, FileTime.from(Books.NOW.plus(YEAR)));
        assertThat(BackupService.isDue(
                        new BackupSettings(folder.toString(), BackupInterval.DAY, 3), Books.NOW, f -> true))
                .isTrue();
    }

    /** Of two studios that put their books down in one folder, neither deletes what is the other's. */
    @Test
    void filesOfAnotherBookAreNeitherCountedNorDeleted() throws IOException {
        BackupFolder backups = new BackupFolder(folder);
        Path other = backups.make(Books.NOW.minusSeconds(1), 3, f -> true, out -> out.write(1), f -> {});
        for (int i = 0; i < 4; i++) {
            backups.make(Books.NOW.plusSeconds(i), 2, f -> !f.equals(other), out -> out.write(1), f -> {});
        }
        assertThat(backups.all()).hasSize(3).contains(other);
        assertThat(BackupService.isDue(
                        new BackupSettings(folder.toString(), BackupInterval.DAY, 3), Instant.now(), f -> false))
                .isTrue();
    }

    /** The one just made is kept, although older ones have names of a time that is still to come. */
    @Test
    void aClockThatWasAheadDeletesNothingNew() throws IOException {
        BackupFolder backups = new BackupFolder(folder);
        for (int i = 0; i < 2; i++) {
            backups.make(Books.NOW.plus(YEAR).plusSeconds(i), 2, f -> true, out -> out.write(1), f -> {});
        }
        Path first = backups.make(Books.NOW, 2, f -> true, out -> out.write(1), f -> {});
        assertThat(first).exists();
        Path second = backups.make(Books.NOW.plusSeconds(9), 2, f -> true, out -> out.write(1), f -> {});
        assertThat(backups.all()).containsExactlyInAnyOrder(first, second);
        // An hour back and the same second once more: neither takes the other's name.
        Path third = backups.make(Books.NOW, 3, f -> true, out -> out.write(1), f -> {});
        assertThat(third).isNotEqualTo(first);
        assertThat(backups.all()).containsExactlyInAnyOrder(first, second, third);
    }

    /** A link out of the book's folder and back is seen through. */
    @Test
    void aLinkIntoTheBooksOwnFolderIsSeenThrough(@TempDir Path elsewhere) throws IOException {
        Path own = Files.createDirectory(folder.resolve("book"));
        Path link = Files.createSymbolicLink(elsewhere.resolve("disk"), own);
        assertThat(BackupService.isWithin(link.resolve("new"), own)).isTrue();
        assertThat(BackupService.isWithin(elsewhere.resolve("new"), own)).isFalse();
        assertThat(BackupService.isWithin(own.resolve("new"), own)).isTrue();
    }

    /** What a server leaves that is killed while it writes, or before it has deleted what is too much. */
    @Test
    void whatAKilledServerLeftIsNoBackupAndGoesWithTheNext() throws IOException {
        BackupFolder backups = new BackupFolder(folder);
        for (int hour = 0; hour < 4; hour++) {
            backups.make(Books.NOW.plus(Duration.ofHours(hour)), 9, f -> true, out -> out.write(1), f -> {});
        }
        List<Path> whole = backups.all();
        assertThat(whole).hasSize(4);
        AtomicReference<Path> half = new AtomicReference<>();
        assertThatThrownBy(() -> backups.make(Books.NOW, 9, f -> true, out -> out.write(2), file -> {
                    half.set(file);
                    Files.copy(file, folder.resolve("seen"));
                    throw new IOException("cannot be read again");
                }))
                .isInstanceOf(IOException.class);
        Files.move(folder.resolve("seen"), half.get());
        assertThat(backups.all()).as("half a file is none").isEqualTo(whole);
        Path next = backups.make(Books.NOW.plus(Duration.ofDays(1)), 2, f -> true, out -> out.write(3), f -> {});
        assertThat(backups.all()).containsExactly(next, whole.get(0));
        assertThat(half.get()).doesNotExist();
    }

    /** A device that is always full, where there is one. */
    @Test
    void aRealFullDeviceIsToldAsOne() throws IOException {
        Path full = Path.of("/dev/full");
        org.junit.jupiter.api.Assumptions.assumeTrue(Files.exists(full));
        BackupFolder backups = new BackupFolder(folder) {
            @Override
            java.io.OutputStream open(Path file) throws IOException {
                return Files.newOutputStream(full);
            }
        };
        assertThatThrownBy(() -> backups.make(Books.NOW, 3, f -> true, out -> out.write(new byte[1 << 20]), f -> {}))
                .isInstanceOfSatisfying(
                        IOException.class, e -> assertThat(BackupService.why(e)).contains("is full"));
        assertThat(folder).isEmptyDirectory();
    }
}
