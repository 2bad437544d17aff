package gyrotaxis.core.practice;

import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Money;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A share tied in some way, to be seen what comes of it.
 *
 * @param hold how well it holds, for the weeks that were asked
 * @param weeks for how many it lasts, worn so; 0 if for none, at most {@link #MAX_WEEKS}
 * @param grams what the share weighs, g
 * @param widthMm how much room its knot takes on the row, mm
 * @param isHidden whether its knot is not seen beside a part or at an edge
 * @param tieSeconds to tie it, with the reach for the next, s
 * @param takeOutSeconds to cut it and draw it out, s
 */
public record KnotTrial(
        Hold hold,
        int weeks,
        double grams,
        double widthMm,
        boolean isHidden,
        Estimate tieSeconds,
        Estimate takeOutSeconds) {
    /** Longer is nothing worn. */
    public static final int MAX_WEEKS = 16;

    private static final double USUAL_LENGTH_MM = 400;

    /** The same with as many passes, so that it is seen what each is worth. */
    public record Passed(int passes, int weeks, Estimate tieSeconds) {}

    /** Hair of a texture to try knots on: 40 cm, its loops as thick as usual. */
    public static HairLine usualHair(Texture texture) {
        return new HairLine(
                "Practice hair",
                texture,
                USUAL_LENGTH_MM,
                false,
                20,
                1,
                texture.usualGramsPerM() * USUAL_LENGTH_MM / 1000,
                Money.of(650, "EUR"),
                false,
                List.of("ink"));
    }

    /**
     * Tries a tie.
     *
     * @param demand how it is worn, and for how long it is meant
     * @param speeds of the hands that tie it
     */
    public static KnotTrial of(HairLine hair, Share share, Tie tie, Demand demand, Speeds speeds) {
        Slip slip = Slip.usual(hair.texture());
        return new KnotTrial(
                Hold.of(slip, share, tie, demand),
                weeks(slip, share, tie, demand),
                hair.gramsPerLoop() * share.ofLoop(),
                SeatedShare.widthMm(hair, share),
                tie.knot().isHidden(),
                speeds.tieSeconds(tie),
                InstallPlan.takeOutSeconds(tie));
    }

    /** The same tie with one pass, two, and so on; only it itself where it has none. */
    public static List<Passed> byPasses(HairLine hair, Share share, Tie tie, Demand demand, Speeds speeds) {
        Slip slip = Slip.usual(hair.texture());
        int most = tie.knot().hasPasses() ? Tie.MAX_PASSES : 1;
        return IntStream.rangeClosed(1, most)
                .mapToObj(n -> {
                    Tie passed = tie.knot().hasPasses() ? tie.passing(n) : tie;
                    return new Passed(n, weeks(slip, share, passed, demand), speeds.tieSeconds(passed));
                })
                .toList();
    }

    private static int weeks(Slip slip, Share share, Tie tie, Demand d) {
        return (int) IntStream.rangeClosed(1, MAX_WEEKS)
                .takeWhile(w -> Hold.wouldLast(
                        slip, share, tie, new Demand(w, d.sports(), d.swims(), d.isWindy(), d.goesUp(), d.side())))
                .count();
    }
}
