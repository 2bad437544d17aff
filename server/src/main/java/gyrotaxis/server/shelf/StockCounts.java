package gyrotaxis.server.shelf;

import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.StockViews.GoodBody;
import gyrotaxis.server.shelf.StockViews.GoodKind;
import gyrotaxis.server.tables.Cells;
import gyrotaxis.server.tables.Fault;
import gyrotaxis.server.tables.Tables;
import gyrotaxis.server.text.FoldedText;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;

/** The rows of a table as counts of goods, each checked as if it were counted by hand. */
final class StockCounts {
    /** Columns of a table by the fields of a good. */
    private static final Map<String, String> COLUMN_OF =
            Map.of("lineId", "hair", "packLoops", "loops in a pack", "grade", "state", "what", "which");

    private final Map<UUID, StockedLine> byId = new HashMap<>();
    private final Map<String, List<StockedLine>> byName = new HashMap<>();
    private final StockItems goods = new StockItems(id -> Optional.ofNullable(byId.get(id)));

    private StockCounts(List<StockedLine> lines) {
        for (StockedLine line : lines) {
            byId.put(line.id(), line);
            byName.computeIfAbsent(FoldedText.of(line.hair().name()), k -> new ArrayList<>())
                    .add(line);
        }
    }

    /**
     * How much there is of a good.
     *
     * @param line of the file
     * @param parts in the smallest measure of the good
     * @param words what it is called
     */
    record Count(int line, StockItem good, long parts, String words) {}

    /**
     * What was counted.
     *
     * @param lines what hair there is on the shelf
     * @param faults where what is wrong is put, that of the file itself as well; a row with any is left out
     */
    static List<Count> of(Tables.Read read, List<StockedLine> lines, List<Fault> faults) {
        faults.addAll(read.faults());
        StockCounts counts = new StockCounts(lines);
        Map<StockItem, Count> all = new HashMap<>();
        List<Count> inOrder = new ArrayList<>();
        for (int i = 0; i < read.table().rows().size(); i++) {
            List<Fault> own = new ArrayList<>();
            Cells cells = new Cells(
                    read.table(), read.table().rows().get(i), read.lines().get(i), own);
            Optional<Count> count = counts.of(cells, own);
            count.ifPresent(c -> {
                Count before = all.putIfAbsent(c.good, c);
                if (before == null) {
                    inOrder.add(c);
                } else {
                    cells.wrong("", "This stands in line " + before.line + " already. Put both together in one line.");
                }
            });
            faults.addAll(own);
        }
        return inOrder;
    }

    private Optional<Count> of(Cells cells, List<Fault> own) {
        Optional<GoodKind> kind = cells.oneOf("kind", List.of(GoodKind.values()), GoodKind::words);
        Optional<StockedLine> line = kind.filter(GoodKind::isHair).flatMap(k -> line(cells));
        OptionalDouble amount = cells.number("amount");
        OptionalInt pack = cells.whole("loops in a pack");
        if (own.isEmpty() && amount.isEmpty()) {
            cells.wrong("amount", "How much is there? 0 if there is none.");
        }
        Optional<StockItem.Grade> grade = kind.filter(k -> k == GoodKind.LOOPS)
                .filter(k -> !cells.text("state").isEmpty())
                .flatMap(k -> cells.oneOf("state", List.of(StockItem.Grade.values()), StockItem.Grade::words));
        if (!own.isEmpty()) {
            return Optional.empty();
        }
        return checked(
                cells,
                new GoodBody(
                        kind.orElseThrow(),
                        line.map(l -> l.id().toString()).orElse(null),
                        cells.text("colour"),
                        cells.text("lot"),
                        pack.isPresent() ? (Integer) pack.getAsInt() : null,
                        grade.orElse(null),
                        cells.text("which")),
                line,
                amount.orElseThrow());
    }

    private Optional<StockedLine> line(Cells cells) {
        List<StockedLine> named = byName.getOrDefault(FoldedText.of(cells.text("hair")), List.of());
        if (named.isEmpty()) {
            cells.wrong("hair", "“" + cells.text("hair") + "” is not on the shelf. Put the line there first.");
        } else if (named.size() > 1) {
            cells.wrong(
                    "hair", "There are " + named.size() + " lines of this name. Give each a name of its own first.");
        }
        return named.stream().findFirst();
    }

    private Optional<Count> checked(Cells cells, GoodBody body, Optional<StockedLine> line, double amount) {
        Fields f = new Fields();
        Optional<StockItem> good = goods.checked(f, "", body);
        long parts = good.map(g -> StockItems.parts(f, "amount", "The amount", amount, g))
                .orElse(0L);
        String name = line.map(l -> l.hair().name() + ", ").orElse("");
        try {
            return f.orRefuse(() -> good.map(g -> new Count(cells.line(), g, parts, name + StockItems.words(g))));
        } catch (FieldProblems wrong) {
            for (FieldProblem p : wrong.problems()) {
                cells.wrong(COLUMN_OF.getOrDefault(p.field(), p.field()), p.message());
            }
            return Optional.empty();
        }
    }
}
