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
class PatternDesk {
    private static final int LONGEST_NAME = 80;

    private final Patterns patterns;
    private final Clock clock;

    PatternDesk(Patterns patterns, Clock clock) {
        this.patterns = patterns;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<Pattern> all() {
        return patterns.all();
    }

    Pattern keep(PatternController.PatternBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The pattern's name", body.name(), LONGEST_NAME);
        FoundationBody foundation =
                f.present("foundation", "The foundation", body.foundation(), FoundationBody.plain(14, 5, 0));
        foundation.check(f, "foundation.");
        Pattern pattern =
                f.orRefuse(() -> new Pattern(UUID.randomUUID(), name, foundation.completed(), clock.instant()));
        patterns.add(pattern);
        return pattern;
    }

    void remove(UUID id) {
        if (!patterns.remove(id)) {
            throw new NotFound("This pattern is no longer kept.");
        }
    }
}
