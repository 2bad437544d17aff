package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.row.Section;
import java.util.List;

/**
 * The shares that lie beside a row: on the row next to it, or on a spiral one turn before.
 *
 * <p>How far off a place lies is told in parts of the gap that it is opposite to, from 0 in its middle to 0.5 level with a share.
 */
final class Beside {
    /** Rows further apart than so many gaps have nothing to do with each other. ASSUMPTION: nobody would see it. */
    private static final double APART = 6;

    private final Row row;
    private final double[] at;

    /**
     * What lies on a row.
     *
     * @param at where its shares lie along it, mm, ascending
     */
    Beside(Row row, double[] at) {
        this.row = row;
        this.at = at;
    }

    /** How far off a place on another row lies; NaN where nothing lies beside it. */
    double off(Vec2 chart, Vec3 space) {
        double along = row.path().nearest(chart) * row.lengthMm();
        double gap = gapAt(along);
        boolean isBeside = gap > 0 && row.path().spaceAt(along).distance(space) <= APART * gap;
        return isBeside ? offAlong(along) : Double.NaN;
    }

    /** How far off a place along this very row lies from the shares on it; NaN beyond them. */
    double offAlong(double along) {
        for (int i = 1; i < at.length; i++) {
            if (along <= at[i] && along >= at[i - 1]) {
                return Math.abs((along - at[i - 1]) / (at[i] - at[i - 1]) - 0.5);
            }
        }
        // Before the first and behind the last only what is nearly level with it is off.
        double beyond = at.length < 2 ? Double.NaN : along < at[0] ? at[0] - along : along - at[at.length - 1];
        double part = beyond / gapAt(along);
        return part < 1 ? Math.max(0, 0.5 - part) : Double.NaN;
    }

    private double gapAt(double along) {
        if (at.length < 2) {
            return 0;
        }
        int i = 1;
        while (i < at.length - 1 && at[i] < along) {
            i++;
        }
        return at[i] - at[i - 1];
    }

    /** Whether a place lies between two shares of this row and near it: what {@link Bricks} measures. */
    boolean isBetween(Vec2 chart, Vec3 space) {
        double along = row.path().nearest(chart) * row.lengthMm();
        return at.length > 1
                && along >= at[0]
                && along <= at[at.length - 1]
                && row.path().spaceAt(along).distance(space) <= APART * gapAt(along);
    }

    /** The turns of a spiral. */
    static final class Turns {
        private final double[] distances;
        private final double[] turned;

        private Turns(double[] distances, double[] turned) {
            this.distances = distances;
            this.turned = turned;
        }

        /** The turns of a row about the map's middle. */
        static Turns of(Row row) {
            List<Vec2> line = row.path().chart();
            double[] turned = new double[line.size()];
            for (int i = 1; i < turned.length; i++) {
                double by = angle(line.get(i)) - angle(line.get(i - 1));
                turned[i] = turned[i - 1] + Math.abs(Math.IEEEremainder(by, 2 * Math.PI));
            }
            return new Turns(row.path().distancesMm(), turned);
        }

        private static double angle(Vec2 p) {
            return Math.atan2(p.y(), p.x());
        }

        /** Whether a row winds about the map's middle. */
        static boolean has(Row row) {
            return row.id().section() == Section.SPIRAL;
        }

        /** The place one turn before another, mm along the row; NaN on the first turn. */
        double before(double alongMm) {
            double now = at(distances, turned, alongMm);
            return now < 2 * Math.PI ? Double.NaN : at(turned, distances, now - 2 * Math.PI);
        }

        private static double at(double[] x, double[] y, double value) {
            int i = 1;
            while (i < x.length - 1 && x[i] < value) {
                i++;
            }
            double step = x[i] - x[i - 1];
            return step <= 0 ? y[i] : y[i - 1] + (y[i] - y[i - 1]) * (value - x[i - 1]) / step;
        }
    }
}
