package gyrotaxis.core.care;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.ScalpPoint;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Weight on rows, and what they should carry. */
class PullTest {
    private static final Hooked HOOKED = HookedHeads.medium(Texture.DEEP_WAVE);

    private static OwnHair own(HairDensity density, ScalpCondition... conditions) {
        return OwnHair.of(density, OwnHair.USUAL_LENGTH_MM, Set.of(conditions));
    }

    private static List<RowPull> pull(OwnHair own, Region... regions) {
        return Pull.of(MEDIUM, STRAIGHT, HOOKED, own, List.of(regions));
    }

    /** A ring of points about the crown. */
    private static Region crown(RegionKind kind) {
        return new Region(
                kind,
                "crown",
                IntStream.range(0, 12)
                        .mapToObj(k -> new ScalpPoint(k * Math.PI / 6 - Math.PI + 0.01, 0.4))
                        .toList());
    }

    /** What lies on the rows is what was hooked, no more and no less. */
    @ParameterizedTest
    @EnumSource(Texture.class)
    void weightIsNeitherLostNorFound(Texture texture) {
        Hooked hooked = HookedHeads.medium(texture);
        List<RowPull> pull = Pull.of(MEDIUM, STRAIGHT, hooked, OwnHair.ordinary(), List.of());
        double onRows = 0;
        for (int i = 0; i < pull.size(); i++) {
            Row row = STRAIGHT.rows().get(i);
            assertThat(pull.get(i).row()).isEqualTo(row.id());
            onRows += pull.get(i).gramsPerCm() * row.lengthMm() / 10;
        }
        double placed = hooked.stations().stream().mapToDouble(hooked::gramsOf).sum();
        assertThat(onRows).isCloseTo(placed, within(1e-6));
    }

    @Test
    void thickHairBearsMoreThanMediumAndMediumMoreThanFine() {
        List<RowPull> fine = pull(own(HairDensity.FINE));
        List<RowPull> medium = pull(own(HairDensity.MEDIUM));
        List<RowPull> thick = pull(own(HairDensity.THICK));
        for (int i = 0; i < fine.size(); i++) {
            assertThat(fine.get(i).limitGramsPerCm()).isLessThan(medium.get(i).limitGramsPerCm());
            assertThat(medium.get(i).limitGramsPerCm()).isLessThan(thick.get(i).limitGramsPerCm());
            assertThat(fine.get(i).share()).isGreaterThan(thick.get(i).share());
        }
    }

    @Test
    void thinEdgesSpareTheRowsThatStartThereAndNoOthers() {
        List<RowPull> usual = pull(own(HairDensity.MEDIUM));
        List<RowPull> thin = pull(own(HairDensity.MEDIUM, ScalpCondition.THIN_EDGES));
        for (int i = 0; i < usual.size(); i++) {
            double left = thin.get(i).limitGramsPerCm() / usual.get(i).limitGramsPerCm();
            assertThat(left).isCloseTo(usual.get(i).isAtEdge() ? 0.6 : 1, within(1e-9));
        }
        assertThat(usual).filteredOn(RowPull::isAtEdge).hasSize(14);
    }

    @ParameterizedTest
    @EnumSource(
            value = RegionKind.class,
            names = {"THIN", "TENDER"})
    void aRegionIsSparedByAsMuchAsARowRunsThroughIt(RegionKind kind) {
        Region region = crown(kind);
        List<RowPull> usual = pull(own(HairDensity.MEDIUM));
        List<RowPull> spared = pull(own(HairDensity.MEDIUM), region);
        int through = 0;
        for (int i = 0; i < usual.size(); i++) {
            boolean runsThrough = Pull.runsThrough(MEDIUM, STRAIGHT.rows().get(i), region);
            double left = spared.get(i).limitGramsPerCm() / usual.get(i).limitGramsPerCm();
            if (runsThrough) {
                through++;
                assertThat(left).isBetween(0.6, 0.9999);
            } else {
                assertThat(left).isCloseTo(1, within(1e-9));
            }
        }
        assertThat(through).isBetween(1, usual.size() - 1);
        assertThat(Pull.gramsIn(MEDIUM, region, HOOKED)).isPositive();
        // A scar is nobody's reason to hook lighter.
        assertThat(pull(own(HairDensity.MEDIUM), crown(RegionKind.SCAR))).isEqualTo(usual);
    }

    @Test
    void rowsLeaveTheHairlineWithinARightAngleAndMatchOnBothSides() {
        List<RowPull> pull = pull(own(HairDensity.MEDIUM));
        List<RowPull> front =
                pull.stream().filter(p -> p.row().section() == Section.FRONT).toList();
        Each.of(front).allSatisfy(p -> assertThat(p.edgeAngleRad()).isBetween(0.0, Math.PI / 2));
        for (int i = 0; i < front.size(); i++) {
            assertThat(front.get(i).edgeAngleRad())
                    .isCloseTo(front.get(front.size() - 1 - i).edgeAngleRad(), within(1e-6));
        }
    }

    @Test
    void rowsThatRunDownHangOnTheNapeAndLevelOnesDoNot() {
        assertThat(pull(own(HairDensity.MEDIUM)))
                .filteredOn(p -> p.row().section() == Section.BACK)
                .hasSize(5)
                .allMatch(RowPull::loadsNape);
        Foundation level = RowLayout.lay(
                MEDIUM,
                FoundationBrief.of(14, new Back.Switchback(4, true, Back.FrontTails.THREADED), 12),
                OwnHair.ordinary());
        Hooked hooked = HookedHeads.hook(level, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary());
        assertThat(Pull.of(MEDIUM, level, hooked, OwnHair.ordinary(), List.of()))
                .filteredOn(p -> p.row().section() == Section.LEVEL)
                .hasSize(4)
                .noneMatch(RowPull::loadsNape);
    }
}
