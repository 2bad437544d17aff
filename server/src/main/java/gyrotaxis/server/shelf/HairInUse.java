package gyrotaxis.server.shelf;

import java.util.Set;
import java.util.UUID;

/** Which hair is planned with, so that it is not taken from under a plan. */
@FunctionalInterface
public interface HairInUse {
    /** The lines that any plan names. */
    Set<UUID> hairInUse();
}
