package gyrotaxis.core.training;

import gyrotaxis.core.practice.DrillKind;
import java.time.Instant;
import java.util.Optional;

/**
 * How far a learner is in one kind of drill.
 *
 * @param level at which she is to be asked next
 * @param tries how often she tried
 * @param right how many of these were right
 * @param memory what she remembers of it; empty before the first try
 * @param last when she tried last
 */
public record Skill(DrillKind kind, int level, int tries, int right, Optional<Memory> memory, Optional<Instant> last) {

    /** When it is to be asked again; empty before the first try. */
    public Optional<Instant> due() {
        return memory.flatMap(m ->
                last.map(at -> at.plusSeconds(Math.round(m.daysUntil(Memory.WANTED) * Training.DAY.toSeconds()))));
    }

    /** The chance that it is known at a time, in [0, 1]; 0 before the first try. */
    public double known(Instant now) {
        return memory.flatMap(m -> last.map(at -> m.known(Training.days(at, now))))
                .orElse(0.0);
    }

    /** Whether it is time to ask it again. */
    public boolean isDue(Instant now) {
        return due().map(at -> !at.isAfter(now)).orElse(false);
    }
}
