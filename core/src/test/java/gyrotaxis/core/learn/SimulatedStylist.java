package gyrotaxis.core.learn;

import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.row.RowId;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SplittableRandom;

/** Somebody whose true values are known, at work. */
final class SimulatedStylist {
    /** How much heads differ that nothing odd happened in, as a spread of logarithms. */
    static final double NOISE = 0.12;

    private static final Instant NINE = Instant.parse("2027-01-04T09:00:00Z");

    private final Planner planner;
    private final SplittableRandom r;
    final Learned truth;

    SimulatedStylist(Planner planner, long seed) {
        this.planner = planner;
        this.r = new SplittableRandom(seed);
        EnumMap<Known, Learned.Value> hidden = new EnumMap<>(Known.class);
        for (Known k : List.of(
                Known.BRAIDING, Known.SPLITTING, Known.REGULAR, Known.INVISIBLE, Known.TWIST_FIRST, Known.FINISHING)) {
            hidden.put(k, new Learned.Value(Math.exp(0.3 * gaussian()), 1));
        }
        hidden.put(Known.LOOPS, new Learned.Value(Math.exp(0.12 + 0.12 * gaussian()), 1));
        hidden.put(Known.RESERVE, new Learned.Value(Math.max(0, Math.min(28, 14 + 5 * gaussian())), 1));
        truth = new Learned(Optional.of(LocalDate.EPOCH), hidden);
    }

    private double gaussian() {
        return r.nextGaussian();
    }

    private double noise() {
        return Math.exp(NOISE * gaussian());
    }

    /**
     * A head she works, from a brief as it is known then.
     *
     * @param odd how much longer everything takes and how much more hair goes, because something odd happened; 1 if nothing did
     */
    Map<Known, Double> visit(InstallBrief brief, double odd) {
        WorkSheet sheet = WorkSheetWriter.of(planner.plan(brief));
        WorkSheet really = WorkSheetWriter.of(planner.plan(brief.knowing(truth)));
        double hers = noise() * odd;
        double wastes = truth.orUsual(Known.LOOPS) * noise() * odd;
        List<VisitEvent> what = new ArrayList<>();
        List<Double> minutes = new ArrayList<>();
        Stage stage = null;
        double now = 0;
        for (int i = 0; i < sheet.steps().size(); i++) {
            Step step = sheet.steps().get(i);
            if (step.stage() != stage) {
                stage = step.stage();
                what.add(new VisitEvent.StageBegun(stage));
                minutes.add(now);
                if (stage == Stage.HOOK) {
                    what.add(new VisitEvent.BundleOpened(0, "", OptionalInt.of(2000)));
                    minutes.add(now);
                }
            }
            now += really.steps().get(i).minutes().likely() * hers;
            boolean isLast =
                    i + 1 == sheet.steps().size() || sheet.steps().get(i + 1).stage() != stage;
            what.add(
                    step.shares().isEmpty()
                            ? new VisitEvent.StepDone(step.number())
                            : new VisitEvent.SharesHooked(step.shares()));
            minutes.add(now);
            if (isLast) {
                what.add(new VisitEvent.StageEnded(stage));
                minutes.add(now);
            }
        }
        double in = sheet.shares().stream().mapToDouble(s -> s.share().ofLoop()).sum();
        int fills = (int) Math.round(2 * in * truth.orUsual(Known.RESERVE) / 100 * noise());
        RowId row = sheet.rows().get(0).id();
        for (int k = 0; k < fills; k++) {
            what.add(new VisitEvent.FillPlaced(row, 0.5, Share.HALF, 0));
            minutes.add(now);
        }
        double used = (in + fills / 2.0) * wastes;
        what.add(new VisitEvent.RestCounted(0, Math.max(0, 2000 - used)));
        minutes.add(now);
        what.add(new VisitEvent.Finished());
        minutes.add(now);
        List<RecordedEvent> events = new ArrayList<>();
        for (int i = 0; i < what.size(); i++) {
            events.add(new RecordedEvent(
                    new EventId("tablet", i + 1L),
                    i + 1L,
                    NINE.plus(Duration.ofMillis(Math.round(minutes.get(i) * 60_000))),
                    what.get(i)));
        }
        return Observer.of(sheet, brief, events, Afterlife.UNKNOWN);
    }
}
