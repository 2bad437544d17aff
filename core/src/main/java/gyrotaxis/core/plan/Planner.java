package gyrotaxis.core.plan;

import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.foundation.Braiding;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.StraightBack;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationPlacer;
import gyrotaxis.core.scalp.FittedHead;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Turns a brief into a plan.
 *
 * <p>Pure: equal briefs give equal plans, whatever was planned before. The scalps of the last few heads are remembered,
 * since a stylist changes rows and hair far more often than measures; that saves time and changes nothing else. Safe for
 * use by several threads.
 */
public final class Planner {
    /**
     * A measure further than this from what the others allow is refused, mm: it is a slip of the pen, not an odd head.
     * Between {@link HeadFitter#TOLERANCE_MM} and this, the plan is made and the misfit is a finding.
     */
    public static final double REFUSE_MISFIT_MM = 25;

    private static final int HEADS_REMEMBERED = 32;

    private final Map<HeadMeasures, Scalp> scalps = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<HeadMeasures, Scalp> eldest) {
            return size() > HEADS_REMEMBERED;
        }
    });

    /**
     * The plan that the brief comes to.
     *
     * @throws ContradictoryMeasuresException if a measure is more than {@link #REFUSE_MISFIT_MM} from what the others
     *     allow
     */
    public InstallPlan plan(InstallBrief brief) {
        Scalp scalp = scalp(brief.head());
        Foundation foundation = StraightBack.lay(scalp, brief.foundation(), brief.ownHair());
        Braiding braiding = Braiding.of(foundation, brief.ownHair());
        HookingPlan hooking = HookingPlan.usual(brief.hair().texture(), brief.fullness());
        List<Station> stations = StationPlacer.place(scalp, foundation, hooking);
        LoopTally tally = LoopTally.of(stations.stream().map(Station::share).toList());
        PackCount packs = PackCount.of(tally, brief.hair(), brief.shelfLoops());
        ChairTime time =
                ChairTime.of(foundation.lengthMm(), tally, packs.reserveLoops(), Speeds.usual(brief.installer()));
        double weight = stations.stream().mapToDouble(s -> s.share().ofLoop()).sum()
                * brief.hair().gramsPerLoop();
        return new InstallPlan(
                brief,
                scalp,
                foundation,
                braiding,
                hooking,
                stations,
                tally,
                packs,
                time,
                weight,
                Findings.of(brief, scalp, foundation, braiding));
    }

    private Scalp scalp(HeadMeasures measures) {
        Scalp known = scalps.get(measures);
        if (known != null) {
            return known;
        }
        FittedHead head = HeadFitter.fit(measures);
        head.misfit().filter(m -> Math.abs(m.excessMm()) > REFUSE_MISFIT_MM).ifPresent(m -> {
            throw new ContradictoryMeasuresException(m);
        });
        Scalp made = Scalp.of(head);
        scalps.put(measures, made);
        return made;
    }
}
