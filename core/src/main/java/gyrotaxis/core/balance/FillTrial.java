package gyrotaxis.core.balance;

import gyrotaxis.core.balance.FillSpots.Spot;
import gyrotaxis.core.balance.Fills.Fill;
import gyrotaxis.core.balance.Fills.Kind;
import gyrotaxis.core.balance.Fills.Left;
import gyrotaxis.core.balance.Fills.Trial;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.KnotSight;
import gyrotaxis.core.wear.KnotWatch;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Tries every part and way in which she wears a plan, and puts the reserve where something shows.
 *
 * <p>Method: first an eighth before every knot that shows by its place and kind. Then, half loop by half loop, the place on a
 * row from which a half hides most of the skin that shows in any trial, hooked as hair falls there or thrown across a gap, until
 * the reserve is spent or a half hides less than {@link #MIN_MM2}, or {@link #MIN_AT_GAP_MM2} while a gap is left. Where gaps are
 * left then, knots are drawn together over them; and where that comes too late, because the reserve is spent, it is tried once more
 * with what can be drawn shut drawn first, and the better of both is kept. Cost: linear in places, trials and samples. Thin and
 * tender places get no further weight; the line of the part that is worn is meant to show.
 */
public final class FillTrial {
    /** Coarser than a map: a fill covers many cells. */
    static final int SAMPLES = 1_500;

    /** A half that hides less skin than this is better kept, mm². ASSUMPTION: a thumbnail. */
    static final double MIN_MM2 = 120;

    /** While a gap is left, a half that hides so little of it is still worth its place, mm²: small gaps are closed by little. */
    static final double MIN_AT_GAP_MM2 = 6;

    /** The reserve is imagined no larger than by so many loops, to say how many would do. */
    private static final int MAX_MORE = 40;

    /** A wisp lies so far before the knot it hides, mm. */
    private static final double BEFORE_MM = 3;

    /** At most this part of the reserve goes to wisps. */
    private static final int WISPS_OF_RESERVE = 3;

    /** A gap with no knot so near lies between rows that are too far apart, mm. ASSUMPTION: what hair bridges on its own. */
    private static final double FAR_FROM_ROWS_MM = 25;

    /** A half; a whole of what cannot be split. */
    private final Share fill;

    /** What draws a gap shut. */
    private final Share draw;

    /** An eighth, frizzed; a whole of what cannot be split. */
    private final Share wisp;

    private final InstallPlan plan;
    private final int reserve;
    private final List<Fill> wisps;

    /** What was done with the reserve, and what the trials show after it. */
    private record Outcome(Trials trials, List<Fill> fills, Dwindling<Spot> open, boolean isSpent) {}

    private FillTrial(InstallPlan plan) {
        HairLine main = plan.hooked().hairs().get(0).line();
        boolean goesInWhole = main.goesInWhole();
        this.fill = goesInWhole ? Share.WHOLE : Share.HALF;
        this.draw = StationEdit.DrawShut.usualShare(main);
        this.wisp = goesInWhole ? Share.WHOLE : new Share(Share.MAX_PARTS);
        this.plan = plan;
        this.reserve = plan.packs().reserveLoops();
        this.wisps = wisps(Trials.of(plan));
    }

    /** Where fills and wisps go once every part and way she named was tried. */
    public static Fills of(Planner planner, InstallPlan plan) {
        return of(planner, plan, Trials.of(plan));
    }

    /** Where fills go if it is to be worn in one way more, a gap as a part perhaps. */
    public static Fills alsoWorn(Planner planner, InstallPlan plan, Worn worn) {
        return of(
                planner,
                plan,
                Stream.concat(Stream.of(worn), Trials.of(plan).stream()).toList());
    }

    private static Fills of(Planner planner, InstallPlan plan, List<Worn> worn) {
        return new FillTrial(plan).run(new Trials(plan, planner.grid(plan.scalp(), SAMPLES), plan.stations(), worn));
    }

    private Fills run(Trials trials) {
        List<Spot> spots = FillSpots.of(plan, trials, fill);
        Outcome best = filled(trials.copy(), spots, false);
        if (best.isSpent && best.trials.hasGaps()) {
            Outcome drawn = filled(trials.copy(), spots, true);
            best = drawn.trials.gapsMm2() < best.trials.gapsMm2() ? drawn : best;
        }
        List<Trial> told = new ArrayList<>();
        for (int t = 0; t < trials.count(); t++) {
            Cover before = trials.before(t);
            Cover after = best.trials.now(t);
            told.add(new Trial(
                    trials.worn(t),
                    before.exposed(),
                    after.exposed(),
                    before.gaps().size(),
                    after.gaps().size()));
        }
        List<Left> left = left(best);
        List<Fill> fills = new ArrayList<>(best.fills);
        fills.addAll(wisps);
        return new Fills(
                told, fills, reserve, left, best.isSpent && !left.isEmpty() ? wouldDo(best) : OptionalInt.empty());
    }

    /**
     * The reserve put in.
     *
     * @param trials gains what is put in
     * @param spots where a fill can go
     * @param drawsFirst whether gaps are drawn shut before anything else, and not only at the end
     */
    private Outcome filled(Trials trials, List<Spot> spots, boolean drawsFirst) {
        List<Fill> fills = new ArrayList<>();
        int loops = reserve - loopsOf(wisps.size(), wisp);
        DrawingShut shut = new DrawingShut(plan, trials, draw);
        if (drawsFirst) {
            fills.addAll(shut.draw(loops * draw.parts()));
        }
        int halves = fill.parts() * (loops - loopsOf(fills.size(), draw));
        Dwindling<Spot> open = new Dwindling<>(spots, s -> hides(trials, s));
        List<Fill> put = fill(trials, open, halves);
        boolean isSpent = put.size() >= halves;
        fills.addAll(put);
        if (!drawsFirst && !isSpent) {
            fills.addAll(shut.draw(draw.parts() * (loops - loopsOf(put.size(), fill))));
        }
        return new Outcome(trials, fills, open, isSpent);
    }

    private static int loopsOf(int count, Share each) {
        return (count + each.parts() - 1) / each.parts();
    }

    /** How large a reserve would have closed all that is left, if any would. */
    private OptionalInt wouldDo(Outcome after) {
        int more = fill(after.trials, after.open, fill.parts() * MAX_MORE).size();
        return after.trials.hasGaps()
                ? OptionalInt.empty()
                : OptionalInt.of(reserve + (more + fill.parts() - 1) / fill.parts());
    }

    /** The gaps of every trial that are left, and what keeps them from being closed. */
    private List<Left> left(Outcome after) {
        List<List<Vec2>> spared = FillSpots.spared(plan);
        List<Left> left = new ArrayList<>();
        for (int t = 0; t < after.trials.count(); t++) {
            for (Cover.Gap gap : after.trials.gaps(t)) {
                Vec2 at = new Vec2(gap.x(), gap.y());
                String why;
                if (spared.stream().anyMatch(rim -> Polygons.contains(rim, at))) {
                    why = "thin or tender ground is spared";
                } else if (plan.stations().stream().noneMatch(k -> k.chart().distance(at) < FAR_FROM_ROWS_MM)) {
                    why = "rows lie too far apart there, and mesh sewn between them would give places to hook";
                } else if (after.isSpent) {
                    why = "the reserve is spent";
                } else {
                    why = "nothing more can be hooked from where hair would fall over it";
                }
                left.add(new Left(t, gap, Sentence.of(why)));
            }
        }
        return left;
    }

    /** An eighth before each knot that shows by its place and kind, as far as the reserve allows. */
    private List<Fill> wisps(List<Worn> worn) {
        List<Fill> all = new ArrayList<>();
        Set<StationId> hidden = new HashSet<>();
        int most = wisp.parts() * (reserve / WISPS_OF_RESERVE);
        for (int t = 0; t < worn.size(); t++) {
            for (KnotSight sight : KnotWatch.of(plan.hooked(), plan.foundation(), worn.get(t))) {
                if (all.size() < most && hidden.add(sight.station())) {
                    all.add(wisp(sight, t));
                }
            }
        }
        return all;
    }

    private Fill wisp(KnotSight sight, int trial) {
        Station s = plan.stations().stream()
                .filter(x -> x.id().equals(sight.station()))
                .findFirst()
                .orElseThrow();
        Row row = plan.foundation().row(s.id().row()).orElseThrow();
        double along = Math.max(0, s.alongRowMm() - BEFORE_MM);
        return new Fill(
                Kind.WISP,
                row.id(),
                along / row.lengthMm(),
                row.path().chartAt(along),
                wisp,
                trial,
                Sentence.of("hides ", sight.why()),
                OptionalDouble.empty(),
                Optional.empty());
    }

    private List<Fill> fill(Trials trials, Dwindling<Spot> open, int halves) {
        List<Fill> fills = new ArrayList<>();
        while (fills.size() < halves) {
            Optional<Dwindling.Ranked<Spot>> best = open.takeBest();
            if (best.isEmpty() || !isWorth(trials, best.get().worth())) {
                break;
            }
            Spot spot = best.get().what();
            fills.add(put(trials, spot, best.get().worth()));
            open.drop(o -> o.row() == spot.row()
                    && o.share().alongRowMm() == spot.share().alongRowMm());
        }
        return fills;
    }

    private static boolean isWorth(Trials trials, double hides) {
        return hides >= MIN_MM2 || (hides >= MIN_AT_GAP_MM2 && trials.hasGaps());
    }

    private Fill put(Trials trials, Spot spot, double hides) {
        int most = 0;
        for (int t = 1; t < trials.count(); t++) {
            most = trials.hides(spot.lays()[t], t) > trials.hides(spot.lays()[most], most) ? t : most;
        }
        for (int t = 0; t < trials.count(); t++) {
            trials.put(trials.lays(List.of(spot.share()), t), t);
        }
        return new Fill(
                Kind.FILL,
                spot.row().id(),
                spot.share().alongRowMm() / spot.row().lengthMm(),
                spot.share().chart(),
                fill,
                most,
                spot.towardRad().isPresent()
                        ? Sentence.of("thrown across the gap, hides ", Quantity.mm2(hides), " of skin")
                        : Sentence.of("hides ", Quantity.mm2(hides), " of skin"),
                spot.towardRad(),
                Optional.empty());
    }

    /** Skin that a half at a spot hides, over all trials, mm². */
    private static double hides(Trials trials, Spot spot) {
        double sum = 0;
        for (int t = 0; t < trials.count(); t++) {
            sum += trials.hides(spot.lays()[t], t);
        }
        return sum;
    }
}
