package gyrotaxis.core.install;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Method.LooseTails;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is read off a hooked head and the plan that it follows. */
class HookedTest {
    private static final HookingPlan USUAL = HookingPlan.usual(Texture.DEEP_WAVE, 1);

    private static Station at(RowId row, int number, double along, Zone zone, Role role) {
        return Station.placed(
                new StationId(row, number),
                along,
                new Vec2(0, along),
                new Vec3(0, 0, along),
                zone,
                role,
                Station.NO_PART,
                Share.HALF);
    }

    private static Hooked of(List<Station> stations) {
        Hooked medium = HookedHeads.medium(Texture.DEEP_WAVE);
        return Hooked.of(USUAL, medium.hairs(), stations, List.of(), HairMix.none());
    }

    @Test
    void spacingOfAZoneIsTheMedianAlongItsRowsOfWhatIsThereForNeitherPartNorEdge() {
        RowId a = new RowId(Section.FRONT, 1);
        RowId b = new RowId(Section.FRONT, 2);
        List<Station> on = new ArrayList<>();
        on.add(at(a, 1, 5, Zone.BACK, Role.HAIRLINE));
        on.add(at(a, 2, 6, Zone.BACK, Role.ROW));
        on.add(at(a, 3, 26, Zone.BACK, Role.ROW));
        on.add(at(a, 4, 48, Zone.BACK, Role.CAP));
        on.add(at(a, 5, 49, Zone.BACK, Role.PART));
        on.add(at(b, 1, 50, Zone.BACK, Role.ROW));
        on.add(at(b, 2, 80, Zone.BACK, Role.ROW));
        on.add(at(b, 3, 81, Zone.NAPE, Role.ROW));
        // Pairs of its own: 20, 22 and 30.
        assertThat(of(on).spacingMm(Zone.BACK)).isEqualTo(22);
        // Where no two sit side by side, what is asked for.
        assertThat(of(on).spacingMm(Zone.NAPE))
                .isEqualTo(USUAL.setting(Zone.NAPE).spacingMm());
    }

    @Test
    void aShareThatSlidesDoesNotLastAndOneTiedWellDoes() {
        Hooked silky = HookedHeads.medium(Texture.SILKY_WAVE);
        Station s = silky.stations().get(0).taking(Share.WHOLE);
        assertThat(silky.lasts(s.tied(Tie.of(Knot.REGULAR, 1)), Demand.ordinary()))
                .isFalse();
        assertThat(silky.holdOf(s.tied(Tie.of(Knot.REGULAR, 1)), Demand.ordinary())
                        .lasts())
                .isFalse();
        Station small = s.taking(new Share(4)).tied(Tie.of(Knot.TWIST_FIRST, 4));
        assertThat(silky.lasts(small, Demand.ordinary())).isTrue();
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void spacingGrowsFromFrontToNapeEvenlyBetweenTheMiddlesOfZones(Texture texture) {
        HookingPlan plan = HookingPlan.usual(texture, 1);
        for (Zone z : Zone.values()) {
            assertThat(plan.usualSpacingMm(z.middle()))
                    .isCloseTo(plan.setting(z).spacingMm(), within(1e-9));
        }
        double half = (Zone.FRONT.middle() + Zone.MIDDLE.middle()) / 2;
        assertThat(plan.usualSpacingMm(half))
                .isCloseTo(
                        (plan.setting(Zone.FRONT).spacingMm()
                                        + plan.setting(Zone.MIDDLE).spacingMm())
                                / 2,
                        within(1e-9));
        assertThat(plan.usualSpacingMm(0)).isEqualTo(plan.setting(Zone.FRONT).spacingMm());
        assertThat(plan.usualSpacingMm(1)).isEqualTo(plan.setting(Zone.NAPE).spacingMm());
    }

    @ParameterizedTest
    @CsvSource({"FRONT,17", "MIDDLE,29", "BACK,46", "NAPE,34"})
    void onTheUsualStripSharesSitAsUsualAndOnHalfOfItTwiceAsFarApart(Zone zone, double stripMm) {
        double usual = USUAL.setting(zone).spacingMm();
        assertThat(USUAL.spacingMm(zone.middle(), stripMm)).isCloseTo(usual, within(1e-9));
        assertThat(USUAL.spacingMm(zone.middle(), stripMm / 2)).isCloseTo(2 * usual, within(1e-9));
    }

    @Test
    void fullerHeadsAreHookedAsMuchCloser() {
        HookingPlan full = HookingPlan.usual(Texture.DEEP_WAVE, 1.5);
        for (Zone z : Zone.values()) {
            assertThat(full.setting(z).spacingMm() * 1.5)
                    .isCloseTo(USUAL.setting(z).spacingMm(), within(1e-9));
            assertThat(full.setting(z).share()).isEqualTo(USUAL.setting(z).share());
        }
        HookingBrief fine = HookingBrief.usual().by(Method.usual().with(Method.BackSpacing.FINE));
        HookingPlan behind = HookingPlan.of(HookedHeads.hair(Texture.DEEP_WAVE), 1.5, fine);
        // Halves, half as far apart as the whole ones they stand for.
        assertThat(behind.setting(Zone.BACK).spacingMm()).isCloseTo(24 / 1.5 / 2, within(1e-9));
        assertThat(behind.setting(Zone.BACK).share()).isEqualTo(Share.HALF);
        HookingBrief big = HookingBrief.usual().by(Method.usual().with(Method.BackSpacing.BIG_SHARES));
        HookingPlan wide = HookingPlan.of(HookedHeads.hair(Texture.DEEP_WAVE), 1.6, big);
        assertThat(wide.setting(Zone.NAPE).spacingMm()).isCloseTo(30, within(1e-9));
        // What cannot be split is as full by whole pieces.
        HookingPlan twist = HookingPlan.of(HookedHeads.hair(Texture.SHORT_TWIST), 1, fine);
        assertThat(twist.setting(Zone.BACK).spacingMm())
                .isCloseTo(
                        HookingPlan.usual(Texture.SHORT_TWIST, 1)
                                .setting(Zone.BACK)
                                .spacingMm(),
                        within(1e-6));
        assertThat(twist.setting(Zone.BACK).share()).isEqualTo(Share.WHOLE);
    }

    @Test
    void aWishCanBeMadeCloserAndWiderWithinLimits() {
        ZoneWish half = new ZoneWish(1, Optional.of(Share.HALF));
        assertThat(half.closerBy(1.5)).isEqualTo(new ZoneWish(1.5, half.share()));
        assertThat(half.closerBy(9).closer()).isEqualTo(2.5);
        assertThat(half.at(0.8)).isEqualTo(new ZoneWish(0.8, half.share()));
        assertThatIllegalArgumentException().isThrownBy(() -> half.at(3)).withMessageContaining("closer");
    }

    @Test
    void looseTailsEndAsSheAlwaysEndsThem() {
        assertThat(LooseTails.BY_HAND.end()).isEmpty();
        assertThat(LooseTails.STITCH.end()).contains(TailEnd.STITCHED);
        assertThat(LooseTails.PIN.end()).contains(TailEnd.PINNED);
        assertThat(Method.usual().with(LooseTails.PIN).looseTails()).isEqualTo(LooseTails.PIN);
    }

    @Test
    void aKnotTakesMoreRoomTheMoreHairThereIsByTheRoot() {
        var hair = HookedHeads.hair(Texture.COARSE_KINKY);
        double whole = SeatedShare.widthMm(hair, Share.WHOLE);
        assertThat(whole).isCloseTo(1.9 * Math.sqrt(hair.gramsPerLoop()), within(1e-9));
        assertThat(SeatedShare.widthMm(hair, Share.QUARTER)).isCloseTo(whole / 2, within(1e-9));
        assertThat(SeatedShare.widthMm(HookedHeads.hair(Texture.SILKY_WAVE), new Share(8)))
                .isEqualTo(1.5);
    }
}
