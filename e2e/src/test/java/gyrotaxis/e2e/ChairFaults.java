package gyrotaxis.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.chair.VisitState;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.documents.VisitEventModule;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Two devices work one visit while the server is killed again and again and their lines are cut: is what was acknowledged there, is
 * everything there in the end, and do all come to one state? Run by {@code ./gyrotaxis bench --faults}; its figures stand in
 * docs/reliability.md.
 */
@EnabledIfSystemProperty(named = "kills", matches = "[0-9]+")
class ChairFaults {
    private static final JsonMapper JSON =
            JsonMapper.builder().addModule(new VisitEventModule()).build();
    private static final int KILLS = Integer.getInteger("kills", 0);
    private static final double CUTS = 0.04;
    private static final Duration START = Duration.ofMinutes(3);
    private static final int MAX_LIFE_MS = 1_500;
    private static final Duration ANSWERS = Duration.ofSeconds(5);

    private final Random random = new Random(7);
    private int port;

    @Test
    void nothingThatWasAcknowledgedIsEverLost(@TempDir Path folder) throws Exception {
        try (CuttingProxy line = new CuttingProxy(CUTS, 11)) {
            ServerProcess server = start(folder);
            line.leadTo(port);
            String visit = begin();
            WorkSheet sheet = JSON.treeToValue(visit(visit).get("sheet"), StoredWorksheet.class)
                    .sheet();
            Device one = new Device("one", visit, sheet, line.port(), 1);
            Device two = new Device("two", visit, sheet, line.port(), 2);
            one.start();
            two.start();
            int checked = 0;
            long asleep = 0;
            for (int k = 0; k < KILLS; k++) {
                Thread.sleep(random.nextInt(MAX_LIFE_MS));
                // Told before the kill is all that counts as acknowledged before it.
                long first = one.acknowledged();
                long second = two.acknowledged();
                server.kill();
                long down = System.nanoTime();
                server = start(folder);
                line.leadTo(port);
                asleep += System.nanoTime() - down;
                Map<String, Long> there = counts(visit(visit));
                assertThat(there.getOrDefault("one", 0L)).as("kill %d", k).isGreaterThanOrEqualTo(first);
                assertThat(there.getOrDefault("two", 0L)).as("kill %d", k).isGreaterThanOrEqualTo(second);
                checked++;
                if (checked % 20 == 0) {
                    System.out.printf("%d kills, %s there%n", checked, there);
                }
            }
            one.end();
            two.end();
            one.finish();
            two.finish();
            List<RecordedEvent> kept = events(visit(visit));
            VisitState here = VisitState.of(sheet, kept);
            assertThat(kept).hasSize((int) (one.made() + two.made()));
            assertThat(one.known()).containsExactlyInAnyOrderElementsOf(kept);
            assertThat(two.known()).containsExactlyInAnyOrderElementsOf(kept);
            assertThat(VisitState.of(sheet, one.known())).isEqualTo(here);
            assertThat(VisitState.of(sheet, two.known())).isEqualTo(here);
            server.kill();
            System.out.printf(
                    "%d kills, each followed by a check; %d lines cut; %d events made, %d sent (some again), %d kept;"
                            + " %d requests went unanswered; states of both devices and the server alike;"
                            + " a start took %.1f s%n",
                    checked,
                    line.cut(),
                    one.made() + two.made(),
                    one.sent + two.sent,
                    kept.size(),
                    one.unanswered + two.unanswered,
                    asleep / 1e9 / KILLS);
        }
    }

    /** A device with a queue of its own, on a line that may be cut. */
    private static final class Device extends Thread {
        private final String name;
        private final String visit;
        private final WorkSheet sheet;
        private final Client client;
        private final Random random;
        private final Map<EventId, ObjectNode> known = new TreeMap<>();
        private long made;
        private long clock;
        private long upTo;
        private long arrived;
        private volatile boolean isEnding;
        long sent;
        long unanswered;

        Device(String name, String visit, WorkSheet sheet, int port, long seed) {
            this.name = name;
            this.visit = visit;
            this.sheet = sheet;
            this.client = new Client(port);
            this.random = new Random(seed);
            setDaemon(true);
        }

        synchronized long acknowledged() {
            return upTo;
        }

        synchronized long made() {
            return made;
        }

        synchronized List<RecordedEvent> known() {
            return known.values().stream().map(ChairFaults::event).toList();
        }

        /** No more happens. */
        void end() throws InterruptedException {
            isEnding = true;
            join(Duration.ofMinutes(3).toMillis());
            assertThat(isAlive()).as("%s came to an end", name).isFalse();
        }

        /** All that others did is heard, now that all of it is sent. */
        void finish() throws InterruptedException {
            for (int heard = 0; heard < 2; ) {
                try {
                    hear();
                    heard++;
                } catch (IOException cut) {
                    unanswered++;
                }
            }
        }

        @Override
        public void run() {
            int quiet = 0;
            while (!isEnding || quiet < 3) {
                try {
                    if (!isEnding) {
                        happen();
                        Thread.sleep(random.nextInt(60));
                    }
                    tell();
                    hear();
                    quiet = isEnding && made() == acknowledged() ? quiet + 1 : 0;
                    if (isEnding) {
                        Thread.sleep(400);
                    }
                } catch (IOException cut) {
                    unanswered++;
                    quiet = 0;
                } catch (InterruptedException e) {
                    return;
                }
            }
        }

        private synchronized void happen() {
            ObjectNode e = JSON.createObjectNode();
            e.put("device", name)
                    .put("count", ++made)
                    .put("clock", ++clock)
                    .put("at", Instant.now().toString());
            ObjectNode what = e.putObject("what");
            int share = 1 + random.nextInt(sheet.shares().size());
            switch (random.nextInt(10)) {
                case 0 -> what.put("kind", "SHARE_SLIPPED").put("share", share);
                case 1 -> what.put("kind", "SHARE_TAKEN_OUT").put("share", share);
                case 2 -> what.put("kind", "NOTED").put("words", "thin ones to the front");
                case 3 -> what.put("kind", "BUNDLE_OPENED").put("supply", 0).put("lot", "");
                case 4 -> {
                    List<EventId> before = new ArrayList<>(known.keySet());
                    // The first of all takes back itself, which no event can: it changes nothing.
                    EventId id = before.isEmpty() ? new EventId(name, made) : before.get(random.nextInt(before.size()));
                    what.put("kind", "UNDONE")
                            .putObject("event")
                            .put("device", id.device())
                            .put("count", id.count());
                }
                default -> what.put("kind", "SHARES_HOOKED").putArray("shares").add(share);
            }
            known.put(new EventId(name, made), e);
        }

        private void tell() throws IOException, InterruptedException {
            List<ObjectNode> batch = new ArrayList<>();
            synchronized (this) {
                for (long c = upTo + 1; c <= made && batch.size() < 100; c++) {
                    batch.add(known.get(new EventId(name, c)));
                }
                if (upTo > 3 && random.nextInt(5) == 0) {
                    // Something it sent before, as after an answer that was lost.
                    batch.add(known.get(new EventId(name, 1 + random.nextInt((int) upTo))));
                }
            }
            if (batch.isEmpty()) {
                return;
            }
            Collections.shuffle(batch, random);
            ObjectNode body = JSON.createObjectNode();
            ArrayNode events = body.putArray("events");
            batch.forEach(events::add);
            sent += batch.size();
            JsonNode answer = client.post("/api/visits/" + visit + "/events", body);
            for (JsonNode s : answer.path("seen")) {
                if (s.path("device").asString().equals(name)) {
                    synchronized (this) {
                        upTo = Math.max(upTo, s.path("upTo").asLong());
                    }
                }
            }
        }

        private void hear() throws IOException, InterruptedException {
            JsonNode answer = client.get("/api/visits/" + visit + "/events?after=" + arrived);
            synchronized (this) {
                for (JsonNode e : answer.path("events")) {
                    clock = Math.max(clock, e.path("clock").asLong());
                    known.putIfAbsent(
                            new EventId(
                                    e.path("device").asString(), e.path("count").asLong()),
                            (ObjectNode) e);
                }
                arrived = answer.path("arrived").asLong();
            }
        }
    }

    /** Speaks to the server as a page does. */
    private static final class Client {
        private final String address;
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .cookieHandler(cookies)
                .connectTimeout(ANSWERS)
                .build();

        Client(int port) {
            address = "http://127.0.0.1:" + port;
        }

        JsonNode get(String path) throws IOException, InterruptedException {
            return answer(HttpRequest.newBuilder(URI.create(address + path)).GET());
        }

        JsonNode post(String path, JsonNode body) throws IOException, InterruptedException {
            String token = cookies.getCookieStore().getCookies().stream()
                    .filter(c -> c.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .orElse("none");
            return answer(HttpRequest.newBuilder(URI.create(address + path))
                    .header("Content-Type", "application/json")
                    .header("X-XSRF-TOKEN", token)
                    .POST(BodyPublishers.ofString(body.toString())));
        }

        private JsonNode answer(HttpRequest.Builder request) throws IOException, InterruptedException {
            HttpResponse<String> r = http.send(request.timeout(ANSWERS).build(), BodyHandlers.ofString());
            if (r.statusCode() >= 500 || r.statusCode() == 403) {
                // Not up yet, or it has not given this page its token yet: asked again.
                throw new IOException("answered " + r.statusCode());
            }
            assertThat(r.statusCode()).as(r.body()).isLessThan(300);
            try {
                return JSON.readTree(r.body());
            } catch (JacksonException half) {
                throw new IOException("half an answer", half);
            }
        }
    }

    private static RecordedEvent event(JsonNode e) {
        return new RecordedEvent(
                new EventId(e.path("device").asString(), e.path("count").asLong()),
                e.path("clock").asLong(),
                Instant.parse(e.path("at").asString()),
                JSON.treeToValue(e.path("what"), VisitEvent.class));
    }

    private static List<RecordedEvent> events(JsonNode visit) {
        List<RecordedEvent> all = new ArrayList<>();
        visit.path("events").forEach(e -> all.add(event(e)));
        return all;
    }

    /** Up to where each device's events are there without a gap. */
    private static Map<String, Long> counts(JsonNode visit) {
        Map<String, Long> all = new TreeMap<>();
        visit.path("seen")
                .forEach(
                        s -> all.put(s.path("device").asString(), s.path("upTo").asLong()));
        return all;
    }

    private String begin() throws Exception {
        Client direct = new Client(port);
        String id = UUID.randomUUID().toString();
        String plan = direct.get("/api/plans").get(0).path("id").asString();
        direct.post("/api/visits", JSON.createObjectNode().put("id", id).put("planId", plan));
        return id;
    }

    /** What the server has, asked on a line that nobody cuts; a machine that is busy may need more than one try. */
    private JsonNode visit(String id) throws Exception {
        long end = System.nanoTime() + START.toNanos();
        while (true) {
            try {
                return new Client(port).get("/api/visits/" + id);
            } catch (IOException busy) {
                if (System.nanoTime() > end) {
                    throw busy;
                }
            }
        }
    }

    private ServerProcess start(Path folder) throws Exception {
        ServerProcess server = ServerProcess.start(folder, p -> {
            new Client(p).get("/api/hair-lines");
            return true;
        });
        port = server.port();
        return server;
    }
}
