package gyrotaxis.bench;

import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.FittedHead;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
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

/** How long a plan takes: on a head just measured, and on one that is known, as when rows or hair are changed. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 4, time = 3)
@Fork(1)
public class PlannerBenchmark {
    private static final HeadMeasures HEAD = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);

    /** Rows in front, of which a third run on behind. */
    @Param({"8", "14", "20"})
    public int rows;

    /** Spacing is divided by it; 1.3 gives some 150 stations on 14 rows. */
    @Param({"1.0", "1.3"})
    public double fullness;

    private final Planner planner = new Planner();
    private static final int TURNS = 500;
    private int turn;
    private InstallBrief brief;
    private FittedHead fitted;

    @Setup
    public void setUp() {
        HairLine hair = new HairLine(
                "Slack Water", Texture.DEEP_WAVE, 300, false, 20, 1, 2.52, Money.of(650, "EUR"), false, List.of("ink"));
        brief = InstallBrief.of(HEAD, FoundationBrief.of(rows, rows / 3 + 1, 12), hair)
                .withFullness(fullness);
        fitted = HeadFitter.fit(HEAD);
        System.out.println(planner.plan(brief).stations().size() + " stations");
        assert HookingPlan.FULLNESS.contains(fullness);
    }

    /** Each time a hair fuller or less: the last few plans are remembered, and remembering is not what is measured. */
    @Benchmark
    public List<Finding> planOnAKnownHead() {
        turn = (turn + 1) % TURNS;
        return Findings.of(planner.plan(brief.withFullness(fullness + turn * 1e-7)));
    }

    @Benchmark
    public List<Finding> planOnAHeadJustMeasured() {
        return Findings.of(new Planner().plan(brief));
    }

    @Benchmark
    public FittedHead fitHead() {
        return HeadFitter.fit(HEAD);
    }

    @Benchmark
    public Scalp mapScalp() {
        return Scalp.of(fitted);
    }
}
