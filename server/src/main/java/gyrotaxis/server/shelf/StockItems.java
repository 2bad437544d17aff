package gyrotaxis.server.shelf;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.StockViews.GoodBody;
import gyrotaxis.server.shelf.StockViews.GoodKind;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Between goods as they are written down and goods of the core. */
final class StockItems {
    private static final int MAX_LENGTH = 80;
    private static final Interval PACK = new Interval(1, 2400);
    private static final Interval AMOUNT = new Interval(0, 10_000);

    private final Function<UUID, Optional<StockedLine>> lines;

    StockItems(Function<UUID, Optional<StockedLine>> lines) {
        this.lines = lines;
    }

    /** The good, if nothing is wrong with it. */
    Optional<StockItem> checked(Fields f, String at, @Nullable GoodBody body) {
        GoodBody b = body == null ? new GoodBody(null, null, null, null, null, null, null) : body;
        GoodKind kind = f.present(at + "kind", "What it is", b.kind(), GoodKind.PACKS);
        return switch (kind) {
            case PACKS, LOOPS, WEFT -> hair(f, at, b, kind);
            default ->
                Optional.of(new StockItem.Thing(
                        StockItem.Kind.valueOf(kind.name()),
                        f.textOrEmpty(at + "what", "Which of its kind", b.what(), MAX_LENGTH)));
        };
    }

    private Optional<StockItem> hair(Fields f, String at, GoodBody b, GoodKind kind) {
        UUID id = f.id(at + "lineId", "The hair", b.lineId());
        Optional<StockedLine> line = id == null ? Optional.empty() : lines.apply(id);
        if (id != null && line.isEmpty()) {
            f.problem(at + "lineId", "This hair is no longer on the shelf.");
        }
        String lot = f.textOrEmpty(at + "lot", "The lot", b.lot(), MAX_LENGTH);
        return line.map(l -> {
            LineId of = new LineId(l.id());
            String named = f.textOrEmpty(at + "colour", "The colour", b.colour(), MAX_LENGTH);
            String colour = named.isEmpty() ? l.hair().colours().get(0) : named;
            if (!l.hair().colours().contains(colour) && !l.loopsByColour().containsKey(colour)) {
                f.problem(
                        at + "colour",
                        l.hair().name() + " comes in "
                                + String.join(", ", l.hair().colours()) + ".");
            }
            return switch (kind) {
                case PACKS ->
                    new StockItem.Packs(
                            of,
                            colour,
                            lot,
                            b.packLoops() == null
                                    ? l.hair().loopsPerPack()
                                    : f.whole(at + "packLoops", "Loops in a pack", b.packLoops(), PACK));
                case WEFT -> new StockItem.Weft(of, colour, lot);
                default -> new StockItem.Loops(of, colour, lot, b.grade() == null ? StockItem.Grade.NEW : b.grade());
            };
        });
    }

    /** An amount in the smallest measure of a good. */
    static long parts(Fields f, String field, String words, @Nullable Double amount, StockItem good) {
        return Math.round(f.number(field, words, amount, AMOUNT) * good.unit().parts());
    }

    /** An amount as one says it. */
    static double said(long parts, StockItem good) {
        return (double) parts / good.unit().parts();
    }

    static GoodKind kind(StockItem good) {
        if (good instanceof StockItem.Packs) {
            return GoodKind.PACKS;
        } else if (good instanceof StockItem.Loops) {
            return GoodKind.LOOPS;
        } else if (good instanceof StockItem.Weft) {
            return GoodKind.WEFT;
        }
        return GoodKind.valueOf(((StockItem.Thing) good).kind().name());
    }

    /** An amount, as it is written in tables. */
    static String written(double amount) {
        return amount == Math.rint(amount) ? String.valueOf((long) amount) : String.valueOf(amount);
    }

    /** What a good is called, without its line. */
    static String words(StockItem good) {
        if (good instanceof StockItem.Packs p) {
            return p.colour() + ", packs of " + p.loops() + lot(p.lot());
        } else if (good instanceof StockItem.Loops l) {
            return l.colour() + ", " + l.grade().words() + lot(l.lot());
        } else if (good instanceof StockItem.Weft w) {
            return w.colour() + ", weft" + lot(w.lot());
        }
        StockItem.Thing t = (StockItem.Thing) good;
        return t.kind().words() + (t.what().isEmpty() ? "" : ", " + t.what());
    }

    private static String lot(String lot) {
        return lot.isEmpty() ? "" : ", " + lot;
    }
}
