package gyrotaxis.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.quantity.Pronoun;
import gyrotaxis.server.testing.Api;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The page says its own words of whoever the plan is for as the core says its sentences. How the core says some is kept in a file, which the
 * page's own test holds itself against; here it is held against the core of today.
 */
class PronounSamplesTest {
    private static final Path KEPT = Path.of("..", "web", "src", "testing", "pronouns.json");
    private static final List<String> SENTENCES = List.of(
            "Her scalp",
            "Seen on her scalp",
            "Add a part she will show",
            "negative is to her left",
            " to her right",
            "Kept with her",
            "Packs she brings",
            "Minutes she has",
            "hooked off the head, before she comes",
            "She is used to",
            "She wants a fringe",
            "hair like hers, on herself; she was asked, and she itches");

    @Test
    void theKeptSamplesAreWhatTheCoreSays() throws IOException {
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(KEPT, said().toPrettyString() + "\n");
        }
        JsonNode kept = Api.JSON.readTree(Files.readString(KEPT));
        assertThat(kept).as("%s; ./gyrotaxis api makes it anew", KEPT).isEqualTo(said());
    }

    private static ArrayNode said() {
        ArrayNode all = Api.JSON.createArrayNode();
        for (String sentence : SENTENCES) {
            ObjectNode each = all.addObject();
            for (Pronoun p : Pronoun.values()) {
                each.put(p.name(), p.said(sentence));
            }
        }
        return all;
    }
}
