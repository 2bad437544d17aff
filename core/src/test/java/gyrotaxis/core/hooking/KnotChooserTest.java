package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.hair;
import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Money;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class KnotChooserTest {
    private static final Method USUAL = Method.usual();
    private static final Demand QUIET = Demand.ordinary();
    private static final Demand HARD = new Demand(10, true, true, true, false, 0);

    private static HairLine beaded(Texture texture) {
        HairLine l = hair(texture);
        return new HairLine(
                l.name(),
                l.texture(),
                l.lengthMm(),
                true,
                20,
                1,
                l.gramsPerLoop(),
                Money.of(650, "EUR"),
                false,
                l.colours());
    }

    static Stream<Arguments> everyCase() {
        return Stream.of(QUIET, HARD)
                .flatMap(d -> Stream.of(Texture.values())
                        .flatMap(t -> Stream.of(Role.values()).map(role -> Arguments.of(role, t, d))));
    }

    @ParameterizedTest
    @MethodSource("everyCase")
    void takesTheFewestPassesThatLast(Role role, Texture texture, Demand demand) {
        HairLine hair = hair(texture);
        Slip slip = hair.fibre().slip();
        for (int parts = 1; parts <= Share.MAX_PARTS; parts++) {
            Share share = new Share(parts);
            Tie tie = new KnotChooser(USUAL, demand).choose(role, share, hair);
            int fewest = IntStream.rangeClosed(1, Tie.USEFUL_PASSES)
                    .filter(n -> Hold.of(slip, share, tie.holding(Set.of()).passing(n), demand)
                            .lasts())
                    .findFirst()
                    .orElse(tie.knot().hasPasses() ? Tie.USEFUL_PASSES : 1);
            assertThat(tie.passes()).isEqualTo(fewest);
            boolean standsWind = demand.isWindy() && role == Role.HAIRLINE;
            assertThat(standsWind
                            || tie.holds().isEmpty()
                            || !Hold.of(slip, share, tie.holding(Set.of()).passing(fewest), demand)
                                    .lasts())
                    .as("nothing extra is tied where passes are enough")
                    .isTrue();
        }
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void whatWillBeSeenDecidesBeforeTheHairDoes(Texture texture) {
        KnotChooser usual = new KnotChooser(USUAL, QUIET);
        for (HairLine hair : List.of(hair(texture), beaded(texture))) {
            assertThat(usual.choose(Role.PART, Share.HALF, hair).knot()).isEqualTo(Knot.INVISIBLE);
            assertThat(usual.choose(Role.HAIRLINE, Share.HALF, hair).knot()).isEqualTo(Knot.INVISIBLE);
            assertThat(new KnotChooser(USUAL.with(Method.PartKnot.DOUBLE_ENTRY), QUIET)
                            .choose(Role.PART, Share.HALF, hair)
                            .knot())
                    .isEqualTo(Knot.DOUBLE_ENTRY);
            Demand up = new Demand(5, false, false, false, true, 0);
            assertThat(new KnotChooser(USUAL, up)
                            .choose(Role.PERIMETER, Share.HALF, hair)
                            .knot())
                    // A knotless one has no passes to hold sliding fibre by.
                    .isEqualTo(hair.fibre().slip() == Slip.SLIDING ? Knot.INVISIBLE : Knot.DOUBLE_ENTRY);
        }
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void aBeadTakesThePlaceOfAKnotWhereNobodySeesIt(Texture texture) {
        Tie tie = new KnotChooser(USUAL, HARD).choose(Role.ROW, Share.HALF, beaded(texture));
        assertThat(tie.knot()).isEqualTo(Knot.BEAD);
        assertThat(tie.passes()).isEqualTo(1);
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void ofASingleLegAThirdToAHalfGoesThroughAndTheMoreTheMoreItSlides(Texture texture) {
        HairLine hair = hair(texture);
        Tie tie = new KnotChooser(USUAL, QUIET).choose(Role.PART, Share.THIRD, hair);
        double expected = switch (hair.fibre().slip()) {
            case GRIPPY -> 0.33;
            case MIDDLING -> 0.4;
            case SLIDING -> 0.5;
        };
        assertThat(tie.legPart()).isEqualTo(expected);
        assertThat(tie.legWords()).startsWith(Math.round(expected * 100) + " % of the fibre");
        assertThat(Hold.of(hair.fibre().slip(), Share.THIRD, tie.through(0.45), QUIET)
                        .score())
                .isGreaterThan(Hold.of(hair.fibre().slip(), Share.THIRD, tie.through(0.35), QUIET)
                        .score());
        // Where both legs or one whole leg go through nothing is parted.
        assertThat(new KnotChooser(USUAL, QUIET)
                        .choose(Role.ROW, Share.WHOLE, hair)
                        .legPart())
                .isEqualTo(1);
    }

    @Test
    void onlySmallSharesOfSlidingHairAreTwistedFirst() {
        for (Texture texture : Texture.values()) {
            HairLine hair = hair(texture);
            for (int parts = 1; parts <= Share.MAX_PARTS; parts++) {
                Knot knot = new KnotChooser(USUAL, QUIET)
                        .choose(Role.ROW, new Share(parts), hair)
                        .knot();
                boolean locks = hair.fibre().slip() == Slip.SLIDING && parts >= Hold.LOCKS_FROM_PARTS;
                assertThat(knot).isEqualTo(locks ? Knot.TWIST_FIRST : Knot.REGULAR);
            }
        }
    }

    @Test
    void tinySharesAtTheHairlineGoThroughTwice() {
        Method tiny = USUAL.with(USUAL.knots().with(Method.HairlineKnot.TINY_TWICE));
        Tie tie = new KnotChooser(tiny, QUIET).choose(Role.HAIRLINE, Share.QUARTER, hair(Texture.COARSE_KINKY));
        assertThat(tie.knot()).isEqualTo(Knot.REGULAR);
        assertThat(tie.passes()).isEqualTo(2);
    }

    @Test
    void aHairlineThatMustStandWindGetsTwoHoldsBeyondItsPasses() {
        HairLine silky = hair(Texture.SILKY_WAVE);
        Tie windy = new KnotChooser(USUAL, HARD).choose(Role.HAIRLINE, Share.QUARTER, silky);
        assertThat(windy.holds()).contains(ExtraHold.FINGER_TURN, ExtraHold.CARRIED_BACK);
        Demand still = new Demand(5, false, false, false, false, 0);
        assertThat(new KnotChooser(USUAL, still)
                        .choose(Role.HAIRLINE, Share.QUARTER, silky)
                        .holds())
                .isEmpty();
    }

    /** Where passes do not do, extra hold is tied in the order in which it is tried; only a single leg can be carried back. */
    @Test
    void whatPassesCannotHoldGetsExtraHold() {
        HairLine silky = hair(Texture.SILKY_WAVE);
        Demand hard = new Demand(8, true, false, false, false, 0);
        Tie tie = new KnotChooser(USUAL, hard).choose(Role.ROW, Share.WHOLE, silky);
        assertThat(tie.passes()).isEqualTo(Tie.USEFUL_PASSES);
        assertThat(tie.holds()).contains(ExtraHold.FINGER_TURN).doesNotContain(ExtraHold.CARRIED_BACK);
        assertThat(Hold.wouldLast(Slip.SLIDING, Share.WHOLE, tie, hard)).isTrue();
    }

    @ParameterizedTest
    @EnumSource(Slip.class)
    void theLargestShareThatLastsDoesAndTheNextLargerDoesNot(Slip slip) {
        for (int weeks = 1; weeks <= 16; weeks++) {
            Demand demand = new Demand(weeks, true, false, true, false, 0);
            int parts = Hold.largestThatLasts(slip, demand).map(Share::parts).orElse(Share.MAX_PARTS + 1);
            for (int p = 1; p <= Share.MAX_PARTS; p++) {
                Knot best = slip == Slip.SLIDING && p >= Hold.LOCKS_FROM_PARTS ? Knot.TWIST_FIRST : Knot.REGULAR;
                boolean lasts = Hold.of(slip, new Share(p), Tie.of(best, Tie.MAX_PASSES), demand)
                        .lasts();
                if (p < parts) {
                    assertThat(lasts).isFalse();
                } else if (p == parts) {
                    assertThat(lasts).isTrue();
                }
            }
        }
    }
}
