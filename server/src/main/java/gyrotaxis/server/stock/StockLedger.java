package gyrotaxis.server.stock;

import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.SetAside;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.core.stock.StockItem;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Movements, and what is there by them. Nothing of it is ever edited. */
public interface StockLedger {
    /** What is there of everything. */
    Stock stock();

    /** What is there of some lines. */
    Stock stock(Set<LineId> lines);

    /** New loops of each line by colour, parts of loops dropped; what there is none of is missing. */
    default Map<UUID, Map<String, Integer>> newLoops() {
        return newLoops(stock());
    }

    /** The same of some stock. */
    static Map<UUID, Map<String, Integer>> newLoops(Stock stock) {
        Map<UUID, Map<String, Integer>> all = new HashMap<>();
        for (StockItem good : stock.amounts().keySet()) {
            if (good instanceof StockItem.OfHair h) {
                int loops = (int) Math.max(0, stock.newParts(h.line(), h.colour()) / StockItem.PARTS);
                if (loops > 0) {
                    all.computeIfAbsent(h.line().value(), k -> new HashMap<>()).put(h.colour(), loops);
                }
            }
        }
        return all;
    }

    /** Keeps movements; those that are known already are passed over. */
    void add(List<Moved> movements);

    /** Whether a movement is known. */
    boolean isKnown(UUID id);

    /** The newest movements before one of them, at most so many; of all goods, or of those of a line. */
    List<Moved> latest(LineFilter of, long before, int most);

    /** Everything that was moved in a visit, in order. */
    List<Moved> ofVisit(UUID visit);

    /** The sum of all movements that are kept, added up anew: what {@link #stock} must say. */
    Stock addedUp();

    /** What is set aside. */
    List<SetAside> setAside();

    /** Sets hair aside for a plan, or with 0 loops no longer. */
    void setAside(UUID plan, LineId line, String colour, int loops);

    /** Holds the shelf against everybody else who means to take from it, until the transaction ends. */
    void hold();

    /** Of which line; of any if {@code line} is null. */
    record LineFilter(@Nullable UUID line) {}

    /** How long each supplier takes, days. */
    Map<String, Integer> leadDays();

    /** Says how long a supplier takes. */
    void leadDays(String supplier, int days);
}
