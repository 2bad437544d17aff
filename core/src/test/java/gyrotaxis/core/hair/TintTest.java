package gyrotaxis.core.hair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TintTest {
    @Test
    void blackAndWhiteAndGreyAreDrawnAsTheyAreDefined() {
        assertThat(new Tint(0, 0, 0).hex()).isEqualTo("#000000");
        assertThat(new Tint(100, 0, 0).hex()).isEqualTo("#ffffff");
        // The middle grey of sRGB has L* 53.585.
        assertThat(new Tint(53.585, 0, 0).hex()).isEqualTo("#808080");
        // Pure red of sRGB in L*a*b* under D65.
        assertThat(new Tint(53.24, 80.09, 67.20).hex()).isEqualTo("#ff0000");
    }

    @ParameterizedTest
    @CsvSource({
        "ink, off-black, chestnut",
        "natural black, ink, dark brown",
        "dark brown, brown, honey",
        "rust, copper, chestnut",
        "honey, sand, brown",
        "moon ash, tide grey, sand",
        "burgundy, wine, plum"
    })
    void whatStylistsCallNearIsNearer(String colour, String near, String far) {
        Tint t = Tint.of(colour).orElseThrow();
        assertThat(t.from(Tint.of(near).orElseThrow()))
                .isLessThan(t.from(Tint.of(far).orElseThrow()));
        assertThat(Tint.nearest(colour, List.of(far, "unheard of", near))).contains(near);
    }

    @Test
    void whatRunsFromOneToAnotherLiesBetween() {
        Tint between = Tint.of("ink to copper").orElseThrow();
        assertThat(between.lightness())
                .isBetween(
                        Tint.of("ink").orElseThrow().lightness(),
                        Tint.of("copper").orElseThrow().lightness());
    }

    @Test
    void whatIsNotKnownIsNotGuessed() {
        assertThat(Tint.of("Regatta No 5")).isEmpty();
        assertThat(Tint.nearest("Regatta No 5", List.of("ink"))).isEmpty();
        assertThat(Tint.nearest("ink", List.of("Regatta No 5"))).isEmpty();
    }

    @Test
    void darkAndLightMoveOnlyHowLightItIs() {
        Tint brown = Tint.of("brown").orElseThrow();
        assertThat(Tint.of("dark brown").orElseThrow().lightness()).isLessThan(brown.lightness());
        assertThat(Tint.of("light brown").orElseThrow().lightness()).isGreaterThan(brown.lightness());
        assertThat(Tint.of("ash brown").orElseThrow().yellow()).isLessThan(brown.yellow());
    }
}
