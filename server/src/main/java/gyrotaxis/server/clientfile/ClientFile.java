package gyrotaxis.server.clientfile;

import static gyrotaxis.server.db.Tables.APPOINTMENT;
import static gyrotaxis.server.db.Tables.CLIENT;
import static gyrotaxis.server.db.Tables.CONSENT;
import static gyrotaxis.server.db.Tables.FOLLOW_UP;
import static gyrotaxis.server.db.Tables.HEAD;
import static gyrotaxis.server.db.Tables.PLAN;
import static gyrotaxis.server.db.Tables.STILL;
import static gyrotaxis.server.db.Tables.VISIT;
import static gyrotaxis.server.db.Tables.VISIT_EVENT;
import static gyrotaxis.server.db.Tables.VISIT_PICTURE;
import static gyrotaxis.server.db.Tables.WORK_SHEET;

import gyrotaxis.server.shared.NotFound;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONFormat;
import org.jooq.Record2;
import org.jooq.Result;
import org.jooq.Table;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** All that is kept of a client, as one archive: a file of JSON for each kind of record, and her pictures. */
@Component
class ClientFile {
    private static final JSONFormat AS_KEPT = JSONFormat.DEFAULT_FOR_RECORDS
            .header(false)
            .recordFormat(JSONFormat.RecordFormat.OBJECT)
            .format(true);

    private final DSLContext db;

    ClientFile(DSLContext db) {
        this.db = db;
    }

    /** What she is called; refuses if there is nobody of that id. */
    @Transactional(readOnly = true)
    public String nameOf(UUID client) {
        return db.select(CLIENT.NAME)
                .from(CLIENT)
                .where(CLIENT.ID.eq(client))
                .fetchOptional(CLIENT.NAME)
                .orElseThrow(() -> new NotFound("This client is no longer in the book."));
    }

    @Transactional(readOnly = true)
    public void write(UUID client, OutputStream out) throws IOException {
        Condition ofHers =
                VISIT_EVENT.VISIT_ID.in(db.select(VISIT.ID).from(VISIT).where(VISIT.CLIENT_ID.eq(client)));
        Map<String, Table<?>> whole = Map.of(
                "heads",
                HEAD,
                "plans",
                PLAN,
                "worksheets",
                WORK_SHEET,
                "visits",
                VISIT,
                "follow-ups",
                FOLLOW_UP,
                "appointments",
                APPOINTMENT,
                "signed",
                CONSENT);
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            put(
                    zip,
                    "client.json",
                    db.selectFrom(CLIENT).where(CLIENT.ID.eq(client)).fetch().formatJSON(AS_KEPT));
            for (Map.Entry<String, Table<?>> e : whole.entrySet()) {
                Condition hers = Objects.requireNonNull(e.getValue().field("CLIENT_ID", UUID.class))
                        .eq(client);
                put(
                        zip,
                        e.getKey() + ".json",
                        db.selectFrom(e.getValue()).where(hers).fetch().formatJSON(AS_KEPT));
            }
            put(
                    zip,
                    "events.json",
                    db.selectFrom(VISIT_EVENT).where(ofHers).fetch().formatJSON(AS_KEPT));
            put(
                    zip,
                    "pictures/",
                    db.select(VISIT_PICTURE.ID, VISIT_PICTURE.JPEG)
                            .from(VISIT_PICTURE)
                            .join(VISIT)
                            .on(VISIT.ID.eq(VISIT_PICTURE.VISIT_ID))
                            .where(VISIT.CLIENT_ID.eq(client))
                            .fetch());
            put(
                    zip,
                    "plans/",
                    db.select(STILL.PLAN_ID, STILL.JPEG)
                            .from(STILL)
                            .join(PLAN)
                            .on(PLAN.ID.eq(STILL.PLAN_ID))
                            .where(PLAN.CLIENT_ID.eq(client))
                            .fetch());
        }
    }

    private static void put(ZipOutputStream zip, String folder, Result<Record2<UUID, byte[]>> pictures)
            throws IOException {
        for (Record2<UUID, byte[]> p : pictures) {
            put(zip, folder + p.value1() + ".jpg", p.value2());
        }
    }

    private static void put(ZipOutputStream zip, String name, String text) throws IOException {
        put(zip, name, text.getBytes(StandardCharsets.UTF_8));
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }
}
