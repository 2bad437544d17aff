package gyrotaxis.server.practice;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Keeps drills that were made of plans. */
interface ExerciseRepository {
    /** All of them, the newest first. */
    List<Exercise> all();

    Optional<Exercise> find(UUID id);

    void add(Exercise exercise);

    /** Takes one away; whether there was one. */
    boolean remove(UUID id);
}
