package gyrotaxis.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Backups as the page asks for them, and put back by the command. */
class BackupsApiTest {
    private static final Duration HANGS = Duration.ofMinutes(10);

    @TempDir
    Path temp;

    private static ObjectNode wish(Path folder, String every, int kept) {
        return Api.JSON
                .createObjectNode()
                .put("folder", folder.toString())
                .put("every", every)
                .put("kept", kept);
    }

    private static JsonNode until(Api api, Predicate<JsonNode> is) throws InterruptedException {
        JsonNode now = api.get("/api/backups").json();
        for (long end = System.nanoTime() + HANGS.toNanos(); !is.test(now) && System.nanoTime() < end; ) {
            Thread.sleep(50);
            now = api.get("/api/backups").json();
        }
        assertThat(is.test(now)).as(now.toString()).isTrue();
        return now;
    }

    private static JsonNode made(Api api, int many) throws InterruptedException {
        assertThat(api.post("/api/backups", "{}").status()).isEqualTo(202);
        return until(api, b -> b.path("running").isNull() && b.path("there").size() == many);
    }

    /** As the command does it. */
    private int restore(String... arguments) throws Exception {
        List<String> all = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                // A book of any size is put back with the memory of a small machine.
                "-Xmx256m",
                "-cp",
                System.getProperty("java.class.path"),
                "gyrotaxis.server.backup.RestoreTool"));
        all.addAll(List.of(arguments));
        Process p = new ProcessBuilder(all)
                .redirectErrorStream(true)
                .redirectOutput(temp.resolve("said").toFile())
                .redirectInput(Files.writeString(temp.resolve("typed"), "no\n").toFile())
                .start();
        assertThat(p.waitFor(HANGS.toMinutes(), TimeUnit.MINUTES)).isTrue();
        return p.exitValue();
    }

    private String said() throws IOException {
        return Files.readString(temp.resolve("said"));
    }

    @Test
    void madeWhileWorkGoesOnAndPutBack() throws Exception {
        Path backups = temp.resolve("other disk").resolve("backups");
        Path data = temp.resolve("data");
        String name;
        JsonNode book;
        try (RunningServer.Started server = RunningServer.start(data, "--gyrotaxis.demo=true")) {
            Api api = new Api(RunningServer.address(server.context()));
            assertThat(api.get("/api/backups").json().at("/wish/folder").asString())
                    .isEmpty();
            assertThat(api.post("/api/backups", "{}").messageAt("folder")).contains("Say first");
            assertThat(api.put("/api/backups/wish", wish(backups, "DAY", 2)).status())
                    .isEqualTo(200);
            book = api.get("/api/clients").json();
            JsonNode now = made(api, 1);
            assertThat(now.path("trouble").asString()).isEmpty();
            JsonNode there = now.at("/there/0");
            assertThat(there.at("/held/clients").asLong())
                    .isEqualTo(book.path("count").asLong());
            assertThat(there.at("/held/visits").asLong()).isEqualTo(3);
            name = there.path("name").asString();
            byte[] file = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(api.address() + "/api/backups/" + name))
                                    .build(),
                            BodyHandlers.ofByteArray())
                    .body();
            assertThat(backups.resolve(name)).hasBinaryContent(file);
            assertThat(api.get("/api/backups/gyrotaxis-book-1999-01-01-000000.zip")
                            .status())
                    .isEqualTo(404);
            assertThat(api.get("/api/backups/..%2F..%2Fdata%2Fgyrotaxis.mv.db").status())
                    .isIn(400, 404);
            ObjectNode added = Api.JSON
                    .createObjectNode()
                    .put("name", "Late Comer")
                    .put("wishes", "")
                    .put("notes", "")
                    .put("version", 0);
            added.set("head", Api.JSON.readTree("{\"roundMm\":560,\"frontToNapeMm\":360,\"overTopMm\":330}"));
            assertThat(api.post("/api/clients", added).status()).isEqualTo(201);
            // A book that is in use is not taken from under it.
            assertThat(restore(backups.resolve(name).toString(), data.toString(), "--yes"))
                    .isEqualTo(1);
            assertThat(said()).contains("A server runs on the book");
            server.context().close();
            assertThat(restore(backups.resolve(name).toString(), data.toString(), "--look"))
                    .isZero();
            assertThat(said())
                    .contains(book.path("count").asLong() + " clients")
                    .contains("goes to its copies");
            assertThat(restore(backups.resolve(name).toString(), data.toString()))
                    .isEqualTo(1);
            assertThat(said()).contains("Nothing was changed");
            assertThat(restore(backups.resolve(name).toString(), data.toString(), "--yes"))
                    .isZero();
            assertThat(said()).contains("Checking 100 %").contains("Done");
            try (var copies = Files.list(data.resolve("copies"))) {
                assertThat(copies.map(c -> c.getFileName().toString())).anyMatch(c -> c.contains("replaced"));
            }
            try (RunningServer.Started again = RunningServer.start(data)) {
                Api restored = new Api(RunningServer.address(again.context()));
                assertThat(restored.get("/api/clients").json()).isEqualTo(book);
                // And it goes on: what is numbered by the database is not numbered twice.
                assertThat(restored.post("/api/clients", added).status()).isEqualTo(201);
                made(restored, 2);
            }
        }
    }

    @Test
    void whereNothingCanBePutDownIsSaidAtTheFolder() throws Exception {
        Path data = temp.resolve("data");
        try (RunningServer.Started server = RunningServer.start(data)) {
            Api api = new Api(RunningServer.address(server.context()));
            Path file = Files.writeString(temp.resolve("file"), "");
            assertThat(api.put("/api/backups/wish", wish(Path.of("backups"), "DAY", 2))
                            .messageAt("folder"))
                    .contains("in full");
            assertThat(api.put("/api/backups/wish", wish(data.resolve("x"), "DAY", 2))
                            .messageAt("folder"))
                    .contains("own folder");
            assertThat(api.put("/api/backups/wish", wish(file, "DAY", 2)).messageAt("folder"))
                    .contains("is a file");
            assertThat(api.put("/api/backups/wish", wish(file.resolve("under"), "DAY", 2))
                            .messageAt("folder"))
                    .contains("cannot be made");
            assertThat(api.put("/api/backups/wish", wish(temp, "DAY", 0)).messageAt("kept"))
                    .contains("between 1");
            assertThat(api.put("/api/backups/wish", wish(temp.resolve("to"), "HOUR", 5))
                            .status())
                    .isEqualTo(200);
            // The disk is taken away: the next one says so, and what is kept in the book is kept.
            Files.delete(temp.resolve("to"));
            Files.writeString(temp.resolve("to"), "in the way");
            api.post("/api/backups", "{}");
            JsonNode now = until(
                    api,
                    b -> b.path("running").isNull()
                            && !b.path("trouble").asString().isEmpty());
            assertThat(now.path("trouble").asString()).contains("folder");
            assertThat(api.get("/api/clients").status()).isEqualTo(200);
        }
    }
}
