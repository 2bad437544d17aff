package gyrotaxis.server.methods;

import gyrotaxis.core.install.Method;
import gyrotaxis.core.terms.Terms;
import gyrotaxis.server.language.MethodBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps methods of her own. */
@Service
@Transactional
public class MethodService {
    public static final int MAX_NAME_LENGTH = 80;

    private final MethodRepository methods;

    MethodService(MethodRepository methods) {
        this.methods = methods;
    }

    @Transactional(readOnly = true)
    List<KeptMethod> all() {
        return methods.all();
    }

    KeptMethod keep(MethodController.KeepBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The method's name", body.name(), MAX_NAME_LENGTH);
        MethodBody given = f.present("method", "The method", body.method(), MethodBody.of(Method.usual()));
        Method checked = given.check(f, "method.", Terms.USUAL.hour().currency());
        KeptMethod kept = f.orRefuse(() -> new KeptMethod(UUID.randomUUID(), name, MethodBody.of(checked.named(name))));
        methods.add(kept);
        return kept;
    }

    /** One of them; refuses if it is not there. */
    @Transactional(readOnly = true)
    public KeptMethod find(UUID id) {
        return methods.all().stream()
                .filter(m -> m.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("This method is no longer kept."));
    }

    /** Keeps one that was checked. */
    public UUID keep(String name, MethodBody method) {
        KeptMethod kept = new KeptMethod(UUID.randomUUID(), name, method);
        methods.add(kept);
        return kept.id();
    }

    void remove(UUID id) {
        if (!methods.remove(id)) {
            throw new NotFound("This method is no longer kept.");
        }
    }
}
