package gyrotaxis.server.patterns;

import gyrotaxis.server.language.FoundationBody;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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
class PatternController {
    private final PatternService service;

    PatternController(PatternService service) {
        this.service = service;
    }

    /** A pattern to be kept. */
    record PatternBody(@Nullable String name, @Nullable FoundationBody foundation) {}

    @GetMapping
    List<Pattern> list() {
        return service.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Pattern keep(@RequestBody PatternBody body) {
        return service.keep(body);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        service.remove(id);
    }
}
