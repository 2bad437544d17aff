package gyrotaxis.server.tables;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.h2.tools.Csv;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Tables that go out, read by the database's own reader, hold what the product shows. */
@ExtendWith(RunningServer.class)
class TablesApiTest {
    private static List<Map<String, String>> table(Api api, String path) throws SQLException, IOException {
        String text = api.get(path).text();
        ResultSet rows = new Csv().read(new StringReader(text.substring(text.indexOf('\uFEFF') + 1)), null);
        List<Map<String, String>> all = new ArrayList<>();
        while (rows.next()) {
            Map<String, String> row = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
            for (int c = 1; c <= rows.getMetaData().getColumnCount(); c++) {
                String cell = rows.getString(c);
                row.put(rows.getMetaData().getColumnLabel(c), cell == null ? "" : cell);
            }
            all.add(row);
        }
        return all;
    }

    @Test
    void movements(Api api) throws SQLException, IOException {
        JsonNode newest = api.get("/api/stock/movements").json().get(0);
        List<Map<String, String>> rows = table(api, "/api/stock/movements.csv");
        assertThat(rows.size())
                .isGreaterThanOrEqualTo(api.get("/api/stock/movements").json().size());
        assertThat(rows.get(0).get("what")).isEqualTo(newest.path("words").asString());
        assertThat(Double.parseDouble(rows.get(0).get("amount").replace("'", "")))
                .isEqualTo(newest.path("amount").asDouble());
        assertThat(rows.get(0).get("why")).isEqualTo(newest.path("whyWords").asString());
    }

    @Test
    void visits(Api api) throws SQLException, IOException {
        JsonNode shown = api.get("/api/visits").json();
        List<Map<String, String>> rows = table(api, "/api/visits/table.csv");
        assertThat(rows.size()).isGreaterThanOrEqualTo(shown.size());
        assertThat(rows)
                .extracting(r -> r.get("client"))
                .contains(shown.get(0).path("clientName").asString());
        assertThat(table(api, "/api/visits/table.csv?days=1").size()).isLessThanOrEqualTo(rows.size());
        assertThat(api.get("/api/visits/table.csv?days=0").status()).isEqualTo(422);
    }

    @Test
    void stationsAreThoseOfTheWorksheet(Api api) throws SQLException, IOException {
        String id = api.demoPlan().path("id").asString();
        JsonNode shares = api.post("/api/plans/" + id + "/worksheets", "{}")
                .json()
                .path("sheet")
                .path("shares");
        List<Map<String, String>> rows = table(api, "/api/plans/" + id + "/stations.csv");
        assertThat(rows).hasSameSizeAs(shares);
        double loops = rows.stream()
                .mapToDouble(r -> Double.parseDouble(r.get("of a loop")))
                .sum();
        assertThat(loops).isPositive();
        assertThat(rows).extracting(r -> r.get("share")).doesNotHaveDuplicates();
    }

    @Test
    void theShoppingListIsTheSameOnPaperAndAsATable(Api api) throws SQLException, IOException, InterruptedException {
        JsonNode list = api.get("/api/shopping?days=30").json();
        List<Map<String, String>> rows = table(api, "/api/shopping/list.csv?days=30");
        int buys = list.path("suppliers")
                .valueStream()
                .mapToInt(s -> s.path("buys").size())
                .sum();
        assertThat(rows).hasSize(buys).isNotEmpty();
        byte[] paper = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(api.address() + "/api/shopping/list.pdf?days=30"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        try (PDDocument pdf = Loader.loadPDF(paper)) {
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            rows.forEach(r -> assertThat(text).contains(r.get("supplier")).contains(r.get("cost")));
        }
    }
}
