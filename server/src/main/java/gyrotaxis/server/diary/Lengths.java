package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.plan.SittingTime;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.KnownHands;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.FieldProblems;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How long appointments take for a plan. */
@Component
class Lengths {
    private final PlanService plans;
    private final Planning planning;
    private final KnownHands hands;

    Lengths(PlanService plans, Planning planning, KnownHands hands) {
        this.plans = plans;
        this.planning = planning;
        this.hands = hands;
    }

    /**
     * Minutes for an occasion; as is usual if there is no plan, or none can be made of what is kept.
     *
     * @param by whose hands it is given to; empty for those that the plan was made for
     */
    Estimate of(Occasion occasion, Optional<UUID> plan, Optional<UUID> by) {
        return plan.flatMap(plans::planned)
                .flatMap(p -> minutes(occasion, worked(p, by)))
                .orElse(occasion.usualMinutes());
    }

    /** The plan as hands that are known would work it. */
    private BriefBody worked(Planned plan, Optional<UUID> by) {
        return by.flatMap(id -> plan.brief()
                        .mainHair()
                        .flatMap(line -> Optional.ofNullable(hands.known(Optional.of(id), line))))
                .map(plan.brief()::knowing)
                .orElse(plan.brief());
    }

    private Optional<Estimate> minutes(Occasion occasion, BriefBody brief) {
        try {
            return Optional.of(SittingTime.of(occasion, planning.plan(brief)));
        } catch (FieldProblems cannotBePlanned) {
            return Optional.empty();
        }
    }

    /** What is written into the book: likely, up to the next five minutes. */
    static int rounded(Estimate minutes) {
        return (int) Math.ceil(minutes.likely() / 5) * 5;
    }
}
