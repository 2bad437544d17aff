package gyrotaxis.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.Gyrotaxis;
import gyrotaxis.server.backup.BookFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.TimeZone;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/** The books that demos and tests begin with, and what writes them. */
class DemoBookTest {
    private static final Path STUDIO = Path.of("src/main/resources/demo/studio.zip");
    private static final Path SMALL = Path.of("src/test/resources/demo/small.zip");

    /** As many as a good year of two chairs shows without a list that nobody reads. */
    private static final int VISITS_OF_THE_YEAR = 110;

    private static final LocalTime AFTERNOON = LocalTime.of(14, 0);

    /** By its own clock, writing it may take this long; afterwards it is the afternoon. */
    private static final Duration MAX_WRITING = Duration.ofMinutes(5);

    @Test
    @EnabledIfSystemProperty(named = "demo.write", matches = "true")
    void writeBoth(@TempDir Path folder) throws IOException, SQLException {
        write(folder.resolve("studio"), VISITS_OF_THE_YEAR, STUDIO);
        write(folder.resolve("small"), 0, SMALL);
    }

    private static void write(Path folder, int visitsOfTheYear, Path target) throws IOException, SQLException {
        TimeZone usual = TimeZone.getDefault();
        TimeZone.setDefault(TimeZone.getTimeZone(ZoneOffset.UTC));
        Instant now = LocalDate.now(ZoneOffset.UTC).atTime(AFTERNOON).toInstant(ZoneOffset.UTC);
        // Each look at it is a thousandth of a second later, so that what was written later was also changed later.
        AtomicLong looks = new AtomicLong();
        Clock clock = new Clock() {
            @Override
            public ZoneId getZone() {
                return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(ZoneId zone) {
                throw new UnsupportedOperationException();
            }

            @Override
            public Instant instant() {
                return now.minus(MAX_WRITING).plusMillis(looks.incrementAndGet());
            }
        };
        try (ConfigurableApplicationContext server = new SpringApplicationBuilder(Gyrotaxis.class)
                .initializers(c -> ((GenericApplicationContext) c)
                        .registerBean("demoClock", Clock.class, () -> clock, b -> b.setPrimary(true)))
                .run("--server.port=0", "--gyrotaxis.data-dir=" + folder)) {
            new DemoStudioWriter(server).write(visitsOfTheYear);
        } finally {
            TimeZone.setDefault(usual);
        }
        Files.createDirectories(target.getParent());
        BookFiles.write(folder, target, now);
    }

    @ParameterizedTest
    @CsvSource({"src/main/resources/demo/studio.zip, 28", "src/test/resources/demo/small.zip, 7"})
    void isOfTheNewestForm(Path book, int clients) throws IOException {
        assertThat(BookFiles.schema(book))
                .as("%s; ./gyrotaxis demo-book writes it anew", book)
                .isEqualTo(BookFiles.newestSchema());
        assertThat(BookFiles.rows(book, "client")).isGreaterThanOrEqualTo(clients);
    }
}
