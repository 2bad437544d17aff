package gyrotaxis.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CopiesTest {
    private static final LocalDate MONDAY = LocalDate.of(2031, 6, 2);

    @TempDir
    Path folder;

    private void book(String text) throws IOException {
        Files.writeString(DatabaseFile.in(folder), text);
    }

    @Test
    void thereIsNoneOfWhatIsNotThere() throws IOException {
        Copies copies = new Copies(folder);
        copies.make(MONDAY);
        assertThat(copies.newest()).isEmpty();
    }

    @Test
    void theFirstOfADayStays() throws IOException {
        Copies copies = new Copies(folder);
        book("morning");
        copies.make(MONDAY);
        book("noon");
        copies.make(MONDAY);
        assertThat(copies.newest()).hasValueSatisfying(c -> assertThat(c).hasContent("morning"));
        copies.make(MONDAY.plusDays(1));
        assertThat(copies.newest()).hasValueSatisfying(c -> assertThat(c).hasContent("noon"));
    }

    @Test
    void theOldestAreForgottenAndNothingElse() throws IOException {
        Copies copies = new Copies(folder);
        Files.createDirectories(folder.resolve("copies"));
        Path note = Files.writeString(folder.resolve("copies").resolve("read me"), "mine");
        for (int day = 0; day < 2 * Copies.KEPT; day++) {
            book("day " + day);
            copies.make(MONDAY.plusDays(day));
        }
        try (Stream<Path> files = Files.list(folder.resolve("copies"))) {
            assertThat(files).hasSize(Copies.KEPT + 1).contains(note);
        }
        assertThat(copies.newest()).hasValueSatisfying(c -> assertThat(c).hasContent("day " + (2 * Copies.KEPT - 1)));
    }
}
