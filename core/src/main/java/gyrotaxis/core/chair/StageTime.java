package gyrotaxis.core.chair;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * How long a stage took until now.
 *
 * @param spent what was counted until its clock last stood still; at least 0
 * @param runsSince when its clock began to run; empty while it stands still
 * @param isEnded whether it is over
 */
public record StageTime(Duration spent, Optional<Instant> runsSince, boolean isEnded) {
    static final StageTime NONE = new StageTime(Duration.ZERO, Optional.empty(), false);

    StageTime runningFrom(Instant at) {
        return runsSince.isPresent() ? this : new StageTime(spent, Optional.of(at), false);
    }

    /** A clock that was set back meanwhile counts nothing, rather than less than nothing. */
    StageTime standing(Instant at, boolean ended) {
        Duration more = runsSince.map(s -> Duration.between(s, at)).orElse(Duration.ZERO);
        return new StageTime(more.isNegative() ? spent : spent.plus(more), Optional.empty(), ended);
    }

    /** A clock that ran on unheeded, as if it had stood from one moment to another. */
    StageTime without(Instant from, Instant until) {
        return runsSince.isEmpty() ? this : new StageTime(standing(from, isEnded).spent, Optional.of(until), isEnded);
    }

    /** What it comes to at a moment. */
    public Duration at(Instant now) {
        return standing(now, isEnded).spent;
    }
}
