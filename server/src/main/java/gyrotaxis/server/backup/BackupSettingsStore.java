package gyrotaxis.server.backup;

import static gyrotaxis.server.db.Tables.BACKUP_WISH;

import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What is wished of backups, kept in the one row of its table. */
@Repository
class BackupSettingsStore {
    private final DSLContext db;

    BackupSettingsStore(DSLContext db) {
        this.db = db;
    }

    @Transactional(readOnly = true)
    public BackupSettings now() {
        return db.selectFrom(BACKUP_WISH)
                .fetchSingle(r -> new BackupSettings(r.getFolder(), BackupInterval.valueOf(r.getEvery()), r.getKept()));
    }

    @Transactional
    public void keep(BackupSettings wish) {
        db.update(BACKUP_WISH)
                .set(BACKUP_WISH.FOLDER, wish.folder())
                .set(BACKUP_WISH.EVERY, wish.every().name())
                .set(BACKUP_WISH.KEPT, wish.kept())
                .execute();
    }
}
