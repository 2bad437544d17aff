package gyrotaxis.server.demo;

import gyrotaxis.core.hair.Texture;
import gyrotaxis.server.language.BriefBody;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The plans of the made-up studio, which are there whether or not a database is filled with it. */
@Component
public class MadeUpPlans {
    private final JsonMapper json;

    MadeUpPlans(JsonMapper json) {
        this.json = json;
    }

    /** A line of hair as the made-up studio has it. */
    public record MadeUpHair(String name, Texture texture, double lengthMm) {}

    /**
     * A plan of nobody's.
     *
     * @param hairs what it is hooked with, the main hair first
     * @param named its brief, in which lines of hair are told by their names
     */
    public record MadeUp(String name, List<MadeUpHair> hairs, BriefBody named) {
        /** What it is mostly hooked with. */
        public MadeUpHair main() {
            return hairs.get(0);
        }
    }

    DemoStudio studio() {
        try (InputStream in = new ClassPathResource("demo/studio.json").getInputStream()) {
            return json.readValue(in, DemoStudio.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** All of them, in the order of the book. */
    public List<MadeUp> all() {
        DemoStudio studio = studio();
        Map<String, MadeUpHair> hairs = studio.hairLines().stream()
                .map(l -> l.toLine(UUID.randomUUID()).hair())
                .map(h -> new MadeUpHair(h.name(), h.texture(), h.lengthMm()))
                .collect(Collectors.toMap(MadeUpHair::name, h -> h));
        return studio.clients().stream()
                .flatMap(c -> c.plans().stream().map(p -> {
                    BriefBody named = p.brief(c.head(), c.ownHair());
                    return new MadeUp(
                            p.name(),
                            named.hairNames().stream()
                                    .map(name -> Objects.requireNonNull(hairs.get(name), name))
                                    .toList(),
                            named);
                }))
                .toList();
    }
}
