package gyrotaxis.server.orders;

import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.stock.Sold;
import gyrotaxis.server.outside.DoesNotAnswer;
import gyrotaxis.server.outside.Fault;
import gyrotaxis.server.outside.Outside;
import gyrotaxis.server.outside.SimulatedDevices;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import gyrotaxis.server.stock.StockLedger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * Stands in for every supplier: sells the lines that are written down as its own.
 *
 * <p>What is to go wrong with an order stands in its reference, so that it goes wrong in the same way however often it is asked for, and
 * after the panel was set otherwise.
 */
@Component
class SimulatedSupplier implements Supplier {
    private static final String KIND = "made up";
    private static final int DAYS_LATE = 4;
    private static final int DAYS_BETWEEN = 2;

    /** Nobody has endless packs; how many there are follows from the line, so that it is the same every day. */
    private static final int MIN = 8;

    private static final int SPREAD = 40;
    private static final int LOT_LETTERS = 4;

    private final SimulatedDevices standIns;
    private final HairLineRepository shelf;
    private final StockLedger ledger;
    private final StudioDay day;

    SimulatedSupplier(SimulatedDevices standIns, HairLineRepository shelf, StockLedger ledger, StudioDay day) {
        this.standIns = standIns;
        this.shelf = shelf;
        this.ledger = ledger;
        this.day = day;
    }

    private void answer(String supplier) {
        standIns.pause(Outside.SUPPLIERS);
        if (standIns.has(Fault.SUPPLIERS_SILENT)) {
            throw new DoesNotAnswer(supplier + " does not answer. Try again later, or call.");
        }
    }

    @Override
    public List<Offer> catalogue(String supplier) {
        answer(supplier);
        if (standIns.has(Fault.SUPPLIERS_SOLD_OUT)) {
            return List.of();
        }
        List<Offer> all = new ArrayList<>();
        for (StockedLine line : sold(supplier)) {
            for (String colour : line.hair().colours()) {
                for (PackSize size : line.hair().packSizes()) {
                    Item item = new Item(line.id(), colour, there(line, colour), size.loops());
                    all.add(new Offer(
                            item, size.price().minor(), size.price().currency().getCurrencyCode()));
                }
            }
        }
        return all;
    }

    private List<StockedLine> sold(String supplier) {
        return shelf.all().stream().filter(l -> l.supplier().equals(supplier)).toList();
    }

    private static int there(StockedLine line, String colour) {
        return MIN + Math.floorMod((line.id() + colour).hashCode(), SPREAD);
    }

    @Override
    public Promise order(String supplier, UUID order, List<Item> items) {
        answer(supplier);
        for (Item item : items) {
            StockedLine line =
                    shelf.find(item.line()).orElseThrow(() -> new NotSold("This hair is not sold any more."));
            int there = standIns.has(Fault.SUPPLIERS_SOLD_OUT) ? 0 : there(line, item.colour());
            if (there < item.packs()) {
                throw new NotSold(supplier + " has "
                        + (there == 0 ? "no" : "only " + there)
                        + (there == 1 ? " pack of " : " packs of ")
                        + line.hair().name() + " in " + item.colour()
                        + ". Take fewer, or what can stand in for it.");
            }
        }
        String wrong = List.of(
                        Fault.SUPPLIERS_IN_PARTS,
                        Fault.SUPPLIERS_LATE,
                        Fault.SUPPLIERS_OTHER_COLOUR,
                        Fault.SUPPLIERS_OTHER_LINE,
                        Fault.SUPPLIERS_AT_ONCE)
                .stream()
                .filter(standIns::has)
                .map(Fault::name)
                .collect(Collectors.joining(" "));
        Map<String, Integer> lead = ledger.leadDays();
        return new Promise(
                (KIND + " " + wrong).strip(),
                day.today().plusDays(lead.getOrDefault(supplier, HairLineRepository.USUAL_LEAD_DAYS)));
    }

    @Override
    public List<Parcel> parcels(String supplier, UUID order, Promise promised, List<Item> items) {
        List<Item> sent =
                items.stream().map(i -> sent(supplier, promised.reference(), i)).toList();
        boolean isLate = promised.reference().contains(Fault.SUPPLIERS_LATE.name());
        boolean isAtOnce = promised.reference().contains(Fault.SUPPLIERS_AT_ONCE.name());
        // As long ago as it takes, so that both parcels of it are here.
        LocalDate first = isAtOnce
                ? promised.due().minusDays(Sold.MAX_DAYS + DAYS_BETWEEN)
                : promised.due().plusDays(isLate ? DAYS_LATE : 0);
        String lot = order.toString().substring(0, LOT_LETTERS).toUpperCase(Locale.ROOT);
        if (!promised.reference().contains(Fault.SUPPLIERS_IN_PARTS.name())) {
            return List.of(new Parcel(1, first, sent, lot));
        }
        List<Item> now = new ArrayList<>();
        List<Item> later = new ArrayList<>();
        for (Item i : sent) {
            int half = (i.packs() + 1) / 2;
            now.add(i.packs(half));
            if (i.packs() > half) {
                later.add(i.packs(i.packs() - half));
            }
        }
        List<Parcel> all = new ArrayList<>(List.of(new Parcel(1, first, now, lot)));
        if (!later.isEmpty()) {
            all.add(new Parcel(2, first.plusDays(DAYS_BETWEEN), later, lot + "2"));
        }
        return all;
    }

    private Item sent(String supplier, String reference, Item i) {
        Optional<StockedLine> line = shelf.find(i.line());
        if (reference.contains(Fault.SUPPLIERS_OTHER_LINE.name())) {
            return sold(supplier).stream()
                    .filter(l -> !l.id().equals(i.line()))
                    .findFirst()
                    .map(l -> new Item(
                            l.id(),
                            l.hair().colours().get(0),
                            i.packs(),
                            l.hair().packSizes().get(0).loops()))
                    .orElse(i);
        }
        if (reference.contains(Fault.SUPPLIERS_OTHER_COLOUR.name())) {
            return line.stream()
                    .flatMap(l -> l.hair().colours().stream())
                    .filter(c -> !c.equals(i.colour()))
                    .findFirst()
                    .map(c -> new Item(i.line(), c, i.packs(), i.loops()))
                    .orElse(i);
        }
        return i;
    }
}
