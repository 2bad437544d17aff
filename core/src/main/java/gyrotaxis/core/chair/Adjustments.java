package gyrotaxis.core.chair;

import gyrotaxis.core.balance.LeavingOut;
import gyrotaxis.core.balance.Shows;
import gyrotaxis.core.chair.Forecast.Hair;
import gyrotaxis.core.chair.Forecast.Lasts;
import gyrotaxis.core.chair.VisitEvent.Adjusted;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Step;
import gyrotaxis.core.quantity.Money;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What can be done from here on: when the hair will not last, or when what is hooked covers already.
 *
 * <p>Nothing is offered that would show more than going on as planned until the hair is at its end; stopping is offered only where no
 * gap is left.
 *
 * @param now what shows of what is hooked
 * @param goingOn what will show if she goes on as planned, for as long as there is hair
 * @param options what else she can do; empty if the hair lasts and more is wanted
 */
public record Adjustments(Shows now, Shows goingOn, List<Option> options) {
    /** The share that is a step smaller: 1, 2, 3, 4, 6 and 8 parts. */
    private static final int[] SMALLER = {0, 2, 3, 4, 6, 6, 8, 8};

    /**
     * One thing to do.
     *
     * @param what what happens if she takes it
     * @param savesLoops loops and parts of loops of the short hair that it saves, or brings
     * @param minutes how much longer it takes; less than 0 where it is quicker
     * @param cost what is to be paid; empty if nothing is
     * @param shows what will show then
     * @param lasts whether the hair will last then
     */
    public record Option(
            Adjusted what, double savesLoops, double minutes, Optional<Money> cost, Shows shows, boolean lasts) {}

    public Adjustments {
        options = List.copyOf(options);
    }

    /** Whether what is hooked covers, so that she may stop. */
    public boolean mayStop() {
        return options.stream().anyMatch(o -> o.what().adjustment() == Adjustment.STOP_HERE);
    }

    /** What can be done; cost: what shows is looked at once for each option. */
    public static Adjustments of(Planner planner, AtWork head, VisitState state) {
        return new Search(planner, head, state).run();
    }

    private static final class Search {
        private final Planner planner;
        private final AtWork head;
        private final VisitState state;
        private final Forecast forecast;
        private final List<Station> hooked;
        private final List<SheetShare> toDo;
        private final Map<ShareRef, Double> minutes = new HashMap<>();

        Search(Planner planner, AtWork head, VisitState state) {
            this.planner = planner;
            this.head = head;
            this.state = state;
            this.forecast = Forecast.of(state);
            this.hooked = head.hooked(state);
            this.toDo = state.toDo();
            for (Step s : state.sheet().steps()) {
                s.shares()
                        .forEach(ref -> minutes.put(
                                ref, s.minutes().likely() / s.shares().size()));
            }
        }

        Adjustments run() {
            Shows now = shows(List.of());
            Optional<Hair> scarce = forecast.hair().stream()
                    .filter(h -> h.lasts() != Lasts.YES)
                    .max(Comparator.comparingDouble(Search::missing));
            Shows goingOn = shows(scarce.map(this::untilTheEnd).orElse(toDo));
            List<Option> all = new ArrayList<>();
            if (now.covers() && !toDo.isEmpty()) {
                all.add(stop(now));
            }
            scarce.ifPresent(h -> {
                wider(h).ifPresent(all::add);
                smaller(h).ifPresent(all::add);
                other(h).ifPresent(all::add);
                all.add(fetch(h));
            });
            all.removeIf(o -> showsMore(o.shows(), goingOn));
            return new Adjustments(now, goingOn, all);
        }

        private static boolean showsMore(Shows then, Shows goingOn) {
            boolean isBarer = then.gapsMm2() > goingOn.gapsMm2();
            return !then.covers() && (isBarer || then.exposed() > goingOn.exposed() + 1e-9);
        }

        /** Loops to make up for, counted as planned loops: for what is likely, or else for a bad day. */
        private static double missing(Hair h) {
            double total =
                    h.lasts() == Lasts.NO ? h.total().likely() : h.total().high();
            return Math.max(0, total - h.there()) / h.perLoop();
        }

        private Shows shows(List<SheetShare> more) {
            List<Station> all = new ArrayList<>(hooked);
            all.addAll(head.stations(more));
            return Shows.of(planner, head.plan(), all);
        }

        private List<SheetShare> untilTheEnd(Hair h) {
            int end = h.endsBefore().map(ShareRef::number).orElse(Integer.MAX_VALUE);
            return toDo.stream()
                    .filter(s -> s.ref().number() < end || s.supply() != h.supply())
                    .toList();
        }

        private Option stop(Shows now) {
            List<ShareRef> refs = toDo.stream().map(SheetShare::ref).toList();
            return new Option(
                    adjusted(Adjustment.STOP_HERE, refs, List.of(), Optional.empty(), OptionalInt.empty(), 0),
                    loops(toDo),
                    -minutes(toDo),
                    Optional.empty(),
                    now,
                    true);
        }

        private Optional<Option> wider(Hair h) {
            List<SheetShare> behind = hidden(h);
            Map<Integer, ShareRef> refs = new HashMap<>();
            behind.forEach(s -> refs.put(s.ref().number(), s.ref()));
            List<Station> all = new ArrayList<>(hooked);
            all.addAll(head.stations(toDo));
            Set<ShareRef> out = new HashSet<>();
            LeavingOut.least(planner, head.plan(), all, head.stations(behind), missing(h))
                    .forEach(s -> Optional.ofNullable(refs.get(s.id().number())).ifPresent(out::add));
            List<SheetShare> left = only(s -> out.contains(s.ref()));
            if (left.isEmpty()) {
                return Optional.empty();
            }
            List<ShareRef> named = left.stream().map(SheetShare::ref).toList();
            return Optional.of(new Option(
                    adjusted(Adjustment.WIDER_BEHIND, named, List.of(), Optional.empty(), OptionalInt.empty(), 0),
                    loops(left),
                    -minutes(left),
                    Optional.empty(),
                    shows(only(s -> !out.contains(s.ref()))),
                    loops(left) >= missing(h) - 1e-9));
        }

        /** What is to be hooked behind, of a hair, and is not beside a part. */
        private List<SheetShare> hidden(Hair h) {
            return only(s ->
                    s.supply() == h.supply() && (s.zone() == Zone.BACK || s.zone() == Zone.NAPE) && !s.isForPart());
        }

        private Optional<Option> smaller(Hair h) {
            HairLine line = state.sheet().supplies().get(h.supply()).line();
            List<SheetShare> sides = only(s -> s.supply() == h.supply()
                    && s.zone() == Zone.MIDDLE
                    && !s.isForPart()
                    && s.share().parts() < Share.MAX_PARTS);
            if (line.goesInWhole() || sides.isEmpty()) {
                return Optional.empty();
            }
            // All of one size, so that it can be said and done without counting.
            int usual = sides.get(0).share().parts();
            List<SheetShare> alike =
                    sides.stream().filter(s -> s.share().parts() == usual).toList();
            Share share = new Share(SMALLER[usual]);
            Set<ShareRef> refs = new HashSet<>();
            alike.forEach(s -> refs.add(s.ref()));
            List<SheetShare> then = toDo.stream()
                    .map(s -> refs.contains(s.ref()) ? s.hookedAs(share, s.supply(), s.blend(), s.tie()) : s)
                    .toList();
            double saves = loops(alike) - alike.size() * share.ofLoop();
            return Optional.of(new Option(
                    adjusted(
                            Adjustment.SMALLER_SHARES,
                            List.of(),
                            alike.stream().map(SheetShare::ref).toList(),
                            Optional.of(share),
                            OptionalInt.empty(),
                            0),
                    saves,
                    0,
                    Optional.empty(),
                    shows(then),
                    saves >= missing(h) - 1e-9));
        }

        /** Behind, where other hair falls over it, as much of another hair as is to spare. */
        private Optional<Option> other(Hair h) {
            Optional<Hair> spare = forecast.hair().stream()
                    .filter(o ->
                            o.supply() != h.supply() && o.there() - o.total().high() >= 1)
                    .max(Comparator.comparingDouble(o -> o.there() - o.total().high()));
            if (spare.isEmpty()) {
                return Optional.empty();
            }
            double most = Math.min(
                    missing(h), spare.get().there() - spare.get().total().high());
            List<SheetShare> taken = new ArrayList<>();
            for (SheetShare s : hidden(h)) {
                if (s.blend().isEmpty() && loops(taken) < most) {
                    taken.add(s);
                }
            }
            if (taken.isEmpty()) {
                return Optional.empty();
            }
            Set<ShareRef> refs = new HashSet<>();
            taken.forEach(s -> refs.add(s.ref()));
            int of = spare.get().supply();
            List<SheetShare> then = toDo.stream()
                    .map(s -> refs.contains(s.ref()) ? s.hookedAs(s.share(), of, s.blend(), s.tie()) : s)
                    .toList();
            return Optional.of(new Option(
                    adjusted(
                            Adjustment.OTHER_HAIR,
                            List.of(),
                            taken.stream().map(SheetShare::ref).toList(),
                            Optional.empty(),
                            OptionalInt.of(of),
                            0),
                    loops(taken),
                    0,
                    Optional.empty(),
                    shows(then),
                    loops(taken) >= missing(h) - 1e-9));
        }

        private Option fetch(Hair h) {
            HairLine line = state.sheet().supplies().get(h.supply()).line();
            double loopsShort = missing(h) * h.perLoop();
            int packs = Math.min(VisitEvent.MAX_PACKS, Math.max(1, (int)
                    Math.ceil(loopsShort / line.loopsPerPack() - 1e-9)));
            return new Option(
                    adjusted(
                            Adjustment.FETCH_PACKS,
                            List.of(),
                            List.of(),
                            Optional.empty(),
                            OptionalInt.of(h.supply()),
                            packs),
                    packs * line.loopsPerPack(),
                    0,
                    Optional.of(line.packPrice().times(packs)),
                    shows(toDo),
                    packs * line.loopsPerPack() >= loopsShort - 1e-9);
        }

        private static Adjusted adjusted(
                Adjustment kind,
                List<ShareRef> leftOut,
                List<ShareRef> otherwise,
                Optional<Share> share,
                OptionalInt supply,
                int packs) {
            return new Adjusted(kind, leftOut, otherwise, share, supply, packs);
        }

        private List<SheetShare> only(Predicate<SheetShare> which) {
            return toDo.stream().filter(which).toList();
        }

        private static double loops(List<SheetShare> shares) {
            return shares.stream().mapToDouble(s -> s.share().ofLoop()).sum();
        }

        private double minutes(List<SheetShare> shares) {
            return shares.stream()
                    .mapToDouble(s -> minutes.getOrDefault(s.ref(), 0.0))
                    .sum();
        }
    }
}
