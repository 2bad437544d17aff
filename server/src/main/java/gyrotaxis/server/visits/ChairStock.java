package gyrotaxis.server.visits;

import gyrotaxis.core.chair.Account;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.chair.VisitEvent.LoopsKept;
import gyrotaxis.core.chair.VisitState;
import gyrotaxis.core.plan.WorkSheet.Supply;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.Stock;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.language.HairInHand;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What happens at the chair moves the stock: bundles that are opened leave the shelf, what is left of them once the work is done comes
 * back, and washed loops are put by.
 *
 * <p>What a visit should have moved follows from its events; what it moved already is known; the difference is moved. So late, doubled
 * and undone events all come to the same.
 */
@Component
class ChairStock {
    private static final Set<Class<? extends VisitEvent>> MOVE = Set.of(
            VisitEvent.BundleOpened.class,
            VisitEvent.RestCounted.class,
            VisitEvent.Finished.class,
            VisitEvent.Reopened.class,
            VisitEvent.Undone.class,
            LoopsKept.class,
            VisitEvent.Replaced.class,
            VisitEvent.FillPlaced.class);

    private final StockLedger ledger;
    private final HairInHand shelf;
    private final Clock clock;

    ChairStock(StockLedger ledger, HairInHand shelf, Clock clock) {
        this.ledger = ledger;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** Whether any of these moves the stock. */
    static boolean isMovedBy(List<RecordedEvent> events) {
        return events.stream().anyMatch(e -> MOVE.contains(e.what().getClass()));
    }

    /** Hair of a line in a colour out of a lot. */
    private record Hair(LineId line, String colour, String lot) {}

    /** Moves what is still to be moved. */
    void settle(VisitLoader.Work work) {
        Optional<StoredPlan> basis = work.ready().frozen().basis();
        if (basis.isEmpty()) {
            return;
        }
        ledger.hold();
        VisitState state = work.state();
        Map<Hair, Long> taken = new LinkedHashMap<>();
        Map<Hair, Long> back = new LinkedHashMap<>();
        Map<StockItem, Long> washed = new LinkedHashMap<>();
        Account account = Account.of(work.ready().sheet(), work.events());
        for (VisitState.Bundle b : state.bundles()) {
            hair(work, basis.get(), b).ifPresent(h -> taken.merge(h, b.loops() * (long) StockItem.PARTS, Long::sum));
        }
        if (state.isFinished()) {
            for (Account.Hair h : account.hair()) {
                // What is left is of the bundle that was opened last.
                state.bundles().stream()
                        .filter(b -> b.opened().supply() == h.supply())
                        .reduce((first, last) -> last)
                        .filter(b -> h.isCounted() && h.left() > 0)
                        .flatMap(b -> hair(work, basis.get(), b))
                        .ifPresent(k -> back.merge(k, Math.round(h.left() * StockItem.PARTS), Long::sum));
            }
        }
        for (LoopsKept k : state.takedown().kept()) {
            hair(
                            work,
                            basis.get(),
                            k.supply(),
                            "",
                            Optional.ofNullable(state.replaced().get(k.supply())))
                    .ifPresent(h -> washed.merge(
                            new StockItem.Loops(h.line(), h.colour(), "", k.grade()),
                            Math.round(k.loops() * StockItem.PARTS),
                            Long::sum));
        }
        move(work.visit(), taken, back, washed, work);
    }

    private void move(
            Visit visit,
            Map<Hair, Long> taken,
            Map<Hair, Long> back,
            Map<StockItem, Long> washed,
            VisitLoader.Work work) {
        List<Moved> before = ledger.ofVisit(visit.id());
        for (Moved m : before) {
            if (m.what().good() instanceof StockItem.Loops l) {
                Hair h = new Hair(l.line(), l.colour(), l.lot());
                switch (m.what().why()) {
                    case USED -> taken.merge(closest(taken, h), m.what().amount(), Long::sum);
                    case LEFT_OVER -> back.merge(closest(back, h), -m.what().amount(), Long::sum);
                    case WASHED -> washed.merge(l, -m.what().amount(), Long::sum);
                    default -> {
                        // A pack that was opened, or found, stays so.
                    }
                }
            }
        }
        List<Movement> moves = new ArrayList<>();
        taken.forEach((h, parts) -> {
            Stock stock = ledger.stock(Set.of(h.line())).after(moves);
            if (parts > 0) {
                moves.addAll(stock.taking(h.line(), h.colour(), h.lot(), parts, packOf(work, h)));
            } else if (parts < 0) {
                moves.add(new Movement(loops(h), MovementReason.LEFT_OVER, -parts));
            }
        });
        back.forEach((h, parts) -> {
            if (parts > 0) {
                moves.add(new Movement(loops(h), MovementReason.LEFT_OVER, parts));
            } else if (parts < 0) {
                moves.addAll(ledger.stock(Set.of(h.line()))
                        .after(moves)
                        .taking(h.line(), h.colour(), h.lot(), -parts, packOf(work, h)));
            }
        });
        washed.forEach((good, parts) -> {
            if (parts > 0) {
                moves.add(new Movement(good, MovementReason.WASHED, parts));
            } else if (parts < 0) {
                moves.add(new Movement(good, MovementReason.COUNTED, parts));
            }
        });
        ledger.add(moves.stream()
                .map(m -> Moved.now(m, at(work), visit.stylist(), Optional.of(visit.id()), ""))
                .toList());
    }

    /** When the last thing happened; a device whose clock runs ahead does not move the shelf in days to come. */
    private Instant at(VisitLoader.Work work) {
        Instant now = clock.instant();
        return work.state().lastAt().filter(l -> l.isBefore(now)).orElse(now);
    }

    /** The lot that is in hand may not be the one that the shelf gave for it: then it counts for the line and colour. */
    private static Hair closest(Map<Hair, Long> among, Hair h) {
        return among.containsKey(h)
                ? h
                : among.keySet().stream()
                        .filter(k -> k.line().equals(h.line()) && k.colour().equals(h.colour()))
                        .findFirst()
                        .orElse(h);
    }

    private static StockItem.Loops loops(Hair h) {
        return new StockItem.Loops(h.line(), h.colour(), h.lot(), StockItem.Grade.NEW);
    }

    private int packOf(VisitLoader.Work work, Hair h) {
        return work.ready().frozen().basis().stream()
                .flatMap(b -> b.hairs() == null ? Stream.<StoredPlan.KnownHair>of() : b.hairs().stream())
                .filter(k -> k.id().equals(h.line().value()))
                .map(k -> k.hair().line().loopsPerPack())
                .findFirst()
                .or(() -> shelf.find(h.line().value()).map(k -> k.hair().loopsPerPack()))
                .orElse(1);
    }

    private static Supply supply(VisitLoader.Work work, int supply) {
        return work.ready().sheet().supplies().get(supply);
    }

    private static Optional<Hair> hair(VisitLoader.Work work, StoredPlan basis, VisitState.Bundle b) {
        return hair(work, basis, b.opened().supply(), b.opened().lot(), b.replaced());
    }

    /**
     * Which hair of the shelf is taken for a supply of the sheet.
     *
     * @return empty if the shelf does not have it
     */
    private static Optional<Hair> hair(
            VisitLoader.Work work, StoredPlan basis, int supply, String lot, Optional<VisitEvent.Replaced> replaced) {
        OptionalInt from = supply(work, supply).cutFrom();
        Supply planned = supply(work, from.orElse(supply));
        String colour = replaced.map(VisitEvent.Replaced::colour)
                .filter(c -> !c.isBlank())
                .orElse(planned.colour());
        return replaced.isPresent() && !isSameLine(replaced.get(), planned)
                ? replaced.get().id().map(id -> new Hair(id, colour, lot.strip()))
                : plannedLine(basis, planned).map(id -> new Hair(id, colour, lot.strip()));
    }

    /** Another colour of the line that was planned; nobody chose that line by its id. */
    private static boolean isSameLine(VisitEvent.Replaced r, Supply planned) {
        return r.id().isEmpty() && r.line().equals(planned.line().name());
    }

    /** The brief knows lines by their ids, the sheet by all that is told of them; one that was changed since is found by its name. */
    private static Optional<LineId> plannedLine(StoredPlan basis, Supply planned) {
        List<StoredPlan.KnownHair> named = basis.hairs() == null
                ? List.of()
                : basis.hairs().stream()
                        .filter(k -> k.hair().name().equals(planned.line().name()))
                        .toList();
        return named.stream()
                .filter(k -> k.hair().line().equals(planned.line()))
                .findFirst()
                .or(() -> named.stream().findFirst())
                .map(k -> new LineId(k.id()));
    }
}
