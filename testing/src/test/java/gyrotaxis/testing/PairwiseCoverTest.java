package gyrotaxis.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PairwiseCoverTest {
    static Stream<int[]> sizes() {
        return Stream.of(new int[] {2, 2, 2}, new int[] {5, 10, 8, 5, 3, 2}, new int[] {3, 3}, new int[] {1, 4, 1});
    }

    @ParameterizedTest
    @MethodSource("sizes")
    void everyTwoValuesMeet(int[] sizes) {
        List<int[]> cover = PairwiseCover.of(sizes);
        for (int a = 0; a < sizes.length; a++) {
            for (int b = a + 1; b < sizes.length; b++) {
                int one = a;
                int other = b;
                assertThat(cover.stream().map(c -> c[one] * 1000 + c[other]).distinct())
                        .hasSize(sizes[a] * sizes[b]);
            }
        }
        Each.of(cover).allSatisfy(c -> {
            assertThat(c).hasSameSizeAs(sizes);
            for (int k = 0; k < sizes.length; k++) {
                assertThat(c[k]).isBetween(0, sizes[k] - 1);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("sizes")
    void isAlwaysTheSameAndFarFromAll(int[] sizes) {
        List<int[]> cover = PairwiseCover.of(sizes);
        assertThat(PairwiseCover.of(sizes)).usingRecursiveComparison().isEqualTo(cover);
        int largest = Arrays.stream(sizes)
                .sorted()
                .skip(Math.max(0, sizes.length - 2))
                .reduce(1, (x, y) -> x * y);
        assertThat(cover.size()).isLessThanOrEqualTo(2 * largest + 2);
    }
}
