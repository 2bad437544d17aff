package gyrotaxis.server.orders;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.stock.Coming;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.Movement;
import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.orders.OrderBodies.OnTheWayView;
import gyrotaxis.server.orders.OrderBodies.OrderBody;
import gyrotaxis.server.orders.OrderBodies.OrderItemBody;
import gyrotaxis.server.orders.OrderBodies.OrderView;
import gyrotaxis.server.orders.OrderBodies.OrderedView;
import gyrotaxis.server.orders.OrderBodies.OrdersView;
import gyrotaxis.server.orders.OrderBodies.PackOfferView;
import gyrotaxis.server.orders.OrderBodies.PackedView;
import gyrotaxis.server.orders.OrderBodies.ParcelBody;
import gyrotaxis.server.orders.OrderBodies.ParcelView;
import gyrotaxis.server.orders.Supplier.NotSold;
import gyrotaxis.server.orders.Supplier.Parcel;
import gyrotaxis.server.orders.Supplier.Promise;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Orders, and puts what came on the shelf once somebody has looked it through. */
@Service
public class OrderService {
    private static final int MAX_ITEMS = 60;
    private static final int MAX_CLOSED = 10;
    private static final int MAX_NAME_LENGTH = 80;
    private static final int MAX_BACK_LENGTH = 400;
    private static final Interval PACKS = new Interval(1, Item.MAX_PACKS);
    private static final Interval LOOPS = new Interval(1, Item.MAX_LOOPS);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.UK);

    private final OrderRepository orders;
    private final Supplier supplier;
    private final HairLineRepository shelf;
    private final StockLedger ledger;
    private final StudioDay day;
    private final Clock clock;
    private final TransactionTemplate transaction;

    OrderService(
            OrderRepository orders,
            Supplier supplier,
            HairLineRepository shelf,
            StockLedger ledger,
            StudioDay day,
            Clock clock,
            TransactionTemplate transaction) {
        this.orders = orders;
        this.supplier = supplier;
        this.shelf = shelf;
        this.ledger = ledger;
        this.day = day;
        this.clock = clock;
        this.transaction = transaction;
    }

    OrdersView all() {
        Map<UUID, String> names = names();
        List<Order> open = orders.open();
        return new OrdersView(
                open.stream().map(o -> view(o, names)).toList(),
                orders.closed(MAX_CLOSED).stream().map(o -> view(o, names)).toList(),
                onTheWay(open));
    }

    private Map<UUID, String> names() {
        return shelf.all().stream()
                .collect(Collectors.toMap(StockedLine::id, l -> l.hair().name()));
    }

    List<PackOfferView> catalogue(String of) {
        Map<UUID, String> names = names();
        return supplier.catalogue(of).stream()
                .map(o -> new PackOfferView(
                        o.item().line(),
                        names.getOrDefault(o.item().line(), ""),
                        o.item().colour(),
                        o.item().packs(),
                        o.item().loops(),
                        o.priceMinor(),
                        o.currency()))
                .toList();
    }

    /** Orders first and keeps then: an order that is not answered is kept nowhere, and ordering it again is the same order. */
    OrdersView order(OrderBody body) {
        Fields f = new Fields();
        UUID id = f.id("id", "The order", body.id());
        String of = f.text("supplier", "The supplier", body.supplier(), MAX_NAME_LENGTH);
        List<OrderItemBody> wanted = f.present("items", "What is ordered", body.items(), List.of());
        if (wanted.isEmpty() || wanted.size() > MAX_ITEMS) {
            f.problem("items", "An order has 1 to " + MAX_ITEMS + " lines.");
        }
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < Math.min(MAX_ITEMS, wanted.size()); i++) {
            items.add(item(f, "items." + i + ".", wanted.get(i)));
        }
        f.orRefuse(() -> items);
        if (id == null || orders.find(id).isPresent()) {
            return all();
        }
        try {
            Promise promised = supplier.order(of, id, items);
            Order order = new Order(
                    id,
                    of,
                    clock.instant(),
                    promised,
                    items.stream().map(i -> new Order.Line(i, 0)).toList(),
                    List.of(),
                    false);
            transaction.executeWithoutResult(t -> orders.add(order));
        } catch (NotSold e) {
            f.problem("items", String.valueOf(e.getMessage()));
            f.orRefuse(() -> items);
        }
        return all();
    }

    private Item item(Fields f, String at, OrderItemBody b) {
        UUID id = f.id(at + "lineId", "The hair", b.lineId());
        Optional<StockedLine> line = id == null ? Optional.empty() : shelf.find(id);
        if (line.isEmpty()) {
            f.problem(at + "lineId", "This hair is not on the shelf.");
        }
        String colour = f.text(at + "colour", "The colour", b.colour(), MAX_NAME_LENGTH);
        int packs = f.whole(at + "packs", "The number of packs", b.packs(), PACKS);
        int loops = f.whole(at + "loops", "The loops in a pack", b.loops(), LOOPS);
        return new Item(line.map(StockedLine::id).orElse(new UUID(0, 0)), colour, packs, loops);
    }

    /**
     * Somebody looked a parcel through: what is kept goes on the shelf as what it is, the rest goes back.
     *
     * <p>The supplier is asked before anything is held.
     */
    OrdersView look(UUID id, int number, ParcelBody body) {
        Fields f = new Fields();
        List<Integer> kept = f.present("kept", "What is kept", body.kept(), List.of());
        Order order = find(id);
        List<Parcel> parcels = parcels(order);
        Parcel parcel = parcels.stream()
                .filter(p -> p.number() == number)
                .findFirst()
                .orElseThrow(() -> new NotFound("No such parcel belongs to this order."));
        if (parcel.comes().isAfter(day.today())) {
            f.problem("kept", "This parcel has not come yet.");
        }
        if (kept.stream().anyMatch(k -> k < 0 || k >= parcel.items().size())) {
            f.problem("kept", "Something is kept that is not in this parcel.");
        }
        Set<Integer> places = f.orRefuse(() -> Set.copyOf(kept));
        String back = sentBack(parcel, places);
        Map<Integer, Integer> came = came(order, parcel, places);
        transaction.executeWithoutResult(t -> {
            ledger.hold();
            if (!orders.look(id, number, clock.instant(), back, came)) {
                return;
            }
            ledger.add(places.stream().map(p -> moved(order, parcel, p)).toList());
            List<Integer> looked = find(id).looked();
            if (parcels.stream().allMatch(p -> looked.contains(p.number()))) {
                orders.close(id);
            }
        });
        return all();
    }

    private String sentBack(Parcel parcel, Set<Integer> kept) {
        Map<UUID, String> names = names();
        String back = IntStream.range(0, parcel.items().size())
                .filter(i -> !kept.contains(i))
                .mapToObj(parcel.items()::get)
                .map(i -> i.packs() + " × " + names.getOrDefault(i.line(), "") + ", " + i.colour())
                .collect(Collectors.joining("; "));
        return back.substring(0, Math.min(back.length(), MAX_BACK_LENGTH));
    }

    /** A movement whose name follows from what it is, so that told twice it moves once. */
    private Moved moved(Order order, Parcel parcel, int place) {
        Item item = parcel.items().get(place);
        return new Moved(
                UUID.nameUUIDFromBytes(
                        (order.id() + "/" + parcel.number() + "/" + place).getBytes(StandardCharsets.UTF_8)),
                new Movement(
                        new StockItem.Packs(new LineId(item.line()), item.colour(), parcel.lot(), item.loops()),
                        MovementReason.BOUGHT,
                        item.packs()),
                clock.instant(),
                Optional.empty(),
                Optional.empty(),
                "from " + order.supplier());
    }

    /** Nothing more is expected of it. */
    @Transactional
    public OrdersView close(UUID id) {
        orders.close(find(id).id());
        return all();
    }

    private Order find(UUID id) {
        return orders.find(id).orElseThrow(() -> new NotFound("This order is no longer there."));
    }

    private List<Parcel> parcels(Order o) {
        return supplier.parcels(o.supplier(), o.id(), o.promised(), o.items());
    }

    private OrderView view(Order o, Map<UUID, String> names) {
        List<Parcel> parcels = parcels(o);
        List<ParcelView> shown = parcels.stream().map(p -> view(o, p, names)).toList();
        List<OrderedView> items = o.lines().stream()
                .map(l -> new OrderedView(
                        l.item().line(),
                        names.getOrDefault(l.item().line(), ""),
                        l.item().colour(),
                        l.item().packs(),
                        l.item().loops(),
                        l.came()))
                .toList();
        LocalDate last = parcels.stream()
                .map(Parcel::comes)
                .max(LocalDate::compareTo)
                .orElse(o.promised().due());
        String late = last.isAfter(o.promised().due())
                ? "Promised for " + DAY.format(o.promised().due()) + "; the last of it comes on " + DAY.format(last)
                        + "."
                : "";
        String missing = !o.isClosed()
                ? ""
                : items.stream()
                        .filter(i -> i.came() < i.packs())
                        .map(i -> (i.packs() - i.came()) + " × " + i.lineName() + ", " + i.colour())
                        .collect(Collectors.joining("; "));
        return new OrderView(
                o.id(),
                o.supplier(),
                day.of(o.orderedAt()),
                o.promised().due(),
                late,
                missing,
                o.isClosed(),
                items,
                shown);
    }

    /** What is in a parcel is seen once it is here. */
    private ParcelView view(Order o, Parcel p, Map<UUID, String> names) {
        boolean isHere = !p.comes().isAfter(day.today());
        return new ParcelView(
                p.number(),
                p.comes(),
                isHere,
                o.looked().contains(p.number()),
                p.lot(),
                p.items().stream()
                        .filter(i -> isHere)
                        .map(i -> new PackedView(
                                i.line(),
                                names.getOrDefault(i.line(), ""),
                                i.colour(),
                                i.packs(),
                                i.loops(),
                                otherwise(o, i)))
                        .toList());
    }

    /** What is not as it was ordered. */
    private static String otherwise(Order o, Item sent) {
        if (o.items().stream().anyMatch(sent::isLike)) {
            return "";
        }
        return o.items().stream()
                .filter(i -> i.line().equals(sent.line()))
                .findFirst()
                .map(i -> i.colour().equals(sent.colour())
                        ? "ordered in packs of " + i.loops()
                        : "ordered in " + i.colour())
                .orElse("another line than was ordered");
    }

    /** Packs of a parcel that are kept and are as they were ordered, by the places of the order's lines. */
    private static Map<Integer, Integer> came(Order o, Parcel parcel, Set<Integer> kept) {
        Map<Integer, Integer> came = new HashMap<>();
        for (int place : kept) {
            Item sent = parcel.items().get(place);
            IntStream.range(0, o.lines().size())
                    .filter(i -> o.lines().get(i).item().isLike(sent))
                    .findFirst()
                    .ifPresent(i -> came.merge(i, sent.packs(), Integer::sum));
        }
        return came;
    }

    /** What was ordered and is not here, by what the studio itself knows: no supplier is asked. */
    @Transactional(readOnly = true)
    public List<Coming> coming() {
        return onTheWay(orders.open()).stream()
                .map(w -> new Coming(new LineId(w.lineId()), w.colour(), w.packs() * w.loops(), w.due()))
                .toList();
    }

    private static List<OnTheWayView> onTheWay(List<Order> open) {
        return open.stream()
                .flatMap(o -> o.lines().stream()
                        .filter(l -> l.left() > 0)
                        .map(l -> new OnTheWayView(
                                l.item().line(),
                                l.item().colour(),
                                l.left(),
                                l.item().loops(),
                                o.promised().due())))
                .toList();
    }
}
