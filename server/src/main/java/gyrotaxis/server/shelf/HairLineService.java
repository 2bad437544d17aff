package gyrotaxis.server.shelf;

import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts hair on the shelf, changes and finds it. */
@Service
@Transactional
class HairLineService {
    private final HairLineRepository shelf;
    private final StarterSet starters;
    private final HairInUse used;
    private final StockLedger ledger;
    private final Clock clock;

    HairLineService(HairLineRepository shelf, StarterSet starters, HairInUse used, StockLedger ledger, Clock clock) {
        this.shelf = shelf;
        this.starters = starters;
        this.used = used;
        this.ledger = ledger;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<HairLineView> all() {
        return shelf.all().stream().map(HairLineView::of).toList();
    }

    HairLineView add(HairLineBody body) {
        StockedLine line = body.toLine(UUID.randomUUID());
        shelf.add(line);
        return HairLineView.of(line);
    }

    List<HairLineView> addStarters() {
        // However often it is asked for in the same moment, it is put there once.
        ledger.hold();
        if (shelf.all().stream().noneMatch(StockedLine::isStarter)) {
            starters.lines().forEach(shelf::add);
        }
        return all();
    }

    List<HairLineView> removeStarters() {
        shelf.removeStarters(used.hairInUse());
        return all();
    }

    /** Who says how many there are, counted them. */
    private void countIfSaid(StockedLine line, @Nullable Integer loops) {
        if (loops == null
                || shelf.find(line.id()).filter(l -> l.loopsOnShelf() != loops).isEmpty()) {
            return;
        }
        ledger.hold();
        LineId id = new LineId(line.id());
        Stock stock = ledger.stock(Set.of(id));
        String first = line.hair().colours().get(0);
        long others = StockLedger.newLoops(stock).getOrDefault(line.id(), Map.of()).entrySet().stream()
                .filter(e -> !e.getKey().equals(first))
                .mapToLong(Map.Entry::getValue)
                .sum();
        long counted = Math.max(0, loops - others) * StockItem.PARTS;
        ledger.add(stock.counted(id, first, counted, line.hair().loopsPerPack()).stream()
                .map(m -> Moved.now(m, clock.instant(), Optional.empty(), Optional.empty(), ""))
                .toList());
    }

    HairLineView change(UUID id, HairLineBody body) {
        StockedLine line = body.toLine(id);
        countIfSaid(line, body.loopsOnShelf());
        return shelf.change(line)
                .flatMap(changed -> shelf.find(id))
                .map(HairLineView::of)
                .orElseThrow(() -> {
                    StockedLine current =
                            shelf.find(id).orElseThrow(() -> new NotFound("This hair is no longer on the shelf."));
                    return new Stale(
                            "Somebody changed " + current.hair().name() + " in the meantime.",
                            HairLineView.of(current));
                });
    }
}
