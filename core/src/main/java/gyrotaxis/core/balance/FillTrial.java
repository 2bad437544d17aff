package gyrotaxis.core.balance;

import gyrotaxis.core.balance.Fills.Fill;
import gyrotaxis.core.balance.Fills.Kind;
import gyrotaxis.core.balance.Fills.Left;
import gyrotaxis.core.balance.Fills.Trial;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.KnotSight;
import gyrotaxis.core.wear.KnotWatch;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Tries every part and way in which she wears a plan, and puts the reserve where something shows.
 *
 * <p>Method: first an eighth before every knot that shows by its place and kind. Then, half loop by half loop, the place on a
 * row from which a half hides most of the skin that shows in any trial, hooked as hair falls there or thrown across a gap, until
 * the reserve is spent or a half hides less than {@link #LEAST_MM2}, or {@link #LEAST_AT_GAP_MM2} while a gap is left. Depths add up, so each place is followed down the head once for each trial. Cost: linear in places, trials
 * and samples. Thin and tender places get no further weight; the line of the part that is worn is meant to show.
 */
public final class FillTrial {
    /** Coarser than a map: a fill covers many cells. */
    static final int SAMPLES = 1_500;

    /** A half that hides less skin than this is better kept, mm². ASSUMPTION: a thumbnail. */
    static final double LEAST_MM2 = 120;

    /** While a gap is left, a half that hides so little of it is still worth its place, mm²: small gaps are closed by little. */
    static final double LEAST_AT_GAP_MM2 = 6;

    /** The reserve is imagined no larger than by so many loops, to say how many would do. */
    private static final int MOST_MORE = 40;

    /** Places that are tried along a row, mm. */
    private static final double STEP_MM = 10;

    /** Hair hooked further away than this does not reach a gap in useful depth, mm. */
    private static final double REACH_MM = 80;

    /** A fill is thrown across a gap from no further away, mm. ASSUMPTION: what a knot throws. */
    private static final double THROWN_MM = 60;

    /** A wisp lies so far before the knot it hides, mm. */
    private static final double BEFORE_MM = 3;

    /** At most this part of the reserve goes to wisps. */
    private static final int WISPS_OF_RESERVE = 3;

    /** A half; a whole of what cannot be split. */
    private final Share fill;

    /** An eighth, frizzed; a whole of what cannot be split. */
    private final Share wisp;

    private final InstallPlan plan;
    private final CoverGrid grid;
    private final Foundation foundation;
    private final Hooked hooked;
    private final List<Worn> trials;
    /** By trial: depth over every cell, growing as fills are put in. */
    private final double[][] depth;
    /** By trial: the cells in which skin should be hidden and is not. */
    private final int[][] weak;

    /** A half at a place on a row, with what it would lay over the weak cells of every trial. */
    private record Spot(Row row, Station half, OptionalDouble towardRad, double[][] lays) {}

    private FillTrial(InstallPlan plan, CoverGrid grid) {
        boolean goesInWhole = plan.hooked().hairs().get(0).line().goesInWhole();
        this.fill = goesInWhole ? Share.WHOLE : Share.HALF;
        this.wisp = goesInWhole ? Share.WHOLE : new Share(Share.MOST_PARTS);
        this.plan = plan;
        this.grid = grid;
        this.foundation = plan.foundation();
        this.hooked = plan.hooked();
        this.trials = trials(plan);
        this.depth = new double[trials.size()][];
        this.weak = new int[trials.size()][];
    }

    /** Where fills and wisps go once every part and way she named was tried. */
    public static Fills of(Planner planner, InstallPlan plan) {
        return new FillTrial(plan, planner.grid(plan.scalp(), SAMPLES)).run();
    }

    /** Down with each part, or without if there is none; then the ways she named. */
    static List<Worn> trials(InstallPlan plan) {
        List<Worn> all = new ArrayList<>();
        IntStream.range(0, plan.foundation().parts().size()).forEach(i -> all.add(Worn.parted(i)));
        if (all.isEmpty()) {
            all.add(Worn.as(Way.DOWN));
        }
        plan.brief().consultation().ways().stream()
                .filter(w -> w != Way.DOWN)
                .sorted()
                .map(Worn::as)
                .forEach(all::add);
        return all;
    }

    private Fills run() {
        List<Cover> before = new ArrayList<>();
        for (int t = 0; t < trials.size(); t++) {
            depth[t] = FallSimulator.depth(grid, foundation, hooked, hooked.stations(), trials.get(t), 0);
            add(depth[t], FallSimulator.others(grid, foundation, hooked, trials.get(t), 0));
            before.add(FallSimulator.coverOf(grid, foundation, trials.get(t), depth[t].clone()));
            weak[t] = weakCells(before.get(t));
        }
        int reserve = plan.packs().reserveLoops();
        List<Fill> wisps = wisps(reserve);
        int halves = fill.parts() * (reserve - loopsOf(wisps.size()));
        Dwindling<Spot> open = new Dwindling<>(spots(), this::hides);
        List<Fill> fills = fill(open, halves);
        boolean isSpent = fills.size() >= halves;
        List<Trial> told = new ArrayList<>();
        for (int t = 0; t < trials.size(); t++) {
            Cover after = FallSimulator.coverOf(grid, foundation, trials.get(t), depth[t]);
            told.add(new Trial(
                    trials.get(t),
                    before.get(t).exposed(),
                    after.exposed(),
                    before.get(t).gaps().size(),
                    after.gaps().size()));
        }
        List<Left> left = left(isSpent);
        OptionalInt wouldDo = OptionalInt.empty();
        if (isSpent && !left.isEmpty()) {
            int more = fill(open, fill.parts() * MOST_MORE).size();
            if (!hasGaps()) {
                wouldDo = OptionalInt.of(reserve + (more + fill.parts() - 1) / fill.parts());
            }
        }
        fills.addAll(wisps);
        return new Fills(told, fills, reserve, left, wouldDo);
    }

    /** The gaps of every trial that are left, and what keeps them from being closed. */
    private List<Left> left(boolean isSpent) {
        List<List<Vec2>> spared = spared();
        List<Left> left = new ArrayList<>();
        for (int t = 0; t < trials.size(); t++) {
            for (Cover.Gap gap : gaps(t)) {
                Vec2 at = new Vec2(gap.x(), gap.y());
                String why = spared.stream().anyMatch(rim -> Polygons.contains(rim, at))
                        ? "thin or tender ground is spared"
                        : isSpent
                                ? "the reserve is spent"
                                : "nothing more can be hooked from where hair would fall over it";
                left.add(new Left(t, gap, Sentence.of(why)));
            }
        }
        return left;
    }

    private List<Cover.Gap> gaps(int t) {
        return FallSimulator.coverOf(grid, foundation, trials.get(t), depth[t]).gaps();
    }

    private boolean hasGaps() {
        return IntStream.range(0, trials.size()).anyMatch(t -> !gaps(t).isEmpty());
    }

    private int loopsOf(int wisps) {
        return (wisps + wisp.parts() - 1) / wisp.parts();
    }

    private int[] weakCells(Cover cover) {
        return IntStream.range(0, grid.size())
                .filter(i -> grid.isInside(i) && cover.exposedAt(i) > Cover.PLAINLY_BARE && !cover.isBareOnPurpose(i))
                .toArray();
    }

    private static void add(double[] sum, double[] more) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] += more[i];
        }
    }

    /** An eighth before each knot that shows by its place and kind, as far as the reserve allows. */
    private List<Fill> wisps(int reserve) {
        List<Fill> wisps = new ArrayList<>();
        Set<StationId> hidden = new HashSet<>();
        int most = wisp.parts() * (reserve / WISPS_OF_RESERVE);
        for (int t = 0; t < trials.size(); t++) {
            for (KnotSight sight : KnotWatch.of(hooked, foundation, trials.get(t))) {
                if (wisps.size() < most && hidden.add(sight.station())) {
                    wisps.add(wisp(sight, t));
                }
            }
        }
        return wisps;
    }

    private Fill wisp(KnotSight sight, int trial) {
        Station s = hooked.stations().stream()
                .filter(x -> x.id().equals(sight.station()))
                .findFirst()
                .orElseThrow();
        Row row = foundation.row(s.id().row()).orElseThrow();
        double along = Math.max(0, s.alongRowMm() - BEFORE_MM);
        return new Fill(
                Kind.WISP,
                row.id(),
                along / row.lengthMm(),
                row.path().chartAt(along),
                wisp,
                trial,
                Sentence.of("hides ", sight.why()),
                OptionalDouble.empty());
    }

    private List<Fill> fill(Dwindling<Spot> open, int halves) {
        List<Fill> fills = new ArrayList<>();
        while (fills.size() < halves) {
            Optional<Dwindling.Ranked<Spot>> best = open.takeBest();
            if (best.isEmpty() || !isWorth(best.get().worth())) {
                break;
            }
            Spot spot = best.get().what();
            fills.add(put(spot, best.get().worth()));
            open.drop(o -> o.row == spot.row && o.half.alongRowMm() == spot.half.alongRowMm());
        }
        return fills;
    }

    private boolean isWorth(double hides) {
        return hides >= LEAST_MM2 || (hides >= LEAST_AT_GAP_MM2 && hasGaps());
    }

    private Fill put(Spot spot, double hides) {
        int most = 0;
        for (int t = 1; t < trials.size(); t++) {
            most = hides(spot, t) > hides(spot, most) ? t : most;
        }
        for (int t = 0; t < trials.size(); t++) {
            add(depth[t], laysAll(spot.half, t));
        }
        return new Fill(
                Kind.FILL,
                spot.row.id(),
                spot.half.alongRowMm() / spot.row.lengthMm(),
                spot.half.chart(),
                fill,
                most,
                spot.towardRad.isPresent()
                        ? Sentence.of("thrown across the gap, hides ", Quantity.mm2(hides), " of skin")
                        : Sentence.of("hides ", Quantity.mm2(hides), " of skin"),
                spot.towardRad);
    }

    /** Skin that a half at a spot hides, over all trials, mm². */
    private double hides(Spot spot) {
        double sum = 0;
        for (int t = 0; t < trials.size(); t++) {
            sum += hides(spot, t);
        }
        return sum;
    }

    private double hides(Spot spot, int t) {
        double sum = 0;
        for (int k = 0; k < weak[t].length; k++) {
            double lies = depth[t][weak[t][k]];
            sum += Cover.exposedUnder(lies) - Cover.exposedUnder(lies + spot.lays[t][k]);
        }
        return sum * grid.cellMm() * grid.cellMm();
    }

    private double[] laysAll(Station half, int t) {
        return FallSimulator.depth(grid, foundation, hooked, List.of(half), trials.get(t), 0);
    }

    /** Places on hooked rows from which hair could reach skin that shows, clear of knots and of places to be spared. */
    private List<Spot> spots() {
        List<Vec2> bare = Arrays.stream(weak)
                .flatMapToInt(Arrays::stream)
                .distinct()
                .mapToObj(grid::middle)
                .toList();
        List<List<Vec2>> spared = spared();
        List<Vec2> middles = gapMiddles();
        List<Spot> spots = new ArrayList<>();
        for (Row row : foundation.rows()) {
            if (hooked.stations().stream().noneMatch(s -> s.id().row().equals(row.id()))) {
                continue;
            }
            for (double along : places(row)) {
                Vec2 at = row.path().chartAt(along);
                boolean reaches = bare.stream().anyMatch(p -> p.distance(at) < REACH_MM);
                if (reaches && spared.stream().noneMatch(rim -> Polygons.contains(rim, at))) {
                    spots.add(spot(row, along, OptionalDouble.empty()));
                    Optional<Vec2> middle = middles.stream()
                            .filter(m -> m.distance(at) < THROWN_MM)
                            .min(Comparator.comparingDouble(m -> m.distance(at)));
                    if (middle.isPresent()) {
                        spots.add(spot(row, along, toward(at, middle.get())));
                    }
                }
            }
        }
        return spots;
    }

    /** Places on a row that are clear of the knots that sit there: between each two, and more where they are far apart. */
    private List<Double> places(Row row) {
        List<Station> on = hooked.stations().stream()
                .filter(s -> s.id().row().equals(row.id()))
                .toList();
        double half = SeatedShare.widthMm(hooked.hairs().get(0).line(), fill) / 2;
        List<Double> places = new ArrayList<>();
        double from = 0;
        for (int i = 0; i <= on.size(); i++) {
            boolean isLast = i == on.size();
            double seat = isLast
                    ? 0
                    : SeatedShare.widthMm(hooked.hairOf(on.get(i)), on.get(i).share()) / 2;
            double to = isLast ? row.lengthMm() : on.get(i).alongRowMm() - seat;
            int n = Math.max(1, (int) Math.floor((to - from) / STEP_MM));
            for (int k = 0; k < n && to - from > 2 * half; k++) {
                places.add(from + (k + 0.5) / n * (to - from));
            }
            from = isLast ? to : on.get(i).alongRowMm() + seat;
        }
        return places;
    }

    private Spot spot(Row row, double along, OptionalDouble towardRad) {
        Station half = Hooker.byHand(plan.scalp(), row, along, fill, towardRad);
        double[][] lays = new double[trials.size()][];
        for (int t = 0; t < trials.size(); t++) {
            double[] all = laysAll(half, t);
            lays[t] = Arrays.stream(weak[t]).mapToDouble(i -> all[i]).toArray();
        }
        return new Spot(row, half, towardRad, lays);
    }

    private static OptionalDouble toward(Vec2 from, Vec2 to) {
        Vec2 way = to.minus(from);
        return OptionalDouble.of(Math.atan2(way.x(), way.y()));
    }

    /** The middles of all gaps that there are before anything is filled. */
    private List<Vec2> gapMiddles() {
        return IntStream.range(0, trials.size())
                .boxed()
                .flatMap(t -> gaps(t).stream())
                .map(g -> new Vec2(g.x(), g.y()))
                .toList();
    }

    private List<List<Vec2>> spared() {
        return plan.brief().head().regions().stream()
                .filter(r -> r.kind() == RegionKind.THIN || r.kind() == RegionKind.TENDER)
                .map((Region r) -> plan.scalp().chartOf(r))
                .toList();
    }
}
