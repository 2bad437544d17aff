package gyrotaxis.server.requests;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.awt.image.IndexColorModel;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * A server with a heap of 256 MB, in a process of its own, and files that are too large, something else than they say, or made to do harm: each
 * is answered with a sentence, and it works on.
 */
class HostileFilesTest {
    private static Process server;
    private static Path log;
    private static Api api;
    private static String visit;
    private static String client;

    private static final long ASK_AGAIN_MS = 100;

    @BeforeAll
    static void start(@TempDir Path folder) throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        log = Files.createTempFile("gyrotaxis-hostile", ".log");
        server = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-Xmx256m",
                        "-XX:+ExitOnOutOfMemoryError",
                        "-cp",
                        System.getProperty("java.class.path"),
                        "gyrotaxis.server.Gyrotaxis",
                        "--server.port=" + port,
                        "--gyrotaxis.data-dir=" + folder.resolve("data"),
                        "--gyrotaxis.demo=true",
                        RunningServer.SMALL_STUDIO)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        api = new Api("http://127.0.0.1:" + port);
        while (true) {
            try {
                if (api.get("/actuator/health").status() == 200) {
                    break;
                }
            } catch (RuntimeException notYet) {
                assertThat(server.isAlive()).as(Files.readString(log)).isTrue();
            }
            Thread.sleep(ASK_AGAIN_MS);
        }
        JsonNode plan = api.demoPlan();
        client = plan.path("clientId").asString();
        visit = UUID.randomUUID().toString();
        assertThat(api.post(
                                "/api/visits",
                                Api.JSON
                                        .createObjectNode()
                                        .put("id", visit)
                                        .put("planId", plan.path("id").asString()))
                        .status())
                .isLessThan(300);
    }

    @AfterAll
    static void stop() throws Exception {
        server.destroy();
        server.waitFor();
        Files.delete(log);
    }

    @AfterEach
    void itWorksOn() throws IOException {
        assertThat(server.isAlive()).as(Files.readString(log)).isTrue();
        assertThat(api.get("/api/clients").status()).isEqualTo(200);
        assertThat(Files.readString(log)).doesNotContain("OutOfMemory").doesNotContain("StackOverflow");
    }

    private static void assertRefused(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isBetween(400, 499);
        assertThat(answer.json().path("detail").asString()).endsWith(".");
    }

    private static byte[] times(String line, int bytes) {
        byte[] one = line.getBytes(StandardCharsets.UTF_8);
        byte[] all = new byte[bytes / one.length * one.length];
        for (int i = 0; i < all.length; i += one.length) {
            System.arraycopy(one, 0, all, i, one.length);
        }
        return all;
    }

    /** More than is taken, whether its length is told beforehand or not. */
    @Test
    void aHundredMegabytes() throws Exception {
        for (String[] way : new String[][] {
            {"/api/stock/table", "text/csv"},
            {"/api/diary/calendar", "text/calendar"},
            {"/api/clients/cards", "text/vcard"},
            {"/api/visits/" + visit + "/pictures/" + UUID.randomUUID(), "image/jpeg"},
            {"/api/clients/" + client + "/worksheet-file", "application/json"}
        }) {
            HttpRequest.Builder asked = api.signed(way[0]).header("Content-Type", way[1]);
            var body = BodyPublishers.ofInputStream(HostileFilesTest::hundredMegabytes);
            HttpRequest request = (way[0].contains("/pictures/") ? asked.PUT(body) : asked.POST(body)).build();
            try {
                assertThat(api.answer(request).status()).as(way[0]).isBetween(400, 499);
            } catch (UncheckedIOException hungUp) {
                // It answered before all was sent, and closed.
                assertThat(hungUp).hasCauseInstanceOf(IOException.class);
            }
        }
    }

    private static InputStream hundredMegabytes() {
        byte[] one = times("BEGIN,loops,Slack Water Deep,ink\r\n", 1 << 20);
        return new SequenceInputStream(Collections.enumeration(
                Stream.generate(() -> new ByteArrayInputStream(one)).limit(100).toList()));
    }

    @Test
    void aMillionLines() {
        byte[] head = "kind,hair,colour,lot,loops in a pack,state,which,amount,unit\n".getBytes(StandardCharsets.UTF_8);
        byte[] lines = times("bands\n", 9_900_000);
        byte[] table = Arrays.copyOf(head, head.length + lines.length);
        System.arraycopy(lines, 0, table, head.length, lines.length);
        Answer answer = api.file("/api/stock/table", "text/csv", table);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.text()).contains("at most 50000 lines").contains("\"isKept\":false");
    }

    @Test
    void tenMegabytesOfEverything() {
        Random random = new Random(3);
        byte[] noise = new byte[9_900_000];
        random.nextBytes(noise);
        for (byte[] all : List.of(
                noise,
                new byte[9_900_000],
                times("BEGIN:VCALENDAR\r\n", 9_900_000),
                times("BEGIN:VCARD\r\nVERSION:4.0\r\nFN:a\r\nEND:VCARD\r\n", 9_900_000),
                times("\"", 9_900_000),
                times("\"\n\",", 3_900_000),
                times("FN;X=", 9_900_000),
                ("BEGIN:VCARD\r\n" + "X-A:1\r\n".repeat(1_200_000)).getBytes(StandardCharsets.UTF_8),
                ("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n" + "X-A:1\r\n".repeat(390_000)).getBytes(StandardCharsets.UTF_8),
                times("[", 9_900_000),
                times("{\"a\":", 9_900_000))) {
            for (String[] way : new String[][] {
                {"/api/stock/table", "text/csv"},
                {"/api/diary/calendar", "text/calendar"},
                {"/api/clients/cards", "text/vcard"},
                {"/api/clients/" + client + "/worksheet-file", "application/json"}
            }) {
                Answer answer = api.file(way[0], way[1], all);
                assertThat(answer.status()).as("%s: %s", way[0], answer.text()).isLessThan(500);
                if (answer.status() == 200) {
                    assertThat(answer.json().path("isKept").asBoolean()).isFalse();
                }
            }
        }
    }

    private Answer picture(String type, byte[] content) {
        return api.answer(api.signed("/api/visits/" + visit + "/pictures/" + UUID.randomUUID())
                .header("Content-Type", type)
                .PUT(BodyPublishers.ofByteArray(content))
                .build());
    }

    private static byte[] png(int side) throws IOException {
        // One bit a pixel, all of one colour: small on the disk.
        IndexColorModel two = new IndexColorModel(1, 2, new byte[] {0, -1}, new byte[] {0, -1}, new byte[] {0, -1});
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_BINARY, two);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    /** A small file that claims to be a huge picture; one as large as may be; one that ends in the middle; one of nothing. */
    @Test
    void picturesThatAreMoreThanTheySeem() throws IOException {
        byte[] huge = png(16_000);
        assertThat(huge.length).isLessThan(1 << 20);
        assertRefused(picture("image/png", huge));
        assertRefused(picture("image/png", png(6_400)));
        assertThat(picture("image/png", png(6_300)).status()).isLessThan(300);
        byte[] good = png(300);
        for (int length : new int[] {0, 1, 8, 20, 33, 60, good.length / 2}) {
            assertRefused(picture("image/png", Arrays.copyOf(good, length)));
        }
        byte[] lying = good.clone();
        // Width and height are said to be the greatest that fit four bytes (PNG, 11.2.2).
        Arrays.fill(lying, 16, 24, (byte) 0x7f);
        assertRefused(picture("image/png", lying));
        BufferedImage red = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
        red.getGraphics().setColor(Color.RED);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(red, "jpeg", jpeg);
        Random random = new Random(9);
        for (int i = 0; i < 200; i++) {
            byte[] spoilt = jpeg.toByteArray();
            for (int k = 0; k < 4; k++) {
                spoilt[2 + random.nextInt(spoilt.length - 2)] = (byte) random.nextInt();
            }
            Answer answer = picture("image/jpeg", spoilt);
            assertThat(answer.status()).as(answer.text()).isLessThan(500);
        }
    }

    /** A drawing is no picture: what could run, look elsewhere or grow without end is never opened. */
    @Test
    void drawingsUnderTheNameOfPictures() {
        String laughs = "<?xml version=\"1.0\"?><!DOCTYPE s [<!ENTITY a \"haha\">"
                + "<!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\"><!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;\">"
                + "<!ENTITY f SYSTEM \"file:///etc/passwd\">]>"
                + "<svg xmlns=\"http://www.w3.org/2000/svg\"><script>alert(1)</script><text>&c;&f;</text></svg>";
        for (String type : List.of("image/png", "image/jpeg")) {
            assertRefused(picture(type, laughs.getBytes(StandardCharsets.UTF_8)));
        }
        assertRefused(picture("image/svg+xml", laughs.getBytes(StandardCharsets.UTF_8)));
        for (String[] way : new String[][] {
            {"/api/stock/table", "text/csv"},
            {"/api/diary/calendar", "text/calendar"},
            {"/api/clients/cards", "text/vcard"}
        }) {
            Answer answer = api.file(way[0], way[1], laughs.getBytes(StandardCharsets.UTF_8));
            assertThat(answer.status()).isLessThan(500);
            assertThat(answer.text()).doesNotContain("root:").doesNotContain("hahahaha");
        }
    }

    /** A picture, a zip and a table under each other's names. */
    @Test
    void wrongTypesUnderRightNames() throws IOException {
        byte[] zip = Files.readAllBytes(Path.of("src", "test", "resources", "kept", "book-format-2.zip"));
        byte[] picture = png(100);
        for (byte[] wrong : List.of(zip, picture)) {
            for (String[] way : new String[][] {
                {"/api/stock/table", "text/csv"},
                {"/api/diary/calendar", "text/calendar"},
                {"/api/clients/cards", "text/vcard"}
            }) {
                Answer answer = api.file(way[0] + "?keep=true", way[1], wrong);
                assertThat(answer.status()).as(answer.text()).isLessThan(500);
                assertThat(answer.status() != 200
                                || !answer.json().path("isKept").asBoolean())
                        .isTrue();
            }
        }
        assertRefused(picture("image/png", zip));
        assertRefused(api.file("/api/clients/cards", "image/png", picture));
    }
}
