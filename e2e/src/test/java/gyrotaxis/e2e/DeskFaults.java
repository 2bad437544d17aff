package gyrotaxis.e2e;

import static org.assertj.core.api.Assertions.assertThat;

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
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Appointments are made and packs put on the shelf while the server is killed again and again; whatever is not acknowledged is told once
 * more. Is what was acknowledged there, once, and is the shelf what came onto it? Run by {@code ./gyrotaxis bench --faults}.
 */
@EnabledIfSystemProperty(named = "kills", matches = "[0-9]+")
class DeskFaults {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int KILLS = Integer.getInteger("kills", 0);
    private static final int LONGEST_LIFE_MS = 1_500;
    private static final Duration ANSWERS = Duration.ofSeconds(5);
    private static final int FIRST_MINUTE = 9 * 60;
    private static final int A_DAY = 24;
    private static final int STEP = 15;

    private final Random random = new Random(13);
    private volatile int port;
    private volatile boolean isOver;
    private int sent;

    /** What was acknowledged so far, by name. */
    private final List<String> appointments = new ArrayList<>();

    private int packs;

    @Test
    void nothingThatWasAcknowledgedIsEverLostOrTwice(@TempDir Path folder) throws Exception {
        ServerProcess server = start(folder);
        Caller setup = new Caller();
        JsonNode people = setup.get("/api/people");
        JsonNode plan = setup.get("/api/plans").get(0);
        String line = setup.get("/api/hair-lines").get(0).path("id").asString();
        double before = loops(setup, line);
        LocalDate from = LocalDate.now().plusDays(40);
        Thread desk = new Thread(() -> work(people, plan, line, from));
        desk.start();
        int checked = 0;
        for (int k = 0; k < KILLS; k++) {
            Thread.sleep(random.nextInt(LONGEST_LIFE_MS));
            List<String> told;
            synchronized (appointments) {
                told = List.copyOf(appointments);
            }
            server.kill();
            server = start(folder);
            assertThat(there(new Caller(), from)).as("kill %d", k).containsAll(told);
            checked++;
        }
        isOver = true;
        desk.join();
        Caller last = new Caller();
        List<String> there = there(last, from);
        assertThat(there).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(appointments);
        int pack = last.get("/api/hair-lines").get(0).path("loopsPerPack").asInt();
        assertThat(loops(last, line)).isEqualTo(before + (double) packs * pack);
        server.kill();
        System.out.printf(
                "%d kills, each followed by a check; %d appointments and %d packs, %d requests sent (some again); all there, each once%n",
                checked, appointments.size(), packs, sent);
    }

    private void work(JsonNode people, JsonNode plan, String line, LocalDate from) {
        Caller caller = new Caller();
        for (int n = 0; !isOver; n++) {
            ObjectNode a = JSON.createObjectNode();
            String id = UUID.randomUUID().toString();
            a.put("id", id)
                    .put("occasion", "SLIP_CHECK")
                    .put("clientId", plan.path("clientId").asString())
                    .put("planId", plan.path("id").asString())
                    .put("day", from.plusDays(n / A_DAY).toString())
                    .put("minute", FIRST_MINUTE + STEP * (n % A_DAY))
                    .put("minutes", STEP)
                    .put("chairId", people.at("/chairs/0/id").asString())
                    .put("stylistId", people.at("/stylists/0/id").asString())
                    .put("note", "")
                    .put("version", 0);
            ObjectNode all = JSON.createObjectNode();
            all.putArray("appointments").add(a);
            until(caller, "/api/appointments", all.toString());
            synchronized (appointments) {
                appointments.add(id);
            }
            ObjectNode move =
                    JSON.createObjectNode().put("id", UUID.randomUUID().toString());
            move.put("why", "BOUGHT").put("amount", 1);
            move.putObject("good").put("kind", "PACKS").put("lineId", line);
            until(caller, "/api/stock/movements", move.toString());
            packs++;
        }
    }

    /** Told again until it is acknowledged. */
    private void until(Caller caller, String path, String body) {
        while (true) {
            sent++;
            try {
                int status = caller.post(path, body);
                if (status == 200 || status == 201) {
                    return;
                }
                assertThat(status).as(path).isIn(403, 503);
            } catch (IOException unanswered) {
                // The server is down, or was before it could answer.
            }
            try {
                Thread.sleep(50);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private static List<String> there(Caller caller, LocalDate from) throws IOException {
        List<String> ids = new ArrayList<>();
        caller.get("/api/diary?from=" + from + "&days=60")
                .path("appointments")
                .forEach(a -> ids.add(a.path("id").asString()));
        return ids;
    }

    private static double loops(Caller caller, String line) throws IOException {
        double sum = 0;
        for (JsonNode c : caller.get("/api/stock").path("hair")) {
            sum += c.path("lineId").asString().equals(line) ? c.path("loops").asDouble() : 0;
        }
        return sum;
    }

    private ServerProcess start(Path folder) throws Exception {
        return ServerProcess.start(folder, p -> {
            port = p;
            return new Caller()
                            .get("/actuator/health")
                            .path("status")
                            .asString()
                            .equals("UP")
                    && !new Caller().get("/api/plans").isEmpty();
        });
    }

    /** Speaks to whichever server is up. */
    private final class Caller {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .connectTimeout(ANSWERS)
                .build();

        JsonNode get(String path) throws IOException {
            return JSON.readTree(send(request(path).GET().build()).body());
        }

        int post(String path, String body) throws IOException {
            String token = cookies.getCookieStore().getCookies().stream()
                    .filter(c -> c.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .orElse("");
            if (token.isEmpty()) {
                get("/api/people");
            }
            return send(request(path)
                            .header("Content-Type", "application/json")
                            .header("X-XSRF-TOKEN", token)
                            .POST(BodyPublishers.ofString(body))
                            .build())
                    .statusCode();
        }

        private HttpRequest.Builder request(String path) {
            return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                    .timeout(ANSWERS);
        }

        private HttpResponse<String> send(HttpRequest r) throws IOException {
            try {
                return http.send(r, BodyHandlers.ofString());
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
    }
}
