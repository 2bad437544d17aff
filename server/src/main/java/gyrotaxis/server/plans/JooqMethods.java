package gyrotaxis.server.plans;

import static gyrotaxis.server.db.tables.Method.METHOD;

import gyrotaxis.server.db.tables.records.MethodRecord;
import gyrotaxis.server.language.MethodBody;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class JooqMethods implements Methods {
    private final DSLContext db;
    private final JsonMapper json;

    JooqMethods(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    @Override
    public List<KeptMethod> all() {
        return db.selectFrom(METHOD)
                .orderBy(METHOD.NAME, METHOD.ID)
                .fetch(r -> new KeptMethod(r.getId(), r.getName(), json.readValue(r.getMethod(), MethodBody.class)));
    }

    @Override
    public void add(KeptMethod m) {
        db.insertInto(METHOD)
                .set(new MethodRecord(m.id(), m.name(), json.writeValueAsString(m.method())))
                .execute();
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(METHOD).where(METHOD.ID.eq(id)).execute() == 1;
    }
}
