package gyrotaxis.server.planning;

import static gyrotaxis.server.planning.Flat.tenth;

import gyrotaxis.core.balance.Stopping;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a head fills as it is hooked, and when it may be left as it is.
 *
 * @param points what is reached, in turn
 * @param mayStop the place in the list from which on nothing shows; null if even the whole plan does not cover
 * @param savedLoops loops that need not be hooked then
 */
record StoppingView(
        List<PointView> points,
        @Nullable @Schema(nullable = true) Integer mayStop,
        int savedLoops) {
    private static final double ALL_PERCENT = 100;
    private static final double MM2_PER_CM2 = 100;

    /** How far a head has come. */
    record PointView(
            Stopping.Stage stage,
            String words,
            int shares,
            int loops,
            double minutesLeft,
            double exposedPercent,
            double fullnessPercent,
            double nextHidesCm2,
            boolean covers,
            @Nullable @Schema(nullable = true) String next) {}

    static StoppingView of(Stopping s) {
        return new StoppingView(
                s.points().stream().map(StoppingView::point).toList(),
                s.mayStop().map(p -> s.points().indexOf(p)).orElse(null),
                s.savedLoops());
    }

    private static PointView point(Stopping.Point p) {
        return new PointView(
                p.stage(),
                p.stage().words(),
                p.shares(),
                p.loops(),
                tenth(p.minutes().likely()),
                tenth(ALL_PERCENT * p.exposed()),
                tenth(ALL_PERCENT * p.fullness()),
                tenth(p.nextHidesMm2() / MM2_PER_CM2),
                p.covers(),
                p.next().map(Object::toString).orElse(null));
    }
}
