package gyrotaxis.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.estimate.ChairTime.Stage;
import gyrotaxis.core.estimate.Finish;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.scalp.HeadMeasures;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How long whole heads take, held against what practitioners say of theirs. */
class TotalsTest {
    private static final HeadMeasures HEAD = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);

    private final Planner planner = new Planner();

    /**
     * Big shares on oneself, hooked, separated, tried and filled: 25 to 45 minutes are said. Few thick shares come to a little less, silky
     * hair, which is passed several times, to more; bare hooking is two thirds of it.
     */
    @ParameterizedTest
    @EnumSource(
            value = Texture.class,
            names = {"COARSE_KINKY", "SPRINGY_CURL", "DEEP_WAVE", "SILKY_WAVE"})
    void aQuickInstallWithBigSharesOnOneself(Texture texture) {
        InstallBrief plain = InstallBrief.of(HEAD, FoundationBrief.of(8, 4, 12), HookedHeads.hair(texture))
                .by(Installer.SELF);
        HookingBrief big = plain.hooking()
                .by(plain.hooking().method().with(Method.BackSpacing.BIG_SHARES))
                .taking(Zone.FRONT, Share.WHOLE)
                .taking(Zone.MIDDLE, Share.WHOLE);
        InstallPlan plan = planner.plan(plain.withHooking(big));
        double minutes = Stream.of(Stage.HOOKING, Stage.TRYING, Stage.FILLS)
                .mapToDouble(s -> plan.time().minutes().get(s).likely())
                .sum();
        assertThat(minutes).isBetween(20.0, texture == Texture.SILKY_WAVE ? 60.0 : 45.0);
    }

    /** A side part, a braided perimeter, singles in front, cut in layers: two and a half to four hours are said; coarse curl is hooked in fewer shares. */
    @ParameterizedTest
    @EnumSource(
            value = Texture.class,
            names = {"SPRINGY_CURL", "DEEP_WAVE", "LOOSE_WAVE", "SILKY_WAVE"})
    void aDetailedHead(Texture texture) {
        FoundationBrief rows = FoundationBrief.of(16, 6, 12)
                .withParts(List.of(WearingPart.straight(-35)), FlankSchool.FINE_ROWS)
                .withRim(RimBrief.plain()
                        .withPerimeter(RimBrief.Where.SIDES_AND_NAPE, 12)
                        .withIndividuals(RimBrief.Individuals.along(RimBrief.Where.FRONT, 10, 1, 14, false)));
        InstallBrief brief = InstallBrief.of(HEAD, rows, HookedHeads.hair(texture))
                .withConsultation(Consultation.plain().finishedBy(Set.of(Finish.TRIM, Finish.LAYERS)));
        assertThat(planner.plan(brief).time().inChair().likely()).isBetween(150.0, 240.0);
    }
}
