package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneSetting;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
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

    /** On a mesh cap, mm. */
    private static final double CAP_MM = 35;

    /** Beside a part shares almost touch: spacing there against that of the front. */
    private static final double PART_OF_FRONT = 0.45;

    /** A flanking row lies beside its part as far as this part of the part's length. */
    private static final double BESIDE = 0.995;

    /** What is hooked so near to the edge is the first share at the hairline, mm. */
    private static final double HAIRLINE_MM = 8;

    /** The two shares of a full start, mm apart. */
    private static final double START_APART_MM = 6;

    /** Thin and tender places are hooked so much more widely. ASSUMPTION. */
    private static final double SPARED = 1.4;

    /** A gap with a station nearer than this needs no other, mm. */
    private static final double NEAR_MM = 9;

    /** Every other station has one in base hair beside it. */
    private static final int BASE_EVERY = 2;

    private static final double BASE_BESIDE_MM = 2.5;

    private final Scalp scalp;
    private final Foundation foundation;
    private final HookingPlan hooking;
    private final HookingBrief brief;
    private final List<List<Vec2>> spared;
    private final boolean goesUp;
    private final double edgeMm;
    private final Map<RowId, List<Station>> placed = new HashMap<>();

    private StationPlacer(
            Scalp scalp,
            Foundation foundation,
            HookingPlan hooking,
            HookingBrief brief,
            List<Region> regions,
            double setBackMm,
            boolean goesUp) {
        this.goesUp = goesUp;
        this.edgeMm = EDGE_MM + Require.atLeast(0, setBackMm, "setBackMm", "mm");
        this.scalp = scalp;
        this.foundation = foundation;
        this.hooking = hooking;
        this.brief = brief;
        this.spared = regions.stream()
                .filter(r -> r.kind() == RegionKind.THIN || r.kind() == RegionKind.TENDER)
                .map(scalp::chartOf)
                .toList();
    }

    /** The stations of all rows by the usual method, row by row in the order of the foundation, each from the row's start. */
    public static List<Station> place(Scalp scalp, Foundation foundation, HookingPlan hooking) {
        return place(scalp, foundation, hooking, HookingBrief.usual(), List.of(), 0, false);
    }

    /**
     * The same by a method.
     *
     * @param brief method, parts that are hooked more closely, base hair
     * @param regions what is known of the scalp; thin and tender places are hooked more widely
     * @param setBackMm how far the first share of every row that starts at the hairline is set back beyond {@link #EDGE_MM},
     *     mm, at least 0
     * @param goesUp whether the hair is to be drawn up
     */
    public static List<Station> place(
            Scalp scalp,
            Foundation foundation,
            HookingPlan hooking,
            HookingBrief brief,
            List<Region> regions,
            double setBackMm,
            boolean goesUp) {
        return new StationPlacer(scalp, foundation, hooking, brief, regions, setBackMm, goesUp).place();
    }

    private List<Station> place() {
        for (Section section : Section.values()) {
            placeSection(foundation.rowsOf(section));
        }
        placeExtras();
        return foundation.rows().stream()
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

    /** What closes gaps where rows cross and where parts end, and what goes into base hair. */
    private void placeExtras() {
        for (Crossing c : foundation.crossings()) {
            foundation
                    .row(c.over())
                    .filter(StationPlacer::isHooked)
                    .ifPresent(r -> addUnlessNear(r, r.path().nearest(c.chart())));
        }
        for (LaidPart part : foundation.parts()) {
            Vec2 end = part.path().chart().get(part.path().chart().size() - 1);
            for (RowId id : List.of(part.gap().left(), part.gap().right())) {
                foundation
                        .row(id)
                        .filter(StationPlacer::isHooked)
                        .ifPresent(r -> addUnlessNear(r, r.path().nearest(end)));
            }
        }
        if (brief.usesBaseHair()) {
            for (Row row : foundation.rows()) {
                List<Station> on = placed.getOrDefault(row.id(), List.of());
                List<Station> all = new ArrayList<>(on);
                for (int i = 0; i < on.size(); i += BASE_EVERY) {
                    if (on.get(i).zone() != Zone.NAPE && on.get(i).role() == Role.ROW) {
                        all.add(beside(on.get(i), row));
                    }
                }
                placed.put(row.id(), all);
            }
        }
    }

    private void addUnlessNear(Row row, double at) {
        double along = Math.min(row.lengthMm() - EDGE_MM, Math.max(EDGE_MM, at * row.lengthMm()));
        List<Station> on = placed.getOrDefault(row.id(), List.of());
        if (along <= 0 || on.stream().anyMatch(s -> Math.abs(s.alongRowMm() - along) < NEAR_MM)) {
            return;
        }
        List<Station> all = new ArrayList<>(on);
        all.add(at(row, along, Role.CROSSING, Share.HALF));
        placed.put(row.id(), numbered(all));
    }

    private Station at(Row row, double along, Role role, Share share) {
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

    /** Base hair is taken on the side away from the midline, close to the row. */
    private Station beside(Station s, Row row) {
        double out = row.braidWidthMm() / 2 + BASE_BESIDE_MM;
        Vec2 before = row.path().chartAt(s.alongRowMm() - 1);
        Vec2 after = row.path().chartAt(s.alongRowMm() + 1);
        Vec2 along = after.minus(before);
        double side = s.chart().x() < 0 ? -1 : 1;
        Vec2 across = along.norm() < 1e-9 ? new Vec2(side, 0) : new Vec2(along.y(), -along.x()).times(1 / along.norm());
        Vec2 chart = s.chart().plus(across.times(across.x() * side < 0 ? -out : out));
        Vec3 space = scalp.chart().lift(chart);
        return Station.placed(s.id(), s.alongRowMm() + 0.5, chart, space, s.zone(), Role.BASE, s.part(), Share.HALF);
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
            Vec2 flat = path.chart().get(i - 1).lerp(path.chart().get(i), 0.5);
            n[i] = n[i - 1] + step / spacingMm(row, flat, scalp.frontToNape(middle), strip);
        }
        return n;
    }

    private double spacingMm(Row row, Vec2 at, double frontToNape, double strip) {
        if (row.use() == RowUse.UNDER_CAP) {
            return CAP_MM;
        }
        double usual = hooking.spacingMm(frontToNape, strip);
        int part = partBeside(row, at);
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

    /** The worn part that a place on a row lies beside, or {@link Station#NO_PART}. */
    private int partBeside(Row row, Vec2 at) {
        for (int i = 0; i < foundation.parts().size(); i++) {
            LaidPart part = foundation.parts().get(i);
            boolean flanks =
                    part.gap().left().equals(row.id()) || part.gap().right().equals(row.id());
            if (flanks && part.path().nearest(at) < BESIDE) {
                return i;
            }
        }
        return Station.NO_PART;
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
            int part = partBeside(row, flat);
            Role role = role(row, k == 0, along, part);
            list.add(Station.placed(
                    new StationId(row.id(), k + 1), along, flat, solid, zone, role, part, share(role, zone)));
        }
        return isFullStart(list) ? fullyStarted(row, list) : list;
    }

    /** The first share behind the hairline is tied to be seen, wherever the stagger puts it. */
    private Role role(Row row, boolean isFirst, double along, int part) {
        if (row.use() == RowUse.UNDER_CAP) {
            return Role.CAP;
        }
        return switch (row.id().section()) {
            case PERIMETER -> Role.PERIMETER;
            case INDIVIDUAL -> Role.PLAIT;
            default -> {
                if (part != Station.NO_PART) {
                    yield Role.PART;
                }
                boolean isAtEdge =
                        row.id().section() == Section.FRONT && row.id().piece() == 1;
                yield isAtEdge && (isFirst || along < edgeMm + HAIRLINE_MM) ? Role.HAIRLINE : Role.ROW;
            }
        };
    }

    /** Small where it will be seen; nothing wished for a zone makes it larger there. */
    private Share share(Role role, Zone zone) {
        Share usual = hooking.setting(zone).share();
        return switch (role) {
            case PART, HAIRLINE -> smaller(usual, Share.QUARTER);
            case PERIMETER, PLAIT -> smaller(usual, Share.HALF);
            default -> usual;
        };
    }

    private static Share smaller(Share a, Share b) {
        return a.parts() > b.parts() ? a : b;
    }

    private boolean isFullStart(List<Station> list) {
        return brief.method().rowStart() == Method.RowStart.FULL
                && !list.isEmpty()
                && list.get(0).role() == Role.HAIRLINE;
    }

    /** Two half shares in the place of the first, both to be drawn back. */
    private List<Station> fullyStarted(Row row, List<Station> list) {
        Station first = list.get(0);
        double next = Math.min(first.alongRowMm() + START_APART_MM, row.lengthMm());
        List<Station> all = new ArrayList<>(list);
        all.set(0, first.taking(Share.HALF));
        all.add(1, at(row, next, Role.HAIRLINE, Share.HALF));
        return numbered(all);
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
