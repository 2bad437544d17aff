package gyrotaxis.core.hooking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hooking.Stagger.Spot;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Stations sit opposite the gaps of the row beside, as bricks are laid. */
class StaggerTest {
    private static final double EVERY_MM = 20;
    private static final double BESIDE_MM = 15;

    /** A straight row of stations, the first so far along. */
    private static List<Station> neighbours(double first, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> Station.placed(
                        new StationId(new RowId(Section.FRONT, 1), i + 1),
                        first + i * EVERY_MM,
                        new Vec2(0, 0),
                        new Vec3(0, first + i * EVERY_MM, 0),
                        Zone.FRONT,
                        Role.ROW,
                        Station.NO_PART,
                        Share.HALF))
                .toList();
    }

    private static List<Spot> spots(double first, int count) {
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            spots.add(new Spot(1, 0, new Vec3(BESIDE_MM, first + i * EVERY_MM, 0)));
        }
        return spots;
    }

    @Test
    void midwayBetweenTwoNothingIsUneven() {
        assertThat(Stagger.unevenness(spots(10, 4), neighbours(0, 6))).isCloseTo(0, within(1e-12));
    }

    /** Level with one neighbour: it is 15 mm away and the next √(15² + 20²) = 25. */
    @Test
    void levelWithOneItIsAsUnevenAsTheTwoDistancesDiffer() {
        assertThat(Stagger.unevenness(spots(20, 3), neighbours(0, 6))).isCloseTo((25.0 - 15) / 25, within(1e-12));
        assertThat(Stagger.unevenness(spots(20, 1), neighbours(0, 6)))
                .isCloseTo(Stagger.unevenness(spots(20, 3), neighbours(0, 6)), within(1e-12));
    }

    /** In whatever order the neighbours come, the two nearest count. */
    @Test
    void itIsTheTwoNearestThatCount() {
        List<Station> backwards = new ArrayList<>(neighbours(0, 6));
        Collections.reverse(backwards);
        for (double first : new double[] {0, 4, 10, 17}) {
            assertThat(Stagger.unevenness(spots(first, 4), backwards))
                    .isCloseTo(Stagger.unevenness(spots(first, 4), neighbours(0, 6)), within(1e-12));
        }
    }

    @Test
    void oneNeighbourIsNoRowToStaggerBy() {
        assertThat(Stagger.unevenness(spots(0, 3), neighbours(0, 1))).isZero();
        assertThat(Stagger.unevenness(spots(0, 3), neighbours(0, 2))).isPositive();
    }

    /** The first may lie at 0.15 to 0.75 of the spacing: half-way between neighbours that begin at the edge is at 0.5. */
    @Test
    void theRowBeginsWhereItLiesMidway() {
        List<Spot> best = Stagger.best(phase -> spots(phase * EVERY_MM, 5), neighbours(0, 8));
        assertThat(best.get(0).space().y() / EVERY_MM).isCloseTo(0.5, within(0.06));
        List<Spot> shifted = Stagger.best(phase -> spots(phase * EVERY_MM, 5), neighbours(0.7 * EVERY_MM, 8));
        assertThat(shifted.get(0).space().y() / EVERY_MM).isCloseTo(0.2, within(0.06));
    }

    @Test
    void withoutNeighboursItBeginsAsCloseToTheEdgeAsAny() {
        assertThat(Stagger.best(phase -> spots(phase * EVERY_MM, 5), List.of())
                        .get(0)
                        .space()
                        .y())
                .isCloseTo(0.15 * EVERY_MM, within(1e-9));
    }
}
