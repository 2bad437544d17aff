package gyrotaxis.server.methods;

import gyrotaxis.server.language.MethodBody;
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
@RequestMapping("/api/methods")
class MethodController {
    private final MethodService service;

    MethodController(MethodService service) {
        this.service = service;
    }

    /** A method to be kept. */
    record KeepBody(@Nullable String name, @Nullable MethodBody method) {}

    @GetMapping
    List<KeptMethod> list() {
        return service.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptMethod keep(@RequestBody KeepBody body) {
        return service.keep(body);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        service.remove(id);
    }
}
