package gyrotaxis.core.training;

import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.core.quantity.Require;
import java.time.Instant;
import java.util.Optional;

/**
 * A drill that was answered.
 *
 * @param level in {@link Drill#LEVELS}
 * @param seed what with kind and level made it
 * @param score how near the answer came, in [0, 1]
 * @param seconds how long it took her, at least 0
 * @param guess what was said of a number, and what is so; empty where no number was asked for
 */
public record Tried(
        DrillKind kind,
        int level,
        int seed,
        boolean isRight,
        double score,
        double seconds,
        Optional<Guess> guess,
        Instant at) {
    public Tried {
        Require.inRange(level, Drill.LEVELS.min(), Drill.LEVELS.max(), "level", "");
        Require.inRange(score, 0, 1, "score", "");
        Require.atLeast(0, seconds, "seconds", "s");
    }

    /**
     * A number that was guessed.
     *
     * @param said more than 0
     * @param isSo more than 0
     */
    public record Guess(double said, double isSo) {
        public Guess {
            Require.atLeast(Double.MIN_NORMAL, said, "said", "");
            Require.atLeast(Double.MIN_NORMAL, isSo, "isSo", "");
        }

        /** How much too much was said, in parts of what is so; below 0 where too little. */
        public double over() {
            return said / isSo - 1;
        }
    }
}
