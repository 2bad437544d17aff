package gyrotaxis.server.shelf;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.server.language.HairInHand;
import java.util.UUID;

/**
 * A hair line with what of it is in hand.
 *
 * @param id never changes
 * @param supplier who sells it
 * @param hair the line itself
 * @param loopsOnShelf loops in hand, at least 0
 * @param version grows by one with every change
 */
public record StockedLine(UUID id, String supplier, HairLine hair, int loopsOnShelf, int version)
        implements HairInHand.Stocked {}
