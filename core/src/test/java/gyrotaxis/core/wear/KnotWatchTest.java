package gyrotaxis.core.wear;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Which knots show: where, how tied, and under how much hair. */
class KnotWatchTest {
    private static final Foundation PARTED = RowLayout.lay(
            MEDIUM,
            FoundationBrief.of(14, 5, 12)
                    .withParts(List.of(WearingPart.straight(-40), WearingPart.straight(40)), FlankSchool.FINE_ROWS)
                    .withRim(RimBrief.plain().withPerimeter(RimBrief.Where.SIDES_AND_NAPE, 12)),
            OwnHair.ordinary());
    private static final Demand UP = new Demand(5, false, false, false, true, 0);

    private static Hooked hook(HookingBrief brief, Demand demand) {
        return HookedHeads.hook(PARTED, Texture.DEEP_WAVE, brief, demand);
    }

    private static Set<StationId> seen(Hooked hooked, Worn worn) {
        return KnotWatch.of(hooked, PARTED, worn).stream()
                .map(KnotSight::station)
                .collect(Collectors.toSet());
    }

    /** The usual method hides every knot by its place, however it is worn. */
    @Test
    void hookedTheUsualWayNoKnotShowsByItsPlace() {
        for (Worn worn : Worn.all(PARTED)) {
            assertThat(seen(hook(HookingBrief.usual(), UP), worn))
                    .as(worn.toString())
                    .isEmpty();
        }
    }

    /** A regular knot beside a part shows only while that part is worn. */
    @Test
    void aRegularKnotBesideAPartShowsWithThatPartOnly() {
        Hooked usual = hook(HookingBrief.usual(), Demand.ordinary());
        Station beside = usual.stations().stream()
                .filter(s -> s.role() == Role.PART && s.part() == 0)
                .skip(5)
                .findFirst()
                .orElseThrow();
        double rowMm = PARTED.row(beside.id().row()).orElseThrow().lengthMm();
        Hooked changed = hook(
                HookingBrief.usual()
                        .withEdits(List.of(
                                new StationEdit.Retie(beside.id().row(), beside.alongRowMm() / rowMm, Knot.REGULAR))),
                Demand.ordinary());
        assertThat(seen(changed, Worn.parted(0))).containsExactly(beside.id());
        assertThat(seen(changed, Worn.parted(1))).isEmpty();
        assertThat(seen(changed, Worn.as(Way.DOWN))).isEmpty();
        assertThat(KnotWatch.of(changed, PARTED, Worn.parted(0)))
                .singleElement()
                .satisfies(k -> assertThat(k.byKnot()).isTrue())
                .satisfies(k -> assertThat(k.why()).contains("beside the part"));
    }

    /** Hooked to be worn down, the perimeter is hooked downward: drawn up it shows, and no other knot would help. */
    @Test
    void aPerimeterHookedToFallShowsWhenItIsDrawnUp() {
        Hooked down = hook(HookingBrief.usual(), Demand.ordinary());
        List<KnotSight> sights = KnotWatch.of(down, PARTED, Worn.as(Way.HIGH_PONYTAIL));
        assertThat(sights).isNotEmpty().allSatisfy(k -> assertThat(k.why()).contains("drawn up"));
        assertThat(seen(down, Worn.as(Way.DOWN))).isEmpty();
        assertThat(seen(hook(HookingBrief.usual(), UP), Worn.as(Way.HIGH_PONYTAIL)))
                .isEmpty();
    }

    /** Tiny shares with both legs through twice are one of the two schools at the hairline: they hardly show, however bare it is. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void tinySharesTwiceThroughHardlyShowAtTheHairline(Way way) {
        Method usual = Method.usual();
        Method tiny = usual.with(usual.knots().with(Method.HairlineKnot.TINY_TWICE));
        Hooked hooked = hook(HookingBrief.usual().by(tiny), Demand.ordinary());
        CoverGrid grid = CoverGrid.of(MEDIUM, 1500);
        Cover bald = FallSimulator.coverOf(grid, PARTED, Worn.as(way), new double[grid.size()]);
        Set<StationId> seen = KnotWatch.of(hooked, PARTED, bald).stream()
                .map(KnotSight::station)
                .collect(Collectors.toSet());
        for (Station s : hooked.stations()) {
            if (s.role() == Role.HAIRLINE) {
                assertThat(seen).doesNotContain(s.id());
            } else if (s.role() == Role.ROW && s.share().parts() < 4) {
                assertThat(seen).contains(s.id());
            }
        }
    }

    /** With cover known, knots under too little hair are added and none is taken away. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void coverOnlyAddsKnots(Way way) {
        Hooked hooked = hook(HookingBrief.usual(), Demand.ordinary());
        Cover cover = FallSimulator.cover(CoverGrid.of(MEDIUM, 1500), PARTED, hooked, Worn.as(way));
        Set<StationId> withCover = KnotWatch.of(hooked, PARTED, cover).stream()
                .map(KnotSight::station)
                .collect(Collectors.toSet());
        assertThat(withCover).containsAll(seen(hooked, Worn.as(way)));
        for (KnotSight k : KnotWatch.of(hooked, PARTED, cover)) {
            assertThat(k.why()).isNotBlank().doesNotEndWith(".");
        }
    }

    /** Curls stand and waves lie; whoever has more hair stands higher, and two weeks change that by texture. */
    @ParameterizedTest
    @EnumSource(Texture.class)
    void outlineGrowsWithHairAndFollowsTheLoft(Texture texture) {
        CoverGrid grid = CoverGrid.of(MEDIUM, 1500);
        Hooked hooked = HookedHeads.medium(texture);
        Cover cover = FallSimulator.cover(grid, HookedHeads.STRAIGHT, hooked, Worn.as(Way.DOWN));
        Outline first = Outline.of(cover, texture, 0);
        Outline late = Outline.of(cover, texture, 14);
        Each.of(first.heightMm().values()).allMatch(h -> h > 0 && h < 60);
        double change = Loft.of(texture).at(14) / Loft.of(texture).at(0);
        first.heightMm()
                .forEach((zone, h) -> assertThat(late.heightMm().get(zone) / h).isCloseTo(change, within(1e-9)));
        assertThat(first.isTooRound()).isFalse();
    }

    /** Half up draws the front of the edge up, low all that is in front or above the ears, high and a bun every edge. */
    @ParameterizedTest
    @CsvSource({
        "HALF_UP, true, false, false",
        "LOW_PONYTAIL, true, true, false",
        "HIGH_PONYTAIL, true, true, true",
        "BUN, true, true, true",
        "DOWN, false, false, false",
        "SWEPT_LEFT, false, false, false"
    })
    void aPlainKnotAtAnEdgeShowsWhereThatEdgeIsDrawnUp(Way way, boolean front, boolean above, boolean nape) {
        assertThat(showsAt(way, new Vec3(40, 80, -20))).isEqualTo(front);
        assertThat(showsAt(way, new Vec3(60, -40, 20))).isEqualTo(above);
        assertThat(showsAt(way, new Vec3(30, -80, -60))).isEqualTo(nape);
    }

    private static boolean showsAt(Way way, Vec3 at) {
        Station plain = Station.placed(
                new StationId(new RowId(Section.PERIMETER, 1), 1),
                10,
                new Vec2(0, 0),
                at,
                Zone.FRONT,
                Role.PERIMETER,
                Station.NO_PART,
                new Share(2));
        Hooked one = HookedHeads.medium(Texture.DEEP_WAVE).only(List.of(plain));
        List<KnotSight> sights = KnotWatch.of(one, PARTED, Worn.as(way));
        sights.forEach(k -> assertThat(k.why()).contains("regular knot at an edge"));
        return !sights.isEmpty();
    }

    /** Wind lays the hairline bare, and no other place. */
    @Test
    void windShowsPlainKnotsAtTheHairline() {
        Station plain = Station.placed(
                new StationId(new RowId(Section.FRONT, 1), 1),
                5,
                new Vec2(0, 100),
                new Vec3(0, 90, 10),
                Zone.FRONT,
                Role.HAIRLINE,
                Station.NO_PART,
                new Share(2));
        Hooked one = HookedHeads.medium(Texture.DEEP_WAVE).only(List.of(plain));
        assertThat(KnotWatch.of(one, PARTED, Worn.as(Way.WIND)))
                .singleElement()
                .satisfies(k -> assertThat(k.why()).contains("wind"));
        assertThat(KnotWatch.of(one, PARTED, Worn.as(Way.DOWN))).isEmpty();
        Hooked behind = HookedHeads.medium(Texture.DEEP_WAVE)
                .only(List.of(Station.placed(
                        plain.id(),
                        50,
                        plain.chart(),
                        plain.space(),
                        Zone.FRONT,
                        Role.ROW,
                        Station.NO_PART,
                        new Share(2))));
        assertThat(KnotWatch.of(behind, PARTED, Worn.as(Way.WIND))).isEmpty();
    }

    /** A hidden knot beside a part that was hooked away from it lies on the near side of its row. */
    @Test
    void aHiddenKnotHookedAwayFromItsPartShows() {
        Hooked usual = hook(HookingBrief.usual(), Demand.ordinary());
        Station beside = usual.stations().stream()
                .filter(s -> s.role() == Role.PART && s.part() == 0)
                .findFirst()
                .orElseThrow();
        Bearing away = new Bearing(
                beside.bearing().entry().times(-1), Bearing.Rule.FALL, false, "from her left, toward her right");
        Hooked changed = usual.only(List.of(beside.hooked(away)));
        assertThat(KnotWatch.of(changed, PARTED, Worn.parted(0)))
                .singleElement()
                .satisfies(k -> {
                    assertThat(k.why()).contains("away from the part");
                    assertThat(k.byKnot()).isFalse();
                });
        assertThat(KnotWatch.of(changed, PARTED, Worn.parted(1))).isEmpty();
    }
}
