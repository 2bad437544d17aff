package gyrotaxis.server.find;

import static gyrotaxis.server.db.Tables.CLIENT;
import static gyrotaxis.server.db.Tables.HAIR_LINE;
import static gyrotaxis.server.db.Tables.PLAN;
import static gyrotaxis.server.db.Tables.VISIT;
import static gyrotaxis.server.db.Tables.WORK_SHEET;

import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.plans.PlanNames;
import gyrotaxis.server.shared.Named;
import gyrotaxis.server.storage.DataMigration;
import gyrotaxis.server.text.FoldedText;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/** Finds by any part of a name, accents or not. */
@Component
class Finder implements SmartInitializingSingleton {
    private static final int MAX_OF_A_KIND = 6;
    private static final int FEW = 200;
    private static final int FIRST_LOOK = 500;
    private static final int MORE_EACH_TIME = 8;
    private static final int FOLDED_AT_ONCE = 1_000;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);

    private final DSLContext db;
    private final ClientRepository book;
    private final PlanNames plans;
    private final DataMigration once;

    Finder(DSLContext db, ClientRepository book, PlanNames plans, DataMigration once) {
        this.db = db;
        this.book = book;
        this.plans = plans;
        this.once = once;
    }

    /** What can be found. */
    enum Kind {
        CLIENT,
        PLAN,
        LINE,
        VISIT
    }

    /** Something that was found; {@code under} tells it from others of its name. */
    record Hit(Kind kind, UUID id, String name, String under) {}

    /** All that fits every word of what was typed, those that begin with it first. */
    List<Hit> find(String typed) {
        List<String> words = FoldedText.words(typed);
        List<Hit> hits = new ArrayList<>();
        if (words.isEmpty()) {
            return hits;
        }
        book.find(words, 0, MAX_OF_A_KIND)
                .clients()
                .forEach(c -> hits.add(new Hit(Kind.CLIENT, c.id(), c.name(), c.wishes())));
        plans.find(words, MAX_OF_A_KIND)
                .forEach((id, named) -> hits.add(new Hit(Kind.PLAN, id, named.plan(), named.client())));
        hits.addAll(db.select(HAIR_LINE.ID, HAIR_LINE.NAME, HAIR_LINE.SUPPLIER)
                .from(HAIR_LINE)
                .where(Named.all(HAIR_LINE.FOLDED, words))
                .orderBy(Named.first(HAIR_LINE.FOLDED, words), HAIR_LINE.NAME.asc())
                .limit(MAX_OF_A_KIND)
                .fetch(r -> new Hit(Kind.LINE, r.value1(), r.value2(), r.value3())));
        hits.addAll(visits(words));
        return hits;
    }

    /**
     * The last visits of those whose names fit. Where few fit, theirs are looked up; where many do, the last of all are passed through
     * until there are enough: either way no more is read than a moment's worth.
     */
    private List<Hit> visits(List<String> words) {
        Set<UUID> clients = book.named(words);
        List<UUID> last =
                clients.size() <= FEW ? last(VISIT.CLIENT_ID.in(clients), MAX_OF_A_KIND) : lastOfMany(clients);
        return db.select(VISIT.ID, CLIENT.NAME, WORK_SHEET.PLAN_NAME, VISIT.VISIT_DAY)
                .from(VISIT)
                .join(CLIENT)
                .on(CLIENT.ID.eq(VISIT.CLIENT_ID))
                .join(WORK_SHEET)
                .on(WORK_SHEET.ID.eq(VISIT.SHEET_ID))
                .where(VISIT.ID.in(last))
                .orderBy(VISIT.VISIT_DAY.desc(), VISIT.ID.asc())
                .fetch(r -> new Hit(Kind.VISIT, r.value1(), r.value2(), said(r.value4()) + ", " + r.value3()));
    }

    private List<UUID> last(Condition which, int most) {
        return db.select(VISIT.ID)
                .from(VISIT)
                .where(which)
                .orderBy(VISIT.VISIT_DAY.desc(), VISIT.ID.asc())
                .limit(most)
                .fetch(VISIT.ID);
    }

    private List<UUID> lastOfMany(Set<UUID> clients) {
        for (int most = FIRST_LOOK; ; most *= MORE_EACH_TIME) {
            var rows = db.select(VISIT.ID, VISIT.CLIENT_ID)
                    .from(VISIT)
                    .orderBy(VISIT.VISIT_DAY.desc(), VISIT.ID.asc())
                    .limit(most)
                    .fetch();
            List<UUID> found = rows.stream()
                    .filter(r -> clients.contains(r.value2()))
                    .limit(MAX_OF_A_KIND)
                    .map(r -> r.value1())
                    .toList();
            if (found.size() == MAX_OF_A_KIND || rows.size() < most) {
                return found;
            }
        }
    }

    private static String said(LocalDate day) {
        return DAY.format(day);
    }

    /** Names that were kept before they were searched for are folded once. */
    @Override
    public void afterSingletonsInstantiated() {
        once.only("fold names", () -> {
            fold(CLIENT.ID, CLIENT.NAME, CLIENT.FOLDED);
            fold(PLAN.ID, PLAN.NAME, PLAN.FOLDED);
            fold(HAIR_LINE.ID, HAIR_LINE.NAME, HAIR_LINE.FOLDED);
        });
    }

    private void fold(TableField<?, UUID> id, TableField<?, String> name, TableField<?, String> folded) {
        boolean isMore = true;
        while (isMore) {
            var some = db.select(id, name)
                    .from(id.getTable())
                    .where(folded.isNull())
                    .limit(FOLDED_AT_ONCE)
                    .fetch();
            some.forEach(r -> db.update(id.getTable())
                    .set(folded, FoldedText.of(r.value2()))
                    .where(id.eq(r.value1()))
                    .execute());
            isMore = some.size() == FOLDED_AT_ONCE;
        }
    }
}
