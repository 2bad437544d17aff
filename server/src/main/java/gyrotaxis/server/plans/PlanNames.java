package gyrotaxis.server.plans;

import static gyrotaxis.server.db.Tables.CLIENT;
import static gyrotaxis.server.db.Tables.PLAN;

import gyrotaxis.server.book.ClientChanged;
import gyrotaxis.server.shelf.ForWhom;
import gyrotaxis.server.text.NameIndex;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What plans are called and for whom they are; found by any part of either. */
@Component
public class PlanNames implements ForWhom {
    private final DSLContext db;
    private final NameIndex<OnRoll> roll;

    PlanNames(DSLContext db) {
        this.db = db;
        this.roll = new NameIndex<>(
                () -> onRoll(DSL.noCondition()),
                ids -> onRoll(PLAN.ID.in(ids)),
                Comparator.comparing(OnRoll::updatedAt).reversed().thenComparing(OnRoll::id));
    }

    /** A plan as it is searched for: by its name and, behind it, that of her whom it is for. */
    private record OnRoll(UUID id, UUID client, String folded, Instant updatedAt) implements NameIndex.Entry {}

    @Override
    public Map<UUID, Named> named(Set<UUID> plans) {
        return db.select(PLAN.ID, PLAN.NAME, CLIENT.NAME)
                .from(PLAN)
                .join(CLIENT)
                .on(CLIENT.ID.eq(PLAN.CLIENT_ID))
                .where(PLAN.ID.in(plans))
                .fetchMap(r -> r.value1(), r -> new Named(r.value2(), r.value3()));
    }

    /** So many plans that have all words in their name or in that of their client, the last changed first. */
    public Map<UUID, Named> find(List<String> words, int most) {
        List<UUID> ids = roll.find(words).limit(most).map(OnRoll::id).toList();
        Map<UUID, Named> names = named(Set.copyOf(ids));
        Map<UUID, Named> found = new LinkedHashMap<>();
        ids.forEach(id -> found.computeIfAbsent(id, names::get));
        return found;
    }

    /** To be called where a plan is begun, changed or thrown away. */
    void changed(UUID plan) {
        roll.changed(plan);
    }

    @EventListener
    void on(ClientChanged event) {
        roll.changedWhere(plan -> plan.client().equals(event.client()));
    }

    private List<OnRoll> onRoll(Condition which) {
        return db.select(PLAN.ID, PLAN.CLIENT_ID, PLAN.FOLDED, CLIENT.FOLDED, PLAN.UPDATED_AT)
                .from(PLAN)
                .join(CLIENT)
                .on(CLIENT.ID.eq(PLAN.CLIENT_ID))
                .where(which)
                .fetch(r -> new OnRoll(
                        r.value1(),
                        r.value2(),
                        r.value3() + " " + r.value4(),
                        r.value5().toInstant()));
    }
}
