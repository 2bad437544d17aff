package gyrotaxis.server.shelf;

import gyrotaxis.server.language.HairInHand;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** The hair lines a studio knows. */
public interface HairLineRepository extends HairInHand {
    /** How long a supplier takes of whom nobody said so, days. ASSUMPTION. */
    int USUAL_LEAD_DAYS = 3;

    /** All lines, by name. */
    List<StockedLine> all();

    /** One line. */
    @Override
    Optional<StockedLine> find(UUID id);

    /** The lines as far as they are free for a plan: what is set aside for others is not there for it. */
    HairInHand freeFor(Optional<UUID> plan);

    /** The same for some plans at once. */
    Map<UUID, Free> freeFor(Set<UUID> plans);

    /** What is free for a plan. */
    interface Free extends HairInHand {
        @Override
        Optional<StockedLine> find(UUID id);
    }

    /** Puts a new line on the shelf. */
    void add(StockedLine line);

    /**
     * Takes lines of the starter set off again.
     *
     * @param inUse those that stay, because they are planned with
     * @return how many were taken off
     */
    int removeStarters(Set<UUID> inUse);

    /**
     * Changes a line, if nobody has since the version that {@code line} carries.
     *
     * @return the line with its new version, or empty if a newer one is stored
     */
    Optional<StockedLine> change(StockedLine line);
}
