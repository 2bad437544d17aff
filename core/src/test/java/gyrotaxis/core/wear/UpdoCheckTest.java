package gyrotaxis.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.TailRouter;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class UpdoCheckTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)));
    private static final OwnHair HAIR = OwnHair.of(HairDensity.MEDIUM, 220, Set.of());

    private static Map<Way, UpdoView> views(RimBrief rim) {
        FoundationBrief brief = FoundationBrief.of(14, 6, 12).withRim(rim);
        Foundation f = RowLayout.lay(HEAD, brief, HAIR);
        Braiding b = TailRouter.route(f, List.of(), HAIR);
        return UpdoCheck.of(HEAD, f, b, rim, List.of()).stream()
                .collect(Collectors.toMap(UpdoView::way, Function.identity()));
    }

    @Test
    void everyUpdoLooksAtItsOwnStretchOfTheEdge() {
        Map<Way, UpdoView> v = views(RimBrief.plain());
        assertThat(v).containsOnlyKeys(Way.HALF_UP, Way.HIGH_PONYTAIL, Way.LOW_PONYTAIL, Way.BUN);
        assertThat(length(v.get(Way.HIGH_PONYTAIL)))
                .isCloseTo(
                        HEAD.outline().lengthMm(), within(0.02 * HEAD.outline().lengthMm()));
        assertThat(length(v.get(Way.HALF_UP))).isLessThan(length(v.get(Way.LOW_PONYTAIL)));
        assertThat(length(v.get(Way.LOW_PONYTAIL))).isLessThan(length(v.get(Way.BUN)));
    }

    @Test
    void straightRowsLeaveTheEdgeBareAndTheirTailsInSight() {
        UpdoView high = views(RimBrief.plain()).get(Way.HIGH_PONYTAIL);
        assertThat(high.works()).isFalse();
        assertThat(high.bareShare()).isGreaterThan(0.1);
        assertThat(high.rowsShowing()).isNotEmpty();
        assertThat(high.tailsShowing()).isNotEmpty();
    }

    @Test
    void aPerimeterBraidIndividualsOrLeaveOutCoverIt() {
        for (RimBrief rim : List.of(
                RimBrief.plain().withPerimeter(Where.ALL_ROUND, 10),
                RimBrief.plain().withIndividuals(Individuals.along(Where.ALL_ROUND, 36, 1, 14, false)),
                RimBrief.plain().withLeaveOut(Where.ALL_ROUND, 18))) {
            UpdoView high = views(rim).get(Way.HIGH_PONYTAIL);
            assertThat(high.bareShare()).as(rim.toString()).isLessThan(0.1);
            assertThat(high.works()).as(rim.toString()).isTrue();
        }
        UpdoView half = views(RimBrief.plain().withPerimeter(Where.NAPE, 10)).get(Way.HALF_UP);
        assertThat(half).isEqualTo(views(RimBrief.plain()).get(Way.HALF_UP));
    }

    private static UpdoView hooked(int rows, boolean goesUp, Texture texture) {
        FoundationBrief brief = FoundationBrief.of(rows, 6, 12);
        Foundation f = RowLayout.lay(HEAD, brief, HAIR);
        Braiding b = TailRouter.route(f, List.of(), HAIR);
        Hooked h = Hooker.hook(
                HEAD,
                f,
                HookedHeads.hair(texture),
                1,
                HookingBrief.usual(),
                new Demand(5, false, false, false, goesUp, 0),
                List.of(),
                0);
        return UpdoCheck.of(HEAD, f, b, brief.rim(), h.stations()).get(1);
    }

    /** Edge and hair are one judgement: what is hooked right behind the edge and drawn up hides it. */
    @ParameterizedTest
    @EnumSource(Texture.class)
    void hairHookedUpwardHidesMostOfTheEdgeAndHairThatIsToFallHidesItInFrontOnly(Texture texture) {
        UpdoView up = hooked(14, true, texture);
        UpdoView down = hooked(14, false, texture);
        UpdoView none = views(RimBrief.plain()).get(Way.HIGH_PONYTAIL);
        assertThat(up.way()).isEqualTo(Way.HIGH_PONYTAIL);
        assertThat(up.edgeMm()).isCloseTo(none.edgeMm(), within(1e-6));
        assertThat(down.hairMm()).isPositive();
        // Whole pieces may sit too far apart for one to lie at the nape's edge.
        assertThat(up.hairMm()).isGreaterThanOrEqualTo(down.hairMm());
        assertThat(up.bareMm()).isLessThan(none.bareMm());
        // Hair covers nothing that a row along the edge did not leave.
        assertThat(up.coveredMm()).isEqualTo(none.coveredMm());
        // Rows that hair hides are not said to show.
        assertThat(up.rowsShowing().size())
                .isLessThanOrEqualTo(none.rowsShowing().size());
    }

    @Test
    void atTheNapeOnlyHairThatIsHookedUpwardHidesTheEdge() {
        assertThat(hooked(14, true, Texture.DEEP_WAVE).hairMm())
                .isGreaterThan(hooked(14, false, Texture.DEEP_WAVE).hairMm());
    }

    @Test
    void moreRowsLeaveLessOfTheEdgeToHair() {
        assertThat(hooked(20, true, Texture.DEEP_WAVE).bareShare())
                .isLessThan(hooked(8, true, Texture.DEEP_WAVE).bareShare());
    }

    @Test
    void aPartRunsOnUntilATailCrossesIt() {
        Foundation f = RowLayout.lay(HEAD, FoundationBrief.of(14, 6, 12), HAIR);
        Braiding b = TailRouter.route(f, List.of(), HAIR);
        List<PartChoice> choices = PartChoice.of(f, b, FlankSchool.FINE_ROWS);
        assertThat(choices).hasSize(13);
        for (PartChoice c : choices) {
            assertThat(c.openMm()).isBetween(c.gap().openMm(), c.gap().wholeMm() + 1e-9);
            assertThat(c.stoppedBy().isPresent()).isEqualTo(c.openMm() < c.gap().wholeMm());
        }
        assertThat(choices).anyMatch(c -> c.stoppedBy().isPresent()).anyMatch(c -> c.openMm() > 200);
    }

    private static double length(UpdoView v) {
        return v.edgeMm();
    }
}
