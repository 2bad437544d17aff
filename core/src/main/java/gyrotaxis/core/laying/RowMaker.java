package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;

/**
 * Makes rows of lanes.
 *
 * @param scalp what they lie on
 * @param ownHair decides how thick they become
 */
record RowMaker(Scalp scalp, OwnHair ownHair) {
    /**
     * Thickness of a plait of medium hair from a strip 1 mm wide, mm. It grows with the root of the width, since the hair
     * it gathers fills its cross-section.
     *
     * @see "ASSUMPTION: set so that a strip of one and a half fingers makes a plait of half a finger; to be measured"
     */
    private static final double BRAID_ROOT_MM = 1.75;

    private static final Interval BRAID_MM = new Interval(1.5, 20);

    /**
     * Along so much of itself a row carries the hair it gathers, mm: hair further back has ended.
     *
     * @see "ASSUMPTION: most of the length of ordinary hair; with it two hairs to the mm² give a plait about as thick as the root of
     *     its strip does"
     */
    private static final double CARRIED_MM = 110;

    /** A two-strand twist lies closer than a plait of three. ASSUMPTION. */
    private static final double TWISTED = 0.85;

    /** Points along a section, so that rows of one section have points opposite each other. */
    static final int STEPS = 32;

    private static final int END_STEPS = 8;

    /** Where a place lies on the map by its fraction along the rows of a section, and across them. */
    @FunctionalInterface
    interface Place {
        Vec2 at(double along, double across);
    }

    /** The row of a lane. */
    Row row(RowId id, Place place, Lane lane) {
        return row(id, place, lane, lane.middle());
    }

    /** The row of a lane along a line of its own; the lane only says what it gathers. */
    Row row(RowId id, DoubleFunction<Vec2> line, Place place, Lane lane) {
        List<Double> along = steps(lane.spec().endsAt());
        Path path = Path.lifted(along.stream().map(line::apply).toList(), scalp.chart());
        return of(id, path, strip(place, lane, along)).used(lane.spec().use());
    }

    /** The row of a lane that leaves its middle. */
    Row row(RowId id, Place place, Lane lane, DoubleUnaryOperator middle) {
        double end = lane.spec().endsAt();
        List<Double> along = steps(end);
        List<Vec2> line =
                along.stream().map(u -> place.at(u, middle.applyAsDouble(u))).toList();
        Path path = Path.lifted(line, scalp.chart());
        Row row = of(id, lane.spec().isReversed() ? path.reversed() : path, strip(place, lane, along));
        return row.used(lane.spec().use());
    }

    /** A row along a path that gathers a strip. */
    Row of(RowId id, Path path, List<Vec2> strip) {
        return ofAll(id, path, List.of(strip));
    }

    /**
     * A plait that hangs free: it holds the hair of its base and no more, while a row carries what it gathered on its last
     * {@link #CARRIED_MM}.
     */
    Row plait(RowId id, Path path, List<Vec2> base, boolean isTwisted) {
        double width = braidWidthMm(Scalp.areaMm2(base) / CARRIED_MM) * (isTwisted ? TWISTED : 1);
        return Row.of(id, path, base, BRAID_MM.clamp(width)).used(RowUse.PLAITED);
    }

    /** A row along a path that gathers several strips. */
    Row ofAll(RowId id, Path path, List<List<Vec2>> strips) {
        double area = strips.stream().mapToDouble(Scalp::areaMm2).sum();
        double width = braidWidthMm(area / path.lengthMm());
        return Row.of(id, path, strips.get(0), width).over(strips, width);
    }

    /** Thickness of the plait of a strip, mm. */
    double braidWidthMm(double stripWidthMm) {
        return BRAID_MM.clamp(BRAID_ROOT_MM * Math.sqrt(stripWidthMm) * ownHair.thicknessFactor());
    }

    private static List<Double> steps(double end) {
        List<Double> steps = new ArrayList<>(STEPS + 1);
        for (int k = 0; k <= STEPS && (double) k / STEPS < end; k++) {
            steps.add((double) k / STEPS);
        }
        steps.add(end);
        return steps;
    }

    /** Down one side, across the end, up the other side and back across the start. */
    private static List<Vec2> strip(Place place, Lane lane, List<Double> along) {
        double end = lane.spec().endsAt();
        List<Vec2> rim = new ArrayList<>(2 * (STEPS + END_STEPS));
        for (int k = 0; k < along.size() - 1; k++) {
            rim.add(place.at(along.get(k), lane.left().applyAsDouble(along.get(k))));
        }
        addEnd(rim, place, end, lane.left().applyAsDouble(end), lane.right().applyAsDouble(end));
        for (int k = along.size() - 1; k > 0; k--) {
            rim.add(place.at(along.get(k), lane.right().applyAsDouble(along.get(k))));
        }
        addEnd(rim, place, 0, lane.right().applyAsDouble(0), lane.left().applyAsDouble(0));
        return rim;
    }

    private static void addEnd(List<Vec2> rim, Place place, double along, double from, double to) {
        for (int k = 0; k < END_STEPS; k++) {
            rim.add(place.at(along, from + (to - from) * k / END_STEPS));
        }
    }
}
