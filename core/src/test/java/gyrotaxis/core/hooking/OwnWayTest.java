package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static gyrotaxis.core.hooking.HookedHeads.hair;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Method.HiddenKnot;
import gyrotaxis.core.install.Method.UnderSingle;
import gyrotaxis.core.install.Method.UpdoKnot;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is hers to choose is done as she chose it, on every share that it is about and on no other. */
class OwnWayTest {
    private static final Demand DOWN = Demand.ordinary();
    private static final Demand UP = new Demand(5, false, false, false, true, 0);
    private static final Method USUAL = Method.usual();
    private static final Foundation PARTED = RowLayout.lay(
            MEDIUM,
            FoundationBrief.of(14, 5, 12).withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS),
            OwnHair.ordinary());
    private static final Foundation SINGLES = RowLayout.lay(
            MEDIUM,
            FoundationBrief.of(14, 5, 12)
                    .withRim(RimBrief.plain()
                            .withIndividuals(Individuals.along(Where.SIDES_AND_NAPE, 12, 1, 14, false))),
            OwnHair.ordinary());

    private static Hooked hook(Foundation rows, Method method, Texture texture, Demand demand) {
        return Hooker.hook(MEDIUM, rows, hair(texture), 1, HookingBrief.usual().by(method), demand, List.of(), 0);
    }

    private static Stream<Station> of(Hooked h, Role role) {
        return h.stations().stream().filter(s -> s.role() == role);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void herOwnNumberOfPassesIsTiedWhereverAKnotHasAny(int passes) {
        Method own = USUAL.with(USUAL.knots().passing(Texture.SILKY_WAVE, passes));
        Hooked h = hook(PARTED, own, Texture.SILKY_WAVE, DOWN);
        Each.of(h.stations()).allSatisfy(s -> {
            if (s.tie().knot().hasPasses()) {
                assertThat(s.tie().passes()).isEqualTo(passes);
            }
        });
        // Another texture is passed as the hold needs.
        assertThat(hook(PARTED, own, Texture.COARSE_KINKY, DOWN).stations())
                .isEqualTo(hook(PARTED, USUAL, Texture.COARSE_KINKY, DOWN).stations());
    }

    @Test
    void withFewerPassesThanTheHoldNeedsExtraHoldComesInstead() {
        Method once = USUAL.with(USUAL.knots().passing(Texture.SILKY_WAVE, 1));
        Hooked own = hook(STRAIGHT, once, Texture.SILKY_WAVE, DOWN);
        Hooked needed = hook(STRAIGHT, USUAL, Texture.SILKY_WAVE, DOWN);
        assertThat(holds(own)).isGreaterThan(holds(needed));
    }

    private static int holds(Hooked h) {
        return h.stations().stream().mapToInt(s -> s.tie().holds().size()).sum();
    }

    @Test
    void passesThatNobodyTiesAreRefusedByName() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> USUAL.knots().passing(Texture.DEEP_WAVE, 7))
                .withMessageContaining("passes of deep wave");
        assertThatIllegalArgumentException().isThrownBy(() -> USUAL.knots().passing(Texture.DEEP_WAVE, 0));
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void singleLegThroughoutLeavesNoOtherKnotInHiddenPlaces(Texture texture) {
        Hooked h = hook(PARTED, USUAL.with(USUAL.knots().with(HiddenKnot.SINGLE_LEG)), texture, DOWN);
        assertThat(of(h, Role.ROW)).isNotEmpty().allMatch(s -> s.tie().knot() == Knot.INVISIBLE);
    }

    @ParameterizedTest
    @CsvSource({"DOUBLE_ENTRY,DOUBLE_ENTRY", "SINGLE_LEG,INVISIBLE"})
    void thePerimeterThatGoesUpIsTiedHerWay(UpdoKnot choice, Knot knot) {
        Hooked h = hook(STRAIGHT, USUAL.with(USUAL.knots().with(choice)), Texture.COARSE_KINKY, UP);
        assertThat(of(h, Role.PERIMETER)).isNotEmpty().allMatch(s -> s.tie().knot() == knot);
    }

    @Test
    void rowsThatSheWantsWithoutKnotsHaveNoneAndAllOthersKeepTheirs() {
        RowId row = new RowId(Section.FRONT, 5);
        Hooked usual = HookedHeads.medium(Texture.DEEP_WAVE);
        Hooked own = HookedHeads.hook(
                STRAIGHT, Texture.DEEP_WAVE, HookingBrief.usual().withoutKnots(Set.of(row)), DOWN);
        for (int i = 0; i < own.stations().size(); i++) {
            Station s = own.stations().get(i);
            assertThat(s.tie().knot())
                    .isEqualTo(
                            s.id().row().equals(row)
                                    ? Knot.DOUBLE_ENTRY
                                    : usual.stations().get(i).tie().knot());
        }
    }

    @Test
    void sharesBesidePartsAndAtTheHairlineAreAsLargeAsSheTakesThem() {
        Hooked usual = hook(PARTED, USUAL, Texture.DEEP_WAVE, DOWN);
        Each.of(of(usual, Role.PART)).allMatch(s -> s.share().parts() >= 4);
        Hooked own = hook(
                PARTED,
                USUAL.with(USUAL.shares().takingAtParts(Share.HALF).takingAtHairline(Share.WHOLE)),
                Texture.DEEP_WAVE,
                DOWN);
        assertThat(of(own, Role.PART)).isNotEmpty().allMatch(s -> s.share().equals(Share.HALF));
        assertThat(of(own, Role.HAIRLINE)).isNotEmpty().allMatch(s -> s.share().equals(Share.WHOLE));
    }

    @Test
    void aWholePieceGoesUnderEachSingleWhereSheWantsIt() {
        assertThat(of(hook(SINGLES, USUAL, Texture.DEEP_WAVE, DOWN), Role.PLAIT))
                .isNotEmpty()
                .allMatch(s -> s.share().parts() >= 2);
        assertThat(of(
                        hook(SINGLES, USUAL.with(USUAL.shares().with(UnderSingle.WHOLE)), Texture.DEEP_WAVE, DOWN),
                        Role.PLAIT))
                .isNotEmpty()
                .allMatch(s -> s.share().equals(Share.WHOLE));
        assertThat(SINGLES.rows()).anyMatch(r -> r.use() == RowUse.PLAITED);
    }

    @Test
    void aRowBesideAPartHasAFullStartTooAndStillLiesBesideIt() {
        Method full = USUAL.with(Method.RowStart.FULL);
        Hooked h = hook(PARTED, full, Texture.DEEP_WAVE, DOWN);
        RowId beside = PARTED.parts().get(0).gap().left();
        List<Station> on =
                h.stations().stream().filter(s -> s.id().row().equals(beside)).toList();
        Each.of(on.subList(0, 2)).allSatisfy(s -> {
            assertThat(s.role()).isEqualTo(Role.PART);
            assertThat(s.part()).isZero();
            assertThat(s.share()).isEqualTo(Share.HALF);
        });
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void theEvenSchoolTakesOneShareThroughoutAndAboutAsMuchHair(Texture texture) {
        Hooked even = hook(STRAIGHT, USUAL.with(Method.Spacing.EVEN), texture, DOWN);
        assertThat(even.plan().zones().values())
                .extracting(z -> z.share())
                .containsOnly(even.plan().setting(Zone.MIDDLE).share());
        assertThat(even.plan().setting(Zone.FRONT).spacingMm())
                .isEqualTo(even.plan().setting(Zone.NAPE).spacingMm());
        assertThat(grams(even) / grams(HookedHeads.medium(texture))).isBetween(0.8, 1.2);
    }

    @Test
    void bigSharesAreBigOnTopAsWellAndKeepTheHairThere() {
        Method big = USUAL.with(Method.BackSpacing.BIG_SHARES);
        Hooked usual = hook(STRAIGHT, USUAL, Texture.SPRINGY_CURL, DOWN);
        Hooked h = hook(STRAIGHT, big, Texture.SPRINGY_CURL, DOWN);
        assertThat(h.plan().setting(Zone.MIDDLE).share()).isEqualTo(Share.WHOLE);
        assertThat(usual.plan().setting(Zone.MIDDLE).share()).isEqualTo(Share.HALF);
        assertThat(h.plan().setting(Zone.MIDDLE).spacingMm())
                .isCloseTo(2 * usual.plan().setting(Zone.MIDDLE).spacingMm(), within(1e-9));
    }

    /** Hair for an area: the same grams on the head, however thick its loops and however they are split. */
    @ParameterizedTest
    @CsvSource({"0.5", "0.7", "0.85", "1.25", "1.5", "2"})
    void thinLoopsSitCloserOrAreSplitLessAndTheHeadTakesAsMuchHair(double thickness) {
        HairLine usual = hair(Texture.SPRINGY_CURL);
        HairLine other = new HairLine(
                usual.name(),
                usual.texture(),
                usual.lengthMm(),
                false,
                20,
                1,
                usual.gramsPerLoop() * thickness,
                usual.packPrice(),
                false,
                usual.colours());
        assertThat(other.thickness()).isCloseTo(thickness, within(1e-9));
        Hooked before = Hooker.hook(MEDIUM, STRAIGHT, usual, 1, HookingBrief.usual(), DOWN, List.of(), 0);
        Hooked after = Hooker.hook(MEDIUM, STRAIGHT, other, 1, HookingBrief.usual(), DOWN, List.of(), 0);
        assertThat(grams(after) / grams(before)).isBetween(0.9, 1.1);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void aWishedShareSitsAsMuchCloserThatTheZoneKeepsItsHair(int parts) {
        HookingBrief wished = HookingBrief.usual().taking(Zone.BACK, new Share(parts));
        Hooked own = HookedHeads.hook(STRAIGHT, Texture.DEEP_WAVE, wished, DOWN);
        Hooked usual = HookedHeads.medium(Texture.DEEP_WAVE);
        assertThat(own.plan().setting(Zone.BACK).spacingMm() * parts)
                .isCloseTo(usual.plan().setting(Zone.BACK).spacingMm(), within(1e-9));
        assertThat(grams(own) / grams(usual)).isBetween(0.93, 1.07);
    }

    private static double grams(Hooked h) {
        return h.stations().stream().mapToDouble(h::gramsOf).sum();
    }
}
