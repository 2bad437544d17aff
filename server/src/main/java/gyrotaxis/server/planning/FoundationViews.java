package gyrotaxis.server.planning;

import static gyrotaxis.server.planning.Flat.hundredth;
import static gyrotaxis.server.planning.Flat.points;
import static gyrotaxis.server.planning.Flat.tenth;

import gyrotaxis.core.braiding.BraidStep;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.foundation.Cap;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.OrthographicView;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.wear.PartChoice;
import gyrotaxis.server.shared.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Writes the laid foundation down for the front end: map, rows, tails, parts, views. */
final class FoundationViews {
    private static final int RIM_POINTS = 72;

    private final InstallPlan plan;
    private final Scalp scalp;
    /** The number of the step in which each row is braided, so that map and list agree. */
    private final Map<RowId, Integer> turns;

    FoundationViews(InstallPlan plan) {
        this.plan = plan;
        this.turns = plan.steps().stream()
                .filter(s -> s.kind() == BraidStep.Kind.BRAID)
                .collect(Collectors.toMap(s -> s.rows().get(0), BraidStep::number));
        this.scalp = plan.scalp();
    }

    DrawnView.Map map() {
        List<Region> regions = plan.brief().head().regions();
        return new DrawnView.Map(
                points(scalp.outline().chart()),
                points(plan.foundation().braidedEdge()),
                points(plan.foundation().earLine().chart()),
                scalp.landmarks().entrySet().stream()
                        .map(e -> {
                            Vec2 at = scalp.chart().project(e.getValue());
                            return new DrawnView.Mark(
                                    e.getKey().name(), e.getKey().words(), tenth(at.x()), tenth(at.y()));
                        })
                        .toList(),
                grips(),
                IntStream.range(0, regions.size())
                        .mapToObj(i -> region(i, regions.get(i)))
                        .toList(),
                plan.foundation().crossings().stream()
                        .map(c -> new DrawnView.CrossingView(
                                c.over().toString(),
                                c.under().toString(),
                                tenth(c.chart().x()),
                                tenth(c.chart().y())))
                        .toList(),
                plan.foundation().cap().map(Cap::area).map(Flat::points).orElse(List.of()),
                plan.foundation().mesh().stream().map(m -> points(m.rim())).toList(),
                said("her left"),
                said("her right"));
    }

    private String said(String words) {
        return plan.brief().pronoun().said(words);
    }

    /** Where the hairline is taken hold of: the corners at the temples, and the peak. */
    private List<DrawnView.Mark> grips() {
        List<DrawnView.Mark> grips = new ArrayList<>();
        double corner = scalp.hairline().cornerRad();
        grips.add(grip("LEFT", "left temple", -corner));
        grips.add(grip("RIGHT", "right temple", corner));
        scalp.hairline().peakRad().ifPresent(theta -> grips.add(grip("PEAK", "peak", theta)));
        return grips;
    }

    private DrawnView.Mark grip(String name, String words, double thetaRad) {
        Vec2 at = scalp.hairline().chartAt(thetaRad);
        return new DrawnView.Mark(name, words, tenth(at.x()), tenth(at.y()));
    }

    private DrawnView.RegionView region(int index, Region r) {
        List<Vec2> rim = scalp.chartOf(r);
        Vec2 middle = rim.stream().reduce(new Vec2(0, 0), Vec2::plus).times(1.0 / rim.size());
        return new DrawnView.RegionView(
                index,
                r.kind(),
                r.kind().words(),
                r.name(),
                Piece.of(scalp.placeWords(scalp.chart().lift(middle))),
                points(rim));
    }

    List<DrawnView.Row> rows() {
        Map<RowId, Long> stations =
                plan.stations().stream().collect(Collectors.groupingBy(s -> s.id().row(), Collectors.counting()));
        Map<RowId, RowPull> pull = plan.pull().stream().collect(Collectors.toMap(RowPull::row, Function.identity()));
        // Nobody's hair holds a line of mesh, so nothing pulls on it.
        return plan.foundation().carriers().stream()
                .map(r -> row(
                        r,
                        stations.getOrDefault(r.id(), 0L).intValue(),
                        pull.getOrDefault(r.id(), new RowPull(r.id(), 0, 1, 0, false, false))))
                .toList();
    }

    private DrawnView.Row row(Row r, int stations, RowPull pull) {
        return new DrawnView.Row(
                r.id().toString(),
                r.id().words(),
                r.id().section(),
                r.use(),
                r.id().section().isLanes(),
                r.id().section().takesTail().orElse(null),
                tenth(r.lengthMm()),
                tenth(r.stripWidthMm()),
                tenth(r.braidWidthMm()),
                r.joins().map(RowId::toString).orElse(null),
                stations,
                turns.getOrDefault(r.id(), 0),
                hundredth(pull.gramsPerCm()),
                hundredth(pull.limitGramsPerCm()),
                hundredth(pull.share()),
                Piece.of(scalp.placeWords(r.path().start())),
                points(r.path().chart()));
    }

    List<DrawnView.Part> parts() {
        List<LaidPart> laid = plan.foundation().parts();
        return IntStream.range(0, laid.size())
                .mapToObj(i -> part(i, laid.get(i)))
                .toList();
    }

    private DrawnView.Part part(int i, LaidPart p) {
        return new DrawnView.Part(
                i + 1,
                plan.brief().foundation().parts().indexOf(p.asked()),
                tenth(p.path().lengthMm()),
                tenth(p.gap().openMm()),
                tenth(p.narrowestMm()),
                tenth(p.gap().meanMm()),
                p.gap().channel().stream()
                        .flatMap(w -> Stream.of(tenth(w.atMm()), tenth(w.clearMm())))
                        .toList(),
                p.isOpen(),
                p.gap().left().toString(),
                p.gap().right().toString(),
                points(p.path().chart()));
    }

    List<DrawnView.Gap> gaps() {
        return plan.partChoices().stream().map(FoundationViews::gap).toList();
    }

    private static DrawnView.Gap gap(PartChoice c) {
        return new DrawnView.Gap(
                c.gap().left().toString(),
                c.gap().right().toString(),
                tenth(c.openMm()),
                tenth(c.gap().narrowestMm()),
                tenth(c.gap().meanMm()),
                c.readsAsSkin(),
                c.stoppedBy().map(RowId::words).orElse(null),
                points(c.gap().path().chart()));
    }

    List<DrawnView.TailView> tails() {
        return plan.braiding().tails().stream().map(this::tail).toList();
    }

    private DrawnView.TailView tail(Tail t) {
        double receiving =
                t.into().flatMap(plan.foundation()::row).map(Row::lengthMm).orElse(1.0);
        return new DrawnView.TailView(
                t.row().toString(),
                t.end(),
                t.end().words(),
                t.into().map(RowId::toString).orElse(null),
                tenth(t.entryMm()),
                hundredth(t.entryMm() / receiving),
                tenth(t.bulk()),
                t.origin(),
                t.thread().map(p -> points(p.chart())).orElse(List.of()),
                t.halves().stream().map(h -> points(h.thread().chart())).toList());
    }

    List<DrawnView.View> views() {
        return Stream.of(OrthographicView.BACK, OrthographicView.TOP, OrthographicView.LEFT, OrthographicView.RIGHT)
                .map(this::view)
                .toList();
    }

    private DrawnView.View view(OrthographicView from) {
        SuperEllipsoid s = scalp.surface();
        return new DrawnView.View(
                from.name().toLowerCase(Locale.ROOT),
                said(
                        switch (from) {
                            case BACK -> "from behind";
                            case TOP -> "from above";
                            case LEFT -> "her left";
                            case RIGHT -> "her right";
                            case FRONT -> "from the front";
                        }),
                points(from.outline(s, RIM_POINTS)),
                Flat.pieces(from.visible(s, thinned(scalp.outline().space()))),
                plan.foundation().rows().stream()
                        .map(r -> viewRow(from, s, r))
                        .filter(r -> !r.pieces().isEmpty())
                        .toList(),
                points(plan.stations().stream()
                        .map(Station::space)
                        .filter(p -> from.sees(s, p))
                        .map(from::project)
                        .toList()));
    }

    private static DrawnView.ViewRow viewRow(OrthographicView from, SuperEllipsoid s, Row row) {
        return new DrawnView.ViewRow(
                row.id().toString(),
                tenth(row.braidWidthMm()),
                Flat.pieces(from.visible(s, thinned(row.path().space()))));
    }

    /** Every second point and the last: the views are small, and they are written at every move of a handle. */
    private static List<Vec3> thinned(List<Vec3> line) {
        int last = line.size() - 1;
        return IntStream.rangeClosed(0, last)
                .filter(i -> i % 2 == 0 || i == last)
                .mapToObj(line::get)
                .toList();
    }
}
