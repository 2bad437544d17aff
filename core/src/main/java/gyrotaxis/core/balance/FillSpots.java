package gyrotaxis.core.balance;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** Finds the places on hooked rows from which a fill could reach skin that shows, clear of knots and of what is to be spared. */
final class FillSpots {
    /** Places that are tried along a row, mm. */
    private static final double STEP_MM = 10;

    /** Hair hooked further away than this does not reach a gap in useful depth, mm. */
    private static final double REACH_MM = 80;

    /** A fill is thrown across a gap from no further away, mm. ASSUMPTION: what a knot throws. */
    private static final double THROWN_MM = 60;

    private final InstallPlan plan;
    private final Hooked hooked;
    private final Trials trials;
    private final Share fill;

    /**
     * A fill at a place on a row.
     *
     * @param towardRad which way it is thrown, on the map; empty if it is hooked as hair falls there
     * @param lays what it would lay over the weak cells of every trial
     */
    record Spot(Row row, Station share, OptionalDouble towardRad, double[][] lays) {}

    private FillSpots(InstallPlan plan, Trials trials, Share fill) {
        this.plan = plan;
        this.hooked = plan.hooked();
        this.trials = trials;
        this.fill = fill;
    }

    /** All of them, for fills of a size. */
    static List<Spot> of(InstallPlan plan, Trials trials, Share fill) {
        return new FillSpots(plan, trials, fill).all();
    }

    /** The rims of places where nothing more is to be hooked. */
    static List<List<Vec2>> spared(InstallPlan plan) {
        return plan.brief().spared().hooked().stream()
                .filter(r -> r.kind() == RegionKind.THIN || r.kind() == RegionKind.TENDER)
                .map((Region r) -> plan.scalp().chartOf(r))
                .toList();
    }

    private List<Spot> all() {
        List<Vec2> bare = IntStream.range(0, trials.count())
                .flatMap(t -> Arrays.stream(trials.weak(t)))
                .distinct()
                .mapToObj(trials.grid()::middle)
                .toList();
        List<List<Vec2>> spared = spared(plan);
        List<Vec2> middles = gapMiddles();
        List<Spot> spots = new ArrayList<>();
        for (Row row : plan.foundation().carriers()) {
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
        Station share = Hooker.byHand(plan.scalp(), row, along, fill, towardRad);
        double[][] lays = new double[trials.count()][];
        for (int t = 0; t < lays.length; t++) {
            double[] all = trials.lays(List.of(share), t);
            lays[t] = Arrays.stream(trials.weak(t)).mapToDouble(i -> all[i]).toArray();
        }
        return new Spot(row, share, towardRad, lays);
    }

    private static OptionalDouble toward(Vec2 from, Vec2 to) {
        Vec2 way = to.minus(from);
        return OptionalDouble.of(Math.atan2(way.x(), way.y()));
    }

    /** The middles of all gaps that there are before anything is filled. */
    private List<Vec2> gapMiddles() {
        return IntStream.range(0, trials.count())
                .boxed()
                .flatMap(t -> trials.before(t).gaps().stream())
                .map(g -> new Vec2(g.x(), g.y()))
                .toList();
    }
}
