package gyrotaxis.server.messages;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What would be said to clients, and what was. */
class MessagesApiTest {
    private static RunningServer.Started server;
    private static Api api;

    @BeforeAll
    static void start(@TempDir Path folder) {
        server = RunningServer.start(folder.resolve("data"), "--gyrotaxis.demo=true");
        api = new Api(RunningServer.address(server.context()));
    }

    @AfterAll
    static void stop() {
        server.context().close();
    }

    private static void goesWrong(String... faults) {
        ObjectNode body = Api.JSON.createObjectNode().put("delayMs", 0);
        List.of(faults).forEach(body.putArray("faults")::add);
        assertThat(api.put("/api/outside/MESSAGES", body).status()).isEqualTo(200);
    }

    private static JsonNode all() {
        return api.get("/api/messages").json();
    }

    private static JsonNode draft(JsonNode all, String cue) {
        for (JsonNode d : all.path("drafts")) {
            if (d.path("cue").asString().equals(cue)) {
                return d;
            }
        }
        throw new AssertionError("no draft of " + cue + " in " + all.path("drafts"));
    }

    private static ObjectNode which(JsonNode draft) {
        return Api.JSON
                .createObjectNode()
                .put("cue", draft.path("cue").asString())
                .put("about", draft.path("about").asString())
                .put("told", draft.path("told").asString());
    }

    private static boolean has(JsonNode all, JsonNode draft) {
        for (JsonNode d : all.path("drafts")) {
            if (which(d).equals(which(draft))) {
                return true;
            }
        }
        return false;
    }

    @Test
    void whatIsSentIsNotOfferedAgainUntilItIsMoved() {
        goesWrong();
        JsonNode draft = draft(all(), "APPOINTMENT");
        assertThat(draft.path("words").asString())
                .contains(draft.path("client").asString())
                .doesNotContain("{")
                .doesNotContain("  ");
        JsonNode after = api.post("/api/messages/sent", which(draft)).json();
        assertThat(has(after, draft)).isFalse();
        assertThat(after.at("/sent/0/words").asString())
                .isEqualTo(draft.path("words").asString());
        assertThat(api.post("/api/messages/sent", which(draft)).status()).isEqualTo(404);
    }

    @Test
    void inHerWords() {
        goesWrong();
        assertThat(api.put("/api/messages/words/APPOINTMENT", "{\"words\":\"Ahoy {name}, {dya}\"}")
                        .messageAt("words"))
                .contains("{dya}")
                .contains("{day}");
        assertThat(api.put("/api/messages/words/APPOINTMENT", "{\"words\":\" \"}")
                        .messageAt("words"))
                .contains("Say something");
        JsonNode now = api.put("/api/messages/words/APPOINTMENT", "{\"words\":\"Ahoy {name}!\\nOars up on {day}.\"}")
                .json();
        JsonNode draft = draft(now, "APPOINTMENT");
        assertThat(draft.path("words").asString())
                .startsWith("Ahoy " + draft.path("client").asString() + "!\nOars up on ");
        assertThat(api.post("/api/messages/sent", which(draft).put("words", "Only for you."))
                        .json()
                        .at("/sent/0/words")
                        .asString())
                .isEqualTo("Only for you.");
    }

    @Test
    void whatIsNotTakenWasNotSentAndWhatCameBackMayBeSentAgain() {
        JsonNode draft = draft(all(), "LOOK_AFTER");
        goesWrong("MESSAGES_SILENT");
        Api.Answer silent = api.post("/api/messages/sent", which(draft));
        assertThat(silent.status()).isEqualTo(503);
        assertThat(silent.json().path("detail").asString()).contains("Nothing was sent");
        assertThat(has(all(), draft)).isTrue();
        goesWrong("MESSAGES_LOST");
        JsonNode lost = api.post("/api/messages/sent", which(draft)).json();
        assertThat(lost.at("/sent/0/isLost").asBoolean()).isTrue();
        assertThat(has(lost, draft)).isTrue();
        goesWrong();
        JsonNode sent = api.post("/api/messages/sent", which(draft)).json();
        assertThat(has(sent, draft)).isFalse();
        assertThat(sent.at("/sent/0/isLost").asBoolean()).isFalse();
        assertThat(sent.path("sent"))
                .filteredOn(s -> s.path("client").equals(draft.path("client"))
                        && s.path("words").equals(draft.path("words")))
                .hasSize(1);
    }

    @Test
    void anInstallIsPreparedFor() {
        JsonNode prepare = draft(all(), "PREPARE");
        assertThat(prepare.path("words").asString()).contains("washed, dry");
    }
}
