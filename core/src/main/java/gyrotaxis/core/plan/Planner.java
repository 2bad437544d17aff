package gyrotaxis.core.plan;

import gyrotaxis.core.braiding.BraidSteps;
import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.SelfWork;
import gyrotaxis.core.braiding.TailRouter;
import gyrotaxis.core.care.Pull;
import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.FoundationNeeds;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RowLayout;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationPlacer;
import gyrotaxis.core.scalp.FittedHead;
import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.wear.PartChoice;
import gyrotaxis.core.wear.UpdoCheck;
import gyrotaxis.core.wear.UpdoView;
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

    private record HeadKey(HeadMeasures measures, HairlineShape hairline) {}

    private final Map<HeadKey, Scalp> scalps = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<HeadKey, Scalp> eldest) {
            return size() > HEADS_REMEMBERED;
        }
    });

    /**
     * The plan that the brief comes to.
     *
     * @throws ContradictoryMeasuresException if a measure is more than {@link #REFUSE_MISFIT_MM} from what the others
     *     allow
     * @throws gyrotaxis.core.foundation.FoundationException if the foundation cannot be laid on this head
     */
    public InstallPlan plan(InstallBrief brief) {
        Scalp scalp = scalp(brief.head());
        FoundationBrief asked = brief.foundation();
        List<Region> regions = brief.head().regions();
        Foundation foundation = RowLayout.lay(scalp, asked, brief.ownHair(), regions);
        Braiding braiding = TailRouter.route(foundation, asked.tails(), brief.ownHair());
        SelfWork selfWork = SelfWork.of(scalp, foundation);
        HookingPlan hooking = HookingPlan.usual(brief.hair().texture(), brief.fullness());
        List<Station> stations =
                StationPlacer.place(scalp, foundation, hooking, asked.rim().setBackMm());
        LoopTally tally = LoopTally.of(stations.stream().map(Station::share).toList());
        PackCount packs = PackCount.of(tally, brief.hair(), loopsInHand(brief));
        ChairTime time =
                ChairTime.of(foundation.lengthMm(), tally, packs.reserveLoops(), Speeds.usual(brief.installer()));
        List<RowPull> pull = Pull.of(scalp, foundation, stations, brief.hair(), brief.ownHair(), regions);
        List<UpdoView> updos = UpdoCheck.of(scalp, foundation, braiding, asked.rim());
        LaidHead laid = new LaidHead(brief, scalp, foundation, braiding, selfWork, stations, time, pull, updos);
        return new InstallPlan(
                brief,
                scalp,
                foundation,
                braiding,
                BraidSteps.of(foundation, braiding, asked),
                selfWork,
                hooking,
                stations,
                tally,
                packs,
                FoundationNeeds.of(scalp, foundation, asked, regions),
                time,
                weight(stations, brief.hair()),
                pull,
                PartChoice.of(foundation, braiding),
                updos,
                Findings.of(laid));
    }

    private static int loopsInHand(InstallBrief brief) {
        int brought = brief.consultation().ownPacks() * brief.hair().loopsPerPack();
        return Math.min(PackCount.MOST_SHELF_LOOPS, brief.shelfLoops() + brought);
    }

    private static double weight(List<Station> stations, HairLine hair) {
        return stations.stream().mapToDouble(s -> s.share().ofLoop()).sum() * hair.gramsPerLoop();
    }

    private Scalp scalp(HeadRecord head) {
        HeadKey key = new HeadKey(head.measures(), head.hairline());
        Scalp known = scalps.get(key);
        if (known != null) {
            return known;
        }
        FittedHead fitted = HeadFitter.fit(head.measures());
        fitted.misfit().filter(m -> Math.abs(m.excessMm()) > REFUSE_MISFIT_MM).ifPresent(m -> {
            throw new ContradictoryMeasuresException(m);
        });
        Scalp made = Scalp.of(fitted, head.hairline());
        scalps.put(key, made);
        return made;
    }
}
