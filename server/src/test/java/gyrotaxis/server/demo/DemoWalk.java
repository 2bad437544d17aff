package gyrotaxis.server.demo;

import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.row.RowId;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.documents.StoredWorksheet.ShareForm;
import gyrotaxis.server.documents.StoredWorksheet.StepForm;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** A head worked step by step, as minutes pass. */
final class DemoWalk {
    private static final String DEVICE = "tablet at the window";

    /** What is prepared was prepared the day before. */
    private static final Duration BEFORE = Duration.ofHours(20);

    private static final double MILLIS_A_MINUTE = 60_000;
    private static final int LATER_CLOCK = 100_000;

    private final StoredWorksheet sheet;
    private final Way way;
    private final List<VisitEvent> what = new ArrayList<>();
    private final List<Double> minutes = new ArrayList<>();
    private double now;
    private double bundle;
    private double opened;
    private double used;
    private boolean isEarlier = true;
    private int earlier;

    /**
     * How somebody works.
     *
     * @param pace minutes for each that was planned
     * @param waste loops out of their bundles for each on the head
     * @param fills fills at the end, halves of loops
     * @param slid how many shares slide at the chair
     * @param by whose name stands for cautions
     */
    record Way(double pace, double waste, int fills, int slid, String by) {}

    /**
     * @param part how much of the hooking is done
     */
    DemoWalk(StoredWorksheet sheet, double part, Way way) {
        this.sheet = sheet;
        this.way = way;
        int hooked = 0;
        int all = sheet.shares().size();
        Stage stage = null;
        for (StepForm step : sheet.steps()) {
            if (hooked >= part * all && part < 1) {
                break;
            }
            if (step.stage() != stage) {
                if (stage != null) {
                    happens(new VisitEvent.StageEnded(stage));
                }
                if (isEarlier && step.stage() != Stage.PREPARE) {
                    isEarlier = false;
                    earlier = what.size();
                }
                stage = step.stage();
                happens(new VisitEvent.StageBegun(stage));
            }
            hooked += work(step);
        }
        if (part >= 1 && stage != null) {
            fill();
            happens(new VisitEvent.StageEnded(stage));
        }
    }

    private int work(StepForm step) {
        if (!step.cautions().isEmpty()) {
            happens(new VisitEvent.CautionSigned(step.number(), way.by()));
        }
        if (step.shares().isEmpty()) {
            now += way.pace() * step.minutesLikely();
            happens(new VisitEvent.StepDone(step.number()));
            return 0;
        }
        List<Integer> inHand = new ArrayList<>();
        double each = way.pace() * step.minutesLikely() / step.shares().size();
        for (int ref : step.shares()) {
            ShareForm share = sheet.shares().get(ref - 1);
            take(share.supply() == 0 ? way.waste() / share.shareParts() : 0, inHand);
            now += each;
            inHand.add(ref);
        }
        hook(inHand);
        return step.shares().size();
    }

    private void take(double loops, List<Integer> inHand) {
        if (loops > bundle) {
            hook(inHand);
            happens(new VisitEvent.BundleOpened(0, "lot 41", OptionalInt.empty()));
            int more = sheet.supplies().get(0).hair().loopsPerBundle();
            bundle += more;
            opened += more;
        }
        bundle -= loops;
        used += loops;
    }

    private void hook(List<Integer> inHand) {
        if (!inHand.isEmpty()) {
            happens(new VisitEvent.SharesHooked(
                    inHand.stream().map(ShareRef::new).toList()));
            inHand.clear();
        }
    }

    private void fill() {
        List<Integer> slid = new ArrayList<>();
        for (int k = 0; k < way.slid(); k++) {
            int ref = 1 + k * 7 % sheet.shares().size();
            happens(new VisitEvent.ShareSlipped(new ShareRef(ref)));
            slid.add(ref);
        }
        hook(slid);
        String row = sheet.rows().get(sheet.rows().size() / 2).id();
        for (int k = 0; k < way.fills(); k++) {
            take(way.waste() / 2, slid);
            happens(new VisitEvent.FillPlaced(row(row), (k + 1.0) / (way.fills() + 1), Share.HALF, 0));
        }
    }

    /** What is left of the hair is counted, and the work is done. */
    void finish() {
        happens(new VisitEvent.RestCounted(0, Math.round(2 * (opened - used)) / 2.0));
        happens(new VisitEvent.Finished());
    }

    void happens(VisitEvent w) {
        what.add(w);
        minutes.add(now);
    }

    /** All of it, so that the last happened at a moment. */
    List<RecordedEvent> until(Instant end) {
        List<RecordedEvent> events = new ArrayList<>();
        for (int i = 0; i < what.size(); i++) {
            Instant at = end.minus(Duration.ofMillis(Math.round((now - minutes.get(i)) * MILLIS_A_MINUTE)));
            events.add(new RecordedEvent(
                    new EventId(DEVICE, i + 1L), i + 1L, i < earlier ? at.minus(BEFORE) : at, what.get(i)));
        }
        return events;
    }

    private static RowId row(String id) {
        return RowId.parse(id).orElseThrow();
    }

    /** How long it took from the first thing in the chair to the last. */
    Duration inChair() {
        return Duration.ofMinutes(Math.round(now - (earlier < minutes.size() ? minutes.get(earlier) : 0)));
    }

    /** Weeks later, taken down within so many minutes; events that go on where the work ended. */
    List<RecordedEvent> takenDown(Instant end, int takes, List<VisitEvent> seen) {
        List<VisitEvent> all = new ArrayList<>();
        all.add(new VisitEvent.StageBegun(Stage.TAKE_DOWN));
        sheet.tails().forEach(t -> all.add(new VisitEvent.TailFound(row(t.row()))));
        sheet.takedown().forEach(r -> all.add(new VisitEvent.RowUndone(row(r))));
        all.addAll(seen);
        all.add(new VisitEvent.TakenDown());
        List<RecordedEvent> events = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Instant at = end.minus(Duration.ofSeconds(Math.round(60.0 * takes * (all.size() - 1 - i) / all.size())));
            events.add(
                    new RecordedEvent(new EventId(DEVICE, what.size() + i + 1L), LATER_CLOCK + i + 1L, at, all.get(i)));
        }
        return events;
    }
}
