package gyrotaxis.server.visits;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What happens at the chair is kept, whatever order it arrives in, and answered with what follows from it. */
@ExtendWith(RunningServer.class)
class VisitApiTest {
    private static String begun(Api api) {
        return begun(api, api.demoPlan("Shoulder wave"));
    }

    private static String begun(Api api, JsonNode of) {
        String plan = of.path("id").asString();
        ObjectNode body = Api.JSON.createObjectNode();
        String id = UUID.randomUUID().toString();
        body.put("id", id).put("planId", plan);
        assertThat(api.post("/api/visits", body).status()).isEqualTo(201);
        // Asked twice, because the answer to the first was lost: it is one.
        assertThat(api.post("/api/visits", body).status()).isEqualTo(201);
        return id;
    }

    private static JsonNode changed(Api api, JsonNode plan, Consumer<ObjectNode> how) {
        ObjectNode brief = (ObjectNode) plan.path("brief").deepCopy();
        how.accept(brief);
        ObjectNode change = Api.JSON.createObjectNode();
        change.put("name", plan.path("name").asString())
                .put("version", plan.path("version").asInt());
        change.set("brief", brief);
        Api.Answer answer = api.put("/api/plans/" + plan.path("id").asString(), change);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static ObjectNode event(String device, long count, String kind) {
        ObjectNode e = Api.JSON.createObjectNode();
        e.put("device", device).put("count", count).put("clock", count).put("at", "2026-11-27T09:00:00Z");
        e.putObject("what").put("kind", kind);
        return e;
    }

    private static ObjectNode hooked(String device, long count, int share) {
        ObjectNode e = event(device, count, "SHARES_HOOKED");
        ((ObjectNode) e.get("what")).putArray("shares").add(share);
        return e;
    }

    private static Api.Answer send(Api api, String visit, List<? extends JsonNode> events) {
        ObjectNode body = Api.JSON.createObjectNode();
        ArrayNode list = body.putArray("events");
        events.forEach(list::add);
        return api.post("/api/visits/" + visit + "/events", body);
    }

    private static long upTo(JsonNode answer, String device) {
        for (JsonNode s : answer.path("seen")) {
            if (s.path("device").asString().equals(device)) {
                return s.path("upTo").asLong();
            }
        }
        return 0;
    }

    @Test
    void aVisitHoldsItsWorksheetAndStandsInTodaysList(Api api) {
        String id = begun(api);
        JsonNode visit = api.get("/api/visits/" + id).json();
        assertThat(visit.at("/sheet/steps").size()).isGreaterThan(10);
        assertThat(visit.at("/visit/isBegun").asBoolean()).isFalse();
        assertThat(api.get("/api/visits").json())
                .anySatisfy(v -> assertThat(v.path("id").asString()).isEqualTo(id));
        send(api, id, List.of(hooked("tablet", 1, 1)));
        JsonNode then = api.get("/api/visits/" + id).json();
        assertThat(then.at("/visit/hooked").asInt()).isEqualTo(1);
        assertThat(then.path("events").size()).isEqualTo(1);
    }

    @Test
    void theSheetStaysAsItWasWhateverBecomesOfThePlan(Api api) {
        JsonNode plan = api.ownPlan();
        String id = begun(api, plan);
        JsonNode before = api.get("/api/visits/" + id).json().path("sheet");
        changed(api, plan, brief -> brief.put("fullness", 0.7));
        assertThat(api.get("/api/visits/" + id).json().path("sheet")).isEqualTo(before);
    }

    /** Late, twice and out of order, in batches: all of it is there once, and the state is the same. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void eventsMayComeLateTwiceAndOutOfOrder(int seed, Api api) {
        String id = begun(api);
        List<ObjectNode> all = new ArrayList<>();
        for (int i = 1; i <= 40; i++) {
            all.add(hooked("tablet", i, i));
        }
        List<ObjectNode> sent = new ArrayList<>(all);
        sent.addAll(all.subList(5, 25));
        Collections.shuffle(sent, new Random(seed));
        for (int i = 0; i < sent.size(); i += 7) {
            assertThat(send(api, id, sent.subList(i, Math.min(sent.size(), i + 7)))
                            .status())
                    .isEqualTo(200);
        }
        JsonNode visit = api.get("/api/visits/" + id).json();
        assertThat(visit.path("events").size()).isEqualTo(40);
        assertThat(visit.at("/visit/hooked").asInt()).isEqualTo(40);
        assertThat(upTo(visit, "tablet")).isEqualTo(40);
    }

    @Test
    void aDeviceIsToldUpToWhereNothingIsMissing(Api api) {
        String id = begun(api);
        JsonNode answer = send(api, id, List.of(hooked("tablet", 1, 1), hooked("tablet", 2, 2), hooked("tablet", 4, 4)))
                .json();
        assertThat(upTo(answer, "tablet")).isEqualTo(2);
        assertThat(upTo(send(api, id, List.of(hooked("tablet", 3, 3))).json(), "tablet"))
                .isEqualTo(4);
        long arrived = answer.path("arrived").asLong();
        JsonNode after =
                api.get("/api/visits/" + id + "/events?after=" + arrived).json();
        assertThat(after.path("events").size()).isEqualTo(1);
        assertThat(after.path("events").get(0).path("count").asLong()).isEqualTo(3);
    }

    /** What makes no sense is kept and told, and stands in the way of nothing. */
    @Test
    void whatMakesNoSenseIsKeptAndTold(Api api) {
        String id = begun(api);
        ObjectNode noSupply = event("tablet", 1, "REST_COUNTED");
        ObjectNode impossible = event("tablet", 2, "REST_COUNTED");
        ((ObjectNode) impossible.get("what")).put("supply", 0).put("loops", -30);
        JsonNode answer = send(api, id, List.of(noSupply, impossible, hooked("tablet", 3, 1)))
                .json();
        assertThat(upTo(answer, "tablet")).isEqualTo(3);
        assertThat(answer.path("unfit").size()).isEqualTo(2);
        assertThat(answer.path("unfit").get(0).path("problem").asString()).contains("supply is missing");
        assertThat(answer.path("unfit").get(1).path("problem").asString()).contains("loops");
        assertThat(api.get("/api/visits/" + id).json().at("/visit/hooked").asInt())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"count, 0, events[0].count", "clock, -5, events[0].clock"})
    void anEventWithoutANameIsRefusedAtItsField(String field, long value, String where, Api api) {
        String id = begun(api);
        ObjectNode e = hooked("tablet", 1, 1);
        e.put(field, value);
        Api.Answer answer = send(api, id, List.of(e));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(where)).contains("from 1");
    }

    @Test
    void noMoreThanFiveHundredAtOnceAndNoVisitThatIsNone(Api api) {
        String id = begun(api);
        List<ObjectNode> many = new ArrayList<>();
        for (int i = 1; i <= 501; i++) {
            many.add(event("tablet", i, "REOPENED"));
        }
        assertThat(send(api, id, many).messageAt("events")).contains("at most 500");
        assertThat(send(api, UUID.randomUUID().toString(), many.subList(0, 1)).status())
                .isEqualTo(404);
    }

    @Test
    void whatItWillComeToIsAnsweredFromWhatHappened(Api api) {
        // Too thin, so that there is something to fill.
        JsonNode thin = changed(api, api.ownPlan(), brief -> brief.put("fullness", 0.7));
        String id = begun(api, thin);
        JsonNode before = api.get("/api/visits/" + id + "/outlook").json();
        assertThat(before.at("/hair/0/lasts").asString()).isEqualTo("YES");
        assertThat(before.path("mayStop").asBoolean()).isFalse();
        assertThat(before.path("gone").size()).isZero();
        List<JsonNode> events = new ArrayList<>();
        int shares = api.get("/api/visits/" + id).json().at("/visit/shares").asInt();
        for (int i = 1; i <= shares; i++) {
            events.add(hooked("tablet", i, i));
        }
        send(api, id, events);
        JsonNode then = api.get("/api/visits/" + id + "/outlook").json();
        assertThat(then.path("gone").size()).isEqualTo(shares);
        assertThat(then.at("/now/exposed").asDouble())
                .isLessThan(before.at("/now/exposed").asDouble());
        assertThat(then.path("options").size()).isZero();
        LocalDate day = LocalDate.parse(
                api.get("/api/visits/" + id).json().at("/visit/day").asString());
        JsonNode last = then.path("due").get(then.path("due").size() - 2);
        assertThat(last.path("words").asString()).startsWith("take it down");
        assertThat(LocalDate.parse(last.path("day").asString())).isAfterOrEqualTo(day.plusWeeks(1));
        JsonNode fills = api.get("/api/visits/" + id + "/fills").json();
        assertThat(fills.path("trials").size()).isPositive();
        Each.of(fills.path("fills"))
                .allSatisfy(f -> assertThat(f.at("/what/kind").asString()).isEqualTo("FILL_PLACED"));
    }

    /** More devices than the server has connections to the database: nobody waits for one that another holds while it waits. */
    @Test
    void twoHundredPostsToOneVisitAtOnceAreAllKept(Api api) {
        String id = begun(api);
        HttpClient client = HttpClient.newHttpClient();
        List<CompletableFuture<HttpResponse<String>>> answers = new ArrayList<>();
        for (int k = 0; k < 200; k++) {
            ObjectNode body = Api.JSON.createObjectNode();
            body.putArray("events").add(hooked("device " + k % 50, 1 + k / 50, 1 + k % 30));
            answers.add(client.sendAsync(
                    api.request("/api/visits/" + id + "/events")
                            .header("Content-Type", "application/json")
                            .header("Cookie", "XSRF-TOKEN=many")
                            .header("X-XSRF-TOKEN", "many")
                            .POST(HttpRequest.BodyPublishers.ofString(body.toString()))
                            .build(),
                    BodyHandlers.ofString()));
        }
        // Whoever only reads meanwhile is answered too.
        assertThat(api.get("/api/visits/" + id).status()).isEqualTo(200);
        Each.of(answers).allSatisfy(a -> assertThat(a.join().statusCode()).isEqualTo(200));
        assertThat(api.get("/api/visits/" + id).json().path("events")).hasSize(200);
    }

    /** Somebody who listens hears of an event at once. */
    @Test
    void othersHearOfItAtOnce(Api api) throws Exception {
        String id = begun(api);
        HttpResponse<java.io.InputStream> line = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(api.address() + "/api/visits/" + id + "/line"))
                                .build(),
                        BodyHandlers.ofInputStream());
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(line.body(), StandardCharsets.UTF_8))) {
            assertThat(next(lines)).isEqualTo(0);
            JsonNode answer = send(api, id, List.of(hooked("tablet", 1, 1))).json();
            assertThat(next(lines)).isEqualTo(answer.path("arrived").asLong());
        }
    }

    private static long next(BufferedReader lines) throws IOException {
        for (String l = lines.readLine(); l != null; l = lines.readLine()) {
            if (l.startsWith("data:")) {
                return Long.parseLong(l.substring("data:".length()));
            }
        }
        throw new AssertionError("the line was cut");
    }

    private static byte[] picture(int width, int height, String format) throws IOException {
        BufferedImage b = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = b.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(b, format, out)).isTrue();
        return out.toByteArray();
    }

    private static Api.Answer put(Api api, String path, String type, byte[] file) {
        api.get("/api/visits");
        return api.answer(api.signed(path)
                .header("Content-Type", type)
                .PUT(BodyPublishers.ofByteArray(file))
                .build());
    }

    private static BufferedImage kept(Api api, String path) throws Exception {
        HttpResponse<byte[]> r = HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(api.address() + path)).build(), BodyHandlers.ofByteArray());
        assertThat(r.headers().firstValue("Content-Type")).contains("image/jpeg");
        return ImageIO.read(new ByteArrayInputStream(r.body()));
    }

    @ParameterizedTest
    @CsvSource({"png, image/png", "jpg, image/jpeg"})
    void picturesAreMadeSmallAndKept(String format, String type, Api api) throws Exception {
        String path = "/api/visits/" + begun(api) + "/pictures/" + UUID.randomUUID();
        Api.Answer answer = put(api, path, type, picture(5000, 2500, format));
        assertThat(answer.json().path("width").asInt()).isEqualTo(2048);
        assertThat(answer.json().path("height").asInt()).isEqualTo(1024);
        assertThat(put(api, path, type, picture(5000, 2500, format)).status()).isEqualTo(200);
        BufferedImage b = kept(api, path);
        assertThat(new Color(b.getRGB(300, 500)).getRed()).isGreaterThan(200);
        assertThat(new Color(b.getRGB(1800, 500)).getRed()).isLessThan(60);
    }

    /** Forty bytes can claim to be ten thousand pixels wide, and a kind that nobody needs is not read at all. */
    @Test
    void whatAPictureClaimsIsLookedAtBeforeItIsOpened(Api api) throws Exception {
        String path = "/api/visits/" + begun(api) + "/pictures/" + UUID.randomUUID();
        byte[] webp = Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");
        assertThat(put(api, path, "image/webp", webp).status()).isEqualTo(415);
        assertThat(put(api, path, "image/png", webp).messageAt("picture")).startsWith("Only PNG and JPEG");
        for (int[] sides : new int[][] {{6_325, 6_325}, {30_001, 1}, {1, 30_001}, {65_500, 65_500}}) {
            Api.Answer answer = put(api, path, "image/png", claiming(sides[0], sides[1]));
            assertThat(answer.messageAt("picture"))
                    .isEqualTo("This picture is " + sides[0] + " by " + sides[1]
                            + " pixels, more than can be opened here.");
        }
        assertThat(put(api, path, "image/png", claiming(6_324, 6_324)).messageAt("picture"))
                .contains("damaged");
    }

    /** The beginning of a PNG that says how large it is, and nothing of what is in it. */
    private static byte[] claiming(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(out);
        data.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        ByteArrayOutputStream header = new ByteArrayOutputStream();
        DataOutputStream fields = new DataOutputStream(header);
        fields.writeBytes("IHDR");
        fields.writeInt(width);
        fields.writeInt(height);
        fields.write(new byte[] {8, 2, 0, 0, 0});
        CRC32 sum = new CRC32();
        sum.update(header.toByteArray());
        data.writeInt(13);
        data.write(header.toByteArray());
        data.writeInt((int) sum.getValue());
        return out.toByteArray();
    }

    /** Laid on its side by a telephone: it stands upright afterwards, and says nothing any more of where it was taken. */
    @Test
    void picturesAreTurnedUprightAndLoseWhatWasWrittenIntoThem(Api api) throws Exception {
        byte[] plain = picture(400, 200, "jpg");
        byte[] exif = exif(6);
        ByteArrayOutputStream with = new ByteArrayOutputStream();
        with.write(plain, 0, 2);
        with.write(exif);
        with.write(plain, 2, plain.length - 2);
        String path = "/api/visits/" + begun(api) + "/pictures/" + UUID.randomUUID();
        assertThat(put(api, path, "image/jpeg", with.toByteArray())
                        .json()
                        .path("height")
                        .asInt())
                .isEqualTo(400);
        BufferedImage b = kept(api, path);
        // Turned a quarter to the right: what was on the left is on top.
        assertThat(new Color(b.getRGB(100, 40)).getRed()).isGreaterThan(200);
        assertThat(new Color(b.getRGB(100, 360)).getRed()).isLessThan(60);
    }

    /** An EXIF segment that says how a picture lies, and nothing else. */
    private static byte[] exif(int turn) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] tiff = {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) turn, 0, 0, 0, 0, 0, 0
        };
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (2 + 6 + tiff.length), 'E', 'x', 'i', 'f', 0, 0});
        out.write(tiff);
        return out.toByteArray();
    }

    @Test
    void whatIsNoPictureIsRefusedWithASentence(Api api) {
        String path = "/api/visits/" + begun(api) + "/pictures/" + UUID.randomUUID();
        byte[] text = "no picture at all".getBytes(StandardCharsets.UTF_8);
        assertThat(put(api, path, "image/png", text).messageAt("picture")).contains("Only PNG and JPEG");
        assertThat(put(api, path, "image/gif", text).status()).isEqualTo(415);
        assertThat(put(api, path, "image/png", new byte[25 * 1024 * 1024]).status())
                .isEqualTo(413);
        // As large as a camera makes them, but nothing in it.
        assertThat(put(api, path, "image/jpeg", new byte[20 * 1024 * 1024]).status())
                .isEqualTo(422);
        assertThat(api.get(path).status()).isEqualTo(404);
    }
}
