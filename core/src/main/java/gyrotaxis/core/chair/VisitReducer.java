package gyrotaxis.core.chair;

import gyrotaxis.core.chair.VisitEvent.Adjusted;
import gyrotaxis.core.chair.VisitEvent.BundleOpened;
import gyrotaxis.core.chair.VisitEvent.CautionSigned;
import gyrotaxis.core.chair.VisitEvent.FillPlaced;
import gyrotaxis.core.chair.VisitEvent.FromHereOn;
import gyrotaxis.core.chair.VisitEvent.Noted;
import gyrotaxis.core.chair.VisitEvent.Pictured;
import gyrotaxis.core.chair.VisitEvent.Replaced;
import gyrotaxis.core.chair.VisitEvent.RestCounted;
import gyrotaxis.core.chair.VisitEvent.Tried;
import gyrotaxis.core.chair.Worked.Done;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.row.RowId;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Puts events that hold, one after the other, into a state that is being made. */
final class VisitReducer {
    private final WorkSheet sheet;
    private final Set<RowId> rows = new TreeSet<>();
    private final TreeMap<ShareRef, Worked> shares = new TreeMap<>();
    private final TreeSet<Integer> stepsDone = new TreeSet<>();
    private final EnumMap<Stage, StageTime> stages = new EnumMap<>(Stage.class);
    private final TreeMap<Integer, Counted> counted = new TreeMap<>();
    private final List<VisitState.Bundle> bundles = new ArrayList<>();
    private final TreeSet<RowId> kept = new TreeSet<>();
    private final List<Tried> tries = new ArrayList<>();
    private final List<FillPlaced> fills = new ArrayList<>();
    private final TreeMap<Integer, Replaced> replaced = new TreeMap<>();
    private final List<Noted> notes = new ArrayList<>();
    private final List<Pictured> pictures = new ArrayList<>();
    private final TreeMap<Integer, String> signed = new TreeMap<>();
    private final TreeSet<ShareRef> disputed = new TreeSet<>();

    /** Which device said last what became of a share. */
    private final TreeMap<ShareRef, String> saidBy = new TreeMap<>();

    private final TreeSet<EventId> strays = new TreeSet<>();
    private final TakedownFold takedown = new TakedownFold();
    private boolean isFinished;
    private Optional<Instant> lastAt = Optional.empty();

    VisitReducer(WorkSheet sheet) {
        this.sheet = sheet;
        sheet.rows().forEach(r -> rows.add(r.id()));
        sheet.shares().forEach(s -> shares.put(s.ref(), new Worked(s, Done.TO_DO)));
    }

    void add(RecordedEvent e) {
        if (!isOfSheet(e.what())) {
            strays.add(e.id());
            return;
        }
        lastAt.ifPresent(last -> forgive(last, e));
        lastAt = Optional.of(e.at());
        if (!isClock(e)) {
            hook(e.what(), e.id().device());
            keep(e.what());
            count(e.what());
            say(e.what());
            takedown.add(e.what());
        }
    }

    /**
     * After hours without anything a clock that ran all the while was forgotten, or a device's own clock jumped: it counts for a little
     * after the last thing that happened, unless somebody says that she worked on.
     */
    private void forgive(Instant last, RecordedEvent e) {
        if (Duration.between(last, e.at()).compareTo(VisitState.FORGOTTEN) > 0) {
            stages.replaceAll((stage, t) -> e.what().equals(new VisitEvent.StageResumed(stage))
                    ? t
                    : t.without(last.plus(VisitState.LIKELY_REST), e.at()));
        }
    }

    private boolean isClock(RecordedEvent e) {
        VisitEvent what = e.what();
        if (what instanceof VisitEvent.StageBegun s) {
            clock(s.stage(), t -> t.runningFrom(e.at()));
        } else if (what instanceof VisitEvent.StageResumed s) {
            clock(s.stage(), t -> t.runningFrom(e.at()));
        } else if (what instanceof VisitEvent.StagePaused s) {
            clock(s.stage(), t -> t.standing(e.at(), t.isEnded()));
        } else if (what instanceof VisitEvent.StageEnded s) {
            clock(s.stage(), t -> t.standing(e.at(), true));
        } else if (what instanceof VisitEvent.Finished) {
            // Whatever clock still runs stands still with the work.
            isFinished = true;
            stages.replaceAll((stage, t) -> t.standing(e.at(), t.isEnded()));
        } else if (what instanceof VisitEvent.TakenDown) {
            stages.replaceAll((stage, t) -> t.standing(e.at(), t.isEnded()));
            return false;
        } else if (what instanceof VisitEvent.Reopened) {
            isFinished = false;
        } else {
            return false;
        }
        return true;
    }

    private void clock(Stage stage, UnaryOperator<StageTime> change) {
        stages.put(stage, change.apply(stages.getOrDefault(stage, StageTime.NONE)));
    }

    private void hook(VisitEvent what, String device) {
        if (what instanceof VisitEvent.SharesHooked h) {
            h.shares().forEach(s -> hooked(s, device));
        } else if (what instanceof VisitEvent.ShareTakenOut t) {
            is(t.share(), Done.TAKEN_OUT, device);
        } else if (what instanceof VisitEvent.ShareSlipped s) {
            is(s.share(), Done.SLIPPED, device);
        } else if (what instanceof FromHereOn c) {
            shares.tailMap(c.from())
                    .replaceAll((ref, w) -> w.isHooked() ? w : new Worked(changed(w.as(), c), w.done()));
        } else if (what instanceof Adjusted a) {
            adjust(a, device);
        }
    }

    /** Whoever says once more what became of a share that two devices disagree on settles it. */
    private void is(ShareRef share, Done done, String device) {
        shares.computeIfPresent(share, (ref, w) -> w.is(done));
        saidBy.put(share, device);
        disputed.remove(share);
    }

    private void hooked(ShareRef share, String device) {
        boolean isDispute = isNow(share, Done.LEFT_OUT)
                && !saidBy.getOrDefault(share, device).equals(device);
        is(share, Done.HOOKED, device);
        if (isDispute) {
            disputed.add(share);
        }
    }

    private void leaveOut(ShareRef share, String device) {
        if (isNow(share, Done.TO_DO) || isNow(share, Done.SLIPPED)) {
            is(share, Done.LEFT_OUT, device);
        } else if (isNow(share, Done.HOOKED)
                && !saidBy.getOrDefault(share, device).equals(device)) {
            // What two devices decided at once must not take out what is on the head already.
            disputed.add(share);
        }
    }

    private boolean isNow(ShareRef share, Done done) {
        Worked w = shares.get(share);
        return w != null && w.done() == done;
    }

    private void adjust(Adjusted a, String device) {
        a.leftOut().forEach(s -> leaveOut(s, device));
        a.otherwise()
                .forEach(s -> shares.computeIfPresent(
                        s, (ref, w) -> w.isToDo() ? new Worked(changed(w.as(), a), w.done()) : w));
        if (a.packs() > 0) {
            counted.merge(a.supply().orElse(0), Counted.NONE.fetched(a.packs()), (was, n) -> was.fetched(a.packs()));
        }
    }

    private static SheetShare changed(SheetShare s, FromHereOn c) {
        Knot knot = c.knot().orElse(s.tie().knot());
        Tie tie = knot == s.tie().knot() ? s.tie() : Tie.of(knot, s.tie().passes());
        if (c.passes().isPresent() && knot.hasPasses()) {
            tie = tie.passing(c.passes().getAsInt());
        }
        return s.hookedAs(c.size().orElse(s.share()), s.supply(), s.blend(), tie);
    }

    private static SheetShare changed(SheetShare s, Adjusted a) {
        // Of another hair all of it is: what was blended is no longer.
        OptionalInt blend = a.supply().isPresent() ? OptionalInt.empty() : s.blend();
        return s.hookedAs(a.size().orElse(s.share()), a.supply().orElse(s.supply()), blend, s.tie());
    }

    private void keep(VisitEvent what) {
        if (what instanceof VisitEvent.StepDone d) {
            stepsDone.add(d.step());
        } else if (what instanceof VisitEvent.RowKept k) {
            kept.add(k.row());
        } else if (what instanceof VisitEvent.RowReleased r) {
            kept.remove(r.row());
        } else if (what instanceof FillPlaced f) {
            fills.add(f);
        } else if (what instanceof CautionSigned c) {
            signed.put(c.step(), c.by());
        }
    }

    private void count(VisitEvent what) {
        if (what instanceof BundleOpened b) {
            Optional<Replaced> other = Optional.ofNullable(replaced.get(b.supply()));
            int planned = sheet.supplies().get(b.supply()).line().loopsPerBundle();
            int loops = b.loops()
                    .orElse(other.map(Replaced::bundle)
                            .orElse(OptionalInt.empty())
                            .orElse(planned));
            bundles.add(new VisitState.Bundle(b, other, loops));
            counted.merge(b.supply(), Counted.NONE.opened(loops, 0), (was, n) -> was.opened(loops, in(b.supply())));
        } else if (what instanceof RestCounted r) {
            counted.computeIfPresent(r.supply(), (supply, was) -> was.left(r.loops(), in(supply)));
        } else if (what instanceof Replaced r) {
            replaced.put(r.supply(), r);
        }
    }

    private void say(VisitEvent what) {
        if (what instanceof Tried t) {
            tries.add(t);
        } else if (what instanceof Noted n) {
            notes.add(n);
        } else if (what instanceof Pictured p) {
            pictures.add(p);
        }
    }

    private double in(int supply) {
        List<SheetShare> hooked = shares.values().stream()
                .filter(Worked::isHooked)
                .map(Worked::as)
                .toList();
        return loops(hooked, supply) + loopsOfFills(fills, supply);
    }

    /** Loops and parts of loops of a supply that shares take; a blended one takes half of each. */
    static double loops(Collection<SheetShare> shares, int supply) {
        double sum = 0;
        for (SheetShare s : shares) {
            double part = s.share().ofLoop() * (s.blend().isPresent() ? 0.5 : 1);
            sum += s.supply() == supply ? part : 0;
            sum += s.blend().isPresent() && s.blend().getAsInt() == supply ? part : 0;
        }
        return sum;
    }

    static double loopsOfFills(Collection<FillPlaced> fills, int supply) {
        return fills.stream()
                .filter(f -> f.supply() == supply)
                .mapToDouble(f -> f.size().ofLoop())
                .sum();
    }

    private boolean isOfSheet(VisitEvent what) {
        return shares.keySet().containsAll(sharesOf(what))
                && rows.containsAll(rowsOf(what))
                && supplyOf(what).stream().allMatch(n -> n < sheet.supplies().size())
                && stepOf(what).stream().allMatch(n -> n <= sheet.steps().size());
    }

    private static Collection<ShareRef> sharesOf(VisitEvent what) {
        if (what instanceof VisitEvent.SharesHooked h) {
            return h.shares();
        } else if (what instanceof VisitEvent.ShareTakenOut t) {
            return List.of(t.share());
        } else if (what instanceof VisitEvent.ShareSlipped s) {
            return List.of(s.share());
        } else if (what instanceof FromHereOn c) {
            return List.of(c.from());
        } else if (what instanceof Adjusted a) {
            return Stream.concat(a.leftOut().stream(), a.otherwise().stream()).collect(Collectors.toSet());
        }
        return List.of();
    }

    private static Collection<RowId> rowsOf(VisitEvent what) {
        if (what instanceof VisitEvent.RowKept k) {
            return List.of(k.row());
        } else if (what instanceof VisitEvent.RowReleased r) {
            return List.of(r.row());
        } else if (what instanceof VisitEvent.TailFound t) {
            return List.of(t.row());
        } else if (what instanceof VisitEvent.RowUndone r) {
            return List.of(r.row());
        } else if (what instanceof FillPlaced f) {
            return Stream.concat(Stream.of(f.row()), f.beyond().map(VisitEvent.KnotBeyond::row).stream())
                    .toList();
        }
        return List.of();
    }

    private static OptionalInt supplyOf(VisitEvent what) {
        if (what instanceof FillPlaced f) {
            return OptionalInt.of(f.supply());
        } else if (what instanceof BundleOpened b) {
            return OptionalInt.of(b.supply());
        } else if (what instanceof RestCounted r) {
            return OptionalInt.of(r.supply());
        } else if (what instanceof Replaced r) {
            return OptionalInt.of(r.supply());
        } else if (what instanceof Adjusted a) {
            return a.supply();
        } else if (what instanceof VisitEvent.LoopsKept k) {
            return OptionalInt.of(k.supply());
        }
        return OptionalInt.empty();
    }

    private static OptionalInt stepOf(VisitEvent what) {
        if (what instanceof VisitEvent.StepDone d) {
            return OptionalInt.of(d.step());
        } else if (what instanceof CautionSigned c) {
            return OptionalInt.of(c.step());
        }
        return OptionalInt.empty();
    }

    VisitState state() {
        return new VisitState(
                sheet,
                shares,
                stepsDone,
                stages,
                counted,
                bundles,
                kept,
                tries,
                fills,
                replaced,
                notes,
                pictures,
                signed,
                disputed,
                isFinished,
                lastAt,
                takedown.state(),
                strays);
    }
}
