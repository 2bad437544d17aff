package gyrotaxis.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A book that only its passphrase opens. */
class DatabaseEncryptionTest {
    private static final String PASSPHRASE = "seven nets & a lamp, öfter";

    private static void writeDown(Api api, String name) {
        Api.Answer a = api.post(
                "/api/clients",
                Api.JSON
                        .createObjectNode()
                        .put("name", name)
                        .put("wishes", "")
                        .put("notes", "")
                        .put("version", 0)
                        .set("head", Api.JSON.readTree("{\"roundMm\":560,\"frontToNapeMm\":360,\"overTopMm\":330}")));
        assertThat(a.status()).as(a.text()).isEqualTo(201);
    }

    private static String names(Path folder, String... settings) {
        RunningServer.Started started = RunningServer.start(folder, settings);
        try {
            return new Api(RunningServer.address(started.context()))
                    .get("/api/clients")
                    .text();
        } finally {
            started.context().close();
        }
    }

    private static boolean isReadable(Path file, String what) throws IOException {
        return new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).contains(what);
    }

    /** As the command does it: in a process of its own, the passphrase in its environment. */
    private static int tool(String what, Path folder, String passphrase) throws Exception {
        ProcessBuilder b = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                "gyrotaxis.server.backup.EncryptionTool",
                what,
                folder.toString());
        b.environment().putAll(Map.of("GYROTAXIS_KEY", passphrase));
        Process p = b.inheritIO().start();
        assertThat(p.waitFor(10, TimeUnit.MINUTES)).isTrue();
        return p.exitValue();
    }

    private static void write(Path folder) throws SQLException {
        try (Connection c = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("gyrotaxis"), "sa", "");
                Statement s = c.createStatement()) {
            s.execute("create table who (name varchar(80))");
            s.execute("insert into who values ('Ottoline Bowsprit')");
        }
    }

    @Test
    void whatIsSealedIsReadByItsPassphraseAlone(@TempDir Path folder) throws Exception {
        Path book = folder.resolve("gyrotaxis.mv.db");
        write(folder);
        Path copy = Files.createDirectories(folder.resolve("copies")).resolve("gyrotaxis-2027-06-01.mv.db");
        Files.copy(book, copy);
        assertThat(isReadable(book, "Ottoline")).isTrue();
        assertThat(tool("seal", folder, "short")).isEqualTo(1);
        assertThat(isReadable(book, "Ottoline")).isTrue();
        assertThat(tool("seal", folder, PASSPHRASE)).isZero();
        for (Path file : List.of(book, copy)) {
            assertThat(isReadable(file, "Ottoline")).as(file.toString()).isFalse();
        }
        assertThatThrownBy(() -> RunningServer.start(folder)).hasStackTraceContaining("is sealed");
        byte[] sealed = Files.readAllBytes(book);
        assertThat(tool("unseal", folder, "another passphrase")).isEqualTo(1);
        assertThat(Files.readAllBytes(book)).isEqualTo(sealed);
        assertThat(tool("unseal", folder, PASSPHRASE)).isZero();
        assertThat(isReadable(book, "Ottoline")).isTrue();
        assertThat(isReadable(copy, "Ottoline")).isTrue();
        assertThatThrownBy(() -> RunningServer.start(folder, "--gyrotaxis.key=" + PASSPHRASE))
                .hasStackTraceContaining("is not sealed");
    }

    @Test
    void aBookMayBeSealedFromItsFirstDay(@TempDir Path folder) throws IOException {
        assertThatThrownBy(() -> RunningServer.start(folder, "--gyrotaxis.key=short"))
                .hasStackTraceContaining("12 characters");
        RunningServer.Started sealed = RunningServer.start(folder, "--gyrotaxis.key=" + PASSPHRASE);
        writeDown(new Api(RunningServer.address(sealed.context())), "Ottoline Bowsprit");
        sealed.context().close();
        assertThat(isReadable(folder.resolve("gyrotaxis.mv.db"), "Ottoline")).isFalse();
        assertThat(names(folder, "--gyrotaxis.key=" + PASSPHRASE)).contains("Ottoline Bowsprit");
    }
}
