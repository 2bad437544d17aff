package gyrotaxis.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ThinnedTest {
    private static final List<Vec2> ARC = IntStream.rangeClosed(0, 100)
            .mapToObj(i -> new Vec2(100 * Math.cos(i * Math.PI / 200), 100 * Math.sin(i * Math.PI / 200)))
            .toList();

    @Test
    void aStraightLineIsItsEnds() {
        List<Vec2> line =
                IntStream.rangeClosed(0, 20).mapToObj(i -> new Vec2(i, 2 * i)).toList();
        assertThat(Thinned.line(line, 0.01)).containsExactly(line.get(0), line.get(20));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.2, 1.2, 5})
    void nothingLiesFurtherOffThanTheTolerance(double toleranceMm) {
        List<Vec2> thin = Thinned.line(ARC, toleranceMm);
        assertThat(thin).hasSizeLessThan(ARC.size()).startsWith(ARC.get(0)).endsWith(ARC.get(100));
        for (Vec2 p : ARC) {
            double nearest = IntStream.range(0, thin.size() - 1)
                    .mapToDouble(i -> apart(p, thin.get(i), thin.get(i + 1)))
                    .min()
                    .orElseThrow();
            assertThat(nearest).isLessThanOrEqualTo(toleranceMm + 1e-9);
        }
    }

    private static double apart(Vec2 p, Vec2 a, Vec2 b) {
        Vec2 along = b.minus(a);
        double t = p.minus(a).dot(along) / along.dot(along);
        return p.distance(a.lerp(b, Math.max(0, Math.min(1, t))));
    }
}
