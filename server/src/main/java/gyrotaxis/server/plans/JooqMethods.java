package gyrotaxis.server.plans;

import static gyrotaxis.server.db.tables.Method.METHOD;

import gyrotaxis.server.db.tables.records.MethodRecord;
import gyrotaxis.server.language.Kept;
import gyrotaxis.server.language.Kept.Form;
import gyrotaxis.server.language.MethodBody;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqMethods implements Methods {
    private final DSLContext db;
    private final Kept kept;

    JooqMethods(DSLContext db, Kept kept) {
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
