package gyrotaxis.server.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Who practises: what each tried is kept, and leads to what is asked next. */
@ExtendWith(RunningServer.class)
class LearnersApiTest {
    private static final String LEARNERS = "/api/practice/learners";

    private static String added(Api api, String name) {
        return api.post(LEARNERS, Api.JSON.createObjectNode().put("name", name))
                .json()
                .path("id")
                .asString();
    }

    private static ObjectNode packs(int seed, double number, String learner) {
        return Api.JSON
                .createObjectNode()
                .put("level", 1)
                .put("seed", seed)
                .put("number", number)
                .put("learner", learner)
                .put("seconds", 12.5);
    }

    private static JsonNode judged(Api api, ObjectNode answer) {
        return api.post("/api/practice/drills/PACKS/judged", answer).json();
    }

    private static JsonNode skill(JsonNode progress, String kind) {
        return progress.path("skills")
                .valueStream()
                .filter(s -> s.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatSheAnsweredIsKeptOnceAndSaysHowFarSheIs(Api api) {
        String id = added(api, "Maribel Quist");
        JsonNode new1 = api.get(LEARNERS + "/" + id).json();
        assertThat(new1.path("learner").path("name").asString()).isEqualTo("Maribel Quist");
        assertThat(new1.path("next").path("kind").asString()).isEqualTo("HOOK_WAY");
        assertThat(skill(new1, "PACKS").path("dueAt").isNull()).isTrue();
        assertThat(new1.path("pacePercent").isNull()).isTrue();

        double isSo = judged(api, packs(5, 1, id)).path("number").asDouble();
        judged(api, packs(5, isSo, id));
        judged(api, packs(6, 1, id).put("learner", (String) null));
        JsonNode told = api.get(LEARNERS + "/" + id).json();
        assertThat(skill(told, "PACKS").path("tries").asInt())
                .as("once known an answer counts no more")
                .isEqualTo(1);
        assertThat(told.path("guesses")).hasSize(1);
        JsonNode guess = told.path("guesses").get(0);
        assertThat(guess.path("said").asDouble()).isEqualTo(1);
        assertThat(guess.path("isSo").asDouble()).isEqualTo(isSo);
        assertThat(guess.path("overPercent").asDouble()).isCloseTo(100 * (1 / isSo - 1), within(0.5));
        assertThat(guess.path("lately").asString()).endsWith("too little");
        // A day after a first miss by the published scheme: (1 + 19/81 / 0.40255)^-0.5.
        assertThat(skill(told, "PACKS").path("knownPercent").asInt()).isEqualTo(79);
        assertThat(skill(told, "PACKS").path("dueAt").asLong()).isGreaterThan(System.currentTimeMillis());
        assertThat(api.delete(LEARNERS + "/" + id).status()).isEqualTo(204);
    }

    /** One page that a reader can be told of, in fonts of its own, with names as they are written. */
    @Test
    void howFarSheIsIsPutOnPaper(Api api) throws IOException, InterruptedException {
        String id = added(api, "Żofia Øyelaran-Њ & <b>");
        judged(api, packs(5, 1, id));
        api.post(
                LEARNERS + "/" + id + "/hands",
                Api.JSON.createObjectNode().put("pieces", 20).put("slipped", 1).put("seconds", 120));
        HttpResponse<byte[]> paper = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(api.address() + LEARNERS + "/" + id + "/paper"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(paper.statusCode()).isEqualTo(200);
        assertThat(paper.headers().firstValue("Content-Type")).contains("application/pdf");
        try (PDDocument pdf = Loader.loadPDF(paper.body())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(pdf.getDocumentCatalog().getStructureTreeRoot()).isNotNull();
            assertThat(pdf.getDocumentInformation().getTitle()).contains("Żofia Øyelaran-Њ & <b>");
            for (COSName font : pdf.getPage(0).getResources().getFontNames()) {
                assertThat(pdf.getPage(0).getResources().getFont(font).isEmbedded())
                        .isTrue();
            }
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("How far Żofia Øyelaran-Њ & <b> is")
                    .contains("of 1 answered")
                    .contains("How many packs")
                    .contains("loops split into shares")
                    .contains("not tried");
        }
        assertThat(api.delete(LEARNERS + "/" + id).status()).isEqualTo(204);
        assertThat(api.get(LEARNERS + "/" + id + "/paper").status()).isEqualTo(404);
    }

    @Test
    void threeRightLeadToAHarderOne(Api api) {
        String id = added(api, "Odo Fairweather");
        for (int seed = 1; seed <= 3; seed++) {
            double isSo = judged(api, packs(seed, 1, null)).path("number").asDouble();
            assertThat(judged(api, packs(seed, isSo, id)).path("isRight").asBoolean())
                    .isTrue();
        }
        JsonNode skill = skill(api.get(LEARNERS + "/" + id).json(), "PACKS");
        assertThat(skill.path("level").asInt()).isEqualTo(2);
        assertThat(skill.path("right").asInt()).isEqualTo(3);
        assertThat(api.delete(LEARNERS + "/" + id).status()).isEqualTo(204);
    }

    @Test
    void workOfTheHandsIsHeldAgainstUsualHands(Api api) {
        String id = added(api, "Wren");
        ObjectNode body = Api.JSON
                .createObjectNode()
                .put("knot", "REGULAR")
                .put("passes", 1)
                .put("pieces", 30)
                .put("slipped", 5)
                .put("seconds", 600);
        JsonNode told = api.post(LEARNERS + "/" + id + "/hands", body).json();
        JsonNode hands = told.path("hands").get(0);
        assertThat(hands.path("secondsEach").asDouble()).isEqualTo(24);
        assertThat(hands.path("usual").path("low").asDouble()).isBetween(8.0, 10.0);
        assertThat(hands.path("usual").path("high").asDouble()).isBetween(14.0, 16.0);
        ObjectNode split =
                Api.JSON.createObjectNode().put("pieces", 60).put("slipped", 0).put("seconds", 300);
        assertThat(api.post(LEARNERS + "/" + id + "/hands", split).json().path("hands"))
                .hasSize(2);
        String at = LEARNERS + "/" + id + "/hands";
        assertThat(api.post(at, body.deepCopy().put("slipped", 31)).messageAt("slipped"))
                .contains("30");
        assertThat(api.post(at, body.deepCopy().put("pieces", 0)).messageAt("pieces"))
                .isNotBlank();
        assertThat(api.post(at, body.deepCopy().put("passes", 0)).messageAt("passes"))
                .isNotBlank();
        assertThat(api.post(at, body.deepCopy().put("seconds", 0)).messageAt("seconds"))
                .isNotBlank();
        assertThat(api.get(LEARNERS + "/" + id).json().path("hands")).hasSize(2);
        assertThat(api.delete(LEARNERS + "/" + id).status()).isEqualTo(204);
    }

    @Test
    void whoeverIsTakenOffIsGoneWithAllThatIsKept(Api api) {
        String id = added(api, "Zo\u00eb of the very long name that a badge cannot hold");
        judged(api, packs(9, 1, id));
        assertThat(names(api)).contains("Zo\u00eb of the very long name that a badge cannot hold");
        assertThat(api.delete(LEARNERS + "/" + id).status()).isEqualTo(204);
        assertThat(api.delete(LEARNERS + "/" + id).status()).isEqualTo(404);
        assertThat(api.get(LEARNERS + "/" + id).status()).isEqualTo(404);
        assertThat(api.post("/api/practice/drills/PACKS/judged", packs(9, 1, id))
                        .status())
                .isEqualTo(404);
    }

    private static List<String> names(Api api) {
        return api.get(LEARNERS)
                .json()
                .valueStream()
                .map(l -> l.path("name").asString())
                .toList();
    }

    @Test
    void refusesAtItsFieldWhatMakesNoSense(Api api) {
        assertThat(api.post(LEARNERS, Api.JSON.createObjectNode().put("name", " "))
                        .messageAt("name"))
                .isNotBlank();
        ObjectNode answer = packs(1, 1, "nobody");
        assertThat(api.post("/api/practice/drills/PACKS/judged", answer).messageAt("learner"))
                .isNotBlank();
        answer = packs(1, 1, UUID.randomUUID().toString()).put("seconds", -1);
        assertThat(api.post("/api/practice/drills/PACKS/judged", answer).messageAt("seconds"))
                .isNotBlank();
    }
}
