package gyrotaxis.server.learning;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.learn.Seen;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** What visits taught, one by one. */
interface LessonRepository {
    /**
     * What one visit taught.
     *
     * @param fullness how full it was planned
     * @param usedLoops loops of the main hair that went in
     * @param isLeftOut whether the stylist left it out
     */
    record Kept(Seen seen, double fullness, double usedLoops, boolean isLeftOut) {}

    /** The newest of a stylist, or of anybody if none is named, at most so many. */
    List<Kept> latest(Optional<UUID> stylist, int most);

    /** The newest visit of a client with a line; empty if there was none. */
    Optional<Kept> lastOf(UUID client, UUID line);

    /** Keeps what a visit taught, in place of what it taught before; whether it is left out stays. */
    void keep(Kept kept);

    /** Leaves a visit out, or takes it in again; false if it taught nothing. */
    boolean leaveOut(UUID visit, boolean isLeftOut);

    /** The figures for which a stylist keeps to what is usual. */
    Set<Known> refused(UUID stylist);

    /** Refuses a figure, or takes it after all. */
    void refuse(UUID stylist, Known what, boolean isRefused);
}
