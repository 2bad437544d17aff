package gyrotaxis.server.patterns;

import static gyrotaxis.server.db.Tables.PATTERN;

import gyrotaxis.server.db.tables.records.PatternRecord;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.language.FoundationBody;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqPatternRepository implements PatternRepository {
    private final DSLContext db;
    private final StoredDocument kept;

    JooqPatternRepository(DSLContext db, StoredDocument kept) {
        this.db = db;
        this.kept = kept;
    }

    @Override
    public List<Pattern> all() {
        return db.selectFrom(PATTERN)
                .orderBy(PATTERN.NAME, PATTERN.ID)
                .fetch(r -> new Pattern(
                        r.getId(),
                        r.getName(),
                        kept.read(Form.PATTERN, r.getFoundation(), FoundationBody.class)
                                .completed(),
                        r.getCreatedAt().toInstant()));
    }

    @Override
    public void add(Pattern p) {
        db.insertInto(PATTERN)
                .set(new PatternRecord(
                        p.id(),
                        p.name(),
                        kept.write(Form.PATTERN, p.foundation()),
                        p.createdAt().atOffset(ZoneOffset.UTC)))
                .execute();
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(PATTERN).where(PATTERN.ID.eq(id)).execute() == 1;
    }
}
