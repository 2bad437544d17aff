package gyrotaxis.server.printing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
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
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;
import tools.jackson.databind.JsonNode;

/** The head as a cap of paper: as many sheets as are told, of their true size, read by others. */
@ExtendWith(RunningServer.class)
class CapApiTest {
    private static final double POINTS_PER_MM = 72 / 25.4;

    private static String plan(Api api) {
        return api.demoPlan().path("id").asString();
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

    /** The map keeps areas, and a view keeps lengths across the line of sight: printed at 100 % both are as large as the head. */
    @Test
    void theMapAndTheViewsAreDrawnAsLargeAsTheyAre(Api api)
            throws IOException, InterruptedException, ParserConfigurationException, SAXException {
        String at = "/api/plans/" + plan(api) + "/drawing.svg";
        JsonNode plan = api.plan(api.get("/api/plans/" + plan(api)).json().path("brief"))
                .json();
        Document map = drawn(bytes(api, at));
        double area = Math.abs(area(points(map, "rim")));
        assertThat(area / 100).isCloseTo(plan.at("/head/areaMm2").asDouble() / 100, within(2.0));
        assertThat(map.getElementsByTagName("circle").getLength())
                .isEqualTo(plan.path("stations").size());
        double half = Double.NaN;
        for (String sight : List.of("FRONT", "BACK", "TOP", "LEFT", "RIGHT")) {
            Document view = drawn(bytes(api, at + "?sight=" + sight));
            String[] box = view.getDocumentElement().getAttribute("viewBox").split(" ");
            assertThat(view.getDocumentElement().getAttribute("width")).isEqualTo(box[2] + "mm");
            assertThat(view.getDocumentElement().getAttribute("height")).isEqualTo(box[3] + "mm");
            double[] xs =
                    points(view, "rim").stream().mapToDouble(p -> p[0]).sorted().toArray();
            double wide = xs[xs.length - 1] - xs[0];
            if (sight.equals("FRONT")) {
                half = wide;
            } else if (sight.equals("BACK") || sight.equals("TOP")) {
                assertThat(wide).as(sight).isCloseTo(half, within(0.5));
            }
            assertThat(wide).isBetween(130.0, 240.0);
            assertThat(view.getElementsByTagName("circle").getLength()).isPositive();
        }
        assertThat(api.get(at + "?sight=INSIDE").status()).isEqualTo(400);
    }

    private static Document drawn(byte[] svg) throws ParserConfigurationException, IOException, SAXException {
        return DocumentBuilderFactory.newDefaultInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
    }

    /** The corners of a path of straight lines. */
    private static List<double[]> points(Document drawn, String id) {
        NodeList paths = drawn.getElementsByTagName("path");
        for (int i = 0; i < paths.getLength(); i++) {
            if (paths.item(i) instanceof Element e && e.getAttribute("id").equals(id)) {
                return Arrays.stream(e.getAttribute("d").replaceAll("[MZ]", "").split("L"))
                        .map(p -> Arrays.stream(p.split(" "))
                                .mapToDouble(Double::parseDouble)
                                .toArray())
                        .toList();
            }
        }
        throw new AssertionError("no path " + id);
    }

    private static double area(List<double[]> rim) {
        double twice = 0;
        for (int i = 0; i < rim.size(); i++) {
            double[] a = rim.get(i);
            double[] b = rim.get((i + 1) % rim.size());
            twice += a[0] * b[1] - a[1] * b[0];
        }
        return twice / 2;
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
