package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Keeps rows out of the regions that no row may run through: a row stops before such a region and goes on behind it as a
 * piece of its own.
 *
 * <p>Hair of a strip beside a region stays with the nearer piece. A row that is left without a piece worth braiding gives its
 * hair to its neighbour. Does not lead rows round a region: braiding straight on behind it pulls less on its edge.
 */
final class RegionCut {
    /** A piece shorter than this is not worth braiding, mm. ASSUMPTION: a finger and a half. */
    static final double MIN_LENGTH_MM = 25;

    /** What is left of a single must reach so far over its base, mm. */
    private static final double MIN_SINGLE_MM = 4;

    /** A piece whose strip is narrower than this has no hair for a plait, mm. ASSUMPTION: what a tail comb lifts at the least. */
    static final double THINNEST_MM = 1;

    private static final GeometryFactory JTS = new GeometryFactory();
    private static final double FAR_MM = 1000;
    private static final double SPECK_MM2 = 1;

    private final Scalp scalp;
    private final RowMaker maker;
    private final List<Polygon> blocked = new ArrayList<>();
    private final Geometry all;

    RegionCut(Scalp scalp, List<Region> regions, RowMaker maker) {
        this.scalp = scalp;
        this.maker = maker;
        Geometry union = JTS.createPolygon();
        for (int i = 0; i < regions.size(); i++) {
            if (regions.get(i).kind().keepsRowsOut()) {
                Polygon p = polygon(scalp.chartOf(regions.get(i)));
                if (!p.isValid()) {
                    throw new FoundationException(
                            Wish.REGION,
                            i,
                            "The outline of " + regions.get(i).name() + " crosses itself. Draw it anew.");
                }
                blocked.add(p);
                union = overlay(union, p, OverlayNG.UNION);
            }
        }
        this.all = union;
    }

    /** Area within an outline that no region keeps rows out of, mm². */
    double openAreaMm2(List<Vec2> outline) {
        return blocked.isEmpty()
                ? Scalp.areaMm2(outline)
                : overlay(polygon(outline), all, OverlayNG.DIFFERENCE).getArea();
    }

    /** Cuts all rows of a draft; says whether any was. */
    boolean cut(Draft draft) {
        if (blocked.isEmpty()) {
            return false;
        }
        List<Row> kept = new ArrayList<>();
        List<List<Vec2>> unclaimed = new ArrayList<>();
        boolean wasCut = false;
        for (Row row : draft.rows) {
            List<Row> pieces = pieces(row, unclaimed);
            wasCut |= pieces.size() != 1 || pieces.get(0) != row;
            kept.addAll(pieces);
        }
        if (kept.isEmpty()) {
            throw new FoundationException(Wish.REGION, 0, "The regions drawn leave no room for a single row.");
        }
        unclaimed.forEach(strip -> adopt(strip, kept));
        draft.rows.clear();
        kept.forEach(r -> draft.rows.add(withoutLostEnds(r, kept)));
        List<Crossing> crossings = draft.crossings.stream()
                .flatMap(c -> ofPieces(c, kept).stream())
                .toList();
        draft.crossings.clear();
        draft.crossings.addAll(crossings);
        return wasCut;
    }

    /** A crossing between the pieces that run past it, if they still do. */
    private static Optional<Crossing> ofPieces(Crossing c, List<Row> kept) {
        Optional<Row> over = pieceAt(c.over(), c.chart(), kept);
        Optional<Row> under = pieceAt(c.under(), c.chart(), kept);
        return over.isPresent() && under.isPresent()
                ? Optional.of(new Crossing(over.get().id(), under.get().id(), c.chart()))
                : Optional.empty();
    }

    private static Optional<Row> pieceAt(RowId id, Vec2 at, List<Row> kept) {
        return kept.stream()
                .filter(r -> r.id().section() == id.section() && r.id().number() == id.number())
                .min(Comparator.comparingDouble(r -> distance(r, at)));
    }

    /** What is left of a row; the strips of what is not worth braiding go to the unclaimed. */
    private List<Row> pieces(Row row, List<List<Vec2>> unclaimed) {
        PreparedGeometry barred = PreparedGeometryFactory.prepare(all.buffer(row.braidWidthMm() / 2));
        Geometry line = JTS.createLineString(coordinates(row.path().chart()));
        boolean touchesStrip = row.strips().stream().anyMatch(s -> polygon(s).intersects(all));
        if (!barred.intersects(line) && !touchesStrip) {
            return List.of(row);
        }
        List<double[]> free = freeStretches(row.path(), barred);
        if (free.isEmpty()) {
            unclaimed.addAll(row.strips());
            return List.of();
        }
        List<List<List<Vec2>>> strips = divide(row, free);
        double length = row.lengthMm();
        List<Row> pieces = new ArrayList<>();
        for (int k = 0; k < free.size(); k++) {
            boolean isLast = free.get(k)[1] >= length - 1e-6;
            RowId id = new RowId(row.id().section(), row.id().number(), k + 1);
            Path path = row.path().between(free.get(k)[0], free.get(k)[1]);
            if (areaMm2(strips.get(k)) < THINNEST_MM * path.lengthMm()) {
                unclaimed.addAll(strips.get(k));
                continue;
            }
            Row piece = maker.ofAll(id, path, strips.get(k)).used(row.use());
            pieces.add(!isLast ? piece : rejoined(piece, row));
        }
        return pieces;
    }

    private static Row rejoined(Row piece, Row row) {
        if (row.joins().isPresent()) {
            return piece.joining(row.joins().get());
        }
        return row.lead().map(piece::led).orElse(piece);
    }

    /** Stretches of a path, from and to in mm along it, that lie outside and are long enough. */
    private static List<double[]> freeStretches(Path path, PreparedGeometry barred) {
        double[] at = path.distancesMm();
        List<double[]> free = new ArrayList<>();
        double from = 0;
        boolean isFree = outside(path.chart().get(0), barred);
        for (int i = 1; i < at.length; i++) {
            Vec2 a = path.chart().get(i - 1);
            Vec2 b = path.chart().get(i);
            int steps = (int) Math.ceil(Math.max(1, at[i] - at[i - 1]));
            for (int s = 1; s <= steps; s++) {
                boolean now = outside(a.lerp(b, (double) s / steps), barred);
                double here = at[i - 1] + (at[i] - at[i - 1]) * s / steps;
                if (now && !isFree) {
                    from = here;
                } else if (!now && isFree) {
                    free.add(new double[] {from, at[i - 1] + (at[i] - at[i - 1]) * (s - 1) / steps});
                }
                isFree = now;
            }
        }
        if (isFree) {
            free.add(new double[] {from, at[at.length - 1]});
        }
        boolean isShortAnyway = at[at.length - 1] < MIN_LENGTH_MM;
        double shortest = isShortAnyway ? Math.max(MIN_SINGLE_MM, 0.5 * at[at.length - 1]) : MIN_LENGTH_MM;
        free.removeIf(f -> f[1] - f[0] < shortest && f[1] - f[0] < at[at.length - 1]);
        return free;
    }

    private static boolean outside(Vec2 p, PreparedGeometry barred) {
        Point point = JTS.createPoint(new Coordinate(p.x(), p.y()));
        return !barred.intersects(point);
    }

    /** The strips of a row less the regions, each part with the piece on whose side of the gaps it lies. */
    private List<List<List<Vec2>>> divide(Row row, List<double[]> free) {
        List<List<List<Vec2>>> divided = new ArrayList<>();
        Geometry rest = JTS.createPolygon();
        for (List<Vec2> s : row.strips()) {
            rest = overlay(rest, polygon(s).buffer(0), OverlayNG.UNION);
        }
        rest = overlay(rest, all, OverlayNG.DIFFERENCE);
        for (int k = 0; k < free.size(); k++) {
            Geometry mine = rest;
            if (k + 1 < free.size()) {
                double middle = (free.get(k)[1] + free.get(k + 1)[0]) / 2;
                Polygon before = halfPlane(row.path(), middle);
                mine = overlay(rest, before, OverlayNG.INTERSECTION);
                rest = overlay(rest, before, OverlayNG.DIFFERENCE);
            }
            divided.add(simple(mine));
        }
        return divided;
    }

    /** All of the map behind a place of a path, against the way it runs. */
    private static Polygon halfPlane(Path path, double alongMm) {
        Vec2 here = path.chartAt(alongMm);
        Vec2 along = path.chartAt(alongMm + 2).minus(path.chartAt(alongMm - 2));
        Vec2 d = along.times(1 / along.norm());
        Vec2 across = new Vec2(-d.y(), d.x());
        return polygon(List.of(
                here.plus(across.times(FAR_MM)),
                here.minus(across.times(FAR_MM)),
                here.minus(across.times(FAR_MM)).minus(d.times(FAR_MM)),
                here.plus(across.times(FAR_MM)).minus(d.times(FAR_MM))));
    }

    /** As polygons without holes: one with a hole is cut in two through it. */
    private static List<List<Vec2>> simple(Geometry g) {
        List<List<Vec2>> list = new ArrayList<>();
        for (int i = 0; i < g.getNumGeometries(); i++) {
            if (!(g.getGeometryN(i) instanceof Polygon p) || p.getArea() < SPECK_MM2) {
                continue;
            }
            if (p.getNumInteriorRing() == 0) {
                list.add(points(p));
            } else {
                Coordinate hole = p.getInteriorRingN(0).getCentroid().getCoordinate();
                Polygon half = polygon(List.of(
                        new Vec2(-FAR_MM, -FAR_MM),
                        new Vec2(hole.x, -FAR_MM),
                        new Vec2(hole.x, FAR_MM),
                        new Vec2(-FAR_MM, FAR_MM)));
                list.addAll(simple(overlay(p, half, OverlayNG.INTERSECTION)));
                list.addAll(simple(overlay(p, half, OverlayNG.DIFFERENCE)));
            }
        }
        return list;
    }

    /** Gives what a lost row gathered outside the regions to the row that runs nearest. */
    private void adopt(List<Vec2> strip, List<Row> kept) {
        for (List<Vec2> rest : simple(overlay(polygon(strip).buffer(0), all, OverlayNG.DIFFERENCE))) {
            Vec2 middle = middle(rest);
            Row heir = kept.stream()
                    .min(Comparator.comparingDouble(r -> distance(r, middle)))
                    .orElseThrow();
            List<List<Vec2>> strips = new ArrayList<>(heir.strips());
            strips.add(rest);
            kept.set(kept.indexOf(heir), heir.over(strips, maker.braidWidthMm(areaMm2(strips) / heir.lengthMm())));
        }
    }

    private static double areaMm2(List<List<Vec2>> strips) {
        return strips.stream().mapToDouble(Scalp::areaMm2).sum();
    }

    private static double distance(Row row, Vec2 p) {
        return row.path().chart().stream().mapToDouble(q -> q.distance(p)).min().orElse(Double.POSITIVE_INFINITY);
    }

    private static Vec2 middle(List<Vec2> polygon) {
        Vec2 sum = polygon.stream().reduce(new Vec2(0, 0), Vec2::plus);
        return sum.times(1.0 / polygon.size());
    }

    /** A row that joined, or was led into, one that is gone ends on its own. */
    private static Row withoutLostEnds(Row row, List<Row> kept) {
        Optional<RowId> into = row.joins().or(() -> row.lead().map(Row.Lead::into));
        boolean isLost = into.isPresent() && kept.stream().noneMatch(r -> r.id().equals(into.get()));
        return isLost ? row.ending() : row;
    }

    /** Areas only: what two outlines share besides is of no use here. Robust where outlines run nearly together. */
    private static Geometry overlay(Geometry a, Geometry b, int operation) {
        Geometry whole = OverlayNGRobust.overlay(a, b, operation);
        List<Polygon> areas = new ArrayList<>();
        for (int i = 0; i < whole.getNumGeometries(); i++) {
            if (whole.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
                areas.add(p);
            }
        }
        return areas.size() == 1 ? areas.get(0) : JTS.createMultiPolygon(areas.toArray(Polygon[]::new));
    }

    static Polygon polygon(List<Vec2> points) {
        Coordinate[] c = new Coordinate[points.size() + 1];
        for (int i = 0; i < points.size(); i++) {
            c[i] = new Coordinate(points.get(i).x(), points.get(i).y());
        }
        c[points.size()] = c[0].copy();
        return JTS.createPolygon(c);
    }

    private static Coordinate[] coordinates(List<Vec2> points) {
        return points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
    }

    private static List<Vec2> points(Polygon p) {
        Coordinate[] c = p.getExteriorRing().getCoordinates();
        List<Vec2> list = new ArrayList<>();
        for (int i = 0; i + 1 < c.length; i++) {
            list.add(new Vec2(c[i].x, c[i].y));
        }
        return list;
    }
}
