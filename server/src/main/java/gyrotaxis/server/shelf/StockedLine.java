package gyrotaxis.server.shelf;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.PackGuess.Guessed;
import gyrotaxis.core.stock.SetAside;
import gyrotaxis.server.language.HairInHand;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * A hair line with what of it is in hand.
 *
 * @param id never changes
 * @param supplier who sells it
 * @param hair the line itself
 * @param loopsByColour new loops in hand of each of its colours, at least 0; colours of which there are none may be missing
 * @param guessed what of it is estimated, because its pack does not tell it
 * @param isStarter whether it is of the set that an empty shelf is offered, and was not written down anew since
 * @param version grows by one with every change
 */
public record StockedLine(
        UUID id,
        String supplier,
        HairLine hair,
        Map<String, Integer> loopsByColour,
        Set<Guessed> guessed,
        boolean isStarter,
        int version)
        implements HairInHand.Stocked {
    public StockedLine {
        loopsByColour = Map.copyOf(loopsByColour);
        guessed = Set.copyOf(guessed);
    }

    /** The same with what is set aside taken off. */
    StockedLine without(List<SetAside> aside) {
        Map<String, Integer> free = new HashMap<>(loopsByColour);
        aside.stream()
                .filter(s -> s.line().value().equals(id))
                .forEach(s -> free.computeIfPresent(s.colour(), (c, loops) -> Math.max(0, loops - s.loops())));
        return new StockedLine(id, supplier, hair, free, guessed, isStarter, version);
    }

    @Override
    public int loopsOnShelf() {
        return loopsByColour.values().stream().mapToInt(Integer::intValue).sum();
    }

    @Override
    public int loopsOnShelf(String colour) {
        return loopsByColour.getOrDefault(colour, 0);
    }
}
