package gyrotaxis.core.laying;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

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

    /**
     * The sizes that were asked for, if they come to the rows there are.
     *
     * @param asked sizes from the client's left; 0 for a row that no other joins
     * @param front number of front rows
     * @param back number of back rows
     */
    static Optional<int[]> asked(List<Integer> asked, int front, int back) {
        int[] sizes = asked.stream().mapToInt(n -> n).toArray();
        boolean fits = sizes.length == back && Arrays.stream(sizes).sum() == front;
        return fits ? Optional.of(sizes) : Optional.empty();
    }

    /** The sizes without one group, whose rows go to the groups beside it, half to each side. */
    static int[] without(int[] sizes, int index) {
        int[] left = new int[sizes.length - 1];
        for (int i = 0; i < sizes.length; i++) {
            if (i != index) {
                left[i < index ? i : i - 1] = sizes[i];
            }
        }
        int toLeft = index == 0 ? 0 : index == left.length ? sizes[index] : (sizes[index] + 1) / 2;
        if (toLeft > 0) {
            left[index - 1] += toLeft;
        }
        if (sizes[index] > toLeft) {
            left[index] += sizes[index] - toLeft;
        }
        return left;
    }

    /** The sizes with two neighbouring groups as one. */
    static int[] together(int[] sizes, int index) {
        int[] joined = without(sizes, index + 1);
        int[] all = Arrays.copyOf(joined, joined.length);
        // Whatever went to the other side comes along, too.
        if (index + 1 < joined.length) {
            all[index] = sizes[index] + sizes[index + 1];
            all[index + 1] = sizes[index + 2];
        }
        return all;
    }

    /** The sizes with one group as two; the larger half on the client's left. */
    static int[] apart(int[] sizes, int index) {
        int[] more = new int[sizes.length + 1];
        for (int i = 0; i < sizes.length; i++) {
            more[i <= index ? i : i + 1] = sizes[i];
        }
        more[index] = (sizes[index] + 1) / 2;
        more[index + 1] = sizes[index] / 2;
        return more;
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
