package gyrotaxis.server.printing;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The papers of a plan, read by another library than the one that wrote them. */
@ExtendWith(RunningServer.class)
class PapersApiTest {
    private static JsonNode plan(Api api) {
        return api.demoPlan();
    }

    private static String address(Api api, String paper) {
        return "/api/plans/" + plan(api).path("id").asString() + "/papers/" + paper;
    }

    private static PDDocument paper(Api api, String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(api.address() + path)).build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        return Loader.loadPDF(answer.body());
    }

    private static String text(PDDocument pdf) throws IOException {
        return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }

    @ParameterizedTest
    @ValueSource(strings = {"run-sheet.pdf", "quote.pdf", "aftercare.pdf", "takedown.pdf"})
    void everyPaperSaysWhoseItIsIsTaggedAndCarriesItsFonts(String name, Api api)
            throws IOException, InterruptedException {
        try (PDDocument pdf = paper(api, address(api, name))) {
            assertThat(text(pdf)).contains(plan(api).path("name").asString());
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
            for (PDPage page : pdf.getPages()) {
                for (COSName font : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(font).isEmbedded()).isTrue();
                }
            }
        }
    }

    @Test
    void aRunSheetHasEveryStepOnceAndInOrder(Api api) throws IOException, InterruptedException {
        String id = plan(api).path("id").asString();
        JsonNode sheet = api.post("/api/plans/" + id + "/worksheets", "{}").json();
        int steps = sheet.path("sheet").path("steps").size();
        assertThat(steps).isGreaterThan(10);
        try (PDDocument pdf = paper(api, address(api, "run-sheet.pdf"))) {
            String text = text(pdf);
            int at = 0;
            for (int step : IntStream.rangeClosed(1, steps).toArray()) {
                at = text.indexOf(" " + step + " ", at);
                assertThat(at).as("step %d", step).isPositive();
            }
            JsonNode row = sheet.path("sheet").path("rows").get(0).path("id");
            assertThat(text).contains(row.isString() ? row.asString() : "F1");
        }
    }

    @Test
    void aTakedownListNamesEveryRowThatIsUndone(Api api) throws IOException, InterruptedException {
        String id = plan(api).path("id").asString();
        JsonNode rows = api.post("/api/plans/" + id + "/worksheets", "{}")
                .json()
                .path("sheet")
                .path("rows");
        try (PDDocument pdf = paper(api, address(api, "takedown.pdf"))) {
            String text = text(pdf).toLowerCase(java.util.Locale.ROOT);
            rows.forEach(r -> assertThat(text).contains(r.path("words").asString()));
            assertThat(text).contains("find and mark every tail before the first cut");
        }
    }

    @Test
    void anAftercareCardHasDatesOnceTheDayIsKnown(Api api) throws IOException, InterruptedException {
        LocalDate day = LocalDate.of(2027, 3, 1);
        try (PDDocument dated = paper(api, address(api, "aftercare.pdf?on=" + day));
                PDDocument blank = paper(api, address(api, "aftercare.pdf"))) {
            assertThat(text(dated)).contains("Monday, 1 March").contains("Tuesday, 2 March");
            assertThat(text(blank)).contains("after 1 day").doesNotContain("March");
        }
    }

    /** A studio far to the east of its server, or far to the west: one of them always has another day. */
    @Test
    void papersAreOfTheStudiosDay(Api api) throws IOException, InterruptedException {
        ZoneId far = Stream.of("Pacific/Kiritimati", "Pacific/Niue")
                .map(ZoneId::of)
                .filter(z -> !LocalDate.now(z).equals(LocalDate.now()))
                .findFirst()
                .orElseThrow();
        ObjectNode before = (ObjectNode) api.get("/api/people").json().get("studio");
        ObjectNode moved = before.deepCopy().put("zone", far.getId());
        assertThat(api.put("/api/people/studio", moved).status()).isEqualTo(200);
        try (PDDocument quote = paper(api, address(api, "quote.pdf"));
                PDDocument list = paper(api, "/api/shopping/list.pdf")) {
            DateTimeFormatter day = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);
            String there = day.format(LocalDate.now(far));
            assertThat(text(quote)).contains("quote of " + there);
            assertThat(text(list)).contains(there.replaceAll(" [0-9]{4}$", ""));
        } finally {
            int version = api.get("/api/people").json().at("/studio/version").asInt();
            api.put("/api/people/studio", before.put("version", version));
        }
    }

    @Test
    void whatThereIsNotIsRefused(Api api) {
        assertThat(api.get("/api/plans/11111111-2222-3333-4444-555555555555/papers/quote.pdf")
                        .status())
                .isEqualTo(404);
        assertThat(api.get(address(api, "aftercare.pdf?on=tomorrow")).status()).isEqualTo(400);
        assertThat(api.get(address(api, "poem.pdf")).status()).isEqualTo(404);
    }
}
