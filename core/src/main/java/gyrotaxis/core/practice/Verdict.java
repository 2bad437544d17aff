package gyrotaxis.core.practice;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;
import java.util.List;

/**
 * What an answer was worth.
 *
 * @param isRight whether it counts as right
 * @param score how near it came, in [0, 1]; 1 where nothing was to be better
 * @param reason why the right answer is right, and what would have come of the one that was given
 * @param solution an answer that is right
 * @param lies how the hair lies if it is done as is right, and then as was answered; empty where that is not what is asked about
 */
public record Verdict(boolean isRight, double score, Sentence reason, Answer solution, List<Lie> lies) {
    public Verdict {
        Require.inRange(score, 0, 1, "score", "");
        lies = List.copyOf(lies);
    }

    /** One on which no hair is drawn. */
    public Verdict(boolean isRight, double score, Sentence reason, Answer solution) {
        this(isRight, score, reason, solution, List.of());
    }

    /**
     * How a share lies.
     *
     * @param line its middle on the map from the root as far as it lies on the head, mm; at least 1 point
     * @param knot where its knot comes to lie, on the map, mm
     */
    public record Lie(List<Vec2> line, Vec2 knot) {
        public Lie {
            line = Require.notEmpty(List.copyOf(line), "line");
        }
    }
}
