package gyrotaxis.server.plans;

import static gyrotaxis.server.db.Tables.PATTERN;

import gyrotaxis.server.db.tables.records.PatternRecord;
import gyrotaxis.server.language.FoundationBody;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class JooqPatterns implements Patterns {
    private final DSLContext db;
    private final JsonMapper json;

    JooqPatterns(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    @Override
    public List<Pattern> all() {
        return db.selectFrom(PATTERN)
                .orderBy(PATTERN.NAME, PATTERN.ID)
                .fetch(r -> new Pattern(
                        r.getId(),
                        r.getName(),
                        json.readValue(r.getFoundation(), FoundationBody.class),
                        r.getCreatedAt().toInstant()));
    }

    @Override
    public void add(Pattern p) {
        db.insertInto(PATTERN)
                .set(new PatternRecord(
                        p.id(),
                        p.name(),
                        json.writeValueAsString(p.foundation()),
                        p.createdAt().atOffset(ZoneOffset.UTC)))
                .execute();
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(PATTERN).where(PATTERN.ID.eq(id)).execute() == 1;
    }
}
