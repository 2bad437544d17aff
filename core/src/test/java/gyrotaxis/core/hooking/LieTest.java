package gyrotaxis.core.hooking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.FallenHair;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Which way hair lies and hooks go: as a comb goes along the scalp, and never against how the hair will fall. */
class LieTest {
    private static final Scalp HEAD = HookedHeads.MEDIUM;
    private static final CoverGrid GRID = CoverGrid.of(HEAD, 1_500);

    static Stream<FoundationBrief> foundations() {
        FoundationBrief straight = FoundationBrief.of(14, 5, 12);
        return Stream.of(
                straight,
                FoundationBrief.of(12, 12, 12),
                straight.withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS),
                straight.withRim(RimBrief.plain().withPerimeter(RimBrief.Where.SIDES_AND_NAPE, 12)),
                FoundationBrief.of(14, new Back.Switchback(4, false, Back.FrontTails.THREADED), 12),
                FoundationBrief.of(14, new Back.CrossTied(), 12),
                FoundationBrief.of(14, new Back.Spiral(20), 12));
    }

    @ParameterizedTest
    @MethodSource("foundations")
    void wornDownEveryShareBehindIsHookedWithin60DegreesOfHowItFalls(FoundationBrief brief) {
        Foundation rows = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        Hooked hooked = HookedHeads.hook(rows, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary());
        Map<Object, FallenHair> falls = FallSimulator.hair(GRID, rows, hooked, Worn.as(Way.DOWN), 0).stream()
                .collect(Collectors.toMap(FallenHair::station, Function.identity()));
        List<Station> behind = hooked.stations().stream()
                .filter(s -> s.zone() == Zone.BACK || s.zone() == Zone.NAPE)
                .filter(s -> s.bearing().rule() == Bearing.Rule.FALL)
                .toList();
        assertThat(behind).isNotEmpty().allSatisfy(s -> {
            // As long as it lies on the head: what hangs under the nape goes straight down.
            FallenHair fall = falls.get(s.id());
            List<Vec3> line = fall.line().subList(0, Math.max(2, Math.min(5, fall.onHead())));
            Vec3 way = line.get(line.size() - 1).minus(line.get(0));
            assertThat(way.unit().dot(s.bearing().entry()))
                    .as("cosine at %s", s.id())
                    .isGreaterThan(0.5);
        });
    }

    @ParameterizedTest
    @MethodSource("foundations")
    void whereHairGoesUpAllThatIsHookedAtTheNapeHairlineGoesInUpward(FoundationBrief brief) {
        Foundation rows = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        Demand up = new Demand(5, false, false, false, true, 0);
        Hooked hooked = HookedHeads.hook(rows, Texture.DEEP_WAVE, HookingBrief.usual(), up);
        List<Station> rim = hooked.stations().stream()
                .filter(s -> s.zone() == Zone.NAPE && outMm(s) < 18 && s.role() != Role.CROSSING)
                .toList();
        assertThat(rim).isNotEmpty().allSatisfy(s -> {
            Vec3 up3 = HEAD.at(Landmark.CROWN).minus(s.space());
            assertThat(s.bearing().entry().dot(up3)).isPositive();
            assertThat(s.bearing().rule()).isEqualTo(Bearing.Rule.UPDO);
            assertThat(s.tie().knot().isHidden()).isTrue();
        });
    }

    private static double outMm(Station s) {
        Vec2 at = s.chart();
        return HEAD.hairline().chartAt(Math.atan2(at.x(), at.y())).norm() - at.norm();
    }

    @Test
    void backIsAlongTheScalpUpFromTheForeheadAndDownBehind() {
        Lie lie = new Lie(HEAD, List.of(), 0);
        assertThat(lie.combed(HEAD.at(Landmark.FRONT_CENTRE)).z()).isPositive();
        assertThat(lie.combed(HEAD.at(Landmark.OCCIPITAL_BONE)).z()).isCloseTo(-1, within(1e-6));
        Vec3 nape = HEAD.at(Landmark.NAPE_CENTRE);
        Vec3 way = lie.combed(nape);
        assertThat(way.z()).isNegative();
        assertThat(way.dot(HEAD.surface().normal(nape))).isCloseTo(0, within(1e-9));
        assertThat(way.norm()).isCloseTo(1, within(1e-9));
    }

    @Test
    void behindTheEndOfAPartHairIsNoLongerCombedAside() {
        FoundationBrief brief = FoundationBrief.of(14, 5, 12)
                .withParts(List.of(new WearingPart(0, 0, OptionalDouble.of(60))), FlankSchool.FINE_ROWS);
        LaidPart part = RowLayout.lay(HEAD, brief, OwnHair.ordinary()).parts().get(0);
        Vec2 end = part.path().chart().get(part.path().chart().size() - 1);
        Lie lie = new Lie(HEAD, List.of(part), 0);
        double beside = asideAt(lie, end.plus(new Vec2(8, 20)));
        assertThat(beside).isGreaterThan(0.5);
        assertThat(asideAt(lie, end.plus(new Vec2(8, -25)))).isCloseTo(0, within(1e-9));
        assertThat(asideAt(lie, end.plus(new Vec2(-8, -25)))).isCloseTo(0, within(1e-9));
    }

    private static double asideAt(Lie lie, Vec2 at) {
        return lie.combed(HEAD.chart().lift(at)).x();
    }
}
