package gyrotaxis.core.balance;

import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * When a head may be left as it is: hooked half-way up the back first, then in front, then what is left share by share, each where
 * it hides most skin.
 *
 * <p>Method: depths of shares add up, so each share's own depth is computed once. What one more share
 * hides only becomes less as others go in; so the best next one is found by looking again only at those that were best before.
 * It covers once no gap is left in any way of wearing that was tried.
 *
 * @param points what was reached after each stage and each few shares, in turn; the last is the whole plan
 * @param mayStop the first from which on nothing shows; empty if even the whole plan does not cover
 */
public record Stopping(List<Point> points, Optional<Point> mayStop) {
    private static final int SAMPLES = 2000;

    /** The head is looked at again after so many shares. */
    private static final int EVERY = 4;

    /** What is hooked in one go. */
    public enum Stage {
        BACK("half-way up the back"),
        FRONT("the front and what shows"),
        REST("what is left between"),
        ALL("everything");

        private final String words;

        Stage(String words) {
            this.words = words;
        }

        /** What a stylist says. */
        public String words() {
            return words;
        }
    }

    /**
     * How far a head has come.
     *
     * @param stage what is being hooked
     * @param shares shares hooked so far
     * @param loops whole loops opened for them
     * @param minutes to hook what is left of the plan
     * @param exposed skin that shows, in the way in which most does, in [0, 1]
     * @param fullness against a full head, worn as she wears it most; 1 is full
     * @param nextHidesMm2 how much skin the next share would hide, mm², in the way in which most shows; 0 where none is
     *     chosen yet, and after the last
     * @param covers whether no gap is left in any way of wearing
     * @param next which share comes next, if any does
     */
    public record Point(
            Stage stage,
            int shares,
            int loops,
            Estimate minutes,
            double exposed,
            double fullness,
            double nextHidesMm2,
            boolean covers,
            Optional<StationId> next) {}

    public Stopping {
        points = List.copyOf(points);
    }

    /** Where a plan may be stopped. */
    public static Stopping of(Planner planner, InstallPlan plan) {
        return new Walk(plan, planner.grid(plan.scalp(), SAMPLES)).run();
    }

    /** Loops that need not be hooked, if it is stopped where it may be. */
    public int savedLoops() {
        return mayStop.map(p -> points.get(points.size() - 1).loops() - p.loops())
                .orElse(0);
    }

    /** One head, hooked share by share. */
    private static final class Walk {
        private final InstallPlan plan;
        private final Trials trials;
        private final List<Station> done = new ArrayList<>();
        private final List<Point> points = new ArrayList<>();

        Walk(InstallPlan plan, CoverGrid grid) {
            this.plan = plan;
            this.trials = new Trials(plan, grid, List.of());
        }

        Stopping run() {
            double half = halfOfBack();
            hook(left(s -> isLow(s, half)));
            points.add(point(Stage.BACK, Optional.empty()));
            hook(left(Walk::isFront));
            Optional<Point> mayStop = rest();
            return new Stopping(points, mayStop);
        }

        private List<Station> left(Predicate<Station> which) {
            Set<StationId> known = done.stream().map(Station::id).collect(Collectors.toSet());
            return plan.stations().stream()
                    .filter(s -> !known.contains(s.id()) && which.test(s))
                    .toList();
        }

        private void hook(List<Station> more) {
            done.addAll(more);
            for (int t = 0; t < trials.count(); t++) {
                trials.put(trials.lays(more, t), t);
            }
        }

        /** As high up as half of what lies behind. */
        private double halfOfBack() {
            double[] heights = plan.stations().stream()
                    .filter(s -> s.zone() == Zone.BACK || s.zone() == Zone.NAPE)
                    .mapToDouble(s -> s.space().z())
                    .sorted()
                    .toArray();
            return heights.length == 0 ? Double.NEGATIVE_INFINITY : heights[heights.length / 2];
        }

        private static boolean isLow(Station s, double half) {
            boolean isBehind = s.zone() == Zone.BACK || s.zone() == Zone.NAPE;
            return s.role() == Role.PERIMETER
                    || s.role() == Role.PLAIT
                    || (isBehind && s.space().z() <= half);
        }

        private static boolean isFront(Station s) {
            return s.zone() == Zone.FRONT || s.role() == Role.PART || s.role() == Role.HAIRLINE;
        }

        /** A share that is not hooked yet, and what it lays over every cell in the way in which most shows. */
        private record Open(Station share, double[] lays) {}

        /** What is left, each time the share that hides most; returns from where on it covers. */
        private Optional<Point> rest() {
            int worst = trials.worst();
            Dwindling<Open> open = new Dwindling<>(
                    left(s -> true).stream()
                            .map(s -> new Open(s, trials.lays(List.of(s), worst)))
                            .toList(),
                    o -> trials.hidesAnywhere(o.lays(), worst));
            Optional<Point> mayStop = Optional.empty();
            for (int since = 0; ; since++) {
                Optional<Dwindling.Ranked<Open>> next = open.takeBest();
                if (since % EVERY == 0 || next.isEmpty()) {
                    Point now = point(stage(since, next.isEmpty()), next);
                    points.add(now);
                    mayStop = mayStop.or(() -> now.covers() ? Optional.of(now) : Optional.empty());
                }
                if (next.isEmpty()) {
                    return mayStop;
                }
                hook(List.of(next.get().what().share()));
            }
        }

        private static Stage stage(int since, boolean isLast) {
            if (isLast) {
                return Stage.ALL;
            }
            return since == 0 ? Stage.FRONT : Stage.REST;
        }

        private Point point(Stage stage, Optional<Dwindling.Ranked<Open>> next) {
            List<Cover> covers =
                    IntStream.range(0, trials.count()).mapToObj(trials::now).toList();
            return new Point(
                    stage,
                    done.size(),
                    plan.hooked().only(done).loops(),
                    ChairTime.hooking(left(s -> true), plan.brief().speeds()),
                    covers.stream().mapToDouble(Cover::exposed).max().orElse(0),
                    covers.get(0).fullness(),
                    next.map(Dwindling.Ranked::worth).orElse(0.0),
                    covers.stream().allMatch(c -> c.gaps().isEmpty()),
                    next.map(n -> n.what().share().id()));
        }
    }
}
