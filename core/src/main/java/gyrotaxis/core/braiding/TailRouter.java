package gyrotaxis.core.braiding;

import gyrotaxis.core.braiding.Tail.Origin;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Segments;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.LostEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Sends every tail somewhere: as chosen by hand, as the pattern leads it, or else where it adds the least bulk.
 *
 * <p>A tail that is left to be suggested may be fed into a row that is braided later, without crossing another row on the
 * way, or threaded under a level row. Places lie {@link Reach#GRIP_MM} apart along the receiving rows and take one tail each, so
 * that tails are spread; among them {@link TailAssignment} finds the least greatest bulk. The own hair's length decides what
 * is within reach. Rows that nothing takes stay loose, or end as the stylist always ends such.
 *
 * <p>Only suggests feeds that keep the braiding order it starts from; another order might allow a slightly lower bulk.
 */
public final class TailRouter {
    /** A tail this long can be laid down under an overlay, mm, and takes up half of it to either side. ASSUMPTION. */
    private static final double LAID_MM = 15;

    /** Millimetres of way that missing the usual entry by the whole row counts for. */
    private static final double ENTRY_WEIGHT_MM = 30;

    /** Points at the end of a row that its own tail may cross. */
    private static final int OWN_END = 4;

    /** Only so many of the nearest places are looked at for each tail. */
    private static final int NEAREST = 14;

    private final Foundation foundation;
    private final Map<RowId, Row> rows = new HashMap<>();
    private final double reachMm;
    /** How thick a usual row is: against that, and not against itself, a single is thick where another is fed into it. */
    private final double usualRowMm;

    private final double tailMm;
    private final List<TailChoice> choices;
    private final Optional<TailEnd> otherwise;
    private final BraidOrder graph;
    private final Map<RowId, Tail> tails = new HashMap<>();
    private final List<LostEdit> lost = new ArrayList<>();

    private TailRouter(Foundation foundation, List<TailChoice> choices, OwnHair ownHair, Optional<TailEnd> otherwise) {
        this.foundation = foundation;
        this.otherwise = otherwise;
        foundation.rows().forEach(r -> rows.put(r.id(), r));
        this.choices = choices;
        this.tailMm = Reach.of(ownHair).tailMm();
        this.reachMm = Reach.of(ownHair).mm();
        this.usualRowMm = foundation.rows().stream()
                .filter(r -> r.use() != RowUse.PLAITED)
                .mapToDouble(Row::braidWidthMm)
                .average()
                .orElse(1);
        this.graph = new BraidOrder(foundation);
    }

    /** Where all tails of a foundation end; what no row takes stays loose. */
    public static Braiding route(Foundation foundation, List<TailChoice> choices, OwnHair ownHair) {
        return route(foundation, choices, ownHair, Optional.empty());
    }

    /**
     * Where all tails of a foundation end.
     *
     * @param choices where tails go by choice
     * @param otherwise how tails end that no row takes; empty if they stay loose
     * @throws FoundationException if chosen tails run in a circle
     */
    public static Braiding route(
            Foundation foundation, List<TailChoice> choices, OwnHair ownHair, Optional<TailEnd> otherwise) {
        return new TailRouter(foundation, choices, ownHair, otherwise).route();
    }

    private Braiding route() {
        for (int i = 0; i < choices.size(); i++) {
            choose(i);
        }
        for (Row row : foundation.rows()) {
            if (row.joins().isEmpty() && !tails.containsKey(row.id())) {
                row.lead().ifPresent(lead -> lead(row, lead));
            }
        }
        suggest();
        List.copyOf(tails.values()).stream()
                .filter(t -> t.end() == TailEnd.BANDED)
                .forEach(t -> tails.put(t.row(), t.split(halves(row(t.row()).orElseThrow()))));
        weigh();
        List<Tail> inOrder = foundation.rows().stream()
                .filter(r -> r.joins().isEmpty())
                .map(r -> tails.getOrDefault(r.id(), Tail.apart(r.id(), TailEnd.LOOSE, Origin.SUGGESTED)))
                .toList();
        return new Braiding(inOrder, graph.order(), lost);
    }

    private void choose(int index) {
        TailChoice c = choices.get(index);
        Optional<Row> row = row(c.row());
        Optional<Row> into = c.into().flatMap(this::row);
        if (row.isEmpty() || (c.into().isPresent() && into.isEmpty())) {
            RowId missing = row.isEmpty() ? c.row() : c.into().orElseThrow();
            lost.add(new LostEdit(
                    index, true, "There is no " + missing.words() + " any more; the tail goes where it is suggested."));
            return;
        }
        if (row.get().joins().isPresent()) {
            lost.add(new LostEdit(
                    index, true, row.get().id().words() + " now runs on into another row and has no tail of its own."));
            return;
        }
        if (into.isEmpty()) {
            tails.put(c.row(), Tail.apart(c.row(), c.end(), Origin.CHOSEN));
            return;
        }
        boolean bindsOrder = c.end() != TailEnd.THREADED;
        if (c.row().equals(c.into().get())
                || (bindsOrder && !graph.add(c.row(), into.get().id()))) {
            throw new FoundationException(
                    Wish.TAIL,
                    index,
                    "The tail of " + c.row().words() + " cannot go into "
                            + into.get().id().words()
                            + ": that row's own tail comes back to it, so neither could be braided first. Send one of them elsewhere.");
        }
        double entry = c.at() * into.get().lengthMm();
        tails.put(c.row(), entering(row.get(), into.get(), c.end(), entry, Origin.CHOSEN));
    }

    private void lead(Row row, Row.Lead lead) {
        Optional<Row> into = row(lead.into());
        if (into.isEmpty() || !graph.add(row.id(), lead.into())) {
            return;
        }
        double entry = lead.at() * into.get().lengthMm();
        Tail tail = entering(row, into.get(), lead.isLaid() ? TailEnd.LAID : TailEnd.FED, entry, Origin.PATTERN);
        boolean reaches =
                lead.isLaid() ? tailMm >= LAID_MM : tail.thread().orElseThrow().lengthMm() <= reachMm;
        tails.put(row.id(), reaches ? tail : Tail.apart(row.id(), TailEnd.TOO_SHORT, Origin.PATTERN));
    }

    /** One half to either side: under the nearest row there, or both to one side where there is no other. */
    private List<Tail.Half> halves(Row row) {
        List<Vec2> line = row.path().chart();
        Vec2 end = line.get(line.size() - 1);
        Vec2 way = end.minus(line.get(line.size() - 2));
        List<Tail.Half> near = foundation.rows().stream()
                .filter(r -> !r.id().equals(row.id()) && r.use() != RowUse.PLAITED && r.use() != RowUse.SHOWN)
                .map(r -> half(row, end, r))
                .filter(h -> h.thread().lengthMm() <= reachMm)
                .sorted(Comparator.comparingDouble(h -> h.thread().lengthMm()))
                .toList();
        Optional<Tail.Half> first = near.stream().findFirst();
        Optional<Tail.Half> other = first.flatMap(f -> near.stream()
                .filter(h -> side(way, h) != side(way, f))
                .findFirst()
                .or(() -> near.stream().skip(1).findFirst()));
        return Stream.of(first, other).flatMap(Optional::stream).toList();
    }

    private static Tail.Half half(Row row, Vec2 end, Row under) {
        double along = under.path().nearest(end) * under.lengthMm();
        Path way = new Path(
                List.of(end, under.path().chartAt(along)),
                List.of(row.path().end(), under.path().spaceAt(along)));
        return new Tail.Half(under.id(), along, way);
    }

    /** To which side of the way a row runs a half goes. */
    private static boolean side(Vec2 way, Tail.Half half) {
        List<Vec2> line = half.thread().chart();
        Vec2 to = line.get(1).minus(line.get(0));
        return way.x() * to.y() - way.y() * to.x() > 0;
    }

    private Optional<Row> row(RowId id) {
        return Optional.ofNullable(rows.get(id));
    }

    private static Tail entering(Row row, Row into, TailEnd end, double entryMm, Origin origin) {
        Path thread = Reach.way(row, into, entryMm);
        return new Tail(row.id(), end, Optional.of(into.id()), entryMm, Optional.of(thread), List.of(), 1, origin);
    }

    private void suggest() {
        List<Row> open = foundation.rows().stream()
                .filter(r -> r.joins().isEmpty() && !tails.containsKey(r.id()))
                .toList();
        Map<RowId, Integer> order = ranks(graph.order());
        List<TailPlace> places = TailPlace.all(foundation);
        double[][] bulk = new double[open.size()][places.size()];
        double[][] way = new double[open.size()][places.size()];
        boolean[] couldGo = new boolean[open.size()];
        for (int i = 0; i < open.size(); i++) {
            weighPlaces(open.get(i), order, places, bulk[i], way[i]);
            preferPasses(open.get(i), places, bulk[i]);
            for (double b : bulk[i]) {
                couldGo[i] |= Double.isFinite(b);
            }
        }
        int[] at = new TailAssignment(bulk, way).solve();
        for (int i = 0; i < open.size(); i++) {
            Row row = open.get(i);
            if (at[i] >= 0) {
                TailPlace p = places.get(at[i]);
                TailEnd end = p.row().id().section() == Section.LEVEL ? TailEnd.THREADED : TailEnd.FED;
                if (end == TailEnd.THREADED || graph.add(row.id(), p.row().id())) {
                    tails.put(row.id(), entering(row, p.row(), end, p.alongMm(), Origin.SUGGESTED));
                    continue;
                }
            }
            if (row.use() == RowUse.UNDER_CAP) {
                // The cap holds what is pinned flat beneath it.
                tails.put(row.id(), Tail.apart(row.id(), TailEnd.PINNED, Origin.PATTERN));
                continue;
            }
            boolean isShort = !couldGo[i] && reachMm < longestWay(row, order, places);
            TailEnd left = isShort ? TailEnd.TOO_SHORT : TailEnd.LOOSE;
            tails.put(row.id(), Tail.apart(row.id(), otherwise.orElse(left), Origin.SUGGESTED));
        }
    }

    /** Tails of front rows go under the level rows behind them, not into their neighbours, wherever they reach. */
    private static void preferPasses(Row row, List<TailPlace> places, double[] bulk) {
        boolean reachesPass = IntStream.range(0, bulk.length)
                .anyMatch(j -> places.get(j).row().id().section() == Section.LEVEL && Double.isFinite(bulk[j]));
        for (int j = 0; reachesPass && row.id().section() != Section.INDIVIDUAL && j < bulk.length; j++) {
            if (places.get(j).row().id().section() != Section.LEVEL) {
                bulk[j] = Double.POSITIVE_INFINITY;
            }
        }
    }

    /** How far the nearest place lies that would take the tail if only it reached; negative if there is none at all. */
    private double longestWay(Row row, Map<RowId, Integer> order, List<TailPlace> places) {
        return places.stream()
                .filter(p -> mayGo(row, p, order))
                .mapToDouble(p -> p.space().distance(row.path().end()))
                .min()
                .orElse(-Double.MAX_VALUE);
    }

    private static Map<RowId, Integer> ranks(List<RowId> order) {
        Map<RowId, Integer> ranks = new HashMap<>();
        for (RowId id : order) {
            ranks.put(id, ranks.size());
        }
        return ranks;
    }

    private void weighPlaces(Row row, Map<RowId, Integer> order, List<TailPlace> places, double[] bulk, double[] way) {
        Vec3 end = row.path().end();
        List<Integer> nearest = new ArrayList<>();
        for (int j = 0; j < places.size(); j++) {
            bulk[j] = Double.POSITIVE_INFINITY;
            way[j] = places.get(j).space().distance(end);
            if (way[j] <= reachMm && mayGo(row, places.get(j), order)) {
                nearest.add(j);
            }
        }
        nearest.sort(Comparator.comparingDouble(j -> way[j]));
        for (int j : nearest.subList(0, Math.min(NEAREST, nearest.size()))) {
            TailPlace p = places.get(j);
            if (p.row().id().section() == Section.LEVEL || !crosses(row, p)) {
                bulk[j] = 1 + ratio(row, p.row()) + bulkThere(p);
                if (runsBeside(row, p.row())) {
                    way[j] += ENTRY_WEIGHT_MM * Math.abs(p.alongMm() / p.row().lengthMm() - Reach.USUAL_ENTRY);
                }
            }
        }
    }

    /** Whether one row is the other's neighbour: its tail then usually enters three quarters along. */
    private static boolean runsBeside(Row row, Row other) {
        return row.id().section() == other.id().section();
    }

    /** Into rows that are braided later; under a level row always, since threading comes last. */
    private boolean mayGo(Row row, TailPlace p, Map<RowId, Integer> order) {
        RowId id = row.id();
        RowId into = p.row().id();
        if (p.isFine() && id.section() != Section.INDIVIDUAL) {
            return false;
        }
        if (id.equals(into) || (id.section() == into.section() && Math.abs(id.number() - into.number()) != 1)) {
            return false;
        }
        if (into.section() == Section.LEVEL) {
            return id.section() != Section.LEVEL;
        }
        if (id.section() == Section.LEVEL && into.section() == Section.FRONT) {
            // A level row is several times as thick as a front row, which would swell at the ear.
            return false;
        }
        return order.getOrDefault(id, 0) < order.getOrDefault(into, 0);
    }

    private boolean crosses(Row row, TailPlace p) {
        List<Vec2> line = row.path().chart();
        Vec2 from = line.get(line.size() - 1);
        // Of its own row only what lies well behind its end: a spiral lies round it.
        if (crosses(line.subList(0, Math.max(0, line.size() - OWN_END)), from, p.chart())) {
            return true;
        }
        return foundation.rows().stream()
                .filter(other -> !other.id().equals(row.id())
                        && !other.id().equals(p.row().id()))
                .anyMatch(other -> crosses(other.path().chart(), from, p.chart()));
    }

    private static boolean crosses(List<Vec2> line, Vec2 a, Vec2 b) {
        for (int i = 1; i < line.size(); i++) {
            Vec2 c = line.get(i - 1);
            Vec2 d = line.get(i);
            if (Segments.cross(a, b, c, d)) {
                return true;
            }
        }
        return false;
    }

    /** What tails that are settled already add within the grip of a place. */
    private double bulkThere(TailPlace p) {
        double sum = 0;
        for (Tail t : tails.values()) {
            if (t.into().equals(Optional.of(p.row().id())) && Math.abs(t.entryMm() - p.alongMm()) < Reach.GRIP_MM) {
                sum += ratio(row(t.row()).orElseThrow(), p.row());
            }
        }
        return sum;
    }

    private static double ratio(Row tail, Row into) {
        return Math.pow(tail.braidWidthMm() / into.braidWidthMm(), 2);
    }

    /** Bulk where each tail enters: what lies there within a grip, or on a collector all that came before. */
    private void weigh() {
        for (Tail t : List.copyOf(tails.values())) {
            t.into().flatMap(this::row).ifPresent(into -> tails.put(t.row(), t.withBulk(bulkAt(into, t))));
        }
    }

    private double bulkAt(Row into, Tail at) {
        boolean gathers = into.id().section() == Section.COLLECTOR;
        // The thin end of a single lies in the middle of what it is taken up by, the end of a row reaches on for a
        // grip.
        double grip = at.row().section() == Section.INDIVIDUAL ? Reach.GRIP_MM / 2 : Reach.GRIP_MM;
        double sum = 1;
        double own = into.use() == RowUse.PLAITED ? usualRowMm : into.braidWidthMm();
        for (Tail t : tails.values()) {
            double reach = t.end() == TailEnd.LAID ? LAID_MM / 2 : grip;
            boolean liesHere = gathers ? t.entryMm() <= at.entryMm() : Math.abs(t.entryMm() - at.entryMm()) < reach;
            if (t.into().equals(Optional.of(into.id())) && liesHere) {
                sum += Math.pow(row(t.row()).orElseThrow().braidWidthMm() / own, 2);
            }
            for (Tail.Half h : t.halves()) {
                if (h.under().equals(into.id()) && Math.abs(h.alongMm() - at.entryMm()) < grip) {
                    sum += Math.pow(row(t.row()).orElseThrow().braidWidthMm() / own, 2) / 2;
                }
            }
        }
        return sum;
    }
}
