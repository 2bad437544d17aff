package gyrotaxis.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class KnotTrialTest {
    private static final Speeds USUAL = Speeds.usual(Installer.STYLIST);

    private static Demand demand(int weeks) {
        return new Demand(weeks, false, false, false, false, 0);
    }

    private static KnotTrial tried(Texture texture, int parts, Tie tie) {
        return KnotTrial.of(HookedHeads.hair(texture), new Share(parts), tie, demand(5), USUAL);
    }

    /** The last week is the last for which the hold says that it lasts. */
    @ParameterizedTest
    @EnumSource(Texture.class)
    void itLastsForAsLongAsItsHoldSays(Texture texture) {
        for (Knot knot : Knot.values()) {
            for (int parts : List.of(1, 2, 4)) {
                Tie tie = Tie.of(knot, knot.hasPasses() ? 2 : 1);
                int weeks = tried(texture, parts, tie).weeks();
                Slip slip = Slip.usual(texture);
                assertThat(weeks == 0 || Hold.wouldLast(slip, new Share(parts), tie, demand(weeks)))
                        .isTrue();
                assertThat(weeks < KnotTrial.MAX_WEEKS
                                && Hold.wouldLast(slip, new Share(parts), tie, demand(weeks + 1)))
                        .isFalse();
            }
        }
    }

    /** Six plain passes against four with a finger turn: the turn holds longer, is tied sooner and comes out sooner. */
    @Test
    void aFingerTurnIsWorthMoreThanTwoMorePasses() {
        KnotTrial six = tried(Texture.SILKY_WAVE, 3, Tie.of(Knot.REGULAR, 6));
        KnotTrial turned = tried(Texture.SILKY_WAVE, 3, Tie.of(Knot.REGULAR, 4).holding(Set.of(ExtraHold.FINGER_TURN)));
        assertThat(turned.hold().score()).isGreaterThan(six.hold().score());
        assertThat(turned.tieSeconds().likely()).isLessThan(six.tieSeconds().likely());
        assertThat(turned.takeOutSeconds().likely())
                .isLessThan(six.takeOutSeconds().likely());
        assertThat(turned.widthMm()).isEqualTo(six.widthMm());
    }

    @Test
    void morePassesTakeLongerAndNeverHoldLess() {
        HairLine hair = HookedHeads.hair(Texture.DEEP_WAVE);
        List<KnotTrial.Passed> by = KnotTrial.byPasses(hair, Share.HALF, Tie.of(Knot.INVISIBLE, 1), demand(5), USUAL);
        assertThat(by).hasSize(Tie.MAX_PASSES);
        for (int i = 1; i < by.size(); i++) {
            assertThat(by.get(i).weeks()).isGreaterThanOrEqualTo(by.get(i - 1).weeks());
            assertThat(by.get(i).tieSeconds().likely())
                    .isGreaterThan(by.get(i - 1).tieSeconds().likely());
        }
        assertThat(KnotTrial.byPasses(hair, Share.HALF, Tie.of(Knot.DOUBLE_ENTRY, 1), demand(5), USUAL))
                .hasSize(1);
    }

    @Test
    void aSmallerShareTakesLessRoomAndAHiddenKnotIsSaidToBe() {
        KnotTrial whole = tried(Texture.DEEP_WAVE, 1, Tie.of(Knot.REGULAR, 2));
        KnotTrial quarter = tried(Texture.DEEP_WAVE, 4, Tie.of(Knot.INVISIBLE, 2));
        assertThat(quarter.widthMm()).isLessThan(whole.widthMm());
        assertThat(quarter.grams() * 4).isEqualTo(whole.grams());
        assertThat(whole.isHidden()).isFalse();
        assertThat(quarter.isHidden()).isTrue();
    }
}
