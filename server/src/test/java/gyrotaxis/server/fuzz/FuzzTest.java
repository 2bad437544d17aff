package gyrotaxis.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.OpenStudio;
import gyrotaxis.server.testing.TestClock;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Random requests by everybody, at every address of a studio: none is answered with an error of the server's own.
 *
 * <p>{@code ./gyrotaxis fuzz} sends more of them by another seed, and keeps what went wrong in {@code .local/fuzz}, to be sent again.
 */
class FuzzTest {
    private static final int REQUESTS = Integer.getInteger("fuzz.requests", 2000);
    private static final long SEED = Long.getLong("fuzz.seed", 1);

    /** A long run keeps what took longer too; on a machine that is slow today it says nothing, so it fails nothing. */
    private static final long SLOW_MS = 5000;

    /** Stands for a line that was cut: as bad as any error of the server's. */
    private static final int NOT_ANSWERED = 599;

    private static final Path CASES = Path.of("../.local/fuzz");

    @TempDir
    Path folder;

    /** A studio with its people; whoever is signed out, or taken out, comes in again. */
    private static final class Staff {
        private final OpenStudio studio;
        private final Map<String, Api> in = new ConcurrentHashMap<>();
        private final Map<String, String> names = new ConcurrentHashMap<>();
        private final AtomicInteger named = new AtomicInteger();
        private final TestClock clock;

        Staff(OpenStudio studio) {
            this.studio = studio;
            this.clock = studio.started().context().getBean(TestClock.class);
            clock.stop();
            in.put("OWNER", studio.owner());
        }

        Api as(String role) {
            return in.computeIfAbsent(role, r -> {
                try {
                    return comesIn(r);
                } catch (AssertionError missedTooOften) {
                    // Passphrases were tried at random; whoever does that waits.
                    clock.turn(Duration.ofDays(1));
                    return comesIn(r);
                }
            });
        }

        private Api comesIn(String role) {
            return switch (role) {
                case "NOBODY" -> studio.browser();
                case "OWNER" -> studio.signedIn("Maren Quay");
                default -> again(role);
            };
        }

        /** Whom the run itself took out is invited under another name; a studio has room for so many. */
        private Api again(String role) {
            String known = names.get(role);
            try {
                if (known != null) {
                    return studio.signedIn(known);
                }
            } catch (AssertionError isOut) {
                // Invited anew.
            }
            String name = "Fuzzed " + role + " " + named.incrementAndGet();
            Api api = studio.invited(name, role);
            names.put(role, name);
            return api;
        }

        /** Sends a request; once more if its sender was signed out meanwhile. */
        Answer send(FuzzRequest request) {
            Answer answer = sent(request);
            if (answer.status() == 401 && !request.role().equals("NOBODY")) {
                in.remove(request.role());
                return sent(request);
            }
            return answer;
        }

        private Answer sent(FuzzRequest request) {
            Api api = as(request.role());
            HttpRequest.Builder http = api.signed(request.path());
            request.headers().forEach(http::header);
            try {
                return api.answer(http.method(request.method(), BodyPublishers.ofByteArray(request.body()))
                        .build());
            } catch (UncheckedIOException e) {
                return new Answer(NOT_ANSWERED, String.valueOf(e.getCause()), "");
            }
        }
    }

    private OpenStudio open() {
        return OpenStudio.in(folder.resolve("studio"), "--gyrotaxis.demo=true");
    }

    /** Everything that can be read without naming anything, and what is behind the first few names. */
    private static Harvest harvest(Api owner, JsonNode description) {
        Harvest harvest = new Harvest();
        for (boolean isNamed : new boolean[] {false, true}) {
            description.get("paths").properties().forEach(p -> {
                String unnamed = p.getKey().replace("{id}", "");
                boolean isAsked = p.getValue().has("get")
                        && p.getValue().toString().contains("application/json")
                        && isNamed == p.getKey().contains("{id}")
                        && !unnamed.contains("{");
                if (isAsked) {
                    String path = p.getKey();
                    if (!isNamed) {
                        take(harvest, owner, path);
                    } else {
                        harvest.ids(path).stream()
                                .limit(3)
                                .forEach(id -> take(harvest, owner, path.replace("{id}", id)));
                    }
                }
            });
        }
        return harvest;
    }

    private static void take(Harvest harvest, Api owner, String path) {
        Answer answer = owner.get(path);
        if (answer.status() == 200 && answer.type().contains("json")) {
            harvest.take(path, answer.json());
        }
    }

    private static Map<String, byte[]> files(Api owner) throws IOException {
        Map<String, byte[]> files = new TreeMap<>();
        files.put("text/vcard", bytes(owner.get("/api/clients/cards.vcf")));
        files.put("text/calendar", bytes(owner.get("/api/diary/calendar.ics")));
        files.put("text/csv", bytes(owner.get("/api/stock/table.csv")));
        for (String kind : new String[] {"png", "jpeg"}) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), kind, out);
            files.put("image/" + kind, out.toByteArray());
        }
        return files;
    }

    private static byte[] bytes(Answer answer) {
        assertThat(answer.status()).isEqualTo(200);
        return answer.text().getBytes(StandardCharsets.UTF_8);
    }

    private static Map<String, JsonNode> documents(Api owner, Harvest harvest) {
        JsonNode plan = owner.get("/api/plans/" + harvest.ids("/api/plans").get(0) + "/plan.json")
                .json();
        Map<String, JsonNode> documents = new TreeMap<>();
        documents.put("plan-file", plan);
        documents.put("opened", plan);
        addFile(documents, "methods/file", owner, harvest, "/api/methods", "/method.json");
        addFile(documents, "patterns/file", owner, harvest, "/api/patterns", "/pattern.json");
        addFile(documents, "worksheet-file", owner, harvest, "/api/visits", "/worksheet.json");
        return documents;
    }

    private static void addFile(
            Map<String, JsonNode> documents, String end, Api owner, Harvest harvest, String place, String file) {
        harvest.ids(place).stream()
                .map(id -> owner.get(place + "/" + id + file))
                .filter(a -> a.status() == 200)
                .findFirst()
                .ifPresent(a -> documents.put(end, a.json()));
    }

    @Test
    void nothingThatIsAskedBreaksTheServer() throws IOException {
        Map<Integer, AtomicInteger> statuses = new ConcurrentSkipListMap<>();
        Map<String, String> wrong = new ConcurrentSkipListMap<>();
        Map<String, Long> slow = new ConcurrentSkipListMap<>();
        try (OpenStudio studio = open()) {
            Staff people = new Staff(studio);
            Api owner = people.as("OWNER");
            JsonNode description = owner.get("/api/openapi").json();
            Harvest harvest = harvest(owner, description);
            Map<String, JsonNode> documents = documents(owner, harvest);
            assertThat(documents).containsKeys("plan-file", "worksheet-file");
            RandomRequests random = new RandomRequests(
                    description,
                    harvest,
                    files(owner),
                    documents,
                    folder.resolve("backups").toString());
            String ownerId = owner.get("/api/door").json().at("/me/id").asString();
            IntStream.range(0, REQUESTS).parallel().forEach(i -> {
                FuzzRequest request = random.of(SEED * 1_000_000 + i);
                if (request.path().startsWith("/api/door/members/" + ownerId)) {
                    return;
                }
                long begun = System.nanoTime();
                Answer answer = people.send(request);
                long ms = (System.nanoTime() - begun) / 1_000_000;
                statuses.computeIfAbsent(answer.status(), s -> new AtomicInteger())
                        .incrementAndGet();
                String name = SEED + "-" + i;
                if (answer.status() >= 500) {
                    wrong.put(name, request + " was answered " + answer.status());
                    keep(request, name, answer.status() + " " + answer.text());
                } else if (ms > SLOW_MS) {
                    slow.put(name + " " + request, ms);
                    keep(request, "slow-" + name, answer.status() + " after " + ms + " ms");
                }
            });
        }
        System.out.println("seed " + SEED + ", " + REQUESTS + " requests, by status: " + statuses);
        slow.forEach((what, ms) -> System.out.println(ms + " ms  " + what));
        assertThat(wrong).as("cases lie in .local/fuzz").isEmpty();
        double answered = statuses.entrySet().stream()
                .filter(s -> s.getKey() < 300)
                .mapToInt(s -> s.getValue().get())
                .sum();
        assertThat(answered / REQUESTS).as("share that was not refused").isGreaterThan(0.2);
    }

    private static void keep(FuzzRequest request, String name, String answer) {
        try {
            request.keep(CASES.resolve(name + ".json"), answer);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Sends one case again, to a studio as the run began with. */
    @Test
    @EnabledIfSystemProperty(named = "fuzz.replay", matches = ".+")
    void aCaseIsSentAgain() throws IOException {
        try (OpenStudio studio = open()) {
            FuzzRequest request = FuzzRequest.read(Path.of(System.getProperty("fuzz.replay")));
            Answer answer = new Staff(studio).send(request);
            System.out.println(request + " was answered " + answer.status() + "\n" + answer.text());
            assertThat(answer.status()).isLessThan(500);
        }
    }
}
