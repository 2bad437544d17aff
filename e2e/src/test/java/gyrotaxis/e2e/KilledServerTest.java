package gyrotaxis.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.Gyrotaxis;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pulls the plug on a real server process right after it has answered that a plan is saved. */
class KilledServerTest {
    private static final Duration START = Duration.ofMinutes(5);
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private int port;

    @Test
    void aKilledServerLosesNoSavedPlan(@TempDir Path folder) throws Exception {
        Process first = start(folder);
        Matcher plan = Pattern.compile("\"clientId\":\"[^\"]+\"").matcher(get("/api/plans"));
        assertThat(plan.find()).isTrue();
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
        String body = "{" + plan.group() + ",\"name\":\"Saved a moment before\"}";
        int status = http.send(
                        request("/api/plans")
                                .header("Content-Type", "application/json")
                                .header("X-XSRF-TOKEN", token)
                                .POST(BodyPublishers.ofString(body))
                                .build(),
                        BodyHandlers.ofString())
                .statusCode();
        first.destroyForcibly().waitFor();
        assertThat(status).isEqualTo(201);

        Process second = start(folder);
        assertThat(get("/api/plans")).contains("Saved a moment before");
        second.destroyForcibly().waitFor();
    }

    private Process start(Path folder) throws Exception {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Path log = folder.resolve("server.log");
        Process server = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        // Starts are all that is waited for; a server that lives so briefly needs no second compiler.
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Gyrotaxis.class.getName(),
                        "--server.port=" + port,
                        "--gyrotaxis.demo=true",
                        "--gyrotaxis.data-dir=" + folder)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        long end = System.nanoTime() + START.toNanos();
        while (System.nanoTime() < end && server.isAlive()) {
            try {
                if (get("/actuator/health").contains("UP") && get("/api/plans").length() > 10) {
                    return server;
                }
            } catch (IOException notYet) {
                Thread.sleep(200);
            }
        }
        throw new AssertionError("the server did not start:\n" + Files.readString(log));
    }

    private String get(String path) throws Exception {
        return http.send(request(path).GET().build(), BodyHandlers.ofString()).body();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
    }
}
