package gyrotaxis.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.TimeZone;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** The made-up studio is complete or not there, and opens on today. */
class DemoStartTest {
    private static final int CLIENTS = 7;

    @Test
    void isWholeAndOpensOnToday(@TempDir Path folder) throws IOException {
        LocalDate day = LocalDate.now();
        // As if a start had been stopped while it wrote.
        Files.createDirectories(folder.resolve("installing"));
        Files.writeString(folder.resolve("installing/gyrotaxis.mv.db"), "cut off");
        try (ConfigurableApplicationContext started = demo(folder)) {
            Api api = new Api(RunningServer.address(started));
            assertThat(clients(api)).isEqualTo(CLIENTS);
            // Midnight may have passed since.
            JsonNode today = api.get("/api/diary?from=" + day + "&days=2").json();
            assertThat(today.toString()).contains("Isolde Marrinquay", "Junia Sprottle");
            assertThat(folder.resolve("installing")).doesNotExist();
            api.ownClient();
        }
        try (ConfigurableApplicationContext again = demo(folder)) {
            assertThat(clients(new Api(RunningServer.address(again)))).isEqualTo(CLIENTS + 1);
        }
    }

    /** What is done at noon is done at noon wherever it is opened. */
    @Test
    void keepsTheClockOfTheMachineItIsOpenedOn(@TempDir Path folder) {
        TimeZone usual = TimeZone.getDefault();
        TimeZone.setDefault(TimeZone.getTimeZone("Pacific/Auckland"));
        LocalDate day = LocalDate.now();
        try (ConfigurableApplicationContext started = demo(folder)) {
            Api api = new Api(RunningServer.address(started));
            JsonNode diary =
                    api.get("/api/diary?from=" + day.plusDays(2) + "&days=5").json();
            assertThat(diary.path("zone").asString()).isEqualTo("Pacific/Auckland");
            assertThat(diary.path("today").asString())
                    .isIn(day.toString(), day.plusDays(1).toString());
            Each.of(diary.path("appointments"))
                    .allSatisfy(a -> assertThat(a.path("fromMinute").asInt()).isBetween(8 * 60, 20 * 60));
        } finally {
            TimeZone.setDefault(usual);
        }
    }

    /** Earlier versions wrote client by client, and opened for good what a stopped start had left. */
    @Test
    void aHalfOfAnEarlierVersionIsSetAsideAndMadeAnew(@TempDir Path folder) throws IOException, SQLException {
        String url = "jdbc:h2:file:" + folder.toAbsolutePath().resolve("gyrotaxis");
        Flyway.configure()
                .dataSource(url, "sa", "")
                .locations("classpath:db/migration")
                .load()
                .migrate();
        try (Connection open = DriverManager.getConnection(url, "sa", "")) {
            open.createStatement().execute("update studio set name = 'Slipway Two'");
        }
        try (ConfigurableApplicationContext started = demo(folder)) {
            assertThat(clients(new Api(RunningServer.address(started)))).isEqualTo(CLIENTS);
        }
        try (Stream<Path> copies = Files.list(folder.resolve("copies"))) {
            assertThat(copies.map(p -> p.getFileName().toString())).anyMatch(name -> name.contains("half"));
        }
    }

    /** A book that is somebody's own is never taken for half a demo. */
    @Test
    void anotherBookStaysAsItIs(@TempDir Path folder) throws IOException {
        try (ConfigurableApplicationContext own = RunningServer.start(folder).context()) {
            assertThat(clients(new Api(RunningServer.address(own)))).isZero();
        }
        try (ConfigurableApplicationContext started = demo(folder)) {
            assertThat(clients(new Api(RunningServer.address(started)))).isZero();
        }
    }

    /** Whoever closes it keeps the folder. */
    private static ConfigurableApplicationContext demo(Path folder) {
        return RunningServer.start(folder, "--gyrotaxis.demo=true").context();
    }

    private static int clients(Api api) {
        return api.get("/api/clients").json().path("count").asInt();
    }
}
