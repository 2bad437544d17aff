package gyrotaxis.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.ScalpPoint;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What the consultation found acts, also where nobody drew its place. */
class SparedTest {
    private static final Planner PLANNER = new Planner();
    private static final InstallBrief PLAIN = InstallBrief.of(
            HeadMeasures.of(565, 360, 330),
            FoundationBrief.of(14, 5, 12),
            new HairLine(
                    "Slack Water",
                    Texture.DEEP_WAVE,
                    450,
                    false,
                    20,
                    1,
                    3.9,
                    Money.of(780, "EUR"),
                    true,
                    List.of("ink")));
    private static final Region BEHIND_THE_EAR = new Region(
            RegionKind.TENDER,
            "behind the ear",
            List.of(new ScalpPoint(1.8, 0.7), new ScalpPoint(2.1, 0.7), new ScalpPoint(2.0, 0.9)));

    private static InstallBrief with(ScalpCondition condition, Region... drawn) {
        HeadRecord head = PLAIN.head();
        return PLAIN.withHead(new HeadRecord(head.measures(), head.hairline(), List.of(drawn)))
                .withOwnHair(OwnHair.of(HairDensity.MEDIUM, OwnHair.USUAL_LENGTH_MM, Set.of(condition)));
    }

    private static long in(InstallBrief brief, Zone zone) {
        return PLANNER.plan(brief).stations().stream()
                .filter(s -> s.zone() == zone)
                .count();
    }

    @Test
    void aThinCrownIsHookedMoreWidelyThereAndNowhereElse() {
        InstallBrief thin = with(ScalpCondition.THIN_CROWN);
        assertThat(in(thin, Zone.MIDDLE)).isLessThan(in(PLAIN, Zone.MIDDLE));
        assertThat(in(thin, Zone.NAPE)).isBetween(in(PLAIN, Zone.NAPE) - 1, in(PLAIN, Zone.NAPE) + 1);
        assertThat(thin.spared().hooked()).extracting(Region::name).containsExactly("crown");
    }

    @Test
    void thinEdgesAreHookedMoreWidelyAlongTheHairline() {
        InstallBrief thin = with(ScalpCondition.THIN_EDGES);
        assertThat(PLANNER.plan(thin).stations().size())
                .isLessThan(PLANNER.plan(PLAIN).stations().size());
        assertThat(nearEdge(thin)).isLessThan(nearEdge(PLAIN));
    }

    private static long nearEdge(InstallBrief brief) {
        InstallPlan plan = PLANNER.plan(brief);
        return plan.stations().stream()
                .map(Station::space)
                .filter(p -> plan.scalp()
                                .hairline()
                                .at(plan.scalp().chart().thetaOf(p))
                                .distance(p)
                        < 16)
                .count();
    }

    /** Tender spots mean all of it, unless a place is named: then only there rows should bear less. */
    @Test
    void tenderMeansEverywhereUnlessAPlaceIsNamed() {
        double plain = bears(PLAIN);
        assertThat(bears(with(ScalpCondition.TENDER))).isLessThan(0.7 * plain);
        double named = bears(with(ScalpCondition.TENDER, BEHIND_THE_EAR));
        assertThat(named).isGreaterThan(0.85 * plain);
        assertThat(with(ScalpCondition.TENDER, BEHIND_THE_EAR).spared().pulled())
                .containsExactly(BEHIND_THE_EAR);
    }

    private static double bears(InstallBrief brief) {
        return PLANNER.plan(brief).pull().stream()
                .mapToDouble(RowPull::limitGramsPerCm)
                .average()
                .orElseThrow();
    }

    @Test
    void whatWasDrawnIsNotDoubled() {
        Region crown = new Region(
                RegionKind.THIN,
                "whorl",
                List.of(new ScalpPoint(0, 0.2), new ScalpPoint(2, 0.2), new ScalpPoint(-2, 0.2)));
        assertThat(with(ScalpCondition.THIN_CROWN, crown).spared().hooked()).containsExactly(crown);
    }
}
