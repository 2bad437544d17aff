package gyrotaxis.server.plans;

import gyrotaxis.server.language.BriefBody;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** The plans a studio keeps. */
interface PlanRepository {
    /** So many plans, the last changed first. */
    List<SavedPlan> latest(int most);

    /** Those of some clients as far as their tiles need them, the last changed first. */
    List<Tiles.Row> rows(Set<UUID> clients);

    /** Some plans as far as their tiles need them; those that are no longer kept are left out. */
    List<Tiles.Row> rowsOf(Set<UUID> ids);

    /** The brief of a document. */
    BriefBody brief(String document);

    /** Keeps what the tile of a plan shows, with the fingerprint of what it was worked out from. */
    void keepTile(UUID id, String tile, String of);

    /** Those of a client, the last changed first. */
    List<SavedPlan> ofClient(UUID client);

    /** One plan. */
    Optional<SavedPlan> find(UUID id);

    /** What plans are called, by id. */
    Map<UUID, String> names(Set<UUID> ids);

    /** Keeps a new plan. */
    void add(SavedPlan plan);

    /**
     * Changes a plan, if nobody has since the version that {@code plan} carries.
     *
     * @return the plan with its new version, or empty if a newer one is stored
     */
    Optional<SavedPlan> change(SavedPlan plan);

    /** Throws a plan away; false if there was none. */
    boolean remove(UUID id);
}
