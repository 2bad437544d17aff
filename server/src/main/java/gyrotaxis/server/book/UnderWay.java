package gyrotaxis.server.book;

import java.util.Optional;
import java.util.UUID;

/** Who is in the chair, so that nobody is erased from under the hands that work on her. */
@FunctionalInterface
public interface UnderWay {
    /** What is under way with a client, in a sentence; empty if nothing is. */
    Optional<String> with(UUID client);
}
