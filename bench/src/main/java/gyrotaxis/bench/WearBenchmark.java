package gyrotaxis.bench;

import gyrotaxis.core.balance.Balance;
import gyrotaxis.core.balance.BalanceGoal;
import gyrotaxis.core.balance.Balancer;
import gyrotaxis.core.balance.FillTrial;
import gyrotaxis.core.balance.Fills;
import gyrotaxis.core.balance.Progress;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
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

/** How long it takes to see what shows, and to balance a head. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 4, time = 3)
@Fork(1)
public class WearBenchmark {
    private static final HeadMeasures HEAD = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);

    /** Cells the scalp is divided into. */
    @Param({"3000", "12000"})
    public int samples;

    /** Spacing is divided by it; 1.3 gives some 150 stations on 14 rows. */
    @Param({"0.8", "1.3"})
    public double fullness;

    private final Planner planner = new Planner();
    private final Balancer balancer = new Balancer(planner);
    private InstallBrief brief;
    private InstallPlan plan;
    private InstallPlan thin;
    private CoverGrid grid;

    @Setup
    public void setUp() {
        HairLine hair = new HairLine(
                "Slack Water", Texture.DEEP_WAVE, 300, false, 20, 1, 2.52, Money.of(650, "EUR"), false, List.of("ink"));
        brief = InstallBrief.of(HEAD, FoundationBrief.of(14, 5, 12), hair).withFullness(fullness);
        plan = planner.plan(brief);
        thin = planner.plan(brief.withFullness(0.6)
                .withFoundation(brief.foundation()
                        .withParts(List.of(WearingPart.straight(-40), WearingPart.straight(40)), FlankSchool.FINE_ROWS))
                .withConsultation(Consultation.plain().wornAs(Set.of(Way.DOWN, Way.HIGH_PONYTAIL))));
        grid = CoverGrid.of(plan.scalp(), samples);
        System.out.println(plan.stations().size() + " stations");
    }

    @Benchmark
    public Cover wornDown() {
        return FallSimulator.cover(grid, plan.foundation(), plan.hooked(), Worn.as(Way.DOWN));
    }

    @Benchmark
    public Cover highPonytail() {
        return FallSimulator.cover(grid, plan.foundation(), plan.hooked(), Worn.as(Way.HIGH_PONYTAIL));
    }

    @Benchmark
    public Balance fewestLoops() {
        return balancer.balance(brief, new BalanceGoal.Fewest(0.06), Progress.UNSEEN);
    }

    /** Two parts and a ponytail tried, on a head with little hair. */
    @Benchmark
    public Fills fills() {
        return FillTrial.of(planner, thin);
    }

    @Benchmark
    public CoverGrid makeGrid() {
        return CoverGrid.of(plan.scalp(), samples);
    }
}
