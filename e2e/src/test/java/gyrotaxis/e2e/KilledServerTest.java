package gyrotaxis.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pulls the plug on a real server process right after it has answered that a plan is saved. */
class KilledServerTest {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private int port;

    @Test
    void aKilledServerLosesNoSavedPlan(@TempDir Path folder) throws Exception {
        ServerProcess first = start(folder);
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
        first.kill();
        assertThat(status).isEqualTo(201);

        ServerProcess second = start(folder);
        assertThat(get("/api/plans")).contains("Saved a moment before");
        second.kill();
    }

    private ServerProcess start(Path folder) throws Exception {
        return ServerProcess.start(folder, p -> {
            port = p;
            return get("/actuator/health").contains("UP") && get("/api/plans").length() > 10;
        });
    }

    private String get(String path) throws IOException, InterruptedException {
        return http.send(request(path).GET().build(), BodyHandlers.ofString()).body();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
    }
}
