package gyrotaxis.server.shelf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Made-up lines, one of each texture, that an empty shelf is offered; no shop sells them. */
@Component
class StarterSet {
    private static final ClassPathResource LINES = new ClassPathResource("shelf/starter.json");

    private final JsonMapper json;

    StarterSet(JsonMapper json) {
        this.json = json;
    }

    /** The set, each line under a new id. */
    List<StockedLine> lines() {
        try (InputStream in = LINES.getInputStream()) {
            return Arrays.stream(json.readValue(in, HairLineBody[].class))
                    .map(body -> body.toLine(UUID.randomUUID()))
                    .map(l -> new StockedLine(
                            l.id(), l.supplier(), l.hair(), l.loopsByColour(), l.guessed(), true, l.version()))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
