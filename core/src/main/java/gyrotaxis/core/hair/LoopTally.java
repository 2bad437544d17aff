package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Require;
import java.util.Collection;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * How many loops a set of shares takes, exactly.
 *
 * <p>A loop is split into one size only, since that is how it is done by hand: seven thirds take three loops and leave two
 * thirds, which go to wisps.
 *
 * @param sharesBySize how many shares of each size, larger shares first; each at least 1
 */
public record LoopTally(Map<Share, Integer> sharesBySize) {
    public LoopTally {
        TreeMap<Share, Integer> sorted = new TreeMap<>(sharesBySize);
        sorted.forEach((share, count) -> Require.inRange(count, 1, Integer.MAX_VALUE, share.words() + " count", ""));
        sharesBySize = Collections.unmodifiableMap(sorted);
    }

    /** The tally of shares taken one by one. */
    public static LoopTally of(Collection<Share> shares) {
        TreeMap<Share, Integer> counts = new TreeMap<>();
        shares.forEach(s -> counts.merge(s, 1, Integer::sum));
        return new LoopTally(counts);
    }

    /** Shares in all. */
    public int shares() {
        return sharesBySize.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** Whole loops that must be opened. */
    public int loops() {
        return sharesBySize.entrySet().stream()
                .mapToInt(e -> loops(e.getKey(), e.getValue()))
                .sum();
    }

    /** Shares that need a cut: all but whole loops. */
    public int splitShares() {
        return sharesBySize.entrySet().stream()
                .filter(e -> e.getKey().parts() > 1)
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    /** Whole loops that {@code count} shares of one size take. */
    public static int loops(Share share, int count) {
        return (count + share.parts() - 1) / share.parts();
    }

    /** Shares of one size left over once {@code count} are used, in [0, parts). */
    public static int leftOver(Share share, int count) {
        return loops(share, count) * share.parts() - count;
    }
}
