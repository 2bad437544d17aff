package gyrotaxis.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.server.shared.CannotStart;
import gyrotaxis.server.storage.StoppedProcess.Change;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Whatever changes the files of a book is stopped at each of its steps, and the next start has a whole book again. */
class InterruptedChangeTest {
    private static final Path OLD = Path.of("src", "test", "resources", "kept", "studio-format-1.mv.db");
    private static final int OLD_VERSION = 4;
    private static final int CLIENTS = 7;
    private static final int HEADERS = 8192;

    /** A book of the version before this one. */
    @TempDir
    static Path last;

    @TempDir
    Path temp;

    @BeforeAll
    static void makeLast() throws IOException {
        Files.copy(OLD, DatabaseFile.in(last));
        Migrations.flyway("jdbc:h2:file:" + last.resolve("gyrotaxis"), "")
                .target(String.valueOf(Migrations.newest() - 1))
                .load()
                .migrate();
    }

    private Path lastBook(int step) throws IOException {
        Path folder = Files.createDirectories(temp.resolve("last-" + step));
        Files.copy(DatabaseFile.in(last), DatabaseFile.in(folder));
        return folder;
    }

    private Path oldBook(int step) throws IOException {
        Path folder = Files.createDirectories(temp.resolve("book-" + step));
        Files.copy(OLD, DatabaseFile.in(folder));
        return folder;
    }

    private static int clients(Path folder, String suffix, String password) throws SQLException {
        String url = "jdbc:h2:file:" + folder.toAbsolutePath().resolve("gyrotaxis") + suffix + ";IFEXISTS=TRUE";
        try (Connection open = DriverManager.getConnection(url, "sa", password);
                ResultSet count = open.createStatement().executeQuery("select count(*) from client")) {
            count.next();
            return count.getInt(1);
        }
    }

    private static int version(Path database) throws SQLException {
        String name = database.toString().replace(DatabaseFile.ENDING, "");
        try (Connection open = DriverManager.getConnection("jdbc:h2:file:" + name + ";IFEXISTS=TRUE", "sa", "")) {
            return Migrations.versionOf(open);
        }
    }

    private static void prepare(Path folder) throws IOException, SQLException {
        new DatabasePreparation(folder, "", "", new DurableFiles(), StoppedProcess.TODAY).run();
    }

    /** What a stop before each step of a change leaves, and the folder after its last: at least so many. */
    private List<Path> stops(Change change, Path folder, int atLeast) throws IOException, SQLException {
        List<Path> left = StoppedProcess.stops(change, folder, temp.resolve("stops"));
        // Copies and moves, each with its own steps: fewer would mean that it ended early.
        assertThat(left).hasSizeGreaterThanOrEqualTo(atLeast);
        return left;
    }

    @Test
    void anUpgradeIsDoneOrNotDone() throws Exception {
        for (Path folder : stops(Change.UPGRADE, lastBook(1), 9)) {
            StartCheck.check(folder);
            prepare(folder);
            assertThat(clients(folder, "", "")).as(folder.toString()).isEqualTo(CLIENTS);
            try (Connection open =
                    DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("gyrotaxis"), "sa", "")) {
                assertThat(Migrations.versionOf(open)).isEqualTo(Migrations.newest());
            }
            assertThat(folder.resolve(DatabasePreparation.BESIDE)).doesNotExist();
            try (Stream<Path> files = Files.walk(folder)) {
                assertThat(files.filter(DurableFiles::isUnfinished)).isEmpty();
            }
            assertThat(new Copies(folder).all())
                    .anySatisfy(c -> assertThat(version(c)).isEqualTo(Migrations.newest() - 1));
        }
    }

    @Test
    void aNewBookIsThereOrNot() throws Exception {
        for (Path folder : stops(Change.UPGRADE, Files.createDirectories(temp.resolve("new")), 3)) {
            StartCheck.check(folder);
            prepare(folder);
            assertThat(clients(folder, "", "")).isZero();
        }
    }

    /** At every step the book opens as it was or as it is to be, and nothing readable lies about once it is sealed. */
    @Test
    void aSealingIsDoneOrNotDone() throws Exception {
        Path book = oldBook(1);
        Files.createDirectories(book.resolve("copies"));
        Files.copy(OLD, book.resolve("copies").resolve("gyrotaxis-2031-06-01.mv.db"));
        for (Path folder : stops(Change.SEAL, book, 9)) {
            StartCheck.check(folder);
            boolean isSealed = DatabaseEncryption.isSealed(DatabaseFile.in(folder));
            String password = isSealed ? StoppedProcess.KEY + " " : "";
            assertThat(clients(folder, isSealed ? DatabaseEncryption.suffix() : "", password))
                    .isEqualTo(CLIENTS);
            assertThat(isSealed || !folder.equals(book)).isTrue();
            try (Stream<Path> files = Files.walk(folder)) {
                assertThat(files.filter(Files::isRegularFile).filter(f -> isSealed && holds(f, "Isolde")))
                        .as("readable after a stop: " + folder)
                        .isEmpty();
            }
            assertThat(folder.resolve("sealing")).doesNotExist();
        }
    }

    /** A copy of the folder is what a process leaves that is really ended there. */
    @ParameterizedTest
    @EnumSource(Change.class)
    void aProcessThatEndsLeavesWhatIsLookedAt(Change change) throws Exception {
        for (String name : List.of("copied", "stopped")) {
            Path folder = Files.createDirectories(temp.resolve(name));
            Files.copy(DatabaseFile.in(last), DatabaseFile.in(folder));
            prepare(Files.createDirectories(folder.resolve("restoring")));
        }
        List<Path> left = stops(change, temp.resolve("copied"), 5);
        int step = (left.size() + 1) / 2;
        StoppedProcess.stop(change, temp.resolve("stopped"), step);
        assertThat(files(temp.resolve("stopped"))).isEqualTo(files(left.get(step - 1)));
    }

    /** The files of a folder, but for what the database itself puts beside an open one. */
    private static List<String> files(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile)
                    .map(f -> folder.relativize(f).toString())
                    .filter(f -> !f.endsWith(".lock.db") && !f.endsWith(".trace.db"))
                    .sorted()
                    .toList();
        }
    }

    /** Whatever size a file may have where there is no room for more: it is as it was, or all of it is done. */
    @ParameterizedTest
    @EnumSource(
            value = Change.class,
            names = {"SEAL", "UPGRADE"})
    void onAFullDiskNothingIsChanged(Change change) throws Exception {
        long bytes = Files.size(DatabaseFile.in(last));
        for (int percent : new int[] {0, 20, 40, 101, 1000}) {
            Path folder = lastBook(1000 * (change.ordinal() + 1) + percent);
            boolean fitted = StoppedProcess.fits(change, folder, (int) (bytes * percent / 100 / 1024));
            StartCheck.check(folder);
            boolean isSealed = DatabaseEncryption.isSealed(DatabaseFile.in(folder));
            assertThat(isSealed).isEqualTo(fitted && change == Change.SEAL);
            // In between it depends on how the database lays its pages.
            if (percent == 0 || percent == 1000) {
                assertThat(fitted).isEqualTo(percent == 1000);
            }
            assertThat(clients(
                            folder,
                            isSealed ? DatabaseEncryption.suffix() : "",
                            isSealed ? StoppedProcess.KEY + " " : ""))
                    .as("%s with room for %s %%", change, percent)
                    .isEqualTo(CLIENTS);
            assertThat(folder.resolve("sealing")).doesNotExist();
        }
    }

    private static boolean holds(Path file, String text) {
        try {
            return new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).contains(text);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void aReplacedBookIsTheOldOneOrTheNewOne() throws Exception {
        Path book = oldBook(1);
        prepare(Files.createDirectories(book.resolve("restoring")));
        for (Path folder : stops(Change.REPLACE, book, 5)) {
            StartCheck.check(folder);
            assertThat(clients(folder, "", "")).isIn(0, CLIENTS);
            assertThat(folder.resolve("restoring").resolve("gyrotaxis.mv.db")).doesNotExist();
        }
        assertThat(clients(book, "", "")).isZero();
        assertThat(book.resolve("copies/gyrotaxis-now-replaced.mv.db")).hasSameBinaryContentAs(OLD);
    }

    /** What an earlier version upgraded half: each change of a table was kept, but not that the migration was done. */
    @Test
    void whatAnEarlierVersionUpgradedHalfIsToldAndLeftAsItIs() throws Exception {
        Path folder = oldBook(0);
        try (Connection open = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("gyrotaxis"), "sa", "")) {
            open.createStatement().execute("create table visit (half integer)");
        }
        assertThatThrownBy(() -> prepare(folder)).isInstanceOfSatisfying(CannotStart.class, e -> {
            assertThat(e).hasMessageContaining("cannot be brought to this version");
            assertThat(e.remedy()).contains("copies");
        });
        assertThat(clients(folder, "", "")).isEqualTo(CLIENTS);
        assertThat(version(DatabaseFile.in(folder))).isEqualTo(OLD_VERSION);
        assertThat(folder.resolve(DatabasePreparation.BESIDE).resolve("gyrotaxis.mv.db"))
                .doesNotExist();
    }

    @Test
    void aNewerBookIsRefused() throws Exception {
        Path folder = Files.createDirectories(temp.resolve("newer"));
        prepare(folder);
        try (Connection open = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("gyrotaxis"), "sa", "")) {
            open.createStatement()
                    .execute("update \"flyway_schema_history\" set \"version\" = '9999' where \"version\" = '"
                            + Migrations.newest() + "'");
        }
        assertThatThrownBy(() -> prepare(folder))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("of a newer version than this one (form 9999");
    }

    /** Copies are made of what was read to its end, so a damaged book never pushes out a good copy. */
    @Test
    void aDamagedBookIsNotCopied() throws Exception {
        Path folder = oldBook(0);
        prepare(folder);
        Path good = new Copies(folder).newest(StoppedProcess.TODAY).orElseThrow();
        byte[] bytes = Files.readAllBytes(DatabaseFile.in(folder));
        // All but the headers, or H2 would find an older state of it that is whole.
        for (int i = HEADERS; i < bytes.length; i++) {
            bytes[i] = (byte) (bytes[i] ^ 0x5a);
        }
        Files.write(DatabaseFile.in(folder), bytes);
        for (int day = 2; day <= Copies.KEPT + 2; day++) {
            int later = day;
            assertThatThrownBy(() -> new DatabasePreparation(
                                    folder, "", "", new DurableFiles(), StoppedProcess.TODAY.plusDays(later))
                            .run())
                    .isInstanceOfSatisfying(
                            CannotStart.class, e -> assertThat(e.remedy()).contains(good.toString(), "days ago"));
        }
        assertThat(new Copies(folder).newest(StoppedProcess.TODAY.plusDays(9))).contains(good);
    }

    @Test
    void aMissingBookIsNeverBegunAnewInSilence() throws IOException {
        for (String left : new String[] {"copies/gyrotaxis-2031-06-01.mv.db", "temp.db", "restoring/x", "seal.salt"}) {
            Path folder = Files.createDirectories(temp.resolve("missing-" + left.replace('/', '-')));
            Files.createDirectories(folder.resolve(left).getParent());
            Files.writeString(folder.resolve(left), "x");
            assertThatThrownBy(() -> StartCheck.check(folder)).isInstanceOfSatisfying(CannotStart.class, e -> {
                assertThat(e).hasMessageContaining("but what belongs to one: " + left.replaceAll("/.*", ""));
                assertThat(e.remedy()).contains("GYROTAXIS_DATA");
            });
            assertThat(folder.resolve(left)).exists();
        }
        Path empty = temp.resolve("empty");
        StartCheck.check(empty);
        assertThat(empty).isDirectory();
    }

    /** A second start or a restore, while files are being changed, waits for nobody and changes nothing. */
    @Test
    void onlyOneChangesTheFilesAtATime() throws IOException {
        Path folder = oldBook(0);
        try (FolderLock lock = FolderLock.of(folder)) {
            assertThatThrownBy(() -> StartCheck.check(folder))
                    .isInstanceOf(CannotStart.class)
                    .hasMessageContaining("Another Gyrotaxis");
        }
        // The file that is left behind locks nothing.
        assertThat(folder.resolve(FolderLock.NAME)).exists();
        StartCheck.check(folder);
    }
}
