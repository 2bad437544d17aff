package gyrotaxis.core.chair;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.chair.Happening.BundleOpened;
import gyrotaxis.core.chair.Happening.CautionSigned;
import gyrotaxis.core.chair.Happening.FillPlaced;
import gyrotaxis.core.chair.Happening.FromHereOn;
import gyrotaxis.core.chair.Happening.Noted;
import gyrotaxis.core.chair.Happening.Pictured;
import gyrotaxis.core.chair.Happening.Replaced;
import gyrotaxis.core.chair.Happening.Tried;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Side;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
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
import java.util.function.UnaryOperator;

/**
 * How far the work is: what follows from a worksheet and all that happened.
 *
 * <p>A pure function of both. In whatever order events arrive, however often, the same set of them gives the same state.
 *
 * @param sheet what is worked from
 * @param shares what became of the shares of the sheet; those that nothing happened to are not named
 * @param stages how long each stage took that was begun
 * @param changes what is done otherwise from some share on, in turn
 * @param bundles bundles that were opened, in turn
 * @param rests whole loops and parts of loops that were counted as left, by supply
 * @param kept rows that are kept for a part
 * @param tries what was tried, in turn
 * @param fills fills that were put in, in turn
 * @param replaced what is taken in the place of a supply
 * @param notes in turn
 * @param pictures in turn
 * @param signed the cautions that were read, and by whom
 * @param isFinished whether the work is done, and was not opened again
 * @param strays events that name what is not in the sheet; kept, and told
 */
public record WorkState(
        WorkSheet sheet,
        SortedMap<ShareRef, Done> shares,
        Map<Stage, StageTime> stages,
        List<FromHereOn> changes,
        List<BundleOpened> bundles,
        SortedMap<Integer, Double> rests,
        SortedSet<RowId> kept,
        List<Tried> tries,
        List<FillPlaced> fills,
        SortedMap<Integer, Replaced> replaced,
        List<Noted> notes,
        List<Pictured> pictures,
        Map<Caution, String> signed,
        boolean isFinished,
        SortedSet<EventId> strays) {

    /** What became of a share. */
    public enum Done {
        HOOKED,
        TAKEN_OUT,
        SLIPPED
    }

    public WorkState {
        shares = Collections.unmodifiableSortedMap(new TreeMap<>(shares));
        stages = Collections.unmodifiableMap(new EnumMap<>(stages));
        changes = List.copyOf(changes);
        bundles = List.copyOf(bundles);
        rests = Collections.unmodifiableSortedMap(new TreeMap<>(rests));
        kept = Collections.unmodifiableSortedSet(new TreeSet<>(kept));
        tries = List.copyOf(tries);
        fills = List.copyOf(fills);
        replaced = Collections.unmodifiableSortedMap(new TreeMap<>(replaced));
        notes = List.copyOf(notes);
        pictures = List.copyOf(pictures);
        signed = Collections.unmodifiableMap(new EnumMap<>(signed));
        strays = Collections.unmodifiableSortedSet(new TreeSet<>(strays));
    }

    /** What follows from a sheet and a set of events. */
    public static WorkState of(WorkSheet sheet, Collection<WorkEvent> events) {
        Fold fold = new Fold(sheet);
        holding(events).forEach(fold::add);
        return fold.state();
    }

    /** The events that hold, in order: each once, without those that were taken back. */
    static List<WorkEvent> holding(Collection<WorkEvent> events) {
        TreeMap<EventId, WorkEvent> once = new TreeMap<>();
        // Two events of one name are a fault of a device; which of them holds must not go by which came first.
        events.forEach(e -> once.merge(e.id(), e, WorkState::firstOf));
        List<WorkEvent> inOrder = new ArrayList<>(new TreeSet<>(once.values()));
        Set<EventId> takenBack = new TreeSet<>();
        for (int i = inOrder.size() - 1; i >= 0; i--) {
            WorkEvent e = inOrder.get(i);
            if (e.what() instanceof Happening.Undone u && !takenBack.contains(e.id())) {
                takenBack.add(u.event());
            }
        }
        inOrder.removeIf(e -> takenBack.contains(e.id()) || e.what() instanceof Happening.Undone);
        return inOrder;
    }

    private static WorkEvent firstOf(WorkEvent a, WorkEvent b) {
        int byOrder = a.compareTo(b);
        return byOrder < 0 || (byOrder == 0 && a.toString().compareTo(b.toString()) <= 0) ? a : b;
    }

    /** Whether a share sits where it was meant to. */
    public boolean isHooked(ShareRef share) {
        return shares.get(share) == Done.HOOKED;
    }

    /** The step that is worked next: the first with a share that is to be hooked and was not taken out on purpose. */
    public Optional<Step> next() {
        return sheet.steps().stream()
                .filter(s -> s.shares().stream().anyMatch(this::isToDo))
                .findFirst();
    }

    /** Whether a share is still to be hooked: it never was, or it slid out. */
    public boolean isToDo(ShareRef share) {
        Done done = shares.get(share);
        return done == null || done == Done.SLIPPED;
    }

    /** Shares that are hooked on a side. */
    public int hooked(Side side) {
        return (int) sheet.shares().stream()
                .filter(s -> s.side() == side && isHooked(s.ref()))
                .count();
    }

    /** Shares that are to be hooked on a side. */
    public int toDo(Side side) {
        return (int) sheet.shares().stream()
                .filter(s -> s.side() == side && isToDo(s.ref()))
                .count();
    }

    /** Whole loops and parts of loops of a supply that went in, fills included; what slipped or was taken out is off the head. */
    public double loopsIn(int supply) {
        double sum = 0;
        for (SheetShare s : sheet.shares()) {
            if (isHooked(s.ref())) {
                double half = s.blend().isPresent() ? 0.5 : 1;
                sum += s.supply() == supply ? half * s.share().ofLoop() : 0;
                sum += s.blend().isPresent() && s.blend().getAsInt() == supply
                        ? half * s.share().ofLoop()
                        : 0;
            }
        }
        for (FillPlaced f : fills) {
            sum += f.supply() == supply ? f.share().ofLoop() : 0;
        }
        return sum;
    }

    /** Puts events one after the other into a state that is being made. */
    private static final class Fold {
        private final WorkSheet sheet;
        private final Set<ShareRef> known;
        private final Set<RowId> rows = new TreeSet<>();
        private final TreeMap<ShareRef, Done> shares = new TreeMap<>();
        private final EnumMap<Stage, StageTime> stages = new EnumMap<>(Stage.class);
        private final List<FromHereOn> changes = new ArrayList<>();
        private final List<BundleOpened> bundles = new ArrayList<>();
        private final TreeMap<Integer, Double> rests = new TreeMap<>();
        private final TreeSet<RowId> kept = new TreeSet<>();
        private final List<Tried> tries = new ArrayList<>();
        private final List<FillPlaced> fills = new ArrayList<>();
        private final TreeMap<Integer, Replaced> replaced = new TreeMap<>();
        private final List<Noted> notes = new ArrayList<>();
        private final List<Pictured> pictures = new ArrayList<>();
        private final EnumMap<Caution, String> signed = new EnumMap<>(Caution.class);
        private final TreeSet<EventId> strays = new TreeSet<>();
        private boolean isFinished;

        Fold(WorkSheet sheet) {
            this.sheet = sheet;
            this.known = sheet.byRef().keySet();
            sheet.rows().forEach(r -> rows.add(r.id()));
        }

        void add(WorkEvent e) {
            if (!isOfSheet(e.what())) {
                strays.add(e.id());
                return;
            }
            Happening what = e.what();
            if (what instanceof Happening.StageBegun s) {
                clock(s.stage(), t -> t.runningFrom(e.at()));
            } else if (what instanceof Happening.StageResumed s) {
                clock(s.stage(), t -> t.runningFrom(e.at()));
            } else if (what instanceof Happening.StagePaused s) {
                clock(s.stage(), t -> t.standing(e.at(), t.isEnded()));
            } else if (what instanceof Happening.StageEnded s) {
                clock(s.stage(), t -> t.standing(e.at(), true));
            } else if (what instanceof Happening.Finished) {
                finish(e.at());
            } else if (what instanceof Happening.Reopened) {
                isFinished = false;
            } else {
                work(what);
            }
        }

        private void work(Happening what) {
            if (what instanceof Happening.SharesHooked h) {
                h.shares().forEach(s -> shares.put(s, Done.HOOKED));
            } else if (what instanceof Happening.ShareTakenOut t) {
                shares.put(t.share(), Done.TAKEN_OUT);
            } else if (what instanceof Happening.ShareSlipped s) {
                shares.put(s.share(), Done.SLIPPED);
            } else if (what instanceof FromHereOn c) {
                changes.add(c);
            } else if (what instanceof Happening.RowKept k) {
                kept.add(k.row());
            } else if (what instanceof Happening.RowReleased r) {
                kept.remove(r.row());
            } else if (what instanceof FillPlaced f) {
                fills.add(f);
            } else {
                record(what);
            }
        }

        private void record(Happening what) {
            if (what instanceof BundleOpened b) {
                bundles.add(b);
                // What was counted before is no longer what is left.
                rests.remove(b.supply());
            } else if (what instanceof Happening.RestCounted r) {
                rests.put(r.supply(), r.loops());
            } else if (what instanceof Replaced r) {
                replaced.put(r.supply(), r);
            } else if (what instanceof Tried t) {
                tries.add(t);
            } else if (what instanceof Noted n) {
                notes.add(n);
            } else if (what instanceof Pictured p) {
                pictures.add(p);
            } else if (what instanceof CautionSigned c) {
                signed.put(c.caution(), c.by());
            }
        }

        private void clock(Stage stage, UnaryOperator<StageTime> change) {
            stages.put(stage, change.apply(stages.getOrDefault(stage, StageTime.NONE)));
        }

        /** Whatever clock still runs stands still with the work. */
        private void finish(Instant at) {
            isFinished = true;
            stages.replaceAll((stage, t) -> t.standing(at, t.isEnded()));
        }

        private boolean isOfSheet(Happening what) {
            if (what instanceof Happening.SharesHooked h) {
                return known.containsAll(h.shares());
            } else if (what instanceof Happening.ShareTakenOut t) {
                return known.contains(t.share());
            } else if (what instanceof Happening.ShareSlipped s) {
                return known.contains(s.share());
            } else if (what instanceof FromHereOn c) {
                return known.contains(c.from());
            } else if (what instanceof Happening.RowKept k) {
                return rows.contains(k.row());
            } else if (what instanceof Happening.RowReleased r) {
                return rows.contains(r.row());
            } else if (what instanceof FillPlaced f) {
                return rows.contains(f.row()) && f.supply() < sheet.supplies().size();
            } else if (what instanceof BundleOpened b) {
                return b.supply() < sheet.supplies().size();
            } else if (what instanceof Happening.RestCounted r) {
                return r.supply() < sheet.supplies().size();
            } else if (what instanceof Replaced r) {
                return r.supply() < sheet.supplies().size();
            }
            return true;
        }

        WorkState state() {
            return new WorkState(
                    sheet,
                    shares,
                    stages,
                    changes,
                    bundles,
                    rests,
                    kept,
                    tries,
                    fills,
                    replaced,
                    notes,
                    pictures,
                    signed,
                    isFinished,
                    strays);
        }
    }
}
