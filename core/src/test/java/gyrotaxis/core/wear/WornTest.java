package gyrotaxis.core.wear;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.Section;
import gyrotaxis.testing.Each;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
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
        Each.of(all.subList(2, all.size()))
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

    /** Tried as a part, a gap shows its skin on purpose, and the knots beside it that nothing hides. */
    @Test
    void aGapIsTriedAsAPart() {
        Foundation rows = RowLayout.lay(MEDIUM, FoundationBrief.of(14, 6, 12), OwnHair.ordinary());
        Hooked hooked = HookedHeads.hook(rows, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary());
        int gap = 4;
        Worn tried = Worn.inGap(gap);
        assertThat(tried.words()).isEqualTo("down, parted in the gap after front row 5");
        LaidPart part = tried.partsOf(rows).get(0);
        assertThat(part.path().lengthMm()).isCloseTo(rows.gaps().get(gap).openMm(), within(1.0));
        // Its line runs in the middle between the two rows.
        Vec2 start = part.path().chart().get(0);
        double left = start.distance(
                rows.rowsOf(Section.FRONT).get(gap).path().chart().get(0));
        double right = start.distance(
                rows.rowsOf(Section.FRONT).get(gap + 1).path().chart().get(0));
        assertThat(left).isCloseTo(right, within(1e-6));
        List<KnotSight> seen = KnotWatch.of(hooked, rows, tried);
        List<KnotSight> down = KnotWatch.of(hooked, rows, Worn.as(Way.DOWN));
        assertThat(seen).hasSizeGreaterThan(down.size() + 4);
        assertThat(seen)
                .filteredOn(k -> k.why().contains("beside this gap"))
                .isNotEmpty()
                .allMatch(k -> k.station().row().number() == gap + 1
                        || k.station().row().number() == gap + 2);
        // A plan without such a gap is worn as it is.
        assertThat(Worn.inGap(90).partsOf(rows)).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> new Worn(Way.DOWN, OptionalInt.of(0), OptionalInt.of(1)));
    }
}
