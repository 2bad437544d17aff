package gyrotaxis.server.planning.round;

import static gyrotaxis.server.planning.Flat.tenth;

import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.scalp.DressForm;
import gyrotaxis.server.planning.Flat;
import java.util.List;
import java.util.stream.Stream;

/**
 * A plan in the round: flat lists x, y, z, … in mm in the scalp frame (x to the client's right, y forward, z up).
 *
 * @param barbs two points for each station: from where the hook comes and where it goes in, a little over the row
 * @param form the head on neck and shoulders
 * @param axes of the fitted surface, which the form is within the hairline
 */
public record SolidView(
        FormView form,
        AxesView axes,
        List<Double> hairline,
        List<Double> earLine,
        List<SolidRow> rows,
        List<List<Double>> parts,
        List<List<Double>> tails,
        List<Double> stations,
        List<Double> barbs) {
    private static final int HEAD_RINGS = 52;
    private static final int BUST_RINGS = 30;
    private static final int SECTORS = 60;
    private static final double BARB_MM = 6;

    /** Points ring by ring from the top down, each ring from the front over her right: {@code rings + 1} rings. */
    public record RingsView(int rings, int sectors, List<Double> points) {}

    /** Head, and neck with shoulders, as two closed surfaces that run through each other. */
    public record FormView(RingsView head, RingsView bust) {}

    /** |x/b|ⁿ + |y/a|ⁿ + |z/c|ⁿ = 1, mm. */
    public record AxesView(double a, double b, double c, double n) {}

    /** A row in the round. */
    public record SolidRow(String id, RowUse use, double braidWidthMm, List<Double> path) {}

    /** A plan, in the round. */
    public static SolidView of(InstallPlan plan) {
        return new SolidView(
                form(DressForm.of(plan.scalp())),
                axes(plan.scalp().surface()),
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

    private static FormView form(DressForm form) {
        return new FormView(
                new RingsView(HEAD_RINGS, SECTORS, Flat.solid(form.head(HEAD_RINGS, SECTORS))),
                new RingsView(BUST_RINGS, SECTORS, Flat.solid(form.bust(BUST_RINGS, SECTORS))));
    }

    private static AxesView axes(SuperEllipsoid s) {
        return new AxesView(s.a(), s.b(), s.c(), s.n());
    }
}
