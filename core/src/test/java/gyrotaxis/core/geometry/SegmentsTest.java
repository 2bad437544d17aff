package gyrotaxis.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SegmentsTest {
    @ParameterizedTest
    @CsvSource({
        "0,0,2,2, 0,2,2,0, true",
        "0,0,1,1, 0,2,2,0.5, false",
        "0,0,2,0, 0,1,2,1, false",
        "0,0,2,0, 1,0,1,2, false",
        "0,0,2,0, 1,-1,1,1, true"
    })
    void crossWhereTheyPassThroughEachOther(
            double ax, double ay, double bx, double by, double cx, double cy, double dx, double dy, boolean crosses) {
        Vec2 a = new Vec2(ax, ay);
        Vec2 b = new Vec2(bx, by);
        Vec2 c = new Vec2(cx, cy);
        Vec2 d = new Vec2(dx, dy);
        assertThat(Segments.cross(a, b, c, d)).isEqualTo(crosses);
        assertThat(Segments.cross(d, c, b, a)).isEqualTo(crosses);
    }
}
