package gyrotaxis.core.training;

import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Require;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * Work of the hands against the clock: so many shares split, or knots tied, each then tried by a firm pull.
 *
 * @param knot what was tied; empty where loops were split
 * @param passes of each knot, in [1, {@link Tie#MAX_PASSES}]; 1 where there are none
 * @param pieces how many, in [1, {@link #MAX_PIECES}]
 * @param slipped how many of them gave way, at most all
 * @param seconds how long it took, more than 0 and at most {@link #MAX_SECONDS}
 */
public record Hands(Optional<Knot> knot, int passes, int pieces, int slipped, double seconds, Instant at) {
    public static final int MAX_PIECES = 500;
    public static final double MAX_SECONDS = 3 * 3_600;

    public Hands {
        Require.inRange(passes, 1, Tie.MAX_PASSES, "passes", "");
        Require.inRange(pieces, 1, MAX_PIECES, "pieces", "");
        Require.inRange(slipped, 0, pieces, "slipped", "");
        Require.inRange(seconds, Double.MIN_NORMAL, MAX_SECONDS, "seconds", "s");
    }

    /** How long one took that held, seconds: what slipped has to be done again. Empty where none held. */
    public OptionalDouble secondsEach() {
        int held = pieces - slipped;
        return held == 0 ? OptionalDouble.empty() : OptionalDouble.of(seconds / held);
    }

    /** How long one usually takes somebody, seconds. */
    public Estimate usualSeconds(Speeds speeds) {
        return knot.map(k -> speeds.tieSeconds(Tie.of(k, passes))).orElse(speeds.splitSecondsPerShare());
    }

    /**
     * How long she takes for what usual hands take 1: by the last run of everything that she timed, each counting alike.
     *
     * @param runs the oldest first
     * @return a factor; empty where nothing that she timed held
     */
    public static OptionalDouble pace(List<Hands> runs, Speeds speeds) {
        Map<String, Double> last = new TreeMap<>();
        for (Hands run : runs) {
            run.secondsEach()
                    .ifPresent(s -> last.put(
                            run.knot + " " + run.passes,
                            Math.log(s / run.usualSeconds(speeds).likely())));
        }
        OptionalDouble mean =
                last.values().stream().mapToDouble(Double::doubleValue).average();
        return mean.isPresent() ? OptionalDouble.of(Math.exp(mean.getAsDouble())) : mean;
    }
}
