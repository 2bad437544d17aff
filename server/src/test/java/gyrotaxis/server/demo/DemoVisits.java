package gyrotaxis.server.demo;

import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.Frozen;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.visits.VisitService;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/** Three visits of today: one half-way through a head, one finished with pictures, one not begun. */
class DemoVisits {
    /** Somewhat slower than planned, and somewhat more hair. */
    private static final DemoWalk.Way USUAL = new DemoWalk.Way(1.1, 1.25, 0, 0, "Orla");

    private static final Duration SINCE_FINISHED = Duration.ofHours(1);
    private static final Duration SINCE_LAST = Duration.ofMinutes(1);

    private final VisitService visits;
    private final PlanService plans;
    private final Planning planning;
    private final Planner planner;
    private final Clock clock;

    DemoVisits(VisitService visits, PlanService plans, Planning planning, Planner planner, Clock clock) {
        this.visits = visits;
        this.plans = plans;
        this.planning = planning;
        this.planner = planner;
        this.clock = clock;
    }

    UUID notBegun(UUID plan) {
        return begin(plan);
    }

    UUID halfWay(UUID plan) {
        UUID visit = begin(plan);
        DemoWalk walk = new DemoWalk(sheet(visit), 0.5, USUAL);
        visits.tell(visit, walk.until(clock.instant().minus(SINCE_LAST)));
        return visit;
    }

    UUID finished(UUID plan) {
        UUID visit = begin(plan);
        DemoWalk walk = new DemoWalk(sheet(visit), 1, USUAL);
        Frozen frozen = visits.frozen(visit);
        StoredPlan basis = frozen.basis().orElseThrow();
        InstallPlan made = planning.planThen(basis);
        for (DemoPicture.From from : DemoPicture.From.values()) {
            UUID picture = UUID.randomUUID();
            byte[] png = DemoPicture.of(made, planner.hair(made, Worn.as(Way.DOWN), 0), from);
            visits.picture(visit, picture, png);
            walk.happens(new VisitEvent.Pictured(picture.toString()));
        }
        walk.happens(
                new VisitEvent.Noted("Two bundles less behind would have done. She likes it flatter at the nape."));
        walk.happens(new VisitEvent.Finished());
        visits.tell(visit, walk.until(clock.instant().minus(SINCE_FINISHED)));
        return visit;
    }

    private UUID begin(UUID plan) {
        UUID id = UUID.randomUUID();
        visits.begin(id, plan, Optional.empty(), LocalDate.now(clock));
        return id;
    }

    private StoredWorksheet sheet(UUID visit) {
        return visits.frozen(visit).sheet();
    }
}
