package gyrotaxis.server.plans;

import gyrotaxis.server.language.LearnedBody;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Where what is known by now of somebody's hands and of a hair is asked for. */
@FunctionalInterface
public interface KnownHands {
    /** What enters a brief of today; null if nothing is known. */
    @Nullable
    LearnedBody known(Optional<UUID> stylist, UUID line);
}
