package gyrotaxis.core.scalp;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.scalp.HairlineShape.Nape;
import gyrotaxis.core.scalp.HairlineShape.Peak;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HairlineShapeTest {
    private static final FittedHead HEAD = HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125));
    private static final Scalp USUAL = Scalp.of(HEAD);

    private static Scalp with(double left, double right, Optional<Peak> peak, Nape nape) {
        return Scalp.of(HEAD, new HairlineShape(left, right, peak, nape));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-8, 4, 12, 20})
    void aTempleRecedesAsFarAsSaidAtItsCornerAndNowhereElse(double mm) {
        Scalp s = with(0, mm, Optional.empty(), Nape.ROUND);
        double corner = s.hairline().cornerRad();
        double moved = s.hairline().at(corner).distance(USUAL.hairline().at(corner));
        assertThat(moved).isCloseTo(Math.abs(mm), within(0.12 * Math.abs(mm)));
        boolean isInside = USUAL.hairline().encloses(s.hairline().at(corner));
        assertThat(isInside).isEqualTo(mm > 0);
        for (double theta : new double[] {0, -corner, 2, 3, -2}) {
            assertThat(s.hairline().alphaAt(theta)).isEqualTo(USUAL.hairline().alphaAt(theta));
        }
        assertThat(s.hairline().isMirrored()).isFalse();
        assertThat(s.areaMm2() < USUAL.areaMm2()).isEqualTo(mm > 0);
    }

    @Test
    void aPeakComesDownWhereItIs() {
        Scalp s = with(0, 0, Optional.of(new Peak(-12, 10)), Nape.ROUND);
        double theta = s.hairline().peakRad().orElseThrow();
        assertThat(theta).isNegative();
        Vec3 tip = s.hairline().at(theta);
        assertThat(tip.distance(USUAL.hairline().at(theta))).isCloseTo(10, within(1.2));
        assertThat(USUAL.hairline().encloses(tip)).isFalse();
        assertThat(tip.x()).isCloseTo(-12, within(2.0));
    }

    @Test
    void theNapeIsPointedWhereItsFlanksLieHigher() {
        double pointed = with(0, 0, Optional.empty(), Nape.POINTED).areaMm2();
        double square = with(0, 0, Optional.empty(), Nape.SQUARE).areaMm2();
        assertThat(pointed).isLessThan(USUAL.areaMm2());
        assertThat(square).isGreaterThan(USUAL.areaMm2());
    }

    @Test
    void alikeOnBothSidesItStaysMirrored() {
        Scalp s = with(7, 7, Optional.of(new Peak(0, 8)), Nape.SQUARE);
        assertThat(s.hairline().isMirrored()).isTrue();
        for (double theta = 0; theta < 3.1; theta += 0.1) {
            assertThat(s.hairline().alphaAt(-theta)).isCloseTo(s.hairline().alphaAt(theta), within(1e-12));
        }
    }

    @Test
    void aPlaceKeepsItsMeaningOnAnotherHead() {
        Scalp child = Scalp.of(HeadFitter.fit(HeadMeasures.of(480, 300, 285)));
        for (ScalpPoint p : List.of(new ScalpPoint(0.4, 0.3), new ScalpPoint(-2.1, 0.95), new ScalpPoint(3.1, 1))) {
            for (Scalp s : List.of(USUAL, child)) {
                ScalpPoint back = s.pointAt(s.chartAt(p));
                assertThat(back.thetaRad()).isCloseTo(p.thetaRad(), within(1e-9));
                assertThat(back.out()).isCloseTo(p.out(), within(1e-9));
            }
        }
        assertThat(USUAL.pointAt(new Vec2(0, 500)).out()).isEqualTo(1);
        assertThat(new ScalpPoint(7, 0.5).thetaRad()).isCloseTo(7 - 2 * Math.PI, within(1e-12));
    }

    @Test
    void placesAreNamedByLandmarks() {
        assertThat(USUAL.placeWords(USUAL.at(Landmark.CROWN))).asString().isEqualTo("at the crown");
        Vec3 beside = USUAL.at(Landmark.CROWN).plus(new Vec3(30, 0, 0));
        assertThat(USUAL.placeWords(beside)).asString().isEqualTo("3.0 cm to the right of the crown");
        Vec3 behindLeftEar = USUAL.at(Landmark.LEFT_EAR).plus(new Vec3(4, -32, 6));
        assertThat(USUAL.placeWords(behindLeftEar)).asString().contains("behind the left ear");
    }

    @Test
    void refusesWhatNoHairlineIs() {
        assertThatIllegalArgumentException().isThrownBy(() -> with(26, 0, Optional.empty(), Nape.ROUND));
        assertThatIllegalArgumentException().isThrownBy(() -> with(0, Double.NaN, Optional.empty(), Nape.ROUND));
        assertThatIllegalArgumentException().isThrownBy(() -> new Peak(41, 10));
        assertThatIllegalArgumentException().isThrownBy(() -> new Peak(0, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new ScalpPoint(0, 1.01));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Region(RegionKind.THIN, " ", List.of(new ScalpPoint(0, 0))))
                .withMessageContaining("name");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Region(RegionKind.THIN, "crown", List.of(new ScalpPoint(0, 0))))
                .withMessageContaining("[3, 60]");
    }
}
