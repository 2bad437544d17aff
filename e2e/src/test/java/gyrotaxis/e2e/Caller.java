package gyrotaxis.e2e;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.function.IntSupplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Speaks to whichever server is up. */
final class Caller {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Duration ANSWERS = Duration.ofSeconds(5);

    private final IntSupplier port;
    private final Duration patience;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http;

    /** @param port where the server of the moment listens */
    Caller(IntSupplier port) {
        this(port, ANSWERS);
    }

    /** @param patience how long an answer may take before the server counts as gone */
    Caller(IntSupplier port, Duration patience) {
        this.port = port;
        this.patience = patience;
        this.http = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .connectTimeout(patience)
                .build();
    }

    JsonNode get(String path) throws IOException {
        return JSON.readTree(send(request(path).GET().build()).body());
    }

    int status(String path) throws IOException {
        return send(request(path).GET().build()).statusCode();
    }

    int post(String path, String body) throws IOException {
        return send("POST", path, "application/json", body).statusCode();
    }

    int put(String path, String body) throws IOException {
        return send("PUT", path, "application/json", body).statusCode();
    }

    HttpResponse<String> send(String method, String path, String type, String body) throws IOException {
        return send(request(path)
                .header("Content-Type", type)
                .header("X-XSRF-TOKEN", token())
                .method(method, BodyPublishers.ofString(body))
                .build());
    }

    private String token() throws IOException {
        for (int asked = 0; asked < 2; asked++) {
            for (HttpCookie c : cookies.getCookieStore().getCookies()) {
                if (c.getName().equals("XSRF-TOKEN")) {
                    return c.getValue();
                }
            }
            get("/api/people");
        }
        return "none";
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port.getAsInt() + path))
                .timeout(patience);
    }

    private HttpResponse<String> send(HttpRequest r) throws IOException {
        try {
            return http.send(r, BodyHandlers.ofString());
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
