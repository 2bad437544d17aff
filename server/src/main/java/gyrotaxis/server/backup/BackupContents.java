package gyrotaxis.server.backup;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a book's file holds, as it is told to whoever is about to choose one.
 *
 * @param madeAt when it was made
 * @param studio what the studio is called; may be empty
 * @param schema the form of its tables
 */
record BackupContents(
        Instant madeAt,
        String studio,
        int schema,
        long clients,
        long plans,
        long visits,
        long appointments,
        long lines,
        long pictures) {
    static BackupContents of(Manifest m) {
        return new BackupContents(
                m.madeAt(),
                m.studio(),
                m.schema(),
                m.rows("client"),
                m.rows("plan"),
                m.rows("visit"),
                m.rows("appointment"),
                m.rows("hair_line"),
                m.pictures());
    }

    /** "7 clients, 8 plans, 110 visits, …". */
    String words() {
        List<String> all = new ArrayList<>();
        all.add(plural(clients, "client"));
        all.add(plural(plans, "plan"));
        all.add(plural(visits, "visit"));
        all.add(plural(appointments, "appointment"));
        all.add(plural(lines, "line") + " of hair");
        all.add(plural(pictures, "picture"));
        return String.join(", ", all);
    }

    private static String plural(long n, String what) {
        return String.format(Locale.ROOT, "%,d", n) + " " + what + (n == 1 ? "" : "s");
    }
}
