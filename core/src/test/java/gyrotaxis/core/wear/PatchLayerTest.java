package gyrotaxis.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PatchLayerTest {
    private static final CoverGrid GRID = CoverGrid.of(
            Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125))), FallSimulator.USUAL_SAMPLES);
    private static final double CELL_MM2 = GRID.cellMm() * GRID.cellMm();

    @Test
    void allOfAPatchIsLaidThickestInTheMiddle() {
        double[] depth = new double[GRID.size()];
        Vec2 middle = GRID.middle(GRID.cellAt(new Vec2(0, 0)));
        new PatchLayer(GRID).lay(depth, middle, 40, 900);
        assertThat(Arrays.stream(depth).sum() * CELL_MM2).isCloseTo(900, within(1e-6));
        assertThat(depth[GRID.cellAt(middle)])
                .isEqualTo(Arrays.stream(depth).max().orElseThrow());
    }

    /** Whichever way hair goes from its root: nothing of its patch lies behind its edge, and nothing of it is lost. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 17, 45, 90, 133, 180, 225, 270, 301})
    void anEdgeKeepsAllOfAPatchOnItsSide(double degrees) {
        double angle = Math.toRadians(degrees);
        Vec2 way = new Vec2(Math.cos(angle), Math.sin(angle));
        Vec2 root = new Vec2(3, -7);
        double[] depth = new double[GRID.size()];
        new PatchLayer(GRID).lay(depth, root, 60, 900, PatchLayer.Edge.behind(root, root.plus(way.times(10)), 6));
        assertThat(Arrays.stream(depth).sum() * CELL_MM2).isCloseTo(900, within(1e-6));
        double farthest = 0;
        for (int i = 0; i < GRID.size(); i++) {
            double ahead = GRID.middle(i).minus(root).dot(way);
            if (ahead < -6 - 1e-9) {
                assertThat(depth[i]).as("%.1f mm behind", -ahead).isZero();
            } else if (depth[i] > 0) {
                farthest = Math.max(farthest, ahead);
            }
        }
        assertThat(farthest).isGreaterThan(30 - 1.5 * GRID.cellMm());
    }
}
