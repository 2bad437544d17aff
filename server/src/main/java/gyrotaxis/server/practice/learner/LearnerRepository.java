package gyrotaxis.server.practice.learner;

import gyrotaxis.core.training.Hands;
import gyrotaxis.core.training.Tried;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Who practises, and what each has tried. */
interface LearnerRepository {
    /** All, by name. */
    List<Learner> all();

    Optional<Learner> find(UUID id);

    void add(Learner learner);

    /** With all that is kept of her; answers whether there was one. */
    boolean remove(UUID id);

    /** Everything that one tried, the oldest first. */
    List<Tried> tried(UUID id);

    /** Keeps an answer, unless the same drill was answered before. */
    void keep(UUID id, Tried tried);

    /** What one did with her hands, the oldest first. */
    List<Hands> hands(UUID id);

    void keep(UUID id, Hands hands);
}
