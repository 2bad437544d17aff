package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationEdit.DrawShut;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.FallenHair;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A share through two knots draws the hair of both over the gap between them. */
class DrawShutTest {
    private static final RowId FOURTH = new RowId(Section.FRONT, 4);
    private static final RowId FIFTH = new RowId(Section.FRONT, 5);
    private static final Share QUARTER = new Share(4);
    private static final Hooked BEFORE = HookedHeads.medium(Texture.DEEP_WAVE);

    private final Station near = on(BEFORE, FOURTH).get(2);
    private final Station far = on(BEFORE, FIFTH).stream()
            .min(Comparator.comparingDouble(s -> s.space().distance(near.space())))
            .orElseThrow();
    private final Vec2 middle = near.chart().lerp(far.chart(), 0.5);

    private static List<Station> on(Hooked h, RowId row) {
        return h.stations().stream().filter(s -> s.id().row().equals(row)).toList();
    }

    private static double at(Station s) {
        Row row = STRAIGHT.row(s.id().row()).orElseThrow();
        return s.alongRowMm() / row.lengthMm();
    }

    private DrawShut shut() {
        return new DrawShut(FOURTH, at(near), QUARTER, FIFTH, at(far));
    }

    private static Hooked with(StationEdit... edits) {
        return HookedHeads.hook(
                STRAIGHT, Texture.DEEP_WAVE, HookingBrief.usual().withEdits(List.of(edits)), Demand.ordinary());
    }

    @Test
    void theShareGoesThroughBothKnotsAndAllThreeFallFromBetweenThem() {
        Hooked after = with(shut());
        assertThat(after.lost()).isEmpty();
        assertThat(after.stations()).hasSize(BEFORE.stations().size() + 1);
        List<Station> drawn =
                after.stations().stream().filter(s -> s.drawnTo().isPresent()).toList();
        assertThat(drawn)
                .hasSize(3)
                .allSatisfy(s ->
                        assertThat(s.drawnTo().orElseThrow().distance(middle)).isLessThan(1e-9));
        Station share = drawn.stream().filter(Station::byHand).findFirst().orElseThrow();
        assertThat(share.share()).isEqualTo(QUARTER);
        assertThat(share.bearing().rule()).isEqualTo(Bearing.Rule.SHUT);
        assertThat(share.bearing().entry().dot(far.space().minus(near.space()))).isPositive();
        assertThat(share.bearing().words()).contains("through the knot there", FIFTH.words());
        assertThat(share.alongRowMm()).isCloseTo(near.alongRowMm(), within(1.0));
        // The knots themselves are tied and hooked as they were.
        assertThat(drawn.stream().filter(s -> !s.byHand()).map(Station::tie)).containsExactly(near.tie(), far.tie());
    }

    @Test
    void theirHairIsNeitherMoreNorLessAndLiesOverTheGap() {
        CoverGrid grid = CoverGrid.of(MEDIUM, 6_000);
        Worn down = Worn.as(Way.DOWN);
        List<Station> after = with(shut()).stations().stream()
                .filter(s -> s.drawnTo().isPresent() && !s.byHand())
                .toList();
        double[] was = FallSimulator.depth(grid, STRAIGHT, BEFORE, List.of(near, far), down, 0);
        double[] is = FallSimulator.depth(grid, STRAIGHT, BEFORE, after, down, 0);
        // It falls from elsewhere, and so leaves the head a little sooner or later.
        assertThat(Arrays.stream(is).sum())
                .isCloseTo(
                        Arrays.stream(was).sum(),
                        within(0.05 * Arrays.stream(was).sum()));
        assertThat(is[grid.cellAt(middle)]).isGreaterThan(1.1 * was[grid.cellAt(middle)]);
    }

    @Test
    void inTheRoundItLeavesItsKnotTowardTheOther() {
        Hooked after = with(shut());
        CoverGrid grid = CoverGrid.of(MEDIUM, 1_500);
        FallenHair hair = FallSimulator.hair(grid, STRAIGHT, after, Worn.as(Way.DOWN), 0).stream()
                .filter(h -> h.station().equals(near.id()))
                .findFirst()
                .orElseThrow();
        assertThat(hair.line().get(0)).isEqualTo(near.space());
        assertThat(hair.line().get(1).distance(MEDIUM.chart().lift(middle))).isLessThan(1e-6);
    }

    @Test
    void knotsThatLieTooFarApartAreNotDrawn() {
        Station away = on(BEFORE, new RowId(Section.FRONT, 10)).stream()
                .max(Comparator.comparingDouble(s -> s.space().distance(near.space())))
                .orElseThrow();
        assertThat(away.space().distance(near.space())).isGreaterThan(DrawShut.FURTHEST_MM);
        Hooked after = with(new DrawShut(FOURTH, at(near), QUARTER, away.id().row(), at(away)));
        assertThat(after.stations()).hasSameSizeAs(BEFORE.stations());
        assertThat(after.lost())
                .singleElement()
                .satisfies(l -> assertThat(l.reason()).contains("too far apart"));
    }

    @Test
    void aKnotIsDrawnToOneSideOnly() {
        Station third = on(BEFORE, new RowId(Section.FRONT, 3)).stream()
                .min(Comparator.comparingDouble(s -> s.space().distance(near.space())))
                .orElseThrow();
        Hooked after =
                with(shut(), new DrawShut(FOURTH, at(near), QUARTER, third.id().row(), at(third)));
        assertThat(after.lost()).singleElement().satisfies(l -> {
            assertThat(l.index()).isEqualTo(1);
            assertThat(l.reason()).contains("one side only");
        });
        assertThat(after.stations()).hasSize(BEFORE.stations().size() + 1);
    }

    @Test
    void takenOutAgainNothingIsDrawn() {
        List<StationEdit> edits = new ArrayList<>(List.of(shut(), new StationEdit.Remove(FIFTH, at(far))));
        Hooked after = with(edits.toArray(StationEdit[]::new));
        assertThat(after.stations()).noneMatch(s -> s.drawnTo().isPresent());
        assertThat(after.stations()).hasSize(BEFORE.stations().size() - 1);
        assertThat(after.lost())
                .singleElement()
                .satisfies(l -> assertThat(l.reason()).contains("taken out"));
    }

    @Test
    void knotsThatAreNotThereAreToldNotGuessed() {
        assertThat(with(new DrawShut(FOURTH, at(near), QUARTER, new RowId(Section.SPIRAL, 1), 0.5))
                        .lost())
                .singleElement()
                .satisfies(l -> assertThat(l.reason()).contains("not there any more"));
        assertThat(with(new DrawShut(FOURTH, at(near), QUARTER, FOURTH, at(near)))
                        .lost())
                .hasSize(1);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new DrawShut(FOURTH, 0.5, QUARTER, FIFTH, 1.5))
                .withMessageContaining("otherAt");
    }

    /** The knot beyond a gap is the nearest on another row; what is drawn, or tied without a knot, has none. */
    @Test
    void theKnotBeyondIsTheNearestThatCanBeHookedThrough() {
        int found = 0;
        for (Station s : BEFORE.stations()) {
            double nearest = BEFORE.stations().stream()
                    .filter(o -> !o.id().row().equals(s.id().row()))
                    .mapToDouble(o -> o.space().distance(s.space()))
                    .min()
                    .orElseThrow();
            assertThat(BEFORE.beyond(s).map(o -> o.space().distance(s.space())))
                    .isEqualTo(nearest <= DrawShut.FURTHEST_MM ? Optional.of(nearest) : Optional.empty());
            found += BEFORE.beyond(s).isPresent() ? 1 : 0;
        }
        assertThat(found).isGreaterThan(20);
        Hooked after = with(shut());
        assertThat(after.stations().stream().filter(s -> s.drawnTo().isPresent()))
                .hasSize(3)
                .allSatisfy(s -> assertThat(after.beyond(s)).isEmpty());
        assertThat(BEFORE.beyond(near.tied(Tie.of(Knot.DOUBLE_ENTRY, 1)))).isEmpty();
    }

    @Test
    void whatHasNoKnotIsNotHookedThrough() {
        Hooked after = with(new StationEdit.Retie(FIFTH, at(far), Knot.DOUBLE_ENTRY), shut());
        assertThat(after.lost())
                .singleElement()
                .satisfies(l -> assertThat(l.reason()).contains("nothing to hook through"));
        assertThat(after.stations()).hasSameSizeAs(BEFORE.stations());
    }

    @Test
    void aQuarterDrawsAndAWholeOfWhatCannotBeSplit() {
        assertThat(DrawShut.usualShare(HookedHeads.hair(Texture.DEEP_WAVE))).isEqualTo(QUARTER);
        assertThat(DrawShut.usualShare(HookedHeads.hair(Texture.SHORT_TWIST))).isEqualTo(Share.WHOLE);
    }
}
