package gyrotaxis.bench;

import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.TailRouter;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Back.FrontTails;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long a foundation takes with all its tails, on a head that is known. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class FoundationBenchmark {
    private static final OwnHair HAIR = OwnHair.of(HairDensity.MEDIUM, 220, Set.of());

    /** Front rows and level passes behind, a spiral, or rows inside a ring of individuals and a perimeter braid. */
    @Param({"8+3", "16+6", "20+8", "spiral", "ring"})
    public String kind;

    private final Scalp scalp = Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)));
    private FoundationBrief brief;

    @Setup
    public void setUp() {
        brief = switch (kind) {
            case "spiral" -> FoundationBrief.of(16, new Back.Spiral(18), 12);
            case "ring" ->
                FoundationBrief.of(16, 6, 12)
                        .withRim(RimBrief.plain()
                                .withPerimeter(Where.ALL_ROUND, 10)
                                .withIndividuals(Individuals.along(Where.ALL_ROUND, 36, 1, 12, false)));
            default -> {
                String[] n = kind.split("\\+");
                yield FoundationBrief.of(
                        Integer.parseInt(n[0]),
                        new Back.Switchback(Integer.parseInt(n[1]), true, FrontTails.THREADED),
                        12);
            }
        };
    }

    @Benchmark
    public Braiding foundationWithTails() {
        return TailRouter.route(layOnly(), List.of(), HAIR);
    }

    @Benchmark
    public Foundation layOnly() {
        return RowLayout.lay(scalp, brief, HAIR);
    }
}
