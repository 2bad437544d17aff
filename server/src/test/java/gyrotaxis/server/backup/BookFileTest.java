package gyrotaxis.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.server.storage.Migrations;
import gyrotaxis.server.testing.RunningServer;
import java.io.ByteArrayOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.UnaryOperator;
import java.util.zip.ZipFile;
import javax.sql.DataSource;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The whole book goes out, and comes in the same, whatever its form; what was not written so is refused. */
@ExtendWith(RunningServer.class)
class BookFileTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String MANIFEST = "manifest.json";

    /** As the product reads it (org.h2.engine.Constants). */
    private static final int SNAPSHOT = 6;

    @TempDir
    Path temp;

    private Path file(byte[] content) throws IOException {
        return Files.write(temp.resolve("book-" + UUID.randomUUID() + ".zip"), content);
    }

    private Path restored(Path file) throws IOException {
        return restored(file, null);
    }

    private Path restored(Path file, String passphrase) throws IOException {
        Path folder = temp.resolve("restored-" + UUID.randomUUID());
        new RestoreTool(folder, passphrase, new PrintStream(OutputStream.nullOutputStream())).restore(file, Books.NOW);
        return folder;
    }

    /** The book of one moment: as its rows stood, and the file of it. The server works on meanwhile. */
    private record Taken(Map<String, List<String>> rows, byte[] file) {
        static Taken of(DataSource source) throws Exception {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (Connection c = source.getConnection()) {
                c.setAutoCommit(false);
                c.setTransactionIsolation(SNAPSHOT);
                try {
                    DSLContext db = DSL.using(c, SQLDialect.H2);
                    Map<String, List<String>> rows = Books.rows(db);
                    new BookWriter(db, new Progress()).write(out, Books.NOW, Optional.empty());
                    return new Taken(rows, out.toByteArray());
                } finally {
                    c.rollback();
                }
            }
        }
    }

    private static void assertSame(Map<String, List<String>> now, Map<String, List<String>> before) {
        assertThat(now.keySet()).isEqualTo(before.keySet());
        before.forEach((table, rows) -> assertThat(now.get(table)).as(table).containsExactlyElementsOf(rows));
    }

    @Test
    void theWholeStudioComesInAsItWentOut(ConfigurableApplicationContext context) throws Exception {
        Taken taken = Taken.of(context.getBean(DataSource.class));
        Map<String, List<String>> before = taken.rows();
        Path file = file(taken.file());
        Path folder = restored(file);
        Map<String, List<String>> after = Books.rows(folder);
        assertSame(after, before);
        // Written once more it is the same, checksum by checksum.
        try (BookFile first = BookFile.open(file, null);
                BookFile second = BookFile.open(file(Books.file(folder)), null)) {
            assertThat(second.manifest()).isEqualTo(first.manifest());
        }
        assertThat(after.get("client")).hasSizeGreaterThan(5);
        assertThat(after.get("still")).isNotNull();
    }

    /** The platform's own reader and an ordinary reader of JSON understand it; nobody's way in stands in it. */
    @Test
    void anyProgramReadsIt(ConfigurableApplicationContext context) throws Exception {
        Path file = file(Taken.of(context.getBean(DataSource.class)).file());
        try (ZipFile zip = new ZipFile(file.toFile())) {
            assertThat(zip.stream().map(e -> e.getName()))
                    .contains("tables/client.json", "tables/plan.json", MANIFEST)
                    .noneMatch(n -> n.contains("session") || n.contains("device") || n.contains("flyway"));
            var clients = JSON.readTree(zip.getInputStream(zip.getEntry("tables/client.json")));
            assertThat(clients)
                    .anyMatch(c -> c.path("name").asString().startsWith("Isolde")
                            && UUID.fromString(c.path("id").asString()).version() > 0);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void anOldFormIsBroughtUpToDateAsAnOldDatabaseIs(int format) throws Exception {
        Path old = Books.old(temp.resolve("old"), format);
        Path file = file(Books.file(old));
        try (BookFile book = BookFile.open(file, null)) {
            assertThat(book.manifest().schema()).isLessThan(Migrations.newest());
        }
        Books.migrate(old);
        Map<String, List<String>> expected = Books.rows(old);
        Map<String, List<String>> now = Books.rows(restored(file));
        // Goods and movements are made of old amounts by a migration, numbered as they come, with names and moments of
        // their own.
        for (Map<String, List<String>> all : List.of(expected, now)) {
            all.computeIfPresent(
                    "stock_good",
                    (t, rows) -> rows.stream()
                            .map(r -> r.substring(r.indexOf('|')))
                            .sorted()
                            .toList());
            // A book that had no mark gets one of its own each time.
            all.computeIfPresent(
                    "studio",
                    (t, rows) -> rows.stream()
                            .map(r -> r.replaceAll("\\|BOOK_ID=[^|]*", ""))
                            .toList());
        }
        expected.remove("stock_movement");
        List<String> movements = now.remove("stock_movement");
        assertSame(now, expected);
        assertThat(movements).hasSameSizeAs(now.get("stock_good"));
    }

    /** Makes such a file anew, should its layout change: with {@code -Dbook.write}. */
    @Test
    @org.junit.jupiter.api.condition.EnabledIfSystemProperty(named = "book.write", matches = ".*")
    void writeKept() throws Exception {
        Files.write(Books.KEPT.resolve("book-format-2.zip"), Books.file(Books.old(temp.resolve("old"), 2)));
    }

    /** A file that was made when a book had the second form of its tables: it must open for ever. */
    @Test
    void aFileThatWasKeptOpens() throws Exception {
        Map<String, List<String>> now = Books.rows(restored(Books.KEPT.resolve("book-format-2.zip")));
        assertThat(now.get("plan")).hasSize(8);
        assertThat(now.get("hair_line")).hasSize(9);
    }

    @Test
    void whateverIsWrittenDownIsReadAgain() throws Exception {
        Path folder = temp.resolve("random");
        Files.createDirectories(folder);
        Books.migrate(folder);
        Random random = new Random(7);
        try (Connection c = Books.open(folder)) {
            DSLContext db = DSL.using(c, SQLDialect.H2);
            for (int i = 0; i < 1500; i++) {
                db.execute(
                        "insert into client (id, name, wishes, notes, density, conditions, version, created_at, new_growth_mm)"
                                + " values (?, ?, ?, ?, 'MEDIUM', '', ?, ?, ?)",
                        UUID.randomUUID(),
                        text(random, 60),
                        text(random, 600),
                        text(random, 1200),
                        random.nextInt(),
                        java.time.OffsetDateTime.ofInstant(
                                java.time.Instant.ofEpochSecond(random.nextInt(), random.nextInt(999_999) * 1000L),
                                java.time.ZoneOffset.ofHours(random.nextInt(24) - 12)),
                        Math.scalb(random.nextDouble(), random.nextInt(600) - 300));
            }
        }
        assertSame(Books.rows(restored(file(Books.file(folder)))), Books.rows(folder));
    }

    private static String text(Random random, int longest) {
        String letters = "aé\"\\/\n\t\r{}[]:,'=;%\u2028ß漢𝒢👩🏾 -+@";
        int[] all = letters.codePoints().toArray();
        StringBuilder s = new StringBuilder();
        int length = random.nextInt(longest / 2);
        for (int i = 0; i < length; i++) {
            s.appendCodePoint(all[random.nextInt(all.length)]);
        }
        return s.toString();
    }

    /** Somebody writes a client down between two tables; the file knows nothing of her, nor of her head. */
    @Test
    void itIsTheBookOfOneMoment() throws Exception {
        Path folder = Books.old(temp.resolve("busy"), 2);
        Books.migrate(folder);
        AtomicBoolean isWritten = new AtomicBoolean();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Connection reader = Books.open(folder);
                Connection writer = Books.open(folder)) {
            reader.setAutoCommit(false);
            reader.setTransactionIsolation(SNAPSHOT);
            Progress progress = new Progress() {
                @Override
                void step(long more) {
                    super.step(more);
                    if (isWritten.compareAndSet(false, true)) {
                        DSL.using(writer, SQLDialect.H2)
                                .execute(
                                        "insert into client (id, name, wishes, notes, density, conditions, version, created_at)"
                                                + " values (random_uuid(), 'Late Comer', '', '', 'MEDIUM', '', 1, current_timestamp)");
                        DSL.using(writer, SQLDialect.H2).execute("delete from plan");
                    }
                }
            };
            new BookWriter(DSL.using(reader, SQLDialect.H2), progress).write(out, Books.NOW, Optional.empty());
            reader.rollback();
        }
        assertThat(isWritten).isTrue();
        assertThat(Books.rows(folder).get("plan")).isEmpty();
        Map<String, List<String>> held = Books.rows(restored(file(out.toByteArray())));
        assertThat(held.get("plan")).hasSize(8);
        assertThat(held.get("client")).hasSize(7).noneMatch(c -> c.contains("Late Comer"));
    }

    @Test
    void aSealedFileIsReadByItsPassphraseAlone() throws Exception {
        Path folder = Books.old(temp.resolve("plain"), 2);
        String passphrase = "seven nets & a lamp, öfter";
        byte[] salt = {1, 2, 3, 4, 5, 6, 7, 8};
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Connection c = Books.open(folder)) {
            new BookWriter(DSL.using(c, SQLDialect.H2), new Progress())
                    .write(
                            out,
                            Books.NOW,
                            Optional.of(new BookWriter.Sealed(
                                    BookFile.comment(salt),
                                    gyrotaxis.server.storage.DatabaseEncryption.key(passphrase, salt))));
        }
        Path file = file(out.toByteArray());
        assertThat(new String(out.toByteArray(), StandardCharsets.ISO_8859_1)).doesNotContain("Isolde");
        assertThatThrownBy(() -> BookFile.open(file, null)).hasMessageContaining("Give its passphrase");
        assertThatThrownBy(() -> BookFile.open(file, "another one, quite"))
                .isInstanceOf(BookUnread.class)
                .hasMessageContaining("does not open");
        Path restored = restored(file, passphrase);
        byte[] database = Files.readAllBytes(restored.resolve("gyrotaxis.mv.db"));
        assertThat(new String(database, StandardCharsets.ISO_8859_1)).startsWith("H2encrypt");
    }

    /** What was cut off or changed anywhere is found before anything is done, and the book is as it was. */
    @Test
    void aDamagedFileChangesNothing() throws Exception {
        byte[] whole = Books.file(Books.old(temp.resolve("whole"), 2));
        Path folder = Books.old(temp.resolve("there"), 1);
        byte[] there = Files.readAllBytes(folder.resolve("gyrotaxis.mv.db"));
        RestoreTool tool = new RestoreTool(folder, null, new PrintStream(OutputStream.nullOutputStream()));
        Random random = new Random(11);
        for (int i = 0; i < 40; i++) {
            byte[] damaged = i < 15 ? Arrays.copyOf(whole, whole.length * i / 15) : whole.clone();
            if (i >= 15) {
                damaged[random.nextInt(whole.length * 9 / 10)] ^= (byte) (1 + random.nextInt(255));
            }
            Path file = file(damaged);
            try {
                tool.restore(file, Books.NOW);
                // What a zip says twice may be wrong in one place and the book still whole: then it is the same.
                assertThat(Books.rows(folder).get("plan")).hasSize(8);
                Files.write(folder.resolve("gyrotaxis.mv.db"), there);
            } catch (BookUnread e) {
                assertThat(e.getMessage()).endsWith(".");
            }
            assertThat(folder.resolve("gyrotaxis.mv.db")).hasBinaryContent(there);
            assertThat(folder.resolve("restoring")).doesNotExist();
            Files.delete(file);
        }
    }

    private Path changed(UnaryOperator<Map<String, byte[]>> change) throws Exception {
        Path whole = file(Books.file(Books.old(temp.resolve("c" + UUID.randomUUID()), 2)));
        return Books.zip(temp.resolve(UUID.randomUUID() + ".zip"), change.apply(Books.entries(whole)));
    }

    private static void list(Map<String, byte[]> entries, UnaryOperator<ObjectNode> change) {
        ObjectNode m = (ObjectNode) JSON.readTree(entries.get(MANIFEST));
        entries.put(MANIFEST, JSON.writeValueAsBytes(change.apply(m)));
    }

    /** A table with other content, and a list that says it is so. */
    private static Map<String, byte[]> with(Map<String, byte[]> entries, String table, String content, int rows) {
        byte[] bytes = content.getBytes(StandardCharsets.UTF_8);
        entries.put("tables/" + table + ".json", bytes);
        list(entries, m -> {
            m.path("parts").forEach(p -> {
                if (p.path("name").asString().equals("tables/" + table + ".json")) {
                    ((ObjectNode) p)
                            .put("bytes", bytes.length)
                            .put("rows", rows)
                            .put(
                                    "sha256",
                                    java.util.HexFormat.of()
                                            .formatHex(BookWriter.sha256().digest(bytes)));
                }
            });
            return m;
        });
        return entries;
    }

    private void assertRefused(Path file, String... words) {
        assertThatThrownBy(() -> restored(file)).isInstanceOf(BookUnread.class).hasMessageContainingAll(words);
    }

    /** A table of spaces packs to nothing and would be read for a long time; a list of a gigabyte fits no memory. */
    @Test
    void whatIsBlownUpIsRefusedBeforeItIsRead() throws Exception {
        String spaces = "[" + " ".repeat(20 << 20) + "]";
        assertRefused(changed(e -> with(e, "client", spaces, 0)), "no book has such a part");
        assertRefused(
                changed(e -> {
                    byte[] list = new byte[33 << 20];
                    Arrays.fill(list, (byte) ' ');
                    e.put(MANIFEST, list);
                    return e;
                }),
                "longer than that of any book");
    }

    /** What no way in takes any more an older book may hold: it comes in without it, and it is told. */
    @Test
    void charactersThatCannotBeShownAreTakenOutWithAWord() throws Exception {
        Path file = changed(e -> {
            String clients = new String(e.get("tables/client.json"), StandardCharsets.UTF_8);
            return with(e, "client", clients.replaceFirst("Isolde", "I\\\\u0000sol\\\\u202Ede"), 7);
        });
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        Path folder = temp.resolve("with-nul");
        new RestoreTool(folder, null, new PrintStream(said, true, StandardCharsets.UTF_8)).restore(file, Books.NOW);
        assertThat(said.toString(StandardCharsets.UTF_8)).contains("2 characters that cannot be shown were taken out");
        assertThat(Books.rows(folder).get("client")).anyMatch(c -> c.contains("Isolde"));
    }

    @Test
    void whatNoListNamesIsRefused() throws Exception {
        for (String name : List.of("../../outside.json", "/etc/passwd", "tables/..", "C:\\x", "tables/evil.json")) {
            assertRefused(
                    changed(e -> {
                        e.put(name, new byte[10]);
                        return e;
                    }),
                    "which its list does not name");
            assertRefused(
                    changed(e -> {
                        e.put(name, new byte[0]);
                        list(e, m -> {
                            m.withArray("parts")
                                    .addObject()
                                    .put("name", name)
                                    .put("rows", 1)
                                    .put("bytes", 0)
                                    .put("sha256", "0".repeat(64));
                            return m;
                        });
                        return e;
                    }),
                    ".");
        }
        assertRefused(
                changed(e -> {
                    e.remove("tables/plan.json");
                    return e;
                }),
                "tables/plan.json is missing");
    }

    @Test
    void moreThanItsListSaysIsNotEvenUnpacked() throws Exception {
        Path bomb = changed(e -> {
            e.put("tables/plan.json", new byte[300 << 20]);
            return e;
        });
        assertThat(Files.size(bomb)).isLessThan(2 << 20);
        assertRefused(bomb, "no book has such a part");
        assertRefused(
                changed(e -> {
                    e.put("tables/plan.json", new byte[10 << 20]);
                    return e;
                }),
                "not as it was written");
        assertRefused(
                changed(e -> {
                    e.put(MANIFEST, new byte[200 << 20]);
                    return e;
                }),
                "longer than that of any book");
        assertRefused(changed(e -> with(e, "plan", " ".repeat(15_000_000), 1)), "no list of rows");
        assertRefused(changed(e -> with(e, "plan", "[".repeat(100_000), 1)), "not as it was written");
        assertRefused(changed(e -> with(e, "plan", "[{\"id\":" + "[".repeat(100_000), 1)), "cannot be read");
    }

    @Test
    void whatNoBookCanHoldIsToldWithItsRow() throws Exception {
        String client = "{\"id\":\"%s\",\"name\":\"Late Comer\",\"wishes\":\"\",\"notes\":\"\",\"density\":\"MEDIUM\","
                + "\"conditions\":\"\",\"version\":%s,\"created_at\":\"2031-06-02T05:06:07Z\"%s}";
        String id = UUID.randomUUID().toString();
        assertRefused(
                changed(e -> with(e, "client", "[" + client.formatted(id, "\"many\"", "") + "]", 1)),
                "tables/client.json, row 1, version",
                "\"many\" cannot stand there");
        assertRefused(
                changed(e -> with(e, "client", "[" + client.formatted(id, "1", ",\"shoe_size\":9") + "]", 1)),
                "row 1: no book of this form has a column shoe_size");
        assertRefused(
                changed(e -> with(
                        e,
                        "client",
                        "[" + client.formatted(id, "1", "") + "," + client.formatted(id, "1", "") + "]",
                        2)),
                "rows 1 to 2",
                "no book can hold");
        assertRefused(
                changed(e -> with(e, "client", "[" + client.formatted(id, "1", "") + "]", 1)),
                "belongs to what is not in this file");
        assertRefused(
                changed(e -> {
                    list(e, m -> m.put("schema", 999));
                    return e;
                }),
                "newer version");
        assertRefused(
                changed(e -> {
                    list(e, m -> m.put("format", 2));
                    return e;
                }),
                "newer version");
        assertRefused(
                changed(e -> {
                    list(e, m -> m.put("gyrotaxis", "plan"));
                    return e;
                }),
                "is no book");
    }

    @Test
    void aDiskThatFillsUpLeavesNothingHalfDone() throws Exception {
        Path folder = Books.old(temp.resolve("whole"), 2);
        byte[] whole = Books.file(folder);
        Path to = temp.resolve("backups");
        BackupFolder good = new BackupFolder(to);
        good.make(Books.NOW, 3, f -> true, out -> out.write(whole), f -> {});
        for (int after : new int[] {0, 1, 1000, whole.length / 2, whole.length - 1}) {
            BackupFolder full = new BackupFolder(to) {
                @Override
                OutputStream open(Path file) throws IOException {
                    return new Full(super.open(file), after);
                }
            };
            assertThatThrownBy(() ->
                            full.make(Books.NOW.plusSeconds(60), 1, f -> true, out -> write(folder, out), f -> {}))
                    .isInstanceOfSatisfying(
                            IOException.class,
                            e -> assertThat(BackupService.why(e)).contains("disk with this folder is full"));
            try (var there = Files.list(to)) {
                assertThat(there).containsExactly(to.resolve("gyrotaxis-book-2031-06-02-050607.zip"));
            }
        }
    }

    private static void write(Path folder, OutputStream out) throws IOException {
        try (Connection c = Books.open(folder)) {
            new BookWriter(DSL.using(c, SQLDialect.H2), new Progress()).write(out, Books.NOW, Optional.empty());
        } catch (SQLException e) {
            throw new IOException(e);
        }
    }

    /** Takes so many bytes and then no more, as a full disk does. */
    private static final class Full extends FilterOutputStream {
        private int left;

        Full(OutputStream out, int left) {
            super(out);
            this.left = left;
        }

        @Override
        public void write(byte[] b, int from, int length) throws IOException {
            left -= length;
            if (left < 0) {
                throw new IOException("No space left on device");
            }
            out.write(b, from, length);
        }

        @Override
        public void write(int b) throws IOException {
            write(new byte[] {(byte) b}, 0, 1);
        }
    }

    @Test
    void onlySoManyAreKeptAndNothingElseIsTouched() throws Exception {
        Path to = temp.resolve("backups");
        Files.createDirectories(to);
        Path other = Files.writeString(to.resolve("letters.zip"), "mine");
        BackupFolder folder = new BackupFolder(to);
        for (int i = 0; i < 6; i++) {
            folder.make(Books.NOW.plusSeconds(i), 3, f -> true, out -> out.write(1), f -> {});
        }
        assertThat(folder.all())
                .extracting(f -> f.getFileName().toString())
                .containsExactly(
                        "gyrotaxis-book-2031-06-02-050612.zip",
                        "gyrotaxis-book-2031-06-02-050611.zip",
                        "gyrotaxis-book-2031-06-02-050610.zip");
        assertThat(other).hasContent("mine");
    }

    @Test
    void itStopsWhenItIsToldTo() throws Exception {
        Path folder = Books.old(temp.resolve("whole"), 2);
        Progress progress = new Progress() {
            @Override
            void step(long more) {
                if (fraction() > 0.3) {
                    stop();
                }
                super.step(more);
            }
        };
        BackupFolder to = new BackupFolder(temp.resolve("backups"));
        assertThatThrownBy(() -> to.make(
                        Books.NOW,
                        3,
                        f -> true,
                        out -> {
                            try (Connection c = Books.open(folder)) {
                                new BookWriter(DSL.using(c, SQLDialect.H2), progress)
                                        .write(out, Books.NOW, Optional.empty());
                            } catch (SQLException e) {
                                throw new IOException(e);
                            }
                        },
                        f -> {}))
                .isInstanceOf(CancellationException.class);
        assertThat(temp.resolve("backups")).isEmptyDirectory();
    }
}
