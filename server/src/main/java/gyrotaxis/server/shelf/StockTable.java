package gyrotaxis.server.shelf;

import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.shelf.StockCounts.Count;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import gyrotaxis.server.tables.Fault;
import gyrotaxis.server.tables.Table;
import gyrotaxis.server.tables.Tables;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All that is on the shelf as a table, and a table as a count of what is on the shelf: all of it, or none where anything is wrong. */
@Service
class StockTable {
    static final List<String> COLUMNS =
            List.of("kind", "hair", "colour", "lot", "loops in a pack", "state", "which", "amount", "unit");

    /** More than this is not told one by one. */
    private static final int MAX_TOLD = 200;

    private static final String COUNTED_BY = "counted by a table";

    private final StockLedger ledger;
    private final HairLineRepository shelf;
    private final Clock clock;

    StockTable(StockLedger ledger, HairLineRepository shelf, Clock clock) {
        this.ledger = ledger;
        this.shelf = shelf;
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
        rows.sort(Comparator.comparing(r -> String.join("\u0000", r)));
        return Tables.write(new Table(COLUMNS, rows));
    }

    private static List<String> row(StockItem good, long parts, Map<UUID, String> names) {
        double said = StockItems.said(parts, good);
        Optional<StockItem.OfHair> hair = good instanceof StockItem.OfHair h ? Optional.of(h) : Optional.empty();
        return List.of(
                StockItems.kind(good).words(),
                hair.map(h -> names.getOrDefault(h.line().value(), "")).orElse(""),
                hair.map(StockItem.OfHair::colour).orElse(""),
                hair.map(StockItem.OfHair::lot).orElse(""),
                good instanceof StockItem.Packs p ? String.valueOf(p.loops()) : "",
                good instanceof StockItem.Loops l ? l.grade().words() : "",
                good instanceof StockItem.Thing t ? t.what() : "",
                StockItems.written(said),
                good.unit().words());
    }

    /**
     * Reads a table as a count of the goods that stand in it; others are left as they are.
     *
     * @param isKept whether it is put down; else it is only told what would be, and nobody has to wait for that
     */
    @Transactional
    public TableRead read(byte[] file, boolean isKept) {
        if (isKept) {
            ledger.hold();
        }
        List<Fault> faults = new ArrayList<>();
        List<Count> counts = StockCounts.of(Tables.read(file, COLUMNS), shelf.all(), faults);
        Stock stock = ledger.stock();
        List<Count> differ =
                counts.stream().filter(c -> stock.of(c.good()) != c.parts()).toList();
        boolean isDone = isKept && faults.isEmpty();
        if (isDone) {
            ledger.add(differ.stream().map(c -> moved(c, stock)).toList());
        }
        int added = (int) differ.stream().filter(c -> stock.of(c.good()) == 0).count();
        return new TableRead(
                isDone,
                added,
                differ.size() - added,
                counts.size() - differ.size(),
                differ.stream().limit(MAX_TOLD).map(c -> change(c, stock)).toList(),
                faults.stream().limit(MAX_TOLD).toList());
    }

    private Moved moved(Count c, Stock stock) {
        return new Moved(
                UUID.randomUUID(),
                new Movement(c.good(), MovementReason.COUNTED, c.parts() - stock.of(c.good())),
                clock.instant(),
                Optional.empty(),
                Optional.empty(),
                COUNTED_BY);
    }

    private static TableChange change(Count c, Stock stock) {
        double is = StockItems.said(c.parts(), c.good());
        return new TableChange(
                c.line(), c.words(), c.good().unit().words(is), StockItems.said(stock.of(c.good()), c.good()), is);
    }
}
