package gyrotaxis.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EqualAreaChartTest {
    private static final SuperEllipsoid HEAD = new SuperEllipsoid(98, 77, 125, 2.3);
    private static final Vec3 TOP = new Vec3(0, 0, 1);

    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.4, 1, 1.6, 2.2})
    void onASphereItIsTheFamiliarProjection(double alpha) {
        EqualAreaChart chart = new EqualAreaChart(new SuperEllipsoid(90, 90, 90, 2), TOP);
        for (double theta : new double[] {0, 0.8, -2.5, 3}) {
            Vec2 m = chart.project(chart.direction(theta, alpha));
            assertThat(m.norm()).isCloseTo(2 * 90 * Math.sin(alpha / 2), within(0.05));
            assertThat(Math.atan2(m.x(), m.y())).isCloseTo(theta, within(1e-9));
        }
    }

    @Test
    void halfASpheroidHasItsClosedFormArea() {
        // Oblate, a = 90 round the axis, c = 60 along it: half of 2πa²(1 + (1 − e²)/e · artanh e).
        double a = 90;
        double c = 60;
        double e = Math.sqrt(1 - c * c / (a * a));
        double half = Math.PI * a * a * (1 + (1 - e * e) / e * 0.5 * Math.log((1 + e) / (1 - e)));
        EqualAreaChart chart = new EqualAreaChart(new SuperEllipsoid(a, a, c, 2), TOP);
        double r = chart.project(new Vec3(0, a, 0)).norm();
        assertThat(Math.PI * r * r).isCloseTo(half, within(half * 0.002));
    }

    @Test
    void mapAndSurfacePointsComeBack() {
        EqualAreaChart chart = new EqualAreaChart(HEAD, HEAD.point(0, 2.2));
        for (double lambda = -1.3; lambda <= 1.3; lambda += 0.2) {
            for (double phi = 0.5; phi <= 4; phi += 0.25) {
                Vec3 p = HEAD.point(lambda, phi);
                assertThat(chart.lift(chart.project(p)).distance(p)).isLessThan(0.01);
            }
        }
    }

    /** Small cells of the map against the same cells measured on the surface as pairs of triangles. */
    @Test
    void equalAreasStayEqualEverywhere() {
        EqualAreaChart chart = new EqualAreaChart(HEAD, HEAD.point(0, 2.2));
        for (double x = -120; x <= 120; x += 17) {
            for (double y = -150; y <= 140; y += 19) {
                if (Math.hypot(x, y) < 5) {
                    continue;
                }
                double side = 4;
                List<Vec3> c = new ArrayList<>();
                for (Vec2 m : List.of(
                        new Vec2(x, y), new Vec2(x + side, y), new Vec2(x + side, y + side), new Vec2(x, y + side))) {
                    c.add(chart.lift(m));
                }
                double area = triangle(c.get(0), c.get(1), c.get(2)) + triangle(c.get(0), c.get(2), c.get(3));
                assertThat(area).as("cell at %s, %s", x, y).isCloseTo(side * side, within(side * side * 0.03));
            }
        }
    }

    @Test
    void mirrorsExactly() {
        EqualAreaChart chart = new EqualAreaChart(HEAD, HEAD.point(0, 2.2));
        Vec3 p = HEAD.point(0.7, 1.9);
        assertThat(chart.project(p.mirrored())).isEqualTo(chart.project(p).mirrored());
    }

    @Test
    void refusesAnAxisOffTheMidline() {
        assertThatIllegalArgumentException().isThrownBy(() -> new EqualAreaChart(HEAD, new Vec3(3, 0, 1)));
    }

    @Test
    void patchBlendsItsSidesAndMeetsItsCorners() {
        CoonsPatch bulged = new CoonsPatch(
                v -> new Vec2(v, -0.2 * v * (1 - v)),
                v -> new Vec2(v, 1 + 0.3 * v * (1 - v)),
                u -> new Vec2(0, u),
                u -> new Vec2(1, u));
        assertThat(bulged.at(0, 0.5)).isEqualTo(new Vec2(0.5, -0.05));
        assertThat(bulged.at(1, 0.5).distance(new Vec2(0.5, 1.075))).isLessThan(1e-12);
        assertThat(bulged.at(0.5, 1)).isEqualTo(new Vec2(1, 0.5));
        assertThat(bulged.at(0.5, 0.5).y()).isCloseTo(0.5125, within(1e-12));
    }

    @Test
    void pathsAreCutByTrueLength() {
        SuperEllipsoid sphere = new SuperEllipsoid(90, 90, 90, 2);
        EqualAreaChart chart = new EqualAreaChart(sphere, TOP);
        List<Vec2> spokes = new ArrayList<>();
        for (int i = 0; i <= 60; i++) {
            spokes.add(new Vec2(0, i));
        }
        Path path = Path.lifted(spokes, chart);
        double whole = 2 * 90 * Math.asin(60.0 / 180);
        assertThat(path.lengthMm()).isCloseTo(whole, within(0.02));
        assertThat(path.between(10, 25).lengthMm()).isCloseTo(15, within(0.001));
        assertThat(path.between(-5, 1e9).lengthMm()).isCloseTo(path.lengthMm(), within(1e-9));
        assertThat(new ChordCurve(path).apply(1)).isEqualTo(new Vec2(0, 60));
        assertThat(path.mirrored().mirrored()).isEqualTo(path);
    }

    private static double triangle(Vec3 p, Vec3 q, Vec3 r) {
        return q.minus(p).cross(r.minus(p)).norm() / 2;
    }
}
