package gyrotaxis.core.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gyrotaxis.core.braiding.BraidSteps;
import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.SelfWork;
import gyrotaxis.core.braiding.TailRouter;
import gyrotaxis.core.care.Pull;
import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.FoundationNeeds;
import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.estimate.Purchase;
import gyrotaxis.core.estimate.Quote;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.hooking.OtherHairs;
import gyrotaxis.core.hooking.WorkOrder;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.scalp.FittedHead;
import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.FallenHair;
import gyrotaxis.core.wear.FallenOther;
import gyrotaxis.core.wear.PartChoice;
import gyrotaxis.core.wear.UpdoCheck;
import gyrotaxis.core.wear.UpdoView;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.stream.IntStream;

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

    /** A plan that was just made is soon asked for again, to be looked at as it is worn. */
    private static final int PLANS_REMEMBERED = 16;

    /** Each head is looked at in three finenesses: on the map, in the hand, and for balancing. */
    private static final int GRIDS_REMEMBERED = 3 * HEADS_REMEMBERED;

    private record HeadKey(HeadMeasures measures, HairlineShape hairline) {}

    private record GridKey(Scalp scalp, int samples) {}

    private final Cache<HeadKey, Scalp> scalps;
    private final Cache<InstallBrief, InstallPlan> plans;
    private final Cache<GridKey, CoverGrid> grids;

    /** A planner that remembers nothing yet. */
    public Planner() {
        this(HEADS_REMEMBERED, PLANS_REMEMBERED, GRIDS_REMEMBERED);
    }

    /** The same with other limits on what it remembers. */
    Planner(int heads, int plans, int grids) {
        this.scalps = lastUsed(heads);
        this.plans = lastUsed(plans);
        this.grids = lastUsed(grids);
    }

    /**
     * The plan that the brief comes to.
     *
     * @throws ContradictoryMeasuresException if a measure is more than {@link #REFUSE_MISFIT_MM} from what the others
     *     allow
     * @throws gyrotaxis.core.foundation.FoundationException if the foundation cannot be laid on this head
     */
    public InstallPlan plan(InstallBrief brief) {
        InstallPlan known = plans.getIfPresent(brief);
        if (known != null) {
            return known;
        }
        InstallPlan made = make(brief);
        plans.put(brief, made);
        return made;
    }

    /** The same for a plan that is only looked at in passing, and so not remembered. */
    public InstallPlan aside(InstallBrief brief) {
        InstallPlan known = plans.getIfPresent(brief);
        return known != null ? known : make(brief);
    }

    private InstallPlan make(InstallBrief brief) {
        Scalp scalp = scalp(brief.head());
        FoundationBrief asked = brief.foundation();
        List<Region> regions = brief.head().regions();
        Foundation foundation = RowLayout.lay(scalp, asked, brief.ownHair(), regions);
        Braiding braiding = TailRouter.route(
                foundation,
                asked.tails(),
                brief.ownHair(),
                brief.hooking().method().looseTails().end());
        Hooked hooked = hook(brief, scalp, foundation);
        SelfWork selfWork = SelfWork.of(
                scalp,
                foundation,
                hooked.stations().stream()
                        .filter(st -> st.tie().knot() == Knot.DOUBLE_ENTRY && st.zone() != Zone.FRONT)
                        .count());
        Method method = brief.hooking().method();
        Purchase packs = purchase(brief, hooked);
        ChairTime time = ChairTime.of(
                new ChairTime.Job(
                        scalp,
                        foundation,
                        braiding,
                        asked.rim().individuals(),
                        hooked,
                        packs.reserveLoops(),
                        // Down with each part, or with none, and every other way that was named.
                        Math.max(1, foundation.parts().size())
                                + (int) brief.consultation().ways().stream()
                                        .filter(w -> w != Way.DOWN)
                                        .count(),
                        brief.consultation().finish()),
                brief.speeds());
        List<FoundationNeeds.Need> needs = FoundationNeeds.of(scalp, foundation, braiding, asked, regions);
        List<RowPull> pull = Pull.of(
                scalp, foundation, hooked, brief.ownHair(), brief.spared().pulled());
        List<UpdoView> updos = UpdoCheck.of(scalp, foundation, braiding, asked.rim(), hooked.stations());
        return new InstallPlan(
                brief,
                scalp,
                foundation,
                braiding,
                BraidSteps.of(foundation, braiding, asked),
                selfWork,
                hooked,
                WorkOrder.of(method.order(), foundation, hooked.stations()),
                packs,
                Quote.of(packs.cost(), needs, time.inChair().likely(), method.terms()),
                needs,
                time,
                hooked.stations().stream().mapToDouble(hooked::gramsOf).sum(),
                pull,
                PartChoice.of(foundation, braiding, asked.flanks()),
                updos);
    }

    /** Tidied up by whoever uses it, so that no more is ever held than is said. */
    private static <K, V> Cache<K, V> lastUsed(int most) {
        return Caffeine.newBuilder().maximumSize(most).executor(Runnable::run).build();
    }

    /** How many heads, plans and grids are held in all. */
    long remembered() {
        scalps.cleanUp();
        plans.cleanUp();
        grids.cleanUp();
        return scalps.estimatedSize() + plans.estimatedSize() + grids.estimatedSize();
    }

    /** The rows that a brief asks for; one step of a plan, for those who try many. */
    public Foundation foundation(InstallBrief brief) {
        return RowLayout.lay(
                scalp(brief.head()),
                brief.foundation(),
                brief.ownHair(),
                brief.head().regions());
    }

    /** The head hooked by a brief, on a foundation that is laid already. */
    public static Hooked hook(InstallBrief brief, Scalp scalp, Foundation foundation) {
        Hooked hooked = Hooker.hook(
                scalp,
                foundation,
                brief.hairAsKnown(),
                brief.fullness(),
                brief.hooking(),
                brief.demand(),
                brief.spared().hooked(),
                brief.foundation().rim().setBackMm());
        return hooked.beside(OtherHairs.of(
                scalp,
                foundation,
                brief.foundation(),
                brief.ownHair(),
                brief.head().regions(),
                hooked.hairs().get(0).line()));
    }

    /** How a plan looks in a way of wearing, on the day of the install. */
    public WearView wear(InstallPlan plan, Worn worn) {
        return wear(plan, worn, 0, FallSimulator.USUAL_SAMPLES);
    }

    /**
     * How a plan looks.
     *
     * @param day days after the install, in [0, {@link gyrotaxis.core.hair.Loft#LAST_DAY}]
     * @param samples how finely the scalp is looked at, in {@link CoverGrid#SAMPLES}
     */
    public WearView wear(InstallPlan plan, Worn worn, double day, int samples) {
        return Wearing.of(plan, grid(plan.scalp(), samples), worn, day);
    }

    /**
     * How the hair of every station of a plan lies and hangs.
     *
     * @param day days after the install, in [0, {@link gyrotaxis.core.hair.Loft#LAST_DAY}]
     */
    public List<FallenHair> hair(InstallPlan plan, Worn worn, double day) {
        CoverGrid grid = grid(plan.scalp(), FallSimulator.USUAL_SAMPLES);
        return FallSimulator.hair(grid, plan.foundation(), plan.hooked(), worn, day);
    }

    /** How a plan's wefts and left-out hair lie and hang. */
    public List<FallenOther> otherHair(InstallPlan plan, Worn worn, double day) {
        CoverGrid grid = grid(plan.scalp(), FallSimulator.USUAL_SAMPLES);
        return FallSimulator.otherHair(grid, plan.foundation(), plan.hooked(), worn, day);
    }

    /** The grid of a scalp, remembered. */
    public CoverGrid grid(Scalp scalp, int samples) {
        return grids.get(new GridKey(scalp, samples), k -> CoverGrid.of(k.scalp(), k.samples()));
    }

    /** What to buy for a head that is hooked: of the main hair what is in hand is used first. */
    public static Purchase purchase(InstallBrief brief, Hooked hooked) {
        int reserve = brief.reservePercent();
        double usedForEach = brief.learned().orUsual(Known.LOOPS);
        for (int k = 1; k < hooked.bought(); k++) {
            HairLine other = hooked.hairs().get(k).line();
            if (!other.packPrice().currency().equals(brief.hair().packPrice().currency())) {
                throw new HookingException(
                        HookingException.Wish.MIX,
                        k - 1,
                        other.name() + " is priced in " + other.packPrice().currency() + " and "
                                + brief.hair().name() + " in "
                                + brief.hair().packPrice().currency()
                                + ". Price both in one currency to count what they cost together.");
            }
        }
        return new Purchase(IntStream.range(0, hooked.bought())
                .mapToObj(k -> PackCount.of(
                        hooked.loopsOf(k),
                        hooked.hairs().get(k).line(),
                        k == 0 ? loopsInHand(brief) : 0,
                        reserve,
                        usedForEach))
                .toList());
    }

    private static int loopsInHand(InstallBrief brief) {
        return Math.min(PackCount.MAX_SHELF_LOOPS, brief.shelfLoops() + brief.broughtLoops());
    }

    /** The scalp of a head, remembered. */
    public Scalp scalp(HeadRecord head) {
        HeadKey key = new HeadKey(head.measures(), head.hairline());
        Scalp known = scalps.getIfPresent(key);
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
