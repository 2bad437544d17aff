package gyrotaxis.server.backup;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.SQLDialect;
import org.jooq.Table;
import org.jooq.impl.DSL;

/** Databases and files of them, for tests. */
final class Books {
    static final Path KEPT = Path.of("src", "test", "resources", "kept");
    static final Instant NOW = Instant.parse("2031-06-02T05:06:07Z");

    private Books() {}

    static String url(Path folder) {
        return "jdbc:h2:file:" + folder.toAbsolutePath().resolve("gyrotaxis");
    }

    static Connection open(Path folder) throws SQLException {
        return DriverManager.getConnection(url(folder), "sa", "");
    }

    /** A database of an older form, as it lay on a disk. */
    static Path old(Path folder, int format) throws IOException {
        Files.createDirectories(folder);
        Files.copy(KEPT.resolve("studio-format-" + format + ".mv.db"), folder.resolve("gyrotaxis.mv.db"));
        return folder;
    }

    static void migrate(Path folder) {
        Flyway.configure()
                .dataSource(url(folder), "sa", "")
                .locations("classpath:db/migration")
                .load()
                .migrate();
    }

    /** What a file of it says. */
    static byte[] file(Path folder) throws IOException, SQLException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Connection c = open(folder)) {
            new BookWriter(DSL.using(c, SQLDialect.H2), new Progress()).write(out, NOW, Optional.empty());
        }
        return out.toByteArray();
    }

    /** All rows of all tables, by table and key; packed text as it reads. */
    static Map<String, List<String>> rows(DSLContext db) {
        Map<String, List<String>> all = new TreeMap<>();
        for (Table<?> table : BookWriter.tables(db)) {
            all.put(
                    BookWriter.nameOf(table),
                    db.selectFrom(table).fetch().stream()
                            .map(r -> Stream.<Field<?>>of(table.fields())
                                    .map(f -> f.getName() + "=" + said(r.get(f)))
                                    .collect(Collectors.joining("|")))
                            .sorted()
                            .toList());
        }
        return all;
    }

    static Map<String, List<String>> rows(Path folder) throws SQLException {
        try (Connection c = open(folder)) {
            return rows(DSL.using(c, SQLDialect.H2));
        }
    }

    private static String said(Object value) {
        if (!(value instanceof byte[] bytes)) {
            return String.valueOf(value);
        }
        boolean isPacked = bytes.length > 2 && bytes[0] == 0x1f && bytes[1] == (byte) 0x8b;
        if (!isPacked) {
            return HexFormat.of().formatHex(bytes);
        }
        try (var in = new java.util.zip.GZIPInputStream(new java.io.ByteArrayInputStream(bytes))) {
            return new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** What is put into a zip, by name; the last of a name that is there twice. */
    static Map<String, byte[]> entries(Path zip) throws IOException {
        Map<String, byte[]> all = new TreeMap<>();
        try (ZipFile z = new ZipFile(zip.toFile())) {
            for (ZipEntry e : z.stream().map(ZipEntry.class::cast).toList()) {
                all.put(e.getName(), z.getInputStream(e).readAllBytes());
            }
        }
        return all;
    }

    /** A zip of such entries, by the platform's own writer. */
    static Path zip(Path file, Map<String, byte[]> entries) throws IOException {
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(file))) {
            for (Map.Entry<String, byte[]> e : new ArrayList<>(entries.entrySet())) {
                out.putNextEntry(new ZipEntry(e.getKey()));
                out.write(e.getValue());
                out.closeEntry();
            }
        }
        return file;
    }
}
