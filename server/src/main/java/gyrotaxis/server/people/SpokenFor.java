package gyrotaxis.server.people;

import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.StylistId;
import java.time.Instant;
import java.util.List;

/** Whose time is spoken for, so that nobody and no chair goes while somebody counts on it. */
public interface SpokenFor {
    /** When she has appointments that end after a moment, in order. */
    List<Instant> from(Instant at, StylistId who);

    /** The same for a chair. */
    List<Instant> from(Instant at, ChairId chair);

    /**
     * Gives all appointments of one that end after a moment to another.
     *
     * @return the first that clashes with what she has; empty if all could be given
     */
    List<String> handOver(Instant at, StylistId from, StylistId to);
}
