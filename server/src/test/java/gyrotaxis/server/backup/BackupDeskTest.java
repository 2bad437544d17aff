package gyrotaxis.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** When the next one is due. */
class BackupDeskTest {
    @TempDir
    Path folder;

    @Test
    void itIsDueOnceTheLastIsOldEnough() throws IOException {
        BackupFolder backups = new BackupFolder(folder);
        Wish daily = new Wish(folder.toString(), Every.DAY, 3);
        assertThat(BackupDesk.isDue(daily, Books.NOW)).isTrue();
        Path file = backups.make(Books.NOW, 3, out -> out.write(1), f -> {});
        Files.setLastModifiedTime(file, FileTime.from(Books.NOW));
        assertThat(BackupDesk.isDue(daily, Books.NOW.plus(Duration.ofHours(23))))
                .isFalse();
        assertThat(BackupDesk.isDue(daily, Books.NOW.plus(Duration.ofHours(24))))
                .isTrue();
        assertThat(BackupDesk.isDue(new Wish(folder.toString(), Every.HOUR, 3), Books.NOW.plus(Duration.ofHours(2))))
                .isTrue();
        assertThat(BackupDesk.isDue(
                        new Wish(folder.toString(), Every.NEVER, 3), Books.NOW.plus(Duration.ofDays(20_000))))
                .isFalse();
        assertThat(BackupDesk.isDue(new Wish("", Every.HOUR, 3), Books.NOW)).isFalse();
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
        assertThatThrownBy(() -> backups.make(Books.NOW, 3, out -> out.write(new byte[1 << 20]), f -> {}))
                .isInstanceOfSatisfying(
                        IOException.class, e -> assertThat(BackupDesk.why(e)).contains("is full"));
        assertThat(folder).isEmptyDirectory();
    }
}
