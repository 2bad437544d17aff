package gyrotaxis.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.testing.Each;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SuperEllipsoidTest {
    private static final SuperEllipsoid HEAD = new SuperEllipsoid(98, 77, 125, 2.3);

    @Test
    void sphereIsRoundAndItsNormalsPointOutward() {
        SuperEllipsoid sphere = new SuperEllipsoid(90, 90, 90, 2);
        for (int i = 0; i < 50; i++) {
            Vec3 p = sphere.point(-1.4 + 0.056 * i, 0.11 * i);
            assertThat(p.norm()).isCloseTo(90, within(1e-9));
            assertThat(sphere.normal(p).distance(p.unit())).isLessThan(1e-9);
        }
    }

    @ParameterizedTest
    @CsvSource({"0,0.3", "0.7,1.2", "-1.1,2.9", "0.4,3.9", "-0.2,4.5"})
    void anglesComeBack(double lambda, double phi) {
        Vec3 p = HEAD.point(lambda, phi);
        assertThat(HEAD.lambdaOf(p)).isCloseTo(lambda, within(1e-9));
        assertThat(HEAD.phiOf(p)).isCloseTo(phi, within(1e-9));
    }

    @Test
    void pointsSatisfyTheEquationHoweverTheyAreFound() {
        for (Vec3 p : new Vec3[] {
            HEAD.point(0.5, 1), HEAD.inDirection(new Vec3(1, -2, 0.5)), HEAD.onRightSide(-20, 40), HEAD.point(-1, 3.6)
        }) {
            double f = Math.pow(Math.abs(p.x() / 77), 2.3)
                    + Math.pow(Math.abs(p.y() / 98), 2.3)
                    + Math.pow(Math.abs(p.z() / 125), 2.3);
            assertThat(f).isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void normalIsAcrossTheSurface() {
        double h = 1e-6;
        for (double lambda : new double[] {-1.2, -0.3, 0.6}) {
            for (double phi : new double[] {0.4, 1.5, 2.8}) {
                Vec3 p = HEAD.point(lambda, phi);
                Vec3 n = HEAD.normal(p);
                assertThat(HEAD.point(lambda + h, phi).minus(p).unit().dot(n)).isCloseTo(0, within(1e-5));
                assertThat(HEAD.point(lambda, phi + h).minus(p).unit().dot(n)).isCloseTo(0, within(1e-5));
            }
        }
    }

    @Test
    void areaPerSolidAngleIsWhatTheNormalGives() {
        for (Vec3 d : new Vec3[] {new Vec3(0, 0, 1), new Vec3(0.3, -0.8, 0.1).unit(), new Vec3(-1, 1, 2).unit()}) {
            Vec3 p = HEAD.inDirection(d);
            double r = p.norm();
            assertThat(HEAD.solidAngleArea(d)).isCloseTo(r * r / d.dot(HEAD.normal(p)), within(1e-6));
        }
    }

    @Test
    void refusesWhatIsNoSurface() {
        assertThatIllegalArgumentException().isThrownBy(() -> new SuperEllipsoid(0, 1, 1, 2));
        assertThatIllegalArgumentException().isThrownBy(() -> new SuperEllipsoid(1, 1, Double.NaN, 2));
        assertThatIllegalArgumentException().isThrownBy(() -> new SuperEllipsoid(1, 1, 1, 1.9));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> HEAD.onRightSide(99, 0))
                .withMessageContaining("y = 99");
    }

    @Test
    void arcLengthsMatchClosedForms() {
        SuperEllipsoid sphere = new SuperEllipsoid(90, 90, 90, 2);
        assertThat(Arcs.length(phi -> sphere.point(0, phi), 0, Math.PI)).isCloseTo(Math.PI * 90, within(0.01));
        // Ramanujan's second formula for the ellipse, exact to far more digits than asked here.
        double a = 98;
        double c = 125;
        double h = Math.pow((a - c) / (a + c), 2);
        double perimeter = Math.PI * (a + c) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));
        SuperEllipsoid ellipsoid = new SuperEllipsoid(a, 77, c, 2);
        double quarter = Arcs.length(phi -> ellipsoid.point(0, phi), 0, Math.PI / 2);
        assertThat(4 * quarter).isCloseTo(perimeter, within(perimeter * 1e-4));
    }

    @Test
    void viewsShowTheNearSideOnly() {
        Vec3 forehead = HEAD.point(0, 0.1);
        assertThat(OrthographicView.FRONT.sees(HEAD, forehead)).isTrue();
        assertThat(OrthographicView.BACK.sees(HEAD, forehead)).isFalse();
        Vec3 rightEar = HEAD.point(1.5, 0.2);
        assertThat(OrthographicView.BACK.project(rightEar).x()).isPositive();
        assertThat(OrthographicView.FRONT.project(rightEar).x()).isNegative();
        assertThat(OrthographicView.RIGHT.project(forehead).x()).isPositive();
        assertThat(OrthographicView.LEFT.project(forehead).x()).isNegative();
        java.util.List<Vec3> overTheTop = java.util.stream.IntStream.rangeClosed(0, 40)
                .mapToObj(i -> HEAD.point(0.2, Math.PI * i / 40))
                .toList();
        assertThat(OrthographicView.BACK.visible(HEAD, overTheTop))
                .singleElement()
                .satisfies(piece -> assertThat(piece).hasSizeBetween(19, 21));
        Each.of(OrthographicView.TOP.outline(HEAD, 72))
                .allSatisfy(p -> assertThat(Math.abs(p.x())).isLessThanOrEqualTo(77));
    }
}
