package gyrotaxis.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.testing.Each;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CopiesTest {
    private static final LocalDate MONDAY = LocalDate.of(2031, 6, 2);
    private static final BookMark OURS = new BookMark(UUID.fromString("00000001-0000-0000-0000-000000000000"));
    private static final BookMark ANOTHER = new BookMark(UUID.fromString("00000002-0000-0000-0000-000000000000"));

    @TempDir
    Path folder;

    private Path book(String text) throws IOException {
        return Files.writeString(DatabaseFile.in(folder), text);
    }

    @Test
    void thereIsNoneUntilOneIsMade() throws IOException {
        Copies copies = new Copies(folder);
        assertThat(copies.newest(MONDAY)).isEmpty();
        assertThat(copies.advice(MONDAY)).startsWith("There is no copy of it here.");
    }

    @Test
    void theFirstOfADayStays() throws IOException {
        Copies copies = new Copies(folder);
        copies.make(book("morning"), MONDAY, OURS);
        assertThat(copies.isMade(MONDAY, OURS)).isTrue();
        assertThat(copies.isMade(MONDAY, ANOTHER)).isFalse();
        copies.make(book("noon"), MONDAY, OURS);
        assertThat(copies.newest(MONDAY)).hasValueSatisfying(c -> assertThat(c).hasContent("morning"));
        copies.make(book("noon"), MONDAY.plusDays(1), OURS);
        assertThat(copies.newest(MONDAY.plusDays(1)))
                .hasValueSatisfying(c -> assertThat(c).hasContent("noon"));
    }

    @Test
    void theOldestAreForgottenAndNothingElse() throws IOException {
        Copies copies = new Copies(folder);
        Files.createDirectories(folder.resolve("copies"));
        Path note = Files.writeString(folder.resolve("copies").resolve("read me"), "mine");
        copies.make(book("another's"), MONDAY.minusDays(1), ANOTHER);
        copies.keep(book("replaced"), "2031-06-01-replaced");
        for (int day = 0; day < 2 * Copies.KEPT; day++) {
            copies.make(book("day " + day), MONDAY.plusDays(day), OURS);
        }
        try (Stream<Path> files = Files.list(folder.resolve("copies"))) {
            assertThat(files).hasSize(Copies.KEPT + 3).contains(note);
        }
        assertThat(copies.newest(MONDAY.plusDays(20)))
                .hasValueSatisfying(c -> assertThat(c).hasContent("day " + (2 * Copies.KEPT - 1)));
    }

    /** A clock that was a year ahead for a while: its copies go first, and what is made now stays. */
    @Test
    void aClockThatWasAheadPushesOutNothingNew() throws IOException {
        Copies copies = new Copies(folder);
        for (int day = 0; day < Copies.KEPT; day++) {
            copies.make(book("ahead"), MONDAY.plusYears(1).plusDays(day), OURS);
        }
        copies.make(book("right again"), MONDAY, OURS);
        assertThat(copies.newest(MONDAY)).hasValueSatisfying(c -> assertThat(c).hasContent("right again"));
        for (int day = 1; day < Copies.KEPT; day++) {
            copies.make(book("right again"), MONDAY.plusDays(day), OURS);
        }
        assertThat(copies.all()).hasSize(Copies.KEPT);
        Each.of(copies.all()).allSatisfy(c -> assertThat(c).hasContent("right again"));
    }

    /** What is kept beside a restore or an upgrade never takes the name of what was kept before. */
    @Test
    void whatIsReplacedTwiceADayIsKeptTwice() throws IOException {
        Copies copies = new Copies(folder);
        Path first = copies.keep(book("first"), "2031-06-02-before-form-22");
        Path second = copies.keep(book("second"), "2031-06-02-before-form-22");
        assertThat(first).hasContent("first");
        assertThat(second).hasContent("second");
        assertThat(copies.newest(MONDAY)).isEmpty();
    }

    @Test
    void theAdviceNamesTheNewestAndItsAge() throws IOException {
        Copies copies = new Copies(folder);
        copies.make(book("a"), MONDAY, OURS);
        assertThat(copies.advice(MONDAY)).contains("gyrotaxis-2031-06-02-00000001.mv.db (of today)");
        assertThat(copies.advice(MONDAY.plusDays(1))).contains("(of yesterday)");
        assertThat(copies.advice(MONDAY.plusDays(9))).contains("(of 9 days ago)");
        assertThat(copies.advice(MONDAY.minusDays(9))).contains("a day that is still to come");
    }

    /** Whatever was there is readable by its owner alone, and so is what is made. */
    @Test
    void nobodyElseReadsThem() throws IOException {
        Path open = book("mine");
        if (!Files.getFileStore(folder).supportsFileAttributeView("posix")) {
            return;
        }
        Files.setPosixFilePermissions(open, java.nio.file.attribute.PosixFilePermissions.fromString("rw-r--r--"));
        new Copies(folder).make(open, MONDAY, OURS);
        OwnerOnly.restrictAll(folder);
        try (Stream<Path> all = Files.walk(folder)) {
            Each.of(all.toList())
                    .allSatisfy(f -> assertThat(Files.getPosixFilePermissions(f))
                            .isSubsetOf(java.nio.file.attribute.PosixFilePermissions.fromString("rwx------")));
        }
    }
}
