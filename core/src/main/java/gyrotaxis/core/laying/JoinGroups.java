package gyrotaxis.core.laying;

import java.util.Arrays;

/**
 * Which front rows become which back row.
 *
 * <p>Neighbours join; groups are as equal as the numbers allow, and where they cannot be equal the larger ones lie at the
 * sides, because outer rows carry least hair. Both sides match whenever the numbers allow it at all: with an even number
 * of back rows an odd front row in the middle has to go to one side, and goes to the client's left.
 */
final class JoinGroups {
    private JoinGroups() {}

    /**
     * The sizes of the groups, from the client's left to her right; they sum to {@code front} and are at least 1.
     *
     * @param front number of front rows
     * @param back number of back rows, in [1, front]
     */
    static int[] sizes(int front, int back) {
        int[] sizes = new int[back];
        Arrays.fill(sizes, front / back);
        int extra = front % back;
        // Pairs from the outside in, so that both sides match.
        for (int i = 0; extra >= 2 && i < back / 2; i++, extra -= 2) {
            sizes[i]++;
            sizes[back - 1 - i]++;
        }
        if (extra == 1) {
            sizes[back % 2 == 1 ? back / 2 : firstOfSmallest(sizes)]++;
        }
        return sizes;
    }

    /** Whether the groups read the same from both sides. */
    static boolean isSymmetric(int[] sizes) {
        for (int i = 0; i < sizes.length / 2; i++) {
            if (sizes[i] != sizes[sizes.length - 1 - i]) {
                return false;
            }
        }
        return true;
    }

    private static int firstOfSmallest(int[] sizes) {
        int least = 0;
        for (int i = 1; i < sizes.length; i++) {
            if (sizes[i] < sizes[least]) {
                least = i;
            }
        }
        return least;
    }
}
