package gyrotaxis.core.papercap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Paper against head: lengths along seams, places, and how much it gives between. */
class GoresTest {
    private static final Scalp SCALP = HookedHeads.MEDIUM;

    static Stream<Scalp> heads() {
        HairlineShape peaked =
                new HairlineShape(12, 0, Optional.of(new HairlineShape.Peak(4, 14)), HairlineShape.Nape.ROUND);
        return Stream.of(
                Scalp.of(HeadFitter.fit(HeadMeasures.of(520, 330, 305))),
                Scalp.of(HeadFitter.fit(HeadMeasures.of(610, 390, 360))),
                Scalp.of(HeadFitter.fit(HeadMeasures.of(660, 455, 410))),
                Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)), peaked));
    }

    @ParameterizedTest
    @MethodSource("heads")
    void smallAndLargeHeadsAndUnevenHairlinesFitTheirPaper(Scalp scalp) {
        Gores gores = Gores.of(scalp, Gores.USUAL);
        for (int k = 0; k < gores.count(); k++) {
            double[] paper = gores.seamOnPaperMm(k);
            assertThat(paper[0]).isCloseTo(gores.seamMm(k), within(0.2));
            assertThat(paper[1]).isCloseTo(paper[0], within(0.01));
        }
        assertThat(Math.abs(gores.strain().across())).isLessThan(0.04);
    }

    /** What is asked is a millimetre; chords lose less than a tenth of it. */
    @ParameterizedTest
    @ValueSource(ints = {8, 12, 16, 24})
    void seamsAreAsLongOnBothPapersAsOnTheHead(int count) {
        Gores gores = Gores.of(SCALP, count);
        for (int k = 0; k < count; k++) {
            double[] paper = gores.seamOnPaperMm(k);
            assertThat(paper[0]).isCloseTo(gores.seamMm(k), within(0.1));
            assertThat(paper[1]).isCloseTo(paper[0], within(0.01));
            assertThat(gores.seamMm(k)).isBetween(90.0, 230.0);
        }
    }

    /** On a sphere a gore of half an angle a is short by 1 − cos a at its tip, and so less along all of its middle. */
    @Test
    void morePiecesGiveLess() {
        double before = 1;
        for (int count : new int[] {8, 12, 16, 24}) {
            Gores.Strain strain = Gores.of(SCALP, count).strain();
            double tip = 1 - Math.cos(Math.PI / count);
            assertThat(strain.alongMiddle()).isBetween(-tip, 0.0);
            // A head is squarer than a sphere: its corners bulge more from seam to seam.
            assertThat(Math.abs(strain.across())).isLessThan(1.5 * tip);
            assertThat(-strain.alongMiddle()).isLessThan(before);
            before = -strain.alongMiddle();
        }
        assertThat(before).isLessThan(0.01);
    }

    /** What is a length apart on the head is that far apart on paper, within its strain. */
    @Test
    void placesLieOnPaperAsOnTheHead() {
        Gores gores = Gores.of(SCALP, Gores.USUAL);
        Random random = new Random(7);
        List<Double> off = new ArrayList<>();
        for (int i = 0; i < 2_000; i++) {
            int k = random.nextInt(gores.count());
            double across = 0.05 + 0.9 * random.nextDouble();
            double alpha = (0.2 + 0.7 * random.nextDouble()) * gores.rimAt(k, across);
            Vec3 p = gores.onHead(k, across, alpha);
            Vec3 q = gores.onHead(
                    k, across + 0.04 * (random.nextDouble() - 0.5), alpha + 0.04 * (random.nextDouble() - 0.5));
            Gores.In at = gores.in(p);
            assertThat(at.gore()).isEqualTo(k);
            assertThat(at.across()).isCloseTo(across, within(1e-6));
            Vec2 a = gores.onPaper(at);
            Vec2 b = gores.onPaper(gores.in(q));
            if (p.distance(q) > 1) {
                off.add(Math.abs(a.distance(b) / p.distance(q) - 1));
            }
        }
        assertThat(off).hasSizeGreaterThan(1_000).allSatisfy(o -> assertThat(o).isLessThan(0.05));
        assertThat(off.stream().mapToDouble(o -> o).average().orElseThrow()).isLessThan(0.015);
    }

    @Test
    void paperNeverFoldsOverItself() {
        Gores gores = Gores.of(SCALP, Gores.USUAL);
        for (int k = 0; k < gores.count(); k++) {
            for (double across = 0; across < 1; across += 0.1) {
                for (double part = 0.05; part < 0.95; part += 0.05) {
                    double alpha = part * gores.rimAt(k, across);
                    Vec2 p = gores.onPaper(k, across, alpha);
                    Vec2 on = gores.onPaper(k, across + 0.1, alpha).minus(p);
                    Vec2 down = gores.onPaper(k, across, alpha + 0.02).minus(p);
                    assertThat(down.x() * on.y() - down.y() * on.x()).isNegative();
                }
            }
        }
    }

    /** Printed on its outside: what turns to the left on the head, seen from outside, turns to the left on paper. */
    @Test
    void paperIsNoMirrorImage() {
        Gores gores = Gores.of(SCALP, Gores.USUAL);
        for (int k = 0; k < gores.count(); k++) {
            double alpha = 0.5 * gores.rimAt(k, 0.5);
            Vec3 p = gores.onHead(k, 0.5, alpha);
            Vec3 q = gores.onHead(k, 0.7, alpha);
            Vec3 r = gores.onHead(k, 0.5, alpha + 0.05);
            double head = q.minus(p).cross(r.minus(p)).dot(SCALP.surface().normal(p));
            Vec2 a = gores.onPaper(k, 0.5, alpha);
            Vec2 b = gores.onPaper(k, 0.7, alpha).minus(a);
            Vec2 c = gores.onPaper(k, 0.5, alpha + 0.05).minus(a);
            assertThat(Math.signum(b.x() * c.y() - b.y() * c.x())).isEqualTo(Math.signum(head));
        }
    }

    @Test
    void tooFewOrTooManyAreRefused() {
        assertThatThrownBy(() -> Gores.of(SCALP, 7)).hasMessageContaining("count");
        assertThatThrownBy(() -> Gores.of(SCALP, 25)).hasMessageContaining("count");
    }
}
