package gyrotaxis.core.wear;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Hair that lies over other hair follows it: wherever two shares' hair lies on one place, it lies one way. */
class FlowTest {
    private static final CoverGrid GRID = CoverGrid.of(MEDIUM, FallSimulator.USUAL_SAMPLES);

    /** Nearer than this to its root hair may still go its own way, mm. */
    private static final double THROWN_MM = 40;

    static Stream<Arguments> heads() {
        FoundationBrief plain = FoundationBrief.of(14, 5, 12);
        return Stream.of(
                        plain,
                        plain.withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS),
                        plain.withParts(List.of(WearingPart.straight(-35)), FlankSchool.FINE_ROWS))
                .map(b -> RowLayout.lay(MEDIUM, b, OwnHair.ordinary()))
                .flatMap(rows ->
                        Worn.all(rows).stream().filter(w -> !w.way().isUp()).map(w -> Arguments.of(rows, w)));
    }

    @ParameterizedTest
    @MethodSource("heads")
    void hairOnOnePlaceLiesOneWay(Foundation rows, Worn worn) {
        List<FallenHair> falls = falls(rows, worn);
        assertThat(falls).hasSizeGreaterThan(80);
        // 4 % of pairs swept and 20 % in the wind lay more than 40° apart when each share kept to its own way.
        assertThat(partOfPairsApart(directions(falls), Math.toRadians(40))).isLessThan(0.005);
        // A share's hair crossed that of 1.1 to 1.4 others worn down, of 2.1 to 2.5 swept, and of 9 in the wind.
        double crossings = crossings(falls.stream().map(FlowTest::onMap).toList(), Math.toRadians(25));
        assertThat(crossings / falls.size()).isLessThan(0.25);
    }

    private static List<FallenHair> falls(Foundation rows, Worn worn) {
        Hooked hooked = HookedHeads.hook(rows, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary());
        return FallSimulator.hair(GRID, rows, hooked, worn, 0);
    }

    private static List<Vec2> onMap(FallenHair f) {
        return f.line().subList(0, f.onHead()).stream()
                .map(MEDIUM.chart()::project)
                .toList();
    }

    /** The ways that hair lies in each square of a centimetre. */
    private static Collection<List<Vec3>> directions(List<FallenHair> falls) {
        Map<List<Long>, List<Vec3>> all = new HashMap<>();
        for (FallenHair f : falls) {
            double run = f.fall().riseMm();
            for (int i = 0; i + 1 < f.onHead(); i++) {
                Vec3 step = f.line().get(i + 1).minus(f.line().get(i));
                run += step.norm();
                if (run > THROWN_MM && step.norm() > 1e-6) {
                    Vec2 at = MEDIUM.chart().project(f.line().get(i)).times(0.1);
                    all.computeIfAbsent(List.of(Math.round(at.x()), Math.round(at.y())), k -> new ArrayList<>())
                            .add(step.unit());
                }
            }
        }
        return all.values();
    }

    private static double partOfPairsApart(Collection<List<Vec3>> places, double angle) {
        double pairs = 0;
        double apart = 0;
        for (List<Vec3> ways : places) {
            for (int i = 0; i < ways.size(); i++) {
                for (int j = 0; j < i; j++) {
                    pairs++;
                    apart += ways.get(i).dot(ways.get(j)) < Math.cos(angle) ? 1 : 0;
                }
            }
        }
        assertThat(pairs).isGreaterThan(500);
        return apart / pairs;
    }

    private static int crossings(List<List<Vec2>> lines, double angle) {
        int sum = 0;
        for (int a = 0; a < lines.size(); a++) {
            for (int b = 0; b < a; b++) {
                sum += cross(lines.get(a), lines.get(b), angle) ? 1 : 0;
            }
        }
        return sum;
    }

    private static boolean cross(List<Vec2> a, List<Vec2> b, double angle) {
        for (int i = 0; i + 1 < a.size(); i++) {
            for (int j = 0; j + 1 < b.size(); j++) {
                if (cross(a.get(i), a.get(i + 1), b.get(j), b.get(j + 1), angle)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean cross(Vec2 a, Vec2 b, Vec2 c, Vec2 d, double angle) {
        Vec2 u = b.minus(a);
        Vec2 v = d.minus(c);
        double det = turn(u, v);
        if (Math.abs(det) < u.norm() * v.norm() * Math.sin(angle)) {
            return false;
        }
        double s = turn(c.minus(a), v) / det;
        double t = turn(c.minus(a), u) / det;
        return s > 0 && s < 1 && t > 0 && t < 1;
    }

    private static double turn(Vec2 u, Vec2 v) {
        return u.x() * v.y() - u.y() * v.x();
    }
}
