package gyrotaxis.server.patterns;

import gyrotaxis.server.language.FoundationBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps foundations as patterns of her own. */
@Service
@Transactional
public class PatternService {
    public static final int MAX_NAME_LENGTH = 80;

    private final PatternRepository patterns;
    private final Clock clock;

    PatternService(PatternRepository patterns, Clock clock) {
        this.patterns = patterns;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<Pattern> all() {
        return patterns.all();
    }

    Pattern keep(PatternController.PatternBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The pattern's name", body.name(), MAX_NAME_LENGTH);
        FoundationBody foundation =
                f.present("foundation", "The foundation", body.foundation(), FoundationBody.plain(14, 5, 0));
        foundation.check(f, "foundation.");
        Pattern pattern =
                f.orRefuse(() -> new Pattern(UUID.randomUUID(), name, foundation.completed(), clock.instant()));
        patterns.add(pattern);
        return pattern;
    }

    /** One of them; refuses if it is not there. */
    @Transactional(readOnly = true)
    public Pattern find(UUID id) {
        return patterns.all().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("This pattern is no longer kept."));
    }

    /** Keeps one that was checked. */
    public UUID keep(String name, FoundationBody foundation) {
        Pattern pattern = new Pattern(UUID.randomUUID(), name, foundation, clock.instant());
        patterns.add(pattern);
        return pattern.id();
    }

    void remove(UUID id) {
        if (!patterns.remove(id)) {
            throw new NotFound("This pattern is no longer kept.");
        }
    }
}
