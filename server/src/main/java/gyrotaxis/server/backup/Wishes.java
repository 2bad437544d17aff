package gyrotaxis.server.backup;

import static gyrotaxis.server.db.Tables.BACKUP_WISH;

import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What is wished of backups, kept in the one row of its table. */
@Repository
class Wishes {
    private final DSLContext db;

    Wishes(DSLContext db) {
        this.db = db;
    }

    @Transactional(readOnly = true)
    public Wish now() {
        return db.selectFrom(BACKUP_WISH)
                .fetchSingle(r -> new Wish(r.getFolder(), Every.valueOf(r.getEvery()), r.getKept()));
    }

    @Transactional
    public void keep(Wish wish) {
        db.update(BACKUP_WISH)
                .set(BACKUP_WISH.FOLDER, wish.folder())
                .set(BACKUP_WISH.EVERY, wish.every().name())
                .set(BACKUP_WISH.KEPT, wish.kept())
                .execute();
    }
}
