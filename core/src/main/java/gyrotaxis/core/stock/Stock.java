package gyrotaxis.core.stock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What is on the shelf: the sum of all that came and went.
 *
 * @param amounts what there is of each good, in its smallest measure; goods of which nothing is left are missing
 */
public record Stock(Map<StockItem, Long> amounts) {
    public Stock {
        LinkedHashMap<StockItem, Long> some = new LinkedHashMap<>(amounts);
        some.values().removeIf(n -> n == 0);
        amounts = Collections.unmodifiableMap(some);
    }

    /** The sum of movements. */
    public static Stock of(List<Movement> movements) {
        LinkedHashMap<StockItem, Long> sum = new LinkedHashMap<>();
        movements.forEach(m -> sum.merge(m.good(), m.amount(), Long::sum));
        return new Stock(sum);
    }

    /** What there is of a good, in its smallest measure. */
    public long of(StockItem good) {
        return amounts.getOrDefault(good, 0L);
    }

    /** The same after more came and went. */
    public Stock after(List<Movement> more) {
        LinkedHashMap<StockItem, Long> sum = new LinkedHashMap<>(amounts);
        more.forEach(m -> sum.merge(m.good(), m.amount(), Long::sum));
        return new Stock(sum);
    }

    /** The first good of which less than nothing would be left; empty if all that goes is there. */
    public Optional<StockItem> lacking(List<Movement> more) {
        return after(more).amounts.entrySet().stream()
                .filter(e -> e.getValue() < 0)
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** New loops and parts of loops of a line in a colour, packs that are not opened included, in parts of a loop. */
    public long newParts(LineId line, String colour) {
        return parts(line, colour, true);
    }

    /** Whole new loops of a line in a colour that nobody has set aside, at least 0. */
    public int freeLoops(LineId line, String colour, List<SetAside> setAside) {
        long kept = setAside.stream()
                .filter(s -> s.line().equals(line) && s.colour().equals(colour))
                .mapToLong(SetAside::loops)
                .sum();
        return (int) Math.max(0, newParts(line, colour) / StockItem.PARTS - kept);
    }

    /** The same for a plan, for which what is set aside for itself is free. */
    public int freeLoops(LineId line, String colour, List<SetAside> setAside, UUID forWhom) {
        return freeLoops(
                line,
                colour,
                setAside.stream().filter(s -> !s.forWhom().equals(forWhom)).toList());
    }

    /** Washed loops and parts of loops of a line in a colour, in parts of a loop. */
    public long washedParts(LineId line, String colour) {
        return parts(line, colour, false);
    }

    private long parts(LineId line, String colour, boolean isNew) {
        long sum = 0;
        for (Map.Entry<StockItem, Long> e : amounts.entrySet()) {
            if (e.getKey() instanceof StockItem.Packs p
                    && isNew
                    && p.line().equals(line)
                    && p.colour().equals(colour)) {
                sum += e.getValue() * p.loops() * StockItem.PARTS;
            }
            if (e.getKey() instanceof StockItem.Loops l
                    && (l.grade() == StockItem.Grade.NEW) == isNew
                    && l.line().equals(line)
                    && l.colour().equals(colour)) {
                sum += e.getValue();
            }
        }
        return sum;
    }

    /**
     * Opens a pack: it goes, its loops come.
     *
     * @param packs which
     */
    public static List<Movement> opening(StockItem.Packs packs) {
        return List.of(
                new Movement(packs, MovementReason.OPENED, -1),
                new Movement(
                        new StockItem.Loops(packs.line(), packs.colour(), packs.lot(), StockItem.Grade.NEW),
                        MovementReason.OPENED,
                        (long) packs.loops() * StockItem.PARTS));
    }

    /**
     * What to move so that so much hair leaves the shelf: open loops of the lot first, then those of others, then packs are opened, the
     * named lot first. What the shelf does not know of is counted as found, since it is in somebody's hand.
     *
     * @param lot the lot that is in hand; may be empty if nobody looked
     * @param parts how much goes, in parts of a loop, at least 0
     * @param loopsPerPack loops in a pack that is not known of
     */
    public List<Movement> taking(LineId line, String colour, String lot, long parts, int loopsPerPack) {
        List<Movement> moves = new ArrayList<>();
        long open = parts;
        Stock left = this;
        while (open > 0) {
            Optional<StockItem.Loops> there = left.firstOpen(line, colour, lot);
            if (there.isPresent()) {
                long some = Math.min(open, left.of(there.get()));
                open -= some;
                left = left.moved(moves, List.of(new Movement(there.get(), MovementReason.USED, -some)));
                continue;
            }
            StockItem.Packs packs = left.firstPack(line, colour, lot)
                    .orElseGet(() -> new StockItem.Packs(line, colour, lot, loopsPerPack));
            if (left.of(packs) == 0) {
                left = left.moved(moves, List.of(new Movement(packs, MovementReason.COUNTED, 1)));
            }
            left = left.moved(moves, opening(packs));
        }
        return moves;
    }

    /**
     * What to move so that so much new hair of a line in a colour is there, because so much was counted.
     *
     * @param parts what was counted, in parts of a loop, at least 0
     */
    public List<Movement> counted(LineId line, String colour, long parts, int loopsPerPack) {
        long more = parts - newParts(line, colour);
        if (more > 0) {
            return List.of(new Movement(
                    new StockItem.Loops(line, colour, "", StockItem.Grade.NEW), MovementReason.COUNTED, more));
        }
        return taking(line, colour, "", -more, loopsPerPack).stream()
                .map(m ->
                        m.why() == MovementReason.USED ? new Movement(m.good(), MovementReason.COUNTED, m.amount()) : m)
                .toList();
    }

    private Stock moved(List<Movement> moves, List<Movement> more) {
        moves.addAll(more);
        return after(more);
    }

    private Optional<StockItem.Loops> firstOpen(LineId line, String colour, String lot) {
        List<StockItem.Loops> open = new ArrayList<>();
        for (Map.Entry<StockItem, Long> e : amounts.entrySet()) {
            if (e.getKey() instanceof StockItem.Loops l
                    && e.getValue() > 0
                    && l.grade() == StockItem.Grade.NEW
                    && l.line().equals(line)
                    && l.colour().equals(colour)) {
                open.add(l);
            }
        }
        // Once a pack of another lot is in hand, what is open of an older one is not what is used.
        boolean isLotPacked = !lot.isEmpty() && firstPackOf(line, colour, lot).isPresent();
        return open.stream()
                .filter(l -> l.lot().equals(lot))
                .findFirst()
                .or(() -> isLotPacked ? Optional.empty() : open.stream().findFirst());
    }

    private Optional<StockItem.Packs> firstPack(LineId line, String colour, String lot) {
        return firstPackOf(line, colour, lot)
                .or(() -> packs(line, colour).stream().findFirst());
    }

    private Optional<StockItem.Packs> firstPackOf(LineId line, String colour, String lot) {
        return packs(line, colour).stream().filter(p -> p.lot().equals(lot)).findFirst();
    }

    private List<StockItem.Packs> packs(LineId line, String colour) {
        List<StockItem.Packs> packs = new ArrayList<>();
        for (Map.Entry<StockItem, Long> e : amounts.entrySet()) {
            if (e.getKey() instanceof StockItem.Packs p
                    && e.getValue() > 0
                    && p.line().equals(line)
                    && p.colour().equals(colour)) {
                packs.add(p);
            }
        }
        return packs;
    }
}
