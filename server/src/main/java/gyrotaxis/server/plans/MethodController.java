package gyrotaxis.server.plans;

import gyrotaxis.core.install.Method;
import gyrotaxis.server.language.MethodBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
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
@RequestMapping("/api/methods")
@Transactional
class MethodController {
    private static final int LONGEST_NAME = 80;

    private final Methods methods;

    MethodController(Methods methods) {
        this.methods = methods;
    }

    /** A method to be kept. */
    record KeepBody(@Nullable String name, @Nullable MethodBody method) {}

    @GetMapping
    List<KeptMethod> list() {
        return methods.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptMethod keep(@RequestBody KeepBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The method's name", body.name(), LONGEST_NAME);
        MethodBody given = f.present("method", "The method", body.method(), MethodBody.of(Method.usual()));
        Method checked = given.check(f, "method.");
        KeptMethod kept = f.orRefuse(() -> new KeptMethod(UUID.randomUUID(), name, MethodBody.of(checked.named(name))));
        methods.add(kept);
        return kept;
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        if (!methods.remove(id)) {
            throw new NotFound("This method is no longer kept.");
        }
    }
}
