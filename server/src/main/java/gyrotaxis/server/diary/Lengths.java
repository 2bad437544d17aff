package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.plan.SittingTime;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanDesk;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.FieldProblems;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How long appointments take for a plan. */
@Component
class Lengths {
    private final PlanDesk plans;
    private final Planning planning;

    Lengths(PlanDesk plans, Planning planning) {
        this.plans = plans;
        this.planning = planning;
    }

    /** Minutes for an occasion; as is usual if there is no plan, or none can be made of what is kept. */
    Estimate of(Occasion occasion, Optional<UUID> plan) {
        return plan.flatMap(plans::planned).flatMap(p -> minutes(occasion, p)).orElse(occasion.usualMinutes());
    }

    private Optional<Estimate> minutes(Occasion occasion, Planned plan) {
        try {
            return Optional.of(SittingTime.of(occasion, planning.plan(plan.brief())));
        } catch (FieldProblems cannotBePlanned) {
            return Optional.empty();
        }
    }

    /** What is written into the book: likely, up to the next five minutes. */
    static int rounded(Estimate minutes) {
        return (int) Math.ceil(minutes.likely() / 5) * 5;
    }
}
