package gyrotaxis.server.book;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** The clients of a studio and their heads. */
public interface ClientRepository {
    /**
     * Clients whose name has all of some words in it, each folded; with none, all.
     *
     * @param from how many of them are passed over
     */
    Found find(List<String> words, int from, int most);

    /** Those whose name has all of some words in it, each folded. */
    Set<UUID> named(List<String> words);

    /** Some clients, and how many there are in all. */
    record Found(List<Client> clients, int count) {}

    /** Whether nobody is in it. */
    boolean isEmpty();

    /** Some clients. */
    List<Client> clients(Set<UUID> ids);

    /** One client. */
    Optional<Client> client(UUID id);

    /** What clients are called, by id. */
    Map<UUID, String> names(Set<UUID> ids);

    /** Writes a new client down. */
    void add(Client client);

    /**
     * Changes a client, if nobody has since the version that {@code client} carries.
     *
     * @return the client with the new version, or empty if a newer one is stored
     */
    Optional<Client> change(Client client);

    /** Removes a client with all heads and plans; false if there was none. */
    boolean erase(UUID id);

    /** Heads of a client, the newest first. */
    List<Head> heads(UUID clientId);

    /** Heads of some clients, the newest first. */
    List<Head> heads(Set<UUID> clientIds);

    /** Keeps a newly measured head. */
    void add(Head head);
}
