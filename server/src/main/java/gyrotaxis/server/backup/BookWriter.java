package gyrotaxis.server.backup;

import gyrotaxis.server.backup.Manifest.Part;
import gyrotaxis.server.storage.BookMark;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.lingala.zip4j.io.outputstream.ZipOutputStream;
import net.lingala.zip4j.model.ZipParameters;
import net.lingala.zip4j.model.enums.AesKeyStrength;
import net.lingala.zip4j.model.enums.CompressionLevel;
import net.lingala.zip4j.model.enums.CompressionMethod;
import net.lingala.zip4j.model.enums.EncryptionMethod;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.SelectFieldOrAsterisk;
import org.jooq.SelectSeekStepN;
import org.jooq.Table;
import org.jooq.TableOptions.TableType;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes all tables of a book, whatever their form, as one zip: a JSON list of rows for each table, and its pictures beside them.
 *
 * <p>Rows are read page by page along their keys, so that a book of many years takes no more memory than a small one.
 */
final class BookWriter {
    /** What only this machine needs: sessions, and which browsers it knows. Nobody is signed in by a file. */
    private static final Set<String> LEFT_AWAY =
            Set.of("flyway_schema_history", "spring_session", "spring_session_attributes", "device", "known_on_device");

    private static final int PAGE = 500;

    /** Rows that carry sheets or pictures are large. */
    private static final int SMALL_PAGE = 20;

    private static final JsonMapper JSON = new JsonMapper();

    private final DSLContext db;
    private final Progress progress;
    private final List<Part> parts = new ArrayList<>();

    /**
     * @param db a connection that sees the book as it is at one moment, whatever is kept meanwhile
     */
    BookWriter(DSLContext db, Progress progress) {
        this.db = db;
        this.progress = progress;
    }

    /** How the file is sealed. @param comment stands in the clear at its end @param key what opens it */
    record Sealed(String comment, String key) {}

    /**
     * Writes it; the stream stays open.
     *
     * @param seal what the file is sealed with; nothing if anybody may read it
     */
    Manifest write(OutputStream out, Instant now, Optional<Sealed> seal) throws IOException {
        List<Table<?>> tables = tables(db);
        progress.begin(
                Progress.Stage.WRITING,
                tables.stream().mapToLong(db::fetchCount).sum() + 1);
        char @Nullable [] key = seal.map(s -> s.key().toCharArray()).orElse(null);
        try (ZipOutputStream zip = new ZipOutputStream(new Unclosed(out), key)) {
            zip.setComment(seal.map(Sealed::comment).orElse(""));
            for (Table<?> table : tables) {
                tableInto(zip, table, key != null);
            }
            for (Table<?> table : tables) {
                picturesInto(zip, table, key != null);
            }
            Manifest manifest = new Manifest(
                    Manifest.KIND, Manifest.NEWEST, schema(db), now, studio(tables), mark(db).orElse(null), parts);
            zip.putNextEntry(parameters(Manifest.NAME, true, key != null));
            zip.write(JSON.writeValueAsBytes(manifest));
            zip.closeEntry();
            return manifest;
        }
    }

    /** The tables that go into a file, in the order of their names. */
    static List<Table<?>> tables(DSLContext db) {
        return db.meta().filterSchemas(s -> s.getName().equals("PUBLIC")).getTables().stream()
                .filter(t -> t.getTableType().equals(TableType.TABLE))
                .filter(t -> !LEFT_AWAY.contains(nameOf(t)))
                .sorted(Comparator.comparing(BookWriter::nameOf))
                .collect(Collectors.toList());
    }

    static String nameOf(Table<?> table) {
        return table.getName().toLowerCase(Locale.ROOT);
    }

    /** The form of the tables. */
    static int schema(DSLContext db) {
        return db.resultQuery(
                        "select max(cast(\"version\" as integer)) from \"flyway_schema_history\" where \"success\" and \"version\" is not null")
                .fetchOptional(0, Integer.class)
                .orElseThrow(() -> new BookUnread("This database was never a book."));
    }

    /** What tells a book from all others; those of earlier versions had no such thing. */
    static Optional<UUID> mark(DSLContext db) {
        return schema(db) < BookMark.SINCE
                ? Optional.empty()
                : db.resultQuery("select book_id from studio").fetchOptional(0, UUID.class);
    }

    /** What the studio is called; the oldest books had no place for that. */
    private String studio(List<Table<?>> tables) {
        boolean isKnown = tables.stream().anyMatch(t -> nameOf(t).equals("studio"));
        return isKnown
                ? db.resultQuery("select name from studio")
                        .fetchOptional(0, String.class)
                        .orElse("")
                : "";
    }

    private void tableInto(ZipOutputStream zip, Table<?> table, boolean isSealed) throws IOException {
        String name = Manifest.table(nameOf(table));
        List<Field<?>> fields =
                Stream.<Field<?>>of(table.fields()).filter(f -> !isPicture(f)).toList();
        zip.putNextEntry(parameters(name, true, isSealed));
        Counted counted = new Counted(zip);
        long rows = 0;
        try (JsonGenerator json = JSON.createGenerator(counted)) {
            json.writeStartArray();
            List<SelectFieldOrAsterisk> columns = new ArrayList<>(fields);
            for (Result<Record> page = page(table, columns, null);
                    !page.isEmpty();
                    page = page(table, columns, page.get(page.size() - 1))) {
                for (Record row : page) {
                    json.writeRaw('\n');
                    json.writeStartObject();
                    for (Field<?> field : fields) {
                        Object value = row.get(field);
                        if (value != null) {
                            json.writeName(field.getName().toLowerCase(Locale.ROOT));
                            write(json, value);
                        }
                    }
                    json.writeEndObject();
                }
                rows += page.size();
                progress.step(page.size());
            }
            json.writeEndArray();
        }
        zip.closeEntry();
        parts.add(counted.part(name, rows));
    }

    private static void write(JsonGenerator json, Object value) {
        if (value instanceof byte[] bytes) {
            Packed.write(json, bytes);
        } else if (value instanceof Boolean b) {
            json.writeBoolean(b);
        } else if (value instanceof Double d) {
            json.writeNumber(d);
        } else if (value instanceof Number n) {
            json.writeNumber(n.longValue());
        } else {
            // Ids, days, moments and words: each has one way to be written out.
            json.writeString(value.toString());
        }
    }

    private void picturesInto(ZipOutputStream zip, Table<?> table, boolean isSealed) throws IOException {
        Optional<Field<?>> picture = Stream.<Field<?>>of(table.fields())
                .filter(BookWriter::isPicture)
                .findFirst();
        if (picture.isEmpty()) {
            return;
        }
        List<SelectFieldOrAsterisk> columns = new ArrayList<>(key(table));
        columns.add(picture.get());
        for (Result<Record> page = page(table, columns, null);
                !page.isEmpty();
                page = page(table, columns, page.get(page.size() - 1))) {
            for (Record row : page) {
                String name = Manifest.picture(nameOf(table), keyOf(table, row));
                // A JPEG does not get any smaller.
                zip.putNextEntry(parameters(name, false, isSealed));
                Counted counted = new Counted(zip);
                counted.write((byte[]) Objects.requireNonNull(row.get(picture.get())));
                zip.closeEntry();
                parts.add(counted.part(name, 1));
                progress.step(0);
            }
        }
    }

    static String keyOf(Table<?> table, Record row) {
        return key(table).stream().map(f -> String.valueOf(row.get(f))).collect(Collectors.joining("-"));
    }

    /** The next rows along the table's key. */
    private Result<Record> page(Table<?> table, List<SelectFieldOrAsterisk> columns, @Nullable Record last) {
        List<Field<?>> key = key(table);
        boolean isLarge = columns.stream()
                .anyMatch(c -> c instanceof Field<?> f && f.getType().equals(byte[].class));
        SelectSeekStepN<Record> rows = db.select(columns).from(table).orderBy(key);
        int most = isLarge ? SMALL_PAGE : PAGE;
        if (last == null) {
            return rows.limit(most).fetch();
        }
        return rows.seek(key.stream().map(last::get).toArray()).limit(most).fetch();
    }

    private static List<Field<?>> key(Table<?> table) {
        return new ArrayList<>(
                Objects.requireNonNull(table.getPrimaryKey(), table.getName()).getFields());
    }

    static boolean isPicture(Field<?> field) {
        return field.getName().equalsIgnoreCase("jpeg");
    }

    private static ZipParameters parameters(String name, boolean isPacked, boolean isSealed) {
        ZipParameters p = new ZipParameters();
        p.setFileNameInZip(name);
        p.setCompressionMethod(CompressionMethod.DEFLATE);
        p.setCompressionLevel(isPacked ? CompressionLevel.FAST : CompressionLevel.NO_COMPRESSION);
        if (isSealed) {
            p.setEncryptFiles(true);
            p.setEncryptionMethod(EncryptionMethod.AES);
            p.setAesKeyStrength(AesKeyStrength.KEY_STRENGTH_256);
        }
        return p;
    }

    /** Counts what goes through and takes its fingerprint; closing it ends an entry, and not the file. */
    private static final class Counted extends FilterOutputStream {
        private final DigestOutputStream digest;
        private long bytes;

        Counted(OutputStream to) {
            super(new DigestOutputStream(to, sha256()));
            digest = (DigestOutputStream) out;
        }

        @Override
        public void write(int b) throws IOException {
            bytes++;
            digest.write(b);
        }

        @Override
        public void write(byte[] b, int from, int length) throws IOException {
            bytes += length;
            digest.write(b, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }

        Part part(String name, long rows) {
            return new Part(
                    name,
                    rows,
                    bytes,
                    HexFormat.of().formatHex(digest.getMessageDigest().digest()));
        }
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The file is closed by whoever opened it. */
    private static final class Unclosed extends FilterOutputStream {
        Unclosed(OutputStream to) {
            super(to);
        }

        @Override
        public void write(byte[] b, int from, int length) throws IOException {
            out.write(b, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
