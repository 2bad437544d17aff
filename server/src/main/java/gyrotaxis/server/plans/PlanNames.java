package gyrotaxis.server.plans;

import static gyrotaxis.server.db.Tables.CLIENT;
import static gyrotaxis.server.db.Tables.PLAN;

import gyrotaxis.server.shelf.ForWhom;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

@Component
class PlanNames implements ForWhom {
    private final DSLContext db;

    PlanNames(DSLContext db) {
        this.db = db;
    }

    @Override
    public Map<UUID, Named> named(Set<UUID> plans) {
        return db.select(PLAN.ID, PLAN.NAME, CLIENT.NAME)
                .from(PLAN)
                .join(CLIENT)
                .on(CLIENT.ID.eq(PLAN.CLIENT_ID))
                .where(PLAN.ID.in(plans))
                .fetchMap(r -> r.value1(), r -> new Named(r.value2(), r.value3()));
    }
}
