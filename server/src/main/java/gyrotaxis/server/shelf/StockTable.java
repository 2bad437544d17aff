package gyrotaxis.server.shelf;

import gyrotaxis.core.stock.Good;
import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.core.stock.Why;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.StockViews.GoodBody;
import gyrotaxis.server.shelf.StockViews.GoodKind;
import gyrotaxis.server.stock.Ledger;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.tables.Cells;
import gyrotaxis.server.tables.Fault;
import gyrotaxis.server.tables.Table;
import gyrotaxis.server.tables.Tables;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All that is on the shelf as a table, and a table as a count of what is on the shelf: all of it, or none where anything is wrong. */
@Service
class StockTable {
    static final List<String> COLUMNS =
            List.of("kind", "hair", "colour", "lot", "loops in a pack", "state", "which", "amount", "unit");

    /** More than this is not told one by one. */
    private static final int MOST_TOLD = 200;

    private static final String COUNTED_BY = "counted by a table";

    private final Ledger ledger;
    private final Shelf shelf;
    private final Goods goods;
    private final Clock clock;

    StockTable(Ledger ledger, Shelf shelf, Clock clock) {
        this.ledger = ledger;
        this.shelf = shelf;
        this.goods = new Goods(shelf);
        this.clock = clock;
    }

    /**
     * What a table would do, or did.
     *
     * @param isKept whether it was done
     * @param added goods that were not on the shelf
     * @param changed goods of which there is more or less
     * @param left goods of which there is as much as the book says
     * @param changes the first of those that are added or changed
     * @param faults what is wrong; nothing is done then
     */
    record TableRead(boolean isKept, int added, int changed, int left, List<TableChange> changes, List<Fault> faults) {}

    /** One good, how much of it there was by the book, and how much there is by the table. */
    record TableChange(int line, String words, String unit, double was, double is) {}

    /** Everything that is on the shelf. */
    @Transactional(readOnly = true)
    public byte[] written() {
        Map<UUID, String> names = new HashMap<>();
        shelf.all().forEach(l -> names.put(l.id(), l.hair().name()));
        List<List<String>> rows = new ArrayList<>();
        ledger.stock().amounts().forEach((good, parts) -> {
            if (parts != 0) {
                rows.add(row(good, parts, names));
            }
        });
        rows.sort((a, b) -> String.join("\u0000", a).compareTo(String.join("\u0000", b)));
        return Tables.write(new Table(COLUMNS, rows));
    }

    private static List<String> row(Good good, long parts, Map<UUID, String> names) {
        String kind = Goods.kind(good).name().toLowerCase(Locale.ROOT).replace('_', ' ');
        double said = Goods.said(parts, good);
        String amount = said == Math.rint(said) ? String.valueOf((long) said) : String.valueOf(said);
        String hair =
                good instanceof Good.OfHair h ? names.getOrDefault(h.line().value(), "") : "";
        String colour = good instanceof Good.OfHair h ? h.colour() : "";
        String lot = good instanceof Good.Packs p
                ? p.lot()
                : good instanceof Good.Loops l ? l.lot() : good instanceof Good.Weft w ? w.lot() : "";
        String loops = good instanceof Good.Packs p ? String.valueOf(p.loops()) : "";
        String state = good instanceof Good.Loops l ? l.grade().words() : "";
        String which = good instanceof Good.Thing t ? t.what() : "";
        return List.of(
                kind,
                hair,
                colour,
                lot,
                loops,
                state,
                which,
                amount,
                good.unit().words());
    }

    /**
     * Reads a table as a count of the goods that stand in it; others are left as they are.
     *
     * @param isKept whether it is put down; else it is only told what would be
     */
    @Transactional
    public TableRead read(byte[] file, boolean isKept) {
        ledger.hold();
        Tables.Read read = Tables.read(file, COLUMNS);
        List<Fault> faults = new ArrayList<>(read.faults());
        Map<Good, Integer> lines = new HashMap<>();
        List<Moved> moves = new ArrayList<>();
        List<TableChange> changes = new ArrayList<>();
        Map<String, List<StockedLine>> byName = new HashMap<>();
        shelf.all()
                .forEach(l -> byName.computeIfAbsent(folded(l.hair().name()), k -> new ArrayList<>())
                        .add(l));
        Stock stock = ledger.stock();
        int added = 0;
        int left = 0;
        for (int i = 0; i < read.table().rows().size(); i++) {
            Cells cells = new Cells(
                    read.table(), read.table().rows().get(i), read.lines().get(i), faults);
            Optional<Count> count = count(cells, byName);
            if (count.isEmpty()) {
                continue;
            }
            Good good = count.get().good;
            Integer before = lines.putIfAbsent(good, cells.line());
            if (before != null) {
                cells.wrong("", "This stands in line " + before + " already. Put both together in one line.");
                continue;
            }
            long was = stock.of(good);
            long differs = count.get().parts - was;
            if (differs == 0) {
                left++;
                continue;
            }
            added += was == 0 ? 1 : 0;
            changes.add(new TableChange(
                    cells.line(),
                    count.get().words,
                    good.unit().words(),
                    Goods.said(was, good),
                    Goods.said(count.get().parts, good)));
            moves.add(new Moved(
                    UUID.randomUUID(),
                    new Movement(good, Why.COUNTED, differs),
                    clock.instant(),
                    Optional.empty(),
                    Optional.empty(),
                    COUNTED_BY));
        }
        boolean isDone = isKept && faults.isEmpty();
        if (isDone) {
            ledger.add(moves);
        }
        return new TableRead(
                isDone,
                added,
                changes.size() - added,
                left,
                changes.stream().limit(MOST_TOLD).toList(),
                faults.stream().limit(MOST_TOLD).toList());
    }

    private record Count(Good good, long parts, String words) {}

    private Optional<Count> count(Cells cells, Map<String, List<StockedLine>> byName) {
        List<String> kinds = Arrays.stream(GoodKind.values())
                .map(k -> k.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .toList();
        List<Fault> before = new ArrayList<>();
        Cells own = cells.noting(before);
        GoodKind kind = GoodKind.valueOf(
                own.oneOf("kind", kinds, "packs").toUpperCase(Locale.ROOT).replace(' ', '_'));
        boolean isHair = kind == GoodKind.PACKS || kind == GoodKind.LOOPS || kind == GoodKind.WEFT;
        Optional<StockedLine> line = before.isEmpty() && isHair ? line(own, byName) : Optional.empty();
        OptionalDouble amount = own.number("amount");
        OptionalDouble pack = own.number("loops in a pack");
        if (before.isEmpty() && amount.isEmpty()) {
            own.wrong("amount", "How much is there? 0 if there is none.");
        }
        Good.@Nullable Grade grade = null;
        if (kind == GoodKind.LOOPS && !own.text("state").isEmpty()) {
            List<String> grades =
                    Arrays.stream(Good.Grade.values()).map(Good.Grade::words).toList();
            String words = own.oneOf("state", grades, grades.get(0));
            grade = Good.Grade.values()[grades.indexOf(words)];
        }
        if (!before.isEmpty()) {
            before.forEach(f -> cells.wrong(f.column(), f.reason()));
            return Optional.empty();
        }
        return checked(cells, kind, line, pack, grade, amount.orElseThrow());
    }

    private static Optional<StockedLine> line(Cells own, Map<String, List<StockedLine>> byName) {
        List<StockedLine> named = byName.getOrDefault(folded(own.text("hair")), List.of());
        if (named.isEmpty()) {
            own.wrong("hair", "“" + own.text("hair") + "” is not on the shelf. Put the line there first.");
        } else if (named.size() > 1) {
            own.wrong("hair", "There are " + named.size() + " lines of this name. Give each a name of its own first.");
        }
        return named.stream().findFirst();
    }

    /** As it would be checked if it were counted by hand. */
    private Optional<Count> checked(
            Cells cells,
            GoodKind kind,
            Optional<StockedLine> line,
            OptionalDouble pack,
            Good.@Nullable Grade grade,
            double amount) {
        Fields f = new Fields();
        GoodBody body = new GoodBody(
                kind,
                line.map(l -> l.id().toString()).orElse(null),
                cells.text("colour"),
                cells.text("lot"),
                pack.isPresent() ? (Integer) (int) Math.rint(pack.getAsDouble()) : null,
                grade,
                cells.text("which"));
        Optional<Good> good = goods.checked(f, "", body);
        long parts =
                good.map(g -> Goods.parts(f, "amount", "The amount", amount, g)).orElse(0L);
        try {
            return f.orRefuse(() -> good.map(g -> new Count(g, parts, words(g, line))));
        } catch (FieldProblems wrong) {
            for (FieldProblem p : wrong.problems()) {
                cells.wrong(COLUMN_OF.getOrDefault(p.field(), p.field()), p.message());
            }
            return Optional.empty();
        }
    }

    private static final Map<String, String> COLUMN_OF =
            Map.of("lineId", "hair", "packLoops", "loops in a pack", "grade", "state", "what", "which");

    private static String words(Good good, Optional<StockedLine> line) {
        return line.map(l -> l.hair().name() + ", ").orElse("") + Goods.words(good);
    }

    private static String folded(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }
}
