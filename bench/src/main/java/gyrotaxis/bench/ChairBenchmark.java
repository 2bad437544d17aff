package gyrotaxis.bench;

import gyrotaxis.core.chair.Adjustments;
import gyrotaxis.core.chair.AtWork;
import gyrotaxis.core.chair.Course;
import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.Forecast;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.chair.VisitState;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Way;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
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

/** How long it takes to fold a visit, to forecast it, and to find what else can be done when the hair will not last. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 4, time = 3)
@Fork(1)
public class ChairBenchmark {
    private static final Instant NINE = Instant.parse("2026-11-27T09:00:00Z");

    /** Things that happened. */
    @Param({"200", "2000"})
    public int events;

    private final Planner planner = new Planner();
    private WorkSheet sheet;
    private AtWork head;
    private List<RecordedEvent> happened;
    private VisitState state;

    @Setup
    public void setUp() {
        HairLine hair = new HairLine(
                "Slack Water", Texture.DEEP_WAVE, 300, false, 20, 1, 2.52, Money.of(650, "EUR"), false, List.of("ink"));
        InstallPlan plan = planner.plan(InstallBrief.of(
                        HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                        FoundationBrief.of(14, 5, 12)
                                .withParts(
                                        List.of(WearingPart.straight(-40), WearingPart.straight(40)),
                                        FlankSchool.FINE_ROWS),
                        hair)
                .withConsultation(Consultation.plain().wornAs(Set.of(Way.DOWN, Way.HIGH_PONYTAIL))));
        sheet = WorkSheetWriter.of(plan);
        head = new AtWork(plan, sheet);
        happened = new ArrayList<>();
        int there = sheet.supplies().get(0).plannedLoops();
        happens(new VisitEvent.StageBegun(Stage.HOOK));
        happens(new VisitEvent.BundleOpened(0, "", OptionalInt.of(there)));
        int half = sheet.shares().size() / 2;
        for (int i = 0; happened.size() < events - 1; i++) {
            var ref = sheet.shares().get(i % half).ref();
            happens(
                    i / half % 2 == 0
                            ? new VisitEvent.SharesHooked(List.of(ref))
                            : i % 3 == 0
                                    ? new VisitEvent.ShareSlipped(ref)
                                    : new VisitEvent.SharesHooked(List.of(ref)));
        }
        for (int i = 0; i < half; i++) {
            happens(new VisitEvent.SharesHooked(List.of(sheet.shares().get(i).ref())));
        }
        happens(new VisitEvent.RestCounted(0, there * 0.2));
        state = VisitState.of(sheet, happened);
        System.out.println(happened.size() + " events, "
                + Adjustments.of(planner, head, state).options().size() + " options");
    }

    private void happens(VisitEvent what) {
        long n = happened.size() + 1L;
        happened.add(new RecordedEvent(new EventId("tablet", n), n, NINE.plusSeconds(10 * n), what));
    }

    @Benchmark
    public VisitState fold() {
        return VisitState.of(sheet, happened);
    }

    @Benchmark
    public Forecast forecast() {
        return Forecast.of(state);
    }

    @Benchmark
    public Course course() {
        return Course.of(sheet, happened);
    }

    @Benchmark
    public Adjustments adjustments() {
        return Adjustments.of(planner, head, state);
    }
}
