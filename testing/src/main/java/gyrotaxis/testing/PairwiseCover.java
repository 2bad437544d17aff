package gyrotaxis.testing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;

/**
 * A small set of combinations in which every two values of two factors meet at least once.
 *
 * <p>Greedy: each combination is the best of {@link #TRIES} random ones by the pairs that it is first to hold. Most faults of combinations
 * show where two values meet (Kuhn, Wallace and Gallo, Software Fault Interactions, 2004). The same sizes give the same set.
 */
public final class PairwiseCover {
    private static final int TRIES = 60;

    private PairwiseCover() {}

    /**
     * @param sizes how many values each factor has, each at least 1
     * @return combinations; each holds the index of a value for every factor
     */
    public static List<int[]> of(int... sizes) {
        Set<Long> open = new HashSet<>();
        for (int a = 0; a < sizes.length; a++) {
            for (int b = a + 1; b < sizes.length; b++) {
                for (int i = 0; i < sizes[a]; i++) {
                    for (int j = 0; j < sizes[b]; j++) {
                        open.add(pair(a, i, b, j));
                    }
                }
            }
        }
        SplittableRandom random = new SplittableRandom(sizes.length);
        List<int[]> chosen = new ArrayList<>();
        while (!open.isEmpty()) {
            int[] best = seeded(open.iterator().next(), sizes, random);
            for (int k = 1; k < TRIES; k++) {
                int[] other = seeded(open.iterator().next(), sizes, random);
                if (count(other, open) > count(best, open)) {
                    best = other;
                }
            }
            chosen.add(best);
            open.removeAll(pairs(best));
        }
        return chosen;
    }

    /** A random combination that holds a pair. */
    private static int[] seeded(long pair, int[] sizes, SplittableRandom random) {
        int[] values = new int[sizes.length];
        for (int a = 0; a < sizes.length; a++) {
            values[a] = random.nextInt(sizes[a]);
        }
        values[(int) (pair >> 48)] = (int) (pair >> 32 & 0xffff);
        values[(int) (pair >> 16 & 0xffff)] = (int) (pair & 0xffff);
        return values;
    }

    private static long count(int[] values, Set<Long> open) {
        return pairs(values).stream().filter(open::contains).count();
    }

    private static List<Long> pairs(int[] values) {
        List<Long> pairs = new ArrayList<>();
        for (int a = 0; a < values.length; a++) {
            for (int b = a + 1; b < values.length; b++) {
                pairs.add(pair(a, values[a], b, values[b]));
            }
        }
        return pairs;
    }

    private static long pair(int a, int i, int b, int j) {
        return (long) a << 48 | (long) i << 32 | (long) b << 16 | j;
    }
}
