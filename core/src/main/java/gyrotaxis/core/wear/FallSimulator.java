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
import gyrotaxis.core.scalp.DressForm;
import gyrotaxis.core.wear.PatchLayer.Edge;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

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

    private static final double MIN_STEP_MM = 4;

    /** Wind lifts hair off the head: so much of it still covers. ASSUMPTION. */
    private static final double COVERS_IN_WIND = 0.7;

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

    /** So far behind its root drawn hair still hides what is there, and so far beyond where it leaves blown hair, mm. ASSUMPTION: half a row. */
    static final double PAST_ITS_END_MM = 6;

    private final CoverGrid grid;
    private final FallField field;
    private final Worn worn;
    private final double day;
    private final Map<Kind, HairBody> bodies = new HashMap<>();
    private final PatchLayer patches;

    private FallSimulator(CoverGrid grid, Foundation foundation, Worn worn, double day) {
        this.grid = grid;
        this.worn = worn;
        this.day = day;
        this.patches = new PatchLayer(grid);
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

    /**
     * How the hair of every station lies and hangs, in the order of the stations.
     *
     * @param day in [0, {@link Loft#LAST_DAY}]
     */
    public static List<FallenHair> hair(CoverGrid grid, Foundation foundation, Hooked hooked, Worn worn, double day) {
        FallSimulator s = new FallSimulator(grid, foundation, worn, day);
        Hang hang = new Hang(DressForm.of(grid.scalp()));
        // Hooked from the nape up: what is hooked later lies over it.
        List<Station> stations = hooked.stations();
        List<Integer> upward = IntStream.range(0, stations.size())
                .boxed()
                .sorted(Comparator.comparingDouble(i -> stations.get(i).space().z()))
                .toList();
        double[] depth = new double[grid.size()];
        FallenHair[] fallen = new FallenHair[stations.size()];
        for (int i : upward) {
            Station station = stations.get(i);
            fallen[i] = s.fallen(station, hooked.portionsOf(station), depth, hang, i);
            s.cover(station, hooked.portionsOf(station), depth);
        }
        return List.of(fallen);
    }

    /** How wefts and own hair that was left out lie and hang. */
    public static List<FallenOther> otherHair(
            CoverGrid grid, Foundation foundation, Hooked hooked, Worn worn, double day) {
        FallSimulator s = new FallSimulator(grid, foundation, worn, day);
        Hang hang = new Hang(DressForm.of(grid.scalp()));
        double[] none = new double[grid.size()];
        List<FallenOther> all = new ArrayList<>();
        for (OtherHair other : hooked.others()) {
            s.lockOf(other, hooked.hairs().get(0).line())
                    .ifPresent(
                            lock -> all.add(new FallenOther(other, s.fallen(lock, List.of(), none, hang, all.size()))));
        }
        return List.copyOf(all);
    }

    /** What makes one hair lie otherwise than another. */
    private record Kind(Texture texture, Loft loft) {}

    private HairBody body(HairLine hair) {
        return bodies.computeIfAbsent(
                new Kind(hair.texture(), hair.loft()),
                k -> HairBody.of(k.texture()).lofted(k.loft().at(day)));
    }

    /** How a station's hair lies on the head and hangs from it, over the depth that lies there before it. */
    private FallenHair fallen(Station station, List<Hooked.Portion> portions, double[] depth, Hang hang, int turn) {
        Hooked.Portion main = portions.get(0);
        double ofLoop = portions.stream().mapToDouble(Hooked.Portion::ofLoop).sum();
        List<Vec3> before = station.drawnTo().isPresent() ? List.of(station.space()) : List.of();
        return new FallenHair(station.id(), fallen(lock(station, main.line(), ofLoop), before, depth, hang, turn));
    }

    private Fall fallen(Lock lock, List<Vec3> before, double[] depth, Hang hang, int turn) {
        Optional<Vec3> tie = field.tieOf(lock.space);
        List<Vec3> line = new ArrayList<>(before);
        List<Double> band = new ArrayList<>();
        List<Double> over = new ArrayList<>();
        before.forEach(p -> {
            band.add(lock.body.widthMm(0));
            over.add(0.0);
        });
        // Combed flat it stands as much less as it covers more.
        double stands = lock.body.footprintMm() * Outline.STANDS / (tie.isPresent() ? COVERS_DRAWN : 1);
        double rise = riseMm(lock, tie);
        double rest = follow(lock, tie, rise, (space, chart, width, step) -> {
            line.add(space);
            band.add(width);
            int cell = grid.cellAt(chart);
            over.add(cell < 0 ? 0 : stands * Math.sqrt(depth[cell]));
        });
        if (line.isEmpty()) {
            // So short that all of it stands about its root.
            line.add(lock.space);
            band.add(lock.body.widthMm(rise));
            over.add(0.0);
        }
        int onHead = line.size();
        if (tie.isEmpty()) {
            hang.falling(line, rest, field.driven());
        } else {
            Vec3 outward = grid.scalp().surface().normal(tie.get());
            if (worn.way() == Way.BUN) {
                hang.wound(line, rest, tie.get(), outward, turn);
            } else {
                hang.tail(line, rest, outward);
            }
        }
        // What hangs goes on as wide and as high as it left the head.
        while (band.size() < line.size()) {
            band.add(band.get(band.size() - 1));
            over.add(over.get(over.size() - 1));
        }
        return new Fall(line, tie.isPresent(), onHead, band, over, coversMm(lock, tie), rise);
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
                patches.lay(
                        depth, station.chart().lerp(to, 0.5), Math.max(way, lock.body.widthMm(way / 2)), covers * way);
            }
            cover(lock, depth);
        }
    }

    private void cover(OtherHair other, HairLine main, double[] depth) {
        if (other instanceof OtherHair.LeftOut l) {
            patches.lay(depth, l.chart(), Math.sqrt(l.rootsMm2()) * ROUND, l.rootsMm2() * HairBody.OWN_ROOTS);
        } else if (other instanceof OtherHair.Laid l) {
            patches.lay(depth, l.chart(), Math.sqrt(l.areaMm2()) * ROUND, l.areaMm2() * l.depth());
        }
        lockOf(other, main).ifPresent(lock -> cover(lock, depth));
    }

    /** What of other hair falls; nothing of what only lies where it is. */
    private Optional<Lock> lockOf(OtherHair other, HairLine main) {
        if (other instanceof OtherHair.Weft w) {
            return Optional.of(
                    new Lock(w.space(), w.chart(), body(main), main.lengthMm(), w.loops() * main.thickness()));
        }
        return other instanceof OtherHair.LeftOut l
                ? Optional.of(new Lock(l.space(), l.chart(), HairBody.own(l.widthMm()), l.lengthMm(), 1))
                : Optional.empty();
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
        Optional<Vec3> tie = field.tieOf(lock.space);
        double covers = coversMm(lock, tie);
        double rise = riseMm(lock, tie);
        if (lock.isKnotless) {
            // No knot to stand on: both legs lie flat from the start, each beside the row, which they leave bare.
            double[] run = {0};
            follow(lock, tie, 0, (space, chart, width, step) -> {
                run[0] += step;
                if (run[0] > LEAVES_BARE_MM) {
                    patches.lay(depth, chart, width, covers * step);
                }
            });
            return;
        }
        if (tie.isPresent()) {
            coverDrawn(lock, tie, covers, depth);
            return;
        }
        if (worn.way() == Way.WIND) {
            coverBlown(lock, covers, rise, depth);
            return;
        }
        if (rise > 0) {
            patches.lay(depth, lock.chart, body.widthMm(rise / 2), covers * rise);
        }
        follow(lock, tie, rise, (space, chart, width, step) -> patches.lay(depth, chart, width, covers * step));
    }

    /** Where hair lies at a step on its way. */
    private record Patch(Vec2 at, double widthMm, double areaMm2) {}

    /** Smoothed away from its root, hair hides nothing behind that but the row it is hooked under. */
    private void coverDrawn(Lock lock, Optional<Vec3> tie, double covers, double[] depth) {
        List<Patch> way = new ArrayList<>();
        follow(lock, tie, 0, (space, chart, width, step) -> way.add(new Patch(chart, width, covers * step)));
        lay(way, way.size() < 2 ? Edge.NONE : Edge.behind(way.get(0).at, way.get(1).at, PAST_ITS_END_MM), depth);
    }

    /** Where wind takes it off the head, hair hides nothing of what lies beyond. */
    private void coverBlown(Lock lock, double covers, double rise, double[] depth) {
        List<Patch> way = new ArrayList<>();
        if (rise > 0) {
            way.add(new Patch(lock.chart, lock.body.widthMm(rise / 2), covers * rise));
        }
        double left = follow(
                lock,
                Optional.empty(),
                rise,
                (space, chart, width, step) -> way.add(new Patch(chart, width, covers * step)));
        int n = way.size();
        boolean fliesOff = left > 0 && n >= 2 && way.get(n - 1).at.distance(way.get(n - 2).at) > 0;
        lay(way, fliesOff ? Edge.behind(way.get(n - 1).at, way.get(n - 2).at, PAST_ITS_END_MM) : Edge.NONE, depth);
    }

    private void lay(List<Patch> way, Edge edge, double[] depth) {
        way.forEach(p -> patches.lay(depth, p.at, p.widthMm, p.areaMm2, edge));
    }

    /** What width of scalp it covers once over, mm. */
    private double coversMm(Lock lock, Optional<Vec3> tie) {
        double spreads = worn.way() == Way.WIND ? COVERS_IN_WIND : tie.isPresent() ? COVERS_DRAWN : 1;
        return lock.body.footprintMm() * lock.loops * spreads;
    }

    /** Drawn hair is smoothed flat from its root on; all other hair rises and springs first, unless no knot holds it up. */
    private static double riseMm(Lock lock, Optional<Vec3> tie) {
        return tie.isPresent() || lock.isKnotless ? 0 : Math.min(lock.body.riseMm(), lock.lengthMm);
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
            double step = Math.min(Math.max(MIN_STEP_MM, width * STEP_OF_WIDTH), lock.lengthMm - run);
            told.begins(p, at, width, step);
            Vec3 here = p;
            Vec2 on = at;
            double ran = run;
            Optional<Vec3> way = tie.isPresent()
                    ? tie.flatMap(t -> field.drawn(here, t))
                    : Optional.of(field.falling(here, on, combed, ran));
            if (way.isEmpty()) {
                break;
            }
            run += step;
            p = grid.scalp().surface().inDirection(p.plus(way.get().times(step)));
            at = grid.scalp().chart().project(p);
            if (field.fliesOff(p) && tie.isEmpty() || at.norm() > grid.reachMm(at) + CoverGrid.BEYOND_MM) {
                break;
            }
        }
        return Math.max(0, lock.lengthMm - run);
    }
}
