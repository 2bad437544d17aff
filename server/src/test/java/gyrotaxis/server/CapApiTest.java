package gyrotaxis.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Document;
import org.xml.sax.SAXException;
import tools.jackson.databind.JsonNode;

/** The head as a cap of paper: as many sheets as are told, of their true size, read by others. */
@ExtendWith(RunningServer.class)
class CapApiTest {
    private static final double POINTS_PER_MM = 72 / 25.4;

    private static String plan(Api api) {
        return api.get("/api/plans").json().get(0).path("id").asString();
    }

    private static byte[] bytes(Api api, String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(api.address() + path)).build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        return answer.body();
    }

    @ParameterizedTest
    @CsvSource({"A4, 210, 297, 16", "LETTER, 215.9, 279.4, 12"})
    void sheetsAreOfTheirTrueSizeAndReadableByOthers(String size, double width, double height, int pieces, Api api)
            throws IOException, InterruptedException {
        String cap = "/api/plans/" + plan(api) + "/cap";
        String asked = "?size=" + size + "&pieces=" + pieces;
        JsonNode told = api.get(cap + asked).json();
        try (PDDocument pdf = Loader.loadPDF(bytes(api, cap + "/sheets.pdf" + asked))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(told.path("sheets").asInt());
            assertThat((double) pdf.getPage(0).getMediaBox().getWidth()).isCloseTo(width * POINTS_PER_MM, within(0.05));
            assertThat((double) pdf.getPage(0).getMediaBox().getHeight())
                    .isCloseTo(height * POINTS_PER_MM, within(0.05));
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("must measure 100 mm")
                    .contains("Sheet 1 of " + told.path("sheets").asInt())
                    .contains("front")
                    .contains("F1");
        }
    }

    @Test
    void aSheetIsADrawingInMillimetres(Api api)
            throws IOException, InterruptedException, ParserConfigurationException, SAXException {
        String cap = "/api/plans/" + plan(api) + "/cap";
        byte[] svg = bytes(api, cap + "/sheets/1.svg");
        Document drawn =
                DocumentBuilderFactory.newDefaultInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
        assertThat(drawn.getDocumentElement().getAttribute("width")).isEqualTo("210.0mm");
        assertThat(drawn.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 210.0 297.0");
        assertThat(drawn.getElementsByTagName("circle").getLength()).isGreaterThan(10);
        int last = api.get(cap).json().path("sheets").asInt();
        assertThat(api.get(cap + "/sheets/" + last + ".svg").status()).isEqualTo(200);
        assertThat(api.get(cap + "/sheets/" + (last + 1) + ".svg").status()).isEqualTo(404);
        assertThat(api.get(cap + "/sheets/0.svg").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"?pieces=7, 422", "?pieces=25, 422", "?pieces=many, 400", "?size=A0, 400"})
    void whatCannotBeCutIsRefused(String asked, int status, Api api) {
        assertThat(api.get("/api/plans/" + plan(api) + "/cap" + asked).status()).isEqualTo(status);
    }

    @Test
    void ofNoPlanThereIsNone(Api api) {
        assertThat(api.get("/api/plans/11111111-2222-3333-4444-555555555555/cap")
                        .status())
                .isEqualTo(404);
    }
}
