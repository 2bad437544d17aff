package gyrotaxis.server.backup;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a book's file holds: its last entry, {@code manifest.json}.
 *
 * @param gyrotaxis always {@code book}
 * @param format how the file is laid out, from 1
 * @param schema the form of the tables, as their last migration is numbered
 * @param madeAt when
 * @param studio what the studio is called; may be empty
 * @param book tells it from all other books; null in a file of an earlier version
 * @param parts everything in the file but the manifest
 */
record Manifest(
        String gyrotaxis,
        int format,
        int schema,
        Instant madeAt,
        String studio,
        @Nullable UUID book,
        List<Part> parts) {
    static final String NAME = "manifest.json";
    static final String KIND = "book";
    static final int NEWEST = 1;

    private static final Pattern TABLE = Pattern.compile("tables/([a-z][a-z0-9_]{0,60})\\.json");
    private static final Pattern PICTURE = Pattern.compile("pictures/[a-z][a-z0-9_]{0,60}-[0-9a-f-]{1,80}\\.jpg");

    Manifest {
        parts = List.copyOf(parts);
    }

    /**
     * One entry.
     *
     * @param name a table or a picture
     * @param rows of a table; 1 for a picture
     * @param bytes unpacked
     * @param sha256 of the unpacked bytes, 64 hexadecimal digits
     */
    record Part(String name, long rows, long bytes, String sha256) {
        Part {
            if (tableOf(name).isEmpty() && !PICTURE.matcher(name).matches()) {
                throw new BookUnread("The list in this file names \"" + shown(name) + "\", which no book has.");
            }
            if (rows < 0 || bytes < 0 || !sha256.matches("[0-9a-f]{64}")) {
                throw new BookUnread("The list in this file is damaged at " + name + ".");
            }
        }

        Optional<String> table() {
            return tableOf(name);
        }
    }

    static String table(String table) {
        return "tables/" + table + ".json";
    }

    static String picture(String table, String key) {
        return "pictures/" + table + "-" + key + ".jpg";
    }

    private static Optional<String> tableOf(String name) {
        var m = TABLE.matcher(name);
        return m.matches() ? Optional.of(m.group(1)) : Optional.empty();
    }

    /** A name out of a file, as it can be said: short, and without what moves a cursor. */
    static String shown(String name) {
        String plain = name.replaceAll("\\p{Cntrl}", "?");
        return plain.length() <= 80 ? plain : plain.substring(0, 80) + "…";
    }

    /** Rows of a table; 0 if the file has none of it. */
    long rows(String table) {
        return parts.stream()
                .filter(p -> p.name().equals(table(table)))
                .mapToLong(Part::rows)
                .sum();
    }

    long pictures() {
        return parts.stream().filter(p -> p.table().isEmpty()).count();
    }

    /** All of it, unpacked. */
    long bytes() {
        return parts.stream().mapToLong(Part::bytes).sum();
    }
}
