package gyrotaxis.core.findings;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.care.Habit;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Knots that slide, knots that show, and what is said of a plan as it is worn. */
class KnotFindingsTest {
    private final Planner planner = new Planner();

    private static InstallBrief brief(Texture texture, WearingPart... parts) {
        return InstallBrief.of(
                HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                FoundationBrief.of(14, 6, 12).withParts(List.of(parts), FlankSchool.FINE_ROWS),
                HookedHeads.hair(texture));
    }

    private Optional<Finding> said(InstallBrief brief, Code code) {
        return Findings.of(planner.plan(brief)).stream()
                .filter(f -> f.code() == code)
                .findFirst();
    }

    private long sliding(InstallBrief brief) {
        InstallPlan plan = planner.plan(brief);
        return plan.stations().stream()
                .filter(s -> !plan.hooked().lasts(s, brief.demand()))
                .count();
    }

    /** A default never warns about itself: what passes cannot hold gets extra hold, and that is settled. */
    @ParameterizedTest
    @EnumSource(Texture.class)
    void noKnotOfTheUsualMethodSlides(Texture texture) {
        for (int weeks : new int[] {3, 5, 8}) {
            for (Set<Habit> habits : List.<Set<Habit>>of(Set.of(), Set.of(Habit.SPORT), Set.of(Habit.WIND))) {
                assertThat(said(
                                brief(texture)
                                        .withConsultation(Consultation.plain()
                                                .wornFor(weeks)
                                                .living(habits)),
                                Code.KNOT_SLIPS))
                        .as("%s weeks, %s", weeks, habits)
                        .isEmpty();
            }
        }
    }

    /** Sliding fibre in whole loops, tied by hand with a single pass. */
    @Test
    void slidingKnotsAreSaidAndEveryRemedyHelps() {
        InstallBrief asIs = brief(Texture.SILKY_WAVE)
                .withConsultation(Consultation.plain().wornFor(8).living(Set.of(Habit.SPORT, Habit.SWIMMING)));
        List<StationEdit> once = new ArrayList<>();
        InstallPlan tied = planner.plan(asIs);
        tied.stations().stream()
                .filter(s -> s.share().equals(Share.WHOLE))
                .limit(12)
                .forEach(s -> {
                    Row row = tied.foundation().row(s.id().row()).orElseThrow();
                    double at = s.alongRowMm() / row.lengthMm();
                    once.add(new StationEdit.Retie(row.id(), at, Knot.REGULAR));
                    once.add(new StationEdit.Pass(row.id(), at, 1));
                });
        InstallBrief hard = asIs.withHooking(asIs.hooking().withEdits(once));
        Finding slips = said(hard, Code.KNOT_SLIPS).orElseThrow();
        assertThat(slips.reason()).asString().contains("sliding fibre", "8 weeks, sport, swimming");
        assertThat(slips.remedies())
                .extracting(r -> r.words().toString())
                .first()
                .isEqualTo("Leave how they are tied to the method");
        for (Remedy r : slips.remedies()) {
            assertThat(sliding(r.brief())).as(r.words().toString()).isLessThan(sliding(hard));
        }
        assertThat(said(brief(Texture.TIGHT_CURL), Code.KNOT_SLIPS)).isEmpty();
    }

    @Test
    void aRegularKnotBesideAPartShowsUntilItIsTiedInvisible() {
        InstallBrief parted = brief(Texture.DEEP_WAVE, WearingPart.straight(-34));
        assertThat(said(parted, Code.KNOT_SHOWS)).isEmpty();
        Station beside = planner.plan(parted).stations().stream()
                .filter(s -> s.role() == Role.PART)
                .findFirst()
                .orElseThrow();
        double at = beside.alongRowMm()
                / planner.plan(parted)
                        .foundation()
                        .row(beside.id().row())
                        .orElseThrow()
                        .lengthMm();
        InstallBrief regular = parted.withHooking(HookingBrief.usual()
                .withEdits(List.of(new StationEdit.Retie(beside.id().row(), at, Knot.REGULAR))));
        Finding shows = said(regular, Code.KNOT_SHOWS).orElseThrow();
        assertThat(shows.place()).isEqualTo(new Place.AtStation(beside.id()));
        assertThat(shows.reason()).asString().contains("beside the part");
        assertThat(said(shows.remedies().get(0).brief(), Code.KNOT_SHOWS)).isEmpty();
    }

    @Test
    void aRowBesideTwoPartsIsSaidWithAKnotlessRemedy() {
        WearingPart[] near = {WearingPart.straight(-12), WearingPart.straight(12)};
        InstallBrief two = brief(Texture.DEEP_WAVE, near);
        boolean shares = planner.plan(two)
                .foundation()
                .parts()
                .get(0)
                .gap()
                .right()
                .equals(planner.plan(two).foundation().parts().get(1).gap().left());
        Optional<Finding> contested = said(two, Code.BEARING_CONTESTED);
        assertThat(contested.isPresent()).isEqualTo(shares);
        contested.ifPresent(f -> assertThat(
                        f.remedies().get(0).brief().hooking().method().knots().part())
                .isEqualTo(Method.PartKnot.DOUBLE_ENTRY));
    }

    @Test
    void aChangeThatHasLostItsRowCanBeForgotten() {
        InstallBrief lost = brief(Texture.DEEP_WAVE)
                .withHooking(HookingBrief.usual()
                        .withEdits(List.of(new StationEdit.Remove(new RowId(Section.LEVEL, 3), 0.5))));
        Finding f = said(lost, Code.EDIT_LOST).orElseThrow();
        assertThat(f.remedies().get(0).brief().hooking().edits()).isEmpty();
    }

    @Test
    void wornWithHalfTheHairScalpShowsAndItsRemedyHelps() {
        InstallBrief thin = brief(Texture.DEEP_WAVE).withFullness(0.5);
        thin = thin.withHooking(thin.hooking().wishing(Zone.FRONT, new ZoneWish(0.4, Optional.empty())));
        InstallPlan plan = planner.plan(thin);
        WearView worn = planner.wear(plan, Worn.as(Way.DOWN));
        List<Finding> remarks = WornFindings.of(plan, worn);
        Finding barely = remarks.stream()
                .filter(f -> f.code() == Code.SCALP_SHOWS)
                .findFirst()
                .orElseThrow();
        Zone barest = ((Place.InZone) barely.place()).zone();
        WearView mended = planner.wear(planner.plan(barely.remedies().get(0).brief()), Worn.as(Way.DOWN));
        assertThat(mended.cover().exposedByZone().get(barest))
                .isLessThan(worn.cover().exposedByZone().get(barest));
        assertThat(worn.rowsShowing()).isNotEmpty();
        assertThat(remarks).extracting(Finding::code).doesNotContain(Code.TOO_ROUND);
    }

    @Test
    void aFullNapeIsHotForSomebodyInTheHeat() {
        InstallBrief full = brief(Texture.DEEP_WAVE).withFullness(1.3);
        InstallBrief heat = full.withConsultation(Consultation.plain().living(Set.of(Habit.HEAT)));
        assertThat(worn(planner.plan(heat), Way.DOWN))
                .filteredOn(f -> f.code() == Code.HOT_NAPE)
                .singleElement()
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Severity.WARNING));
        assertThat(worn(planner.plan(heat), Way.BUN)).noneMatch(f -> f.code() == Code.HOT_NAPE);
    }

    private List<Finding> worn(InstallPlan plan, Way way) {
        return WornFindings.of(plan, planner.wear(plan, Worn.as(way)));
    }

    @Test
    void aWishedShareThatIsTooLargeForFineHolesIsSaidAndWideOnesTakeIt() {
        InstallBrief capped = brief(Texture.DEEP_WAVE);
        capped = capped.withFoundation(capped.foundation().withBack(new Back.Capped(6, 20, false, false)));
        assertThat(said(capped, Code.HOLES_TOO_FINE)).isEmpty();
        InstallBrief wished = capped.withHooking(capped.hooking().taking(Zone.BACK, Share.WHOLE));
        Finding finding = said(wished, Code.HOLES_TOO_FINE).orElseThrow();
        assertThat(finding.reason().toString()).contains("whole loop");
        Remedy wide = finding.remedies().get(0);
        assertThat(said(wide.brief(), Code.HOLES_TOO_FINE)).isEmpty();
        InstallBrief twists = brief(Texture.SHORT_TWIST).withFoundation(capped.foundation());
        assertThat(said(twists, Code.HOLES_TOO_FINE)).isEmpty();
    }
}
