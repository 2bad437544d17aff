package gyrotaxis.core.balance;

import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * When a head may be left as it is: hooked half-way up the back first, then in front, then what is left share by share, each where
 * it hides most skin.
 *
 * <p>Method: depths of shares add up, so each share's own depth is computed once in every way she wears it. What one more share
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
     * @param nextHidesMm2 how much skin the next share would hide, mm², in the way in which most shows; 0 after the last
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
        private final CoverGrid grid;
        private final List<Worn> trials;
        private final List<Station> stations;
        /** By station and trial: what it lays over every cell. */
        private final double[][][] lays;

        private final double[][] depth;
        private final boolean[] isHooked;
        private final List<Point> points = new ArrayList<>();

        Walk(InstallPlan plan, CoverGrid grid) {
            this.plan = plan;
            this.grid = grid;
            this.trials = FillTrial.trials(plan);
            this.stations = plan.stations();
            this.lays = new double[stations.size()][][];
            for (int s = 0; s < lays.length; s++) {
                List<Station> alone = List.of(stations.get(s));
                lays[s] = trials.stream()
                        .map(t -> FallSimulator.depth(grid, plan.foundation(), plan.hooked(), alone, t, 0))
                        .toArray(double[][]::new);
            }
            this.depth = trials.stream()
                    .map(t -> FallSimulator.others(grid, plan.foundation(), plan.hooked(), t, 0))
                    .toArray(double[][]::new);
            this.isHooked = new boolean[lays.length];
        }

        Stopping run() {
            double half = halfOfBack();
            int[] back = IntStream.range(0, lays.length)
                    .filter(s -> isLow(stations.get(s), half))
                    .toArray();
            int[] front = IntStream.range(0, lays.length)
                    .filter(s -> !isLow(stations.get(s), half) && isFront(stations.get(s)))
                    .toArray();
            hookAll(back);
            points.add(point(Stage.BACK, Optional.empty()));
            hookAll(front);
            Optional<Point> mayStop = rest();
            return new Stopping(points, mayStop);
        }

        private void hookAll(int[] which) {
            for (int s : which) {
                hook(s);
            }
        }

        private void hook(int s) {
            isHooked[s] = true;
            for (int t = 0; t < depth.length; t++) {
                for (int i = 0; i < depth[t].length; i++) {
                    depth[t][i] += lays[s][t][i];
                }
            }
        }

        /** As high up as half of what lies behind. */
        private double halfOfBack() {
            double[] heights = stations.stream()
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

        /** A share that is not hooked yet, with what it would hide when it was last looked at. */
        private record Ranked(int station, double hides) {}

        /** What is left, each time the share that hides most; returns from where on it covers. */
        private Optional<Point> rest() {
            int worst = worst();
            PriorityQueue<Ranked> open = new PriorityQueue<>(
                    Comparator.comparingDouble(Ranked::hides).reversed());
            for (int s = 0; s < lays.length; s++) {
                if (!isHooked[s]) {
                    open.add(new Ranked(s, hides(s, worst)));
                }
            }
            Optional<Point> mayStop = Optional.empty();
            int since = 0;
            while (true) {
                Optional<Ranked> next = best(open, worst);
                boolean isAsked = since % EVERY == 0 || next.isEmpty();
                if (isAsked) {
                    Point now = point(stage(since, next), next);
                    points.add(now);
                    mayStop = mayStop.or(() -> now.covers() ? Optional.of(now) : Optional.empty());
                }
                if (next.isEmpty()) {
                    return mayStop;
                }
                hook(next.get().station());
                since++;
            }
        }

        /** The share that hides most now, taken out of the queue; empty once all are hooked. */
        private Optional<Ranked> best(PriorityQueue<Ranked> open, int worst) {
            while (!open.isEmpty()) {
                Ranked first = open.poll();
                Ranked now = new Ranked(first.station(), hides(first.station(), worst));
                if (open.isEmpty() || now.hides() >= open.peek().hides()) {
                    return Optional.of(now);
                }
                open.add(now);
            }
            return Optional.empty();
        }

        /** The trial in which most shows when the whole plan is hooked. */
        private int worst() {
            int worst = 0;
            double most = -1;
            for (int t = 0; t < trials.size(); t++) {
                double shown = cover(t).exposed();
                if (shown > most) {
                    most = shown;
                    worst = t;
                }
            }
            return worst;
        }

        /** How much skin a share would hide in one way of wearing, mm². */
        private double hides(int s, int trial) {
            double hidden = 0;
            double[] own = lays[s][trial];
            for (int i = 0; i < own.length; i++) {
                if (own[i] > 0 && grid.isInside(i)) {
                    hidden += Cover.exposedUnder(depth[trial][i]) - Cover.exposedUnder(depth[trial][i] + own[i]);
                }
            }
            return hidden * grid.cellMm() * grid.cellMm();
        }

        private Cover cover(int trial) {
            return FallSimulator.coverOf(grid, plan.foundation(), trials.get(trial), depth[trial].clone());
        }

        private static Stage stage(int since, Optional<Ranked> next) {
            if (next.isEmpty()) {
                return Stage.ALL;
            }
            return since == 0 ? Stage.FRONT : Stage.REST;
        }

        private Point point(Stage stage, Optional<Ranked> next) {
            List<Cover> covers =
                    IntStream.range(0, trials.size()).mapToObj(this::cover).toList();
            List<Station> done = stations(true);
            List<Station> left = stations(false);
            return new Point(
                    stage,
                    done.size(),
                    loops(done),
                    ChairTime.hooking(left, plan.brief().speeds()),
                    covers.stream().mapToDouble(Cover::exposed).max().orElse(0),
                    covers.get(0).fullness(),
                    next.map(Ranked::hides).orElse(0.0),
                    covers.stream().allMatch(c -> c.gaps().isEmpty()),
                    next.map(n -> stations.get(n.station()).id()));
        }

        private List<Station> stations(boolean hooked) {
            return IntStream.range(0, lays.length)
                    .filter(s -> isHooked[s] == hooked)
                    .mapToObj(stations::get)
                    .toList();
        }

        private int loops(List<Station> of) {
            return IntStream.range(0, plan.hooked().hairs().size())
                    .map(k -> LoopTally.of(of.stream()
                                    .filter(s -> s.strand() == k)
                                    .map(Station::share)
                                    .toList())
                            .loops())
                    .sum();
        }
    }
}
