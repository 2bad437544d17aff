package gyrotaxis.core.balance;

import gyrotaxis.core.balance.Fills.Fill;
import gyrotaxis.core.balance.Fills.Kind;
import gyrotaxis.core.balance.Fills.Through;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Draws gaps shut: a small share is hooked through the knots on both sides of a gap, so that their own hair is drawn over it.
 *
 * <p>Method: pair by pair, the two knots whose hair, drawn together, leaves least skin plainly bare over all trials. What is drawn
 * away from elsewhere counts against it. A knot is drawn to one side only.
 */
final class DrawingShut {
    /** The middle between two knots lies no further from skin that shows, mm. */
    private static final double NEAR_MM = 12;

    /** A pair that leaves less than this less of the skin bare is not worth its share, mm². ASSUMPTION: a fingertip. */
    private static final double MIN_MM2 = 100;

    private final InstallPlan plan;
    private final Trials trials;
    private final Share share;
    private final Set<StationId> drawn = new HashSet<>();
    private final double[] unchanged;

    /**
     * Two knots that could be drawn together.
     *
     * @param change by trial: how hair would lie otherwise over every cell
     */
    private record Pair(Row row, Station near, Station far, Vec2 middle, double[][] change) {}

    /** What is drawn shut goes into the trials. */
    DrawingShut(InstallPlan plan, Trials trials, Share share) {
        this.plan = plan;
        this.trials = trials;
        this.share = share;
        this.unchanged = new double[trials.grid().size()];
    }

    /** Draws shut what can be while gaps are left; the best first. */
    List<Fill> draw(int most) {
        List<Fill> fills = new ArrayList<>();
        if (!trials.hasGaps()) {
            return fills;
        }
        List<Pair> open = pairs();
        while (fills.size() < most && trials.hasGaps()) {
            double[] now = IntStream.range(0, trials.count())
                    .mapToDouble(t -> trials.plainlyBareMm2(unchanged, t))
                    .toArray();
            Pair best = null;
            double closes = MIN_MM2;
            for (Pair p : open) {
                double less = isFree(p) ? Arrays.stream(closes(p, now)).sum() : 0;
                if (less > closes) {
                    best = p;
                    closes = less;
                }
            }
            if (best == null) {
                break;
            }
            fills.add(put(best, closes(best, now)));
        }
        return fills;
    }

    private boolean isFree(Pair p) {
        return !drawn.contains(p.near.id()) && !drawn.contains(p.far.id());
    }

    /** How much less would be plainly bare in every trial, mm². */
    private double[] closes(Pair p, double[] now) {
        return IntStream.range(0, now.length)
                .mapToDouble(t -> now[t] - trials.plainlyBareMm2(p.change[t], t))
                .toArray();
    }

    private Fill put(Pair p, double[] closes) {
        int most = 0;
        for (int t = 1; t < closes.length; t++) {
            most = closes[t] > closes[most] ? t : most;
        }
        for (int t = 0; t < closes.length; t++) {
            trials.put(p.change[t], t);
        }
        drawn.add(p.near.id());
        drawn.add(p.far.id());
        Row other = plan.foundation().row(p.far.id().row()).orElseThrow();
        return new Fill(
                Kind.DRAWN_SHUT,
                p.row.id(),
                p.near.alongRowMm() / p.row.lengthMm(),
                p.middle,
                share,
                most,
                Sentence.of(
                        "through the knots there and on ",
                        other.id().words(),
                        ", drawn together, closes ",
                        Quantity.mm2(Arrays.stream(closes).sum())),
                OptionalDouble.empty(),
                Optional.of(new Through(other.id(), p.far.alongRowMm() / other.lengthMm(), p.far.chart())));
    }

    private List<Pair> pairs() {
        List<Vec2> bare = new ArrayList<>();
        for (int t = 0; t < trials.count(); t++) {
            Arrays.stream(trials.weak(t)).mapToObj(trials.grid()::middle).forEach(bare::add);
        }
        List<List<Vec2>> spared = FillSpots.spared(plan);
        List<Station> knots =
                plan.stations().stream().filter(DrawingShut::isOffered).toList();
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < knots.size(); i++) {
            for (int j = i + 1; j < knots.size(); j++) {
                Station a = knots.get(i);
                Station b = knots.get(j);
                if (a.space().distance(b.space()) > StationEdit.DrawShut.FURTHEST_MM
                        || a.id().row().equals(b.id().row())) {
                    continue;
                }
                Vec2 middle = a.chart().lerp(b.chart(), 0.5);
                boolean isSpared = spared.stream()
                        .anyMatch(rim -> Polygons.contains(rim, a.chart()) || Polygons.contains(rim, b.chart()));
                if (!isSpared && bare.stream().anyMatch(p -> p.distance(middle) < NEAR_MM)) {
                    pairs.add(pair(a, b, middle));
                }
            }
        }
        return pairs;
    }

    /** Beside a part and at the hairline what goes through two knots would show. */
    private static boolean isOffered(Station s) {
        return s.canBeDrawn() && s.part() == Station.NO_PART && s.role() != Role.HAIRLINE;
    }

    private Pair pair(Station near, Station far, Vec2 middle) {
        Row row = plan.foundation().row(near.id().row()).orElseThrow();
        List<Station> after = Hooker.drawnShut(plan.scalp(), row, near, far, share);
        double[][] change = new double[trials.count()][];
        for (int t = 0; t < change.length; t++) {
            change[t] = trials.lays(after, t);
            double[] now = trials.lays(List.of(near, far), t);
            for (int i = 0; i < now.length; i++) {
                change[t][i] -= now[i];
            }
        }
        return new Pair(row, near, far, middle, change);
    }
}
