package gyrotaxis.server.door;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;

/**
 * How long somebody who missed waits before the next try.
 *
 * <p>Method: the first {@value #FREE} misses cost nothing; then the wait doubles with each, from a second to a quarter of an hour, and
 * is forgotten a day after the last. What is waited for are keys (an address, a name), each by itself.
 */
final class BackOff {
    static final int FREE = 4;
    static final Duration MAX_DURATION = Duration.ofMinutes(15);

    private static final Duration FORGOTTEN = Duration.ofDays(1);
    private static final int MAX_KEYS = 20_000;
    private static final int MAX_DOUBLINGS = 12;

    private record Misses(int count, Instant last) {}

    private final Cache<String, Misses> misses;
    private final Clock clock;

    BackOff(Clock clock) {
        this.clock = clock;
        this.misses = Caffeine.newBuilder()
                .maximumSize(MAX_KEYS)
                .expireAfterWrite(FORGOTTEN)
                .build();
    }

    /**
     * Takes a try, which counts as a miss until it is {@link #met}: so of many at once no more get through than one after the other.
     *
     * @return zero if it may be tried now; else how long from now it may be, and nothing is counted
     */
    synchronized Duration take(Collection<String> keys) {
        Duration left = keys.stream().map(this::left).max(Duration::compareTo).orElse(Duration.ZERO);
        if (left.isZero()) {
            keys.forEach(key -> misses.asMap()
                    .merge(key, new Misses(1, clock.instant()), (a, b) -> new Misses(a.count() + 1, b.last())));
        }
        return left;
    }

    private Duration left(String key) {
        Misses m = misses.getIfPresent(key);
        if (m == null) {
            return Duration.ZERO;
        }
        Duration left = Duration.between(clock.instant(), m.last().plus(wait(m.count())));
        return left.isNegative() ? Duration.ZERO : left;
    }

    /** The wait after so many misses. */
    static Duration wait(int count) {
        if (count <= FREE) {
            return Duration.ZERO;
        }
        Duration doubled = Duration.ofSeconds(1L << Math.min(count - FREE - 1, MAX_DOUBLINGS));
        return doubled.compareTo(MAX_DURATION) > 0 ? MAX_DURATION : doubled;
    }

    /** What was missed under these keys is over. */
    void met(Collection<String> keys) {
        misses.invalidateAll(keys);
    }
}
