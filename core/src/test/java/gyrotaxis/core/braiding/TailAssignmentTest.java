package gyrotaxis.core.braiding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TailAssignmentTest {
    /** How an assignment is judged: tails left over, then greatest bulk, then way in all. */
    private record Worth(int leftOver, double bulk, double way) {
        boolean isBetterThan(Worth o) {
            if (leftOver != o.leftOver) {
                return leftOver < o.leftOver;
            }
            return bulk != o.bulk ? bulk < o.bulk : way < o.way - 1e-9;
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void isAsGoodAsTryingEverything(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 60; round++) {
            int tails = 1 + random.nextInt(5);
            int places = 1 + random.nextInt(6);
            double[][] bulk = new double[tails][places];
            double[][] way = new double[tails][places];
            for (int i = 0; i < tails; i++) {
                for (int j = 0; j < places; j++) {
                    bulk[i][j] = random.nextInt(3) == 0 ? Double.POSITIVE_INFINITY : 1 + random.nextInt(8) / 4.0;
                    way[i][j] = random.nextInt(200);
                }
            }
            Worth found = worth(new TailAssignment(bulk, way).solve(), bulk, way);
            Worth best = best(new int[tails], 0, bulk, way);
            assertThat(found.leftOver()).isEqualTo(best.leftOver());
            assertThat(found.bulk()).isEqualTo(best.bulk());
            assertThat(found.way()).isCloseTo(best.way(), within(1e-6));
        }
    }

    @Test
    void noTailsAndNoPlacesAreNoTrouble() {
        assertThat(new TailAssignment(new double[0][0], new double[0][0]).solve())
                .isEmpty();
        double[][] nowhere = {{Double.POSITIVE_INFINITY}};
        assertThat(new TailAssignment(nowhere, new double[][] {{3}}).solve()).containsExactly(-1);
        assertThat(new TailAssignment(new double[][] {{}, {}}, new double[][] {{}, {}}).solve())
                .containsExactly(-1, -1);
    }

    private static Worth best(int[] place, int next, double[][] bulk, double[][] way) {
        if (next == place.length) {
            return worth(place, bulk, way);
        }
        Worth best = null;
        for (int j = -1; j < bulk[0].length; j++) {
            int candidate = j;
            boolean isTaken = j >= 0 && Arrays.stream(place, 0, next).anyMatch(p -> p == candidate);
            if (isTaken || (j >= 0 && Double.isInfinite(bulk[next][j]))) {
                continue;
            }
            place[next] = j;
            Worth w = best(place, next + 1, bulk, way);
            if (best == null || w.isBetterThan(best)) {
                best = w;
            }
        }
        place[next] = -1;
        return best;
    }

    private static Worth worth(int[] place, double[][] bulk, double[][] way) {
        int left = 0;
        double most = 0;
        double sum = 0;
        for (int i = 0; i < place.length; i++) {
            if (place[i] < 0) {
                left++;
            } else {
                most = Math.max(most, bulk[i][place[i]]);
                sum += way[i][place[i]];
            }
        }
        return new Worth(left, most, sum);
    }
}
