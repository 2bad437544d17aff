package gyrotaxis.server.practice;

import gyrotaxis.core.practice.KnotTrial;
import gyrotaxis.core.quantity.Estimate;
import java.util.List;

/**
 * What comes of a share that is tied in some way.
 *
 * @param score against what it takes to last for the weeks that were asked; 1 just lasts
 * @param weeks for how many it lasts
 * @param mostWeeks more are not counted
 * @param isHidden whether its knot is not seen beside a part or at an edge
 * @param factors what the score is a product of
 * @param byPasses the same with other passes
 */
record KnotView(
        double score,
        boolean lasts,
        int weeks,
        int mostWeeks,
        double grams,
        double widthMm,
        boolean isHidden,
        SecondsView tie,
        SecondsView takeOut,
        List<FactorView> factors,
        List<PassedView> byPasses) {
    private static final double HUNDREDTHS = 100;

    /** Seconds, from low to high. */
    record SecondsView(double low, double likely, double high) {
        static SecondsView of(Estimate e) {
            return new SecondsView(hundredth(e.low()), hundredth(e.likely()), hundredth(e.high()));
        }
    }

    /** A reason for holding or sliding; more than 1 holds better. */
    record FactorView(String words, double factor) {}

    /** As many passes, the weeks for which it lasts then, and the seconds it takes. */
    record PassedView(int passes, int weeks, double seconds) {}

    static KnotView of(KnotTrial t, List<KnotTrial.Passed> byPasses) {
        return new KnotView(
                hundredth(t.hold().score()),
                t.hold().lasts(),
                t.weeks(),
                KnotTrial.MAX_WEEKS,
                hundredth(t.grams()),
                hundredth(t.widthMm()),
                t.isHidden(),
                SecondsView.of(t.tieSeconds()),
                SecondsView.of(t.takeOutSeconds()),
                t.hold().factors().stream()
                        .map(f -> new FactorView(f.words(), hundredth(f.factor())))
                        .toList(),
                byPasses.stream()
                        .map(p -> new PassedView(
                                p.passes(), p.weeks(), hundredth(p.tieSeconds().likely())))
                        .toList());
    }

    private static double hundredth(double x) {
        return Math.rint(x * HUNDREDTHS) / HUNDREDTHS;
    }
}
