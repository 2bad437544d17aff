package gyrotaxis.e2e;

import gyrotaxis.server.text.FoldedText;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Makes a book of many years out of the made-up year of the demo: every client, plan, worksheet, visit with its events, lesson,
 * follow-up, appointment and movement of stock is written again under other names and on other days.
 *
 * <p>Rows are written straight into the closed database: what is measured afterwards is reading, and sixty thousand visits worked
 * through the desk one by one would take a day.
 */
final class ManyYears {
    private static final int DAYS = 25 * 365;

    /** Rows of one statement: a statement for each would take four times as long. */
    private static final int AT_ONCE = 250;

    private static final String[] FIRST = {
        "Ama", "Brí", "Cato", "Dilé", "Edda", "Fenna", "Gisla", "Håna", "Iria", "Jora", "Këtha", "Liv", "Mirel", "Nóra",
        "Odile", "Pell", "Quilla", "Rúna", "Siv", "Tamsin", "Una", "Vesla", "Wyn", "Ysolt", "Zélie"
    };
    private static final String[] LAST = {
        "Achter",
        "Brak",
        "Crane",
        "Dulling",
        "Ebbe",
        "Fjord",
        "Grapnel",
        "Hawser",
        "Inlet",
        "Jetty",
        "Keel",
        "Lüffe",
        "Mole",
        "Naze",
        "Oarlock",
        "Pinnace",
        "Quay",
        "Rowlock",
        "Skeg",
        "Thole",
        "Undertow",
        "Våg",
        "Wherry",
        "Yawl",
        "Zander"
    };
    private static final String[] END = {
        "", "sen", "by", "holm", "ström", "ley", "wick", "é", "er", "dottir", "stead", "moor"
    };

    /** Kinds of events that are many: three of five are left out; a visit has about ninety then. */
    private static final Set<String> MANY = Set.of("STEP_DONE", "SHARES_HOOKED");

    private final Connection db;
    private final SplittableRandom random = new SplittableRandom(61);
    private final Map<String, Writing> writings = new LinkedHashMap<>();

    private long named;

    private ManyYears(Connection db) {
        this.db = db;
    }

    /** A table's columns that are copied, and its rows as they are. */
    private record Rows(String table, List<String> columns, List<Object[]> rows) {
        int at(String column) {
            int at = columns.indexOf(column);
            if (at < 0) {
                throw new IllegalStateException(table + " has no " + column);
            }
            return at;
        }

        Rows where(String column, Object value) {
            int at = at(column);
            return new Rows(
                    table,
                    columns,
                    rows.stream().filter(r -> value.equals(r[at])).toList());
        }
    }

    /** Rows of a table that are still to be written. */
    private record Writing(Rows of, List<Object[]> open) {}

    /** Adds so many clients with so many visits each to the book in a folder, which nobody has open. */
    static void add(Path folder, int clients, int visitsEach) throws SQLException {
        // Nothing else is in it, so nothing is lost if it has to be made again.
        try (Connection db = DriverManager.getConnection(
                        "jdbc:h2:file:" + folder.resolve("gyrotaxis")
                                + ";WRITE_DELAY=5000;AUTO_COMPACT_FILL_RATE=0;CACHE_SIZE=2000000",
                        "sa",
                        "");
                Statement set = db.createStatement()) {
            db.setAutoCommit(false);
            set.execute("set referential_integrity false");
            new ManyYears(db).write(clients, visitsEach);
            db.commit();
            set.execute("set referential_integrity true");
            set.execute("shutdown compact");
        }
    }

    private void write(int clients, int visitsEach) throws SQLException {
        Rows visits = rows("visit", "is_finished = true");
        Map<String, Rows> all = new HashMap<>();
        for (String table : List.of(
                "client",
                "head",
                "plan",
                "work_sheet",
                "visit_event",
                "visit_lesson",
                "follow_up",
                "appointment",
                "stock_movement")) {
            all.put(table, rows(table, "true"));
        }
        Map<Object, Map<String, Rows>> ofVisit = new HashMap<>();
        for (Object[] v : visits.rows()) {
            Object id = v[visits.at("id")];
            Map<String, Rows> its = new HashMap<>();
            for (String table : List.of("visit_lesson", "follow_up", "appointment", "stock_movement")) {
                its.put(table, of(all, table).where("visit_id", id));
            }
            its.put("visit_event", thinned(of(all, "visit_event").where("visit_id", id)));
            its.put("work_sheet", of(all, "work_sheet").where("id", v[visits.at("sheet_id")]));
            ofVisit.put(id, its);
        }
        List<Object> regulars = visits.rows().stream()
                .map(v -> v[visits.at("client_id")])
                .distinct()
                .toList();
        Set<String> names = new HashSet<>();
        for (int c = 0; c < clients; c++) {
            Object like = regulars.get(c % regulars.size());
            Renamed as = new Renamed();
            String name = name(names);
            copy(of(all, "client").where("id", like), as, 0, Map.of("name", name, "folded", FoldedText.of(name)));
            copy(of(all, "head").where("client_id", like), as, 0, Map.of());
            copy(of(all, "plan").where("client_id", like), as, 0, Map.of());
            List<Object[]> hers = visits.where("client_id", like).rows();
            for (int n = 0; n < visitsEach; n++) {
                Object[] v = hers.get(n % hers.size());
                int back = random.nextInt(60, DAYS);
                Map<String, Rows> its = Objects.requireNonNull(ofVisit.get(v[visits.at("id")]));
                Renamed at = as.andThen();
                copy(of(its, "work_sheet"), at, back, Map.of());
                copy(new Rows("visit", visits.columns(), List.<Object[]>of(v)), at, back, Map.of());
                for (String table :
                        List.of("visit_event", "visit_lesson", "follow_up", "appointment", "stock_movement")) {
                    copy(of(its, table), at, back, Map.of());
                }
            }
            if (c % 50 == 49) {
                flush();
                db.commit();
            }
            if (c % 1_000 == 999) {
                System.out.printf("%,d clients%n", c + 1);
            }
        }
        flush();
        try (Statement s = db.createStatement()) {
            s.execute(
                    "update stock_good g set amount = (select coalesce(sum(m.amount), 0) from stock_movement m where m.good_id = g.id)");
            // What was told of visits of other years is told.
            s.execute(
                    "update follow_up set outcome = 'DONE', told_on = due where outcome is null and due < dateadd(day, -45, current_date)");
        }
    }

    /** What ids are called in the copies: the same for the same. */
    private final class Renamed {
        private final Map<Object, Object> names;

        Renamed() {
            this.names = new HashMap<>();
        }

        private Renamed(Map<Object, Object> names) {
            this.names = new HashMap<>(names);
        }

        /** With all that is called so far, for what goes on from here. */
        Renamed andThen() {
            return new Renamed(names);
        }

        Object name(Object id) {
            // One after the other: whatever is looked up by them is appended, where ids by chance would take ten times
            // as long to write.
            return names.computeIfAbsent(id, k -> new UUID(++named, random.nextLong()));
        }
    }

    private static Rows of(Map<String, Rows> all, String table) {
        return Objects.requireNonNull(all.get(table), table);
    }

    private void copy(Rows some, Renamed as, int daysBack, Map<String, Object> instead) throws SQLException {
        List<Object[]> open = writings.computeIfAbsent(some.table(), k -> new Writing(some, new ArrayList<>()))
                .open();
        for (Object[] row : some.rows()) {
            Object[] another = new Object[row.length];
            for (int i = 0; i < row.length; i++) {
                String column = some.columns().get(i);
                Object value = row[i];
                if (instead.containsKey(column)) {
                    value = instead.get(column);
                } else if (value instanceof UUID && isOfHers(some.table(), column)) {
                    value = as.name(value);
                } else if (value instanceof LocalDate day) {
                    value = day.minusDays(daysBack);
                } else if (value instanceof OffsetDateTime at) {
                    value = at.minusDays(daysBack);
                }
                another[i] = value;
            }
            open.add(another);
        }
    }

    private void flush() throws SQLException {
        for (Writing w : writings.values()) {
            for (int from = 0; from < w.open().size(); from += AT_ONCE) {
                insert(w.of(), w.open().subList(from, Math.min(w.open().size(), from + AT_ONCE)));
            }
            w.open().clear();
        }
    }

    private void insert(Rows of, List<Object[]> rows) throws SQLException {
        String columns = of.columns().stream()
                .map(c -> '"' + c.toUpperCase(Locale.ROOT) + '"')
                .collect(Collectors.joining(", "));
        String row = of.columns().stream().map(c -> "?").collect(Collectors.joining(", ", "(", ")"));
        String all = String.join(", ", Collections.nCopies(rows.size(), row));
        try (PreparedStatement into =
                db.prepareStatement("insert into " + of.table() + " (" + columns + ") values " + all)) {
            int at = 0;
            for (Object[] values : rows) {
                for (Object value : values) {
                    into.setObject(++at, value);
                }
            }
            into.executeUpdate();
        }
    }

    /** Who works and which hair it is stays the same; what is hers is another's. */
    private static boolean isOfHers(String table, String column) {
        return column.equals("id")
                || column.equals("client_id")
                || column.equals("head_id")
                || column.equals("plan_id")
                || column.equals("sheet_id")
                || column.equals("visit_id")
                || table.equals("appointment") && column.equals("belongs_to");
    }

    private Rows rows(String table, String where) throws SQLException {
        try (Statement s = db.createStatement();
                ResultSet r = s.executeQuery("select * from " + table + " where " + where)) {
            ResultSetMetaData about = r.getMetaData();
            List<String> columns = new ArrayList<>();
            List<Integer> at = new ArrayList<>();
            for (int i = 1; i <= about.getColumnCount(); i++) {
                // Numbered anew as it arrives.
                if (!about.isAutoIncrement(i)) {
                    columns.add(about.getColumnName(i).toLowerCase(Locale.ROOT));
                    at.add(i);
                }
            }
            List<Object[]> rows = new ArrayList<>();
            while (r.next()) {
                Object[] row = new Object[at.size()];
                for (int i = 0; i < row.length; i++) {
                    row[i] = value(r, at.get(i), about.getColumnTypeName(at.get(i)));
                }
                rows.add(row);
            }
            return new Rows(table, columns, rows);
        }
    }

    private static Object value(ResultSet r, int at, String type) throws SQLException {
        return switch (type) {
            case "DATE" -> r.getObject(at, LocalDate.class);
            case "TIMESTAMP WITH TIME ZONE" -> r.getObject(at, OffsetDateTime.class);
            case "CHARACTER LARGE OBJECT" -> r.getString(at);
            case "BINARY LARGE OBJECT" -> r.getBytes(at);
            default -> r.getObject(at);
        };
    }

    private static Rows thinned(Rows events) {
        int what = events.at("what");
        List<Object[]> some = new ArrayList<>();
        int n = 0;
        for (Object[] e : events.rows()) {
            String text = String.valueOf(e[what]);
            boolean isOfMany = MANY.stream().anyMatch(k -> text.contains('"' + k + '"'));
            if (!isOfMany || n++ % 5 < 2) {
                some.add(e);
            }
        }
        return new Rows(events.table(), events.columns(), some);
    }

    private String name(Set<String> taken) {
        while (true) {
            String name = one(FIRST) + (random.nextInt(4) == 0 ? "-" + one(FIRST) : "") + " " + one(LAST) + one(END)
                    + (random.nextInt(3) == 0 ? "-" + one(LAST) + one(END) : "");
            if (taken.add(name)) {
                return name;
            }
        }
    }

    private String one(String[] of) {
        return of[random.nextInt(of.length)];
    }
}
