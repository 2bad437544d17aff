package gyrotaxis.server.learning;

import static gyrotaxis.server.db.Tables.LESSON_REFUSED;
import static gyrotaxis.server.db.Tables.VISIT;
import static gyrotaxis.server.db.Tables.VISIT_LESSON;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.learn.Seen;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.server.db.tables.records.LessonRefusedRecord;
import gyrotaxis.server.db.tables.records.VisitLessonRecord;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

@Repository
class JooqLessonRepository implements LessonRepository {
    private final DSLContext db;

    JooqLessonRepository(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<Kept> latest(Optional<UUID> stylist, int most) {
        return db.selectFrom(VISIT_LESSON)
                .where(stylist.map(VISIT_LESSON.STYLIST_ID::eq).orElse(DSL.noCondition()))
                .orderBy(VISIT_LESSON.VISIT_DAY.desc(), VISIT_LESSON.VISIT_ID)
                .limit(most)
                .fetch(JooqLessonRepository::kept);
    }

    @Override
    public Optional<Kept> lastOf(UUID client, UUID line) {
        return db.select(VISIT_LESSON.fields())
                .from(VISIT_LESSON)
                .join(VISIT)
                .on(VISIT.ID.eq(VISIT_LESSON.VISIT_ID))
                .where(VISIT.CLIENT_ID.eq(client).and(VISIT_LESSON.LINE_ID.eq(line)))
                .orderBy(VISIT_LESSON.VISIT_DAY.desc(), VISIT_LESSON.VISIT_ID)
                .limit(1)
                .fetchOptional(r -> kept(r.into(VISIT_LESSON)));
    }

    @Override
    public void keep(Kept k) {
        Seen s = k.seen();
        boolean isLeftOut = db.fetchExists(
                VISIT_LESSON, VISIT_LESSON.VISIT_ID.eq(s.visit()).and(VISIT_LESSON.IS_LEFT_OUT.isTrue()));
        db.deleteFrom(VISIT_LESSON).where(VISIT_LESSON.VISIT_ID.eq(s.visit())).execute();
        db.insertInto(VISIT_LESSON)
                .set(new VisitLessonRecord(
                        s.visit(),
                        s.day(),
                        s.stylist().orElse(null),
                        s.texture().name(),
                        s.line().map(LineId::value).orElse(null),
                        k.fullness(),
                        k.usedLoops(),
                        written(s.values()),
                        isLeftOut))
                .execute();
    }

    @Override
    public boolean leaveOut(UUID visit, boolean isLeftOut) {
        return db.update(VISIT_LESSON)
                        .set(VISIT_LESSON.IS_LEFT_OUT, isLeftOut)
                        .where(VISIT_LESSON.VISIT_ID.eq(visit))
                        .execute()
                == 1;
    }

    @Override
    public Set<Known> refused(UUID stylist) {
        Set<Known> all = EnumSet.noneOf(Known.class);
        db.selectFrom(LESSON_REFUSED)
                .where(LESSON_REFUSED.STYLIST_ID.eq(stylist))
                .forEach(r -> all.add(Known.valueOf(r.getWhat())));
        return all;
    }

    @Override
    public void refuse(UUID stylist, Known what, boolean isRefused) {
        db.deleteFrom(LESSON_REFUSED)
                .where(LESSON_REFUSED.STYLIST_ID.eq(stylist).and(LESSON_REFUSED.WHAT.eq(what.name())))
                .execute();
        if (isRefused) {
            db.insertInto(LESSON_REFUSED)
                    .set(new LessonRefusedRecord(stylist, what.name()))
                    .execute();
        }
    }

    /** One figure a word: {@code BRAIDING=1.08}. */
    private static String written(Map<Known, Double> values) {
        return values.entrySet().stream()
                .map(e -> e.getKey().name() + "=" + e.getValue())
                .collect(Collectors.joining(" "));
    }

    private static Map<Known, Double> read(String written) {
        EnumMap<Known, Double> values = new EnumMap<>(Known.class);
        for (String one : written.split(" ")) {
            String[] parts = one.split("=", 2);
            if (parts.length == 2) {
                values.put(Known.valueOf(parts[0]), Double.valueOf(parts[1]));
            }
        }
        return values;
    }

    private static Kept kept(VisitLessonRecord r) {
        return new Kept(
                new Seen(
                        r.getVisitId(),
                        r.getVisitDay(),
                        Optional.ofNullable(r.getStylistId()),
                        Texture.valueOf(r.getTexture()),
                        Optional.ofNullable(r.getLineId()).map(LineId::new),
                        read(r.getSeen())),
                r.getFullness(),
                r.getUsedLoops(),
                r.getIsLeftOut());
    }
}
