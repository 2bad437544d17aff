package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Fibre;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Bulk;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.WorkStep;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneSetting;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.testing.Each;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is hooked where, of which hair, tied how, and which way the hook goes in. */
class HookerTest {
    private static final HookingBrief USUAL = HookingBrief.usual();
    private static final Demand DOWN = Demand.ordinary();
    private static final Demand UP = new Demand(5, false, false, false, true, 0);

    private static Foundation parted(FlankSchool school, WearingPart... parts) {
        return RowLayout.lay(
                MEDIUM, FoundationBrief.of(14, 6, 12).withParts(List.of(parts), school), OwnHair.ordinary());
    }

    private static Hooked hook(Foundation rows, HookingBrief brief, Demand demand) {
        return HookedHeads.hook(rows, Texture.DEEP_WAVE, brief, demand);
    }

    @ParameterizedTest
    @EnumSource(FlankSchool.class)
    void everyInvisibleKnotAtAPartIsEnteredTowardIt(FlankSchool school) {
        for (Method.BearingFirst first : Method.BearingFirst.values()) {
            Foundation rows = parted(school, WearingPart.straight(-34), WearingPart.straight(30));
            Hooked h = hook(rows, USUAL.by(Method.usual().with(first)), UP);
            List<Station> beside =
                    h.stations().stream().filter(s -> s.role() == Role.PART).toList();
            assertThat(beside).hasSizeGreaterThan(20);
            for (Station s : beside) {
                LaidPart part = rows.parts().get(s.part());
                Vec2 nearest = part.path().chart().stream()
                        .min(Comparator.comparingDouble(p -> p.distance(s.chart())))
                        .orElseThrow();
                Vec3 toward = MEDIUM.chart().lift(nearest).minus(s.space());
                assertThat(s.tie().knot()).isEqualTo(Knot.INVISIBLE);
                assertThat(s.bearing().entry().dot(toward))
                        .as(s.id().toString())
                        .isPositive();
                assertThat(s.bearing().words()).contains("toward the part");
            }
        }
    }

    @Test
    void bearingsAreUnitTangentsAndMirrorEachOther() {
        // Fifteen rows: the one on the midline is its own twin, so the sides are mirror images to the last share.
        Foundation rows = RowLayout.lay(
                MEDIUM,
                FoundationBrief.of(15, 7, 12)
                        .withParts(List.of(WearingPart.straight(-34), WearingPart.straight(34)), FlankSchool.FINE_ROWS),
                OwnHair.ordinary());
        Map<String, Station> byPlace = new HashMap<>();
        Hooked h = hook(rows, USUAL, DOWN);
        for (Station s : h.stations()) {
            byPlace.put(key(s.chart()), s);
            assertThat(s.bearing().entry().norm()).isCloseTo(1, within(1e-9));
            assertThat(s.bearing().entry().dot(MEDIUM.surface().normal(s.space())))
                    .isCloseTo(0, within(1e-9));
        }
        int pairs = 0;
        for (Station s : h.stations()) {
            Station twin = byPlace.get(key(s.chart().mirrored()));
            if (twin != null && Math.abs(s.chart().x()) > 1) {
                pairs++;
                assertThat(twin.bearing().entry().distance(s.bearing().entry().mirrored()))
                        .isLessThan(1e-6);
                assertThat(twin.tie()).isEqualTo(s.tie());
            }
        }
        assertThat(pairs).isGreaterThan(h.stations().size() * 8 / 10);
    }

    private static String key(Vec2 p) {
        return Math.round(p.x() * 10) + "/" + Math.round(p.y() * 10);
    }

    @Test
    void thePerimeterOfAnUpdoIsHookedUpwardAndKnotless() {
        Foundation rows = withPerimeter();
        List<Station> edge = hook(rows, USUAL, UP).stations().stream()
                .filter(s -> s.role() == Role.PERIMETER)
                .toList();
        assertThat(edge).isNotEmpty().allSatisfy(s -> {
            assertThat(s.bearing().rule()).isEqualTo(Bearing.Rule.UPDO);
            assertThat(s.bearing().entry().z()).isPositive();
            assertThat(s.tie().knot()).isEqualTo(Knot.DOUBLE_ENTRY);
        });
        // By how it falls first, the same edge is hooked downward.
        assertThat(hook(rows, USUAL.by(Method.usual().with(Method.BearingFirst.FALL)), UP).stations().stream()
                        .filter(s -> s.role() == Role.PERIMETER))
                .allMatch(s -> s.bearing().rule() == Bearing.Rule.FALL);
    }

    /** Nothing falls over it from above, so all of it is hooked as closely as the front. */
    @Test
    void thePerimeterOfAnUpdoIsHookedAsCloselyAsTheFront() {
        Foundation rows = withPerimeter();
        Hooked up = hook(rows, USUAL, UP);
        Hooked down = hook(rows, USUAL, DOWN);
        assertThat(perimeter(up)).isGreaterThan((int) (1.4 * perimeter(down)));
        assertThat(up.stations().size() - perimeter(up))
                .isEqualTo(down.stations().size() - perimeter(down));
        double front = up.plan().setting(Zone.FRONT).spacingMm();
        for (Row row : rows.rowsOf(Section.PERIMETER)) {
            long on = up.stations().stream()
                    .filter(s -> s.id().row().equals(row.id()))
                    .count();
            assertThat(row.lengthMm() / on).isLessThan(front * 1.15);
        }
    }

    private static Foundation withPerimeter() {
        return RowLayout.lay(
                MEDIUM,
                FoundationBrief.of(14, 5, 12)
                        .withRim(RimBrief.plain().withPerimeter(RimBrief.Where.SIDES_AND_NAPE, 12)),
                OwnHair.ordinary());
    }

    private static int perimeter(Hooked hooked) {
        return (int) hooked.stations().stream()
                .filter(s -> s.id().row().section() == Section.PERIMETER)
                .count();
    }

    @Test
    void aFullStartHooksTwoHalvesDrawnBackAtEveryRow() {
        Hooked full = hook(STRAIGHT, USUAL.by(Method.usual().with(Method.RowStart.FULL)), DOWN);
        for (RowId row :
                STRAIGHT.rowsOf(Section.FRONT).stream().map(r -> r.id()).toList()) {
            List<Station> first = full.stations().stream()
                    .filter(s -> s.id().row().equals(row))
                    .limit(2)
                    .toList();
            Each.of(first).allSatisfy(s -> {
                assertThat(s.role()).isEqualTo(Role.HAIRLINE);
                assertThat(s.share()).isEqualTo(Share.HALF);
                assertThat(s.tie().isDeepSet()).isTrue();
            });
        }
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void knotsLastAsFarAsPassesCanMakeThem(Texture texture) {
        Hooked h = HookedHeads.hook(STRAIGHT, texture, USUAL, DOWN);
        Each.of(h.stations()).allSatisfy(s -> {
            boolean lasts = h.holdOf(s, DOWN).lasts();
            assertThat(lasts)
                    .as("a default never warns about itself: %s", s.tie())
                    .isTrue();
            // No pass more than is needed.
            if (s.tie().passes() > 1 && s.tie().knot() != Knot.BEAD) {
                Tie fewer =
                        new Tie(s.tie().knot(), s.tie().passes() - 1, s.tie().legPart(), false, Set.of());
                assertThat(Hold.of(h.hairOf(s).fibre().slip(), s.share(), fewer, DOWN)
                                        .lasts()
                                && s.role() != Role.HAIRLINE)
                        .isFalse();
            }
        });
    }

    @Test
    void holdGrowsWithPassesAndFallsWithShareAndTime() {
        for (Slip slip : Slip.values()) {
            double last = 0;
            for (int passes = 1; passes <= Tie.USEFUL_PASSES; passes++) {
                double now = Hold.of(slip, Share.HALF, Tie.of(Knot.REGULAR, passes), DOWN)
                        .score();
                assertThat(now).isGreaterThan(last);
                last = now;
            }
            assertThat(Hold.of(slip, Share.QUARTER, Tie.of(Knot.REGULAR, 1), DOWN)
                            .score())
                    .isGreaterThan(Hold.of(slip, Share.WHOLE, Tie.of(Knot.REGULAR, 1), DOWN)
                            .score());
            Demand long8 = new Demand(8, true, true, true, false, 0);
            assertThat(Hold.of(slip, Share.HALF, Tie.of(Knot.REGULAR, 2), long8).score())
                    .isLessThan(Hold.of(slip, Share.HALF, Tie.of(Knot.REGULAR, 2), DOWN)
                            .score());
        }
        // A first twist locks small shares only.
        Tie twist = Tie.of(Knot.TWIST_FIRST, 3);
        Tie plain = Tie.of(Knot.REGULAR, 3);
        assertThat(Hold.of(Slip.SLIDING, Share.THIRD, twist, DOWN).score())
                .isGreaterThan(Hold.of(Slip.SLIDING, Share.THIRD, plain, DOWN).score());
        assertThat(Hold.of(Slip.SLIDING, Share.WHOLE, twist, DOWN).score())
                .isLessThan(Hold.of(Slip.SLIDING, Share.WHOLE, plain, DOWN).score());
    }

    /** By hair, not by pieces: half asked is half placed, whatever has to sit side by side for it. */
    @ParameterizedTest
    @ValueSource(ints = {10, 25, 40, 50, 65})
    void aMixComesToItsPartsAndClumpsOnlyWhereItMust(int percent) {
        HairLine other = HookedHeads.hair(Texture.LOOSE_WAVE);
        HairMix mix = new HairMix(
                HairMix.How.RATIO, List.of(new HairMix.Strand(other, "honey", percent, Optional.empty())), 7, false);
        Hooked h = hook(STRAIGHT, USUAL.mixing(mix), DOWN);
        assertThat(100 * hair(h, 1) / (hair(h, 0) + hair(h, 1))).isCloseTo(percent, within(2.0));
        long alike = IntStream.range(1, h.stations().size())
                .filter(i -> {
                    Station a = h.stations().get(i - 1);
                    Station b = h.stations().get(i);
                    return a.id().row().equals(b.id().row()) && a.strand() == 1 && b.strand() == 1;
                })
                .count();
        if (percent <= 25) {
            assertThat(alike).isZero();
        }
        assertThat(alike).isLessThan((long)
                (percent / 100.0 * percent / 100.0 * h.stations().size()));
        assertThat(hook(STRAIGHT, USUAL.mixing(mix), DOWN).stations()).isEqualTo(h.stations());
        HairMix reseeded = new HairMix(mix.how(), mix.others(), 8, false);
        if (percent <= 40) {
            // Where every other share is of it there is only one way.
            assertThat(hook(STRAIGHT, USUAL.mixing(reseeded), DOWN).stations()).isNotEqualTo(h.stations());
        }
        assertThat(h.tallies()).hasSize(2);
        assertThat(h.tallies().stream().mapToInt(LoopTally::shares).sum())
                .isEqualTo(h.stations().size());
    }

    private static double hair(Hooked h, int strand) {
        return h.stations().stream()
                .filter(s -> s.strand() == strand)
                .mapToDouble(s -> s.share().ofLoop())
                .sum();
    }

    /** What comes ready twisted goes in whole everywhere, and takes no more hair for it. */
    @Test
    void whatComesUndoneWhenItIsSplitGoesInWhole() {
        for (Method method : List.of(
                Method.usual(),
                Method.usual().with(Method.RowStart.FULL),
                Method.usual().with(Method.BackSpacing.FINE),
                Method.usual().with(Method.Spacing.EVEN))) {
            Hooked h = HookedHeads.hook(
                    HookedHeads.STRAIGHT, Texture.SHORT_TWIST, USUAL.by(method).usingBaseHair(true), UP);
            Each.of(h.stations()).allMatch(s -> s.share().equals(Share.WHOLE));
            Each.of(h.tallies()).allMatch(t -> t.splitShares() == 0);
        }
        double whole = HookedHeads.medium(Texture.SHORT_TWIST).loops();
        assertThat(whole).isCloseTo(HookedHeads.medium(Texture.SPRINGY_CURL).loops(), within(10.0));
        assertThatExceptionOfType(HookingException.class)
                .isThrownBy(() -> HookedHeads.hook(
                        HookedHeads.STRAIGHT, Texture.SHORT_TWIST, USUAL.taking(Zone.FRONT, Share.HALF), DOWN))
                .withMessageContaining("comes undone");
    }

    /** A loop with one bead splits into one share that has it and others that need a knot. */
    @Test
    void aLoopHasOneBeadHoweverItIsSplit() {
        HairLine beaded = new HairLine(
                "Ebb", Texture.SPRINGY_CURL, 300, true, 20, 1, 3, Money.of(650, "EUR"), false, List.of("ink"));
        Hooked h = Hooker.hook(MEDIUM, STRAIGHT, beaded, 1, USUAL, DOWN, List.of(), 0);
        for (Share share : h.tallies().get(0).sharesBySize().keySet()) {
            List<Station> of =
                    h.stations().stream().filter(s -> s.share().equals(share)).toList();
            long beads = of.stream().filter(s -> s.tie().knot() == Knot.BEAD).count();
            assertThat(beads).isLessThanOrEqualTo(LoopTally.loops(share, of.size()));
            if (share.equals(Share.WHOLE)) {
                assertThat(beads).isEqualTo(of.size());
            }
        }
        assertThat(h.stations()).anyMatch(s -> s.tie().knot() == Knot.REGULAR);
    }

    @Test
    void aZoneCanHaveItsOwnHairAndAccentsStayWhereTheyAreSeen() {
        HairLine other = HookedHeads.hair(Texture.LOOSE_WAVE);
        HairMix zones = new HairMix(
                HairMix.How.ZONES, List.of(new HairMix.Strand(other, "ink", 100, Optional.of(Zone.NAPE))), 1, false);
        Each.of(hook(STRAIGHT, USUAL.mixing(zones), DOWN).stations())
                .allMatch(s -> (s.strand() == 1) == (s.zone() == Zone.NAPE));
        HairMix accents = new HairMix(
                HairMix.How.ACCENTS, List.of(new HairMix.Strand(other, "honey", 30, Optional.empty())), 1, false);
        Each.of(hook(STRAIGHT, USUAL.mixing(accents), DOWN).stations())
                .allMatch(s -> s.strand() == 0 || s.zone() == Zone.FRONT)
                .anyMatch(s -> s.strand() == 1);
        assertThatIllegalArgumentException().isThrownBy(() -> new HairMix.Strand(other, "green", 30, Optional.empty()));
    }

    @Test
    void changesByHandStayWhereTheyWereMadeAndSayWhenTheyCannot() {
        RowId row = new RowId(Section.FRONT, 4);
        Hooked before = hook(STRAIGHT, USUAL, DOWN);
        Station third = before.stations().stream()
                .filter(s -> s.id().equals(new StationId(row, 3)))
                .findFirst()
                .orElseThrow();
        double at = third.alongRowMm() / STRAIGHT.row(row).orElseThrow().lengthMm();
        List<StationEdit> edits = List.of(
                new StationEdit.Resize(row, at, new Share(5)),
                new StationEdit.Retie(row, at, Knot.DOUBLE_ENTRY),
                new StationEdit.Hold(row, at, ExtraHold.FINGER_TURN),
                new StationEdit.Add(row, 0.95, new Share(2)),
                new StationEdit.Remove(new RowId(Section.LEVEL, 9), 0.5));
        Hooked h = hook(STRAIGHT, USUAL.withEdits(edits), DOWN);
        Station changed = h.stations().stream()
                .filter(s -> s.byHand() && s.role() != Role.HAND)
                .findFirst()
                .orElseThrow();
        assertThat(changed.chart()).isEqualTo(third.chart());
        assertThat(changed.share()).isEqualTo(new Share(5));
        assertThat(changed.tie().knot()).isEqualTo(Knot.DOUBLE_ENTRY);
        assertThat(changed.tie().holds()).containsExactly(ExtraHold.FINGER_TURN);
        assertThat(h.stations()).hasSize(before.stations().size() + 1);
        assertThat(h.lost())
                .singleElement()
                .satisfies(l -> assertThat(l.index()).isEqualTo(4));
        // Planned anew at another fullness the change is still there.
        assertThat(Hooker.hook(
                                MEDIUM,
                                STRAIGHT,
                                HookedHeads.hair(Texture.DEEP_WAVE),
                                1.1,
                                USUAL.withEdits(edits),
                                DOWN,
                                List.of(),
                                0)
                        .stations())
                .anyMatch(s -> s.share().equals(new Share(5)) && s.byHand());
        Hooked without = hook(STRAIGHT, USUAL.withEdits(List.of(new StationEdit.Remove(row, at))), DOWN);
        assertThat(without.stations()).hasSize(before.stations().size() - 1);
        assertThat(idsAreUnique(h)).isTrue();
        assertThat(new StationId(h.stations().get(0).id().row(), 1500).number()).isEqualTo(1500);
    }

    @Test
    void ofTwoSharesAddedToOneRowOnlyTheOneThatIsMeantIsTied() {
        RowId row = new RowId(Section.FRONT, 4);
        List<StationEdit> edits = List.of(
                new StationEdit.Add(row, 0.3, new Share(2)),
                new StationEdit.Add(row, 0.7, new Share(2)),
                new StationEdit.Retie(row, 0.3, Knot.DOUBLE_ENTRY),
                new StationEdit.Resize(row, 0.7, new Share(8)));
        Hooked h = hook(STRAIGHT, USUAL.withEdits(edits), DOWN);
        List<Station> added =
                h.stations().stream().filter(s -> s.role() == Role.HAND).toList();
        assertThat(added).hasSize(2);
        assertThat(added.get(0).tie().knot()).isEqualTo(Knot.DOUBLE_ENTRY);
        // The other was never tied by hand: its knot follows its new share.
        assertThat(added.get(1).tie())
                .isEqualTo(new KnotChooser(Method.usual(), DOWN)
                        .choose(Role.HAND, new Share(8), HookedHeads.hair(Texture.DEEP_WAVE)));
        assertThat(idsAreUnique(h)).isTrue();
    }

    @Test
    void aSpiralHookedVeryCloselyHasManyHundredSharesOnItsOneRow() {
        Foundation spiral = RowLayout.lay(MEDIUM, FoundationBrief.of(14, new Back.Spiral(10), 12), OwnHair.ordinary());
        HookingBrief close =
                USUAL.by(Method.usual().with(Method.BackSpacing.FINE)).usingBaseHair(true);
        for (Zone zone : Zone.values()) {
            // As close as knots may sit.
            Share wisp = new Share(zone == Zone.MIDDLE ? 6 : 8);
            ZoneSetting wide = HookingPlan.of(
                            HookedHeads.hair(Texture.SILKY_WAVE),
                            1,
                            close.wishing(zone, new ZoneWish(ZoneWish.CLOSER.min(), Optional.of(wisp))))
                    .setting(zone);
            double closer = ZoneWish.CLOSER.min() * wide.spacingMm() / 3.1 / 1.6;
            close = close.wishing(zone, new ZoneWish(closer, Optional.of(wisp)));
        }
        Hooked h = Hooker.hook(MEDIUM, spiral, HookedHeads.hair(Texture.SILKY_WAVE), 1.6, close, DOWN, List.of(), 0);
        assertThat(h.stations()).hasSizeGreaterThan(850);
        assertThat(idsAreUnique(h)).isTrue();
    }

    @Test
    void aSingleLegIsPartedByHandAndAnyOtherKnotSaysThatItCannotBe() {
        RowId row = new RowId(Section.FRONT, 4);
        Station first = hook(STRAIGHT, USUAL, DOWN).stations().stream()
                .filter(s -> s.id().equals(new StationId(row, 1)))
                .findFirst()
                .orElseThrow();
        assertThat(first.tie().knot()).isEqualTo(Knot.INVISIBLE);
        double at = first.alongRowMm() / STRAIGHT.row(row).orElseThrow().lengthMm();
        StationEdit half = new StationEdit.PartLeg(row, at, 0.5);
        Hooked parted = hook(STRAIGHT, USUAL.withEdits(List.of(half)), DOWN);
        assertThat(parted.stations())
                .filteredOn(Station::byHand)
                .singleElement()
                .satisfies(s -> assertThat(s.tie().legPart()).isEqualTo(0.5));
        StationEdit regular = new StationEdit.Retie(row, at, Knot.REGULAR);
        assertThat(hook(STRAIGHT, USUAL.withEdits(List.of(regular, half)), DOWN).lost())
                .singleElement()
                .satisfies(l -> assertThat(l.reason()).contains("Only a single leg can be parted"));
    }

    private static boolean idsAreUnique(Hooked h) {
        Set<StationId> ids = new HashSet<>();
        return h.stations().stream().map(Station::id).allMatch(ids::add);
    }

    @Test
    void loopsAreNotCutAcrossAndLooseLengthsMayBe() {
        assertThatExceptionOfType(HookingException.class)
                .isThrownBy(
                        () -> hook(STRAIGHT, USUAL.preparing(Bulk.AS_IT_COMES.cutting(Set.of(Zone.values()))), DOWN))
                .withMessageContaining("cannot be cut across");
        HairLine loose =
                HookedHeads.hair(Texture.DEEP_WAVE).of(new Fibre(20, Slip.MIDDLING, false, false, OptionalInt.of(120)));
        Hooked cut = Hooker.hook(
                MEDIUM,
                STRAIGHT,
                loose,
                1,
                USUAL.preparing(Bulk.AS_IT_COMES.cutting(Set.of(Zone.values()))),
                DOWN,
                List.of(),
                0);
        assertThat(cut.hairs().get(0).line().lengthMm()).isEqualTo(150);
        assertThat(cut.hairs().get(0).line().loopsPerPack()).isEqualTo(40);
    }

    @Test
    void spacingBelowTheWidthOfAKnotIsRefusedWithItsFigure() {
        assertThatExceptionOfType(HookingException.class)
                .isThrownBy(() -> HookingPlan.of(
                        HookedHeads.hair(Texture.SILKY_WAVE),
                        1.5,
                        USUAL.wishing(Zone.FRONT, new ZoneWish(2, Optional.of(new Share(8))))))
                .withMessageContaining("would sit on its neighbour")
                .withMessageContaining("Take a larger share there, or at most 58 % of the usual hair.");
        // As much as it says can be hooked.
        assertThat(HookingPlan.of(
                                HookedHeads.hair(Texture.SILKY_WAVE),
                                1.5,
                                USUAL.wishing(Zone.FRONT, new ZoneWish(0.58, Optional.of(new Share(8)))))
                        .setting(Zone.FRONT)
                        .spacingMm())
                .isBetween(3.0, 3.1);
    }

    @Test
    void capsAreHookedEveryThreeAndAHalfCentimetresAndBaseHairOnlyWhenAsked() {
        Foundation capped = RowLayout.lay(
                MEDIUM, FoundationBrief.of(14, new Back.Capped(6, 20, true, false), 12), OwnHair.ordinary());
        List<Station> cap = hook(capped, USUAL, DOWN).stations().stream()
                .filter(s -> s.role() == Role.CAP)
                .toList();
        assertThat(cap).isNotEmpty();
        assertThat(hook(STRAIGHT, USUAL, DOWN).stations()).noneMatch(s -> s.role() == Role.BASE);
        assertThat(hook(STRAIGHT, USUAL.usingBaseHair(true), DOWN).stations()).anyMatch(s -> s.role() == Role.BASE);
    }

    @ParameterizedTest
    @EnumSource(Method.Order.class)
    void everyOrderHooksEachShareOnceAndKeepsLeftAndRightByTurns(Method.Order order) {
        Foundation rows = parted(FlankSchool.FINE_ROWS, WearingPart.straight(-34), WearingPart.straight(34));
        Hooked h = hook(rows, USUAL, DOWN);
        List<WorkStep> steps = WorkOrder.of(order, rows, h.stations());
        assertThat(steps.stream().flatMap(s -> s.stations().stream()))
                .containsExactlyInAnyOrderElementsOf(
                        h.stations().stream().map(Station::id).toList());
        assertThat(steps).extracting(WorkStep::number).isSorted().doesNotHaveDuplicates();
        // Four rows beside two parts, left and right in turn.
        assertThat(steps)
                .filteredOn(WorkStep::isMarked)
                .hasSize(2)
                .allMatch(w -> w.twin().isPresent());
        if (order != Method.Order.FRONT_FIRST && order != Method.Order.HALF_THE_BACK) {
            assertThat(steps.get(steps.size() - 1).isMarked()).isTrue();
        }
        List<StationId> turn =
                steps.stream().flatMap(w -> w.stations().stream()).toList();
        int alternations = 0;
        for (int i = 1; i < turn.size(); i++) {
            double a = rows.row(turn.get(i - 1).row())
                    .orElseThrow()
                    .path()
                    .chartAt(30)
                    .x();
            double b =
                    rows.row(turn.get(i).row()).orElseThrow().path().chartAt(30).x();
            alternations += a * b < 0 ? 1 : 0;
        }
        assertThat(alternations).isGreaterThan(turn.size() * 8 / 10);
    }

    /** Pooled by size, shares take what counting loop by loop takes: a loop is opened when no share of its size is left. */
    @Test
    void poolingIsWhatOpeningLoopByLoopComesTo() {
        for (Texture texture : Texture.values()) {
            Hooked h = HookedHeads.medium(texture);
            Map<Share, Integer> open = new HashMap<>();
            int loops = 0;
            for (Station s : h.stations()) {
                int left = open.getOrDefault(s.share(), 0);
                if (left == 0) {
                    loops++;
                    left = s.share().parts();
                }
                open.put(s.share(), left - 1);
            }
            assertThat(h.loops()).isEqualTo(loops);
        }
    }
}
