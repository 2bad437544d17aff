package gyrotaxis.server.methods;

import java.util.List;
import java.util.UUID;

/** The methods a studio keeps. */
public interface MethodRepository {
    /** All methods, by name. */
    List<KeptMethod> all();

    /** Keeps a new method. */
    void add(KeptMethod method);

    /** Throws a method away; false if there was none. */
    boolean remove(UUID id);
}
