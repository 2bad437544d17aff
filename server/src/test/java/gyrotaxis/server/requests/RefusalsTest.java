package gyrotaxis.server.requests;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What cannot be used is refused with a reason, and with the status of a refusal. */
@ExtendWith(RunningServer.class)
class RefusalsTest {
    private static ObjectNode within(ObjectNode brief, String path) {
        JsonNode at = brief;
        for (String step : path.split("\\.")) {
            at = at.get(step);
        }
        return (ObjectNode) at;
    }

    @ParameterizedTest
    @CsvSource({
        "foundation, parts",
        "foundation, edits",
        "foundation, tails",
        "foundation, overlaysMm",
        "head, regions",
        "ownHair, conditions",
        "consultation, habits",
        "consultation, ways",
        "hooking, edits",
        "hooking, parts"
    })
    void anEmptyPlaceInAListIsRefusedWhereItIs(String part, String list, Api api) {
        ObjectNode brief = api.anyBrief();
        ArrayNode holed = within(brief, part).putArray(list).addNull();
        Answer answer = api.plan(brief);
        assertThat(holed).hasSize(1);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.messageAt(part + "." + list + "[0]")).contains("is empty");
    }

    /** Whoever refuses, the container, a filter or a controller: it is problem details with a sentence. */
    @ParameterizedTest
    @CsvSource({
        "GET /%zz, '', 400",
        "GET /api/clients/%00, '', 400",
        "GET /api//clients, '', 400",
        "GET /api/clients;a=b/x, '', 400",
        "GET /api/nothing, '', 404",
        "GET /api/clients/7, '', 404",
        "GET /error, '', 404",
        "GET /api/clients, Accept: image/png, 406",
        "GET /api/clients/table.csv, Accept: image/png, 404",
        "GET /api/clients?from=x, '', 400",
        "GET /api/diary?from=2027-13-01, '', 400",
        "PATCH /api/clients, '', 405",
        "DELETE /api/clients, '', 405",
        "PUT /api/stock/table, Content-Type: text/plain, 415",
        "POST /api/plan, Content-Type: text/plain, 415",
        "POST /api/plan, Accept: image/png, 400",
        "GET /api/visits/00000000-0000-0000-0000-000000000007, Accept: application/pdf, 404"
    })
    void everyRefusalHasOneForm(String asked, String header, int status, Api api) throws IOException {
        URI server = URI.create(api.address());
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            boolean hasBody = !asked.startsWith("GET");
            String type = header.startsWith("Content-Type") ? "" : "Content-Type: application/json\r\n";
            socket.getOutputStream()
                    .write((asked + " HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n"
                                    + "Cookie: XSRF-TOKEN=one\r\nX-XSRF-TOKEN: one\r\n"
                                    + (header.isEmpty() ? "" : header + "\r\n")
                                    + (hasBody ? type + "Content-Length: 1\r\n\r\n{" : "\r\n"))
                            .getBytes(StandardCharsets.UTF_8));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 " + status + " ").contains("application/problem+json");
            String body = answer.substring(answer.indexOf('{'), answer.lastIndexOf('}') + 1);
            assertThat(Api.JSON.readTree(body).path("detail").asString())
                    .endsWith(".")
                    .doesNotContain("static resource");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "*/*",
                "application/*",
                "multipart/form-data",
                "multipart/form-data; boundary=",
                "application/x-www-form-urlencoded",
                "text/plain",
                "application/json;charset=no-such-charset",
                "nonsense"
            })
    void aBodyThatIsNotJsonIsNotTakenApart(String type, Api api) {
        for (String path : List.of("/api/plan", "/api/clients", "/error")) {
            Answer answer = api.answer(api.request(path)
                    .header("Content-Type", type)
                    .POST(BodyPublishers.ofString("a=%zz&b=%"))
                    .build());
            assertThat(answer.status()).as(type + " at " + path).isEqualTo(415);
            assertThat(answer.json().path("detail").asString()).contains("application/json");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\"x\"",
                "3",
                "[]",
                "{\"format\":99}",
                "{\"format\":0}",
                "{\"format\":1,\"head\":3}",
                "{\"format\":1,\"foundation\":{\"edits\":[3]}}",
                "{\"format\":1,\"hooking\":{\"edits\":[{\"kind\":\"KNOT\",\"amount\":77}]}}",
                "{\"format\":2,\"brief\":null}"
            })
    void whatWasNeverKeptSoIsNotOpened(String document, Api api) {
        Answer answer = api.post("/api/plans/opened", document);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("kept");
    }

    @Test
    void theErrorPageIsNoPlaceToGo(Api api) {
        assertThat(api.get("/error").status()).isEqualTo(404);
        assertThat(api.post("/error", "{}").status()).isEqualTo(404);
    }

    @Test
    void aNumberBeyondRangeNamesItsField(Api api) {
        String brief = api.anyBrief().toString().replaceFirst("\"frontRows\":\\d+", "\"frontRows\":99999999999");
        assertThat(api.plan(brief).messageAt("foundation.frontRows")).contains("far beyond");
        String endless = api.anyBrief().toString().replaceFirst("\"fullness\":[\\d.]+", "\"fullness\":1e999");
        assertThat(api.plan(endless).messageAt("fullness")).contains("between");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\\u0000", "\\u001b[31m", "a\\u0007b", "\\ud800", "a\\udc00b", "\\uffff", "two\\nlines"})
    void aNameHoldsOnlyWhatCanBeShown(String written, Api api) {
        // Escaped as JSON escapes it: half a pair of surrogates cannot be sent in any other way.
        String client =
                "{\"name\":\"NAME\",\"wishes\":\"\",\"notes\":\"\",\"version\":0}".replace("NAME", "x" + written + "x");
        assertThat(api.post("/api/clients", client).messageAt("name")).contains("cannot be shown");
        ObjectNode brief = api.anyBrief();
        ArrayNode regions = within(brief, "head").putArray("regions");
        regions.addObject()
                .put("kind", "TENDER")
                .put("name", "NAME")
                .set("rim", Api.JSON.readTree("[0, 0.2, 90, 0.2, 180, 0.2]"));
        String asked = brief.toString().replace("NAME", "x" + written + "x");
        assertThat(api.post("/api/plan", "{\"brief\":" + asked + "}").messageAt("head.regions[0].name"))
                .contains("cannot be shown");
    }

    @Test
    void aNoteMayHaveLines(Api api) {
        ObjectNode client = Api.JSON
                .createObjectNode()
                .put("name", "Odalys Thwart")
                .put("wishes", "Waves,\nno fringe")
                .put("notes", "")
                .put("version", 0);
        Answer added = api.post("/api/clients", client);
        assertThat(added.status()).as(added.text()).isNotEqualTo(500);
        assertThat(added.text()).doesNotContain("cannot be shown");
    }

    @Test
    void aClientRemovedWhileAPlanIsBegunForHerIsAConflictOrNotThere(Api api) throws Exception {
        ExecutorService two = Executors.newFixedThreadPool(2);
        try {
            for (int i = 0; i < 30; i++) {
                ObjectNode client = Api.JSON
                        .createObjectNode()
                        .put("name", "Quay " + i)
                        .put("wishes", "")
                        .put("notes", "")
                        .put("version", 0);
                client.set("ownHair", Api.JSON.readTree("{\"density\":\"FINE\",\"conditions\":[]}"));
                client.set(
                        "head",
                        Api.JSON.readTree(
                                "{\"roundMm\":560,\"frontToNapeMm\":355,\"overTopMm\":325,\"alongFrontMm\":null,\"roundBackMm\":null,\"napeWidthMm\":null}"));
                String id = api.post("/api/clients", client).json().path("id").asString();
                ObjectNode plan =
                        Api.JSON.createObjectNode().put("clientId", id).put("name", "");
                Future<Answer> begun = two.submit(() -> api.post("/api/plans", plan));
                Future<Answer> removed = two.submit(() -> api.delete("/api/clients/" + id));
                assertThat(begun.get().status()).as(begun.get().text()).isIn(201, 404, 409);
                assertThat(removed.get().status()).as(removed.get().text()).isIn(204, 409);
                api.delete("/api/clients/" + id);
            }
        } finally {
            two.shutdown();
        }
    }

    @Test
    void otherNamesOfThisMachineAreAnsweredIfTheyWereTold(@TempDir Path folder) throws Exception {
        try (RunningServer.Started started = RunningServer.start(folder, "--gyrotaxis.hosts=Studio.Lan")) {
            Api api = new Api(RunningServer.address(started.context()));
            for (String host : List.of("studio.lan", "STUDIO.LAN")) {
                assertThat(statusLine(api, host)).as(host).contains(" 200");
            }
            assertThat(statusLine(api, "elsewhere.lan")).contains(" 421");
        }
    }

    private static String statusLine(Api api, String host) throws IOException {
        URI address = URI.create(api.address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            String asked = "GET /api/clients HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n";
            socket.getOutputStream().write(asked.getBytes(StandardCharsets.US_ASCII));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return answer.lines().findFirst().orElse("");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/plans/unknown", "/api/visits/unknown", "/api/clients/1234"})
    void anAddressThatCanNameNothingSaysSo(String address, Api api) {
        Answer answer = api.get(address);
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.json().get("detail").asString()).contains("Nothing is kept under this address");
    }
}
