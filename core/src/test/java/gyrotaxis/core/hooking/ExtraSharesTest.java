package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shares that no spacing asks for: where rows cross, where parts end, in base hair, at a full start. */
class ExtraSharesTest {
    private static final HookingBrief USUAL = HookingBrief.usual();

    private static Hooked hook(Foundation rows, HookingBrief brief) {
        return HookedHeads.hook(rows, Texture.DEEP_WAVE, brief, Demand.ordinary());
    }

    private static List<Station> on(Hooked h, RowId row) {
        return h.stations().stream().filter(s -> s.id().row().equals(row)).toList();
    }

    /** A knot within 9 mm does as well, so one is added only where none is so near; and none lies closer than that to another. */
    private static void assertClosedAt(Hooked h, Row row, Vec2 place) {
        double at = row.path().nearest(place) * row.lengthMm();
        double along = Math.min(row.lengthMm() - 5, Math.max(5, at));
        assertThat(on(h, row.id()))
                .as("%s at %s mm", row.id(), along)
                .anyMatch(s -> Math.abs(s.alongRowMm() - along) < 9);
    }

    @ParameterizedTest
    @EnumSource(PartEnd.class)
    void bothFlanksAreHookedWhereAPartEnds(PartEnd end) {
        WearingPart part = new WearingPart(0, 0, OptionalDouble.of(70)).ending(end);
        Foundation rows = RowLayout.lay(
                MEDIUM,
                FoundationBrief.of(14, 5, 12).withParts(List.of(part), FlankSchool.FINE_ROWS),
                OwnHair.ordinary());
        Hooked h = hook(rows, USUAL);
        LaidPart laid = rows.parts().get(0);
        Vec2 last = laid.path().chart().get(laid.path().chart().size() - 1);
        assertClosedAt(h, rows.row(laid.gap().left()).orElseThrow(), last);
        assertClosedAt(h, rows.row(laid.gap().right()).orElseThrow(), last);
    }

    @Test
    void theRowThatRunsOverIsHookedWhereRowsCross() {
        for (Foundation rows : List.of(
                RowLayout.lay(MEDIUM, FoundationBrief.of(14, new Back.CrossTied(), 12), OwnHair.ordinary()),
                RowLayout.lay(MEDIUM, FoundationBrief.of(14, 5, 12).withOverlays(List.of(20.0)), OwnHair.ordinary()))) {
            Hooked h = hook(rows, USUAL);
            assertThat(rows.crossings()).isNotEmpty();
            for (Crossing c : rows.crossings()) {
                assertClosedAt(h, rows.row(c.over()).orElseThrow(), c.chart());
            }
            for (Station s : h.stations()) {
                if (s.role() == Role.CROSSING) {
                    assertThat(s.share()).isEqualTo(Share.HALF);
                    // No other sat so near that it would have done.
                    assertThat(on(h, s.id().row()))
                            .filteredOn(o -> o.role() != Role.CROSSING)
                            .noneMatch(o -> Math.abs(o.alongRowMm() - s.alongRowMm()) < 9);
                }
            }
        }
    }

    @Test
    void baseHairIsTakenBesideEveryOtherShareAwayFromTheMidlineButNotAtTheNape() {
        Hooked with = hook(STRAIGHT, USUAL.usingBaseHair(true));
        Hooked without = hook(STRAIGHT, USUAL);
        List<Station> base =
                with.stations().stream().filter(s -> s.role() == Role.BASE).toList();
        assertThat(base).hasSizeGreaterThan(20).allSatisfy(s -> {
            Row row = STRAIGHT.row(s.id().row()).orElseThrow();
            Vec2 onRow = row.path().chartAt(s.alongRowMm() - 0.5);
            assertThat(s.zone()).isNotEqualTo(Zone.NAPE);
            assertThat(s.chart().distance(onRow)).isCloseTo(row.braidWidthMm() / 2 + 2.5, within(0.3));
            assertThat(Math.abs(s.chart().x())).isGreaterThan(Math.abs(onRow.x()));
            assertThat(s.share()).isEqualTo(Share.HALF);
            assertThat(MEDIUM.chart().lift(s.chart()).distance(s.space())).isLessThan(1e-6);
        });
        for (Row row : STRAIGHT.rows()) {
            List<Station> plain = on(without, row.id());
            long taken =
                    base.stream().filter(s -> s.id().row().equals(row.id())).count();
            long could = 0;
            for (int i = 0; i < plain.size(); i += 2) {
                could += plain.get(i).zone() != Zone.NAPE && plain.get(i).role() == Role.ROW ? 1 : 0;
            }
            assertThat(taken).as(row.id().toString()).isEqualTo(could);
        }
    }

    /** A full start has two halves side by side, six millimetres apart, where one share would have been. */
    @Test
    void aFullStartPutsTwoHalvesAtTheFrontOfEveryRow() {
        Hooked full = hook(STRAIGHT, USUAL.by(Method.usual().with(Method.RowStart.FULL)));
        int starts = 0;
        for (Row row : STRAIGHT.rows()) {
            if (!row.id().startsInFront()) {
                continue;
            }
            List<Station> on = on(full, row.id());
            starts++;
            assertThat(on.subList(0, 2)).extracting(Station::share).containsOnly(Share.HALF);
            assertThat(on.get(1).alongRowMm() - on.get(0).alongRowMm()).isBetween(1.0, 6.0 + 1e-9);
            assertThat(on.subList(0, 2)).extracting(Station::role).containsOnly(Role.HAIRLINE);
        }
        assertThat(starts).isEqualTo(14);
    }

    @Test
    void rowsThatAreShownOrCarryWeftsAreNotHooked() {
        WearingPart shown = new WearingPart(-30, 0, 0, OptionalDouble.empty(), PartEnd.OPEN, true);
        Foundation rows = RowLayout.lay(
                MEDIUM,
                FoundationBrief.of(14, 5, 12).withParts(List.of(shown), FlankSchool.FINE_ROWS),
                OwnHair.ordinary());
        Foundation wefted =
                RowLayout.lay(MEDIUM, FoundationBrief.of(14, new Back.Wefted(5, true), 12), OwnHair.ordinary());
        for (Foundation f : List.of(rows, wefted)) {
            Hooked h = hook(f, USUAL);
            int bare = 0;
            for (Row row : f.rows()) {
                boolean isHooked = switch (row.use()) {
                    case SHOWN, WEFTED -> false;
                    default -> true;
                };
                bare += isHooked ? 0 : 1;
                assertThat(on(h, row.id()).isEmpty()).as(row.id().words()).isEqualTo(!isHooked);
            }
            assertThat(bare).isPositive();
        }
    }

    /** A row beside two parts is counted twice; one beside none is beside no part anywhere along it. */
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.5, 0.9})
    void flanksLieBesideTheirPartAsFarAsItRuns(double along) {
        Foundation rows = RowLayout.lay(
                MEDIUM,
                FoundationBrief.of(14, 5, 12)
                        .withParts(
                                List.of(
                                        new WearingPart(-8, 0, OptionalDouble.of(60)),
                                        new WearingPart(8, 0, OptionalDouble.of(60))),
                                FlankSchool.FINE_ROWS),
                OwnHair.ordinary());
        Flanks flanks = new Flanks(rows.parts());
        RowId between = rows.parts().get(0).gap().right();
        RowId left = rows.parts().get(0).gap().left();
        assertThat(flanks.count(between)).isEqualTo(2);
        assertThat(flanks.count(left)).isEqualTo(1);
        assertThat(flanks.count(new RowId(left.section(), 1))).isZero();
        Row row = rows.row(left).orElseThrow();
        Vec2 at = row.path().chartAt(along * row.lengthMm());
        boolean isBeside = along * row.lengthMm() < 55;
        boolean isBehind = along * row.lengthMm() > 70;
        assertThat(flanks.beside(left, at)).isEqualTo(isBehind ? Station.NO_PART : 0);
        assertThat(isBeside || isBehind).isTrue();
        assertThat(flanks.beside(new RowId(left.section(), 1), at)).isEqualTo(Station.NO_PART);
    }
}
