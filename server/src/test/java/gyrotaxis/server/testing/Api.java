package gyrotaxis.server.testing;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import javax.net.ssl.SSLContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Speaks to the server as the front end does. */
public final class Api {
    public static final JsonMapper JSON = new JsonMapper();

    /** Writes documents that are kept in files: in an order of its own, so that one is like the next. */
    public static final JsonMapper SORTED = JsonMapper.builder()
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    private static final AtomicInteger OWN = new AtomicInteger();
    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http;

    public Api(String address) {
        this.address = address;
        this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
    }

    /** One that trusts what is given, over TLS. */
    public Api(String address, SSLContext trust) {
        this.address = address;
        this.http =
                HttpClient.newBuilder().cookieHandler(cookies).sslContext(trust).build();
    }

    /** What the server set, by name. */
    public Optional<HttpCookie> cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .findFirst();
    }

    /** Shows a cookie as if the server had set it. */
    public void show(HttpCookie cookie) {
        cookies.getCookieStore().add(URI.create(address), cookie);
    }

    /** An answer: its status and, if it was JSON, its body. */
    public record Answer(int status, String text, String type) {
        public JsonNode json() {
            return JSON.readTree(text);
        }

        /** The message at one field of a problem detail. */
        public String messageAt(String field) {
            for (JsonNode e : json().path("errors")) {
                if (e.path("field").asString().equals(field)) {
                    return e.path("message").asString();
                }
            }
            throw new AssertionError("no message at " + field + " in " + text);
        }
    }

    public String address() {
        return address;
    }

    public Answer get(String path) {
        return answer(request(path).GET().build());
    }

    public Answer post(String path, Object body) {
        return send("POST", path, body.toString());
    }

    /** Sends a file. */
    public Answer file(String path, String type, byte[] content) {
        return answer(signed(path)
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofByteArray(content))
                .build());
    }

    /** A plan with both its answers in one: what is drawn and what is read. */
    public Answer plan(Object brief) {
        Answer answer = post("/api/plan", JSON.createObjectNode().set("brief", JSON.readTree(brief.toString())));
        if (answer.status() != 200) {
            return answer;
        }
        ObjectNode all = (ObjectNode) answer.json().get("drawn");
        answer.json().get("read").properties().forEach(p -> all.set(p.getKey(), p.getValue()));
        return new Answer(answer.status(), all.toString(), answer.type());
    }

    /** A brief after a change, as the page applies it. */
    public static ObjectNode changed(JsonNode brief, JsonNode change) {
        ObjectNode all = (ObjectNode) brief.deepCopy();
        change.properties().forEach(p -> {
            JsonNode before = all.path(p.getKey());
            boolean isInner = before.isObject() && p.getValue().isObject();
            all.set(p.getKey(), isInner ? changed(before, p.getValue()) : p.getValue());
        });
        return all;
    }

    public Answer put(String path, Object body) {
        return send("PUT", path, body.toString());
    }

    public Answer delete(String path) {
        return send("DELETE", path, "");
    }

    public Answer send(String method, String path, String body) {
        return answer(request(path)
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token())
                .method(method, BodyPublishers.ofString(body))
                .build());
    }

    /** A request that may change something. */
    public HttpRequest.Builder signed(String path) {
        return request(path).header("X-XSRF-TOKEN", token());
    }

    /** A POST whose length is not told beforehand. */
    public Answer chunked(String path, String body) {
        return answer(request(path)
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token())
                .POST(BodyPublishers.ofInputStream(
                        () -> new ByteArrayInputStream(body.getBytes(StandardCharsets.UTF_8))))
                .build());
    }

    /** The demo's plan of a name. Other tests look at it too: whoever changes a plan makes one with {@link #ownPlan()}. */
    public JsonNode demoPlan(String name) {
        for (JsonNode plan : get("/api/plans").json()) {
            if (plan.path("name").asString().equals(name)) {
                return plan;
            }
        }
        throw new AssertionError("the demo has no plan " + name);
    }

    /** The plan that stands for any. */
    public JsonNode demoPlan() {
        return demoPlan("Big and quick");
    }

    /** The brief of {@link #demoPlan()}, to be changed at will. */
    public ObjectNode anyBrief() {
        return (ObjectNode) demoPlan().get("brief");
    }

    /** A client that no other test knows: with the name, wishes and head of a demo client, but for a number in her name. */
    public String ownClient() {
        ObjectNode client = (ObjectNode)
                get("/api/clients/" + demoPlan().path("clientId").asString()).json();
        ObjectNode added = JSON.createObjectNode();
        added.put(
                "name",
                "Own " + OWN.incrementAndGet() + " " + client.path("name").asString());
        added.put("wishes", "").put("notes", "").put("version", 0);
        added.set("ownHair", client.path("ownHair"));
        added.set("head", client.at("/heads/0/measures"));
        Answer answer = post("/api/clients", added);
        if (answer.status() >= 300) {
            throw new AssertionError(answer.text());
        }
        return answer.json().path("id").asString();
    }

    /** A plan that no other test knows, for a client of its own, with the brief of {@link #demoPlan()}. */
    public JsonNode ownPlan() {
        int number = OWN.incrementAndGet();
        ObjectNode begin = JSON.createObjectNode().put("clientId", ownClient()).put("name", "Own " + number);
        JsonNode made = post("/api/plans", begin).json();
        ObjectNode change = JSON.createObjectNode();
        change.put("name", "Own " + number).put("version", made.path("version").asInt());
        change.set("brief", anyBrief());
        Answer answer = put("/api/plans/" + made.path("id").asString(), change);
        if (answer.status() != 200) {
            throw new AssertionError(answer.text());
        }
        return answer.json();
    }

    /** Tiles of all plans, once all are of today. */
    public Answer freshTiles() {
        StringBuilder all = new StringBuilder("?");
        for (JsonNode plan : get("/api/plans").json()) {
            all.append("client=").append(plan.path("clientId").asString()).append('&');
        }
        return freshTiles(all.toString());
    }

    /** Tiles of plans, once all are of today. */
    public Answer freshTiles(String query) {
        long end = System.nanoTime() + Duration.ofMinutes(10).toNanos();
        while (System.nanoTime() < end) {
            Answer tiles = get("/api/plans/tiles" + query);
            boolean areFresh = true;
            for (JsonNode tile : tiles.json()) {
                areFresh &= tile.path("isFresh").asBoolean();
            }
            if (areFresh) {
                return tiles;
            }
        }
        throw new AssertionError("tiles are not worked out");
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path));
    }

    public Answer answer(HttpRequest request) {
        try {
            HttpResponse<String> r = http.send(request, BodyHandlers.ofString());
            return new Answer(
                    r.statusCode(),
                    r.body(),
                    r.headers().firstValue("Content-Type").orElse(""));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * What the server gave to show with every change; signing in takes it away, and the next answer brings another. One
     * thread asks for it: were many to, each answer would replace the one that another thread is about to show.
     */
    private synchronized String token() {
        return givenToken()
                .or(() -> {
                    get("/api/door");
                    return givenToken();
                })
                .orElse("none");
    }

    private Optional<String> givenToken() {
        // Not getCookies(), which is a view that another thread may change meanwhile.
        return cookies.getCookieStore().get(URI.create(address)).stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst();
    }
}
