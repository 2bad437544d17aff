package gyrotaxis.server.plans;

import gyrotaxis.server.language.FoundationBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/patterns")
@Transactional
class PatternController {
    private static final int LONGEST_NAME = 80;

    private final Patterns patterns;
    private final Clock clock;

    PatternController(Patterns patterns, Clock clock) {
        this.patterns = patterns;
        this.clock = clock;
    }

    /** A pattern to be kept. */
    record PatternBody(@Nullable String name, @Nullable FoundationBody foundation) {}

    @GetMapping
    List<Pattern> list() {
        return patterns.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Pattern keep(@RequestBody PatternBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The pattern's name", body.name(), LONGEST_NAME);
        FoundationBody foundation =
                f.present("foundation", "The foundation", body.foundation(), FoundationBody.plain(14, 5, 0));
        foundation.check(f, "foundation.");
        Pattern pattern = f.orRefuse(() -> new Pattern(UUID.randomUUID(), name, foundation, clock.instant()));
        patterns.add(pattern);
        return pattern;
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        if (!patterns.remove(id)) {
            throw new NotFound("This pattern is no longer kept.");
        }
    }
}
