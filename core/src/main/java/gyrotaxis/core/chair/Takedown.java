package gyrotaxis.core.chair;

import gyrotaxis.core.chair.VisitEvent.Judged;
import gyrotaxis.core.chair.VisitEvent.LoopsKept;
import gyrotaxis.core.chair.VisitEvent.OwnHairCut;
import gyrotaxis.core.chair.VisitEvent.SkinSeen;
import gyrotaxis.core.row.RowId;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * How far a head is taken down, and what was seen then.
 *
 * @param found tails that were found and marked, by their rows
 * @param undone rows that are undone
 * @param kept loops that were kept, in turn
 * @param cuts where her own hair was cut, in turn
 * @param skin what the skin looked like, as it was said last
 * @param judged what is to be otherwise next time, as it was said last; it may be said before anything is taken down
 * @param isOver whether all is out
 */
public record Takedown(
        SortedSet<RowId> found,
        SortedSet<RowId> undone,
        List<LoopsKept> kept,
        List<OwnHairCut> cuts,
        Optional<SkinSeen> skin,
        Optional<Judged> judged,
        boolean isOver) {
    static final Takedown NOT_BEGUN = new Takedown(
            new TreeSet<>(), new TreeSet<>(), List.of(), List.of(), Optional.empty(), Optional.empty(), false);

    public Takedown {
        found = Collections.unmodifiableSortedSet(new TreeSet<>(found));
        undone = Collections.unmodifiableSortedSet(new TreeSet<>(undone));
        kept = List.copyOf(kept);
        cuts = List.copyOf(cuts);
    }
}
