package gyrotaxis.core.laying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.LaidPart.Unended;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.testing.LongRun;
import gyrotaxis.testing.PairwiseCover;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class PartsTest {
    private static final List<Scalp> SCALPS = Stream.of(
                    HeadMeasures.of(470, 290, 275),
                    HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                    HeadMeasures.of(620, 385, 370))
            .map(h -> Scalp.of(HeadFitter.fit(h)))
            .toList();
    private static final Scalp MEDIUM = SCALPS.get(1);

    record Case(Scalp scalp, FoundationBrief brief) {}

    static Stream<Case> grid() {
        List<List<WearingPart>> partings = List.of(
                List.of(WearingPart.straight(0)),
                List.of(WearingPart.straight(-35)),
                List.of(WearingPart.straight(28)),
                List.of(WearingPart.straight(-35), WearingPart.straight(0), WearingPart.straight(35)),
                List.of(new WearingPart(20, Math.toRadians(-15), OptionalDouble.of(70))),
                List.of(new WearingPart(-30, Math.toRadians(20), OptionalDouble.empty()), WearingPart.straight(40)));
        if (!LongRun.isOn()) {
            int rows = 15;
            int backs = 4;
            return PairwiseCover.of(SCALPS.size(), partings.size(), rows, backs).stream()
                    .map(at -> {
                        int front = 6 + at[2];
                        int back = new int[] {2, 4, 5, front}[at[3]];
                        return new Case(
                                SCALPS.get(at[0]),
                                FoundationBrief.of(front, Math.min(front, back), 10)
                                        .withParts(partings.get(at[1]), FlankSchool.values()[(front + back) % 2]));
                    });
        }
        List<Case> cases = new ArrayList<>();
        for (Scalp scalp : SCALPS) {
            for (List<WearingPart> parts : partings) {
                for (int front = 6; front <= 20; front++) {
                    for (int back : new int[] {2, 4, 5, front}) {
                        FlankSchool school = FlankSchool.values()[(front + back) % 2];
                        cases.add(new Case(
                                scalp,
                                FoundationBrief.of(front, Math.min(front, back), 10)
                                        .withParts(parts, school)));
                    }
                }
            }
        }
        return cases.stream();
    }

    @ParameterizedTest
    @MethodSource("grid")
    void everyPartRunsBetweenItsFlanks(Case c) {
        Foundation f = RowLayout.lay(c.scalp(), c.brief(), OwnHair.ordinary());
        assertThat(f.rowsOf(Section.FRONT)).hasSize(c.brief().frontRows());
        assertThat(f.parts()).hasSize(c.brief().parts().size());
        assertThat(f.gaps()).hasSize(c.brief().frontRows() - 1);
        double strips = f.rows().stream().mapToDouble(Row::stripAreaMm2).sum();
        assertThat(strips)
                .isCloseTo(c.scalp().areaMm2(), within(0.02 * c.scalp().areaMm2()));
        for (LaidPart part : f.parts()) {
            Row left = row(f, part.gap().left());
            Row right = row(f, part.gap().right());
            assertThat(right.id().number()).isEqualTo(left.id().number() + 1);
            for (Vec3 p : part.path().between(3, 0.6 * part.gap().openMm()).space()) {
                assertThat(c.scalp().hairline().encloses(p)).isTrue();
                double toLeft = nearest(left, p);
                double toRight = nearest(right, p);
                // No other row comes between the part and its flanks.
                for (Row other : f.rowsOf(Section.FRONT)) {
                    if (other != left && other != right) {
                        assertThat(nearest(other, p)).isGreaterThan(Math.min(toLeft, toRight));
                    }
                }
            }
        }
    }

    private static double nearest(Row row, Vec3 p) {
        return row.path().space().stream().mapToDouble(p::distance).min().orElseThrow();
    }

    private static Row row(Foundation f, RowId id) {
        return f.rows().stream().filter(r -> r.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void aPartStartsWhereItIsAskedForAndRunsAsLong() {
        WearingPart asked = new WearingPart(30, 0, OptionalDouble.of(60));
        LaidPart laid = lay(14, 5, FlankSchool.FINE_ROWS, asked).parts().get(0);
        assertThat(laid.path().lengthMm()).isCloseTo(60, within(0.5));
        double fromMidline =
                laid.path().space().get(0).distance(MEDIUM.hairline().at(0));
        assertThat(fromMidline).isBetween(27.0, 30.1);
    }

    /**
     * A slant is sideways for so much depth, by the width of the hairline: twice the tangent leans twice as far. Where the part ends the
     * head is wider than at its hairline, by a fifth at most on a medium head.
     */
    @ParameterizedTest
    @ValueSource(ints = {-25, -10, 5, 20})
    void slantLeansAsFarAsItSays(int degrees) {
        Vec3 straight = leaves(0);
        double perTangent = Math.tan(Math.acos(leaves(10).dot(straight))) / Math.tan(Math.toRadians(10));
        double leans = Math.tan(Math.acos(leaves(degrees).dot(straight)));
        assertThat(leans).isCloseTo(perTangent * Math.tan(Math.toRadians(Math.abs(degrees))), withinPercentage(1));
        assertThat(Math.signum(leaves(degrees).x())).isEqualTo(Math.signum(degrees));
        LaidPart laid = slanted(degrees);
        Vec3 end = laid.path().space().get(laid.path().space().size() - 1);
        double sideways =
                Math.toDegrees(Math.asin(Math.abs(end.x()) / laid.path().lengthMm()));
        assertThat(sideways).isBetween(Math.abs(degrees) * 1.0, Math.abs(degrees) * 1.2);
    }

    private static LaidPart slanted(int degrees) {
        return lay(14, 14, FlankSchool.FINE_ROWS, new WearingPart(0, Math.toRadians(degrees), OptionalDouble.empty()))
                .parts()
                .get(0);
    }

    /** The direction in which a part in the middle leaves the hairline. */
    private static Vec3 leaves(int degrees) {
        List<Vec3> path = slanted(degrees).path().space();
        return path.get(1).minus(path.get(0)).unit();
    }

    @Test
    void mirroredPartsGiveMirroredFoundations() {
        Foundation f = lay(14, 6, FlankSchool.WIDE_CHANNEL, WearingPart.straight(-35), WearingPart.straight(35));
        assertThat(f.isMirrored()).isTrue();
        Foundation onOneSide = lay(14, 6, FlankSchool.FINE_ROWS, WearingPart.straight(35));
        assertThat(onOneSide.isMirrored()).isFalse();
        assertThat(onOneSide.joinsMatch()).isTrue();
        assertThat(lay(13, 6, FlankSchool.FINE_ROWS).joinsMatch()).isFalse();
        WearingPart slanted = new WearingPart(25, 0.2, OptionalDouble.of(80));
        assertThat(slanted.mirrored().mirrored()).isEqualTo(slanted);
        double right =
                lay(14, 6, FlankSchool.FINE_ROWS, slanted).parts().get(0).gap().meanMm();
        double left = lay(14, 6, FlankSchool.FINE_ROWS, slanted.mirrored())
                .parts()
                .get(0)
                .gap()
                .meanMm();
        assertThat(left).isCloseTo(right, within(0.05));
    }

    @Test
    void theWideSchoolShowsMoreScalp() {
        double fine = lay(14, 6, FlankSchool.FINE_ROWS, WearingPart.straight(0))
                .parts()
                .get(0)
                .gap()
                .meanMm();
        double wide = lay(14, 6, FlankSchool.WIDE_CHANNEL, WearingPart.straight(0))
                .parts()
                .get(0)
                .gap()
                .meanMm();
        assertThat(fine).isBetween(4.0, 9.0);
        assertThat(wide).isBetween(11.0, 20.0);
    }

    @Test
    void aMiddlePartClosesWhereItsFlanksJoin() {
        assertThat(lay(14, 5, FlankSchool.FINE_ROWS, WearingPart.straight(0))
                        .parts()
                        .get(0)
                        .isOpen())
                .isFalse();
        assertThat(lay(14, 6, FlankSchool.FINE_ROWS, WearingPart.straight(0))
                        .parts()
                        .get(0)
                        .isOpen())
                .isTrue();
        WearingPart small = new WearingPart(0, 0, OptionalDouble.of(50));
        assertThat(lay(14, 5, FlankSchool.FINE_ROWS, small).parts().get(0).isOpen())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({"110,0,0", "60,45,0"})
    void aPartThatLeavesTheFrontIsRefused(double startMm, double slantDeg, int index) {
        WearingPart part = new WearingPart(startMm, Math.toRadians(slantDeg), OptionalDouble.empty());
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> lay(14, 5, FlankSchool.FINE_ROWS, part))
                .satisfies(e -> assertThat(e.index()).isEqualTo(index));
    }

    @Test
    void aSteepPartThatStaysInsideIsLaid() {
        WearingPart part = new WearingPart(0, Math.toRadians(45), OptionalDouble.empty());
        assertThat(lay(14, 5, FlankSchool.FINE_ROWS, part).parts()).hasSize(1);
    }

    @Test
    void refusesPartsThatCannotBe() {
        assertThatIllegalArgumentException().isThrownBy(() -> WearingPart.straight(111));
        assertThatIllegalArgumentException().isThrownBy(() -> WearingPart.straight(Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> new WearingPart(0, 2, OptionalDouble.empty()));
        assertThatIllegalArgumentException().isThrownBy(() -> new WearingPart(0, 0, OptionalDouble.of(5)));
        List<WearingPart> six = List.of(
                WearingPart.straight(-50),
                WearingPart.straight(-30),
                WearingPart.straight(-10),
                WearingPart.straight(10),
                WearingPart.straight(30),
                WearingPart.straight(50));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FoundationBrief.of(14, 5, 0).withParts(six, FlankSchool.FINE_ROWS));
    }

    private static Foundation lay(int front, int back, FlankSchool school, WearingPart... parts) {
        return RowLayout.lay(
                MEDIUM, FoundationBrief.of(front, back, 10).withParts(List.of(parts), school), OwnHair.ordinary());
    }

    @Test
    void halfAndCrossedRowsEndAsAskedWhereThePartStopsShort() {
        WearingPart shortPart = new WearingPart(0, 0, OptionalDouble.of(70));
        Foundation half = lay(14, 5, FlankSchool.FINE_ROWS, shortPart.ending(PartEnd.HALF_ROWS));
        assertThat(half.parts().get(0).unended()).isEmpty();
        for (RowId flank : List.of(
                half.parts().get(0).gap().left(), half.parts().get(0).gap().right())) {
            assertThat(row(half, flank).lengthMm()).isLessThan(90);
        }
        Foundation crossed = lay(14, 5, FlankSchool.FINE_ROWS, shortPart.ending(PartEnd.CROSSED));
        assertThat(crossed.parts().get(0).unended()).isEmpty();
        assertThat(crossed.crossings()).hasSize(1);
        assertThat(lay(14, 5, FlankSchool.FINE_ROWS, shortPart).parts().get(0).unended())
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(
            value = PartEnd.class,
            names = {"HALF_ROWS", "CROSSED"})
    void rowsThatCannotEndBehindALongPartSaySo(PartEnd end) {
        LaidPart part = lay(
                        14, 5, FlankSchool.FINE_ROWS, WearingPart.straight(0).ending(end))
                .parts()
                .get(0);
        Unended unended = part.unended().orElseThrow();
        assertThat(unended.why()).isEqualTo(Unended.Why.RUNS_TOO_FAR);
        assertThat(unended.longestMm())
                .isBetween(0.8 * part.path().lengthMm(), 0.9 * part.path().lengthMm());
        LaidPart shorter = lay(14, 5, FlankSchool.FINE_ROWS, part.asked().stoppingAfter(unended.longestMm() - 1))
                .parts()
                .get(0);
        assertThat(shorter.unended()).isEmpty();
    }

    /** Two half rows side by side: nobody would take over their scalp, so one of them has to run on. */
    @Test
    void rowsThatHaveNoneBesideThemToTakeOverSaySo() {
        WearingPart left = new WearingPart(-12, 0, OptionalDouble.of(60)).ending(PartEnd.HALF_ROWS);
        WearingPart right = new WearingPart(12, 0, OptionalDouble.of(60)).ending(PartEnd.HALF_ROWS);
        Foundation f = lay(14, 5, FlankSchool.FINE_ROWS, left, right);
        assertThat(f.parts().stream().flatMap(p -> p.unended().stream()))
                .isNotEmpty()
                .allSatisfy(u -> assertThat(u.why()).isEqualTo(Unended.Why.NO_ROW_BESIDE));
    }

    /** Behind its end rows bend together and cross; along the part itself they leave it as open as if they ran on. */
    @ParameterizedTest
    @CsvSource({"-30, 60", "0, 70", "30, 58", "30, 68"})
    void crossedRowsLeaveThePartItselfOpen(double startMm, double lengthMm) {
        WearingPart part = new WearingPart(startMm, 0, OptionalDouble.of(lengthMm));
        LaidPart open = lay(16, 7, FlankSchool.WIDE_CHANNEL, part).parts().get(0);
        LaidPart crossed = lay(16, 7, FlankSchool.WIDE_CHANNEL, part.ending(PartEnd.CROSSED))
                .parts()
                .get(0);
        assertThat(crossed.unended()).isEmpty();
        assertThat(crossed.narrowestMm()).isGreaterThan(0.7 * open.narrowestMm());
        assertThat(crossed.gap().narrowestMm()).isLessThan(crossed.narrowestMm());
        assertThat(crossed.isOpen()).isTrue();
    }
}
