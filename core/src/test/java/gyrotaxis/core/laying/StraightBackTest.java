package gyrotaxis.core.laying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.testing.Each;
import gyrotaxis.testing.LongRun;
import gyrotaxis.testing.PairwiseCover;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

class StraightBackTest {
    private static final List<HeadMeasures> HEADS = List.of(
            HeadMeasures.of(470, 290, 275),
            HeadMeasures.ofAll(540, 335, 310, 298, 350, 115),
            HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
            HeadMeasures.ofAll(595, 385, 350, 336, 395, 140),
            HeadMeasures.of(620, 380, 380));
    private static final List<Scalp> SCALPS =
            HEADS.stream().map(h -> Scalp.of(HeadFitter.fit(h))).toList();

    static Stream<Arguments> grid() {
        if (!LongRun.isOn()) {
            return PairwiseCover.of(HEADS.size(), 15, 6).stream().map(at -> {
                int front = 6 + at[1];
                int back = Math.min(front, new int[] {2, 3, 4, 5, 7, front}[at[2]]);
                return Arguments.of(at[0], front, back, -20 + (front * 7 + back * 3 + at[0] * 11) % 51);
            });
        }
        return IntStream.range(0, HEADS.size())
                .boxed()
                .flatMap(h -> IntStream.rangeClosed(6, 20)
                        .boxed()
                        .flatMap(front -> IntStream.of(2, 3, 4, 5, 7, front)
                                .filter(back -> back <= front)
                                .mapToObj(back ->
                                        Arguments.of(h, front, back, -20 + (front * 7 + back * 3 + h * 11) % 51))));
    }

    @ParameterizedTest(name = "head {0}, {1} rows into {2}, ear line {3} mm behind")
    @MethodSource("grid")
    void everyFoundationIsSound(int head, int frontRows, int backRows, int earLine) {
        Scalp scalp = SCALPS.get(head);
        Foundation f = RowLayout.lay(scalp, FoundationBrief.of(frontRows, backRows, earLine), OwnHair.ordinary());
        assertThat(f.rowsOf(Section.FRONT)).hasSize(frontRows);
        assertThat(f.rowsOf(Section.BACK)).hasSize(backRows);
        liesWithinTheHairline(scalp, f);
        stripsTileTheScalp(scalp, f);
        rowsMeetOnlyWhereTheyJoin(f);
        if (f.isMirrored()) {
            bothSidesMatch(f);
        }
    }

    private static void liesWithinTheHairline(Scalp scalp, Foundation f) {
        for (Row row : f.rows()) {
            List<Vec3> inner = row.path().space();
            for (Vec3 p : inner.subList(1, inner.size() - 1)) {
                assertThat(scalp.hairline().encloses(p))
                        .as("%s at %s", row.id(), p)
                        .isTrue();
            }
            assertThat(row.lengthMm()).as(row.id().toString()).isGreaterThan(15);
        }
    }

    private static void stripsTileTheScalp(Scalp scalp, Foundation f) {
        double strips = f.rows().stream().mapToDouble(Row::stripAreaMm2).sum();
        assertThat(strips).isCloseTo(scalp.areaMm2(), within(0.02 * scalp.areaMm2()));
    }

    private static void rowsMeetOnlyWhereTheyJoin(Foundation f) {
        List<LineString> lines = f.rows().stream().map(StraightBackTest::line).toList();
        for (int i = 0; i < lines.size(); i++) {
            for (int j = i + 1; j < lines.size(); j++) {
                Row a = f.rows().get(i);
                Row b = f.rows().get(j);
                if (!a.joins().equals(b.joins()) || a.joins().isEmpty()) {
                    assertThat(a.joins().map(b.id()::equals).orElse(false)
                                    || !lines.get(i).intersects(lines.get(j)))
                            .as("%s and %s keep apart", a.id(), b.id())
                            .isTrue();
                } else {
                    assertThat(line(upToTheJoin(a)).intersects(line(upToTheJoin(b))))
                            .isFalse();
                }
            }
        }
    }

    private static void bothSidesMatch(Foundation f) {
        for (Row row : f.rows()) {
            Row other = f.mirrorOf(row).orElseThrow();
            if (!other.equals(row)) {
                assertThat(row.path().mirrored()).isEqualTo(other.path());
                assertThat(row.braidWidthMm()).isEqualTo(other.braidWidthMm());
            }
        }
    }

    /** What lies in front of it joins a row where it begins; what lies further out enters it later, and never behind a third. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 5, 8, 14})
    void everyFrontRowEndsOnItsBackRowTheLaterTheFurtherOutItLies(int behind) {
        Foundation f = RowLayout.lay(SCALPS.get(2), FoundationBrief.of(14, behind, 12), OwnHair.ordinary());
        for (Row back : f.rowsOf(Section.BACK)) {
            Map<Double, Double> left = new TreeMap<>();
            Map<Double, Double> right = new TreeMap<>();
            for (Row row : f.rowsOf(Section.FRONT)) {
                if (row.joins().equals(Optional.of(back.id()))) {
                    Vec2 end = row.path().chart().get(row.path().chart().size() - 1);
                    double at = back.path().nearest(end);
                    assertThat(back.path().chartAt(at * back.lengthMm()).distance(end))
                            .isLessThan(0.01);
                    assertThat(at).isLessThan(0.31);
                    double aside = row.path().chart().get(16).x()
                            - back.path().chart().get(0).x();
                    (aside < 0 ? left : right).put(Math.abs(aside), at);
                }
            }
            assertThat(new ArrayList<>(left.values())).isSorted();
            assertThat(new ArrayList<>(right.values())).isSorted();
        }
        if (behind == 14) {
            Each.of(f.rowsOf(Section.FRONT)).allSatisfy(row -> {
                Row back = f.row(row.joins().orElseThrow()).orElseThrow();
                assertThat(row.path().end().distance(back.path().start())).isLessThan(0.01);
            });
        }
    }

    @Test
    void scalingAHeadScalesLengths() {
        FoundationBrief brief = FoundationBrief.of(12, 4, 0);
        Scalp larger = Scalp.of(HeadFitter.fit(HEADS.get(1).scaled(1.1)));
        double ratio = RowLayout.lay(larger, brief, OwnHair.ordinary()).lengthMm()
                / RowLayout.lay(SCALPS.get(1), brief, OwnHair.ordinary()).lengthMm();
        assertThat(ratio).isCloseTo(1.1, within(0.005));
    }

    @Test
    void movingTheEarLineBackLengthensTheFrontRows() {
        double last = 0;
        for (double behind = -20; behind <= 30; behind += 10) {
            double length = RowLayout.lay(SCALPS.get(2), FoundationBrief.of(14, 5, behind), OwnHair.ordinary())
                    .rowsOf(Section.FRONT)
                    .stream()
                    .mapToDouble(Row::lengthMm)
                    .sum();
            assertThat(length).isGreaterThan(last);
            last = length;
        }
    }

    @Test
    void thickHairMakesThickerPlaits() {
        FoundationBrief brief = FoundationBrief.of(12, 4, 0);
        double fine = RowLayout.lay(
                        SCALPS.get(2), brief, OwnHair.of(HairDensity.FINE, OwnHair.USUAL_LENGTH_MM, Set.of()))
                .rows()
                .get(0)
                .braidWidthMm();
        double thick = RowLayout.lay(
                        SCALPS.get(2), brief, OwnHair.of(HairDensity.THICK, OwnHair.USUAL_LENGTH_MM, Set.of()))
                .rows()
                .get(0)
                .braidWidthMm();
        assertThat(thick / fine).isCloseTo(Math.sqrt(2), within(0.01));
    }

    @Test
    void groupsAreEvenLargerAtTheSidesAndAlikeWhereTheyCanBe() {
        for (int front = 1; front <= 20; front++) {
            for (int back = 1; back <= front; back++) {
                int[] sizes = JoinGroups.sizes(front, back);
                assertThat(Arrays.stream(sizes).sum()).isEqualTo(front);
                assertThat(Arrays.stream(sizes).max().orElseThrow()
                                - Arrays.stream(sizes).min().orElseThrow())
                        .as("%s into %s: %s", front, back, Arrays.toString(sizes))
                        .isLessThanOrEqualTo(1);
                boolean canMatch = back % 2 == 1 || front % 2 == 0;
                assertThat(JoinGroups.isSymmetric(sizes)).isEqualTo(canMatch);
            }
        }
        assertThat(JoinGroups.sizes(8, 6)).containsExactly(2, 1, 1, 1, 1, 2);
        assertThat(JoinGroups.sizes(14, 5)).containsExactly(3, 3, 2, 3, 3);
    }

    @ParameterizedTest
    @CsvSource({"5,4,0", "21,4,0", "12,0,0", "12,13,0", "12,4,31", "12,4,-21", "12,4,NaN", "-3,2,0"})
    void refusesAbsurdFoundations(int front, int back, double earLine) {
        assertThatIllegalArgumentException().isThrownBy(() -> FoundationBrief.of(front, back, earLine));
    }

    private static Path upToTheJoin(Row row) {
        return row.path().between(0, row.lengthMm() - 1);
    }

    private static LineString line(Row row) {
        return line(row.path());
    }

    private static LineString line(Path path) {
        return new GeometryFactory()
                .createLineString(path.chart().stream()
                        .map(p -> new Coordinate(p.x(), p.y()))
                        .toArray(Coordinate[]::new));
    }
}
