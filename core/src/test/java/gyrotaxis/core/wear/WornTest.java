package gyrotaxis.core.wear;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.scalp.OwnHair;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The ways in which a foundation can be worn. */
class WornTest {
    private static final Foundation TWO_PARTS = RowLayout.lay(
            MEDIUM,
            FoundationBrief.of(14, 5, 12)
                    .withParts(List.of(WearingPart.straight(-40), WearingPart.straight(40)), FlankSchool.FINE_ROWS),
            OwnHair.ordinary());

    @Test
    void withPartsItIsWornDownWithEachAndThenInEveryOtherWayOnce() {
        List<Worn> all = Worn.all(TWO_PARTS);
        assertThat(all).startsWith(Worn.parted(0), Worn.parted(1)).hasSize(2 + Way.values().length - 1);
        assertThat(all.subList(2, all.size()))
                .allMatch(w -> w.part().isEmpty())
                .extracting(Worn::way)
                .containsExactlyElementsOf(
                        Arrays.stream(Way.values()).filter(w -> w != Way.DOWN).toList());
    }

    @Test
    void withoutPartsItIsWornDownWithNone() {
        assertThat(Worn.all(STRAIGHT)).startsWith(Worn.as(Way.DOWN)).hasSize(Way.values().length);
    }

    @Test
    void isSaidWithThePartAsItIsCounted() {
        assertThat(Worn.parted(1).words()).isEqualTo("down with part 2");
        assertThat(Worn.as(Way.HIGH_PONYTAIL).words()).isEqualTo("high ponytail");
    }

    @Test
    void aPartThatIsNotThereIsNotWorn() {
        assertThat(Worn.parted(1).partsOf(TWO_PARTS))
                .containsExactly(TWO_PARTS.parts().get(1));
        assertThat(Worn.parted(2).partsOf(TWO_PARTS)).isEmpty();
        assertThat(Worn.as(Way.DOWN).partsOf(TWO_PARTS)).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> Worn.parted(-1)).withMessageContaining("part");
    }
}
