package gyrotaxis.server.planning;

import static gyrotaxis.server.planning.Flat.tenth;

import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A plan in the round: flat lists x, y, z, … in mm in the scalp frame (x to the client's right, y forward, z up).
 *
 * @param barbs two points for each station: from where the hook comes and where it goes in, a little over the row
 * @param surface points of the head, ring by ring from the top down, {@code rings + 1} rings of {@code sectors} points
 */
record SolidView(
        List<Double> surface,
        int rings,
        int sectors,
        List<Double> hairline,
        List<Double> earLine,
        List<SolidRow> rows,
        List<List<Double>> parts,
        List<List<Double>> tails,
        List<Double> stations,
        List<Double> barbs) {
    private static final int RINGS = 40;
    private static final int SECTORS = 64;
    private static final double BARB_MM = 6;

    /** A row in the round. */
    record SolidRow(String id, RowUse use, double braidWidthMm, List<Double> path) {}

    static SolidView of(InstallPlan plan) {
        return new SolidView(
                surface(plan.scalp().surface()),
                RINGS,
                SECTORS,
                Flat.solid(plan.scalp().outline().space()),
                Flat.solid(plan.foundation().earLine().space()),
                plan.foundation().rows().stream()
                        .map(r -> new SolidRow(
                                r.id().toString(),
                                r.use(),
                                tenth(r.braidWidthMm()),
                                Flat.solid(r.path().space())))
                        .toList(),
                plan.foundation().parts().stream()
                        .map(p -> Flat.solid(p.path().space()))
                        .toList(),
                plan.braiding().tails().stream()
                        .flatMap(t -> t.thread().stream())
                        .map(t -> Flat.solid(t.space()))
                        .toList(),
                Flat.solid(plan.stations().stream().map(Station::space).toList()),
                Flat.solid(plan.stations().stream()
                        .flatMap(s -> barb(plan.scalp().surface(), s))
                        .toList()));
    }

    /** From where the hook comes to where it goes in, over the row. */
    private static Stream<Vec3> barb(SuperEllipsoid s, Station station) {
        Vec3 along = station.bearing().entry().times(BARB_MM);
        Vec3 at = station.space().plus(s.normal(station.space()).times(BARB_MM));
        return Stream.of(at.minus(along), at.plus(along));
    }

    private static List<Double> surface(SuperEllipsoid s) {
        List<Vec3> points = new ArrayList<>();
        for (int i = 0; i <= RINGS; i++) {
            double down = Math.PI * i / RINGS;
            for (int j = 0; j < SECTORS; j++) {
                double round = 2 * Math.PI * j / SECTORS;
                points.add(s.inDirection(
                        new Vec3(Math.sin(down) * Math.sin(round), Math.sin(down) * Math.cos(round), Math.cos(down))));
            }
        }
        return Flat.solid(points);
    }
}
