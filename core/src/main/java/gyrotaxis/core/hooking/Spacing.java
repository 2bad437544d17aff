package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneSetting;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;

/** How far apart shares are hooked, place by place along a row. */
final class Spacing {
    /** On a mesh cap, mm. */
    private static final double CAP_MM = 35;

    /** Beside a part shares almost touch: spacing there against that of the front. */
    private static final double PART_OF_FRONT = 0.45;

    /** Thin and tender places are hooked so much more widely. ASSUMPTION. */
    private static final double SPARED = 1.4;

    private final Scalp scalp;
    private final Foundation foundation;
    private final HookingPlan hooking;
    private final HookingBrief brief;
    private final Flanks flanks;
    private final List<List<Vec2>> spared;
    private final double edgeMm;
    private final boolean goesUp;

    Spacing(
            Scalp scalp,
            Foundation foundation,
            HookingPlan hooking,
            HookingBrief brief,
            List<Region> regions,
            double edgeMm,
            boolean goesUp) {
        this.scalp = scalp;
        this.foundation = foundation;
        this.hooking = hooking;
        this.brief = brief;
        this.flanks = new Flanks(foundation.parts());
        this.spared = regions.stream()
                .filter(r -> r.kind() == RegionKind.THIN || r.kind() == RegionKind.TENDER)
                .map(scalp::chartOf)
                .toList();
        this.edgeMm = edgeMm;
        this.goesUp = goesUp;
    }

    /**
     * Stations up to each point of the path, if they were not whole: ∫ ds / spacing. None within the edge; where a row
     * joins another it leaves the last half spacing to it, or the last whole one if it joins together with others.
     */
    double[] counts(Row row) {
        Path path = row.path();
        double[] at = path.distancesMm();
        double strip = row.stripWidthMm();
        double end = at[at.length - 1];
        double from = row.id().section() == Section.FRONT && row.id().piece() == 1 ? Math.min(edgeMm, end / 2) : 0;
        double last = hooking.spacingMm(scalp.frontToNape(path.space().get(at.length - 1)), strip);
        double to = end - (row.joins().isEmpty() ? StationPlacer.EDGE_MM : last * (joinsAlone(row) ? 0.5 : 1));
        double[] n = new double[at.length];
        for (int i = 1; i < at.length; i++) {
            double step = Math.max(0, Math.min(at[i], to) - Math.max(at[i - 1], from));
            Vec3 middle = path.space().get(i - 1).lerp(path.space().get(i), 0.5);
            Vec2 flat = path.chart().get(i - 1).lerp(path.chart().get(i), 0.5);
            n[i] = n[i - 1] + step / mm(row, flat, scalp.frontToNape(middle), strip);
        }
        return n;
    }

    private double mm(Row row, Vec2 at, double frontToNape, double strip) {
        if (row.use() == RowUse.UNDER_CAP) {
            return CAP_MM;
        }
        double usual = hooking.spacingMm(frontToNape, strip);
        int part = flanks.beside(row.id(), at);
        if (part != Station.NO_PART) {
            return Math.max(
                    ZoneSetting.SPACING_MM.min(),
                    Math.min(usual, hooking.setting(Zone.FRONT).spacingMm() * PART_OF_FRONT)
                            / brief.closerBeside(part));
        }
        // Where hair is drawn up nothing falls over the perimeter from above: all along it is as much an edge as the
        // front.
        double close = goesUp && row.id().section() == Section.PERIMETER
                ? Math.min(usual, hooking.setting(Zone.FRONT).spacingMm())
                : usual;
        return spared.stream().anyMatch(rim -> Polygons.contains(rim, at)) ? close * SPARED : close;
    }

    private boolean joinsAlone(Row row) {
        return foundation.rows().stream()
                        .filter(r -> r.joins().equals(row.joins()))
                        .count()
                == 1;
    }
}
