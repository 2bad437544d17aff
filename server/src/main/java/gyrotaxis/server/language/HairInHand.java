package gyrotaxis.server.language;

import gyrotaxis.core.hair.HairLine;
import java.util.Optional;
import java.util.UUID;

/** Where the hair that a brief names is looked up. */
@FunctionalInterface
public interface HairInHand {
    /** The hair that is known by an id, with what of it is in hand. */
    Optional<? extends Stocked> find(UUID id);

    /**
     * Hair, and how much of it there is.
     *
     * @param loopsOnShelf loops in hand, at least 0
     */
    interface Stocked {
        /** What it is. */
        HairLine hair();

        /** Loops in hand, of all colours, at least 0. */
        int loopsOnShelf();

        /** Loops in hand of one of its colours, at least 0. */
        default int loopsOnShelf(String colour) {
            return loopsOnShelf();
        }
    }
}
