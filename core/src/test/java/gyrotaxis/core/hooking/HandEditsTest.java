package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Changes to single shares by hand: made where they were meant, or told. */
class HandEditsTest {
    private static final RowId ROW = new RowId(Section.FRONT, 6);
    private static final Row LAID = STRAIGHT.row(ROW).orElseThrow();

    private static Hooked with(Texture texture, StationEdit... edits) {
        return HookedHeads.hook(STRAIGHT, texture, HookingBrief.usual().withEdits(List.of(edits)), Demand.ordinary());
    }

    private static List<Station> on(Hooked h) {
        return h.stations().stream().filter(s -> s.id().row().equals(ROW)).toList();
    }

    private static final List<Station> BEFORE = on(HookedHeads.medium(Texture.DEEP_WAVE));

    private static double at(Station s) {
        return s.alongRowMm() / LAID.lengthMm();
    }

    @ParameterizedTest
    @ValueSource(doubles = {-6, 6})
    void aShareIsMovedAlongItsRowAndLiesThere(double mm) {
        Station meant = BEFORE.get(2);
        Station moved = on(with(Texture.DEEP_WAVE, new StationEdit.Move(ROW, at(meant), mm))).stream()
                .filter(Station::byHand)
                .findFirst()
                .orElseThrow();
        assertThat(moved.alongRowMm()).isCloseTo(meant.alongRowMm() + mm, within(1e-9));
        Vec3 there = LAID.path().spaceAt(moved.alongRowMm());
        assertThat(moved.space().distance(there)).isLessThan(1e-9);
        assertThat(moved.chart().distance(MEDIUM.chart().project(there))).isLessThan(0.5);
        assertThat(moved.tie()).isEqualTo(meant.tie());
    }

    /** Moved beyond its row's end it stops there. */
    @Test
    void aShareStaysOnItsRow() {
        Station first = BEFORE.get(0);
        Station last = BEFORE.get(BEFORE.size() - 1);
        List<Station> back = on(with(Texture.DEEP_WAVE, new StationEdit.Move(ROW, at(first), -40)));
        assertThat(back.get(0).alongRowMm()).isZero();
        List<Station> on =
                on(with(Texture.DEEP_WAVE, new StationEdit.Move(ROW, at(last), 40), new StationEdit.Move(ROW, 1, 40)));
        assertThat(on.get(on.size() - 1).alongRowMm()).isLessThanOrEqualTo(LAID.lengthMm());
    }

    /** What lies more than 15 mm from where a share was changed is another share. */
    @Test
    void whatIsTooFarFromWhereItWasIsNotTheOneThatWasMeant() {
        Station only = BEFORE.get(3);
        double between = (only.alongRowMm() + BEFORE.get(4).alongRowMm()) / 2;
        double reach = BEFORE.get(4).alongRowMm() - between;
        Hooked h = with(Texture.DEEP_WAVE, new StationEdit.Remove(ROW, between / LAID.lengthMm()));
        assertThat(h.lost()).hasSize(reach > StationEdit.REACH_MM ? 1 : 0);
        // Those within reach are taken out one after the other, and then there is nothing left to take.
        Hooked gone = with(
                Texture.DEEP_WAVE,
                Collections.nCopies(8, new StationEdit.Remove(ROW, at(only))).toArray(StationEdit[]::new));
        assertThat(on(gone)).noneMatch(s -> Math.abs(s.alongRowMm() - only.alongRowMm()) <= StationEdit.REACH_MM);
        assertThat(gone.lost())
                .isNotEmpty()
                .allSatisfy(l -> assertThat(l.reason())
                        .isEqualTo("Nothing is hooked any more where you changed a share on " + ROW.words() + "."));
    }

    @Test
    void aRowThatIsGoneIsTold() {
        RowId gone = new RowId(Section.LEVEL, 3);
        assertThat(with(Texture.DEEP_WAVE, new StationEdit.Add(gone, 0.5, Share.HALF))
                        .lost())
                .singleElement()
                .satisfies(l -> assertThat(l.reason()).contains("no " + gone.words()));
    }

    /** Double-entry has no passes: it holds by the row between its legs. */
    @Test
    void passesOfAKnotThatHasNoneAreTold() {
        double at = at(BEFORE.get(2));
        Hooked h = with(
                Texture.DEEP_WAVE, new StationEdit.Retie(ROW, at, Knot.DOUBLE_ENTRY), new StationEdit.Pass(ROW, at, 3));
        assertThat(h.lost()).singleElement().satisfies(l -> {
            assertThat(l.index()).isEqualTo(1);
            assertThat(l.reason()).contains("has no passes");
        });
        Hooked passed = with(Texture.DEEP_WAVE, new StationEdit.Pass(ROW, at, 5));
        assertThat(passed.lost()).isEmpty();
        assertThat(on(passed))
                .filteredOn(Station::byHand)
                .singleElement()
                .satisfies(s -> assertThat(s.tie().passes()).isEqualTo(5));
    }

    /** A ready-made twist comes undone when it is split. */
    @Test
    void whatGoesInWholeIsNotSplitByHand() {
        Hooked h = with(
                Texture.SHORT_TWIST,
                new StationEdit.Add(ROW, 0.5, Share.HALF),
                new StationEdit.Resize(ROW, at(BEFORE.get(2)), new Share(3)),
                new StationEdit.DrawShut(ROW, 0.5, Share.HALF, new RowId(Section.FRONT, 7), 0.5),
                new StationEdit.Add(ROW, 0.7, Share.WHOLE));
        assertThat(h.lost()).extracting(l -> l.index()).contains(0, 1).doesNotContain(3);
        assertThat(h.lost().get(0).reason())
                .isEqualTo("Slack Water comes undone when it is split: on " + ROW.words() + " it goes in whole.");
        assertThat(on(h)).extracting(Station::share).containsOnly(Share.WHOLE);
    }

    /** Another share wants another knot, unless the knot was chosen by hand. */
    @Test
    void aKnotChosenByHandOutlivesAnotherShare() {
        double at = at(BEFORE.get(2));
        Hooked h = with(
                Texture.DEEP_WAVE,
                new StationEdit.Retie(ROW, at, Knot.TWIST_FIRST),
                new StationEdit.Resize(ROW, at, new Share(6)));
        assertThat(on(h)).filteredOn(Station::byHand).singleElement().satisfies(s -> {
            assertThat(s.tie().knot()).isEqualTo(Knot.TWIST_FIRST);
            assertThat(s.share()).isEqualTo(new Share(6));
        });
    }
}
