package gyrotaxis.core.plan;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.quantity.Estimate;
import java.util.List;

/** How long an appointment takes for a plan, by whoever the plan is made for. */
public final class SittingTime {
    /** Coated hair is rinsed and hung; what dries needs nobody. ASSUMPTION. */
    private static final Estimate RINSING = new Estimate(8, 12, 20);

    /** Packs are opened, ties cut, loops separated, sorted and hung. ASSUMPTION. */
    private static final Estimate LAYING_OUT = new Estimate(6, 10, 15);

    /** Knots are looked over, and every so manyth is tied anew. ASSUMPTION, to be learned from slip checks. */
    private static final double SLIPPED = 0.06;

    private static final Estimate LOOKING_OVER = new Estimate(10, 15, 20);

    private SittingTime() {}

    /** Minutes for an occasion with a plan. */
    public static Estimate of(Occasion occasion, InstallPlan plan) {
        return switch (occasion) {
            case CONSULTATION -> occasion.usualMinutes();
            case PREPARE -> preparing(plan);
            case INSTALL -> plan.time().inChair();
            case FILL -> LOOKING_OVER.plus(minutes(plan, ChairTime.Stage.FILLS));
            case SLIP_CHECK ->
                LOOKING_OVER.plus(minutes(plan, ChairTime.Stage.HOOKING).times(SLIPPED));
            case REFRESH -> backAnew(plan);
            case TAKEDOWN -> plan.takedownMinutes();
        };
    }

    private static Estimate minutes(InstallPlan plan, ChairTime.Stage stage) {
        return plan.time().minutes().getOrDefault(stage, Estimate.exactly(0));
    }

    private static Estimate preparing(InstallPlan plan) {
        Estimate all = plan.time().minutes().entrySet().stream()
                .filter(e -> !e.getKey().isInChair())
                .map(java.util.Map.Entry::getValue)
                .reduce(LAYING_OUT, Estimate::plus);
        return plan.brief().hair().isCoated() ? all.plus(RINSING) : all;
    }

    /** The rows behind are taken down, braided and hooked anew; the top stays. */
    private static Estimate backAnew(InstallPlan plan) {
        List<Station> behind =
                plan.stations().stream().filter(s -> isBehind(s.zone())).toList();
        double part = (double) behind.size() / plan.stations().size();
        return ChairTime.hooking(behind, plan.brief().speeds())
                .plus(minutes(plan, ChairTime.Stage.BRAIDING).times(part))
                .plus(plan.takedownMinutes().times(part));
    }

    private static boolean isBehind(Zone zone) {
        return zone == Zone.BACK || zone == Zone.NAPE;
    }
}
