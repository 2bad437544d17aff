package gyrotaxis.server.practice;

import static java.nio.charset.StandardCharsets.UTF_8;

import gyrotaxis.core.hair.Texture;
import gyrotaxis.server.demo.MadeUpPlans;
import gyrotaxis.server.demo.MadeUpPlans.MadeUp;
import gyrotaxis.server.demo.MadeUpPlans.MadeUpHair;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Made-up heads to try things out on. What is changed on them is nobody's plan, so nothing of it is kept here; they are hooked with the
 * studio's own hair, since that is what its learners will have in their hands.
 */
@Service
class PracticeService {
    private final MadeUpPlans madeUp;
    private final HairLineRepository shelf;

    PracticeService(MadeUpPlans madeUp, HairLineRepository shelf) {
        this.madeUp = madeUp;
        this.shelf = shelf;
    }

    List<PracticeHead> heads() {
        List<StockedLine> lines = shelf.all();
        return madeUp.all().stream().map(m -> head(m, lines)).toList();
    }

    private static PracticeHead head(MadeUp plan, List<StockedLine> lines) {
        UUID id = UUID.nameUUIDFromBytes(("practice " + plan.name()).getBytes(UTF_8));
        Texture texture = plan.main().texture();
        Optional<StockedLine> main = nearest(plan.main(), lines);
        if (main.isEmpty()) {
            return new PracticeHead(id, plan.name(), texture, null);
        }
        Map<String, String> ids = new HashMap<>();
        plan.hairs()
                .forEach(h -> nearest(h, lines)
                        .filter(l -> l.hair().name().equals(h.name()))
                        .ifPresent(l -> ids.put(h.name(), l.id().toString())));
        // A colour of the mix may be one that only the hair of its name comes in.
        boolean isSame = plan.hairs().stream().allMatch(h -> ids.containsKey(h.name()));
        BriefBody named = isSame ? plan.named() : plan.named().unmixed();
        String usual = main.get().id().toString();
        return new PracticeHead(
                id,
                plan.name(),
                texture,
                named.withLines(name -> ids.getOrDefault(name, usual)).completed());
    }

    /** The line that such hair would be taken from: of its name, or else of its texture and nearest in length. */
    private static Optional<StockedLine> nearest(MadeUpHair hair, List<StockedLine> lines) {
        return lines.stream()
                .filter(l -> l.hair().texture() == hair.texture())
                .min(Comparator.comparing((StockedLine l) -> !l.hair().name().equals(hair.name()))
                        .thenComparing(l -> Math.abs(l.hair().lengthMm() - hair.lengthMm()))
                        .thenComparing(StockedLine::id));
    }
}
