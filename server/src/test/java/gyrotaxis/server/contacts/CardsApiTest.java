package gyrotaxis.server.contacts;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Clients as cards, out and in. */
@ExtendWith(RunningServer.class)
class CardsApiTest {
    private static JsonNode read(Api api, String cards, boolean isKept) {
        Answer answer =
                api.file("/api/clients/cards?keep=" + isKept, "text/vcard", cards.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static String card(String name) {
        return "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:" + name + "\r\nEND:VCARD\r\n";
    }

    private static int count(Api api) {
        return api.get("/api/clients").json().path("count").asInt();
    }

    @Test
    void whatGoesOutComesInAgainAndChangesNothing(Api api) {
        String cards = api.get("/api/clients/cards.vcf").text();
        assertThat(cards).startsWith("BEGIN:VCARD\r\nVERSION:4.0");
        JsonNode told = read(api, cards, true);
        assertThat(told.path("left").asInt()).isEqualTo(count(api));
        assertThat(told.path("added").asInt() + told.path("changed").asInt()).isZero();
    }

    @Test
    void aNewCardIsANewClientWithAMediumHeadOnceItIsKept(Api api) {
        int before = count(api);
        String card = card("Ísold Bøye");
        JsonNode told = read(api, card, false);
        assertThat(told.path("added").asInt()).isEqualTo(1);
        assertThat(count(api)).isEqualTo(before);
        assertThat(read(api, card, true).path("isKept").asBoolean()).isTrue();
        JsonNode found =
                api.get("/api/clients?typed=isold").json().path("clients").get(0);
        try {
            assertThat(found.path("name").asString()).isEqualTo("Ísold Bøye");
            assertThat(found.path("heads")
                            .get(0)
                            .path("measures")
                            .path("roundMm")
                            .asDouble())
                    .isEqualTo(565);
            assertThat(read(api, card, true).path("left").asInt()).isEqualTo(1);
            assertThat(count(api)).isEqualTo(before + 1);
        } finally {
            api.delete("/api/clients/" + found.path("id").asString());
        }
    }

    /** A name goes through one gate, whichever way it comes in. */
    @Test
    void aNameThatCannotBeShownIsRefusedOnACardAsInAForm(Api api) {
        for (String unfit : List.of("\0", "\u202E", "\u0007")) {
            JsonNode told = read(api, card("Wen" + unfit + " Ashdown"), true);
            assertThat(told.path("isKept").asBoolean()).isFalse();
            assertThat(told.at("/faults/0/field").asString()).isEqualTo("name");
            assertThat(told.at("/faults/0/reason").asString()).contains("cannot be shown");
            Api.Answer form = api.post(
                    "/api/clients",
                    Api.JSON
                            .createObjectNode()
                            .put("name", "Wen" + unfit + " Ashdown")
                            .put("version", 0));
            assertThat(form.messageAt("name")).contains("cannot be shown");
        }
    }

    @Test
    void oneWrongCardKeepsAllOut(Api api) {
        int before = count(api);
        JsonNode told = read(api, card("Somebody New") + card("") + card("x".repeat(121)) + card("Somebody New"), true);
        assertThat(told.path("isKept").asBoolean()).isFalse();
        assertThat(told.path("faults").valueStream().map(f -> f.path("card").asInt()))
                .containsExactly(2, 3, 4);
        assertThat(count(api)).isEqualTo(before);
        assertThat(read(api, "a list of things", true)
                        .path("faults")
                        .get(0)
                        .path("reason")
                        .asString())
                .startsWith("There is no card in this file.");
        assertThat(read(api, card("x").repeat(50_001), true)
                        .path("faults")
                        .get(0)
                        .path("reason")
                        .asString())
                .startsWith("At most 50000 cards");
        assertThat(api.post("/api/clients/cards", "{}").status()).isEqualTo(415);
    }
}
