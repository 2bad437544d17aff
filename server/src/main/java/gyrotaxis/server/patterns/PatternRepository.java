package gyrotaxis.server.patterns;

import java.util.List;
import java.util.UUID;

/** The patterns a studio keeps. */
interface PatternRepository {
    /** All patterns, by name. */
    List<Pattern> all();

    /** Keeps a new pattern. */
    void add(Pattern pattern);

    /** Throws a pattern away; false if there was none. */
    boolean remove(UUID id);
}
