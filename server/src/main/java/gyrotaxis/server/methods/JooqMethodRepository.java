package gyrotaxis.server.methods;

import static gyrotaxis.server.db.tables.Method.METHOD;

import gyrotaxis.server.db.tables.records.MethodRecord;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.language.MethodBody;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqMethodRepository implements MethodRepository {
    private final DSLContext db;
    private final StoredDocument kept;

    JooqMethodRepository(DSLContext db, StoredDocument kept) {
        this.db = db;
        this.kept = kept;
    }

    @Override
    public List<KeptMethod> all() {
        return db.selectFrom(METHOD)
                .orderBy(METHOD.NAME, METHOD.ID)
                .fetch(r -> new KeptMethod(
                        r.getId(),
                        r.getName(),
                        kept.read(Form.METHOD, r.getMethod(), MethodBody.class).completed()));
    }

    @Override
    public void add(KeptMethod m) {
        db.insertInto(METHOD)
                .set(new MethodRecord(m.id(), m.name(), kept.write(Form.METHOD, m.method())))
                .execute();
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(METHOD).where(METHOD.ID.eq(id)).execute() == 1;
    }
}
