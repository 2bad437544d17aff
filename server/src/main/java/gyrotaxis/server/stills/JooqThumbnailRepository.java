package gyrotaxis.server.stills;

import static gyrotaxis.server.db.Tables.STILL;

import gyrotaxis.core.wear.Way;
import gyrotaxis.server.db.tables.records.StillRecord;
import gyrotaxis.server.pictures.Picture;
import gyrotaxis.server.stills.ThumbnailView.KeptStill;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

@Repository
class JooqThumbnailRepository implements ThumbnailRepository {
    private final DSLContext db;

    JooqThumbnailRepository(DSLContext db) {
        this.db = db;
    }

    /** Everything but the picture itself, which a list has no use for. */
    private record Row(
            UUID plan,
            String of,
            double round,
            double up,
            String skin,
            String way,
            Integer part,
            double day,
            boolean isPinned,
            OffsetDateTime keptAt) {

        KeptStill kept() {
            return new KeptStill(
                    of,
                    keptAt.toInstant().toEpochMilli(),
                    new Sight(round, up, skin, Way.valueOf(way), part, day),
                    isPinned);
        }
    }

    @Override
    public Map<UUID, KeptStill> of(Set<UUID> plans) {
        return db
                .select(
                        STILL.PLAN_ID,
                        STILL.DRAWN_FROM,
                        STILL.SEEN_ROUND,
                        STILL.SEEN_UP,
                        STILL.SKIN,
                        STILL.WAY,
                        STILL.PART,
                        STILL.WORN_DAY,
                        STILL.IS_PINNED,
                        STILL.KEPT_AT)
                .from(STILL)
                .where(STILL.PLAN_ID.in(plans))
                .fetch(Records.mapping(Row::new))
                .stream()
                .collect(Collectors.toMap(Row::plan, Row::kept));
    }

    @Override
    public Optional<Picture> picture(UUID plan) {
        return db.selectFrom(STILL)
                .where(STILL.PLAN_ID.eq(plan))
                .fetchOptional(r -> new Picture(r.getJpeg(), r.getWidth(), r.getHeight()));
    }

    @Override
    public void keep(Thumbnail s) {
        StillRecord r = new StillRecord(
                s.plan(),
                s.of(),
                s.seen().round(),
                s.seen().up(),
                s.seen().skin(),
                s.seen().way().name(),
                s.seen().part(),
                s.seen().day(),
                s.isPinned(),
                s.picture().jpeg(),
                s.picture().width(),
                s.picture().height(),
                s.keptAt().atOffset(ZoneOffset.UTC));
        db.insertInto(STILL).set(r).onDuplicateKeyUpdate().set(r).execute();
    }
}
