package gyrotaxis.server.stills;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One picture of each plan, true until the plan or its hair is another. */
@ExtendWith(RunningServer.class)
class StillsApiTest {
    private static final String AS = "&round=38&up=12.5&skin=umber&way=HALF_UP&part=1&day=3&pinned=true";

    private static final List<String> MADE = new ArrayList<>();

    /** A plan of this test's own. */
    private static JsonNode plan(Api api) {
        ObjectNode body = Api.JSON
                .createObjectNode()
                .put("clientId", api.demoPlan().path("clientId").asString())
                .put("name", "Looked at");
        JsonNode plan = api.post("/api/plans", body).json();
        MADE.add(plan.path("id").asString());
        return plan;
    }

    /** Other tests work with the plan that was changed last. */
    @AfterEach
    void takeAway(Api api) {
        MADE.forEach(id -> api.delete("/api/plans/" + id));
        MADE.clear();
    }

    private static String path(JsonNode plan) {
        return "/api/plans/" + plan.path("id").asString() + "/still";
    }

    private static JsonNode known(Api api, JsonNode plan) {
        return api.get("/api/stills?plan=" + plan.path("id").asString()).json().get(0);
    }

    private static Api.Answer keep(Api api, JsonNode plan, String of, Color colour) throws IOException {
        return put(api, path(plan) + "?of=" + of + AS, picture(colour));
    }

    private static Api.Answer put(Api api, String path, byte[] png) {
        return api.answer(api.signed(path)
                .header("Content-Type", "image/png")
                .PUT(BodyPublishers.ofByteArray(png))
                .build());
    }

    private static byte[] picture(Color colour) throws IOException {
        BufferedImage b = new BufferedImage(40, 50, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = b.createGraphics();
        g.setColor(colour);
        g.fillRect(0, 0, 40, 50);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(b, "png", out);
        return out.toByteArray();
    }

    private static Color kept(Api api, JsonNode plan) throws IOException, InterruptedException {
        HttpResponse<byte[]> r = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(api.address() + path(plan)))
                                .build(),
                        BodyHandlers.ofByteArray());
        assertThat(r.headers().firstValue("Content-Type")).contains("image/jpeg");
        BufferedImage b = ImageIO.read(new ByteArrayInputStream(r.body()));
        assertThat(b.getWidth()).isEqualTo(40);
        return new Color(b.getRGB(20, 25));
    }

    @Test
    void aPlanHasNoPictureUntilOneWasDrawnAndThenTheLast(Api api) throws Exception {
        JsonNode plan = plan(api);
        assertThat(known(api, plan).path("kept").isNull()).isTrue();
        assertThat(api.get(path(plan)).status()).isEqualTo(404);
        String now = known(api, plan).path("now").asString();
        JsonNode first = keep(api, plan, now, Color.RED).json();
        assertThat(first).isEqualTo(known(api, plan));
        assertThat(first.path("kept").path("of").asString()).isEqualTo(now);
        assertThat(first.path("kept").path("isPinned").asBoolean()).isTrue();
        assertThat(first.path("kept").path("seen").toString())
                .isEqualTo(
                        "{\"round\":38.0,\"up\":12.5,\"skin\":\"umber\",\"way\":\"HALF_UP\",\"part\":1,\"day\":3.0}");
        assertThat(kept(api, plan).getRed()).isGreaterThan(200);
        keep(api, plan, now, Color.BLUE);
        assertThat(kept(api, plan).getRed()).isLessThan(60);
    }

    @Test
    void itIsOutOfDateOnceThePlanIsAnotherButNotOnceItIsCalledOtherwise(Api api) throws Exception {
        JsonNode plan = plan(api);
        String then = known(api, plan).path("now").asString();
        keep(api, plan, then, Color.RED);
        ObjectNode body =
                Api.JSON.createObjectNode().put("name", "Called otherwise").put("version", 1);
        body.set("brief", plan.path("brief"));
        assertThat(api.put("/api/plans/" + plan.path("id").asString(), body).status())
                .isEqualTo(200);
        assertThat(known(api, plan).path("now").asString()).isEqualTo(then);
        ObjectNode fewer = Api.changed(plan.path("brief"), Api.JSON.readTree("{\"foundation\":{\"backRows\":4}}"));
        body.put("version", 2).set("brief", fewer);
        assertThat(api.put("/api/plans/" + plan.path("id").asString(), body).status())
                .isEqualTo(200);
        JsonNode known = known(api, plan);
        assertThat(known.path("now").asString()).isNotEqualTo(then);
        assertThat(known.path("kept").path("of").asString()).isEqualTo(then);
    }

    /** All that is kept of a client is in her file. */
    @Test
    void itIsInTheFileOfHerWhoWearsIt(Api api) throws Exception {
        JsonNode plan = plan(api);
        keep(api, plan, known(api, plan).path("now").asString(), Color.RED);
        String file = "/api/clients/" + plan.path("clientId").asString() + "/file";
        byte[] zip = HttpClient.newHttpClient()
                .send(api.request(file).GET().build(), BodyHandlers.ofByteArray())
                .body();
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                names.add(e.getName());
            }
        }
        assertThat(names).contains("plans/" + plan.path("id").asString() + ".jpg");
    }

    @Test
    void itGoesWithItsPlan(Api api) throws Exception {
        JsonNode plan = plan(api);
        keep(api, plan, known(api, plan).path("now").asString(), Color.RED);
        api.delete("/api/plans/" + plan.path("id").asString());
        assertThat(api.get(path(plan)).status()).isEqualTo(404);
        assertThat(api.get("/api/stills?plan=" + plan.path("id").asString()).text())
                .isEqualTo("[]");
        assertThat(put(api, path(plan) + "?of=" + "0".repeat(64) + AS, picture(Color.RED))
                        .status())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({
        "of, of=&round=38&up=12.5&skin=umber&way=DOWN",
        "round, of=HASH&round=200&up=0&skin=umber&way=DOWN",
        "skin, of=HASH&round=38&up=12.5&skin=&way=DOWN",
        "part, of=HASH&round=38&up=12.5&skin=umber&way=DOWN&part=-1",
        "day, of=HASH&round=38&up=12.5&skin=umber&way=DOWN&day=400",
    })
    void whatMakesNoSenseIsRefusedAtItsField(String field, String query, Api api) throws IOException {
        String asked = query.replace("HASH", "0".repeat(64));
        assertThat(put(api, path(plan(api)) + "?" + asked, picture(Color.RED)).messageAt(field))
                .isNotBlank();
    }

    @Test
    void whatIsNoPictureIsRefused(Api api) {
        JsonNode plan = plan(api);
        byte[] text = {1, 2, 3};
        assertThat(put(api, path(plan) + "?of=" + known(api, plan).path("now").asString() + AS, text)
                        .messageAt("picture"))
                .contains("Only PNG");
        StringBuilder many = new StringBuilder("/api/stills?");
        for (int i = 0; i < 101; i++) {
            many.append("plan=").append(UUID.randomUUID()).append('&');
        }
        assertThat(api.get(many.toString()).messageAt("plan")).contains("at most 100");
    }
}
