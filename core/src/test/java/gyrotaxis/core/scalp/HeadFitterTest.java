package gyrotaxis.core.scalp;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class HeadFitterTest {
    static final HeadMeasures SMALL = HeadMeasures.ofAll(540, 335, 310, 298, 350, 115);
    static final HeadMeasures MEDIUM = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);
    static final HeadMeasures LARGE = HeadMeasures.ofAll(595, 385, 350, 336, 395, 140);

    static Stream<HeadMeasures> everydayHeads() {
        List<HeadMeasures> heads = new ArrayList<>(List.of(SMALL, MEDIUM, LARGE));
        for (double size = 0.82; size <= 1.1; size += 0.07) {
            for (double front = 0.97; front <= 1.031; front += 0.03) {
                for (double top = 0.97; top <= 1.031; top += 0.03) {
                    heads.add(HeadMeasures.of(565 * size, 360 * size * front, 330 * size * top));
                }
            }
        }
        Random random = new Random(20);
        for (int i = 0; i < 40; i++) {
            double[] m = {540, 335, 310, 298, 350, 115};
            double size = 0.9 + 0.2 * random.nextDouble();
            for (int k = 0; k < m.length; k++) {
                m[k] *= size * (1 + 0.01 * random.nextGaussian());
            }
            heads.add(HeadMeasures.ofAll(m[0], m[1], m[2], m[3], m[4], m[5]));
        }
        return heads.stream();
    }

    @ParameterizedTest
    @MethodSource("everydayHeads")
    void measuringTheFittedHeadGivesTheTapeBack(HeadMeasures measures) {
        FittedHead head = HeadFitter.fit(measures);
        assertThat(head.misfit()).isEmpty();
        assertThat(head.readings()).isNotEmpty().allSatisfy((m, r) -> {
            assertThat(r.fittedMm()).as(m.words()).isCloseTo(r.tapeMm(), within(HeadFitter.TOLERANCE_MM));
            assertThat(r.fittedMm()).isCloseTo(head.shape().tapeMm(m), within(1e-9));
            assertThat(r.isEstimated()).isEqualTo(measures.get(m).isEmpty());
        });
    }

    @Test
    void everydayHeadsHaveEverydayProportions() {
        for (HeadMeasures m : List.of(SMALL, MEDIUM, LARGE)) {
            Scalp scalp = Scalp.of(HeadFitter.fit(m));
            assertThat(scalp.surface().a()).isBetween(93.0, 105.0);
            assertThat(scalp.surface().b()).isBetween(72.0, 83.0);
            assertThat(scalp.surface().c()).isBetween(115.0, 137.0);
            assertThat(scalp.areaMm2() / 100).isBetween(540.0, 780.0);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "ROUND, 680",
        "ROUND, 460",
        "FRONT_TO_NAPE, 460",
        "FRONT_TO_NAPE, 255",
        "OVER_TOP, 420",
        "OVER_TOP, 255",
        "ALONG_FRONT, 400",
        "ALONG_FRONT, 230",
        "ROUND_BACK, 480",
        "ROUND_BACK, 260",
        "NAPE_WIDTH, 208"
    })
    void namesTheMeasureThatContradictsTheOthers(Measure wrong, double mm) {
        FittedHead head = HeadFitter.fit(MEDIUM.with(wrong, mm));
        assertThat(head.misfit()).hasValueSatisfying(misfit -> {
            assertThat(misfit.measure()).isEqualTo(wrong);
            double right = MEDIUM.get(wrong).orElseThrow();
            assertThat(misfit.excessMm()).isCloseTo(mm - right, within(0.06 * right));
        });
    }

    @ParameterizedTest
    @CsvSource({"ROUND, 690", "FRONT_TO_NAPE, 470", "OVER_TOP, 430"})
    void namesItFromThreeMeasuresToo(Measure wrong, double mm) {
        FittedHead head = HeadFitter.fit(HeadMeasures.of(565, 360, 330).with(wrong, mm));
        assertThat(head.misfit())
                .hasValueSatisfying(m -> assertThat(m.measure()).isEqualTo(wrong));
    }

    @Test
    void scalingTheTapeScalesTheHead() {
        Scalp one = Scalp.of(HeadFitter.fit(SMALL));
        Scalp larger = Scalp.of(HeadFitter.fit(SMALL.scaled(1.1)));
        assertThat(larger.surface().a() / one.surface().a()).isCloseTo(1.1, within(0.005));
        assertThat(larger.areaMm2() / one.areaMm2()).isCloseTo(1.21, within(0.01));
    }

    @ParameterizedTest
    @EnumSource(Measure.class)
    void refusesLengthsNoTapeShows(Measure m) {
        for (double mm : new double[] {m.limitsMm().min() - 1, m.limitsMm().max() + 1, Double.NaN, -5, 0}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> MEDIUM.with(m, mm))
                    .withMessageContaining(m.words());
        }
    }

    @Test
    void refusesAHeadWithoutItsThreeMeasures() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new HeadMeasures(Map.of(Measure.ROUND, 565.0, Measure.OVER_TOP, 330.0)))
                .withMessageContaining("front to nape is missing");
    }

    @ParameterizedTest
    @MethodSource("everydayHeads")
    void hairlineIsAMirroredLoopRoundTheCrown(HeadMeasures measures) {
        Scalp scalp = Scalp.of(HeadFitter.fit(measures));
        Hairline line = scalp.hairline();
        for (double theta = 0.01; theta < Math.PI; theta += 0.1) {
            assertThat(line.at(theta).mirrored().distance(line.at(-theta))).isLessThan(1e-6);
            assertThat(line.at(theta + 2 * Math.PI).distance(line.at(theta))).isLessThan(1e-6);
        }
        assertThat(line.at(0).distance(scalp.at(Landmark.FRONT_CENTRE))).isLessThan(0.05);
        assertThat(line.at(Math.PI).distance(scalp.at(Landmark.NAPE_CENTRE))).isLessThan(0.05);
        assertThat(line.encloses(scalp.at(Landmark.CROWN))).isTrue();
        assertThat(line.encloses(scalp.at(Landmark.RIGHT_EAR))).isFalse();
        assertThat(line.encloses(scalp.surface().point(0, 0))).isFalse();
        // Away from the ear and down toward the nape: no fold that would make the ear line meet it twice.
        double last = Double.POSITIVE_INFINITY;
        double from = scalp.chart().thetaOf(scalp.at(Landmark.RIGHT_TEMPLE));
        double to = scalp.chart()
                .thetaOf(scalp.surface().onRightSide(-0.36 * scalp.surface().a(), 0));
        for (double theta = from; theta <= to; theta += 0.02) {
            double y = line.at(theta).y();
            assertThat(y).isLessThan(last);
            last = y;
        }
    }
}
