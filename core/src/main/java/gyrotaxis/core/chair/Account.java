package gyrotaxis.core.chair;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Supply;
import gyrotaxis.core.quantity.Estimate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/**
 * What a visit came to, against what was planned: hair, minutes, passes, and what slid.
 *
 * @param hair by supply that is bought, the main one first
 * @param minutes by stage that was timed or planned, in the order of work
 * @param passes mean passes of what sits on the head, and as planned for the same shares; empty if nothing with passes does
 * @param slipped by zone, how many shares slid out, however often they were hooked again
 * @param takenOut shares that were taken out on purpose
 * @param leftOut shares that were not hooked after all
 * @param hooked shares that sit on the head, fills left out
 */
public record Account(
        List<Hair> hair,
        List<Minutes> minutes,
        Passes passes,
        Map<Zone, Integer> slipped,
        int takenOut,
        int leftOut,
        int hooked) {
    /** So many of a hundred shares may slide before one pass more is called for. ASSUMPTION. */
    private static final double MUCH = 0.03;

    private static final double SECONDS = 60;

    /**
     * One hair.
     *
     * @param supply which, by its place among the supplies of the sheet
     * @param planned loops and parts of loops that its shares were planned to take, pieces cut of it included
     * @param reserve loops kept back for fills
     * @param there loops counted on: in hand and bought
     * @param packsBought packs that were to be bought, and those fetched since
     * @param bundles bundles that were opened
     * @param opened loops in them
     * @param shares loops and parts of loops on the head, fills left out
     * @param fills the same of fills
     * @param used loops out of their bundles, as far as they were counted; what is on the head, if nobody counted
     * @param isCounted whether anybody counted
     */
    public record Hair(
            int supply,
            double planned,
            int reserve,
            int there,
            int packsBought,
            int bundles,
            double opened,
            double shares,
            double fills,
            double used,
            boolean isCounted) {
        /** Loops of what was opened that are left. */
        public double left() {
            return Math.max(0, opened - used);
        }
    }

    /**
     * A stage.
     *
     * @param planned what it was planned to take, of what was worked in it
     * @param taken minutes it took; empty if no clock ran
     */
    public record Minutes(Stage stage, Estimate planned, OptionalDouble taken) {}

    /** Mean passes. */
    public record Passes(OptionalDouble planned, OptionalDouble used) {}

    public Account {
        hair = List.copyOf(hair);
        minutes = List.copyOf(minutes);
        slipped = Map.copyOf(slipped);
    }

    /** What a visit came to, in whatever order its events are given. */
    public static Account of(WorkSheet sheet, Collection<RecordedEvent> events) {
        VisitState state = VisitState.of(sheet, events);
        List<Supply> supplies = sheet.supplies();
        return new Account(
                IntStream.range(0, supplies.size())
                        .filter(k -> supplies.get(k).cutFrom().isEmpty())
                        .mapToObj(k -> hair(state, k))
                        .toList(),
                minutes(state),
                passes(state),
                slipped(sheet, events),
                count(state, Worked.Done.TAKEN_OUT),
                count(state, Worked.Done.LEFT_OUT),
                state.hooked().size());
    }

    private static int count(VisitState state, Worked.Done done) {
        return (int)
                state.shares().values().stream().filter(w -> w.done() == done).count();
    }

    private static Hair hair(VisitState state, int supply) {
        Supply s = state.sheet().supplies().get(supply);
        Counted c = state.counted(supply);
        double shares = withCut(state, supply, k -> VisitReducer.loops(state.hooked(), k));
        double fills = withCut(state, supply, k -> VisitReducer.loopsOfFills(state.fills(), k));
        double since = Math.max(0, shares + fills - c.inAtCount());
        boolean isCounted = c.usedLoops().isPresent();
        return new Hair(
                supply,
                withCut(state, supply, k -> VisitReducer.loops(state.sheet().shares(), k)),
                s.reserveLoops(),
                s.plannedLoops(),
                s.packsToBuy() + c.fetchedPacks(),
                c.bundles(),
                c.openedLoops(),
                shares,
                fills,
                isCounted ? c.usedLoops().getAsDouble() + since : shares + fills,
                isCounted);
    }

    /** A figure of a supply, with what is cut of it as parts of its loops. */
    private static double withCut(VisitState state, int supply, IntToDoubleFunction of) {
        double sum = of.applyAsDouble(supply);
        List<Supply> all = state.sheet().supplies();
        for (int k = 0; k < all.size(); k++) {
            if (all.get(k).cutFrom().isPresent() && all.get(k).cutFrom().getAsInt() == supply) {
                sum += of.applyAsDouble(k) / HairLine.PIECES_OF_CUT;
            }
        }
        return sum;
    }

    private static List<Minutes> minutes(VisitState state) {
        List<Minutes> all = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            Estimate planned = state.sheet().steps().stream()
                    .filter(s -> s.stage() == stage)
                    .map(s -> s.minutes().times(1 - Forecast.partToDo(state, s)))
                    .reduce(Estimate.exactly(0), Estimate::plus);
            StageTime time = state.stages().get(stage);
            if (time != null || planned.high() > 0) {
                OptionalDouble taken = time == null
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(state.lastAt()
                                        .map(time::at)
                                        .orElse(time.spent())
                                        .toSeconds()
                                / SECONDS);
                all.add(new Minutes(stage, planned, taken));
            }
        }
        return all;
    }

    private static Passes passes(VisitState state) {
        Map<ShareRef, SheetShare> planned = state.sheet().byRef();
        List<SheetShare> tied =
                state.hooked().stream().filter(s -> s.tie().knot().hasPasses()).toList();
        return new Passes(
                tied.stream()
                        .map(s -> planned.get(s.ref()))
                        .mapToInt(s -> s.tie().passes())
                        .average(),
                tied.stream().mapToInt(s -> s.tie().passes()).average());
    }

    private static Map<Zone, Integer> slipped(WorkSheet sheet, Collection<RecordedEvent> events) {
        EnumMap<Zone, Integer> all = new EnumMap<>(Zone.class);
        Map<ShareRef, SheetShare> shares = sheet.byRef();
        for (RecordedEvent e : VisitState.holding(events)) {
            if (e.what() instanceof VisitEvent.ShareSlipped s && shares.containsKey(s.share())) {
                all.merge(shares.get(s.share()).zone(), 1, Integer::sum);
            }
        }
        return all;
    }

    /** How many shares slid out in all. */
    public int slippedInAll() {
        return slipped.values().stream().mapToInt(Integer::intValue).sum();
    }

    /**
     * Whether so many slid that they call for a look sooner, and for a pass more next time.
     *
     * @param slid how many of all that were hooked
     */
    public boolean isMuch(int slid) {
        return slid > MUCH * hooked;
    }

    /** The main hair. */
    public Hair main() {
        return hair.get(0);
    }
}
