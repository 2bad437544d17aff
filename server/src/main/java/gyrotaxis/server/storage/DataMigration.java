package gyrotaxis.server.storage;

import static gyrotaxis.server.db.Tables.DONE_ONCE;

import java.time.Clock;
import java.time.ZoneOffset;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Brings what an older version kept up to date, once; later starts do not look for it again. */
@Component
public class DataMigration {
    private final DSLContext db;
    private final Clock clock;

    DataMigration(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /**
     * Does something that was not done with this database yet.
     *
     * @param what tells it from all other such tasks, also those of later versions
     * @param task may be cut off anywhere, and is then done again from its beginning
     */
    public void only(String what, Runnable task) {
        if (!db.fetchExists(DONE_ONCE, DONE_ONCE.WHAT.eq(what))) {
            task.run();
            db.insertInto(DONE_ONCE)
                    .set(DONE_ONCE.WHAT, what)
                    .set(DONE_ONCE.DONE_AT, clock.instant().atOffset(ZoneOffset.UTC))
                    .execute();
        }
    }
}
