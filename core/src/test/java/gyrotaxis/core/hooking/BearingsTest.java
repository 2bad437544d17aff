package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Bearing.Rule;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Landmark;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Which way the hook goes in, place by place, and how that is said. */
class BearingsTest {
    private static final Demand DOWN = Demand.ordinary();
    private static final Demand UP = new Demand(5, false, false, false, true, 0);
    private static final Foundation PARTED = RowLayout.lay(
            MEDIUM,
            FoundationBrief.of(14, 5, 12)
                    .withParts(List.of(WearingPart.straight(-20), WearingPart.straight(20)), FlankSchool.FINE_ROWS),
            OwnHair.ordinary());

    private static Station at(double x, double y, RowId row, Role role, int part) {
        Vec2 chart = new Vec2(x, y);
        Vec3 space = MEDIUM.chart().lift(chart);
        return Station.placed(
                new StationId(row, 1), 20, chart, space, Zone.at(MEDIUM.frontToNape(space)), role, part, Share.HALF);
    }

    private static Station at(double x, double y) {
        return at(x, y, new RowId(Section.FRONT, 1), Role.ROW, Station.NO_PART);
    }

    /** Where the midline lies level, on the map: hair has to be combed there, it does not fall. */
    private static final double TOP_Y = IntStream.range(-60, 110)
            .boxed()
            .max(Comparator.comparingDouble(
                    y -> MEDIUM.chart().lift(new Vec2(0, y)).z()))
            .orElseThrow();

    private static Bearing of(Station s, Demand demand) {
        return new Bearings(MEDIUM, List.of(), Method.usual(), demand).of(s);
    }

    /** The map's front is up; its middle is the top of the head. */
    @ParameterizedTest
    @CsvSource({"0, -120, from above, downward", "100, -10, from above, downward", "-100, -10, from above, downward"})
    void hairThatFallsIsHookedTheWayItFalls(double x, double y, String from, String toward) {
        Bearing b = of(at(x, y), DOWN);
        assertThat(b.rule()).isEqualTo(Rule.FALL);
        assertThat(b.words()).isEqualTo(from + ", " + toward);
        assertThat(b.isContested()).isFalse();
    }

    @Test
    void onTopItIsHookedTheWayItIsCombed() {
        assertThat(of(at(0, TOP_Y), DOWN).words()).isEqualTo("from the front, toward the back");
    }

    /** Half-way down the side it falls steeply but aside too. */
    @Test
    void onTheSidesItIsHookedDownTowardTheEar() {
        long said = 0;
        for (double x = 20; x < 110; x += 5) {
            Bearing right = of(at(x, TOP_Y), new Demand(5, false, false, false, false, 1));
            Bearing left = of(at(-x, TOP_Y), new Demand(5, false, false, false, false, -1));
            assertThat(left.entry().x()).isCloseTo(-right.entry().x(), within(1e-6));
            assertThat(left.words().replace("right", "left"))
                    .isEqualTo(right.words().replace("right", "left"));
            boolean isSteep = right.entry().z() < -0.6;
            boolean isAside = Math.abs(right.entry().x()) > 0.45;
            if (isSteep) {
                assertThat(right.words()).isEqualTo("from above, " + (isAside ? "down toward the ear" : "downward"));
                said += isAside ? 1 : 0;
            }
        }
        assertThat(said).isPositive();
    }

    @Test
    void sweptHairIsHookedTowardItsSide() {
        assertThat(of(at(0, TOP_Y), new Demand(5, false, false, false, false, 1))
                        .words())
                .isEqualTo("from her left, toward her right");
        assertThat(of(at(0, TOP_Y), new Demand(5, false, false, false, false, -1))
                        .words())
                .isEqualTo("from her right, toward her left");
    }

    /** The line decides on which side of the part a row lies, not its place on the head. */
    @Test
    void aFlankIsHookedTowardItsPartFromTheSideItLiesOn() {
        LaidPart part = PARTED.parts().get(1);
        Vec2 on = part.path().chart().get(part.path().chart().size() / 2);
        Bearings bearings = new Bearings(MEDIUM, PARTED.parts(), Method.usual(), DOWN);
        Bearing left = bearings.of(at(on.x() - 6, on.y(), part.gap().left(), Role.PART, 1));
        Bearing right = bearings.of(at(on.x() + 6, on.y(), part.gap().right(), Role.PART, 1));
        assertThat(left.rule()).isEqualTo(Rule.PART);
        assertThat(left.entry().x()).isGreaterThan(0.8);
        assertThat(left.words()).isEqualTo("from her left, toward the part");
        assertThat(right.entry().x()).isLessThan(-0.8);
        assertThat(right.words()).isEqualTo("from her right, toward the part");
    }

    /** One row between two parts is torn between them; a row that flanks one alone is not. */
    @Test
    void aRowBetweenTwoPartsIsContested() {
        Foundation close = RowLayout.lay(
                MEDIUM,
                FoundationBrief.of(14, 5, 12)
                        .withParts(List.of(WearingPart.straight(-8), WearingPart.straight(8)), FlankSchool.FINE_ROWS),
                OwnHair.ordinary());
        RowId between = close.parts().get(0).gap().right();
        assertThat(between).isEqualTo(close.parts().get(1).gap().left());
        Bearings bearings = new Bearings(MEDIUM, close.parts(), Method.usual(), DOWN);
        Vec2 on = close.row(between).orElseThrow().path().chartAt(60);
        assertThat(bearings.of(at(on.x(), on.y(), between, Role.PART, 0)).isContested())
                .isTrue();
        RowId outer = close.parts().get(0).gap().left();
        Vec2 out = close.row(outer).orElseThrow().path().chartAt(60);
        assertThat(bearings.of(at(out.x(), out.y(), outer, Role.PART, 0)).isContested())
                .isFalse();
    }

    /** A method may put the fall first; a knot that is hidden is hidden only if it is hooked toward the part all the same. */
    @Test
    void whereTheFallComesFirstOnlyHiddenKnotsGoTowardThePart() {
        Method fallFirst = Method.usual().with(Method.BearingFirst.FALL);
        Bearings bearings = new Bearings(MEDIUM, PARTED.parts(), fallFirst, UP);
        LaidPart part = PARTED.parts().get(0);
        Vec2 on = part.path().chart().get(part.path().chart().size() / 2);
        Station beside = at(on.x() - 6, on.y(), part.gap().left(), Role.PART, 0);
        assertThat(bearings.of(beside).rule()).isEqualTo(Rule.FALL);
        assertThat(bearings.of(beside.tied(Tie.of(Knot.INVISIBLE, 2))).rule()).isEqualTo(Rule.PART);
        Station edge = at(70, -60, new RowId(Section.PERIMETER, 1), Role.PERIMETER, Station.NO_PART);
        assertThat(bearings.of(edge).rule()).isEqualTo(Rule.FALL);
        // It is told that the updo would have had it go elsewhere.
        assertThat(bearings.of(edge).isContested()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(
            value = Role.class,
            names = {"PERIMETER", "PLAIT", "ROW"})
    void theEdgeOfAnUpdoIsHookedUpward(Role role) {
        Station edge = at(40, -110, new RowId(Section.PERIMETER, 1), role, Station.NO_PART);
        Bearing up = of(edge, UP);
        Vec3 toCrown = MEDIUM.at(Landmark.CROWN).minus(edge.space());
        boolean isEdge = role != Role.ROW;
        assertThat(up.rule()).isEqualTo(isEdge ? Rule.UPDO : Rule.FALL);
        assertThat(up.entry().dot(toCrown) > 0).isEqualTo(isEdge);
        if (isEdge) {
            assertThat(up.words()).isEqualTo("from below, up and away from the edge");
        }
        assertThat(of(edge, DOWN).rule()).isEqualTo(Rule.FALL);
    }

    /** Thrown across a gap: on the map, from straight to the face round by her right. */
    @ParameterizedTest
    @CsvSource({
        "0, from behind, toward the face",
        "90, from her left, toward her right",
        "180, from the front, toward the back",
        "-90, from her right, toward her left"
    })
    void whatIsThrownAcrossAGapKeepsItsWay(double deg, String from, String toward) {
        Station s = at(0, TOP_Y);
        Bearing across = Bearings.across(MEDIUM, s, Math.toRadians(deg));
        assertThat(across.rule()).isEqualTo(Rule.ACROSS);
        assertThat(across.words()).isEqualTo(from + ", across the gap, " + toward);
        assertThat(across.entry().norm()).isCloseTo(1, within(1e-9));
        assertThat(of(s.hooked(across), UP)).isEqualTo(across);
    }
}
