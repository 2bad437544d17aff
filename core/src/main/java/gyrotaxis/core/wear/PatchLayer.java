package gyrotaxis.core.wear;

import gyrotaxis.core.geometry.Vec2;

/** Lays round patches of cover over the cells of a grid. Keeps what it works with, so that laying makes no objects; for one thread. */
final class PatchLayer {
    /** An edge that leans less across the lines of cells runs along them. */
    private static final double ALONG_A_LINE = 1e-9;

    private final CoverGrid grid;
    /** Of every line of cells the stretch that the patch being laid covers. */
    private final int[] fromColumn;

    private final int[] toColumn;
    /** Of every column the square of its distance from the middle of the patch being laid, mm². */
    private final double[] columnSquare;

    PatchLayer(CoverGrid grid) {
        this.grid = grid;
        this.fromColumn = new int[grid.lines()];
        this.toColumn = new int[grid.lines()];
        this.columnSquare = new double[grid.columns()];
    }

    /**
     * Where hair ends sidelong: it lies where {@code across}·p is {@code from} or more.
     *
     * @param across a unit vector, or 0 where it ends nowhere
     * @param from mm
     */
    record Edge(Vec2 across, double from) {
        static final Edge NONE = new Edge(new Vec2(0, 0), 0);

        /**
         * So far behind a root, seen the way its hair goes.
         *
         * @param toward another place than the root
         */
        static Edge behind(Vec2 root, Vec2 toward, double mm) {
            Vec2 way = toward.minus(root).times(1 / toward.distance(root));
            return new Edge(way, way.dot(root) - mm);
        }
    }

    /**
     * Lays an area of cover out in a round patch, thickest in the middle; all of it lands on the grid.
     *
     * @param depth depth of each cell, footprints; what is laid is added
     * @param width of the patch, mm
     */
    void lay(double[] depth, Vec2 at, double width, double areaMm2) {
        lay(depth, at, width, areaMm2, Edge.NONE);
    }

    /** The same up to an edge: what would lie beyond it lies on this side. */
    void lay(double[] depth, Vec2 at, double width, double areaMm2, Edge edge) {
        double cell = grid.cellMm();
        double radius = Math.max(width / 2, cell);
        int fromLine = Math.max(0, (int) Math.floor((grid.front() - at.y() - radius) / cell));
        int toLine = Math.min(grid.lines() - 1, (int) Math.floor((grid.front() - at.y() + radius) / cell));
        double sum = 0;
        for (int line = fromLine; line <= toLine; line++) {
            double square = squareLeft(line, at, radius);
            fromColumn[line] = 0;
            toColumn[line] = -1;
            if (square <= 0) {
                continue;
            }
            double half = Math.sqrt(square);
            int from = Math.max(0, (int) Math.ceil((at.x() - half - grid.left()) / cell - 0.5));
            int to = Math.min(grid.columns() - 1, (int) Math.floor((at.x() + half - grid.left()) / cell - 0.5));
            if (edge != Edge.NONE) {
                double y = grid.front() - (line + 0.5) * cell;
                double beyond = edge.from() - edge.across().y() * y;
                double slope = edge.across().x();
                if (Math.abs(slope) < ALONG_A_LINE) {
                    to = beyond > 0 ? from - 1 : to;
                } else {
                    double column = (beyond / slope - grid.left()) / cell - 0.5;
                    from = slope > 0 ? Math.max(from, (int) Math.ceil(column)) : from;
                    to = slope < 0 ? Math.min(to, (int) Math.floor(column)) : to;
                }
            }
            fromColumn[line] = from;
            toColumn[line] = to;
            if (from <= to) {
                sum += weights(square, grid.left() + (from + 0.5) * cell - at.x(), to - from + 1);
            }
        }
        if (sum <= 0) {
            return;
        }
        double left = grid.left() + 0.5 * cell - at.x();
        int widestFrom = Math.max(0, (int) Math.floor((-radius - left) / cell));
        int widestTo = Math.min(grid.columns() - 1, (int) Math.ceil((radius - left) / cell));
        for (int column = widestFrom; column <= widestTo; column++) {
            double dx = left + column * cell;
            columnSquare[column] = dx * dx;
        }
        double unit = areaMm2 / sum / (cell * cell);
        for (int line = fromLine; line <= toLine; line++) {
            double square = squareLeft(line, at, radius);
            int first = line * grid.columns();
            // Two arrays in step and nothing else: all of the time goes here, and so it is done several cells at once.
            for (int column = fromColumn[line]; column <= toColumn[line]; column++) {
                depth[first + column] += unit * (square - columnSquare[column]);
            }
        }
    }

    /** The square of half the chord that a line of cells cuts from a patch, mm²; negative where it passes by. */
    private double squareLeft(int line, Vec2 at, double radius) {
        double dy = grid.front() - (line + 0.5) * grid.cellMm() - at.y();
        return radius * radius - dy * dy;
    }

    /** Σ (square − dx²) over {@code n} cells in a row, the first at {@code dx}, in closed form. */
    private double weights(double square, double dx, int n) {
        double cell = grid.cellMm();
        double squares = n * dx * dx + cell * dx * n * (n - 1.0) + cell * cell * (n - 1.0) * n * (2.0 * n - 1) / 6;
        return n * square - squares;
    }
}
