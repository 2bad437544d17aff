package gyrotaxis.core.findings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import gyrotaxis.core.findings.WaysOut.WayOut;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Measure;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever cannot be planned has a way out, and every way leads to a plan. */
class WaysOutTest {
    private static final Planner PLANNER = new Planner();
    private static final HeadMeasures MEDIUM = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);
    private static final FoundationBrief ROWS = FoundationBrief.of(14, 5, 12);
    private static final InstallBrief PLAIN = InstallBrief.of(MEDIUM, ROWS, HookedHeads.hair(Texture.DEEP_WAVE));

    private static InstallBrief parted(FoundationBrief rows, double... starts) {
        List<WearingPart> parts =
                Arrays.stream(starts).mapToObj(WearingPart::straight).toList();
        return PLAIN.withFoundation(rows.withParts(parts, FlankSchool.FINE_ROWS));
    }

    static Stream<Arguments> stuck() {
        return Stream.of(
                Arguments.of("a spiral with a part", parted(ROWS.withBack(new Back.Spiral(18)), 0), "straight back"),
                Arguments.of("a part on a part", parted(ROWS, -34, -36), "Start this part"),
                Arguments.of(
                        "a measure that contradicts the others",
                        PLAIN.withMeasures(MEDIUM.with(Measure.ALONG_FRONT, 400)),
                        "estimated"),
                Arguments.of(
                        "a spiral with an overlay",
                        PLAIN.withFoundation(ROWS.withOverlays(List.of(30.0)).withBack(new Back.Spiral(18))),
                        "overlay"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("stuck")
    void everyWayLeadsToAPlan(String what, InstallBrief brief, String says) {
        List<WayOut> ways = WaysOut.of(PLANNER, brief);
        assertThat(ways).as(what).isNotEmpty().hasSizeLessThanOrEqualTo(WaysOut.MAX);
        assertThat(ways)
                .extracting(w -> w.words().toString())
                .doesNotHaveDuplicates()
                .anyMatch(w -> w.contains(says));
        for (WayOut way : ways) {
            assertThatCode(() -> PLANNER.plan(way.brief()))
                    .as("%s", way.words())
                    .doesNotThrowAnyException();
        }
    }

    /** A part is moved no further than it has to be. */
    @Test
    void theNearestPlaceIsOffered() {
        WayOut first = WaysOut.of(PLANNER, parted(ROWS, -34, -36)).get(0);
        List<WearingPart> parts = first.brief().foundation().parts();
        double apart = Math.abs(parts.get(0).startMm() - parts.get(1).startMm());
        assertThat(apart).isLessThanOrEqualTo(62);
        assertThat(first.words().toString()).startsWith("Start this part ");
    }

    @Test
    void aBriefThatComesToAPlanNeedsNone() {
        assertThat(WaysOut.of(PLANNER, PLAIN)).isEmpty();
    }
}
