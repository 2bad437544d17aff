package gyrotaxis.server.visits;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gyrotaxis.core.chair.AtWork;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.Frozen;
import gyrotaxis.server.plans.PlanService;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Worksheets and the heads beneath them, made ready to work with. They never change, so the last few are remembered. */
@Component
class Heads {
    private static final int REMEMBERED = 16;

    private final PlanService plans;
    private final Planning planning;
    private final Cache<UUID, Ready> ready = Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .executor(Runnable::run)
            .build();

    Heads(PlanService plans, Planning planning) {
        this.plans = plans;
        this.planning = planning;
    }

    /**
     * A worksheet, made ready.
     *
     * @param head empty if the sheet was kept without what it was made of
     */
    record Ready(Frozen frozen, WorkSheet sheet, Optional<AtWork> head) {}

    /** What is worked from. */
    Ready of(UUID sheetId) {
        Ready known = ready.getIfPresent(sheetId);
        if (known != null) {
            return known;
        }
        Frozen frozen = plans.frozenSheet(sheetId);
        WorkSheet sheet = frozen.sheet().sheet();
        Ready made = new Ready(frozen, sheet, frozen.basis().map(b -> new AtWork(planning.planThen(b), sheet)));
        ready.put(sheetId, made);
        return made;
    }
}
