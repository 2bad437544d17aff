package gyrotaxis.server.shelf;

import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** For whom hair lies there: what plans are called, and whose they are. */
@FunctionalInterface
public interface ForWhom {
    /** A plan and its client by their names. */
    record Named(String plan, String client) {
        /** A plan that is no longer kept. */
        public static final Named NOBODY = new Named("", "");
    }

    /** The names of plans, by their ids. */
    Map<UUID, Named> named(Set<UUID> plans);
}
