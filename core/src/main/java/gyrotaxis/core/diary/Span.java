package gyrotaxis.core.diary;

import java.time.Duration;
import java.time.Instant;

/**
 * A stretch of time.
 *
 * @param from its first moment
 * @param until the moment after its last; after {@code from}
 */
public record Span(Instant from, Instant until) {
    public Span {
        if (!from.isBefore(until)) {
            throw new IllegalArgumentException("until is " + until + " but must be after " + from);
        }
    }

    /** A stretch of a length from a moment on. */
    public static Span of(Instant from, Duration length) {
        return new Span(from, from.plus(length));
    }

    /** How long it is. */
    public Duration length() {
        return Duration.between(from, until);
    }

    /** Whether any moment is in both; what ends as the other begins does not overlap it. */
    public boolean overlaps(Span o) {
        return from.isBefore(o.until) && o.from.isBefore(until);
    }

    /** Whether all of another lies in it. */
    public boolean holds(Span o) {
        return !o.from.isBefore(from) && !o.until.isAfter(until);
    }

    /** The same length from another moment on. */
    public Span startingAt(Instant other) {
        return of(other, length());
    }
}
