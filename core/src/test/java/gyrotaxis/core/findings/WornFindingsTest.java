package gyrotaxis.core.findings;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Too full is as common a complaint as too thin: each finding fires where it should, and never on the product's own defaults. */
class WornFindingsTest {
    private static final Set<Code> TOO_MUCH = Set.of(Code.TOO_FULL, Code.TOO_ROUND, Code.HAIR_HUMPS, Code.HOT_NAPE);
    private final Planner planner = new Planner();

    private static InstallBrief brief(Texture texture) {
        return InstallBrief.of(
                HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                FoundationBrief.of(14, 5, 12),
                HookedHeads.hair(texture));
    }

    private static InstallBrief wishing(InstallBrief brief, double front, double middle, double back, double nape) {
        HookingBrief h = brief.hooking();
        double[] closer = {front, middle, back, nape};
        for (Zone z : Zone.values()) {
            h = h.wishing(z, ZoneWish.NONE.at(closer[z.ordinal()]));
        }
        return brief.withHooking(h);
    }

    private List<Finding> down(InstallBrief brief) {
        InstallPlan plan = planner.plan(brief);
        return WornFindings.of(
                plan, planner.wear(plan, Worn.all(plan.foundation()).get(0)));
    }

    private Optional<Finding> said(InstallBrief brief, Code code) {
        return down(brief).stream().filter(f -> f.code() == code).findFirst();
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void aFullLookIsNeitherTooFullNorTooThin(Texture texture) {
        FoundationBrief usual = FoundationBrief.of(14, 5, 12);
        Stream.of(
                        usual,
                        FoundationBrief.of(20, 8, 12),
                        FoundationBrief.of(12, 12, 12),
                        usual.withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS),
                        FoundationBrief.of(14, new Back.Switchback(5, false, Back.FrontTails.THREADED), 12),
                        FoundationBrief.of(14, new Back.CrossTied(), 12),
                        FoundationBrief.of(14, new Back.Spiral(22), 12))
                .forEach(rows -> assertThat(down(brief(texture).withFoundation(rows)))
                        .as("%s, %s rows", rows.back().words(), rows.frontRows())
                        .extracting(Finding::code)
                        .doesNotContainAnyElementsOf(TOO_MUCH)
                        .doesNotContain(Code.NOT_AS_FULL, Code.SCALP_SHOWS));
    }

    @ParameterizedTest
    @EnumSource(value = Texture.class, names = "SHORT_TWIST", mode = EnumSource.Mode.EXCLUDE)
    void tooFullNamesTheHiddenSharesToLeaveOutAndIsMendedByThat(Texture texture) {
        InstallBrief full = wishing(brief(texture), 1, 1.3, 1.5, 1.5);
        Finding tooFull = said(full, Code.TOO_FULL).orElseThrow();
        InstallBrief mended = tooFull.remedies().get(0).brief();
        assertThat(said(mended, Code.TOO_FULL)).isEmpty();
        assertThat(down(mended)).extracting(Finding::code).doesNotContain(Code.NOT_AS_FULL, Code.SCALP_SHOWS);
        List<Station> before = planner.plan(full).stations();
        List<Station> after = planner.plan(mended).stations();
        assertThat(seen(after)).isEqualTo(seen(before));
        boolean falls = Set.of(Texture.DEEP_WAVE, Texture.LOOSE_WAVE, Texture.SILKY_WAVE, Texture.SPRINGY_CURL)
                .contains(texture);
        assertThat(tooFull.reason().toString().contains("by itself within days"))
                .isEqualTo(falls);
    }

    private static long seen(List<Station> stations) {
        return stations.stream()
                .filter(s -> s.role() != Role.ROW || s.zone() == Zone.FRONT)
                .count();
    }

    @Test
    void hairThatIsHookedAtTheNapeAloneHumps() {
        assertThat(said(wishing(brief(Texture.DEEP_WAVE), 0.5, 0.4, 0.4, 2.5), Code.HAIR_HUMPS))
                .isPresent();
    }

    @Test
    void anEvenVeryFullHeadIsTooRound() {
        boolean fires = Stream.of(1.0, 1.3, 1.6)
                .anyMatch(full -> said(
                                wishing(brief(Texture.COARSE_KINKY).withFullness(full), 2.5, 1.6, 0.7, 0.4),
                                Code.TOO_ROUND)
                        .isPresent());
        assertThat(fires).isTrue();
    }

    /** Big shares far apart are a stylist's choice; that they leave it less full is said, with the way back. */
    @Test
    void bigSharesFarApartAreLessFullAndSaySo() {
        InstallBrief full = brief(Texture.COARSE_KINKY);
        InstallBrief big =
                full.withHooking(full.hooking().by(full.hooking().method().with(Method.BackSpacing.BIG_SHARES)));
        Finding less = down(big).stream()
                .filter(f -> f.code() == Code.NOT_AS_FULL)
                .findFirst()
                .orElseThrow();
        assertThat(less.remedies())
                .singleElement()
                .satisfies(r ->
                        assertThat(down(r.brief())).extracting(Finding::code).doesNotContain(Code.NOT_AS_FULL));
        assertThat(down(full)).extracting(Finding::code).doesNotContain(Code.NOT_AS_FULL);
    }

    @Test
    void drawnUpNothingIsTooFull() {
        InstallPlan plan = planner.plan(wishing(brief(Texture.DEEP_WAVE), 2, 2, 2, 2));
        assertThat(WornFindings.of(plan, planner.wear(plan, Worn.as(Way.HIGH_PONYTAIL))))
                .extracting(Finding::code)
                .doesNotContain(Code.TOO_FULL);
    }

    /** As it is worn too, a remedy is only offered that was seen to help in that very way of wearing. */
    @ParameterizedTest
    @EnumSource(
            value = Way.class,
            names = {"DOWN", "SWEPT_LEFT", "WIND"})
    void aRemedyOfWhatIsSeenWhenItIsWornWasTriedInThatWay(Way way) {
        for (InstallBrief b : List.of(
                wishing(brief(Texture.DEEP_WAVE), 0.5, 0.5, 0.4, 0.4),
                wishing(brief(Texture.SPRINGY_CURL), 1, 1.3, 1.5, 1.5))) {
            InstallPlan plan = planner.plan(b);
            List<Finding> told = TriedFindings.worn(
                    planner, plan, planner.wear(plan, Worn.as(way), 0, 1000), 0, 1000, TrialBudget.unlimited());
            List<Finding> untried = WornFindings.of(plan, planner.wear(plan, Worn.as(way), 0, 1000));
            assertThat(told)
                    .extracting(Finding::reason)
                    .isEqualTo(untried.stream().map(Finding::reason).toList());
            for (Finding f : told) {
                for (Finding.Remedy r : f.remedies()) {
                    InstallPlan mended = planner.plan(r.brief());
                    List<Finding> after = WornFindings.of(mended, planner.wear(mended, Worn.as(way), 0, 1000));
                    assertThat(after).extracting(Finding::reason).doesNotContain(f.reason());
                    boolean isGone = after.stream().noneMatch(a -> a.code() == f.code());
                    assertThat(r.left().isEmpty()).isEqualTo(isGone);
                }
            }
        }
    }
}
