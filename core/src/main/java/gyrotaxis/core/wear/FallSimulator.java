package gyrotaxis.core.wear;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.OtherHair;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Knot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Lets the hair of every station fall, and says what of the scalp still shows.
 *
 * <p>Method: from each station the share's hair is followed over the surface for its length, or until it leaves the head, a
 * band that widens as it goes. What it covers is laid out on a grid of the equal-area map: one whole loop covers its
 * footprint once, wherever the band is wider it covers thinner, so that the hair laid out is the hair hooked. Where the
 * covers of all bands add up to a depth d, the fraction exp(−d/κ) of the skin shows. Cost: linear in stations, length and the
 * area of bands; deterministic.
 *
 * <p>Does not know clumps, or the thickness of hair above other hair; hair that leaves the hairline is let go.
 */
public final class FallSimulator {
    /** Samples that are enough for figures by zone; for a map that is looked at, take more. */
    public static final int USUAL_SAMPLES = 3_000;

    /** A band is laid out in steps of this part of its width. */
    private static final double STEP_OF_WIDTH = 0.2;

    private static final double LEAST_STEP_MM = 4;
    private static final double HANGING_STEP_MM = 25;

    /** Wind lifts hair off the head: so much of it still covers. ASSUMPTION. */
    private static final double COVERS_IN_WIND = 0.7;

    /** Over what length hair that leaves the head turns downward, mm. */
    private static final double TURNS_DOWN_MM = 35;

    /** A square is laid out as a round patch so much wider than its side, so that patches run together. */
    private static final double ROUND = 1.6;

    /** Drawn hair is smoothed flat: bands stay narrower than falling ones. ASSUMPTION. */
    private static final double DRAWN_SPREAD = 0.3;

    /**
     * How much more scalp hair covers once it is combed flat and drawn, its fibres side by side instead of in locks.
     *
     * @see "ASSUMPTION: half a loop of 2 g lies once over a band of some 30 mm; to be measured on photographs of ponytails"
     */
    static final double COVERS_DRAWN = 2.5;

    /** How far from its place a share without a knot leaves its row bare, mm. ASSUMPTION: the width of a row. */
    private static final double LEAVES_BARE_MM = 8;

    private final CoverGrid grid;
    private final FallField field;
    private final Worn worn;
    private final double day;
    private final Map<Kind, HairBody> bodies = new HashMap<>();
    /** Of every line of cells the stretch that the patch being laid covers. */
    private final int[] fromColumn;

    private final int[] toColumn;
    /** Of every column the square of its distance from the middle of the patch being laid, mm². */
    private final double[] columnSquare;

    private FallSimulator(CoverGrid grid, Foundation foundation, Worn worn, double day) {
        this.grid = grid;
        this.worn = worn;
        this.day = day;
        this.fromColumn = new int[grid.lines()];
        this.toColumn = new int[grid.lines()];
        this.columnSquare = new double[grid.columns()];
        this.field = new FallField(grid.scalp(), worn.partsOf(foundation), worn.way());
    }

    /** What shows on the day of the install. */
    public static Cover cover(CoverGrid grid, Foundation foundation, Hooked hooked, Worn worn) {
        return cover(grid, foundation, hooked, worn, 0);
    }

    /**
     * What shows on a day.
     *
     * @param day in [0, {@link Loft#LAST_DAY}]
     */
    public static Cover cover(CoverGrid grid, Foundation foundation, Hooked hooked, Worn worn, double day) {
        double[] depth = others(grid, foundation, hooked, worn, day);
        FallSimulator s = new FallSimulator(grid, foundation, worn, day);
        for (Station station : hooked.stations()) {
            s.cover(station, hooked.portionsOf(station), depth);
        }
        return coverOf(grid, foundation, worn, depth);
    }

    /** The depth that all hair which is not hooked lays over every cell, footprints. */
    public static double[] others(CoverGrid grid, Foundation foundation, Hooked hooked, Worn worn, double day) {
        double[] depth = new double[grid.size()];
        if (!hooked.others().isEmpty()) {
            FallSimulator s = new FallSimulator(grid, foundation, worn, day);
            HairLine main = hooked.hairs().get(0).line();
            for (OtherHair other : hooked.others()) {
                s.cover(other, main, depth);
            }
        }
        return depth;
    }

    /** The depth that some of the stations lay over every cell, footprints; depths of different stations add up. */
    public static double[] depth(
            CoverGrid grid, Foundation foundation, Hooked hooked, List<Station> stations, Worn worn, double day) {
        FallSimulator s = new FallSimulator(grid, foundation, worn, day);
        double[] depth = new double[grid.size()];
        for (Station station : stations) {
            s.cover(station, hooked.portionsOf(station), depth);
        }
        return depth;
    }

    /** What shows under a depth that is summed up already; the depth is kept, not copied. */
    public static Cover coverOf(CoverGrid grid, Foundation foundation, Worn worn, double[] depth) {
        return new Cover(grid, BareOnPurpose.of(grid, foundation, worn), worn, depth);
    }

    /** How the hair of every station lies and hangs. */
    public static List<FallenHair> hair(CoverGrid grid, Foundation foundation, Hooked hooked, Worn worn) {
        FallSimulator s = new FallSimulator(grid, foundation, worn, 0);
        return hooked.stations().stream()
                .map(station -> s.fallen(station, hooked.hairOf(station)))
                .toList();
    }

    /** What makes one hair lie otherwise than another. */
    private record Kind(Texture texture, Loft loft) {}

    private HairBody body(HairLine hair) {
        return bodies.computeIfAbsent(
                new Kind(hair.texture(), hair.loft()),
                k -> HairBody.of(k.texture()).lofted(k.loft().at(day)));
    }

    /** How a station's hair lies on the head and hangs from it. */
    private FallenHair fallen(Station station, HairLine hair) {
        List<Vec3> line = new ArrayList<>();
        Optional<Vec3> tie = field.tieOf(station.space());
        Lock lock = lock(station, hair, station.share().ofLoop());
        if (station.drawnTo().isPresent()) {
            line.add(station.space());
        }
        double rest = follow(lock, tie, 0, (space, chart, width, step) -> line.add(space));
        int onHead = line.size();
        if (worn.way() != Way.BUN || tie.isEmpty()) {
            hang(line, rest);
        }
        return new FallenHair(station.id(), line, onHead);
    }

    /** Lays a station's hair over the cells, each by how much of it lies there. */
    private void cover(Station station, List<Hooked.Portion> portions, double[] depth) {
        for (Hooked.Portion p : portions) {
            Lock lock = lock(station, p.line(), p.ofLoop());
            if (station.drawnTo().isPresent()) {
                // From its knot to where it is drawn it lies over the gap; it falls from there.
                Vec2 to = station.drawnTo().get();
                double way = station.chart().distance(to);
                double covers = lock.body.footprintMm() * lock.loops;
                lay(depth, station.chart().lerp(to, 0.5), Math.max(way, lock.body.widthMm(way / 2)), covers * way);
            }
            cover(lock, depth);
        }
    }

    private void cover(OtherHair other, HairLine main, double[] depth) {
        if (other instanceof OtherHair.Weft w) {
            cover(new Lock(w.space(), w.chart(), body(main), main.lengthMm(), w.loops() * main.thickness()), depth);
        } else if (other instanceof OtherHair.LeftOut l) {
            lay(depth, l.chart(), Math.sqrt(l.rootsMm2()) * ROUND, l.rootsMm2() * HairBody.OWN_ROOTS);
            cover(new Lock(l.space(), l.chart(), HairBody.own(l.widthMm()), l.lengthMm(), 1), depth);
        } else if (other instanceof OtherHair.Laid l) {
            lay(depth, l.chart(), Math.sqrt(l.areaMm2()) * ROUND, l.areaMm2() * l.depth());
        }
    }

    /**
     * Hair that is rooted at one place.
     *
     * @param loops how much of it there is, against what its body is meant for
     * @param thrown the way it was hooked across a gap, if it was
     * @param isKnotless whether it leaves to both sides of the row and so does not lie over it
     */
    private record Lock(
            Vec3 space,
            Vec2 chart,
            HairBody body,
            double lengthMm,
            double loops,
            Optional<Vec3> thrown,
            boolean isKnotless) {
        Lock(Vec3 space, Vec2 chart, HairBody body, double lengthMm, double loops) {
            this(space, chart, body, lengthMm, loops, Optional.empty(), false);
        }
    }

    private Lock lock(Station s, HairLine hair, double ofLoop) {
        Optional<Vec3> thrown = s.bearing().rule() == Bearing.Rule.ACROSS
                ? Optional.of(s.bearing().entry())
                : Optional.empty();
        Vec2 root = s.drawnTo().orElse(s.chart());
        return new Lock(
                s.drawnTo().map(grid.scalp().chart()::lift).orElse(s.space()),
                root,
                body(hair),
                Math.max(0, hair.lengthMm() - root.distance(s.chart())),
                ofLoop * hair.thickness(),
                thrown,
                s.tie().knot() == Knot.DOUBLE_ENTRY);
    }

    private void cover(Lock lock, double[] depth) {
        HairBody body = lock.body;
        // Drawn hair is smoothed flat from its root on; all other hair rises and springs first.
        Optional<Vec3> tie = field.tieOf(lock.space);
        double spreads = worn.way() == Way.WIND ? COVERS_IN_WIND : tie.isPresent() ? COVERS_DRAWN : 1;
        double covers = body.footprintMm() * lock.loops * spreads;
        double rise = tie.isPresent() ? 0 : Math.min(body.riseMm(), lock.lengthMm);
        if (lock.isKnotless) {
            // No knot to stand on: both legs lie flat from the start, each beside the row, which they leave bare.
            double[] run = {0};
            follow(lock, tie, 0, (space, chart, width, step) -> {
                run[0] += step;
                if (run[0] > LEAVES_BARE_MM) {
                    lay(depth, chart, width, covers * step);
                }
            });
            return;
        }
        if (rise > 0) {
            lay(depth, lock.chart, body.widthMm(rise / 2), covers * rise);
        }
        follow(lock, tie, rise, (space, chart, width, step) -> lay(depth, chart, width, covers * step));
    }

    /** Is told of every step of hair over the head. */
    @FunctionalInterface
    private interface Step {
        /**
         * A step begins.
         *
         * @param space where, on the scalp
         * @param chart the same on the map
         * @param widthMm how wide the hair spreads there
         * @param stepMm how much of its length this step is
         */
        void begins(Vec3 space, Vec2 chart, double widthMm, double stepMm);
    }

    /**
     * Follows hair over the head until it ends, leaves the head or comes to its tie.
     *
     * @param tie where it is drawn to, if it is
     * @param fromMm how much of its length is used up at the root
     * @return how much of its length is left where it leaves, mm
     */
    private double follow(Lock lock, Optional<Vec3> tie, double fromMm, Step told) {
        HairBody body = lock.body;
        Vec3 combed = lock.thrown.orElseGet(() -> field.combed(lock.space));
        Vec3 p = lock.space;
        Vec2 at = lock.chart;
        double run = fromMm;
        while (run < lock.lengthMm) {
            double width = body.widthMm(tie.isPresent() ? run * DRAWN_SPREAD : run);
            double step = Math.min(Math.max(LEAST_STEP_MM, width * STEP_OF_WIDTH), lock.lengthMm - run);
            told.begins(p, at, width, step);
            Vec3 here = p;
            double ran = run;
            Optional<Vec3> way = tie.isPresent()
                    ? tie.flatMap(t -> field.drawn(here, t))
                    : Optional.of(field.falling(here, combed, ran));
            if (way.isEmpty()) {
                break;
            }
            run += step;
            p = grid.scalp().surface().inDirection(p.plus(way.get().times(step)));
            at = grid.scalp().chart().project(p);
            if (at.norm() > grid.reachMm(at) + CoverGrid.BEYOND_MM) {
                break;
            }
        }
        return Math.max(0, lock.lengthMm - run);
    }

    /** Hangs what is left: it turns downward from the way it left the head. */
    private static void hang(List<Vec3> line, double rest) {
        Vec3 p = line.get(line.size() - 1);
        Vec3 way = line.size() > 1 ? p.minus(line.get(line.size() - 2)) : new Vec3(0, 0, -1);
        way = way.norm() < 1e-9 ? new Vec3(0, 0, -1) : way.unit();
        for (double run = 0; run < rest; run += HANGING_STEP_MM) {
            double step = Math.min(HANGING_STEP_MM, rest - run);
            double turn = Math.min(1, step / TURNS_DOWN_MM);
            Vec3 next = way.times(1 - turn).plus(new Vec3(0, 0, -turn));
            way = next.norm() < 1e-9 ? new Vec3(0, 0, -1) : next.unit();
            p = p.plus(way.times(step));
            line.add(p);
        }
    }

    /** Lays an area of cover out in a round patch, thickest in the middle; all of it lands on the grid. */
    private void lay(double[] depth, Vec2 at, double width, double areaMm2) {
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
