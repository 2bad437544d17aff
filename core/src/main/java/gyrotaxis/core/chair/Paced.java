package gyrotaxis.core.chair;

import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Stage;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How long knots of each kind really took against what speeds say.
 *
 * <p>Method: between two times that shares were hooked, while the clock of hooking ran, lies the work of those named second. It counts for a
 * knot where nearly all of that work is of its kind. What took longer than {@link #MAX_DURATION} in one go was something else.
 */
public final class Paced {
    /** Longer than a whole row of the slowest knot takes. ASSUMPTION. */
    static final Duration MAX_DURATION = Duration.ofMinutes(40);

    /** So much of the work must be of one knot for the rest not to matter. */
    private static final double NEARLY_ALL = 0.8;

    /** Less than this says nothing of a pace, s. ASSUMPTION. */
    private static final double MIN_SECONDS = 120;

    private static final double MILLIS = 1000;

    private final WorkSheet sheet;
    private final Speeds speeds;
    private final EnumMap<Knot, double[]> sums = new EnumMap<>(Knot.class);
    private Optional<Instant> since = Optional.empty();

    private Paced(WorkSheet sheet, Speeds speeds) {
        this.sheet = sheet;
        this.speeds = speeds;
    }

    /** The factors of the speeds, of knots of which enough was seen. */
    public static Map<Knot, Double> of(WorkSheet sheet, Collection<RecordedEvent> events, Speeds speeds) {
        Paced paced = new Paced(sheet, speeds);
        VisitState.holding(events).forEach(paced::add);
        EnumMap<Knot, Double> factors = new EnumMap<>(Knot.class);
        paced.sums.forEach((knot, s) -> {
            if (s[1] >= MIN_SECONDS) {
                factors.put(knot, s[0] / s[1]);
            }
        });
        return factors;
    }

    private void add(RecordedEvent e) {
        VisitEvent what = e.what();
        if (what instanceof VisitEvent.StageBegun b && b.stage() == Stage.HOOK
                || what instanceof VisitEvent.StageResumed r && r.stage() == Stage.HOOK) {
            since = Optional.of(e.at());
        } else if (what instanceof VisitEvent.StagePaused
                || what instanceof VisitEvent.StageEnded
                || what instanceof VisitEvent.Finished) {
            since = Optional.empty();
        } else if (what instanceof VisitEvent.SharesHooked h) {
            since.ifPresent(s -> took(h.shares(), Duration.between(s, e.at())));
            since = since.map(s -> e.at());
        }
    }

    private void took(List<ShareRef> refs, Duration time) {
        Map<ShareRef, SheetShare> shares = sheet.byRef();
        List<SheetShare> hooked =
                refs.stream().filter(shares::containsKey).map(shares::get).toList();
        if (hooked.isEmpty() || time.isNegative() || time.isZero() || time.compareTo(MAX_DURATION) > 0) {
            return;
        }
        EnumMap<Knot, Double> planned = new EnumMap<>(Knot.class);
        hooked.forEach(s -> planned.merge(
                s.tie().knot(), speeds.tieSeconds(s.tie(), s.zone()).likely(), Double::sum));
        double all = planned.values().stream().mapToDouble(Double::doubleValue).sum();
        planned.forEach((knot, seconds) -> {
            if (seconds >= NEARLY_ALL * all) {
                double[] sum = sums.computeIfAbsent(knot, k -> new double[2]);
                sum[0] += time.toMillis() / MILLIS;
                sum[1] += all;
            }
        });
    }
}
