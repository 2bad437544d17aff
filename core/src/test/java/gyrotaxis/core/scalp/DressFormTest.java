package gyrotaxis.core.scalp;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DressFormTest {
    private static final int RINGS = 60;
    private static final int SECTORS = 72;

    static Stream<Scalp> heads() {
        return Stream.of(
                        HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                        HeadMeasures.of(520, 330, 305),
                        HeadMeasures.of(610, 390, 360))
                .map(m -> Scalp.of(HeadFitter.fit(m)));
    }

    @ParameterizedTest
    @MethodSource("heads")
    void withinTheHairlineItIsTheFittedSurfaceToTheLastBit(Scalp head) {
        int inside = 0;
        for (Vec3 p : DressForm.of(head).head(RINGS, SECTORS)) {
            Vec2 at = head.chart().project(p);
            if (at.norm() < head.hairline().chartAt(Math.atan2(at.x(), at.y())).norm()) {
                inside++;
                assertThat(p.distance(head.surface().inDirection(p))).isLessThan(1e-9);
            }
        }
        assertThat(inside).isGreaterThan(RINGS * SECTORS / 4);
    }

    @ParameterizedTest
    @MethodSource("heads")
    void bothSidesAreAlike(Scalp head) {
        DressForm form = DressForm.of(head);
        for (List<Vec3> points : List.of(form.head(RINGS, SECTORS), form.bust(RINGS, SECTORS))) {
            for (int i = 0; i <= RINGS; i++) {
                for (int j = 1; j < SECTORS; j++) {
                    Vec3 right = points.get(i * SECTORS + j);
                    Vec3 left = points.get(i * SECTORS + SECTORS - j);
                    assertThat(right.mirrored().distance(left)).isLessThan(1e-6);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("heads")
    void theFaceLooksForwardAndTheNeckIsNarrowerThanHeadAndShoulders(Scalp head) {
        DressForm form = DressForm.of(head);
        double foremost =
                form.head(RINGS, SECTORS).stream().mapToDouble(Vec3::y).max().orElseThrow();
        assertThat(foremost).isBetween(head.surface().a() + 5, head.surface().a() + 30);
        double neck = widest(form, -0.12 * 1000);
        assertThat(neck).isLessThan(head.surface().b());
        assertThat(widest(form, form.footMm() + 60))
                .isGreaterThan(2 * head.surface().b());
    }

    private static double widest(DressForm form, double z) {
        return form.bust(200, SECTORS).stream()
                .filter(p -> Math.abs(p.z() - z) < 3)
                .mapToDouble(Vec3::x)
                .max()
                .orElseThrow();
    }

    /** Whatever is put into it is brought out of it, a gap off, by the shortest way or nearly so; what is out stays. */
    @ParameterizedTest
    @MethodSource("heads")
    void nothingRestsWithinIt(Scalp head) {
        DressForm form = DressForm.of(head);
        SplittableRandom random = new SplittableRandom(7);
        int brought = 0;
        for (int i = 0; i < 4_000; i++) {
            Vec3 p = new Vec3(random.nextDouble(-230, 230), random.nextDouble(-160, 160), random.nextDouble(-380, 140));
            // What hair can come to in a step: not deeper than that.
            if (form.outness(p) < 0.75) {
                continue;
            }
            DressForm.Rest rest = form.rest(p, 5);
            assertThat(form.outness(rest.at())).isGreaterThan(1);
            if (form.outness(p) < 1) {
                brought++;
                assertThat(rest.out().norm()).isCloseTo(1, within(1e-6));
            } else if (rest.out().norm() == 0) {
                assertThat(rest.at()).isEqualTo(p);
            }
        }
        assertThat(brought).isGreaterThan(200);
    }
}
