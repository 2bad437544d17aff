package gyrotaxis.core.hooking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneSetting;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class StationPlacerTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.of(565, 360, 330)));

    static Stream<Arguments> grid() {
        return Arrays.stream(Texture.values())
                .flatMap(texture -> IntStream.of(6, 9, 14, 20)
                        .boxed()
                        .flatMap(rows -> Stream.of(0.5, 1.0, 1.6).map(full -> Arguments.of(texture, rows, full))));
    }

    private static Foundation lay(int rows) {
        return RowLayout.lay(HEAD, FoundationBrief.of(rows, Math.max(2, rows / 3), 10), OwnHair.ordinary());
    }

    /** Hair for an area: neither more, narrower rows nor fewer, wider ones take more of it, and fullness takes as much more. */
    @ParameterizedTest(name = "{0}, {1} rows, fullness {2}")
    @MethodSource("grid")
    void aHeadTakesTheSameHairHoweverManyRowsItIsBraidedIn(Texture texture, int rows, double fullness) {
        double usual = hair(StationPlacer.place(HEAD, lay(14), HookingPlan.usual(texture, 1)));
        List<Station> placed = StationPlacer.place(HEAD, lay(rows), HookingPlan.usual(texture, fullness));
        assertThat(hair(placed) / usual / fullness).isBetween(0.8, texture.goesInWhole() ? WHOLE_PIECES : 1.15);
        placed.stream()
                .collect(Collectors.groupingBy(s -> s.id().row()))
                .values()
                .forEach(on -> assertThat(on)
                        .extracting(s -> s.id().number())
                        .containsExactlyElementsOf(
                                IntStream.rangeClosed(1, on.size()).boxed().toList()));
    }

    /** A row takes one piece at least, and of what goes in whole that is much. */
    private static final double WHOLE_PIECES = 1.27;

    private static double hair(List<Station> stations) {
        return stations.stream().mapToDouble(s -> s.share().ofLoop()).sum();
    }

    /** As much of it on every row as its strip is wide, to within a share. */
    @ParameterizedTest
    @EnumSource(Texture.class)
    void everyRowTakesWhatItsStripWants(Texture texture) {
        Foundation f = lay(14);
        List<Station> placed = StationPlacer.place(HEAD, f, HookingPlan.usual(texture, 1));
        List<Row> behind = f.rowsOf(Section.BACK);
        double all = hair(on(placed, behind));
        double area = behind.stream().mapToDouble(Row::stripAreaMm2).sum();
        for (Row row : behind) {
            assertThat(hair(on(placed, List.of(row)))).isCloseTo(all * row.stripAreaMm2() / area, within(1.6));
        }
    }

    /** Between two whole-sized neighbours lies as much strip as the plan asks for a share there, stretched or squeezed by whole numbers and by what lies beside. */
    @ParameterizedTest(name = "{0}, {1} rows, fullness {2}")
    @MethodSource("grid")
    void spacingIsWhatThePlanAsksForOnEveryRow(Texture texture, int rows, double fullness) {
        Foundation f = lay(rows);
        HookingPlan hooking = HookingPlan.usual(texture, fullness);
        List<Station> placed = StationPlacer.place(HEAD, f, hooking);
        // Her left takes as many and the same shares as her right, half a spacing off: what it asks for itself is not
        // looked at.
        List<Row> own = f.rowsOf(Section.BACK);
        for (Row row : own.subList(own.size() / 2, own.size())) {
            double[] widths = Strips.widthsMm(row);
            double[] at = row.path().distancesMm();
            List<Station> on = on(placed, List.of(row));
            for (int i = 1; i < on.size(); i++) {
                Station a = on.get(i - 1);
                Station b = on.get(i);
                if (!a.share().equals(b.share())) {
                    continue;
                }
                double along = (a.alongRowMm() + b.alongRowMm()) / 2;
                int k = 1;
                while (k < at.length - 1 && at[k] < along) {
                    k++;
                }
                double t = HEAD.frontToNape(row.path().spaceAt(along));
                double usual = hooking.setting(Zone.at(t)).share().ofLoop();
                double asked = hooking.spacingMm(t, widths[k]) * b.share().ofLoop() / usual;
                assertThat((b.alongRowMm() - a.alongRowMm()) / asked)
                        .as("%s of %s on %s", i, on.size(), row.id())
                        .isBetween(0.5, 1.9);
            }
        }
    }

    private static List<Station> on(List<Station> stations, List<Row> rows) {
        return stations.stream()
                .filter(s -> rows.stream().anyMatch(r -> r.id().equals(s.id().row())))
                .toList();
    }

    @Test
    void positionsLieOnTheirRowsAtTheLengthTheySay() {
        Foundation f = lay(14);
        for (Station s : StationPlacer.place(HEAD, f, HookingPlan.usual(Texture.DEEP_WAVE, 1))) {
            Row row = f.rows().stream()
                    .filter(r -> r.id().equals(s.id().row()))
                    .findFirst()
                    .orElseThrow();
            double upTo = row.path().between(0, s.alongRowMm()).lengthMm();
            assertThat(upTo).isCloseTo(s.alongRowMm(), within(0.01));
            Vec2 end = row.path().between(0, s.alongRowMm()).chart().stream()
                    .reduce((a, b) -> b)
                    .orElseThrow();
            assertThat(end.distance(s.chart())).isLessThan(0.01);
        }
    }

    @Test
    void frontRowsKeepOffTheEdgeAndLeaveTheJoinToTheirBackRow() {
        Foundation f = lay(14);
        List<Station> all = StationPlacer.place(HEAD, f, HookingPlan.usual(Texture.SILKY_WAVE, 1.6));
        for (Row row : f.rowsOf(Section.FRONT)) {
            List<Station> on =
                    all.stream().filter(s -> s.id().row().equals(row.id())).toList();
            assertThat(on.get(0).alongRowMm()).isGreaterThanOrEqualTo(StationPlacer.EDGE_MM);
            assertThat(on.get(on.size() - 1).alongRowMm()).isLessThan(row.lengthMm() - 3);
        }
    }

    @ParameterizedTest(name = "{0}, {1} rows, fullness {2}")
    @MethodSource("grid")
    void theFirstShareOfEveryFrontRowIsTheOneAtTheHairline(Texture texture, int rows, double fullness) {
        Foundation f = lay(rows);
        List<Station> all = StationPlacer.place(HEAD, f, HookingPlan.usual(texture, fullness));
        for (Row row : f.rowsOf(Section.FRONT)) {
            Station first = all.stream()
                    .filter(s -> s.id().row().equals(row.id()))
                    .findFirst()
                    .orElseThrow();
            assertThat(first.role()).as("%s", row.id()).isEqualTo(Role.HAIRLINE);
            assertThat(first.share().parts()).isGreaterThanOrEqualTo(Share.QUARTER.parts());
        }
    }

    @Test
    void zonesRunFromTheHairlineToTheNapeWithoutAGap() {
        Zone[] zones = Zone.values();
        int[] hundredths = new int[zones.length];
        for (int i = 0; i < 100; i++) {
            hundredths[Zone.at(i / 100.0).ordinal()]++;
        }
        // A fifth, three tenths, three tenths, a fifth: none left out and none in two.
        assertThat(hundredths).containsExactly(20, 30, 30, 20);
        for (int i = 1; i < zones.length; i++) {
            assertThat(zones[i].middle()).isGreaterThan(zones[i - 1].middle());
            assertThat(Zone.at(zones[i].middle())).isEqualTo(zones[i]);
        }
        assertThat(Zone.at(-1)).isEqualTo(Zone.FRONT);
        assertThat(Zone.at(2)).isEqualTo(Zone.NAPE);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.49, 1.61, Double.NaN, -1})
    void refusesAFullnessNobodyCanHook(double fullness) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> HookingPlan.usual(Texture.DEEP_WAVE, fullness))
                .withMessageContaining("fullness");
    }

    @Test
    void refusesSettingsThatCannotBe() {
        assertThatIllegalArgumentException().isThrownBy(() -> new ZoneSetting(2.9, Share.HALF));
        assertThatIllegalArgumentException().isThrownBy(() -> new ZoneSetting(121, Share.HALF));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new HookingPlan(Map.of(Zone.FRONT, new ZoneSetting(10, Share.HALF))))
                .withMessageContaining("zones with a setting");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> HookingPlan.usual(Texture.DEEP_WAVE, 1).spacingMm(0.5, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new StationId(new RowId(Section.FRONT, 1), 0));
        assertThat(new StationId(new RowId(Section.FRONT, 3), 12)).hasToString("F3/12");
    }
}
