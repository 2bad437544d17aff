package gyrotaxis.core.chair;

import gyrotaxis.core.chair.VisitEvent.Judged;
import gyrotaxis.core.chair.VisitEvent.LoopsKept;
import gyrotaxis.core.chair.VisitEvent.OwnHairCut;
import gyrotaxis.core.chair.VisitEvent.SkinSeen;
import gyrotaxis.core.row.RowId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Puts what happens when a head is taken down, one after the other, into a {@link Takedown} that is being made. */
final class TakedownFold {
    private final TreeSet<RowId> found = new TreeSet<>();
    private final TreeSet<RowId> undone = new TreeSet<>();
    private final List<LoopsKept> kept = new ArrayList<>();
    private final List<OwnHairCut> cuts = new ArrayList<>();
    private Optional<SkinSeen> skin = Optional.empty();
    private Optional<Judged> judged = Optional.empty();
    private boolean isOver;

    void add(VisitEvent what) {
        if (what instanceof VisitEvent.TailFound t) {
            found.add(t.row());
        } else if (what instanceof VisitEvent.RowUndone r) {
            undone.add(r.row());
        } else if (what instanceof LoopsKept k) {
            kept.add(k);
        } else if (what instanceof OwnHairCut c) {
            cuts.add(c);
        } else if (what instanceof SkinSeen s) {
            skin = Optional.of(s);
        } else if (what instanceof Judged j) {
            judged = Optional.of(j);
        } else if (what instanceof VisitEvent.TakenDown) {
            isOver = true;
        }
    }

    Takedown state() {
        return new Takedown(found, undone, kept, cuts, skin, judged, isOver);
    }
}
