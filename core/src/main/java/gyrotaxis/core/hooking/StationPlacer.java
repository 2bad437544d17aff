package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * Places stations along every row so that the spacing follows the hooking plan and each station sits opposite the gap in
 * the neighbouring row, as bricks are laid.
 *
 * <p>Method: along a row the number of stations grows by ds / spacing; the row is given the nearest whole number, at
 * least 1, and what that leaves out or adds is made up for by the next. {@link Stagger} then lays them against those of the
 * next row toward the midline. On a mirrored foundation the left side takes as many as the right, and where it can be lies as its
 * mirror image. Deterministic; linear in rows, quadratic in stations per row.
 *
 * <p>Rows that are shown, carry wefts or lie under a cap are not hooked; an individual takes one share. A cap is hooked in lines of its
 * own, piece of mesh too. {@link Spacing} says how close, {@link Stagger} where exactly,
 * {@link Roles} what each is there for; here they are put together, row by row from the midline outward. Beside a
 * worn part, where one ends and where rows cross, stations are closer or added. Rows of another section are not looked at.
 */
public final class StationPlacer {
    /**
     * How far behind the hairline the first share is hooked, mm.
     *
     * @see "ASSUMPTION: right behind the edge, clear of the finest hair by the width of a knot"
     */
    public static final double EDGE_MM = 5;

    /** The two shares of a full start, mm apart. ASSUMPTION: two knots side by side. */
    private static final double START_APART_MM = 6;

    /** No row makes up for more than so many shares of its neighbours. */
    private static final double MAX_OWED = 0.5;

    /** What a spiral's drift from even spacing counts for, against one uneven gap. */
    private static final double DRIFT = 0.05;

    private final Scalp scalp;
    private final Foundation foundation;
    private final HookingBrief brief;
    private final boolean goesInWhole;
    private final Spacing spacing;
    private final Roles roles;
    private final Flanks flanks;
    private final Map<RowId, List<Station>> placed = new HashMap<>();
    /** What whole numbers of shares left out on the rows before, or gave too much. */
    private double owed;

    private StationPlacer(
            Scalp scalp,
            Foundation foundation,
            HookingPlan hooking,
            HookingBrief brief,
            List<Region> regions,
            double setBackMm,
            boolean goesUp,
            boolean goesInWhole) {
        double edgeMm = EDGE_MM + Require.atLeast(0, setBackMm, "setBackMm", "mm");
        this.scalp = scalp;
        this.foundation = foundation;
        this.brief = brief;
        this.goesInWhole = goesInWhole;
        this.flanks = new Flanks(foundation.parts());
        this.spacing = new Spacing(scalp, foundation, hooking, brief, regions, edgeMm, goesUp, goesInWhole);
        this.roles = new Roles(scalp, brief.method(), edgeMm, goesUp);
    }

    /** The stations of all rows by the usual method, row by row in the order of the foundation, each from the row's start. */
    public static List<Station> place(Scalp scalp, Foundation foundation, HookingPlan hooking) {
        return place(scalp, foundation, hooking, HookingBrief.usual(), List.of(), 0, false, false);
    }

    /**
     * The same by a method.
     *
     * @param brief method, parts that are hooked more closely, base hair
     * @param regions what is known of the scalp; thin and tender places are hooked more widely
     * @param setBackMm how far the first share of every row that starts at the hairline is set back beyond {@link #EDGE_MM},
     *     mm, at least 0
     * @param goesUp whether the hair is to be drawn up
     * @param goesInWhole whether the hair cannot be split
     */
    public static List<Station> place(
            Scalp scalp,
            Foundation foundation,
            HookingPlan hooking,
            HookingBrief brief,
            List<Region> regions,
            double setBackMm,
            boolean goesUp,
            boolean goesInWhole) {
        return new StationPlacer(scalp, foundation, hooking, brief, regions, setBackMm, goesUp, goesInWhole).place();
    }

    private List<Station> place() {
        for (Section section : Section.values()) {
            placeSection(foundation.rowsOf(section));
        }
        new ExtraShares(scalp, foundation, placed, half()).place(brief.usesBaseHair());
        return foundation.carriers().stream()
                .flatMap(r -> numbered(placed.getOrDefault(r.id(), List.of())).stream())
                .toList();
    }

    /** In step from the row's start. */
    static List<Station> numbered(List<Station> stations) {
        List<Station> sorted = new ArrayList<>(stations);
        sorted.sort(Comparator.comparingDouble(Station::alongRowMm));
        for (int i = 0; i < sorted.size(); i++) {
            Station s = sorted.get(i);
            sorted.set(i, s.named(new StationId(s.id().row(), i + 1)));
        }
        return sorted;
    }

    /** A half, or a whole of what cannot be split. */
    private Share half() {
        return goesInWhole ? Share.WHOLE : Share.HALF;
    }

    /** One share by itself on a row. */
    static Station at(Scalp scalp, Row row, double along, Role role, Share share) {
        Vec3 space = row.path().spaceAt(along);
        return Station.placed(
                new StationId(row.id(), 1),
                along,
                row.path().chartAt(along),
                space,
                Zone.at(scalp.frontToNape(space)),
                role,
                Station.NO_PART,
                share);
    }

    /**
     * From the midline outward, the right side first. The left side mirrors it where the rows do; only where the two rows beside the
     * midline are twins and no part runs between them, all of the left side is staggered against the right, with as many shares on
     * each row and the same ones, since as mirror images those two rows would lie level.
     */
    private void placeSection(List<Row> all) {
        List<Row> rows = all.stream().filter(StationPlacer::isHooked).toList();
        int middle = rows.size() / 2;
        owed = 0;
        for (int i = middle; i < rows.size(); i++) {
            placeRow(rows.get(i), i > middle ? Optional.of(rows.get(i - 1)) : Optional.empty(), List.of());
        }
        boolean meetLevel = rows.size() % 2 == 0
                && middle > 0
                && !flanks.isBetween(rows.get(middle - 1).id(), rows.get(middle).id());
        for (int i = middle - 1; i >= 0; i--) {
            Row row = rows.get(i);
            List<Station> model = foundation
                    .mirrorOf(row)
                    .map(twin -> placed.getOrDefault(twin.id(), List.of()))
                    .orElse(List.of());
            if (!model.isEmpty() && !meetLevel) {
                placed.put(row.id(), mirrored(model, row.id()));
            } else {
                placeRow(row, Optional.of(rows.get(i + 1)), model);
            }
        }
    }

    static boolean isHooked(Row row) {
        return row.use() == RowUse.HOOKED || row.use() == RowUse.PLAITED || row.use() == RowUse.MESH;
    }

    /**
     * One row.
     *
     * @param inner the row beside it toward the midline
     * @param model what its twin takes; empty if it takes what its own strip wants
     */
    private void placeRow(Row row, Optional<Row> inner, List<Station> model) {
        Spacing.Along along = spacing.along(row);
        int m = model.size();
        if (model.isEmpty()) {
            m = Math.max(1, (int) Math.round(along.total() + owed));
            owed = Math.max(-MAX_OWED, Math.min(MAX_OWED, owed + along.total() - m));
        } else if (roles.isFullStart(row, model)) {
            m -= 1;
        }
        double[] counts = Beside.Turns.has(row)
                ? wound(row, along, m)
                : row.use() == RowUse.MESH && inner.isEmpty()
                        ? centred(m)
                        : Stagger.lay(m, beside(row, along, m, inner.filter(r -> !flanks.isBetween(r.id(), row.id()))));
        List<Station> list = stations(row, along, spots(row.path(), along, counts));
        boolean isAlike = model.size() == list.size();
        placed.put(
                row.id(),
                isAlike
                        ? IntStream.range(0, m)
                                .mapToObj(i -> list.get(i).taking(model.get(i).share()))
                                .toList()
                        : list);
    }

    /** A line of mesh has two like ends. */
    private static double[] centred(int m) {
        return IntStream.range(0, m).mapToDouble(k -> k + 0.5).toArray();
    }

    private DoubleUnaryOperator beside(Row row, Spacing.Along along, int m, Optional<Row> inner) {
        List<Station> on =
                inner.map(r -> placed.getOrDefault(r.id(), List.of())).orElse(List.of());
        if (on.isEmpty()) {
            return c -> Double.NaN;
        }
        Beside beside = new Beside(
                inner.orElseThrow(),
                on.stream().mapToDouble(Station::alongRowMm).sorted().toArray());
        return c -> {
            Spot spot =
                    spots(row.path(), along, new double[] {Math.min(c, m)}, m).get(0);
            return beside.off(spot.chart(row.path()), spot.space());
        };
    }

    /** A spiral lies beside itself: share by share, each opposite a gap of the turn before. */
    private static double[] wound(Row row, Spacing.Along along, int m) {
        Beside.Turns turns = Beside.Turns.of(row);
        double[] at = row.path().distancesMm();
        double[] counts = new double[m];
        double[] alongMm = new double[m];
        double last = Stagger.ALONE - 1;
        for (int k = 0; k < m; k++) {
            double best = last + 1;
            double least = Double.POSITIVE_INFINITY;
            Beside before = new Beside(row, Arrays.copyOf(alongMm, k));
            for (double gap : Stagger.gaps()) {
                double c = k == 0 ? Stagger.ALONE : last + gap;
                double turn = turns.before(
                        mm(at, spots(row.path(), along, new double[] {c}, m).get(0)));
                // What drifts from even spacing is made up for a little with every share, so that the last fits.
                double drift = c - k - Stagger.ALONE;
                double cost = Stagger.stepCost(gap, Double.isNaN(turn) ? turn : before.offAlong(turn))
                        + DRIFT * drift * drift;
                if (c < m && cost < least) {
                    least = cost;
                    best = c;
                }
            }
            last = Math.min(best, m);
            counts[k] = last;
            alongMm[k] = mm(at, spots(row.path(), along, new double[] {last}, m).get(0));
        }
        return counts;
    }

    private static double mm(double[] at, Spot spot) {
        return at[spot.seg() - 1] + (at[spot.seg()] - at[spot.seg() - 1]) * spot.t();
    }

    /**
     * A place on a row's path.
     *
     * @param seg number of the point that its piece of the path ends at, from 1
     * @param t how far along that piece, in [0, 1]
     * @param space where that is on the head, mm
     */
    private record Spot(int seg, double t, Vec3 space) {
        Vec2 chart(Path path) {
            return path.chart().get(seg - 1).lerp(path.chart().get(seg), t);
        }
    }

    private static List<Spot> spots(Path path, Spacing.Along hooked, double[] counts) {
        return spots(path, hooked, counts, counts.length);
    }

    /**
     * Where the shares of a row lie.
     *
     * @param counts up to each, ascending, in [0, m]
     * @param m how many shares the row takes
     */
    private static List<Spot> spots(Path path, Spacing.Along hooked, double[] counts, int m) {
        double[] count = hooked.stations();
        double total = hooked.total();
        List<Spot> list = new ArrayList<>(counts.length);
        int seg = 1;
        for (double c : counts) {
            double want = total * c / m;
            while (seg < count.length - 1 && count[seg] < want) {
                seg++;
            }
            double step = count[seg] - count[seg - 1];
            double t = step > 0 ? (want - count[seg - 1]) / step : 0;
            list.add(
                    new Spot(seg, t, path.space().get(seg - 1).lerp(path.space().get(seg), t)));
        }
        return list;
    }

    private List<Station> stations(Row row, Spacing.Along hooked, List<Spot> spots) {
        double[] at = row.path().distancesMm();
        List<Station> list = new ArrayList<>(spots.size());
        for (Spot spot : spots) {
            int seg = spot.seg();
            double along = mm(at, spot);
            Vec2 flat = spot.chart(row.path());
            int part = flanks.beside(row.id(), flat);
            Role role = roles.role(row, list.isEmpty(), along, flat, part);
            list.add(Station.placed(
                    new StationId(row.id(), list.size() + 1),
                    along,
                    flat,
                    spot.space(),
                    Zone.at(scalp.frontToNape(spot.space())),
                    role,
                    part,
                    Roles.share(brief.method().shares(), role, hooked.shares().get(seg), goesInWhole)));
        }
        return roles.isFullStart(row, list) ? fullyStarted(row, list) : list;
    }

    /** Two half shares in the place of the first, both to be drawn back. */
    private List<Station> fullyStarted(Row row, List<Station> list) {
        Station first = list.get(0);
        double next = Math.min(first.alongRowMm() + START_APART_MM, row.lengthMm());
        List<Station> all = new ArrayList<>(list);
        all.set(0, first.taking(half()));
        if (list.size() > 1 && list.get(1).alongRowMm() <= next) {
            // Beside a part they almost touch anyhow.
            all.set(1, list.get(1).taking(half()));
            return all;
        }
        all.add(1, at(scalp, row, next, first.role(), half()).beside(first.part()));
        return numbered(all);
    }

    /** The parts of a mirrored foundation lie alike on both sides, so the twin of a part is counted from the other end. */
    private List<Station> mirrored(List<Station> model, RowId row) {
        int last = foundation.parts().size() - 1;
        return model.stream()
                .map(s -> s.mirrored(
                        new StationId(row, s.id().number()),
                        s.part() == Station.NO_PART ? Station.NO_PART : last - s.part()))
                .toList();
    }
}
