package gyrotaxis.core.estimate;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.braiding.TailRouter;
import gyrotaxis.core.estimate.FoundationNeeds.Need;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.scalp.ScalpPoint;
import gyrotaxis.core.terms.Material;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a foundation takes besides loops, each on a line of its own. */
class FoundationNeedsTest {
    private static final FoundationBrief PLAIN = FoundationBrief.of(14, 5, 12);

    private static List<Need> needs(FoundationBrief brief, Region... regions) {
        Foundation rows = lay(brief, regions);
        // Every head has a loose end that is stitched.
        return all(brief, rows, regions).stream()
                .filter(n -> n.material() != Material.THREAD)
                .toList();
    }

    private static List<Need> all(FoundationBrief brief, Foundation rows, Region... regions) {
        return FoundationNeeds.of(
                MEDIUM, rows, TailRouter.route(rows, List.of(), OwnHair.ordinary()), brief, List.of(regions));
    }

    private static Foundation lay(FoundationBrief brief, Region... regions) {
        return RowLayout.lay(MEDIUM, brief, OwnHair.ordinary(), List.of(regions));
    }

    private static Need only(List<Need> needs, String what) {
        Optional<Need> found =
                needs.stream().filter(n -> n.what().startsWith(what)).findFirst();
        assertThat(found).as(what).isPresent();
        return found.orElseThrow();
    }

    private static Region crown(RegionKind kind, double out) {
        return new Region(
                kind,
                "crown",
                IntStream.range(0, 12)
                        .mapToObj(k -> new ScalpPoint(k * Math.PI / 6 - Math.PI + 0.01, out))
                        .toList());
    }

    @Test
    void aPlainFoundationTakesNothing() {
        assertThat(needs(PLAIN)).isEmpty();
    }

    @Test
    void fibreIsFedByTheCentimetre() {
        Need fed = only(needs(PLAIN.withFibreFed(true)), "fibre fed");
        double cm = lay(PLAIN).lengthMm() / 10;
        assertThat(fed.amount().likely()).isCloseTo(0.05 * cm, within(1e-6));
        assertThat(fed.amount().low()).isLessThan(fed.amount().likely());
        assertThat(fed.amount().high()).isGreaterThan(fed.amount().likely());
        assertThat(fed.kind()).isEqualTo(Quantity.Kind.GRAMS);
    }

    @ParameterizedTest
    @EnumSource(
            value = RegionKind.class,
            names = {"BUN", "SHOWN_BRAIDS"})
    void whatIsLeftOutTakesFibreByItsArea(RegionKind kind) {
        double small =
                only(needs(PLAIN, crown(kind, 0.2)), "fibre for").amount().likely();
        double large =
                only(needs(PLAIN, crown(kind, 0.3)), "fibre for").amount().likely();
        double areas =
                Scalp.areaMm2(MEDIUM.chartOf(crown(kind, 0.3))) / Scalp.areaMm2(MEDIUM.chartOf(crown(kind, 0.2)));
        assertThat(large / small).isCloseTo(areas, within(1e-6));
        assertThat(needs(PLAIN, crown(RegionKind.NO_GO, 0.2))).isEmpty();
    }

    @Test
    void doubledWeftsTakeTwiceTheLengthOfTheirRows() {
        FoundationBrief single = FoundationBrief.of(14, new Back.Wefted(4, false), 12);
        FoundationBrief doubled = FoundationBrief.of(14, new Back.Wefted(4, true), 12);
        double rowsMm = lay(single).rowsOf(Section.LEVEL).stream()
                .mapToDouble(Row::lengthMm)
                .sum();
        assertThat(only(needs(single), "weft").amount().likely()).isCloseTo(rowsMm, within(1e-6));
        assertThat(only(needs(doubled), "weft, doubled").amount().likely()).isCloseTo(2 * rowsMm, within(1e-6));
    }

    @Test
    void aCapIsCutByItsAreaAndItsHolesAreNamed() {
        FoundationBrief fine = FoundationBrief.of(14, new Back.Capped(4, 20, false, false), 12);
        FoundationBrief wide = FoundationBrief.of(14, new Back.Capped(4, 20, true, false), 12);
        Need cap = only(needs(fine), "mesh cap, fine holes");
        assertThat(cap.kind()).isEqualTo(Quantity.Kind.AREA_MM2);
        assertThat(cap.amount().likely())
                .isCloseTo(Scalp.areaMm2(lay(fine).cap().orElseThrow().area()), within(1e-4));
        assertThat(only(needs(wide), "mesh cap, wide holes").amount()).isEqualTo(cap.amount());
    }

    @Test
    void oneBandForEveryBase() {
        RimBrief.Individuals banded = RimBrief.Individuals.along(RimBrief.Where.FRONT, 10, 1, 14, true);
        FoundationBrief brief = PLAIN.withRim(RimBrief.plain().withIndividuals(banded));
        int plaits = lay(brief).rowsOf(Section.INDIVIDUAL).size();
        assertThat(plaits).isPositive();
        assertThat(only(needs(brief), "small elastic bands").amount()).isEqualTo(Estimate.exactly(plaits));
        RimBrief.Individuals loose = RimBrief.Individuals.along(RimBrief.Where.FRONT, 10, 1, 14, false);
        assertThat(needs(PLAIN.withRim(RimBrief.plain().withIndividuals(loose))))
                .isEmpty();
    }

    /** What is threaded is stitched, and so is what is loose. */
    @Test
    void threadIsCountedByTheTailsThatAreStitched() {
        FoundationBrief brief = FoundationBrief.of(14, new Back.Switchback(4, true, Back.FrontTails.THREADED), 12);
        Foundation rows = lay(brief);
        long stitched = TailRouter.route(rows, List.of(), OwnHair.ordinary()).tails().stream()
                .filter(t -> t.end() == TailEnd.THREADED || !t.end().isSecured())
                .count();
        assertThat(all(brief, rows))
                .filteredOn(n -> n.material() == Material.THREAD)
                .singleElement()
                .satisfies(n -> assertThat(n.amount()).isEqualTo(Estimate.exactly(stitched)));
    }
}
