package gyrotaxis.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.backup.EncryptionTool;
import gyrotaxis.server.backup.RestoreTool;
import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What happens to the machine of a studio, to the real server: it is killed while it changes its files, its disk fills up, its clock is wrong,
 * its memory is short, its clients are many or slow. Prints a row for each. Run by {@code ./gyrotaxis bench --faults}; its figures stand in
 * docs/reliability.md.
 */
@EnabledIfSystemProperty(named = "kills", matches = "[0-9]+")
class StudioFaults {
    private static final JsonMapper JSON = new JsonMapper();

    /** Each of them is followed by a start that is waited for, which takes the longest. */
    private static final int KILLS = Math.max(1, Integer.getInteger("kills", 0) / 10);

    private static final Path OLD = Path.of("../server/src/test/resources/kept/studio-format-1.mv.db");
    private static final int CLIENTS = 7;
    private static final String PASSPHRASE = "three oars by the slipway";
    private static final Duration PATIENT = Duration.ofMinutes(5);
    private static final int DEVICES = 50;
    private static final int POSTS = 200;
    private static final int SHARES = 40;
    private static final int SLOW_CLIENTS = 500;
    private static final int BIG_FILE = 9_000_000;

    private final Random random = new Random(17);
    private int port;

    @TempDir
    Path temp;

    private Path folder;

    @BeforeEach
    void aFolder() throws IOException {
        folder = Files.createDirectory(temp.resolve("book"));
    }

    private static void row(String what, int tries, String came) {
        System.out.printf("| %s | %d | %s |%n", what, tries, came);
    }

    private Caller caller() {
        return new Caller(() -> port, PATIENT);
    }

    private boolean isUp(int at) throws IOException {
        port = at;
        return caller().status("/api/clients") == 200;
    }

    private ServerProcess start(String... options) throws IOException, InterruptedException {
        return ServerProcess.start(folder, this::isUp, Map.of(), List.of(), List.of(options));
    }

    private ServerProcess demo() throws IOException, InterruptedException {
        return start("--gyrotaxis.demo=true", Studio.SMALL_STUDIO);
    }

    private int clients() throws IOException {
        return caller().get("/api/clients").path("count").asInt();
    }

    private void oldBook() throws IOException {
        Files.copy(OLD, folder.resolve("gyrotaxis.mv.db"));
    }

    private static void empty(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted((a, b) -> b.compareTo(a)).toList()) {
                if (!file.equals(folder)) {
                    Files.delete(file);
                }
            }
        }
    }

    /** Kills a process at a moment of its first so many milliseconds. */
    private boolean killed(Process process, int within) throws InterruptedException {
        Thread.sleep(random.nextInt(within));
        boolean wasAlive = process.isAlive();
        process.destroyForcibly().waitFor();
        return wasAlive;
    }

    private Process tool(Class<?> tool, Map<String, String> environment, String... words) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                tool.getName()));
        command.addAll(List.of(words));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().putAll(environment);
        return builder.redirectOutput(temp.resolve("tool.log").toFile()).start();
    }

    @Test
    void killedWhileItUpgrades() throws Exception {
        int cut = 0;
        for (int k = 0; k < KILLS; k++) {
            empty(folder);
            oldBook();
            cut += killed(ServerProcess.begin(folder), 6000) ? 1 : 0;
            ServerProcess server = start();
            assertThat(clients()).as("kill " + k).isEqualTo(CLIENTS);
            server.kill();
        }
        row("killed at a start that upgrades, then started", KILLS, cut + " cut off, 0 books lost");
    }

    @Test
    void killedWhileItIsSealed() throws Exception {
        int sealed = 0;
        for (int k = 0; k < KILLS; k++) {
            empty(folder);
            oldBook();
            killed(tool(EncryptionTool.class, Map.of("GYROTAXIS_KEY", PASSPHRASE), "seal", folder.toString()), 4000);
            byte[] begins = new byte[9];
            try (var in = Files.newInputStream(folder.resolve("gyrotaxis.mv.db"))) {
                in.readNBytes(begins, 0, begins.length);
            }
            boolean isSealed = new String(begins, StandardCharsets.ISO_8859_1).equals("H2encrypt");
            // A sealing that had all its files there is finished by the start, which must then be given the passphrase.
            boolean isReady = Files.exists(folder.resolve("sealing/ready"));
            Map<String, String> key = isSealed || isReady ? Map.of("GYROTAXIS_KEY", PASSPHRASE) : Map.of();
            ServerProcess server = ServerProcess.start(folder, this::isUp, key, List.of(), List.of());
            assertThat(clients()).as("kill " + k).isEqualTo(CLIENTS);
            server.kill();
            sealed += isSealed || isReady ? 1 : 0;
        }
        row("killed while the book is sealed, then started", KILLS, sealed + " sealed, the others as before, 0 lost");
    }

    @Test
    void killedWhileABackupIsPutBack() throws Exception {
        ServerProcess server = demo();
        int there = clients();
        Path backups = Files.createDirectory(temp.resolve("backups"));
        ObjectNode wish = JSON.createObjectNode().put("folder", backups.toString());
        caller().put(
                        "/api/backups/wish",
                        wish.put("every", "NEVER").put("kept", 3).toString());
        caller().post("/api/backups", "");
        Optional<Path> made = Optional.empty();
        while (made.isEmpty()) {
            Thread.sleep(200);
            try (Stream<Path> files = Files.list(backups)) {
                made = files.filter(f -> f.toString().endsWith(".zip")).findFirst();
            }
        }
        server.kill();
        Path backup = made.get();
        int putBack = 0;
        for (int k = 0; k < KILLS; k++) {
            empty(folder);
            oldBook();
            killed(tool(RestoreTool.class, Map.of(), backup.toString(), folder.toString(), "--yes"), 12_000);
            server = start();
            assertThat(clients()).as("kill " + k).isIn(CLIENTS, there);
            putBack += clients() == there ? 1 : 0;
            server.kill();
        }
        row(
                "killed while a backup is put back, then started",
                KILLS,
                putBack + " put back, the others as before, 0 lost");
    }

    private String visit() throws IOException {
        JsonNode plan = caller().get("/api/plans").get(0);
        ObjectNode body = JSON.createObjectNode().put("id", UUID.randomUUID().toString());
        body.put("planId", plan.path("id").asString());
        HttpResponse<String> begun = caller().send("POST", "/api/visits", "application/json", body.toString());
        assertThat(begun.statusCode()).as(begun.body()).isLessThan(300);
        return JSON.readTree(begun.body()).path("id").asString();
    }

    private static List<Long> atOnce(int threads, int times, Callable<Integer> asked) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(threads);
        try {
            List<Future<Long>> all = new ArrayList<>();
            for (int i = 0; i < times; i++) {
                all.add(pool.submit(() -> {
                    long begun = System.nanoTime();
                    assertThat(asked.call()).isLessThan(500);
                    return (System.nanoTime() - begun) / 1_000_000;
                }));
            }
            List<Long> took = new ArrayList<>();
            for (Future<Long> f : all) {
                took.add(f.get());
            }
            took.sort(null);
            return took;
        } finally {
            pool.shutdown();
        }
    }

    @Test
    void fiftyDevicesOnOneVisit() throws Exception {
        ServerProcess server = demo();
        String visit = visit();
        Caller one = caller();
        AtomicInteger count = new AtomicInteger();
        Callable<Integer> post = () -> {
            int n = count.incrementAndGet();
            ObjectNode event = JSON.createObjectNode().put("device", "tablet " + n % DEVICES);
            event.put("count", 1 + n / DEVICES).put("clock", n).put("at", "2031-06-02T10:00:00Z");
            event.putObject("what")
                    .put("kind", "SHARES_HOOKED")
                    .putArray("shares")
                    .add(1 + n % SHARES);
            ObjectNode body = JSON.createObjectNode();
            body.putArray("events").add(event);
            return one.post("/api/visits/" + visit + "/events", body.toString());
        };
        post.call();
        List<Long> took = atOnce(DEVICES, POSTS, post);
        int kept = caller().get("/api/visits/" + visit + "/events?after=0")
                .path("events")
                .size();
        server.kill();
        row(
                "posts to one visit from " + DEVICES + " devices at once",
                POSTS,
                kept + " of " + count + " kept; half within " + took.get(POSTS / 2) + " ms, the last after "
                        + took.get(POSTS - 1) + " ms");
    }

    @Test
    void manySlowClients() throws Exception {
        ServerProcess server = demo();
        Caller one = caller();
        one.status("/api/clients");
        List<Socket> slow = new ArrayList<>();
        for (int i = 0; i < SLOW_CLIENTS; i++) {
            Socket s = new Socket("127.0.0.1", port);
            s.getOutputStream()
                    .write(("POST /api/clients HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                                    + "Content-Length: 400\r\n\r\n{")
                            .getBytes(StandardCharsets.UTF_8));
            slow.add(s);
        }
        List<Long> took = atOnce(1, 100, () -> one.status("/api/clients"));
        for (Socket s : slow) {
            s.close();
        }
        server.kill();
        row(
                "slow clients while somebody reads",
                SLOW_CLIENTS,
                "100 of 100 answered; the last after " + took.get(99) + " ms");
    }

    /** On a file system of its own, which only who owns the machine can make. */
    @Test
    void aDiskThatIsFull() throws Exception {
        Process mount = new ProcessBuilder("mount", "-t", "tmpfs", "-o", "size=60m", "tmpfs", folder.toString())
                .redirectErrorStream(true)
                .start();
        if (mount.waitFor() != 0) {
            row("a disk that is full", 0, "not tried: no file system can be made here");
            return;
        }
        try {
            ServerProcess server = demo();
            int before = clients();
            Path filler = folder.resolve("filler");
            try (var out = Files.newOutputStream(filler)) {
                byte[] block = new byte[1 << 16];
                while (true) {
                    out.write(block);
                }
            } catch (IOException full) {
                // That is what was wanted.
            }
            String client = "{\"name\":\"Ottoline Bowsprit\",\"wishes\":\"\",\"notes\":\"\",\"version\":0,"
                    + "\"head\":{\"roundMm\":560,\"frontToNapeMm\":360,\"overTopMm\":330}}";
            int refused = 0;
            for (int i = 0; i < 20; i++) {
                assertThat(clients()).isEqualTo(before);
                int status = caller().post("/api/clients", client);
                assertThat(status).isIn(503, 507);
                refused++;
            }
            assertThat(caller().status("/")).isIn(200, 404);
            Files.delete(filler);
            int after = caller().post("/api/clients", client);
            assertThat(after).isEqualTo(201);
            server.kill();
            server = start("--gyrotaxis.demo=true", Studio.SMALL_STUDIO);
            assertThat(clients()).isEqualTo(before + 1);
            server.kill();
            row(
                    "writes while the disk is full",
                    refused,
                    "all refused, reading went on; kept again once there was room");
        } finally {
            new ProcessBuilder("umount", folder.toString()).start().waitFor();
        }
    }

    /** Between starts the machine's clock is put an hour back, and then is a year ahead for a while. */
    @Test
    void aClockThatIsWrong() throws Exception {
        Path preload;
        try (Stream<Path> libraries = Files.walk(Path.of("/usr/lib"), 3)) {
            preload = libraries
                    .filter(l -> l.endsWith("libfaketimeMT.so.1"))
                    .findFirst()
                    .orElse(null);
        }
        if (preload == null) {
            row("a clock that is wrong", 0, "not tried: the package faketime is missing");
            return;
        }
        demo().kill();
        int starts = 0;
        Integer there = null;
        for (String by : List.of("-3600", "+31536000", "+0", "-3600")) {
            ServerProcess server = ServerProcess.start(
                    folder,
                    this::isUp,
                    Map.of(
                            "LD_PRELOAD",
                            preload.toString(),
                            "FAKETIME",
                            by,
                            "FAKETIME_DONT_FAKE_MONOTONIC",
                            "1",
                            "NO_FAKE_STAT",
                            "1"),
                    List.of(),
                    List.of("--gyrotaxis.demo=true", Studio.SMALL_STUDIO));
            there = there == null ? (Integer) clients() : there;
            assertThat(clients()).as(by).isEqualTo(there);
            server.kill();
            starts++;
        }
        try (Stream<Path> copies = Files.list(folder.resolve("copies"))) {
            row("starts with a clock an hour back or a year ahead", starts, "0 lost; " + copies.count() + " copies");
        }
    }

    /** Files as large as they may be are sent by more at once than there is memory for. */
    @Test
    void littleMemory() throws Exception {
        ServerProcess server = ServerProcess.start(
                folder,
                this::isUp,
                Map.of(),
                List.of("-Xmx256m"),
                List.of("--gyrotaxis.demo=true", Studio.SMALL_STUDIO));
        String table = "Line;Colour;Loops\n" + "x".repeat(BIG_FILE);
        Caller one = caller();
        int[] refused = new int[1];
        atOnce(12, 48, () -> {
            int status = one.send("POST", "/api/stock/table", "text/csv", table).statusCode();
            synchronized (refused) {
                refused[0] += status == 503 ? 1 : 0;
            }
            return status == 503 ? 429 : status;
        });
        assertThat(server.isAlive()).isTrue();
        assertThat(caller().status("/api/clients")).isEqualTo(200);
        server.kill();
        row(
                "files of 9 MB by twelve at once, heap of 256 MB",
                48,
                refused[0] + " told to try again, none unanswered; it answers afterwards");
    }
}
