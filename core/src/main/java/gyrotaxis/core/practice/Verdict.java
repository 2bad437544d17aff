package gyrotaxis.core.practice;

import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;

/**
 * What an answer was worth.
 *
 * @param isRight whether it counts as right
 * @param score how near it came, in [0, 1]; 1 where nothing was to be better
 * @param reason why the right answer is right, and what would have come of the one that was given
 * @param solution an answer that is right
 */
public record Verdict(boolean isRight, double score, Sentence reason, Answer solution) {
    public Verdict {
        Require.inRange(score, 0, 1, "score", "");
    }
}
