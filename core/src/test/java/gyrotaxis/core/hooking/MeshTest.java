package gyrotaxis.core.hooking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Cap;
import gyrotaxis.core.foundation.Cap.Mesh;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is hooked to mesh: in a lattice of its own, by its holes. */
class MeshTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.of(565, 360, 330)));
    private static final HookingPlan USUAL = HookingPlan.usual(Texture.DEEP_WAVE, 1);

    private static Foundation capped(int front, int behind, double edgeMm, boolean isWide, boolean coversFront) {
        return RowLayout.lay(
                HEAD,
                FoundationBrief.of(front, new Back.Capped(behind, edgeMm, isWide, false, false, coversFront), 12),
                OwnHair.ordinary());
    }

    private static List<Station> onCap(Foundation f) {
        return StationPlacer.place(HEAD, f, USUAL).stream()
                .filter(s -> s.id().row().section() == Section.CAP)
                .toList();
    }

    private static double loops(List<Station> stations) {
        return stations.stream().mapToDouble(s -> s.share().ofLoop()).sum();
    }

    @ParameterizedTest
    @CsvSource({"3, 8", "2, 14"})
    void aCapIsHookedAlikeWhateverRowsLieBeneath(int few, int many) {
        List<Vec2> over = onCap(capped(14, few, 20, false, false)).stream()
                .map(Station::chart)
                .toList();
        assertThat(over).isNotEmpty();
        assertThat(onCap(capped(14, many, 20, false, false)))
                .extracting(Station::chart)
                .isEqualTo(over);
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void nothingIsHookedToARowBeneathOrOutsideTheCap(boolean coversFront) {
        Foundation f = capped(14, 6, 20, false, coversFront);
        Cap cap = f.cap().orElseThrow();
        Each.of(onCap(f)).allMatch(s -> Polygons.contains(cap.area(), s.chart()));
        assertThat(StationPlacer.place(HEAD, f, USUAL))
                .noneMatch(s -> f.row(s.id().row()).orElseThrow().use() == RowUse.UNDER_CAP);
        assertThat(f.rows()).noneMatch(r -> r.use() == RowUse.MESH);
    }

    @ParameterizedTest
    @EnumSource(Mesh.class)
    void linesCoverTheCapAsFarApartAsItsMeshIsHooked(Mesh mesh) {
        for (boolean coversFront : new boolean[] {false, true}) {
            Cap cap = capped(14, 6, 0, mesh == Mesh.WIDE, coversFront).cap().orElseThrow();
            double strips = cap.lines().stream().mapToDouble(Row::stripAreaMm2).sum();
            assertThat(strips / Scalp.areaMm2(cap.area())).isCloseTo(1, within(0.02));
            for (int i = 1; i < cap.lines().size(); i++) {
                Row line = cap.lines().get(i);
                Row before = cap.lines().get(i - 1);
                double apart = line.path()
                        .spaceAt(line.lengthMm() / 2)
                        .distance(before.path().spaceAt(before.lengthMm() / 2));
                assertThat(apart).isBetween(mesh.apartMm() * 0.8, mesh.apartMm() * 1.2);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void aCapIsHookedBrickwise(boolean isWide) {
        Foundation f = capped(14, 6, 20, isWide, false);
        Bricks bricks = Bricks.of(f, onCap(f));
        assertThat(bricks.median()).isLessThan(0.15);
        assertThat(bricks.level()).isZero();
    }

    /** As much hair on the same cap, in larger shares. */
    @Test
    void wideHolesTakeLargerSharesAndAsMuchHair() {
        List<Station> fine = onCap(capped(14, 6, 20, false, false));
        List<Station> wide = onCap(capped(14, 6, 20, true, false));
        assertThat(loops(wide)).isCloseTo(loops(fine), within(0.1 * loops(fine)));
        assertThat(wide).hasSizeLessThan(fine.size() * 3 / 4);
        Each.of(fine).allMatch(s -> s.share().parts() >= Mesh.FINE.leastParts());
        assertThat(wide).anyMatch(s -> s.share().equals(Share.WHOLE));
    }

    /** Where hooked rows end before a cap there are no more than three shares more than without one, at the ends of rows. */
    @Test
    void theSeamToAHookedFrontIsClosed() {
        Foundation f = capped(14, 6, 20, false, false);
        List<Station> seam = StationPlacer.place(HEAD, f, USUAL).stream()
                .filter(s -> s.role() == Role.CROSSING)
                .toList();
        assertThat(seam).hasSizeBetween(1, 3);
        Each.of(seam).allSatisfy(s -> {
            Row row = f.row(s.id().row()).orElseThrow();
            assertThat(f.cap().orElseThrow().openMm(row) - s.alongRowMm()).isLessThan(6);
        });
        Foundation whole = capped(14, 6, 0, false, true);
        assertThat(StationPlacer.place(HEAD, whole, USUAL)).noneMatch(s -> s.role() == Role.CROSSING);
    }

    @Test
    void aCapFromTheHairlineBeginsAsRowsDo() {
        Foundation f = capped(14, 6, 0, false, true);
        List<Station> edge = StationPlacer.place(HEAD, f, USUAL).stream()
                .filter(s -> s.role() == Role.HAIRLINE)
                .toList();
        assertThat(edge).isNotEmpty().allMatch(s -> s.id().row().toString().equals("N1"));
        Each.of(edge).allMatch(s -> s.share().parts() >= Share.QUARTER.parts());
    }

    /** Mesh over the ends of parts gives places to hook that were not there. */
    @Test
    void meshOverGapsGivesPlacesToHook() {
        FoundationBrief without = FoundationBrief.of(14, 6, 12)
                .withParts(
                        List.of(
                                new WearingPart(20, 0, OptionalDouble.of(80)),
                                new WearingPart(-35, 0, OptionalDouble.of(60))),
                        FlankSchool.WIDE_CHANNEL);
        Foundation f = RowLayout.lay(HEAD, without.withMesh(true), OwnHair.ordinary());
        List<Station> more = StationPlacer.place(HEAD, f, USUAL);
        assertThat(f.mesh()).hasSize(2);
        Each.of(f.mesh())
                .allSatisfy(m -> assertThat(more)
                        .anyMatch(s -> s.id().row().equals(m.line().id()) && Polygons.contains(m.rim(), s.chart())));
        Foundation bare = RowLayout.lay(HEAD, without, OwnHair.ordinary());
        assertThat(loops(more)).isGreaterThan(loops(StationPlacer.place(HEAD, bare, USUAL)));
    }

    /** Where rows behind are few the hair is spread: as much of it, at more places, and the rows carry less of it. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3})
    void meshBetweenFewRowsSpreadsTheSameHair(int rows) {
        FoundationBrief few = FoundationBrief.of(14, rows, 12);
        Foundation bare = RowLayout.lay(HEAD, few, OwnHair.ordinary());
        Foundation meshed = RowLayout.lay(HEAD, few.withMesh(true), OwnHair.ordinary());
        List<Station> before = StationPlacer.place(HEAD, bare, USUAL);
        List<Station> after = StationPlacer.place(HEAD, meshed, USUAL);
        assertThat(meshed.mesh()).hasSize(rows - 1);
        assertThat(after.size()).isGreaterThanOrEqualTo(before.size() + 5 * (rows - 1));
        assertThat(loops(after)).isCloseTo(loops(before), within(0.06 * loops(before)));
        for (Row row : meshed.rowsOf(Section.BACK)) {
            assertThat(loops(on(after, row))).isLessThan(0.85 * loops(on(before, row)));
        }
    }

    private static List<Station> on(List<Station> all, Row row) {
        return all.stream().filter(s -> s.id().row().equals(row.id())).toList();
    }

    @Test
    void rowsThatLieNearEachOtherNeedNoMesh() {
        assertThat(RowLayout.lay(HEAD, FoundationBrief.of(14, 6, 12).withMesh(true), OwnHair.ordinary())
                        .mesh())
                .isEmpty();
    }

    /** Rows that go under a cap before they join are hooked up to it and no further. */
    @ParameterizedTest
    @CsvSource({"14, 3, 0", "14, 3, 20", "20, 2, 0", "8, 5, 30"})
    void nothingButItsOwnLinesIsHookedUnderACap(int front, int behind, double edgeMm) {
        Foundation f = capped(front, behind, edgeMm, false, false);
        List<Vec2> area = f.cap().orElseThrow().area();
        assertThat(StationPlacer.place(HEAD, f, USUAL))
                .filteredOn(s -> s.id().row().section() != Section.CAP)
                .noneMatch(s -> Polygons.contains(area, s.chart()));
    }
}
