package gyrotaxis.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.estimate.ChairTime.Stage;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.estimate.Purchase;
import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.findings.Severity;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.StationPlacer;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlannerTest {
    private static final HeadMeasures MEDIUM = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);
    private static final InstallBrief BRIEF = brief(Texture.DEEP_WAVE);
    private final Planner planner = new Planner();

    private static InstallBrief brief(Texture texture) {
        return InstallBrief.of(MEDIUM, FoundationBrief.of(14, 5, 12), hair(texture, false));
    }

    private static HairLine hair(Texture texture, boolean coated) {
        return new HairLine(
                "Slack Water",
                texture,
                300,
                false,
                20,
                1,
                texture.usualGramsPerM() * 0.3,
                Money.of(650, "EUR"),
                coated,
                List.of("ink"));
    }

    @Test
    void equalBriefsGiveEqualPlansToTheLetter() {
        String first = planner.plan(BRIEF).stations().toString();
        planner.plan(BRIEF.withFullness(0.6).withMeasures(MEDIUM.with(Measure.ROUND, 560)));
        assertThat(new Planner().plan(BRIEF).stations().toString()).isEqualTo(first);
        assertThat(planner.plan(BRIEF).stations().toString()).isEqualTo(first);
    }

    @ParameterizedTest
    @CsvSource({
        "COARSE_KINKY,60,100", "SPRINGY_CURL,65,100", "SHORT_TWIST,65,100",
        "DEEP_WAVE,100,145", "LOOSE_WAVE,100,145", "SILKY_WAVE,120,180"
    })
    void aFullLookOnAMediumHeadTakesWhatStylistsCount(Texture texture, int least, int most) {
        Purchase packs = planner.plan(brief(texture)).packs();
        assertThat(packs.neededLoops()).isBetween(least, most);
    }

    @Test
    void fullerTakesMoreLoopsAndNeverFewerPacks() {
        int loops = 0;
        int packs = 0;
        for (double fullness = 0.5; fullness <= 1.6; fullness += 0.05) {
            Purchase count = planner.plan(BRIEF.withFullness(fullness)).packs();
            // Whole stations in short rows step unevenly; a step back may not exceed one share a row.
            assertThat(count.neededLoops()).isGreaterThanOrEqualTo(loops - 2);
            assertThat(count.packs()).isGreaterThanOrEqualTo(packs);
            loops = count.neededLoops();
            packs = count.packs();
        }
        assertThat(loops).isGreaterThan(120);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 19, 20, 21, 79, 80, 500})
    void packsAreWholeAndLoopsAreConserved(int onShelf) {
        InstallPlan plan = planner.plan(BRIEF.withShelfLoops(onShelf));
        PackCount c = plan.packs().main();
        assertThat(c.packs() * 20 + onShelf).isEqualTo(c.neededLoops() + c.leftOverLoops());
        assertThat(c.leftOverLoops()).isNotNegative();
        assertThat(c.packs() == 0 || c.leftOverLoops() < 20).isTrue();
        assertThat(c.cost()).isEqualTo(Money.of(650L * c.packs(), "EUR"));
        assertThat(plan.hooked().tallies().get(0).shares())
                .isEqualTo(plan.stations().size());
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void stationsKeepToTheirRowsAndZones(Texture texture) {
        InstallPlan plan = planner.plan(brief(texture));
        for (Row row : plan.foundation().rows()) {
            double last = -3;
            List<Station> own = plan.stations().stream()
                    .filter(s -> s.id().row().equals(row.id()))
                    .toList();
            assertThat(own).isNotEmpty();
            for (Station s : own) {
                assertThat(s.alongRowMm()).isBetween(last + 3, row.lengthMm());
                assertThat(plan.scalp().hairline().encloses(s.space())).isTrue();
                Share usual = plan.hooked().plan().setting(s.zone()).share();
                // Small at the hairline, where it is seen; elsewhere halved or doubled as the strip is narrow or wide.
                if (texture.goesInWhole()) {
                    assertThat(s.share()).isEqualTo(Share.WHOLE);
                } else if (s.role() == Role.HAIRLINE) {
                    assertThat(s.share().parts()).isGreaterThanOrEqualTo(4);
                } else {
                    assertThat((double) s.share().parts() / usual.parts()).isIn(0.5, 2.0 / 3, 1.0, 1.5, 2.0);
                }
                last = s.alongRowMm();
            }
            if (row.joins().isPresent()) {
                assertThat(own.get(0).alongRowMm()).isGreaterThanOrEqualTo(StationPlacer.EDGE_MM);
            }
        }
    }

    @Test
    void hookedClosestInFrontAndWidestAtTheNape() {
        HookingPlan usual = HookingPlan.usual(Texture.SILKY_WAVE, 1);
        double last = 0;
        for (double t = 0; t <= 1; t += 0.05) {
            assertThat(usual.usualSpacingMm(t)).isGreaterThanOrEqualTo(last);
            last = usual.usualSpacingMm(t);
        }
        // Hair for an area: on a strip half as wide, shares sit twice as far apart.
        assertThat(usual.spacingMm(0.35, 40)).isCloseTo(usual.spacingMm(0.35, 20) / 2, within(1e-9));
        assertThat(Zone.at(0)).isEqualTo(Zone.FRONT);
        assertThat(Zone.at(1)).isEqualTo(Zone.NAPE);
        assertThatIllegalArgumentException().isThrownBy(() -> HookingPlan.usual(Texture.SILKY_WAVE, 0));
    }

    @Test
    void bothSidesEndWithTheSameNumberAndTheSameShares() {
        InstallPlan plan = planner.plan(BRIEF);
        for (Row row : plan.foundation().rows()) {
            Row other = plan.foundation().mirrorOf(row).orElseThrow();
            if (!other.equals(row)) {
                assertThat(on(plan, row)).hasSameSizeAs(on(plan, other));
                assertThat(on(plan, row).stream().map(Station::share))
                        .isEqualTo(on(plan, other).stream().map(Station::share).toList());
            }
        }
    }

    /** Bricks: nearer to midway between two neighbours than to level with one, on average over the head. */
    @Test
    void stationsSitOppositeGaps() {
        InstallPlan plan = planner.plan(BRIEF);
        int midway = 0;
        int all = 0;
        for (int i = 8; i < 14; i++) {
            List<Station> inner = on(plan, plan.foundation().rows().get(i - 1 + 5));
            for (Station s : on(plan, plan.foundation().rows().get(i + 5))) {
                List<Double> d = inner.stream()
                        .map(n -> n.space().distance(s.space()))
                        .sorted()
                        .limit(2)
                        .toList();
                all++;
                midway += d.get(1) - d.get(0) < 0.5 * plan.hooked().plan().spacingMm(0.2, 16) ? 1 : 0;
            }
        }
        assertThat((double) midway / all).isGreaterThan(0.55);
    }

    private static List<Station> on(InstallPlan plan, Row row) {
        return plan.stations().stream()
                .filter(s -> s.id().row().equals(row.id()))
                .toList();
    }

    @Test
    void onOneselfTakesLonger() {
        InstallBrief self = BRIEF.by(Installer.SELF);
        assertThat(planner.plan(self).time().inChair().low())
                .isGreaterThan(planner.plan(BRIEF).time().inChair().low());
        // Nothing is sewn, banded or hooked off the head here; one loose end is stitched.
        assertThat(planner.plan(BRIEF).time().minutes().keySet())
                .containsExactly(
                        Stage.SPLITTING,
                        Stage.BRAIDING,
                        Stage.SECURING,
                        Stage.HOOKING,
                        Stage.TRYING,
                        Stage.FILLS,
                        Stage.FINISHING);
        assertThat(planner.plan(BRIEF).time().inChair().likely()).isBetween(60.0, 240.0);
    }

    @Test
    void ropeThickRowsComeWithARemedyThatWorks() {
        InstallBrief thick = BRIEF.withOwnHair(haired(HairDensity.THICK)).withFoundation(FoundationBrief.of(6, 4, 12));
        Finding rope = only(planner.plan(thick), Code.ROPE_THICK_ROWS);
        InstallBrief mended = rope.remedies().get(0).brief();
        assertThat(codes(planner.plan(mended))).doesNotContain(Code.ROPE_THICK_ROWS);
    }

    @Test
    void rowsThatDoNotFitSayHowManyDo() {
        InstallBrief child =
                InstallBrief.of(HeadMeasures.of(450, 278, 262), FoundationBrief.of(20, 6, 0), BRIEF.hair());
        Finding narrow = only(planner.plan(child), Code.ROWS_TOO_NARROW);
        assertThat(codes(planner.plan(narrow.remedies().get(0).brief()))).doesNotContain(Code.ROWS_TOO_NARROW);
    }

    @Test
    void aPartThatClosesEarlyComesWithARemedyThatOpensIt() {
        InstallBrief middle = BRIEF.withFoundation(
                BRIEF.foundation().withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS));
        Finding closes = only(planner.plan(middle), Code.PART_CLOSES_EARLY);
        assertThat(closes.place()).isEqualTo(new Place.AtPart(1));
        InstallBrief mended = closes.remedies().get(0).brief();
        assertThat(FoundationBrief.rowsOf(mended.foundation().back())).isIn(4, 6);
        assertThat(codes(planner.plan(mended))).doesNotContain(Code.PART_CLOSES_EARLY);
    }

    @Test
    void aPartTooNarrowForSkinIsWidened() {
        InstallBrief crowded = BRIEF.withOwnHair(haired(HairDensity.THICK))
                .withFoundation(FoundationBrief.of(20, 6, 12)
                        .withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS));
        Finding narrow = only(planner.plan(crowded), Code.PART_TOO_NARROW);
        assertThat(codes(planner.plan(narrow.remedies().get(0).brief()))).doesNotContain(Code.PART_TOO_NARROW);
    }

    @Test
    void joinsThatCannotMatchAreSaid() {
        InstallBrief odd = BRIEF.withFoundation(FoundationBrief.of(13, 4, 0));
        assertThat(only(planner.plan(odd), Code.UNEVEN_JOINS).severity()).isEqualTo(Severity.HINT);
    }

    @Test
    void aMisfitIsSaidAndAnAbsurdOneRefused() {
        Finding f = only(planner.plan(BRIEF.withMeasures(MEDIUM.with(Measure.ALONG_FRONT, 335))), Code.MEASURE_MISFIT);
        assertThat(f.place()).isEqualTo(new Place.Taken(Measure.ALONG_FRONT));
        assertThat(f.reason()).asString().contains("33.5 cm").contains("Measure it again");
        assertThatExceptionOfType(ContradictoryMeasuresException.class)
                .isThrownBy(() -> planner.plan(BRIEF.withMeasures(MEDIUM.with(Measure.OVER_TOP, 425))))
                .satisfies(e -> assertThat(e.misfit().measure()).isEqualTo(Measure.OVER_TOP));
    }

    @Test
    void cautionsFollowFromTheScalpAndTheHair() {
        InstallBrief sore = InstallBrief.of(MEDIUM, BRIEF.foundation(), hair(Texture.DEEP_WAVE, true))
                .withOwnHair(OwnHair.of(HairDensity.FINE, OwnHair.USUAL_LENGTH_MM, Set.of(ScalpCondition.values())));
        List<Finding> findings = Findings.of(planner.plan(sore));
        assertThat(findings.get(0).severity()).isEqualTo(Severity.STOP);
        assertThat(findings)
                .extracting(f -> f.reason().toString())
                .contains(Caution.DO_NOT_INSTALL.words(), Caution.RINSE_FIRST.words());
        assertThat(Findings.of(planner.plan(BRIEF))).extracting(Finding::code).containsOnly(Code.LOOSE_END);
    }

    private static Finding only(InstallPlan plan, Code code) {
        return Findings.of(plan).stream()
                .filter(f -> f.code() == code)
                .findFirst()
                .orElseThrow();
    }

    private static OwnHair haired(HairDensity density) {
        return OwnHair.of(density, OwnHair.USUAL_LENGTH_MM, Set.of());
    }

    private static List<Code> codes(InstallPlan plan) {
        return Findings.of(plan).stream().map(Finding::code).toList();
    }

    @Test
    void noMoreHeadsPlansAndGridsAreHeldThanIsSaid() {
        int heads = 3;
        int plans = 2;
        int grids = 4;
        Planner many = new Planner(heads, plans, grids);
        for (int i = 0; i < 2 * heads; i++) {
            InstallPlan plan = many.plan(BRIEF.withMeasures(MEDIUM.with(Measure.ROUND, 555 + i * 0.25)));
            many.wear(plan, Worn.as(Way.DOWN), 0, 600);
            many.wear(plan, Worn.as(Way.DOWN), 0, 700);
        }
        assertThat(many.remembered()).isGreaterThan(heads).isLessThanOrEqualTo(heads + plans + grids);
    }
}
