package gyrotaxis.core.chair;

import gyrotaxis.core.chair.VisitEvent.BundleOpened;
import gyrotaxis.core.chair.VisitEvent.FillPlaced;
import gyrotaxis.core.chair.VisitEvent.Noted;
import gyrotaxis.core.chair.VisitEvent.Pictured;
import gyrotaxis.core.chair.VisitEvent.Replaced;
import gyrotaxis.core.chair.VisitEvent.Tried;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Side;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import gyrotaxis.core.row.RowId;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * How far the work is: what follows from a worksheet and all that happened.
 *
 * <p>A pure function of both. In whatever order events arrive, however often, the same set of them gives the same state.
 *
 * @param sheet what is worked from
 * @param shares every share of the sheet, and what became of it
 * @param stepsDone steps in which nothing is hooked that are done
 * @param stages how long each stage took that was begun
 * @param counted what was opened and counted, by supply
 * @param bundles bundles that were opened, in turn
 * @param kept rows that are kept for a part
 * @param tries what was tried, in turn
 * @param fills fills that were put in, in turn
 * @param replaced what is taken in the place of a supply
 * @param notes in turn
 * @param pictures in turn
 * @param signed steps whose cautions were read, and by whom
 * @param disputed shares that one device hooked and another left out, and nobody looked at since; they count as hooked
 * @param isFinished whether the work is done, and was not opened again
 * @param lastAt when the last thing happened that says so, by the clock of its device; empty if nothing has
 * @param takedown how far it is taken down again
 * @param strays events that name what is not in the sheet; kept, and told
 */
public record VisitState(
        WorkSheet sheet,
        SortedMap<ShareRef, Worked> shares,
        SortedSet<Integer> stepsDone,
        Map<Stage, StageTime> stages,
        SortedMap<Integer, Counted> counted,
        List<Bundle> bundles,
        SortedSet<RowId> kept,
        List<Tried> tries,
        List<FillPlaced> fills,
        SortedMap<Integer, Replaced> replaced,
        List<Noted> notes,
        List<Pictured> pictures,
        SortedMap<Integer, String> signed,
        SortedSet<ShareRef> disputed,
        boolean isFinished,
        Optional<Instant> lastAt,
        Takedown takedown,
        SortedSet<EventId> strays) {

    /**
     * A bundle that was opened.
     *
     * @param replaced what was taken in the place of its supply by then; empty if it is of what was planned
     * @param loops in it: as it was counted, or as bundles of its line have
     */
    public record Bundle(BundleOpened opened, Optional<Replaced> replaced, int loops) {}

    /** So long nothing happens in no stage while it is worked. ASSUMPTION: longer than any row takes to braid. */
    public static final Duration FORGOTTEN = Duration.ofMinutes(45);

    /** So long somebody likely went on after the last thing she told of. ASSUMPTION. */
    public static final Duration LIKELY_REST = Duration.ofMinutes(5);

    public VisitState {
        shares = Collections.unmodifiableSortedMap(new TreeMap<>(shares));
        stepsDone = Collections.unmodifiableSortedSet(new TreeSet<>(stepsDone));
        stages = Collections.unmodifiableMap(new EnumMap<>(stages));
        counted = Collections.unmodifiableSortedMap(new TreeMap<>(counted));
        bundles = List.copyOf(bundles);
        kept = Collections.unmodifiableSortedSet(new TreeSet<>(kept));
        tries = List.copyOf(tries);
        fills = List.copyOf(fills);
        replaced = Collections.unmodifiableSortedMap(new TreeMap<>(replaced));
        notes = List.copyOf(notes);
        pictures = List.copyOf(pictures);
        signed = Collections.unmodifiableSortedMap(new TreeMap<>(signed));
        disputed = Collections.unmodifiableSortedSet(new TreeSet<>(disputed));
        strays = Collections.unmodifiableSortedSet(new TreeSet<>(strays));
    }

    /** What follows from a sheet and a set of events. */
    public static VisitState of(WorkSheet sheet, Collection<RecordedEvent> events) {
        VisitReducer fold = new VisitReducer(sheet);
        holding(events).forEach(fold::add);
        return fold.state();
    }

    /** The events that hold, in order: each once, without those that were taken back. */
    static List<RecordedEvent> holding(Collection<RecordedEvent> events) {
        TreeMap<EventId, RecordedEvent> once = new TreeMap<>();
        // Two events of one name are a fault of a device; which of them holds must not go by which came first.
        events.forEach(e -> once.merge(e.id(), e, VisitState::firstOf));
        List<RecordedEvent> inOrder = new ArrayList<>(new TreeSet<>(once.values()));
        Set<EventId> takenBack = new TreeSet<>();
        for (int i = inOrder.size() - 1; i >= 0; i--) {
            RecordedEvent e = inOrder.get(i);
            if (e.what() instanceof VisitEvent.Undone u && !takenBack.contains(e.id())) {
                takenBack.add(u.event());
            }
        }
        inOrder.removeIf(e -> takenBack.contains(e.id()) || e.what() instanceof VisitEvent.Undone);
        return inOrder;
    }

    private static RecordedEvent firstOf(RecordedEvent a, RecordedEvent b) {
        int byOrder = a.compareTo(b);
        return byOrder < 0 || (byOrder == 0 && a.toString().compareTo(b.toString()) <= 0) ? a : b;
    }

    /**
     * What became of a share.
     *
     * @throws IllegalArgumentException if the sheet has no such share
     */
    public Worked worked(ShareRef share) {
        Worked w = shares.get(share);
        if (w == null) {
            throw new IllegalArgumentException("share " + share.number() + " is not in the sheet");
        }
        return w;
    }

    /** Whether nothing is left to do in a step. */
    public boolean isDone(Step step) {
        StageTime stage = stages.getOrDefault(step.stage(), StageTime.NONE);
        return step.shares().isEmpty()
                ? stepsDone.contains(step.number()) || stage.isEnded()
                : step.shares().stream().noneMatch(s -> worked(s).isToDo());
    }

    /** The step that is worked next: the first that is not done, rows that are kept for a part last. */
    public Optional<Step> next() {
        List<Step> open = sheet.steps().stream().filter(s -> !isDone(s)).toList();
        return open.stream()
                .filter(s -> s.rows().stream().noneMatch(kept::contains))
                .findFirst()
                .or(() -> open.stream().findFirst());
    }

    /** Shares that sit on the head, as they were hooked. */
    public List<SheetShare> hooked() {
        return shares.values().stream().filter(Worked::isHooked).map(Worked::as).toList();
    }

    /** Shares that are still to be hooked, in the order in which they are, and as they are to be. */
    public List<SheetShare> toDo() {
        return shares.values().stream().filter(Worked::isToDo).map(Worked::as).toList();
    }

    /** Shares that are hooked on a side. */
    public int hooked(Side side) {
        return (int) hooked().stream().filter(s -> s.side() == side).count();
    }

    /** Shares that are to be hooked on a side. */
    public int toDo(Side side) {
        return (int) toDo().stream().filter(s -> s.side() == side).count();
    }

    /** What was opened and counted of a supply. */
    public Counted counted(int supply) {
        return counted.getOrDefault(supply, Counted.NONE);
    }

    /** Loops and parts of loops of a supply that sit on the head, fills included. */
    public double loopsIn(int supply) {
        return VisitReducer.loops(hooked(), supply) + VisitReducer.loopsOfFills(fills, supply);
    }

    /** Loops and parts of loops of a supply that are still to be hooked. */
    public double loopsToDo(int supply) {
        return VisitReducer.loops(toDo(), supply);
    }
}
