package gyrotaxis.core.foundation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.scalp.HairDensity;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class BraidingTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.of(565, 360, 330)));

    static Stream<Arguments> grid() {
        return IntStream.rangeClosed(6, 20)
                .boxed()
                .flatMap(front -> IntStream.of(2, 3, 4, 5, 6, 7, front)
                        .filter(back -> back <= front)
                        .boxed()
                        .flatMap(back -> Stream.of(30.0, 60.0, 100.0, 150.0, 300.0)
                                .map(hair -> Arguments.of(front, back, hair))));
    }

    @ParameterizedTest(name = "{0} rows into {1}, own hair {2} mm")
    @MethodSource("grid")
    void everyTailEndsAndTheOrderIsOneThatCanBeBraided(int front, int back, double hairMm) {
        Foundation f = lay(front, back, hairMm);
        Braiding b = Braiding.of(f, hair(hairMm));
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
            t.thread().ifPresent(p -> assertThat(p.lengthMm()).isLessThan(0.8 * hairMm));
        }
        assertThat(b.tails().stream().filter(t -> t.into().isPresent()).map(t -> t.into() + "@" + t.entryMm()))
                .as("tails are spread")
                .doesNotHaveDuplicates();
        assertThat(b.looseEnds()).isNotEmpty();
        assertThat(b.greatestBulk()).isGreaterThanOrEqualTo(1);
    }

    @Test
    void longHairLeavesOneLooseEndInTheMiddle() {
        Braiding b = Braiding.of(lay(14, 5, 250), hair(250));
        assertThat(b.looseEnds()).singleElement().satisfies(t -> {
            assertThat(t.row()).isEqualTo(new RowId(Section.BACK, 3));
            assertThat(t.kind()).isEqualTo(Tail.Kind.LOOSE);
        });
        assertThat(b.tails().get(0).into()).contains(new RowId(Section.BACK, 2));
        assertThat(b.tails().get(4).into()).contains(new RowId(Section.BACK, 4));
        assertThat(b.order().subList(14, 19)).extracting(RowId::toString).containsExactly("B1", "B2", "B5", "B4", "B3");
    }

    @Test
    void shorterHairEntersLaterAndTheShortestNotAtAll() {
        double last = 0;
        for (double mm : new double[] {250, 140, 120}) {
            Tail t = Braiding.of(lay(14, 5, mm), hair(mm)).tails().get(0);
            if (t.kind() == Tail.Kind.FED) {
                assertThat(t.entryMm()).isGreaterThanOrEqualTo(last);
                last = t.entryMm();
            }
        }
        assertThat(last).isPositive();
        assertThat(Braiding.of(lay(14, 5, 40), hair(40)).looseEnds()).hasSize(5);
    }

    @Test
    void theThreadRunsFromTheRowsEndToItsEntry() {
        Foundation f = lay(14, 6, 250);
        Tail t = Braiding.of(f, hair(250)).tails().get(1);
        Row row = f.rowsOf(Section.BACK).get(1);
        Vec3 end = row.path().space().get(row.path().space().size() - 1);
        assertThat(t.thread().orElseThrow().space().get(0)).isEqualTo(end);
        Row next = f.rowsOf(Section.BACK).get(2);
        assertThat(t.entryMm()).isBetween(0.7 * next.lengthMm(), next.lengthMm());
        assertThat(t.bulk()).isGreaterThan(1.5);
    }

    @Test
    void refusesTailsThatContradictThemselves() {
        RowId row = new RowId(Section.BACK, 1);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Tail(row, Tail.Kind.FED, Optional.empty(), 0, Optional.empty(), 1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Tail(row, Tail.Kind.LOOSE, Optional.of(row), 0, Optional.empty(), 1));
        assertThatIllegalArgumentException().isThrownBy(() -> hair(10));
        assertThat(new Braiding(List.of(), List.of()).greatestBulk()).isEqualTo(1);
    }

    private static OwnHair hair(double mm) {
        return new OwnHair(HairDensity.MEDIUM, mm, Set.of());
    }

    private static Foundation lay(int front, int back, double hairMm) {
        return StraightBack.lay(HEAD, FoundationBrief.of(front, back, 10), hair(hairMm));
    }
}
