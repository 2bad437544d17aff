package gyrotaxis.server.door;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Who may sign in. Those who left are known by their names alone. */
interface MemberRepository {
    /** All who may, the first first. */
    List<Member> all();

    /** One of them. */
    Optional<Member> find(UUID id);

    /** Who is called so, however the name is written. */
    Optional<Member> called(String name);

    /** Whose open invitation has this secret, of which the hash is given. */
    Optional<Member> invited(String secretHash, Instant now);

    /** Adds somebody who has a passphrase or takes an invitation. */
    void add(Member member);

    /** Opens an invitation, and closes the one before. */
    void invite(UUID id, String secretHash, Instant until);

    /** Sets her passphrase, of which the hash is given, and closes her invitation. */
    void passphrase(UUID id, String hash);

    /**
     * Takes an open invitation: sets the passphrase, of which the hash is given, and closes it, in one step.
     *
     * @return false if it was taken or its time was over by then; nothing was changed
     */
    boolean take(String secretHash, Instant now, String hash);

    /** Changes what she may, and who she is among the stylists. */
    void change(UUID id, Role role, Optional<UUID> stylist);

    /** She may no longer. */
    void leave(UUID id);

    /** What people are or were called. */
    Map<UUID, String> names(Set<UUID> ids);

    /** Locks who may sign in against everybody else who changes it, until the transaction ends. */
    void hold();
}
