package gyrotaxis.server.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Who is let in, and with what. */
@ExtendWith(RunningServer.class)
class DoorTest {
    @Test
    void changesNeedTheTokenOfThisPage(Api api) {
        Answer forged = api.answer(api.request("/api/plans")
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString("{}"))
                .build());
        assertThat(forged.status()).isEqualTo(403);
    }

    @Test
    void bodiesAreLimitedWhetherTheySayTheirLengthOrNot(Api api) {
        String large = "{\"hairLineId\":\"" + "x".repeat(300_000) + "\"}";
        assertThat(api.send("POST", "/api/plan", large).status()).isEqualTo(413);
        String token = api.send("POST", "/api/plan", "{}").text();
        assertThat(token).contains("errors");
        Answer streamed = api.chunked("/api/plan", large);
        assertThat(streamed.status()).isEqualTo(413);
        assertThat(streamed.text()).contains("256 KiB");
    }

    @Test
    void anotherHostNameIsNotAnswered(Api api) throws IOException {
        URI address = URI.create(api.address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            socket.getOutputStream()
                    .write("GET /api/clients HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            InputStream in = socket.getInputStream();
            assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8)).startsWith("HTTP/1.1 421");
        }
    }

    @Test
    void everyPlaceShowsThePageAndNothingElseDoes(Api api) {
        for (String place : new String[] {"/", "/book", "/bench/3", "/chair"}) {
            Answer page = api.get(place);
            assertThat(page.status()).as(place).isEqualTo(200);
            assertThat(page.text()).contains("<div id=\"root\">");
        }
        assertThat(api.get("/assets/nothing.js").status()).isEqualTo(404);
        assertThat(api.get("/nothing.png").status()).isEqualTo(404);
        assertThat(api.get("/actuator/env").status()).isEqualTo(404);
        assertThat(api.get("/actuator/health").text()).contains("UP");
    }

    @Test
    void beyondThisMachineOnlyWithThoseWhoSignIn(@TempDir Path folder) {
        assertThatThrownBy(() -> RunningServer.start(folder.resolve("a"), "--server.address=0.0.0.0"))
                .hasStackTraceContaining("without anybody signing in");
        assertThatThrownBy(() -> RunningServer.start(folder.resolve("b"), "--gyrotaxis.passphrase=three oars"))
                .hasStackTraceContaining("no longer asked for");
    }
}
