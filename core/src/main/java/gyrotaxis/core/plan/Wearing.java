package gyrotaxis.core.plan;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.WearView.BareRow;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.KnotWatch;
import gyrotaxis.core.wear.Outline;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Looks at a plan as it is worn. */
final class Wearing {
    /** A row is bare where more of the skin than this shows. ASSUMPTION: as a knot is that shows. */
    private static final double BARE = 0.45;

    /** A row that is bare for less than a finger does not read as a stripe, mm. */
    private static final double FINGER_MM = 18;

    private Wearing() {}

    static WearView of(InstallPlan plan, CoverGrid grid, Worn worn, double day) {
        Cover cover = FallSimulator.cover(grid, plan.foundation(), plan.hooked(), worn, day);
        double nape = plan.stations().stream()
                .filter(s -> s.zone() == Zone.NAPE)
                .mapToDouble(plan.hooked()::gramsOf)
                .sum();
        return new WearView(
                cover,
                KnotWatch.of(plan.hooked(), plan.foundation(), cover),
                bareRows(plan, cover),
                Outline.of(cover, plan.brief().hairAsKnown(), day),
                nape);
    }

    private static List<BareRow> bareRows(InstallPlan plan, Cover cover) {
        List<BareRow> bare = new ArrayList<>();
        for (Row row : plan.foundation().rows()) {
            double mm = 0;
            List<Vec2> line = row.path().chart();
            for (int i = 1; i < line.size(); i++) {
                int cell = cover.grid().cellAt(line.get(i));
                if (cell >= 0 && cover.grid().isInside(cell) && cover.exposedAt(cell) > BARE) {
                    mm += row.path().space().get(i).distance(row.path().space().get(i - 1));
                }
            }
            if (mm > FINGER_MM) {
                bare.add(new BareRow(row.id().toString(), mm));
            }
        }
        bare.sort(Comparator.comparingDouble(BareRow::mm).reversed());
        return bare;
    }
}
