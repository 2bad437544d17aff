package gyrotaxis.core.braiding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import gyrotaxis.core.braiding.Tail.Origin;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Back.FrontTails;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.testing.Each;
import gyrotaxis.testing.LongRun;
import gyrotaxis.testing.PairwiseCover;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class TailRouterTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.of(565, 360, 330)));

    static Stream<Arguments> grid() {
        double[] hairMm = {30, 60, 100, 150, 300};
        Stream<int[]> picks = LongRun.isOn()
                ? IntStream.range(0, 15 * 7 * 5).mapToObj(k -> new int[] {k / 35, k / 5 % 7, k % 5})
                : PairwiseCover.of(15, 7, 5).stream();
        return picks.map(at -> {
            int front = 6 + at[0];
            int back = Math.min(front, new int[] {2, 3, 4, 5, 6, 7, front}[at[1]]);
            return Arguments.of(front, back, hairMm[at[2]]);
        });
    }

    @ParameterizedTest(name = "{0} rows into {1}, own hair {2} mm")
    @MethodSource("grid")
    void everyTailEndsAndTheOrderIsOneThatCanBeBraided(int front, int back, double hairMm) {
        Foundation f = straight(front, back, hairMm);
        Braiding b = TailRouter.route(f, List.of(), hair(hairMm));
        assertThat(b.tails()).hasSize(back);
        assertThat(b.order())
                .containsExactlyInAnyOrderElementsOf(
                        f.rows().stream().map(Row::id).toList());
        assertThat(b.takedown().get(0)).isEqualTo(b.order().get(b.order().size() - 1));
        for (Row r : f.rows()) {
            r.joins()
                    .ifPresent(to -> assertThat(b.order().indexOf(r.id()))
                            .isLessThan(b.order().indexOf(to)));
        }
        for (Tail t : b.tails()) {
            t.into()
                    .ifPresent(to -> assertThat(b.order().indexOf(t.row()))
                            .isLessThan(b.order().indexOf(to)));
            // What is fed reaches where it enters, with something left to hold.
            t.thread().ifPresent(p -> assertThat(p.lengthMm()).isLessThanOrEqualTo(0.8 * hairMm - Reach.GRIP_MM));
        }
        assertThat(b.tails().stream().filter(t -> t.into().isPresent()).map(t -> t.into() + "@" + t.entryMm()))
                .as("tails are spread")
                .doesNotHaveDuplicates();
        assertThat(b.looseEnds()).isNotEmpty();
        // A plait that takes a tail is thicker than one that takes none.
        assertThat(b.greatestBulk() > 1)
                .isEqualTo(b.tails().stream().anyMatch(t -> t.into().isPresent()));
    }

    /** Hair left out all round makes rows of a few millimetres; every place on a row is on it, however short it is. */
    @Test
    void everyPlaceOfARowLiesOnIt() {
        for (double lengthMm = 0.5; lengthMm < 400; lengthMm += 0.5) {
            double before = -1;
            for (int fromEnd = TailPlace.finePlaces(lengthMm) - 1; fromEnd >= 0; fromEnd--) {
                double along = TailPlace.placeMm(lengthMm, fromEnd);
                assertThat(along).isBetween(0.0, lengthMm).isGreaterThan(before);
                before = along;
            }
        }
    }

    @Test
    void longHairLeavesOneLooseEndInTheMiddle() {
        Braiding b = TailRouter.route(straight(14, 5, 250), List.of(), hair(250));
        assertThat(b.looseEnds()).singleElement().satisfies(t -> {
            assertThat(t.row()).isEqualTo(back(3));
            assertThat(t.end()).isEqualTo(TailEnd.LOOSE);
        });
        assertThat(b.tailOf(back(1)).orElseThrow().into()).contains(back(2));
        assertThat(b.tailOf(back(5)).orElseThrow().into()).contains(back(4));
        assertThat(b.order().subList(14, 19)).extracting(RowId::toString).containsExactly("B1", "B5", "B2", "B4", "B3");
    }

    @Test
    void theShortestHairReachesNothing() {
        assertThat(TailRouter.route(straight(14, 5, 40), List.of(), hair(40)).looseEnds())
                .hasSize(5)
                .filteredOn(t -> t.end() == TailEnd.TOO_SHORT)
                .hasSize(4);
    }

    @Test
    void aSwitchbackRunsOnFromPassToPassAndSpreadsTheFrontTails() {
        FoundationBrief brief = FoundationBrief.of(14, new Back.Switchback(4, true, FrontTails.THREADED), 12);
        Foundation f = RowLayout.lay(HEAD, brief, hair(250));
        Braiding b = TailRouter.route(f, List.of(), hair(250));
        for (int k = 1; k < 4; k++) {
            assertThat(b.tailOf(pass(k)).orElseThrow().into()).contains(pass(k + 1));
        }
        List<Tail> front = b.tails().stream()
                .filter(t -> t.row().section() == Section.FRONT)
                .toList();
        assertThat(front).hasSize(14).allMatch(t -> t.end() == TailEnd.THREADED);
        assertThat(front.stream().map(t -> t.into() + "@" + t.entryMm())).doesNotHaveDuplicates();
        assertThat(b.looseEnds()).extracting(Tail::row).containsExactly(pass(4));
        assertThat(b.greatestBulk()).isLessThan(2.5);
    }

    @Test
    void collectorsLeaveOneLooseEndAndGrow() {
        FoundationBrief brief = FoundationBrief.of(12, new Back.Switchback(4, true, FrontTails.COLLECTED), 12);
        Foundation f = RowLayout.lay(HEAD, brief, hair(250));
        Braiding b = TailRouter.route(f, List.of(), hair(250));
        assertThat(b.looseEnds()).extracting(Tail::row).containsExactly(pass(4));
        List<Double> bulks = b.tails().stream()
                .filter(t -> t.into().equals(Optional.of(new RowId(Section.COLLECTOR, 2))))
                .sorted(java.util.Comparator.comparingDouble(Tail::entryMm))
                .map(Tail::bulk)
                .toList();
        assertThat(bulks).hasSize(6).isSorted();
        assertThat(bulks.get(5)).isGreaterThan(2);
    }

    @Test
    void aChoiceIsKeptAndTheRestIsSuggestedRoundIt() {
        Foundation f = straight(14, 6, 300);
        TailChoice choice = TailChoice.into(back(1), TailEnd.FED, back(3));
        Braiding b = TailRouter.route(f, List.of(choice, TailChoice.secured(back(6), TailEnd.STITCHED)), hair(300));
        assertThat(b.tailOf(back(1)).orElseThrow()).satisfies(t -> {
            assertThat(t.into()).contains(back(3));
            assertThat(t.origin()).isEqualTo(Origin.CHOSEN);
        });
        assertThat(b.tailOf(back(6)).orElseThrow().end()).isEqualTo(TailEnd.STITCHED);
        assertThat(b.order().indexOf(back(1))).isLessThan(b.order().indexOf(back(3)));
    }

    @Test
    void tailsInACircleAreRefusedAtTheOneThatClosesIt() {
        Foundation f = straight(14, 6, 300);
        List<TailChoice> circle = List.of(
                TailChoice.into(back(1), TailEnd.FED, back(2)),
                TailChoice.into(back(2), TailEnd.FED, back(3)),
                TailChoice.into(back(3), TailEnd.FED, back(1)));
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> TailRouter.route(f, circle, hair(300)))
                .satisfies(e -> {
                    assertThat(e.wish()).isEqualTo(Wish.TAIL);
                    assertThat(e.index()).isEqualTo(2);
                })
                .withMessageContaining("back row 3");
    }

    @Test
    void aChoiceForARowThatIsGoneIsSaidAndForgotten() {
        Foundation f = straight(14, 4, 300);
        List<TailChoice> choices = List.of(
                TailChoice.secured(back(6), TailEnd.PINNED),
                TailChoice.secured(new RowId(Section.FRONT, 2), TailEnd.PINNED));
        Braiding b = TailRouter.route(f, choices, hair(300));
        assertThat(b.lostChoices()).hasSize(2).allMatch(l -> l.isTail());
        assertThat(b.lostChoices().get(0).reason()).contains("back row 6");
    }

    @Test
    void refusesTailsThatContradictThemselves() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Tail(
                        back(1), TailEnd.FED, Optional.empty(), 0, Optional.empty(), List.of(), 1, Origin.CHOSEN));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TailChoice(back(1), TailEnd.STITCHED, Optional.of(back(2)), 0.5));
        assertThatIllegalArgumentException().isThrownBy(() -> TailChoice.secured(back(1), TailEnd.FED));
        assertThat(new Braiding(List.of(), List.of(), List.of()).greatestBulk()).isEqualTo(1);
    }

    private static RowId back(int n) {
        return new RowId(Section.BACK, n);
    }

    private static RowId pass(int n) {
        return new RowId(Section.LEVEL, n);
    }

    private static OwnHair hair(double mm) {
        return OwnHair.of(HairDensity.MEDIUM, mm, Set.of());
    }

    private static Foundation straight(int front, int back, double hairMm) {
        return RowLayout.lay(HEAD, FoundationBrief.of(front, back, 10), hair(hairMm));
    }

    /** One half under the row on either side, nearest to the end; and what it adds there is half of what the whole would. */
    @Test
    void aBandedTailIsSplitAndEachHalfThreadedUnderARowBeside() {
        Foundation f = straight(14, 6, 150);
        Braiding b = TailRouter.route(f, List.of(TailChoice.secured(back(3), TailEnd.BANDED)), hair(150));
        Tail banded = b.tails().stream()
                .filter(t -> t.row().equals(back(3)))
                .findFirst()
                .orElseThrow();
        assertThat(banded.halves()).extracting(Tail.Half::under).containsExactlyInAnyOrder(back(2), back(4));
        Each.of(banded.halves()).allSatisfy(h -> {
            Row under = f.row(h.under()).orElseThrow();
            assertThat(h.thread().start())
                    .isEqualTo(f.row(back(3)).orElseThrow().path().end());
            assertThat(h.thread().end().distance(under.path().spaceAt(h.alongMm())))
                    .isLessThan(1e-9);
        });
        assertThat(b.tails())
                .filteredOn(t -> t.end() != TailEnd.BANDED)
                .isNotEmpty()
                .allMatch(t -> t.halves().isEmpty());
    }

    @Test
    void whereTheTailIsTooShortItsHalvesStayWhereTheyAre() {
        Foundation f = straight(14, 6, 50);
        Braiding b = TailRouter.route(f, List.of(TailChoice.secured(back(3), TailEnd.BANDED)), hair(50));
        assertThat(b.tails())
                .filteredOn(t -> t.row().equals(back(3)))
                .isNotEmpty()
                .allMatch(t -> t.halves().isEmpty());
    }
}
