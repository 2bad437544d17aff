package gyrotaxis.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.testing.Each;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PathTest {
    /** A wandering line over a plane, where map and space are the same. */
    private static Path wander(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Vec2> flat = new ArrayList<>();
        List<Vec3> solid = new ArrayList<>();
        Vec2 p = new Vec2(0, 0);
        for (int i = 0; i < 30; i++) {
            flat.add(p);
            solid.add(new Vec3(p.x(), p.y(), 0));
            // Now and then a point lies on the one before it.
            double step = random.nextInt(6) == 0 ? 0 : random.nextDouble(1, 9);
            double turn = random.nextDouble(0, 2 * Math.PI);
            p = p.plus(new Vec2(step * Math.cos(turn), step * Math.sin(turn)));
        }
        return new Path(flat, solid);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void piecesOfAPathMakeUpThePath(long seed) {
        Path path = wander(seed);
        double at = path.lengthMm() * new SplittableRandom(seed).nextDouble();
        Path before = path.between(0, at);
        Path after = path.between(at, path.lengthMm());
        assertThat(before.lengthMm() + after.lengthMm()).isCloseTo(path.lengthMm(), within(1e-9));
        assertThat(before.end()).isEqualTo(after.start());
        for (double d = 0; d < path.lengthMm(); d += 1.7) {
            Vec2 expected = d <= at ? before.chartAt(d) : after.chartAt(d - at);
            assertThat(path.chartAt(d).distance(expected)).isLessThan(1e-9);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void backwardItIsTheSamePathFromItsEnd(long seed) {
        Path path = wander(seed);
        Path back = path.reversed();
        for (double d = 0; d <= path.lengthMm(); d += 2.3) {
            assertThat(back.spaceAt(path.lengthMm() - d).distance(path.spaceAt(d)))
                    .isLessThan(1e-9);
        }
        assertThat(back.reversed()).isEqualTo(path);
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void aCurveAlongItRunsEvenlyByTrueLength(long seed) {
        Path path = wander(seed);
        ChordCurve curve = new ChordCurve(path);
        for (double t = 0; t <= 1; t += 0.01) {
            assertThat(curve.apply(t).distance(path.chartAt(t * path.lengthMm())))
                    .isLessThan(1e-9);
        }
        assertThat(curve.apply(-3)).isEqualTo(path.chart().get(0));
        assertThat(curve.apply(7)).isEqualTo(path.chartAt(path.lengthMm()));
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34})
    void itsNearestPlaceIsNoFartherThanAnyOfItsPoints(long seed) {
        Path path = wander(seed);
        Vec2 from = new Vec2(7, -4);
        double found = path.chartAt(path.nearest(from) * path.lengthMm()).distance(from);
        Each.of(path.chart()).allSatisfy(p -> assertThat(p.distance(from)).isGreaterThanOrEqualTo(found - 1e-9));
    }

    @Test
    void distancesBeyondItsEndsAreThoseOfItsEnds() {
        Path path = wander(41);
        assertThat(path.chartAt(-10)).isEqualTo(path.chart().get(0));
        assertThat(path.spaceAt(path.lengthMm() + 10)).isEqualTo(path.end());
        assertThat(path.between(30, 20).lengthMm()).isZero();
    }

    @Test
    void refusesWhatIsNoPath() {
        List<Vec2> one = List.of(new Vec2(0, 0));
        List<Vec2> two = List.of(new Vec2(0, 0), new Vec2(1, 0));
        Vec3 o = new Vec3(0, 0, 0);
        assertThatIllegalArgumentException().isThrownBy(() -> new Path(one, List.of(o)));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Path(two, List.of(o, o, o)))
                .withMessageContaining("give each point twice");
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 8, 40})
    void aRegularPolygonHoldsWhatLiesNearerThanItsSidesAndNothingBeyondItsCorners(int corners) {
        double radius = 10;
        List<Vec2> rim = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double turn = 2 * Math.PI * i / corners;
            rim.add(new Vec2(radius * Math.cos(turn), radius * Math.sin(turn)));
        }
        double inner = radius * Math.cos(Math.PI / corners);
        SplittableRandom random = new SplittableRandom(corners);
        for (int i = 0; i < 500; i++) {
            Vec2 p = new Vec2(random.nextDouble(-12, 12), random.nextDouble(-12, 12));
            if (p.norm() < inner - 1e-9) {
                assertThat(Polygons.contains(rim, p)).isTrue();
            } else if (p.norm() > radius + 1e-9) {
                assertThat(Polygons.contains(rim, p)).isFalse();
            }
        }
    }

    @Test
    void aHollowPolygonLeavesOutItsHollow() {
        List<Vec2> u = List.of(
                new Vec2(0, 0),
                new Vec2(9, 0),
                new Vec2(9, 9),
                new Vec2(6, 9),
                new Vec2(6, 3),
                new Vec2(3, 3),
                new Vec2(3, 9),
                new Vec2(0, 9));
        assertThat(Polygons.contains(u, new Vec2(1, 8))).isTrue();
        assertThat(Polygons.contains(u, new Vec2(8, 8))).isTrue();
        assertThat(Polygons.contains(u, new Vec2(4.5, 8))).isFalse();
        assertThat(Polygons.contains(u, new Vec2(4.5, 1))).isTrue();
    }
}
