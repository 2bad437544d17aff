package gyrotaxis.core.findings;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.wear.Cover;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Which hidden shares to leave out of a head that is too full: never at a hairline, a part or the front, those over which most hair
 * lies first, and no two beside each other on a row.
 */
final class Thinning {
    private final InstallPlan plan;
    private final List<Station> leftOut = new ArrayList<>();

    /**
     * The shares to leave out.
     *
     * @param part how much of all hooked hair is too much, in [0, 1]
     */
    Thinning(InstallPlan plan, Cover cover, double part) {
        this.plan = plan;
        double tooMuch = part * hair(plan.stations());
        List<Station> hidden = plan.stations().stream()
                .filter(s -> s.role() == Role.ROW && s.zone() != Zone.FRONT)
                .sorted(Comparator.comparingDouble((Station s) -> depth(cover, s))
                        .reversed())
                .toList();
        for (Station s : hidden) {
            if (hair(leftOut) + s.share().ofLoop() / 2 > tooMuch) {
                break;
            }
            if (leftOut.stream().noneMatch(o -> isBeside(o, s))) {
                leftOut.add(s);
            }
        }
    }

    private static double hair(List<Station> stations) {
        return stations.stream().mapToDouble(s -> s.share().ofLoop()).sum();
    }

    private static double depth(Cover cover, Station s) {
        int cell = cover.grid().cellAt(s.chart());
        return cell < 0 ? 0 : cover.depthAt(cell);
    }

    private static boolean isBeside(Station a, Station b) {
        return a.id().row().equals(b.id().row()) && Math.abs(a.id().number() - b.id().number()) == 1;
    }

    /** Those shares, the most hidden first; may be empty. */
    List<Station> leftOut() {
        return List.copyOf(leftOut);
    }

    /** The part of all hooked hair that they are. */
    double part() {
        return hair(leftOut) / hair(plan.stations());
    }

    /** The brief without them, as far as changes by hand are left. */
    InstallBrief brief() {
        HookingBrief asked = plan.brief().hooking();
        List<StationEdit> edits = new ArrayList<>(asked.edits());
        for (Station s : leftOut) {
            Row row = plan.foundation().row(s.id().row()).orElseThrow();
            if (edits.size() < HookingBrief.MAX_EDITS) {
                edits.add(new StationEdit.Remove(row.id(), Math.min(1, s.alongRowMm() / row.lengthMm())));
            }
        }
        return plan.brief().withHooking(asked.withEdits(edits));
    }
}
