package gyrotaxis.core.install;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Places stations along every row so that the spacing follows the hooking plan and each station sits opposite the gap in
 * the neighbouring row, as bricks are laid.
 *
 * <p>Method: along a row the number of stations grows by ds / spacing; the row is given the nearest whole number, at
 * least 1, evenly in that measure. Where its first station lies is then chosen, out of a few places near the row's start,
 * so that the stations are as nearly as possible midway between those of the next row toward the midline. On a mirrored
 * foundation the left side repeats the right, so that both end with the same number; the two rows beside the midline then
 * lie level with each other. Deterministic; linear in rows, quadratic in stations per row.
 *
 * <p>Rows that are shown or carry wefts are not hooked; an individual takes one share. Rows under a cap are hooked as if the
 * mesh above were not there: the mesh has its holes where rows could be. Does not look at rows of another section, nor at
 * parts.
 */
public final class StationPlacer {
    /**
     * How far behind the hairline the first share is hooked, mm.
     *
     * @see "ASSUMPTION: right behind the edge, clear of the finest hair by the width of a knot"
     */
    public static final double EDGE_MM = 5;

    /** Where the first station may lie, in parts of the local spacing behind the edge. */
    private static final double[] PHASES = {0.15, 0.25, 0.35, 0.45, 0.55, 0.65, 0.75};

    private final Scalp scalp;
    private final Foundation foundation;
    private final HookingPlan hooking;
    private final double edgeMm;
    private final Map<RowId, List<Station>> placed = new HashMap<>();

    private StationPlacer(Scalp scalp, Foundation foundation, HookingPlan hooking, double setBackMm) {
        this.edgeMm = EDGE_MM + Require.atLeast(0, setBackMm, "setBackMm", "mm");
        this.scalp = scalp;
        this.foundation = foundation;
        this.hooking = hooking;
    }

    /** The stations of all rows, row by row in the order of the foundation, each from the row's start. */
    public static List<Station> place(Scalp scalp, Foundation foundation, HookingPlan hooking) {
        return place(scalp, foundation, hooking, 0);
    }

    /**
     * The same with the first share of every row that starts at the hairline set back from it.
     *
     * @param setBackMm how far beyond {@link #EDGE_MM}, mm, at least 0
     */
    public static List<Station> place(Scalp scalp, Foundation foundation, HookingPlan hooking, double setBackMm) {
        return new StationPlacer(scalp, foundation, hooking, setBackMm).place();
    }

    private List<Station> place() {
        for (Section section : Section.values()) {
            placeSection(foundation.rowsOf(section));
        }
        return foundation.rows().stream()
                .flatMap(r -> placed.getOrDefault(r.id(), List.of()).stream())
                .toList();
    }

    /** From the midline outward, the right side first; the left side mirrors it where the rows do. */
    private void placeSection(List<Row> all) {
        List<Row> rows = all.stream().filter(StationPlacer::isHooked).toList();
        int middle = rows.size() / 2;
        for (int i = middle; i < rows.size(); i++) {
            placeRow(rows.get(i), i > middle ? Optional.of(rows.get(i - 1)) : Optional.empty());
        }
        for (int i = middle - 1; i >= 0; i--) {
            Row row = rows.get(i);
            Optional<Row> model = foundation.mirrorOf(row);
            if (model.isPresent()) {
                placed.put(row.id(), mirrored(placed.getOrDefault(model.get().id(), List.of()), row.id()));
            } else {
                placeRow(row, Optional.of(rows.get(i + 1)));
            }
        }
    }

    private static boolean isHooked(Row row) {
        return row.use() != RowUse.SHOWN && row.use() != RowUse.WEFTED;
    }

    private void placeRow(Row row, Optional<Row> inner) {
        List<Station> neighbours =
                inner.map(r -> placed.getOrDefault(r.id(), List.of())).orElse(List.of());
        double[] at = row.path().distancesMm();
        double[] count = counts(row, at);
        // A row that is to match nothing starts as close to the edge as any.
        List<Station> best = stations(row, at, count, PHASES[0]);
        if (!neighbours.isEmpty()) {
            double least = Double.POSITIVE_INFINITY;
            for (double phase : PHASES) {
                List<Station> tried = stations(row, at, count, phase);
                double unevenness = unevenness(tried, neighbours);
                if (unevenness < least) {
                    least = unevenness;
                    best = tried;
                }
            }
        }
        placed.put(row.id(), best);
    }

    /**
     * Stations up to each point of the path, if they were not whole: ∫ ds / spacing. None within the edge; where a row
     * joins another it leaves the last half spacing to it, or the last whole one if it joins together with others.
     */
    private double[] counts(Row row, double[] at) {
        Path path = row.path();
        double strip = row.stripWidthMm();
        double end = at[at.length - 1];
        double from = row.id().section() == Section.FRONT && row.id().piece() == 1 ? Math.min(edgeMm, end / 2) : 0;
        double last = hooking.spacingMm(scalp.frontToNape(path.space().get(at.length - 1)), strip);
        double to = end - (row.joins().isEmpty() ? EDGE_MM : last * (joinsAlone(row) ? 0.5 : 1));
        double[] n = new double[at.length];
        for (int i = 1; i < at.length; i++) {
            double step = Math.max(0, Math.min(at[i], to) - Math.max(at[i - 1], from));
            Vec3 middle = path.space().get(i - 1).lerp(path.space().get(i), 0.5);
            n[i] = n[i - 1] + step / hooking.spacingMm(scalp.frontToNape(middle), strip);
        }
        return n;
    }

    private boolean joinsAlone(Row row) {
        return foundation.rows().stream()
                        .filter(r -> r.joins().equals(row.joins()))
                        .count()
                == 1;
    }

    private List<Station> stations(Row row, double[] at, double[] count, double phase) {
        double total = count[count.length - 1];
        int m = Math.max(1, (int) Math.round(total));
        List<Station> list = new ArrayList<>(m);
        int seg = 1;
        for (int k = 0; k < m; k++) {
            double want = total * (k + phase) / m;
            while (seg < count.length - 1 && count[seg] < want) {
                seg++;
            }
            double step = count[seg] - count[seg - 1];
            double t = step > 0 ? (want - count[seg - 1]) / step : 0;
            double along = at[seg - 1] + (at[seg] - at[seg - 1]) * t;
            Vec2 flat = row.path().chart().get(seg - 1).lerp(row.path().chart().get(seg), t);
            Vec3 solid = row.path().space().get(seg - 1).lerp(row.path().space().get(seg), t);
            Zone zone = Zone.at(scalp.frontToNape(solid));
            list.add(new Station(
                    new StationId(row.id(), k + 1),
                    along,
                    flat,
                    solid,
                    zone,
                    hooking.setting(zone).share(),
                    Knot.REGULAR));
        }
        return list;
    }

    /** 0 where every station is midway between its two nearest neighbours in the other row; toward 1 as it lies level with one. */
    static double unevenness(List<Station> row, List<Station> neighbours) {
        if (neighbours.size() < 2) {
            return 0;
        }
        double sum = 0;
        for (Station s : row) {
            double nearest = Double.POSITIVE_INFINITY;
            double second = Double.POSITIVE_INFINITY;
            for (Station n : neighbours) {
                double d = n.space().distance(s.space());
                if (d < nearest) {
                    second = nearest;
                    nearest = d;
                } else if (d < second) {
                    second = d;
                }
            }
            sum += (second - nearest) / second;
        }
        return sum / row.size();
    }

    private static List<Station> mirrored(List<Station> model, RowId row) {
        return model.stream()
                .map(s -> new Station(
                        new StationId(row, s.id().number()),
                        s.alongRowMm(),
                        s.chart().mirrored(),
                        s.space().mirrored(),
                        s.zone(),
                        s.share(),
                        s.knot()))
                .toList();
    }
}
