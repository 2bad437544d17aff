package gyrotaxis.core.care;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Weighs what is hooked to every row against what hair of its density should carry.
 *
 * <p>Heuristics, all of them: nobody has measured for us how many grams harm. The limits are meant to warn early, and defer
 * to what the client feels.
 */
public final class Pull {
    /** Rows whose start is nearer to the hairline than this start at it, mm. */
    private static final double AT_EDGE_MM = 14;

    /**
     * What a cm of row should carry, g, by density.
     *
     * @see "ASSUMPTION: a full head of usual weight, 1.8 g/cm, is well borne by medium hair; fine hair bears two thirds"
     */
    private static final double FINE_G = 1.6;

    private static final double MEDIUM_G = 2.4;
    private static final double THICK_G = 3.2;

    /** What is left of the limit over a thin or tender region, and on thin edges. ASSUMPTION. */
    private static final double SPARED = 0.6;

    /** The strip of scalp that the limits are meant for, mm. ASSUMPTION: as for the usual spacings. */
    private static final double USUAL_STRIP_MM = 24;

    /** A wide strip shares the weight among more hair, but not without end. ASSUMPTION. */
    private static final Interval GATHERED = new Interval(0.6, 1.6);

    /** From here back it is the nape, where hair is finest. */
    private static final double NAPE_FROM = 0.85;

    private static final double MM_PER_CM = 10;
    private static final double HAIRLINE_STEP_RAD = 0.02;

    private final Scalp scalp;
    private final OwnHair ownHair;
    private final List<List<Vec2>> spared;

    private Pull(Scalp scalp, OwnHair ownHair, List<Region> regions) {
        this.scalp = scalp;
        this.ownHair = ownHair;
        this.spared = regions.stream()
                .filter(r -> r.kind() == RegionKind.THIN || r.kind() == RegionKind.TENDER)
                .map(scalp::chartOf)
                .toList();
    }

    /** What pulls on each row, in the order of the rows. */
    public static List<RowPull> of(
            Scalp scalp, Foundation foundation, Hooked hooked, OwnHair ownHair, List<Region> regions) {
        Pull pull = new Pull(scalp, ownHair, regions);
        Map<RowId, Double> grams = hooked.stations().stream()
                .collect(Collectors.groupingBy(s -> s.id().row(), Collectors.summingDouble(hooked::gramsOf)));
        return foundation.rows().stream()
                .map(row -> pull.of(row, grams.getOrDefault(row.id(), 0.0)))
                .toList();
    }

    /** Whether a row runs through a region of a kind, by its points. */
    public static boolean runsThrough(Scalp scalp, Row row, Region region) {
        List<Vec2> rim = scalp.chartOf(region);
        return row.path().chart().stream().anyMatch(p -> Polygons.contains(rim, p));
    }

    /** Weight hooked within a region, g. */
    public static double gramsIn(Scalp scalp, Region region, Hooked hooked) {
        List<Vec2> rim = scalp.chartOf(region);
        return hooked.stations().stream()
                .filter(s -> Polygons.contains(rim, s.chart()))
                .mapToDouble(hooked::gramsOf)
                .sum();
    }

    private RowPull of(Row row, double grams) {
        boolean isAtEdge = distanceToHairline(row.path().chart().get(0)) < AT_EDGE_MM;
        double sparedPart = isAtEdge && ownHair.has(ScalpCondition.THIN_EDGES) ? 1 : sparedPart(row);
        // The more own hair a row gathers, the more holds it; by the root, since the middle of a rope holds little.
        double gathered = GATHERED.clamp(Math.sqrt(row.stripWidthMm() / USUAL_STRIP_MM));
        double limit = limit(ownHair.density()) * gathered * (1 - (1 - SPARED) * sparedPart);
        boolean loadsNape = scalp.frontToNape(row.path().end()) > NAPE_FROM
                && row.path().end().z() < row.path().start().z() - MM_PER_CM;
        return new RowPull(
                row.id(),
                grams / (row.lengthMm() / MM_PER_CM),
                limit,
                isAtEdge ? edgeAngle(row.path()) : 0,
                isAtEdge,
                loadsNape);
    }

    /** How much of a row runs through regions that are to be spared, in [0, 1]. */
    private double sparedPart(Row row) {
        List<Vec2> line = row.path().chart();
        long inside = line.stream()
                .filter(p -> spared.stream().anyMatch(rim -> Polygons.contains(rim, p)))
                .count();
        return (double) inside / line.size();
    }

    private static double limit(HairDensity density) {
        return switch (density) {
            case FINE -> FINE_G;
            case MEDIUM -> MEDIUM_G;
            case THICK -> THICK_G;
        };
    }

    private double distanceToHairline(Vec2 p) {
        double theta = Math.atan2(p.x(), p.y());
        return scalp.hairline().chartAt(theta).norm() - p.norm();
    }

    /** Between the start of a row and straight across the hairline. */
    private double edgeAngle(Path path) {
        Vec2 start = path.chart().get(0);
        double theta = Math.atan2(start.x(), start.y());
        Vec2 along = scalp.hairline()
                .chartAt(theta + HAIRLINE_STEP_RAD)
                .minus(scalp.hairline().chartAt(theta - HAIRLINE_STEP_RAD));
        Vec2 row = path.chart().get(1).minus(start);
        double sine = Math.abs(along.x() * row.x() + along.y() * row.y()) / (along.norm() * row.norm());
        return Math.asin(Math.min(1, sine));
    }
}
