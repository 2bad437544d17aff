package gyrotaxis.core.chair;

import gyrotaxis.core.chair.VisitEvent.FillPlaced;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.row.RowId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A head as it is worked: the shares of a worksheet, as they were really hooked, on the rows they were planned on.
 *
 * <p>Where shares sit, and what they take, is the sheet's; the head beneath comes from the brief that was frozen with it. A share is
 * named by its number in the sheet.
 */
public final class AtWork {
    private final InstallPlan plan;
    private final WorkSheet sheet;
    private final Map<RowId, Row> rows = new HashMap<>();

    /**
     * @param plan of the brief that was frozen together with {@code sheet}
     */
    public AtWork(InstallPlan plan, WorkSheet sheet) {
        this.plan = plan;
        this.sheet = sheet;
        plan.foundation().carriers().forEach(r -> rows.put(r.id(), r));
    }

    /** The plan that was frozen. */
    public InstallPlan plan() {
        return plan;
    }

    /** The plan as if only what sits on the head now had been hooked, fills included. */
    public InstallPlan asHooked(VisitState state) {
        return plan.hookedAs(plan.hooked().only(hooked(state)));
    }

    /** What sits on the head, fills included. */
    public List<Station> hooked(VisitState state) {
        List<Station> all = new ArrayList<>(stations(state.hooked()));
        int number = sheet.shares().size();
        for (FillPlaced f : state.fills()) {
            number++;
            if (!isDrawnShut(all, f, number)) {
                fill(f, number).ifPresent(all::add);
            }
        }
        return all;
    }

    /** Whether a fill draws the hair of two knots together that are both there; put among the rest then, and they are drawn. */
    private boolean isDrawnShut(List<Station> all, FillPlaced f, int number) {
        Optional<Station> near = knot(all, f.row(), f.at());
        Optional<Station> far = f.beyond().flatMap(k -> knot(all, k.row(), k.at()));
        Row row = rows.get(f.row());
        if (row == null || near.isEmpty() || far.isEmpty() || near.equals(far)) {
            return false;
        }
        List<Station> drawn = Hooker.drawnShut(plan.scalp(), row, near.get(), far.get(), f.size());
        all.set(all.indexOf(near.get()), drawn.get(0));
        all.set(all.indexOf(far.get()), drawn.get(1));
        all.add(drawn.get(2)
                .named(new StationId(f.row(), number))
                .of(f.supply())
                .tied(near.get().tie()));
        return true;
    }

    /** The knot that was meant by a place on a row, if it is there and its hair is not drawn to another side. */
    private Optional<Station> knot(List<Station> all, RowId id, double at) {
        return Optional.ofNullable(rows.get(id)).flatMap(row -> {
            double along = at * row.lengthMm();
            return all.stream()
                    .filter(s -> s.id().row().equals(id) && Math.abs(s.alongRowMm() - along) <= StationEdit.REACH_MM)
                    .min(Comparator.comparingDouble(s -> Math.abs(s.alongRowMm() - along)))
                    .filter(Station::canBeDrawn);
        });
    }

    /** Shares of the sheet as stations; a row that is not laid any more carries none. */
    public List<Station> stations(List<SheetShare> shares) {
        return shares.stream().map(this::station).flatMap(Optional::stream).toList();
    }

    private Optional<Station> station(SheetShare s) {
        return on(s.row(), s.at(), s.ref().number())
                .map(on -> on.at(
                                on.alongRowMm(), s.chart(), plan.scalp().chart().lift(s.chart()), s.zone())
                        .taking(s.share())
                        .of(s.supply())
                        .tied(s.tie()));
    }

    private Optional<Station> fill(FillPlaced f, int number) {
        return on(f.row(), f.at(), number)
                .map(s -> s.taking(f.size()).of(f.supply()))
                .map(s -> f.towardRad().isPresent()
                        ? Hooker.thrown(plan.scalp(), s, f.towardRad().getAsDouble())
                        : s);
    }

    /** A place on a row, hooked as its nearest neighbour there was planned to be. */
    private Optional<Station> on(RowId id, double at, int number) {
        return Optional.ofNullable(rows.get(id)).map(row -> {
            double along = at * row.lengthMm();
            Vec2 chart = row.path().chartAt(along);
            Vec3 space = plan.scalp().chart().lift(chart);
            StationId name = new StationId(id, number);
            Zone zone = Zone.at(plan.scalp().frontToNape(space));
            return plan.stations().stream()
                    .filter(s -> s.id().row().equals(id))
                    .min(Comparator.comparingDouble(s -> Math.abs(s.alongRowMm() - along)))
                    .map(near -> near.named(name).at(along, chart, space, zone))
                    .orElseGet(() -> Station.placed(
                            name,
                            along,
                            chart,
                            space,
                            zone,
                            Role.ROW,
                            Station.NO_PART,
                            sheet.shares().get(0).share()));
        });
    }
}
