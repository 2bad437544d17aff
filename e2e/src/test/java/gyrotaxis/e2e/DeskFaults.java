package gyrotaxis.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Appointments are made, packs put on the shelf and backups begun while the server is killed again and again; whatever is not acknowledged is told once
 * more. Is what was acknowledged there, once, is the shelf what came onto it, and is every backup whole? Run by
 * {@code ./gyrotaxis bench --faults}.
 */
@EnabledIfSystemProperty(named = "kills", matches = "[0-9]+")
class DeskFaults {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int KILLS = Integer.getInteger("kills", 0);
    private static final int MAX_LIFE_MS = 1_500;
    private static final int FIRST_MINUTE = 9 * 60;
    private static final int A_DAY = 24;
    private static final int STEP = 15;
    private static final int BACKUPS_KEPT = 3;

    private final Random random = new Random(13);
    private volatile int port;
    private volatile boolean isOver;
    private int sent;

    /** What was acknowledged so far, by name. */
    private final List<String> appointments = new ArrayList<>();

    private int packs;
    private int backupsBegun;

    @Test
    void nothingThatWasAcknowledgedIsEverLostOrTwice(@TempDir Path folder) throws Exception {
        ServerProcess server = start(folder);
        Caller setup = new Caller(() -> port);
        JsonNode people = setup.get("/api/people");
        JsonNode plan = setup.get("/api/plans").get(0);
        String line = setup.get("/api/hair-lines").get(0).path("id").asString();
        double before = loops(setup, line);
        Path backups = Files.createDirectory(folder.resolve("backups"));
        setup.put(
                "/api/backups/wish",
                JSON.createObjectNode()
                        .put("folder", backups.toString())
                        .put("every", "NEVER")
                        .put("kept", BACKUPS_KEPT)
                        .toString());
        LocalDate from = LocalDate.now().plusDays(40);
        Thread desk = new Thread(() -> work(people, plan, line, from));
        desk.start();
        int checked = 0;
        int wholeBackups = 0;
        for (int k = 0; k < KILLS; k++) {
            Thread.sleep(random.nextInt(MAX_LIFE_MS));
            List<String> told;
            synchronized (appointments) {
                told = List.copyOf(appointments);
            }
            server.kill();
            server = start(folder);
            assertThat(there(new Caller(() -> port), from)).as("kill %d", k).containsAll(told);
            wholeBackups = Math.max(wholeBackups, wholeBackups(backups));
            checked++;
        }
        isOver = true;
        desk.join();
        Caller last = new Caller(() -> port);
        List<String> there = there(last, from);
        assertThat(there).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(appointments);
        int pack = last.get("/api/hair-lines").get(0).path("loopsPerPack").asInt();
        assertThat(loops(last, line)).isEqualTo(before + (double) packs * pack);
        server.kill();
        System.out.printf(
                "%d kills, each followed by a check; %d appointments and %d packs, %d requests sent (some again); all there, each once;"
                        + " %d backups begun, at most %d there at a time, each of them whole%n",
                checked, appointments.size(), packs, sent, backupsBegun, wholeBackups);
    }

    /** How many backups there are; each is read to its end, which checks its sums. */
    private static int wholeBackups(Path folder) throws IOException {
        int whole = 0;
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, "gyrotaxis-book-*.zip")) {
            for (Path file : files) {
                try (ZipFile zip = new ZipFile(file.toFile())) {
                    assertThat(zip.getEntry("manifest.json"))
                            .as(file + " has its list")
                            .isNotNull();
                    for (ZipEntry entry : Collections.list(zip.entries())) {
                        zip.getInputStream(entry).readAllBytes();
                    }
                }
                whole++;
            }
        }
        return whole;
    }

    private void work(JsonNode people, JsonNode plan, String line, LocalDate from) {
        Caller caller = new Caller(() -> port);
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
            if (n % 3 == 0) {
                try {
                    caller.post("/api/backups", "");
                    backupsBegun++;
                } catch (IOException unanswered) {
                    // Whether it was begun or not, what is there is looked at.
                }
            }
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
            return new Caller(() -> port)
                            .get("/actuator/health")
                            .path("status")
                            .asString()
                            .equals("UP")
                    && !new Caller(() -> port).get("/api/plans").isEmpty();
        });
    }
}
